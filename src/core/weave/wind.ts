import type { Rope } from './types.ts';

/** The rope with every point turned by y/P of an angle about the y axis; undoes itself with the angle negated. */
export function wind(rope: Rope, angle: number): Rope {
  const turned = (points: Float64Array) => {
    const out = points.slice();
    for (let i = 0; i < out.length; i += 3) {
      const a = (angle * points[i + 1]!) / rope.period;
      out[i] = Math.cos(a) * points[i]! + Math.sin(a) * points[i + 2]!;
      out[i + 2] = Math.cos(a) * points[i + 2]! - Math.sin(a) * points[i]!;
    }
    return out;
  };
  return {
    ...rope,
    turn: (rope.turn ?? 0) + angle,
    strands: rope.strands.map((s) => ({ ...s, points: turned(s.points) })),
  };
}
