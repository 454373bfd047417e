import { len, percent, type Why, why } from '../why/why.ts';
import { viewOf } from './camera.ts';
import { cornersMm } from './corners.ts';
import { lengthOf } from './curve.ts';
import { inverse, seen } from './homography.ts';
import type { Seen } from './look.ts';
import type { Marks, PictureFacts, Point, Raster } from './types.ts';

/** How well an end is marked by a bar, or clicked, in pixels. */
const END_PX = 1.5;
/** What an unknown lens adds, and a cropped photo, as shares of the length. */
const LENS_SHARE = 0.003;
const CROPPED_SHARE = 0.01;
/** Nothing is known better than this: cord gives. */
const LEAST_SHARE = 0.005;

export interface LengthSpread {
  /** Standard deviation, in mm. */
  readonly sdMm: number;
  readonly why: Why;
}

interface Ask {
  readonly raster: Raster;
  readonly table: Seen;
  readonly marks: Marks;
  readonly facts: PictureFacts;
  /** The middle in pixels, and its length in mm. */
  readonly line: readonly Point[];
  readonly lengthMm: number;
  readonly thicknessMm: number;
}

/** How far a length may be off: corners by what each of them would change, both ends, the lens, and a floor. */
export function spreadOf(ask: Ask): LengthSpread {
  const { table, marks, facts, line, lengthMm } = ask;
  const corners = ofCorners(ask);
  const ends = (Math.SQRT2 * END_PX * lengthMm) / lengthOf(line);
  const isLensGuessed = !facts.focal35Mm && !marks.isRaised;
  const lens = isLensGuessed ? LENS_SHARE * lengthMm : 0;
  const cropped = facts.isCropped && !marks.isRaised ? CROPPED_SHARE * lengthMm : 0;
  const height = Math.hypot(lens, cropped);
  const reckoned = Math.hypot(corners, ends, height);
  const sdMm = Math.max(LEAST_SHARE * lengthMm, reckoned);
  const parts = why`corners of ${table.reference.name} ${len(corners)}, both ends ${len(ends)}${height > 0 ? why`, height and lens ${len(height)}` : []}`;
  return {
    sdMm,
    why:
      sdMm > reckoned
        ? why`${parts}: ${len(reckoned)} together, but never less than ${percent(LEAST_SHARE)} of the length, because cord gives; two photos of three are closer`
        : why`${parts}: ${len(sdMm)} together; two photos of three are closer`,
  };
}

/** What the corners' noise does to the length, each of their coordinates moved by a pixel. */
function ofCorners({ raster, table, facts, line, lengthMm, thicknessMm }: Ask): number {
  const lengthBy = (corners: readonly Point[]): number => {
    const view = viewOf(cornersMm(table.reference), corners, raster, facts);
    if (!view) return lengthMm;
    const back = inverse(view.at(table.above(thicknessMm / 2)));
    return lengthOf(line.map((p) => seen(back, p)));
  };
  const base = lengthBy(table.corners);
  const changes = table.corners.flatMap((_, k) =>
    [0, 1].map((axis) => {
      const moved = table.corners.map(
        (p, i): Point => (i !== k ? p : axis === 0 ? [p[0] + 1, p[1]] : [p[0], p[1] + 1]),
      );
      return (lengthBy(moved) - base) * table.sigmaPx;
    }),
  );
  return Math.hypot(...changes);
}
