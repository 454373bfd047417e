import { pieceVariance } from '../chance/spread.ts';
import type { Forecast } from '../log/predict.ts';
import { counted, num, percent, type Why, why } from '../why/why.ts';
import type { WeaveMetrics } from './metrics.ts';

/** Below this share a hand is as calculated. */
const AS_CALCULATED = 0.005;

/** The metrics as the maker's own log says them: cord per length and row height by its factors, and what is still unsure of both. */
export function withLearned(engine: WeaveMetrics, forecast: Forecast): WeaveMetrics {
  const { s, h, varS, varH, scale, nu, ends, varEnds } = forecast;
  const pair = varEnds === undefined ? undefined : pairOf(engine);
  const side = (name: string) => (name === pair?.[0] ? 1 : name === pair?.[1] ? -1 : 0);
  return {
    ...engine,
    rowHeightMm: engine.rowHeightMm * Math.exp(h),
    strands: engine.strands.map((x) =>
      x.role === 'core' ? x : { ...x, perLength: x.perLength * Math.exp(s + side(x.name) * ends) },
    ),
    // Sizes may be off by two standard deviations.
    spread: Math.min(engine.spread, 2 * Math.sqrt(varH)),
    shared: {
      lasting: varS,
      piece: pieceVariance(scale),
      nu,
      ...(varEnds === undefined ? {} : { scale }),
      ...(pair && varEnds !== undefined ? { apart: varEnds } : {}),
    },
    ...(forecast.tiring ? { tiring: forecast.tiring } : {}),
    source: why`rope engine, and your log: ${learnedWords(forecast)}; ×${num(Math.exp(s), 3)} cord per length, ×${num(Math.exp(h), 3)} row height${pair ? endsWords(pair, ends) : []}`,
  };
}

/** The two working strands that one hand each pulls; nothing where there are more, or one that passes twice. */
export function pairOf({ strands }: Pick<WeaveMetrics, 'strands'>): readonly [string, string] | undefined {
  const [a, b, ...more] = strands.filter((x) => x.role !== 'core');
  return a && b && more.length === 0 && a.lanes === 1 && b.lanes === 1 ? [a.name, b.name] : undefined;
}

/** Which of two ends uses more, where it is more than half a per cent. */
function endsWords([a, b]: readonly [string, string], ends: number): Why {
  const more = Math.exp(2 * Math.abs(ends)) - 1;
  if (more < AS_CALCULATED) return [];
  const [longer, shorter] = ends > 0 ? [a, b] : [b, a];
  return why`; of your two ends ${longer} uses ${percent(Math.round(1000 * more) / 1000)} more than ${shorter}`;
}

/** “you use about 4 % less cord than calculated, from 6 pieces, 2 of this weave”. */
export function learnedWords({ s, pieces }: Pick<Forecast, 's' | 'pieces'>): Why {
  const share = Math.exp(s) - 1;
  const from = why`from ${counted(pieces.all, 'piece')}${pieces.ofWeave > 0 ? why`, ${num(pieces.ofWeave, 0)} of this weave` : why`, none of this weave yet`}`;
  if (Math.abs(share) < AS_CALCULATED) return why`you use as much cord as calculated, ${from}`;
  return why`you use about ${num(100 * Math.abs(share), 0)} % ${share > 0 ? 'more' : 'less'} cord than calculated, ${from}`;
}
