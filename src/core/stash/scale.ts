/** A weight as a scale sends it: grams, and when, in ms. */
export interface Reading {
  readonly grams: number;
  readonly at: number;
}

/** What the last readings say: their mean, how restless they are, and whether that is still. */
export interface Weighed {
  readonly grams: number;
  /** Standard deviation of the readings, in grams. */
  readonly unrest: number;
  readonly isStill: boolean;
  readonly count: number;
}

/** Readings of the last second and a half are averaged. */
export const WINDOW_MS = 1500;
/** Readings that differ by less than this are still, in grams. */
export const STILL_G = 0.5;
const LEAST_READINGS = 5;

/** Mean and unrest of the readings of the last second and a half; nothing before the first. */
export function weighed(readings: readonly Reading[]): Weighed | undefined {
  const last = readings.at(-1);
  if (!last) return undefined;
  const recent = readings.filter((r) => last.at - r.at <= WINDOW_MS).map((r) => r.grams);
  const grams = recent.reduce((a, b) => a + b, 0) / recent.length;
  const unrest = Math.sqrt(recent.reduce((sum, g) => sum + (g - grams) ** 2, 0) / recent.length);
  return {
    grams,
    unrest,
    count: recent.length,
    isStill: recent.length >= LEAST_READINGS && unrest < STILL_G,
  };
}
