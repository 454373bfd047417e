import { describe, expect, it } from 'vitest';
import type { Rope } from '../weave/types.ts';
import { girthD, hullPerimeter } from './girth.ts';
import { PATTERNS, solvedFacts } from './index.ts';

const rope = (points: number[][], radius = 0.5): Rope => ({
  period: 0,
  strands: [
    {
      name: 'S',
      role: 'work',
      kind: 'open',
      periods: 0,
      radius,
      weight: 1,
      points: Float64Array.from(points.flat()),
    },
  ],
});

describe('a line drawn tight round points', () => {
  it('is the perimeter of a square, whatever lies inside it', () => {
    const corners = [
      [0, 0],
      [2, 0],
      [2, 2],
      [0, 2],
    ] as const;
    expect(hullPerimeter(corners)).toBeCloseTo(8, 9);
    expect(hullPerimeter([...corners, [1, 1], [0.3, 1.9], [1, 0]])).toBeCloseTo(8, 9);
  });

  it('goes there and back along a line, and nowhere round one point', () => {
    expect(
      hullPerimeter([
        [0, 0],
        [3, 4],
      ]),
    ).toBeCloseTo(10, 9);
    expect(hullPerimeter([[1, 1]])).toBe(0);
  });
});

describe('girth of a knot', () => {
  it('of one straight cord along y is π diameters; of two side by side, two more', () => {
    expect(
      girthD(
        rope([
          [0, 0, 0],
          [0, 5, 0],
        ]),
      ),
    ).toBeCloseTo(Math.PI, 9);
    expect(
      girthD(
        rope([
          [0, 0, 0],
          [1, 5, 0],
        ]),
      ),
    ).toBeCloseTo(Math.PI + 2, 9);
  });

  it('of every knot lies between the circle of its thinner and the box of both its sides', () => {
    for (const p of PATTERNS) {
      const f = solvedFacts(p.id)!;
      if (f.kind !== 'open') continue;
      expect(f.girthD, p.id).toBeGreaterThan(Math.PI * Math.min(f.widthD, f.thicknessD) * 0.95);
      expect(f.girthD, p.id).toBeLessThan(2 * (f.widthD + f.thicknessD));
    }
  });
});
