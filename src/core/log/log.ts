import { findCord } from '../cord/cords.ts';
import type { Make } from '../formats/make.ts';
import type { Knowledge } from '../plan/knowledge.ts';
import { weaveMetrics } from '../usage/metrics.ts';
import type { Swatch } from '../usage/swatch.ts';
import type { Evidence } from './evidence.ts';
import { type Learned, learn } from './filter.ts';
import { type Foretold, foretold } from './kept.ts';
import { evidenceOf, evidenceOfSwatch, familyOf } from './makes.ts';
import { type Forecast, forecast } from './predict.ts';

/** A maker's log, worked through: its pieces that count, what every one taught, and how each was foretold. Plain data. */
export interface WorkedLog {
  readonly evidence: readonly Evidence[];
  readonly learned: Learned;
  readonly foretold: readonly Foretold[];
}

/** What a log says of a weave in a cord; nothing before the first piece that counts. */
export const forecastOf = (
  { evidence, learned }: Pick<WorkedLog, 'evidence' | 'learned'>,
  weave: string,
  cord: string,
): Forecast | undefined =>
  evidence.length === 0 ? undefined : forecast(learned, { weave, family: familyOf(weave), cord });

/** What the maker has said of single pieces, by their ids. */
export interface LogChoices {
  /** Those that do not count. */
  readonly leftOut: readonly string[];
  /** Those whose odd entries are right. */
  readonly confirmed: readonly string[];
  /** What was finished before this does not count: the maker began anew. In ms. */
  readonly since?: number;
}

/** Works through the pieces that count, with the maker's swatches as short pieces among them. */
export function workLog(
  makes: readonly Make[],
  swatches: readonly Swatch[],
  choices: LogChoices,
  know: Knowledge,
): WorkedLog {
  const [leftOut, confirmed] = [new Set(choices.leftOut), new Set(choices.confirmed)];
  const pieces = makes.flatMap((m): Evidence[] => {
    const counts = !leftOut.has(m.id) && m.finishedAt >= (choices.since ?? 0);
    const evidence = counts ? evidenceOf(m, know) : undefined;
    return evidence ? [confirmed.has(m.id) ? { ...evidence, isConfirmed: true } : evidence] : [];
  });
  const short = swatches.flatMap((s) => {
    const [facts, cord] = [know.facts(s.patternId), findCord(s.cordId)];
    return facts && cord ? [evidenceOfSwatch(s, weaveMetrics(facts, cord))] : [];
  });
  return { evidence: pieces, learned: learn([...short, ...pieces]), foretold: foretold(pieces) };
}
