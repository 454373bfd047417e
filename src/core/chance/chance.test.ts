import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawnFrom, tiedPiece } from '../../../scripts/tiedPiece.ts';
import { handLengthMm } from './hands.ts';
import { allBelow, allReach, marginFor } from './joint.ts';
import { below } from './normal.ts';
import { pieceState } from './piece.ts';
import { endSpread, PRIOR, PRIOR_NU, PRIOR_SHARED, TAPE } from './spread.ts';

/** Bisection on any rising function. */
function root(f: (x: number) => number, wanted: number): number {
  let [low, high] = [-5, 15];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (f(middle) < wanted) low = middle;
    else high = middle;
  }
  return low;
}

describe('the joint chance of several ends', () => {
  // Equicoordinate quantiles of two equally correlated normals, from the tables of the multivariate normal.
  it.each([
    [0.5, 0.9, 0.18],
    [0.5, 0.98, 0.08],
    [0.9, 0.9, 1.44],
    [0.9, 0.98, 1.357],
    [0.98, 0.9, 2.201],
    [0.98, 0.98, 2.127],
    [0.999, 0.9, 3.223],
    [0.999, 0.98, 3.16],
  ])('reaches %d with a correlation of %d at %d deviations', (promise, rho, q) => {
    expect(root((x) => allBelow([x, x], [rho, rho]), promise)).toBeCloseTo(q, 2);
  });

  it('is one end’s chance for one end, and the product for ends that share nothing', () => {
    expect(allBelow([1.3], [0.5])).toBeCloseTo(below(1.3), 9);
    expect(allBelow([1, 0.4], [0, 0])).toBeCloseTo(below(1) * below(0.4), 4);
  });

  it.each([
    [
      [1.2, 1.2],
      [0.9, 0.9],
    ],
    [
      [2.3, 0.4, 1],
      [0.8, 0.3, 0.95],
    ],
    [
      [-1, 2],
      [0.99, 0.5],
    ],
    [
      [-4, 3],
      [0.6, 0.6],
    ],
    [
      [7, 8, 9],
      [0.2, 0.9, 0.7],
    ],
    [
      [7, 0.5],
      [0.4, 0],
    ],
    [
      [2, 2, 2, -9],
      [0.9, 0.9, 0.9, 0.1],
    ],
  ])('of margins %j and loadings %j is the integral, added up plainly', (margins, loadings) => {
    const at = (t: number) =>
      margins.reduce(
        (all, z, i) => all * below((z - Math.sqrt(loadings[i]!) * t) / Math.sqrt(1 - loadings[i]!)),
        Math.exp((-t * t) / 2) / Math.sqrt(2 * Math.PI),
      );
    // Simpson's rule on −8…8.
    const [n, h] = [4000, 16 / 4000];
    let sum = at(-8) + at(8);
    for (let i = 1; i < n; i++) sum += at(-8 + i * h) * (i % 2 ? 4 : 2);
    expect(allBelow(margins, loadings)).toBeCloseTo((sum * h) / 3, 5);
  });

  // One-sided 98 % quantiles of Student's distribution: 2.449 at 8, 2.197 at 20, 2.123 at 40 degrees of freedom.
  it.each([
    [8, 2.449],
    [20, 2.197],
    [40, 2.123],
  ])('with the scale known from %d pieces it is Student’s', (nu, q) => {
    expect(root((x) => allReach([x], { loadings: [0], nu }), 0.98)).toBeCloseTo(q, 2);
  });

  it('needs more margin for more ends, for less that they share, and for a surer promise', () => {
    const q = (promise: number, ends: number, rho: number) =>
      marginFor(promise, { loadings: Array<number>(ends).fill(rho), nu: 8 });
    expect(q(0.98, 4, 0.9)).toBeGreaterThan(q(0.98, 2, 0.9));
    expect(q(0.98, 2, 0.5)).toBeGreaterThan(q(0.98, 2, 0.95));
    expect(q(0.999, 2, 0.9)).toBeGreaterThan(q(0.98, 2, 0.9));
    const kept = allReach([q(0.9, 2, 0.9), q(0.9, 2, 0.9)], { loadings: [0.9, 0.9], nu: 8 });
    expect(kept).toBeCloseTo(0.9, 4);
  });
});

