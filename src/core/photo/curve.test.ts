import { describe, expect, it } from 'vitest';
import { lengthOf, normals, resampled, smoothed, smoothedLine, spline } from './curve.ts';
import type { Point } from './types.ts';

const circle = (radius: number, n: number, turn = Math.PI): Point[] =>
  Array.from({ length: n + 1 }, (_, i): Point => {
    const a = (turn * i) / n;
    return [radius * Math.cos(a), radius * Math.sin(a)];
  });

describe('a polyline', () => {
  it('is as long as its parts: 3 and 4 make 7', () => {
    expect(
      lengthOf([
        [0, 0],
        [3, 0],
        [3, 4],
      ]),
    ).toBe(7);
    expect(lengthOf([[1, 1]])).toBe(0);
  });

  it('is walked in equal steps from its first point to its last', () => {
    const out = resampled(
      [
        [0, 0],
        [10, 0],
        [10, 5],
      ],
      1,
    );
    expect(out).toHaveLength(16);
    expect(out[0]).toEqual([0, 0]);
    expect(out.at(-1)).toEqual([10, 5]);
    expect(out[3]![0]).toBeCloseTo(3);
    expect(out[12]![1]).toBeCloseTo(2);
  });

  it('has its normals to the right of the way as it is seen', () => {
    const [n] = normals([
      [0, 0],
      [1, 0],
    ]);
    expect(n![0]).toBeCloseTo(0);
    expect(n![1]).toBeCloseTo(1);
  });
});

describe('a spline', () => {
  it('goes through its points and is nearly as long as the half circle that they are on', () => {
    const clicks = circle(60, 5);
    const line = spline(clicks, 0.5);
    for (const c of clicks)
      expect(Math.min(...line.map((p) => Math.hypot(p[0] - c[0], p[1] - c[1])))).toBeLessThan(0.3);
    // The chords themselves are 1.6 % short: sin 18° over its arc.
    expect(lengthOf(line) / (Math.PI * 60)).toBeGreaterThan(0.993);
    expect(lengthOf(line) / (Math.PI * 60)).toBeLessThan(1.002);
  });

  it('is straight through two points, and bears a point that was pressed twice', () => {
    expect(
      lengthOf(
        spline(
          [
            [0, 0],
            [30, 40],
          ],
          1,
        ),
      ),
    ).toBeCloseTo(50);
    expect(
      lengthOf(
        spline(
          [
            [0, 0],
            [0, 0],
            [30, 40],
          ],
          1,
        ),
      ),
    ).toBeCloseTo(50);
  });
});

describe('smoothing twice over', () => {
  it('keeps the length of a bend that a plain Gaussian shortens by σ²/2R²', () => {
    const [radius, sigma] = [40, 8];
    const step = lengthOf(circle(radius, 400)) / 400;
    const line = circle(radius, 400);
    const smooth = smoothedLine(line, sigma / step).slice(100, 301);
    const share = lengthOf(smooth) / lengthOf(line.slice(100, 301));
    // A plain one would leave 1 − 64/3200 = 98 %; twice over only the square of that is lost.
    expect(share).toBeGreaterThan(0.9993);
    expect(share).toBeLessThan(1.0001);
  });

  it('takes noise away and keeps ends and slopes', () => {
    const line = Array.from({ length: 101 }, (_, i) => 2 * i + (i % 2 === 0 ? 1 : -1));
    const out = smoothed(line, 4);
    for (let i = 20; i < 80; i++) expect(out[i]).toBeCloseTo(2 * i, 1);
    const slope = Array.from({ length: 30 }, (_, i) => 2 * i);
    for (const [i, v] of smoothed(slope, 2).entries()) expect(v).toBeCloseTo(2 * i, 6);
  });
});
