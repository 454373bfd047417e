import { closedLengthMm, sideRelease } from '../closures/sideRelease.ts';
import { findColour } from '../colour/palette.ts';
import type { Design } from '../formats/design.gen.ts';
import type { SolvedWeave } from '../patterns/types.ts';
import { strandSpans } from '../plan/spans.ts';
import type { Plan } from '../plan/types.ts';
import { buckleHalf } from './buckle.ts';
import { joinTubes } from './joins.ts';
import { paintTubes, type View } from './paint.ts';
import type { Scene } from './shape.ts';
import { bandTubes } from './tubes.ts';

/** Room round the piece, in mm. */
const PAD = 3;

/** The whole piece laid out flat to scale, open: x = 0 is the first bar's band-side edge. */
export function beamScene(design: Design, plan: Plan, solved: SolvedWeave, view: View): Scene {
  const buckle = sideRelease(design.closure.sizeMm, design.closure.lengthMm)!;
  const d = plan.metrics.diameterMm;
  const startMm = plan.standoffMm;
  const endMm = startMm + plan.wovenLengthMm;
  const weave = bandTubes({
    solved,
    diameterMm: d,
    rows: plan.rows,
    wovenMm: plan.wovenLengthMm,
    startMm,
    spans: strandSpans(plan),
  });
  const joins = joinTubes({
    buckle,
    diameterMm: d,
    startMm,
    endMm,
    tubes: weave,
    isOneCord: design.setup.style !== 'separate',
  });
  const colours = plan.cords.map((c) => findColour(c.colour)!);
  const painted = paintTubes([...weave, ...joins], colours, view);
  const hardware = [
    ...buckleHalf(buckle, 'socket', 0, -1, view),
    ...buckleHalf(buckle, 'prongs', endMm, 1, view),
  ];
  const halfHeight = Math.max(buckle.bodyWidthMm, plan.metrics.widthMm) / 2 + PAD;
  const minX = -buckle.socketMm - PAD;
  return {
    minX,
    minY: -halfHeight,
    widthMm: endMm + buckle.prongHalfMm + buckle.prongMm + PAD - minX,
    heightMm: 2 * halfHeight,
    shapes: [
      ...painted.shapes.slice(0, painted.middle),
      ...hardware,
      ...painted.shapes.slice(painted.middle),
    ],
  };
}

/** Where the closed length is measured on the open piece: the two planes at which the buckle halves meet. */
export function closedSpan(design: Design, plan: Plan): { fromMm: number; toMm: number } {
  const buckle = sideRelease(design.closure.sizeMm, design.closure.lengthMm)!;
  return {
    fromMm: -buckle.socketMm,
    toMm: plan.finishedLengthMm - closedLengthMm(buckle) + buckle.prongHalfMm,
  };
}
