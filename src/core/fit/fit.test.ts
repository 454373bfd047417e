import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fingerHullMm, mostFingers } from './fingers.ts';
import { compareSchools, FLAT_ADD_MM, fitFor } from './schools.ts';

/** The hull's perimeter by brute force: points on every circle, monotone chain, edges added up. */
function sampledHull(girth: number, fingers: number, finger: number): number {
  const R = girth / (2 * Math.PI);
  const r = finger / 2;
  const phi = 2 * Math.asin(r / (R + r));
  const circles = [
    [0, 0, R],
    ...Array.from({ length: fingers }, (_, i) => {
      const a = (i - (fingers - 1) / 2) * phi;
      return [(R + r) * Math.cos(a), (R + r) * Math.sin(a), r];
    }),
  ] as [number, number, number][];
  const points = circles
    .flatMap(([x, y, c]) =>
      Array.from({ length: 4000 }, (_, k) => {
        const t = (2 * Math.PI * k) / 4000;
        return [x + c * Math.cos(t), y + c * Math.sin(t)] as [number, number];
      }),
    )
    .sort((p, q) => p[0] - q[0] || p[1] - q[1]);
  const chain = (list: [number, number][]) => {
    const out: [number, number][] = [];
    for (const p of list) {
      while (out.length > 1) {
        const [a, b] = [out.at(-2)!, out.at(-1)!];
        if ((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]) > 0) break;
        out.pop();
      }
      out.push(p);
    }
    return out;
  };
  const length = (c: [number, number][]) =>
    c.slice(1).reduce((sum, p, i) => sum + Math.hypot(p[0] - c[i]![0], p[1] - c[i]![1]), 0);
  return length(chain(points)) + length(chain(points.toReversed()));
}

describe('fingers under a band', () => {
  it.each([
    [165, 1, 15],
    [165, 2, 15],
    [400, 2, 18],
    [150, 4, 20],
  ])('girth %d with %d fingers agrees with a sampled convex hull', (girth, n, size) => {
    expect(fingerHullMm(girth, n, size)).toBeCloseTo(sampledHull(girth, n, size), 2);
  });

  it('is the girth itself without a finger, and grows with every finger', () => {
    expect(fingerHullMm(170, 0)).toBe(170);
    const sizes = [0, 1, 2, 3].map((n) => fingerHullMm(170, n));
    expect(sizes).toEqual(sizes.toSorted((a, b) => a - b));
    // A straw as well as a finger, and none of no thickness.
    expect(fingerHullMm(170, 1, 1.5)).toBeGreaterThan(170);
    expect(fingerHullMm(170, 1, 0)).toBe(170);
  });

  it('follows the leading term of its series on a large body', () => {
    // θ = 2·atan√x with x = r/R, so 4R√x − 2(R−r)θ = (16/3)·r·√x + O(x^1.5): worked out by hand.
    const [R, r] = [50_000, 5];
    const gain = fingerHullMm(2 * Math.PI * R, 1, 2 * r) - 2 * Math.PI * R;
    expect(gain / ((16 / 3) * r * Math.sqrt(r / R))).toBeCloseTo(1, 3);
  });
});

describe('schools of ease', () => {
  it('have an inch as makers round it, 25 mm', () => {
    expect(FLAT_ADD_MM).toBe(25);
  });

  it('says that a 9 mm bar loses 28 mm inside', () => {
    const f = fitFor(165, 9, { school: 'thickness', slackMm: 0 });
    expect(f.finishedMm - 165).toBeCloseTo(28.27, 2);
  });

  it('adds the flat inch whatever the thickness', () => {
    expect(fitFor(165, 3, { school: 'flat', addMm: 25 }).finishedMm).toBe(190);
    expect(fitFor(165, 12, { school: 'flat', addMm: 25 }).finishedMm).toBe(190);
  });

  it('takes the hull and the thickness together', () => {
    const f = fitFor(165, 9, { school: 'fingers', fingers: 1 });
    expect(f.finishedMm).toBeCloseTo(sampledHull(165, 1, 15) + 9 * Math.PI, 2);
  });

  it('keeps an unusual choice in the comparison, first', () => {
    const all = compareSchools(165, 9, { school: 'thickness', slackMm: 5 });
    expect(all[0]!.ease).toEqual({ school: 'thickness', slackMm: 5 });
    expect(all).toHaveLength(8);
  });

  it('never makes a band shorter for a bigger body', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 80, max: 300, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        (g, more) => {
          const now = compareSchools(g, 9, { school: 'fingers', fingers: 1 });
          const later = compareSchools(g + more, 9, { school: 'fingers', fingers: 1 });
          now.forEach((s, i) => {
            expect(later[i]!.finishedMm).toBeGreaterThanOrEqual(s.finishedMm - 1e-9);
          });
        },
      ),
    );
  });
});

describe('the line round a body and fingers', () => {
  it.each([
    [165, 1, 15],
    [165, 2, 15],
    [400, 4, 15],
    // A small body beside a large finger, and a body that fingers hide altogether.
    [44, 1, 15],
    [44, 2, 15],
    [44, 3, 15],
    [20, 1, 40],
    [20, 2, 40],
    [120, 4, 40],
  ])('of %d mm with %d fingers of %d mm is what a hull of many points measures', (girth, fingers, finger) => {
    expect(fingerHullMm(girth, fingers, finger) / sampledHull(girth, fingers, finger)).toBeCloseTo(1, 4);
  });

  it('is always a length, longer for more and thicker fingers', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 900, noNaN: true }),
        fc.integer({ min: 1, max: 4 }),
        fc.double({ min: 5, max: 40, noNaN: true }),
        (girth, fingers, finger) => {
          const hull = fingerHullMm(girth, fingers, finger);
          expect(hull).toBeGreaterThan(girth);
          expect(hull).toBeGreaterThanOrEqual(fingerHullMm(girth, fingers - 1, finger) - 1e-9);
          expect(fingerHullMm(girth, 1, finger * 1.1)).toBeGreaterThan(fingerHullMm(girth, 1, finger));
        },
      ),
    );
  });

  it('six equal discs find room round a seventh, and no more', () => {
    expect(mostFingers(15 * Math.PI, 15)).toBe(6);
    expect(fingerHullMm(15 * Math.PI, 9, 15)).toBeCloseTo(fingerHullMm(15 * Math.PI, 6, 15), 9);
  });
});
