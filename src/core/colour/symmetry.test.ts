import { describe, expect, it } from 'vitest';
import { distance } from './symmetry.ts';

describe('from a point to a curve that repeats itself', () => {
  // Out by two and back again, then straight on to its next period: (0, 0), (2, 1), (0, 2), and (0, 4) again.
  const curve = {
    at: [
      [0, 0, 0],
      [2, 1, 0],
      [0, 2, 0],
    ],
    spanD: 4,
  } as const;
  const to = (x: number, y: number, z = 0) => distance(curve, x, y, z);

  it('is to the nearest of its edges, not only to its points', () => {
    expect(to(0, 0)).toBe(0);
    // At right angles to an edge that goes 2 across and 1 along: 2 / √5 and 1 / √5.
    expect(to(0, 1)).toBeCloseTo(2 / Math.sqrt(5), 9);
    expect(to(0.5, 0.75)).toBeCloseTo(1 / Math.sqrt(5), 9);
    expect(to(1, 0.5, 0.3)).toBeCloseTo(0.3, 9);
    // Beyond the corner at (2, 1) the corner itself is nearest.
    expect(to(2.5, 1)).toBeCloseTo(0.5, 9);
    expect(to(3, 1, 1)).toBeCloseTo(Math.SQRT2, 9);
  });

  it('has an edge from its last point to the first of its next period', () => {
    expect(to(0, 3)).toBeCloseTo(0, 9);
    expect(to(-0.4, 3)).toBeCloseTo(0.4, 9);
    expect(to(-0.4, 3.5, 0.3)).toBeCloseTo(0.5, 9);
  });

  it('is the same a period further on, and before the first', () => {
    for (const [x, y] of [
      [0.3, 0.4],
      [0.9, 1.6],
      [-0.2, 3.4],
    ] as const)
      for (const turns of [-2, -1, 1, 2, 5]) expect(to(x, y + 4 * turns)).toBeCloseTo(to(x, y), 9);
  });
});

describe('a curve in space', () => {
  it('is as far as its nearest edge is, slanting towards the eye or not', () => {
    const slant = {
      at: [
        [0, 0, 0],
        [0, 2, 2],
      ],
      spanD: 4,
    } as const;
    // The way up is 2 along and 2 towards the eye; a point above its middle is √2 / 2 of one off it.
    expect(distance(slant, 0, 1, 2)).toBeCloseTo(Math.SQRT1_2, 9);
    expect(distance(slant, 0.5, 1, 1)).toBeCloseTo(0.5, 9);
    expect(distance(slant, 0, 3, 0)).toBeCloseTo(Math.SQRT1_2, 9);
  });
});
