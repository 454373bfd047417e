import { narrowestWidth, passLength, pitchOf, type RingOnMandrel } from './sizes.ts';
import type { RingShape } from './types.ts';

/** Share of each lead's way by which girth follows cord that is drawn out: η = 1 − d/(2P), at the narrowest width. */
export const takeUpShare = (ring: RingOnMandrel): number => 1 - ring.d / (2 * pitchOf(ring));

/** By how much the girth shrinks when so much cord is drawn out of a closed ring: ΔC = S/(p·L·η). */
export const girthLost = (ring: RingOnMandrel, drawnOut: number): number =>
  drawnOut / (ring.passes * ring.shape.leads * takeUpShare(ring));

/** How much cord must be drawn out for the girth to shrink by so much. */
export const cordToDraw = (ring: RingOnMandrel, girthLess: number): number =>
  girthLess * ring.passes * ring.shape.leads * takeUpShare(ring);

/**
 * The inside girth of the same cord pushed to its narrowest width: solves ℓ(C₂, W₀) = ℓ(C, W) by halving. A closed
 * ring keeps its girth.
 */
export function pushedNarrow(ring: RingOnMandrel, width: number): number {
  const narrow = narrowestWidth(ring);
  if (width <= narrow) return ring.girth;
  const cord = passLength(ring, width);
  let [low, high] = [ring.girth, 3 * ring.girth + 20 * ring.d];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (passLength({ ...ring, girth: middle }, narrow) < cord) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** No ring is worn smaller than this share of what it must pass: a wrist is hardly ever less of a hand. */
const WORN_LEAST = 0.7;

/**
 * Girth at which a ring is worn that must pass a hand: a closed ring is as large as the hand; an open one may be worn smaller, as
 * it grows when it is pushed narrow. Solves pushedNarrow(C) = girth that must pass, by halving.
 */
export function wornGirth(ring: Omit<RingOnMandrel, 'girth'>, width: number, mustPass: number): number {
  if (width <= narrowestWidth(ring)) return mustPass;
  let [low, high] = [WORN_LEAST * mustPass, mustPass];
  if (pushedNarrow({ ...ring, girth: low }, width) >= mustPass) return low;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (pushedNarrow({ ...ring, girth: middle }, width) < mustPass) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** A prior, until a maker's own rings are known: laying a half cycle, working its slack out, and each cord that it crosses, in seconds. */
export const SECONDS = { halfCycle: 15, slack: 12, crossing: 5 } as const;

/** Minutes for so many passes of a ring: 2B half cycles each, and p²·(L − 1)·B crossings in all. */
export const ringMinutes = ({ leads, bights }: Pick<RingShape, 'leads' | 'bights'>, passes: number): number =>
  (passes * 2 * bights * (SECONDS.halfCycle + SECONDS.slack) +
    passes * passes * (leads - 1) * bights * SECONDS.crossing) /
  60;
