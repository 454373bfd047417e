import { describe, expect, it } from 'vitest';
import { findPattern } from '../patterns/index.ts';
import { seeded } from '../random.ts';
import { build } from '../weave/build.ts';
import { swing } from './swing.ts';

const built = build(findPattern('diamond')!.draw(), seeded(1));
if (!built.ok) throw new Error('the diamond cannot be built');
const mat = built.value.rope;
const worn = swing(mat);

const firstY = (p: Float64Array) => p[1]!;
const lastY = (p: Float64Array) => p.at(-2)!;

describe('a mat’s leads swung out of its plane', () => {
  it('leave downwards at their first ends and upwards at their last, near the axis', () => {
    for (const s of worn.strands) {
      expect(firstY(s.points)).toBeLessThan(-10);
      expect(lastY(s.points)).toBeGreaterThan(10);
      for (const [x, z] of [
        [s.points[0]!, s.points[2]!],
        [s.points.at(-3)!, s.points.at(-1)!],
      ] as const)
        expect(Math.hypot(x, z)).toBeLessThan(4);
    }
  });

  it('move nothing but the leads: the mat’s inner points are only turned, z becoming the knot’s length', () => {
    const [before, after] = [mat.strands[0]!.points, worn.strands[0]!.points];
    const middle = 3 * Math.floor(before.length / 6);
    const turned = [before[middle]!, before[middle + 2]!, -before[middle + 1]!];
    const found = Array.from({ length: after.length / 3 }, (_, i) => after.slice(3 * i, 3 * i + 3)).some(
      (p) => p.every((v, axis) => Math.abs(v - turned[axis]!) < 1e-9),
    );
    expect(found).toBe(true);
  });
});
