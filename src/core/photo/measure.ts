import { ok, type Result } from '../result.ts';
import { len, type Why, why } from '../why/why.ts';
import { findBand } from './band.ts';
import { onPlane } from './camera.ts';
import { followCord } from './cord.ts';
import { lengthOf, resampled, spline } from './curve.ts';
import { seen } from './homography.ts';
import { failure, lookAt, type Seen } from './look.ts';
import { countRows, type RowCount } from './rows.ts';
import { spreadOf } from './spread.ts';
import { straightened } from './straightened.ts';
import type { BandExpected, Marks, PictureFacts, Point, Raster } from './types.ts';

/** Bumps are seen on top. */
const BUMPS_AT = 0.78;
/** The clicked line as it is resampled, in mm. */
const STEP_MM = 0.5;
/** The outline that is handed back has a point each of these, in mm. */
const OUTLINE_MM = 2;

export interface Measured {
  readonly lengthMm: number;
  /** Standard deviation of the length, in mm. */
  readonly sdMm: number;
  /** Where both come from. */
  readonly why: Why;
  /** The middle in pixels of the working picture, to be drawn over it. */
  readonly line: readonly Point[];
  /** The corners as they were used, in pixels. */
  readonly corners: readonly Point[];
  readonly strengths: readonly number[];
  /** Whether the edges of the piece were told from the ground. */
  readonly isFound: boolean;
  /** What the maker should know of this picture. */
  readonly notes: readonly string[];
}

export interface BandMeasured extends Measured {
  /** Median width, and the tenth and ninetieth of a hundred, in mm. */
  readonly widthMm: { readonly median: number; readonly low: number; readonly high: number };
  readonly profileMm: readonly number[];
  readonly rows: RowCount;
  /** The band as if it lay straight. */
  readonly strip: Raster;
}

/** A band between its end marks: its length along the curve, its width, its rows. */
export function measureBand(
  raster: Raster,
  marks: Marks,
  expected: BandExpected,
  facts: PictureFacts = {},
): Result<BandMeasured> {
  const table = lookAt(raster, marks, expected.thicknessMm, facts);
  if (!table.ok) return table;
  const { view, above } = table.value;
  const plane = view.at(above(expected.thicknessMm / 2));
  const clicked = clickedLine(marks).map((p) => onPlane(plane, p));
  const band = findBand(raster, plane, spline(clicked, STEP_MM), expected);
  const common = measured(raster, table.value, marks, band.middle, expected.thicknessMm, facts);
  if (!common.ok) return common;
  const sorted = band.widthsMm.toSorted((a, b) => a - b);
  const share = (q: number) => sorted[Math.floor(q * (sorted.length - 1))]!;
  const bumps = view.at(above(BUMPS_AT * expected.thicknessMm));
  const rows = countRows(raster, bumps, band.middle, band.lengthMm, expected);
  return ok({
    ...common.value,
    isFound: band.isFound,
    widthMm: { median: share(0.5), low: share(0.1), high: share(0.9) },
    profileMm: band.widthsMm,
    rows,
    strip: straightened(raster, bumps, band.middle, share(0.5)),
    notes: [
      ...common.value.notes,
      ...(band.isFound
        ? []
        : ['The piece hardly stands out from the background, so the line is the one you marked.']),
    ],
  });
}

/** A loose end of cord, followed from three clicks. */
export function measureCord(
  raster: Raster,
  marks: Marks,
  diameterMm: number,
  facts: PictureFacts = {},
): Result<Measured> {
  const table = lookAt(raster, marks, diameterMm, facts);
  if (!table.ok) return table;
  const plane = table.value.view.at(table.value.above(diameterMm / 2));
  const clicks = clickedLine(marks).map((p) => onPlane(plane, p));
  const way = followCord(raster, plane, clicks, diameterMm);
  const cord: BandExpected = {
    widthMm: diameterMm,
    thicknessMm: diameterMm,
    rowMm: diameterMm,
    rowsPerRepeat: 1,
    colourRepeats: 1,
  };
  const snapped = findBand(raster, plane, way, cord);
  const found = measured(
    raster,
    table.value,
    marks,
    snapped.isFound ? snapped.middle : way,
    diameterMm,
    facts,
  );
  return found.ok ? ok({ ...found.value, isFound: snapped.isFound }) : found;
}

const clickedLine = (marks: Marks): Point[] => {
  const [a, b] = marks.ends.map(([p, q]): Point => [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2]);
  return [a!, ...marks.between, b!];
};

/** The length, how far it may be off and why, and what there is to say of the picture. */
function measured(
  raster: Raster,
  table: Seen,
  marks: Marks,
  middle: readonly Point[],
  thicknessMm: number,
  facts: PictureFacts,
): Result<Measured> {
  const lengthMm = lengthOf(middle);
  const plane = table.view.at(table.above(thicknessMm / 2));
  const line = resampled(middle, OUTLINE_MM).map((p) => seen(plane, p));
  if (!(lengthMm > 0) || !line.every((p) => p.every(Number.isFinite)))
    return failure('photo-length', 'corners', 'No length comes out of these marks: check the corners.');
  const spread = spreadOf({ raster, table, marks, facts, line, lengthMm, thicknessMm });
  return ok({
    lengthMm,
    sdMm: spread.sdMm,
    why: why`along its middle, half way up its ${len(thicknessMm)}; ± ${len(spread.sdMm)}: ${spread.why}`,
    line,
    corners: table.corners,
    strengths: table.strengths,
    isFound: true,
    notes: table.notes,
  });
}
