import { findCord } from '../cord/cords.ts';
import type { Make } from '../formats/make.ts';
import type { Knowledge } from '../plan/knowledge.ts';
import { weaveMetrics } from '../usage/metrics.ts';
import type { Swatch } from '../usage/swatch.ts';
import type { Evidence } from './evidence.ts';
import { type Learned, learn } from './filter.ts';
import { type Foretold, foretold } from './kept.ts';
import { evidenceIn, evidenceOfSwatch, familyOf, plannedAgain, timedIn } from './makes.ts';
import {
  type LearnedMinutes,
  learnMinutes,
  type MinutesForecast,
  minutesForecast,
  type Timed,
} from './minutes.ts';
import { type Forecast, forecast } from './predict.ts';
import { type LearnedTiring, learnTiring, tiringIn } from './tiring.ts';

/** A maker's log, worked through: its pieces that count, what every one taught, and how each was foretold. Plain data. */
export interface WorkedLog {
  readonly evidence: readonly Evidence[];
  readonly learned: Learned;
  readonly foretold: readonly Foretold[];
  /** How long pieces took, and what that taught. */
  readonly timed: readonly Timed[];
  readonly minutes: LearnedMinutes;
  /** Whether the hand tires, from pieces that were measured on the way. */
  readonly tiring: LearnedTiring;
}

/** What a log says of a weave in a cord; nothing before the first piece that counts. */
export const forecastOf = (
  { evidence, learned, tiring }: Pick<WorkedLog, 'evidence' | 'learned' | 'tiring'>,
  weave: string,
  cord: string,
): Forecast | undefined =>
  evidence.length === 0
    ? undefined
    : {
        ...forecast(learned, { weave, family: familyOf(weave), cord }),
        ...(tiring.pieces > 0 ? { tiring: { mean: tiring.mean, sd: tiring.sd } } : {}),
      };

/** What the times say of a weave; nothing before the first piece that was timed. */
export const minutesOf = (
  { minutes }: Pick<WorkedLog, 'minutes'>,
  weave: string,
): MinutesForecast | undefined => minutesForecast(minutes, { weave, family: familyOf(weave) });

/** What the maker has said of single pieces, by their ids. */
export interface LogChoices {
  /** Those that do not count. */
  readonly leftOut: readonly string[];
  /** Those whose odd entries are right. */
  readonly confirmed: readonly string[];
  /** What was finished before this does not count: the maker started afresh. In ms. */
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
  const counting = makes.flatMap((make) => {
    const counts = !leftOut.has(make.id) && make.finishedAt >= (choices.since ?? 0);
    const again = counts ? plannedAgain(make, know) : undefined;
    return again ? [{ make, again }] : [];
  });
  const pieces = counting.flatMap(({ make, again }): Evidence[] => {
    const evidence = evidenceIn(make, again);
    return evidence ? [confirmed.has(make.id) ? { ...evidence, isConfirmed: true } : evidence] : [];
  });
  const timed = counting.flatMap(({ make, again }) => timedIn(make, again, know) ?? []);
  const short = swatches.flatMap((s) => {
    const [facts, cord] = [know.facts(s.patternId), findCord(s.cordId)];
    return facts && cord ? [evidenceOfSwatch(s, weaveMetrics(facts, cord))] : [];
  });
  return {
    evidence: pieces,
    learned: learn([...short, ...pieces]),
    foretold: foretold(pieces),
    timed,
    minutes: learnMinutes(timed),
    tiring: learnTiring(counting.flatMap(({ make, again }) => tiringIn(make, again) ?? [])),
  };
}
