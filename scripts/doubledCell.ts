import type { Rope, RopeStrand } from '../src/core/weave/types.ts';
import { wind } from '../src/core/weave/wind.ts';

/**
 * The same weave with twice its period: a strand that closes after an odd number of periods is written out twice, one
 * that closes after an even number becomes two. A weave that is truly tight stays as it is in a doubled cell.
 */
export function doubleCell(rope: Rope): Rope {
  const flat = rope.turn === undefined ? rope : wind(rope, -rope.turn);
  const twice: Rope = {
    ...flat,
    period: 2 * rope.period,
    strands: flat.strands.flatMap((s) => doubleStrand(s, rope.period)),
  };
  return rope.turn === undefined ? twice : wind({ ...twice, turn: 0 }, 2 * rope.turn);
}

function doubleStrand(strand: RopeStrand, period: number): RopeStrand[] {
  if (strand.periods % 2 === 0) {
    const half = { ...strand, periods: strand.periods / 2 };
    return [half, { ...half, name: `${strand.name}'`, points: shift(strand.points, period) }];
  }
  const again = shift(strand.points, strand.periods * period);
  const points = new Float64Array(strand.points.length * 2);
  points.set(strand.points);
  points.set(again, strand.points.length);
  return [{ ...strand, points }];
}

function shift(points: Float64Array, dy: number): Float64Array {
  return points.map((v, i) => (i % 3 === 1 ? v + dy : v));
}
