import type { Rope, RopeStrand } from '../weave/types.ts';

/**
 * The same weave with twice its period: a strand that closes after an odd number of periods is written out twice, one
 * that closes after an even number becomes two. A weave that is truly tight stays as it is in a doubled cell.
 */
export function doubleCell(rope: Rope): Rope {
  return { period: 2 * rope.period, strands: rope.strands.flatMap((s) => doubled(s, rope.period)) };
}

function doubled(strand: RopeStrand, period: number): RopeStrand[] {
  if (strand.periods % 2 === 0) {
    const half = { ...strand, periods: strand.periods / 2 };
    return [half, { ...half, name: `${strand.name}'`, points: shifted(strand.points, period) }];
  }
  const again = shifted(strand.points, strand.periods * period);
  const points = new Float64Array(strand.points.length * 2);
  points.set(strand.points);
  points.set(again, strand.points.length);
  return [{ ...strand, points }];
}

function shifted(points: Float64Array, dy: number): Float64Array {
  return points.map((v, i) => (i % 3 === 1 ? v + dy : v));
}
