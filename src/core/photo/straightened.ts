import { normals, resampled } from './curve.ts';
import { type Homography, seen } from './homography.ts';
import type { Point, Raster } from './types.ts';

/** Pixels a millimetre of the straightened picture. */
export const STRIP_PX_A_MM = 5;
/** Shown beyond the width on both sides, as a share of it. */
const BESIDE = 0.2;

/** The band as if it lay straight: its length to the right, true to scale. */
export function straightened(
  { width, height, data }: Raster,
  plane: Homography,
  middle: readonly Point[],
  widthMm: number,
): Raster {
  const line = resampled(middle, 1 / STRIP_PX_A_MM);
  const n = normals(line);
  const high = Math.max(8, Math.round(widthMm * (1 + 2 * BESIDE) * STRIP_PX_A_MM));
  const out = new Uint8ClampedArray(4 * line.length * high);
  for (const [i, p] of line.entries())
    for (let j = 0; j < high; j++) {
      const v = (j - (high - 1) / 2) / STRIP_PX_A_MM;
      const [x, y] = seen(plane, [p[0] + v * n[i]![0], p[1] + v * n[i]![1]]);
      const px = Math.max(0, Math.min(width - 1, Math.round(x)));
      const py = Math.max(0, Math.min(height - 1, Math.round(y)));
      const [from, to] = [4 * (py * width + px), 4 * (j * line.length + i)];
      for (let k = 0; k < 4; k++) out[to + k] = data[from + k]!;
    }
  return { width: line.length, height: high, data: out };
}
