import { type Homography, homography, inverse, multiply, seen } from './homography.ts';
import type { PictureFacts, Point, Raster } from './types.ts';

/** Focal length of a usual telephone's main lens over the long side of its picture, and how far it is off, as a logarithm. */
const USUAL_FOCAL = 0.75;
const USUAL_SPREAD = 0.12;
/** The same where the picture tells its lens. */
const TOLD_SPREAD = 0.03;
/** Diagonal of a frame of 35 mm film, in mm. */
const FRAME_DIAGONAL_MM = 43.27;
/** How well corners are known once they are drawn to the edges, in pixels. */
const CORNER_PX = 0.7;
/** The scan over the logarithm of the focal length: half its range, and steps. */
const SCAN = 0.5;
const STEPS = 120;

/** The table as the camera sees it. */
export interface View {
  /** From mm on the plane of the reference to pixels. */
  readonly plane: Homography;
  /** Focal length in pixels. */
  readonly focalPx: number;
  /** The same for a plane `mm` above that of the reference. */
  at(mm: number): Homography;
}

/**
 * The camera from one rectangle: square pixels, the lens looking at the middle of the picture. With H in pixels from the
 * middle and h1, h2 its columns, K⁻¹h1 and K⁻¹h2 are square to each other and equally long. Both residuals are weighed by
 * their covariance under corner noise, together with what lens is usual; the posterior mean is found by a scan over ln f.
 * Undefined where the corners are no rectangle seen from anywhere.
 */
export function viewOf(
  sidesMm: readonly Point[],
  corners: readonly Point[],
  { width, height }: Pick<Raster, 'width' | 'height'>,
  facts: PictureFacts = {},
): View | undefined {
  const [cx, cy] = [(width - 1) / 2, (height - 1) / 2];
  const centred = corners.map(([x, y]): Point => [x - cx, y - cy]);
  const h = homography(sidesMm, centred);
  if (!h) return undefined;
  const long = Math.max(width, height);
  const usual = facts.focal35Mm
    ? (facts.focal35Mm / FRAME_DIAGONAL_MM) * Math.hypot(width, height)
    : USUAL_FOCAL * long;
  const spread = facts.focal35Mm ? TOLD_SPREAD : USUAL_SPREAD;
  const nudged = jacobian(sidesMm, centred);
  let [sum, weight] = [0, 0];
  const logs: number[] = [];
  for (let i = 0; i <= STEPS; i++) {
    const ln = SCAN * ((2 * i) / STEPS - 1);
    const f = usual * Math.exp(ln);
    logs.push(-0.5 * misfit(h, nudged, f) - 0.5 * (ln / spread) ** 2);
  }
  const best = Math.max(...logs);
  for (const [i, log] of logs.entries()) {
    const w = Math.exp(log - best);
    sum += w * SCAN * ((2 * i) / STEPS - 1);
    weight += w;
  }
  const focalPx = usual * Math.exp(sum / weight);
  const shift = Float64Array.of(1, 0, cx, 0, 1, cy, 0, 0, 1);
  const up = upward(h, focalPx);
  return {
    plane: multiply(shift, h),
    focalPx,
    at: (mm) => {
      const raised = h.slice();
      for (let r = 0; r < 3; r++) raised[3 * r + 2]! += mm * up[r]!;
      return multiply(shift, raised);
    },
  };
}

/** What a rectangle's columns should be and are not, for a focal length: how far from square, how unequal. */
function residuals(h: ArrayLike<number>, f: number): [number, number] {
  const [x1, x2, y1, y2, z1, z2] = [h[0]!, h[1]!, h[3]!, h[4]!, h[6]!, h[7]!];
  return [
    (x1 * x2 + y1 * y2) / f ** 2 + z1 * z2,
    (x1 ** 2 + y1 ** 2 - x2 ** 2 - y2 ** 2) / f ** 2 + z1 ** 2 - z2 ** 2,
  ];
}

/** Homographies with one coordinate of one corner moved by a little. */
const NUDGE_PX = 0.01;
function jacobian(from: readonly Point[], to: readonly Point[]): (Homography | undefined)[] {
  return to.flatMap((_, k) =>
    [0, 1].map((axis) =>
      homography(
        from,
        to.map(
          (p, i): Point => (i !== k ? p : axis === 0 ? [p[0] + NUDGE_PX, p[1]] : [p[0], p[1] + NUDGE_PX]),
        ),
      ),
    ),
  );
}

/** rᵀ C⁻¹ r + ln det C of both residuals under corner noise. */
function misfit(h: Homography, nudged: readonly (Homography | undefined)[], f: number): number {
  const [a, b] = residuals(h, f);
  let [aa, ab, bb] = [0, 0, 0];
  for (const n of nudged) {
    if (!n) continue;
    const [p, q] = residuals(n, f);
    const [da, db] = [((p - a) / NUDGE_PX) * CORNER_PX, ((q - b) / NUDGE_PX) * CORNER_PX];
    aa += da * da;
    ab += da * db;
    bb += db * db;
  }
  const det = aa * bb - ab * ab;
  if (!(det > 0)) return 0;
  return (a * a * bb - 2 * a * b * ab + b * b * aa) / det;
}

/** What a millimetre above the plane adds to the last column: the plane's normal towards the eye, by the camera, in the scale of H. */
function upward(h: Homography, f: number): [number, number, number] {
  const column = (c: number): [number, number, number] => [h[c]! / f, h[3 + c]! / f, h[6 + c]!];
  const [a, b, t] = [column(0), column(1), column(2)];
  const [la, lb] = [Math.hypot(...a), Math.hypot(...b)];
  const scale = Math.sqrt(la * lb);
  // The nearest pair of unit vectors square to each other: their sum and difference are square in any case.
  const u = a.map((v, i) => v / la + b[i]! / lb);
  const v = a.map((w, i) => w / la - b[i]! / lb);
  const [lu, lv] = [Math.hypot(...u), Math.hypot(...v)];
  const r1 = u.map((w, i) => (w / lu + v[i]! / lv) / Math.SQRT2);
  const r2 = u.map((w, i) => (w / lu - v[i]! / lv) / Math.SQRT2);
  const n = [
    r1[1]! * r2[2]! - r1[2]! * r2[1]!,
    r1[2]! * r2[0]! - r1[0]! * r2[2]!,
    r1[0]! * r2[1]! - r1[1]! * r2[0]!,
  ];
  const away = n[0]! * t[0] + n[1]! * t[1] + n[2]! * t[2];
  const sign = away > 0 ? -scale : scale;
  return [sign * f * n[0]!, sign * f * n[1]!, sign * n[2]!];
}

/** From pixels to mm of a plane. */
export const onPlane = (plane: Homography, p: Point): Point => seen(inverse(plane), p);
