/** What an end is used for last, while the fingers still hold it. */
export type LastAct = 'row' | 'knot' | 'slider';

/** With what it is led through. */
export type Tool = 'fingers' | 'tool';

/** Cord whose effective diameter the figures below are for: 4 mm nylon at 92 %. */
const USUAL_MM = 3.68;

/** What hands need beyond what the knot itself takes, in mm, in 4 mm cord (docs/physics.md). */
const NEEDS: Readonly<Record<LastAct, Readonly<Record<Tool, number>>>> = {
  // The last row of a bar, or the end of a braid.
  row: { fingers: 75, tool: 40 },
  // A stopper, a sliding knot or a lock.
  knot: { fingers: 55, tool: 40 },
  // A short bar of thin cord over the band.
  slider: { fingers: 70, tool: 40 },
};

/**
 * Length that the hands need of an end, in mm: half of it is for the fingers and stays, half grows with the cord's
 * diameter. What the maker set replaces it.
 */
export function handLengthMm(act: LastAct, tool: Tool, diameterMm: number, ownMm?: number): number {
  return ownMm ?? Math.round(NEEDS[act][tool] * (0.5 + (0.5 * diameterMm) / USUAL_MM));
}

/** What snipping leaves of an end once it is sealed and tucked. */
export const END_MM = 5;
