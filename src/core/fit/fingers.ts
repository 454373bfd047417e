/** A finger under the band, as a round disc, in mm. */
export const FINGER_MM = 15;

/**
 * Perimeter of the convex hull of a body's disc (girth G) and n finger discs that rest on it side by side.
 *
 * With R = G/2π and r the finger's radius, neighbouring fingers stand φ = 2·asin(r/(R+r)) apart as seen from the
 * body's centre, the tangent from body to outer finger is 2√(Rr) long and its normal leans θ = acos((R−r)/(R+r))
 * from the line of centres, so
 *   perimeter = 2·2√(Rr) + (n−1)·2r + (Φ+2θ)·r + (2π−Φ−2θ)·R,  Φ = (n−1)·φ.
 * @returns mm; the girth itself for n = 0, and the full ring of fingers' hull once they reach round the body
 */
export function fingerHullMm(girthMm: number, fingers: number, fingerMm = FINGER_MM): number {
  const R = girthMm / (2 * Math.PI);
  const r = fingerMm / 2;
  if (fingers <= 0 || r <= 0) return girthMm;
  if (r >= R) return Number.NaN;
  const phi = 2 * Math.asin(r / (R + r));
  const theta = Math.acos((R - r) / (R + r));
  const spread = (fingers - 1) * phi;
  const turned = spread + 2 * theta;
  if (turned >= 2 * Math.PI) return Number.NaN;
  return 4 * Math.sqrt(R * r) + (fingers - 1) * 2 * r + turned * r + (2 * Math.PI - turned) * R;
}
