/**
 * How far the cord that a piece uses may be from what was worked out, before the maker's own pieces speak. All figures are
 * standard deviations of the natural logarithm of cord per length, or millimetres; the reasons are in docs/physics.md.
 */
export const PRIOR = {
  /** The same for every piece of this maker in this weave and cord: hands, engine and habit, family, softness, batch, drift. */
  maker: 0.031,
  weave: 0.022,
  family: 0.014,
  cordType: 0.014,
  batch: 0.011,
  drift: 0.004,
  /** One hand stronger than the other; ends of one piece. */
  hands: 0.008,
  ends: 0.007,
  /** This piece against the maker's others: its level, and the walk from its first row to its last. */
  pieceLevel: 0.018,
  pieceWalk: 0.02,
  /** One row of one end against the next. */
  row: 0.04,
  /** Row height: hands, weave, family, cord type, batch. */
  rowHeight: 0.05,
  rowLevel: 0.012,
  rowWalk: 0.01,
  /** A tighter hand makes shorter rows and uses more cord for each length. */
  correlation: -0.3,
  /** Steady tiring or warming up over the whole piece. */
  tiring: 0.02,
} as const;

/** Degrees of freedom of the common scale before any piece was recorded: the figures above are not yet proven. */
export const PRIOR_NU = 8;

/** Reading a limp end, a woven length, and all that is fixed of one end (loops, knots, snipped tails), in mm. */
export const TAPE = { limpMm: 8, wovenMm: 1.5, fixedMm: 10 } as const;

const square = (x: number): number => x * x;

/** Variance of the factor that all ends of a piece have in common: hands, weave, cord and the piece itself. */
export interface SharedSpread {
  /** What stays from piece to piece. */
  readonly lasting: number;
  /** Level and walk of this piece: √(level² + walk²/3). */
  readonly piece: number;
  /** Variance of what the first of two ends uses more than what both have in common, where a log knows it better than at first. */
  readonly apart?: number;
  /** By how much all variances are larger than was thought, where a log knows it: what lasts, the piece and the ends have it in them. */
  readonly scale?: number;
  /** Degrees of freedom of the common scale, where a log knows it better than at first. */
  readonly nu?: number;
}

export const PRIOR_SHARED: SharedSpread = {
  lasting: [PRIOR.maker, PRIOR.weave, PRIOR.family, PRIOR.cordType, PRIOR.batch, PRIOR.drift].reduce(
    (sum, sd) => sum + square(sd),
    0,
  ),
  piece: square(PRIOR.pieceLevel) + square(PRIOR.pieceWalk) / 3,
};

/** What is uncertain of a piece beside what lasts, with a common scale φ in it: its level and its walk. */
export const pieceVariance = (scale: number): number => scale * PRIOR_SHARED.piece;

/** What tells one end of a piece from the others, beside its rows: the maker's stronger hand, and this piece. */
export const apartOf = ({
  scale = 1,
  apart = scale * square(PRIOR.hands),
}: Pick<SharedSpread, 'scale' | 'apart'>): number => apart + scale * square(PRIOR.ends);

/**
 * Variance of the logarithm of what one end uses in the weave, and the share of it that it has in common with the
 * others. `wovenMm` is the cord that the weave takes of it, `rows` how many rows that are.
 */
export function endSpread(
  shared: SharedSpread,
  wovenMm: number,
  rows: number,
): { readonly variance: number; readonly loading: number } {
  const common = shared.lasting + shared.piece;
  const tape = (square(TAPE.limpMm) + square(TAPE.fixedMm)) / square(Math.max(1, wovenMm));
  const own = apartOf(shared) + (shared.scale ?? 1) * (square(PRIOR.row) / Math.max(1, rows) + tape);
  return { variance: common + own, loading: common / (common + own) };
}

/** What is fixed and read with a tape only: a core, or a cord without a woven stretch. In mm. */
export const FIXED_SD_MM = Math.hypot(TAPE.limpMm, TAPE.fixedMm);