describe('what one end may be off by', () => {
  it('is the sum of what is shared and what is its own, worked by hand', () => {
    // 1.6 m of weave in 30 rows: √(8² + 10²) = 12.8 mm of tape on 1600 mm is 0.8 %.
    const own = 0.008 ** 2 + 0.007 ** 2 + 0.04 ** 2 / 30 + (64 + 100) / 1600 ** 2;
    const { variance, loading } = endSpread({ lasting: 0.002, piece: 0.0005 }, 1600, 30);
    expect(variance).toBeCloseTo(0.0025 + own, 9);
    expect(loading).toBeCloseTo(0.0025 / (0.0025 + own), 9);
  });

  it('is near five per cent in all before a piece was recorded: what known cuts support', () => {
    const sd = Math.sqrt(PRIOR_SHARED.lasting + PRIOR_SHARED.piece);
    expect(sd).toBeGreaterThan(0.045);
    expect(sd).toBeLessThan(0.055);
  });
});

describe('what hands hold', () => {
  it.each([
    ['row', 'fingers', 3.68, 75],
    ['row', 'tool', 3.68, 40],
    ['knot', 'fingers', 3.68, 55],
    // Half of it stays, half goes with the cord: 75 × (0.5 + 0.25) in cord half as thick.
    ['row', 'fingers', 1.84, 56],
    ['row', 'fingers', 7.36, 113],
  ] as const)('for a %s by %s in cord of %d mm is %d mm', (act, tool, d, mm) => {
    expect(handLengthMm(act, tool, d)).toBe(mm);
  });
  it('is what the maker says, whatever else', () => expect(handLengthMm('row', 'tool', 2, 90)).toBe(90));
});

const straight = (perRow: number, fixed = 0) => ({
  usedMm: (rows: number) => fixed + rows * perRow,
  wovenMm: (rows: number) => rows * perRow,
});
const PIECE = {
  ends: [straight(27), straight(27)],
  rows: 30,
  rowMm: 6,
  shared: PRIOR_SHARED,
  rowSd: PRIOR.rowHeight,
};

describe('a piece under the hands', () => {
  it('begins at the plan, as uncertain as its cut was meant to be', () => {
    const state = pieceState(PIECE, []);
    const { variance } = endSpread(PRIOR_SHARED, 30 * 27, 30);
    for (const i of [0, 1]) {
      expect(state.totalMm[i]).toBeCloseTo(810, 6);
      expect(state.covariance[i]![i]! / 810 ** 2 / variance).toBeCloseTo(1, 1);
    }
    expect(state.nu).toBe(PRIOR_NU);
  });

  it('believes a measuring the more, the later it comes', () => {
    const measuredAt = (rows: number) =>
      pieceState(PIECE, [
        { rows, end: 0, usedMm: rows * 27 * 1.06 },
        { rows, end: 1, usedMm: rows * 27 * 1.06 },
        { rows, wovenMm: rows * 6 },
      ]);
    const shares = [5, 15, 25].map((rows) => measuredAt(rows).totalMm[0]! / 810);
    expect(shares[0]).toBeGreaterThan(1.01);
    expect(shares[1]).toBeGreaterThan(shares[0]!);
    expect(shares[2]).toBeGreaterThan(shares[1]!);
    expect(shares[2]).toBeLessThan(1.065);
    const sds = [5, 15, 25].map((rows) => Math.sqrt(measuredAt(rows).covariance[0]![0]!));
    expect(sds[1]).toBeLessThan(sds[0]!);
    expect(sds[2]).toBeLessThan(sds[1]!);
  });

  it('tells short rows from a hand that uses more: the length decides what is still needed', () => {
    const used = { rows: 15, end: 0, usedMm: 15 * 27 };
    const short = pieceState(PIECE, [used, { rows: 15, wovenMm: 15 * 5.6 }]);
    const usual = pieceState(PIECE, [used, { rows: 15, wovenMm: 15 * 6 }]);
    expect(short.rows.mean).toBeCloseTo(180 / 5.6, 0);
    expect(short.totalMm[0]!).toBeGreaterThan(usual.totalMm[0]! * 1.04);
  });

  it('learns nothing from one end about tape errors of the other', () => {
    const state = pieceState(PIECE, [{ rows: 29, end: 0, usedMm: 29 * 27 + TAPE.limpMm }]);
    expect(state.totalMm[0]!).toBeGreaterThan(state.totalMm[1]!);
  });
});

