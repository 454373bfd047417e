import type { Rope, RopeStrand } from '../weave/types.ts';

/** The same strands with edges of nearly equal length `h` (cord diameters), walked along the polyline. */
export function resample(rope: Rope, h: number): Rope {
  return { ...rope, strands: rope.strands.map((s) => resampleStrand(s, rope, h)) };
}

function resampleStrand(strand: RopeStrand, rope: Rope, h: number): RopeStrand {
  const src = strand.points;
  const n = src.length / 3;
  const isOpen = strand.kind === 'open';
  const edges = isOpen ? n - 1 : n;
  const shiftY = strand.kind === 'periodic' ? strand.periods * rope.period : 0;
  // The closing point is the first one's image: shifted, and turned where the weave winds.
  const angle = (rope.turn ?? 0) * strand.periods;
  const closing = [
    Math.cos(angle) * src[0]! + Math.sin(angle) * src[2]!,
    src[1]! + shiftY,
    Math.cos(angle) * src[2]! - Math.sin(angle) * src[0]!,
  ];
  const arc = new Float64Array(edges + 1);
  const at = (i: number, axis: number) => (i < n ? src[3 * i + axis]! : closing[axis]!);
  for (let e = 0; e < edges; e++) {
    arc[e + 1] =
      arc[e]! + Math.hypot(at(e + 1, 0) - at(e, 0), at(e + 1, 1) - at(e, 1), at(e + 1, 2) - at(e, 2));
  }
  const total = arc[edges]!;
  const pieces = Math.max(isOpen ? 2 : 3, Math.round(total / h));
  const count = isOpen ? pieces + 1 : pieces;
  const points = new Float64Array(3 * count);
  let e = 0;
  for (let k = 0; k < count; k++) {
    const s = (total * k) / pieces;
    while (e < edges - 1 && arc[e + 1]! < s) e++;
    const span = arc[e + 1]! - arc[e]!;
    const t = span > 0 ? (s - arc[e]!) / span : 0;
    for (let axis = 0; axis < 3; axis++) {
      points[3 * k + axis] = at(e, axis) * (1 - t) + at(e + 1, axis) * t;
    }
  }
  return { ...strand, points };
}
