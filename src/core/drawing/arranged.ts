import { laneKey } from '../colour/lanes.ts';
import type { CordColour } from '../colour/palette.ts';
import type { SolvedWeave } from '../patterns/types.ts';
import { paintTubes, type View } from './paint.ts';
import type { Scene } from './shape.ts';
import { bandTubes } from './tubes.ts';

const PAD_MM = 0.6;
const DIAMETER_MM = 4;

/** A short piece of a weave with each lane in its cord, from one face: a picture of the gallery, with nothing smaller than `detailMm`. */
export function arrangedScene(
  solved: SolvedWeave,
  strands: Readonly<Record<string, number>>,
  colours: readonly CordColour[],
  view: View,
  rows: number,
  detailMm = 0,
): Scene {
  const wovenMm = (solved.periodD / solved.rowsPerPeriod) * rows * DIAMETER_MM;
  const tubes = bandTubes({
    solved,
    diameterMm: DIAMETER_MM,
    rows,
    wovenMm,
    startMm: 0,
    spans: new Map(),
    detailMm,
  }).map((t) => ({
    ...t,
    cord: strands[laneKey(t.strand, t.lane)] ?? 0,
  }));
  const half = (solved.widthD * DIAMETER_MM) / 2 + PAD_MM;
  return {
    minX: -PAD_MM,
    minY: -half,
    widthMm: wovenMm + 2 * PAD_MM,
    heightMm: 2 * half,
    shapes: paintTubes(tubes, colours, view, detailMm).shapes,
  };
}
