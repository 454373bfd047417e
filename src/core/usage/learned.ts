import { pieceVariance } from '../chance/spread.ts';
import type { Forecast } from '../log/predict.ts';
import { counted, num, type Why, why } from '../why/why.ts';
import type { WeaveMetrics } from './metrics.ts';

/** Below this share a hand is as calculated. */
const AS_CALCULATED = 0.005;

/** The metrics as the maker's own log says them: cord per length and row height by its factors, and what is still unsure of both. */
export function withLearned(engine: WeaveMetrics, forecast: Forecast): WeaveMetrics {
  const { s, h, varS, varH, scale, nu } = forecast;
  return {
    ...engine,
    rowHeightMm: engine.rowHeightMm * Math.exp(h),
    strands: engine.strands.map((x) =>
      x.role === 'core' ? x : { ...x, perLength: x.perLength * Math.exp(s) },
    ),
    // Sizes may be off by two standard deviations.
    spread: Math.min(engine.spread, 2 * Math.sqrt(varH)),
    shared: { lasting: varS, piece: pieceVariance(scale), nu },
    ...(forecast.tiring ? { tiring: forecast.tiring } : {}),
    source: why`rope engine, and your log: ${learnedWords(forecast)}; ×${num(Math.exp(s), 3)} cord per length, ×${num(Math.exp(h), 3)} row height`,
  };
}

/** “you use about 4 % less cord than calculated, from 6 pieces, 2 of this weave”. */
export function learnedWords({ s, pieces }: Pick<Forecast, 's' | 'pieces'>): Why {
  const share = Math.exp(s) - 1;
  const from = why`from ${counted(pieces.all, 'piece')}${pieces.ofWeave > 0 ? why`, ${num(pieces.ofWeave, 0)} of this weave` : why`, none of this weave yet`}`;
  if (Math.abs(share) < AS_CALCULATED) return why`you use as much cord as calculated, ${from}`;
  return why`you use about ${num(100 * Math.abs(share), 0)} % ${share > 0 ? 'more' : 'less'} cord than calculated, ${from}`;
}
