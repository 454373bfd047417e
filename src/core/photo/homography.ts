import type { Point } from './types.ts';

/** A plane seen by a camera: 3 × 3, row by row, from mm of the plane to pixels, the last element 1. */
export type Homography = Float64Array;

/** Where a point of the plane is seen. */
export function seen(h: ArrayLike<number>, [x, y]: Point): Point {
  const w = h[6]! * x + h[7]! * y + h[8]!;
  return [(h[0]! * x + h[1]! * y + h[2]!) / w, (h[3]! * x + h[4]! * y + h[5]!) / w];
}

/** The other way; the adjugate serves, as scale does not matter. */
export function inverse(h: ArrayLike<number>): Float64Array {
  const [a, b, c, d, e, f, g, i, k] = Array.from(h) as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  return Float64Array.of(
    e * k - f * i,
    c * i - b * k,
    b * f - c * e,
    f * g - d * k,
    a * k - c * g,
    c * d - a * f,
    d * i - e * g,
    b * g - a * i,
    a * e - b * d,
  );
}

export function multiply(a: ArrayLike<number>, b: ArrayLike<number>): Float64Array {
  const out = new Float64Array(9);
  for (let r = 0; r < 3; r++)
    for (let c = 0; c < 3; c++) for (let k = 0; k < 3; k++) out[3 * r + c]! += a[3 * r + k]! * b[3 * k + c]!;
  return out;
}

/**
 * The homography that takes four points to four others, after Hartley: both sets moved to their centroid and scaled to a
 * mean distance of √2, then an 8 × 8 system. Undefined where three of them are in line.
 */
export function homography(from: readonly Point[], to: readonly Point[]): Homography | undefined {
  const [a, b] = [normalised(from), normalised(to)];
  const rows = a.points.flatMap(([x, y], i): number[][] => {
    const [u, v] = b.points[i]!;
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ];
  });
  const solved = gauss(rows);
  if (!solved) return undefined;
  const h = multiply(inverse(b.transform), multiply([...solved, 1], a.transform));
  if (!(Math.abs(h[8]!) > 1e-12)) return undefined;
  const out = h.map((v) => v / h[8]!);
  return out.every(Number.isFinite) ? out : undefined;
}

function normalised(points: readonly Point[]): { points: Point[]; transform: Float64Array } {
  const n = points.length;
  const cx = points.reduce((s, p) => s + p[0], 0) / n;
  const cy = points.reduce((s, p) => s + p[1], 0) / n;
  const mean = points.reduce((s, p) => s + Math.hypot(p[0] - cx, p[1] - cy), 0) / n;
  const k = Math.SQRT2 / (mean || 1);
  return {
    points: points.map(([x, y]): Point => [k * (x - cx), k * (y - cy)]),
    transform: Float64Array.of(k, 0, -k * cx, 0, k, -k * cy, 0, 0, 1),
  };
}

/** Gauss with partial pivoting of n rows of n + 1; undefined where the rows depend on each other. */
function gauss(rows: number[][]): number[] | undefined {
  const n = rows.length;
  for (let c = 0; c < n; c++) {
    let best = c;
    for (let r = c + 1; r < n; r++) if (Math.abs(rows[r]![c]!) > Math.abs(rows[best]![c]!)) best = r;
    if (!(Math.abs(rows[best]![c]!) > 1e-9)) return undefined;
    [rows[c], rows[best]] = [rows[best]!, rows[c]!];
    for (let r = c + 1; r < n; r++) {
      const f = rows[r]![c]! / rows[c]![c]!;
      for (let k = c; k <= n; k++) rows[r]![k]! -= f * rows[c]![k]!;
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let r = n - 1; r >= 0; r--) {
    let sum = rows[r]![n]!;
    for (let k = r + 1; k < n; k++) sum -= rows[r]![k]! * x[k]!;
    x[r] = sum / rows[r]![r]!;
  }
  return x;
}
