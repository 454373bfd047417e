import { fail, ok, type Result } from '../result.ts';
import { type View, viewOf } from './camera.ts';
import { cornersMm, inOrder, snapCorners, WEAK_EDGE } from './corners.ts';
import {
  type Marks,
  type PictureFacts,
  type Point,
  type Raster,
  REFERENCES,
  type Reference,
} from './types.ts';

const CROPPED =
  'Heights can’t be worked out from a cropped photo: raise the reference to the middle of the piece.';
const WEAK =
  'One side of the reference is hard to see: check its corners, or put it on something darker or lighter.';
/** How well corners are clicked where they are not drawn to edges, in pixels. */
const CLICKED_PX = 2;

export const failure = (code: string, path: string, message: string) => fail({ code, path, message });

/** The table as the marks show it. */
export interface Seen {
  readonly reference: Reference;
  readonly view: View;
  readonly corners: readonly Point[];
  readonly strengths: readonly number[];
  readonly sigmaPx: number;
  /** From mm above the table to mm above the reference's plane; nothing where height cannot be told. */
  readonly above: (tableMm: number) => number;
  readonly notes: readonly string[];
}

/** The camera from the reference's corners; says what is wrong with marks that can't be. */
export function lookAt(raster: Raster, marks: Marks, thicknessMm: number, facts: PictureFacts): Result<Seen> {
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
    notes: [
      ...(facts.isCropped && !marks.isRaised ? [CROPPED] : []),
      ...(snapped.strengths.some((strength) => strength < WEAK_EDGE) ? [WEAK] : []),
    ],
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
