import type { Point, Rope, RopeStrand } from '../weave/types.ts';

/** Strands nearer than this, over touching distance, still belong to the knot. */
const NEAR = 1.12;
/** A lead goes on beyond the knot for this long before it bends, in diameters. */
const CLEAR = 1;
const LONG = 18;
/** How much nearer to the axis a lead ends than it left the knot. */
const GATHERED = 0.15;

/**
 * A knot that is drawn as a mat, its leads apart in the plane, as it is worn: the standing parts (first ends) led down
 * from the mat side by side, the working ends up. Only straight leads are moved, beyond every crossing, so the knot
 * stays what it is. The mat's z becomes the knot's length y.
 */
export function swing(rope: Rope): Rope {
  return { ...rope, strands: rope.strands.map((s, i) => ({ ...s, points: swung(rope, s, i) })) };
}

function swung(rope: Rope, strand: RopeStrand, index: number): Float64Array {
  const all: Point[] = [];
  for (let k = 0; k < strand.points.length; k += 3)
    all.push([strand.points[k]!, strand.points[k + 1]!, strand.points[k + 2]!]);
  const body = kept(all, (p) => touches(rope, index, p));
  const [first, last] = [body[0]!, body.at(-1)!];
  return Float64Array.from(
    [...lead(first, -1).toReversed(), ...body, ...lead(last, 1)].flatMap(([x, y, z]) => [x, z, -y]),
  );
}

/** From the first to the last point that touches something, and a little more. */
function kept(points: readonly Point[], isTouching: (p: Point) => boolean): Point[] {
  let from = points.findIndex(isTouching);
  let to = points.findLastIndex(isTouching);
  const gap = (i: number, j: number) =>
    Math.hypot(...[0, 1, 2].map((axis) => points[i]![axis]! - points[j]![axis]!));
  for (let way = 0; from > 0 && way < CLEAR; from--) way += gap(from, from - 1);
  for (let way = 0; to < points.length - 1 && way < CLEAR; to++) way += gap(to, to + 1);
  return points.slice(from, to + 1);
}

function touches(rope: Rope, own: number, p: Point): boolean {
  return rope.strands.some((other, i) => {
    if (i === own) return false;
    const q = other.points;
    const limit = (other.radius + rope.strands[own]!.radius) * NEAR;
    for (let k = 0; k < q.length; k += 3)
      if (Math.hypot(p[0] - q[k]!, p[1] - q[k + 1]!, p[2] - q[k + 2]!) < limit) return true;
    return false;
  });
}

/** Out of the plane, then along the axis. */
function lead([x, y]: Point, side: 1 | -1): Point[] {
  const near = GATHERED;
  return [
    [x * 1.1, y * 1.1, side * 2.5],
    [x * 1.1, y * 1.1, side * 7],
    [x * near, y * near, side * 13],
    [x * near, y * near, side * (13 + LONG)],
  ];
}
