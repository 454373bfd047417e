import { fix } from './shape.ts';
import type { Tube } from './tubes.ts';

/** A stretch of cord within one slice of depth, as it lies on screen. */
export interface DrawnRun {
  readonly tube: Tube;
  readonly slice: number;
  /** Its width on screen over the round cord's. */
  readonly share: number;
  readonly xs: number[];
  readonly ys: number[];
  readonly arcMm: number;
}

/** A run as a polyline, reaching `reach` beyond both ends. */
export function polyline({ xs, ys }: DrawnRun, reach: number): string {
  const last = xs.length - 1;
  const [ax, ay] = beyond(xs[1]!, ys[1]!, xs[0]!, ys[0]!, reach);
  const [bx, by] = beyond(xs[last - 1]!, ys[last - 1]!, xs[last]!, ys[last]!, reach);
  let out = `M${fix(ax)} ${fix(ay)}`;
  for (let i = 1; i < last; i++) out += `L${fix(xs[i]!)} ${fix(ys[i]!)}`;
  return `${out}L${fix(bx)} ${fix(by)}`;
}

function beyond(x0: number, y0: number, x1: number, y1: number, reach: number): [number, number] {
  const length = Math.hypot(x1 - x0, y1 - y0);
  if (length < 1e-9) return [x1, y1];
  return [x1 + ((x1 - x0) / length) * reach, y1 + ((y1 - y0) / length) * reach];
}

/** Places at every `spacing` mm of the cord's own length: position, direction on screen, running number. */
export function* stations(
  run: DrawnRun,
  spacing: number,
): Generator<readonly [number, number, number, number, number]> {
  let arc = run.arcMm;
  for (let i = 1; i < run.xs.length; i++) {
    const [x0, y0, x1, y1] = [run.xs[i - 1]!, run.ys[i - 1]!, run.xs[i]!, run.ys[i]!];
    const length = Math.hypot(x1 - x0, y1 - y0);
    if (length < 1e-9) continue;
    for (let k = Math.ceil(arc / spacing); k * spacing < arc + length; k++) {
      const t = (k * spacing - arc) / length;
      yield [x0 + (x1 - x0) * t, y0 + (y1 - y0) * t, (x1 - x0) / length, (y1 - y0) / length, k];
    }
    arc += length;
  }
}