describe('a promise', () => {
  const N = 1500;
  it.each([0.9, 0.98])(
    'of %d is kept, within what chance allows, by a maker drawn from the prior',
    (promise) => {
      const normal = drawnFrom(Math.round(promise * 1e6));
      const { variance, loading } = endSpread(PRIOR_SHARED, 810, 30);
      const q = marginFor(promise, { loadings: [loading, loading], nu: PRIOR_NU });
      const cut = 810 * Math.exp(q * Math.sqrt(variance));
      let kept = 0;
      for (let n = 0; n < N; n++) if (tiedPiece(normal).total.every((u) => u <= cut)) kept++;
      const sd = Math.sqrt((promise * (1 - promise)) / N);
      expect(Math.abs(kept / N - promise)).toBeLessThan(2.6 * sd + 0.004);
    },
  );

  it('is still kept after a measuring half way: what was promised p happened in p of such pieces', () => {
    const normal = drawnFrom(7);
    const bins = [0, 0.25, 0.5, 0.75, 0.9, 1].map(() => ({ n: 0, promised: 0, kept: 0 }));
    for (let n = 0; n < 700; n++) {
      const piece = tiedPiece(normal);
      const state = pieceState(PIECE, [
        { rows: 15, end: 0, usedMm: piece.at[14]!.used[0]! },
        { rows: 15, end: 1, usedMm: piece.at[14]!.used[1]! },
        { rows: 15, wovenMm: piece.at[14]!.wovenMm },
      ]);
      // Cords that are sometimes long enough and sometimes not.
      const cut = 810 * (1 + 0.03 * normal());
      const z = state.totalMm.map((mean, i) => (cut - mean) / Math.sqrt(state.covariance[i]![i]!));
      const rho = state.covariance[0]![1]! / Math.sqrt(state.covariance[0]![0]! * state.covariance[1]![1]!);
      const p = allReach(z, { loadings: [rho, rho], nu: state.nu }, state.scale);
      const bin = bins[Math.min(5, Math.floor(p * 5))]!;
      bin.n++;
      bin.promised += p;
      if (piece.total.every((u) => u <= cut)) bin.kept++;
    }
    for (const { n, promised, kept } of bins.filter((b) => b.n > 40)) {
      const mean = promised / n;
      expect(Math.abs(kept / n - mean)).toBeLessThan(2.6 * Math.sqrt((mean * (1 - mean)) / n) + 0.03);
    }
  });
});

describe('margins', () => {
  it('are found for any promise and any ends, and are never less than none from 50 % on', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 0.9999, noNaN: true }),
        fc.array(fc.double({ min: 0, max: 0.99, noNaN: true }), { minLength: 1, maxLength: 9 }),
        (promise, loadings) => {
          const q = marginFor(promise, { loadings, nu: 8 });
          expect(q).toBeGreaterThanOrEqual(-0.01);
          expect(q).toBeLessThan(12);
        },
      ),
      { numRuns: 40 },
    );
  });
});
