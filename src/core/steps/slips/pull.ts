import type { Pattern, SolvedFacts } from '../../patterns/types.ts';
import type { TightenOptions } from '../../tighten/run.ts';

/** How a stretch is pulled tight to be looked at. */
export type Pull = Pick<TightenOptions, 'squash' | 'load' | 'patience' | 'ease' | 'flatWithin'>;

/** Forces that may be left over, in usual ones: rows then lie within a hundredth of where they come to rest, which nobody sees. */
const EASE = 6;
/** A weave so many times wider than it is thick lies flat. */
const FLAT = 1.4;
/** Held flat by hand, it may become so much thicker than it is when tight. */
const THICKER = 1.05;
/** Strands that need less cord than this for the length of the weave run along it and never turn back, as in a braid. */
const RUNS_ALONG = 2;
/** Such a weave is held taut: so hard for each of its strands, in strand tensions. */
const TAUT = 0.3;

/**
 * As the weave itself is pulled tight; without cores held flat, and taut where all strands run along it. Nothing but the
 * maker's hands does that: pulled freely, a dozen rows of a braid, or one that is tied wrong, bunch up to two thirds of
 * their length and half as thick again.
 */
export function pullOf(facts: SolvedFacts | undefined, pattern: Pick<Pattern, 'patience'> | undefined): Pull {
  const { squash = 0.8, load = 0 } = facts ?? {};
  const usual = { squash, load, patience: pattern?.patience ?? 1, ease: EASE };
  if (!facts || !isHeld(facts)) return usual;
  const strands = facts.strands.reduce((sum, s) => sum + s.periods, 0);
  return {
    ...usual,
    load: runsAlong(facts) ? load - TAUT * strands : load,
    flatWithin: (THICKER * facts.thicknessD) / 2,
  };
}

/** Flat, and straight by nothing of its own. */
const isHeld = ({ turn, strands, widthD, thicknessD }: SolvedFacts): boolean =>
  turn === undefined && strands.every((s) => s.role !== 'core') && widthD > FLAT * thicknessD;

const runsAlong = ({ periodD, strands }: SolvedFacts): boolean =>
  strands.every((s) => s.lengthD < RUNS_ALONG * s.periods * periodD);
