import { findCord } from '../cord/cords.ts';
import type { Make } from '../formats/make.ts';
import type { Knowledge } from '../plan/knowledge.ts';
import { weaveMetrics } from '../usage/metrics.ts';
import type { Swatch } from '../usage/swatch.ts';
import type { Evidence } from './evidence.ts';
import { type Learned, learn } from './filter.ts';
import { evidenceOf, evidenceOfSwatch, familyOf } from './makes.ts';
import { type Forecast, forecast } from './predict.ts';

/** A maker's log, worked through: what every piece taught, and the forecast for any weave in any cord. */
export interface WorkedLog {
  readonly evidence: readonly Evidence[];
  readonly learned: Learned;
  /** Nothing before the first piece that counts. */
  readonly forecast: (weave: string, cord: string) => Forecast | undefined;
}

/** Works through the pieces that count, with the maker's swatches as short pieces among them. */
export function workLog(
  makes: readonly Make[],
  swatches: readonly Swatch[],
  leftOut: ReadonlySet<string>,
  know: Knowledge,
): WorkedLog {
  const pieces = makes.flatMap((m) => (leftOut.has(m.id) ? [] : (evidenceOf(m, know) ?? [])));
  const short = swatches.flatMap((s) => {
    const [facts, cord] = [know.facts(s.patternId), findCord(s.cordId)];
    return facts && cord ? [evidenceOfSwatch(s, weaveMetrics(facts, cord))] : [];
  });
  const evidence = [...short, ...pieces];
  const learned = learn(evidence);
  return {
    evidence: pieces,
    learned,
    forecast: (weave, cord) =>
      pieces.length === 0 ? undefined : forecast(learned, { weave, family: familyOf(weave), cord }),
  };
}
