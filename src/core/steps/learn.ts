import type { WorkingEnd } from './ends.ts';
import { combined, type Estimate } from './normal.ts';

/** What the maker measured: at so many rows, so much was left of an end, from the last row to its tip. */
export interface LeftMeasured {
  readonly rows: number;
  /** Index into the working ends of the band. */
  readonly end: number;
  readonly leftMm: number;
}

export interface WovenMeasured {
  readonly rows: number;
  readonly wovenMm: number;
}

/** How well a tape tells what is left of a limp end, and the length of a weave, in mm. */
export const TAPE_MM = 8;
const WOVEN_TAPE_MM = 1.5;

/** Cord for each planned mm, from the plan’s own spread and the last measuring of every end: it covers all rows before it. */
export function learnTension(
  ends: readonly WorkingEnd[],
  left: readonly LeftMeasured[],
  spread: number,
): Estimate {
  let tension: Estimate = { mean: 1, sd: spread };
  for (const [i, end] of ends.entries()) {
    const last = lastOf(left, i);
    if (!last || last.rows < 1) continue;
    const planned = end.usedMm(last.rows);
    if (planned < 20) continue;
    const seen = { mean: (end.startMm - last.leftMm) / planned, sd: Math.hypot(TAPE_MM / planned, 0.01) };
    tension = combined(tension, seen);
  }
  return tension;
}

/** Height of a row, from the plan and the last length that was measured. */
export function learnRow(planned: number, woven: readonly WovenMeasured[], spread: number): Estimate {
  const prior = { mean: planned, sd: planned * spread };
  const last = woven.toSorted((a, b) => a.rows - b.rows).at(-1);
  if (!last || last.rows < 1) return prior;
  return combined(prior, {
    mean: last.wovenMm / last.rows,
    sd: Math.hypot(WOVEN_TAPE_MM / last.rows, 0.01 * planned),
  });
}

/** The last measuring of an end. */
export const lastOf = (left: readonly LeftMeasured[], end: number): LeftMeasured | undefined =>
  left
    .filter((l) => l.end === end)
    .toSorted((a, b) => a.rows - b.rows)
    .at(-1);
