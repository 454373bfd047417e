import { describe, expect, it } from 'vitest';
import { seeded } from '../random.ts';
import { homography, inverse, multiply, seen } from './homography.ts';
import type { Point } from './types.ts';

const SQUARE: readonly Point[] = [
  [0, 0],
  [10, 0],
  [10, 10],
  [0, 10],
];

describe('the homography of four points', () => {
  it('is a plain scale and shift where it can be: a square of 10 drawn three times as large, 5 to the right', () => {
    const h = homography(
      SQUARE,
      SQUARE.map(([x, y]): Point => [3 * x + 5, 3 * y]),
    )!;
    expect([...h].map((v) => Math.round(v * 1e9) / 1e9 + 0)).toEqual([3, 0, 5, 0, 3, 0, 0, 0, 1]);
    expect(seen(h, [4, 7])).toEqual([expect.closeTo(17), expect.closeTo(21)]);
  });

  it('takes the corners where they belong, keeps straight lines, and its inverse leads back', () => {
    const uniform = seeded(11);
    const off = () => 200 * (uniform() - 0.5);
    for (let n = 0; n < 200; n++) {
      const to: Point[] = [
        [100 + off(), 100 + off()],
        [900 + off(), 120 + off()],
        [880 + off(), 700 + off()],
        [110 + off(), 680 + off()],
      ];
      const h = homography(SQUARE, to)!;
      for (const [i, p] of SQUARE.entries())
        for (const k of [0, 1]) expect(seen(h, p)[k]).toBeCloseTo(to[i]![k]!, 6);
      const [a, b, c] = [seen(h, [0, 2]), seen(h, [5, 5]), seen(h, [10, 8])];
      const cross = (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
      expect(Math.abs(cross)).toBeLessThan(1e-6 * Math.hypot(c[0] - a[0], c[1] - a[1]) ** 2);
      const p: Point = [10 * uniform(), 10 * uniform()];
      const back = seen(inverse(h), seen(h, p));
      expect(back[0]).toBeCloseTo(p[0], 6);
      expect(back[1]).toBeCloseTo(p[1], 6);
    }
  });

  it('is none where three points are in line', () => {
    const line: Point[] = [
      [0, 0],
      [5, 0],
      [10, 0],
      [0, 10],
    ];
    expect(homography(line, SQUARE)).toBeUndefined();
  });
});

it('multiplies matrices row by column', () => {
  const [a, b] = [
    [1, 2, 3, 4, 5, 6, 7, 8, 9],
    [1, 0, 0, 0, 0, 1, 0, 1, 0],
  ];
  // The second one trades the last two columns.
  expect([...multiply(a, b)]).toEqual([1, 3, 2, 4, 6, 5, 7, 9, 8]);
});
