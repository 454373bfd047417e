import type { Raster } from './types.ts';

/** Luma, red less green, blue less green…: three numbers in which cords and grounds differ. */
export type Colour = [luma: number, rg: number, by: number];

/** The colour between pixels, bilinear, into `out`; the nearest one beyond the edge. */
export function sampleInto(
  out: Colour | Float64Array,
  { width, height, data }: Raster,
  x: number,
  y: number,
): void {
  const cx = Math.max(0, Math.min(width - 1.001, x));
  const cy = Math.max(0, Math.min(height - 1.001, y));
  const [x0, y0] = [Math.floor(cx), Math.floor(cy)];
  const [fx, fy] = [cx - x0, cy - y0];
  const i = 4 * (y0 * width + x0);
  const j = i + 4 * width;
  const [wa, wb, wc, wd] = [(1 - fx) * (1 - fy), fx * (1 - fy), (1 - fx) * fy, fx * fy];
  const r = wa * data[i]! + wb * data[i + 4]! + wc * data[j]! + wd * data[j + 4]!;
  const g = wa * data[i + 1]! + wb * data[i + 5]! + wc * data[j + 1]! + wd * data[j + 5]!;
  const b = wa * data[i + 2]! + wb * data[i + 6]! + wc * data[j + 2]! + wd * data[j + 6]!;
  out[0] = 0.299 * r + 0.587 * g + 0.114 * b;
  out[1] = r - g;
  out[2] = b - (r + g) / 2;
}
