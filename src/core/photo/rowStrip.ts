import { normals, resampled } from './curve.ts';
import { type Homography, seen } from './homography.ts';
import { type Colour, sampleInto } from './sample.ts';
import type { Point, Raster } from './types.ts';

/** Lanes side by side over this share of the width. */
const LANES = 11;
const SHARE = 0.92;
/** Samples of each repeat that is expected. */
export const PER_REPEAT = 24;
/** What is slower than this is light and shadow, in repeats. */
const HIGH_PASS = 0.6;

/** Brightness and colour along the band, high-passed, to a contrast of one: each lane and channel a series of `count`. */
export interface RowStrip {
  readonly count: number;
  readonly series: readonly Float64Array[];
}

/** Cuts the strip out of the picture on the plane on which the bumps are seen. */
export function rowStrip(
  raster: Raster,
  plane: Homography,
  middle: readonly Point[],
  widthMm: number,
  repeatMm: number,
): RowStrip {
  const line = resampled(middle, repeatMm / PER_REPEAT);
  const n = normals(line);
  const c: Colour = [0, 0, 0];
  const count = line.length;
  const series = Array.from({ length: 3 * LANES }, () => new Float64Array(count));
  for (const [i, p] of line.entries())
    for (let lane = 0; lane < LANES; lane++) {
      const v = (lane / (LANES - 1) - 0.5) * SHARE * widthMm;
      const [x, y] = seen(plane, [p[0] + v * n[i]![0], p[1] + v * n[i]![1]]);
      sampleInto(c, raster, x, y);
      for (let k = 0; k < 3; k++) series[3 * lane + k]![i] = c[k]!;
    }
  return { count, series: evened(series, HIGH_PASS * PER_REPEAT) };
}

/** Each series less its own slow part; then all of them over the local contrast that they have together. */
function evened(series: readonly Float64Array[], sigma: number): Float64Array[] {
  const fast = series.map((s) => {
    const slow = blur(s, sigma);
    return s.map((v, i) => v - slow[i]!);
  });
  const count = series[0]!.length;
  const energy = new Float64Array(count);
  for (const s of fast) for (let i = 0; i < count; i++) energy[i]! += s[i]! ** 2;
  const local = blur(energy, 2 * sigma);
  const floor = (0.2 * local.reduce((a, b) => a + b, 0)) / count;
  return fast.map((s) => s.map((v, i) => v / Math.sqrt(local[i]! + floor + 1e-9)));
}

/** A Gaussian whose weights are those of what is there. */
export function blur(s: Float64Array, sigma: number): Float64Array {
  const reach = Math.ceil(3 * sigma);
  const weights = Float64Array.from({ length: reach + 1 }, (_, k) => Math.exp(-0.5 * (k / sigma) ** 2));
  return s.map((_, i) => {
    let [sum, total] = [0, 0];
    for (let k = -reach; k <= reach; k++) {
      const j = i + k;
      if (j < 0 || j >= s.length) continue;
      const w = weights[Math.abs(k)]!;
      sum += w * s[j]!;
      total += w;
    }
    return sum / total;
  });
}
