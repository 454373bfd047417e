import { fail, ok, type Result } from '../result.ts';
import { findBand } from './band.ts';
import { onPlane, type View, viewOf } from './camera.ts';
import { followCord } from './cord.ts';
import { cornersMm, inOrder, snapCorners } from './corners.ts';
import { lengthOf, resampled, spline } from './curve.ts';
import { inverse, seen } from './homography.ts';
import { countRows, type RowCount } from './rows.ts';
import { straightened } from './straightened.ts';
import {
  type BandExpected,
  type Marks,
  type PictureFacts,
  type Point,
  type Raster,
  REFERENCES,
  type Reference,
} from './types.ts';

/** How well corners are clicked where they are not drawn to edges, in pixels. */
const CLICKED_PX = 2;
/** How well an end is marked by a bar, or clicked, in pixels. */
const END_PX = 1.5;
/** What an unknown lens adds, and a picture cut to a part, as shares of the length. */
const LENS_SHARE = 0.003;
const CROPPED_SHARE = 0.01;
/** Nothing is known better than this: cord gives. */
const LEAST_SHARE = 0.005;
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

const failure = (code: string, path: string, message: string) => fail({ code, path, message });

interface Seen {
  readonly reference: Reference;
  readonly view: View;
  readonly corners: readonly Point[];
  readonly strengths: readonly number[];
  readonly sigmaPx: number;
  /** From mm above the table to mm above the reference's plane; nothing where height cannot be told. */
  readonly above: (tableMm: number) => number;
  readonly notes: readonly string[];
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

/** The camera from the reference's corners; says what is wrong with marks that can't be. */
function lookAt(raster: Raster, marks: Marks, thicknessMm: number, facts: PictureFacts): Result<Seen> {
  const reference = REFERENCES.find((r) => r.id === marks.reference)!;
  if (marks.corners.length !== 4)
    return failure('photo-corners', 'corners', 'Mark all four corners of the reference.');
  if (marks.ends.length !== 2) return failure('photo-ends', 'ends', 'Mark both ends of the piece.');
  const clicked = inOrder(marks.corners, reference);
  if (!isConvex(clicked))
    return failure(
      'photo-corners',
      'corners',
      'The four corners are not those of a rectangle: one of them is inside the others.',
    );
  const snapped = marks.snaps
    ? snapCorners(raster, clicked, reference)
    : { corners: clicked, strengths: [], sigmaPx: CLICKED_PX };
  const isGood = isConvex(snapped.corners);
  const corners = isGood ? snapped.corners : clicked;
  const view = viewOf(cornersMm(reference), corners, raster, facts);
  if (!view)
    return failure(
      'photo-corners',
      'corners',
      'The four corners are not those of a rectangle seen from anywhere.',
    );
  const ofReference = marks.isRaised ? thicknessMm / 2 : reference.thicknessMm;
  return ok({
    reference,
    view,
    corners,
    strengths: snapped.strengths,
    sigmaPx: isGood ? snapped.sigmaPx : CLICKED_PX,
    above: (mm) => (facts.isCropped ? 0 : mm - ofReference),
    notes:
      facts.isCropped && !marks.isRaised
        ? [
            'Heights can’t be worked out from a cropped photo: raise the reference to the middle of the piece.',
          ]
        : [],
  });
}

/** Four corners that turn one way all round, none of them nearly in line. */
function isConvex(q: readonly Point[]): boolean {
  const turns = q.map((p, i) => {
    const [a, b] = [q[(i + 1) % 4]!, q[(i + 2) % 4]!];
    const cross = (a[0] - p[0]) * (b[1] - a[1]) - (a[1] - p[1]) * (b[0] - a[0]);
    return cross / (Math.hypot(a[0] - p[0], a[1] - p[1]) * Math.hypot(b[0] - a[0], b[1] - a[1]) || 1);
  });
  return turns.every((t) => t > 0.05) || turns.every((t) => t < -0.05);
}

/** Length and its spread: corners by what each of them would change, ends, height, and a floor. */
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
    return failure(
      'photo-length',
      'corners',
      'No length comes out of these marks: look at the corners again.',
    );
  const ofPlane = (corners: readonly Point[]): number => {
    const view = viewOf(cornersMm(table.reference), corners, raster, facts);
    if (!view) return lengthMm;
    const back = inverse(view.at(table.above(thicknessMm / 2)));
    return lengthOf(line.map((p) => seen(back, p)));
  };
  const base = ofPlane(table.corners);
  let variance = 0;
  for (let k = 0; k < 4; k++)
    for (const [dx, dy] of [
      [1, 0],
      [0, 1],
    ] as const) {
      const moved = table.corners.map((p, i): Point => (i === k ? [p[0] + dx, p[1] + dy] : p));
      variance += ((ofPlane(moved) - base) * table.sigmaPx) ** 2;
    }
  const pxPerMm = lengthOf(line) / lengthMm;
  variance += 2 * (END_PX / pxPerMm) ** 2;
  if (!facts.focal35Mm && !marks.isRaised) variance += (LENS_SHARE * lengthMm) ** 2;
  if (facts.isCropped && !marks.isRaised) variance += (CROPPED_SHARE * lengthMm) ** 2;
  const weak = table.strengths.some((s) => s < 15);
  return ok({
    lengthMm,
    sdMm: Math.max(LEAST_SHARE * lengthMm, Math.sqrt(variance)),
    line,
    corners: table.corners,
    strengths: table.strengths,
    isFound: true,
    notes: [
      ...table.notes,
      ...(weak
        ? [
            'One side of the reference is hard to see: check its corners, or put it on something darker or lighter.',
          ]
        : []),
    ],
  });
}
