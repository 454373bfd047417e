import type { Point } from './types.ts';

const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

/** Length of a polyline, in its own unit. */
export const lengthOf = (line: readonly Point[]): number =>
  line.reduce((sum, p, i) => sum + (i > 0 ? distance(line[i - 1]!, p) : 0), 0);

/** Points every `step` along a polyline, the last one included; its own corners are passed over. */
export function resampled(line: readonly Point[], step: number): Point[] {
  const total = lengthOf(line);
  const count = Math.max(1, Math.round(total / step));
  const out: Point[] = [line[0]!];
  let [i, done] = [0, 0];
  for (let k = 1; k < count; k++) {
    const want = (total * k) / count;
    while (i < line.length - 2 && done + distance(line[i]!, line[i + 1]!) < want)
      done += distance(line[i]!, line[++i]!);
    const [a, b] = [line[i]!, line[i + 1]!];
    const t = (want - done) / (distance(a, b) || 1);
    out.push([a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])]);
  }
  out.push(line.at(-1)!);
  return out;
}

/** A smooth way through points: Catmull and Rom's spline with centripetal knots, which neither loops nor overshoots. */
export function spline(points: readonly Point[], step: number): Point[] {
  const clean = points.filter((p, i) => i === 0 || distance(p, points[i - 1]!) > 1e-6);
  if (clean.length < 3) return resampled(clean.length < 2 ? [...clean, ...clean] : clean, step);
  const mirrored = (end: Point, next: Point): Point => [2 * end[0] - next[0], 2 * end[1] - next[1]];
  const p = [mirrored(clean[0]!, clean[1]!), ...clean, mirrored(clean.at(-1)!, clean.at(-2)!)];
  const fine: Point[] = [];
  for (let i = 1; i < p.length - 2; i++) {
    const pieces = Math.max(2, Math.ceil((4 * distance(p[i]!, p[i + 1]!)) / step));
    for (let k = 0; k < pieces; k++) fine.push(between(p[i - 1]!, p[i]!, p[i + 1]!, p[i + 2]!, k / pieces));
  }
  fine.push(clean.at(-1)!);
  return resampled(fine, step);
}

/** Barry and Goldman's pyramid from the second point (t = 0) to the third one (t = 1). */
function between(a: Point, b: Point, c: Point, d: Point, t: number): Point {
  const t1 = Math.sqrt(distance(a, b)) || 1e-6;
  const t2 = t1 + (Math.sqrt(distance(b, c)) || 1e-6);
  const t3 = t2 + (Math.sqrt(distance(c, d)) || 1e-6);
  const at = t1 + t * (t2 - t1);
  const mix = (p: Point, q: Point, from: number, to: number): Point => {
    const s = (at - from) / (to - from);
    return [p[0] + s * (q[0] - p[0]), p[1] + s * (q[1] - p[1])];
  };
  const [ab, bc, cd] = [mix(a, b, 0, t1), mix(b, c, t1, t2), mix(c, d, t2, t3)];
  return mix(mix(ab, bc, 0, t2), mix(bc, cd, t1, t3), t1, t2);
}

/** A Gaussian over equally spaced values; beyond its ends a series goes on turned about them, so that slopes stay. */
function gaussian(values: readonly number[], sigma: number): number[] {
  const reach = Math.ceil(3.5 * sigma);
  const weights = Array.from({ length: reach + 1 }, (_, k) => Math.exp(-0.5 * (k / (sigma || 1)) ** 2));
  const n = values.length;
  const at = (i: number): number => {
    if (i < 0) return 2 * values[0]! - values[Math.min(n - 1, -i)]!;
    if (i >= n) return 2 * values[n - 1]! - values[Math.max(0, 2 * (n - 1) - i)]!;
    return values[i]!;
  };
  return values.map((v, i) => {
    let [sum, total] = [v, 1];
    for (let k = 1; k <= reach; k++) {
      sum += weights[k]! * (at(i - k) + at(i + k));
      total += 2 * weights[k]!;
    }
    return sum / total;
  });
}

/**
 * Smoothed twice over: what the first pass took away is smoothed and put back, y = Gx + G(x − Gx). A plain Gaussian of σ
 * shortens a bend of radius R by σ²/2R²; this one does so only by the square of that.
 */
export function smoothed(values: readonly number[], sigma: number): number[] {
  const once = gaussian(values, sigma);
  const rest = gaussian(
    values.map((v, i) => v - once[i]!),
    sigma,
  );
  return once.map((v, i) => v + rest[i]!);
}

export function smoothedLine(line: readonly Point[], sigma: number): Point[] {
  const x = smoothed(
    line.map((p) => p[0]),
    sigma,
  );
  const y = smoothed(
    line.map((p) => p[1]),
    sigma,
  );
  return x.map((v, i): Point => [v, y[i]!]);
}

/** Unit normals of a polyline, to its right as seen on the screen. */
export function normals(line: readonly Point[]): Point[] {
  return line.map((_, i): Point => {
    const [a, b] = [line[Math.max(0, i - 1)]!, line[Math.min(line.length - 1, i + 1)]!];
    const d = distance(a, b) || 1;
    return [-(b[1] - a[1]) / d, (b[0] - a[0]) / d];
  });
}
