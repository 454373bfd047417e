import { PRIOR } from '../chance/spread.ts';
import type { Group } from './evidence.ts';

/** Standard deviations of the two log factors of a term: s on cord per length, h on row height. */
export interface Pair {
  readonly s: number;
  readonly h: number;
}

/**
 * The terms of the model before any piece: those of cord per length are the planner's own (docs/physics.md), those of row height add up to its spread of
 * row height (0.05).
 */
export const TERMS: Readonly<Record<'maker' | Group, Pair>> = {
  maker: { s: PRIOR.maker, h: 0.035 },
  weave: { s: PRIOR.weave, h: 0.025 },
  family: { s: PRIOR.family, h: 0.015 },
  cord: { s: PRIOR.cordType, h: 0.018 },
  batch: { s: PRIOR.batch, h: 0.012 },
};

export const DRIFT: Pair = { s: PRIOR.drift, h: PRIOR.drift };

/** This piece against the maker's others: its level, and the walk from its first row to its last, whose mean has a third of its variance. */
export const PIECE: Pair = {
  s: Math.hypot(PRIOR.pieceLevel, PRIOR.pieceWalk / Math.sqrt(3)),
  h: Math.hypot(PRIOR.rowLevel, PRIOR.rowWalk / Math.sqrt(3)),
};

/** Share of entries that are slips of the pen, and how far off those are (log scale). */
export const BLUNDER = { share: 0.01, sd: 0.25 } as const;

/** A jump of the hand: how likely at any piece, and how large. */
export const JUMP = { share: 0.02, sd: 0.05 } as const;

/** An entry further off than this many standard deviations is asked about. */
export const ASK_BEYOND = 4;

/** Variances and covariance of a pair. */
export const blockOf = ({ s, h }: Pair): readonly [ss: number, sh: number, hh: number] => [
  s * s,
  PRIOR.correlation * s * h,
  h * h,
];
