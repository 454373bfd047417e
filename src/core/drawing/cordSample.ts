import type { CordColour } from '../colour/palette.ts';
import { paintTubes } from './paint.ts';
import type { Scene } from './shape.ts';

const LENGTH_MM = 60;
const DIAMETER_MM = 4;
const STEP_MM = 1;

/** A straight length of cord by itself. */
export function cordScene(look: CordColour): Scene {
  const count = LENGTH_MM / STEP_MM + 1;
  const points = new Float64Array(3 * count);
  for (let i = 0; i < count; i++) points[3 * i + 1] = i * STEP_MM;
  const tube = {
    points,
    radiusMm: DIAMETER_MM / 2,
    strand: 'cord',
    role: 'work' as const,
    lane: 0,
    cord: 0,
    arcMm: 0,
  };
  return {
    minX: -1,
    minY: -DIAMETER_MM / 2 - 0.6,
    widthMm: LENGTH_MM + 2,
    heightMm: DIAMETER_MM + 1.2,
    shapes: paintTubes([tube], [look], 'front').shapes,
  };
}
