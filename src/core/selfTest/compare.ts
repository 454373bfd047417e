import type { SolvedFacts } from '../patterns/types.ts';

/** Knots that every part of the engine has a hand in: open ends, a braid without cores, a bar with cores. */
export const TRIED = ['overhand', 'flat-braid-3', 'solomon-bar'] as const;

/** The same sums on another machine may end a little differently, never by more than this share. */
export const MOST_OFF = 0.01;

/**
 * By how much a knot that was pulled tight here is off the one that was shipped: the largest share among the lengths of
 * its strands, its width, its thickness and its length. Infinite where they are not the same knot.
 */
export function offBy(here: SolvedFacts, shipped: SolvedFacts): number {
  if (here.strands.length !== shipped.strands.length || here.kind !== shipped.kind)
    return Number.POSITIVE_INFINITY;
  const pairs: (readonly [number, number])[] = [
    [here.widthD, shipped.widthD],
    [here.thicknessD, shipped.thicknessD],
    [here.bodyD ?? here.periodD, shipped.bodyD ?? shipped.periodD],
    ...here.strands.map((s, i) => [s.lengthD, shipped.strands[i]!.lengthD] as const),
  ];
  return Math.max(
    ...pairs.map(([a, b]) => (Number.isFinite(a) ? Math.abs(a - b) / b : Number.POSITIVE_INFINITY)),
  );
}
