/** A finger under the band, as a round disc, in mm. */
export const FINGER_MM = 15;

/**
 * Perimeter of the convex hull of a body's disc (girth G) and n finger discs that rest on it side by side.
 *
 * With R = G/2π and r the finger's radius, neighbouring fingers are φ = 2·asin(r/(R+r)) apart as seen from the
 * body's centre, the tangent from body to outer finger is 2√(Rr) long and its normal leans θ = acos((R−r)/(R+r))
 * from the line of centres, so that with Φ = (n−1)·φ
 *   perimeter = 2·2√(Rr) + (n−1)·2r + (Φ+2θ)·r + (2π−Φ−2θ)·R.
 * This holds for fingers thicker than the body, too (θ is then more than a right angle). Once Φ + 2θ reaches 2π the band
 * no longer touches the body: it runs round the fingers alone, straight from the last to the first,
 *   perimeter = (n−1)·2r + 2(R+r)·sin(Φ/2) + 2πr.
 * Where more fingers are asked for than find room round the body, as many as do are taken; see `mostFingers`.
 * @returns mm; the girth itself for no fingers
 */
export function fingerHullMm(girthMm: number, fingers: number, fingerMm = FINGER_MM): number {
  const R = girthMm / (2 * Math.PI);
  const r = fingerMm / 2;
  const n = Math.min(fingers, mostFingers(girthMm, fingerMm));
  if (n <= 0 || r <= 0) return girthMm;
  const phi = 2 * Math.asin(r / (R + r));
  const theta = Math.acos((R - r) / (R + r));
  const spread = (n - 1) * phi;
  const turned = spread + 2 * theta;
  const between = (n - 1) * 2 * r;
  if (turned >= 2 * Math.PI) return between + 2 * (R + r) * Math.sin(spread / 2) + 2 * Math.PI * r;
  return 4 * Math.sqrt(R * r) + between + turned * r + (2 * Math.PI - turned) * R;
}

/** How many fingers find room side by side round a body: n·φ ≤ 2π. */
export function mostFingers(girthMm: number, fingerMm = FINGER_MM): number {
  const [R, r] = [girthMm / (2 * Math.PI), fingerMm / 2];
  if (r <= 0 || R < 0) return 0;
  // However thin the body, φ is half a turn at most: two always do.
  return Math.floor((2 * Math.PI) / (2 * Math.asin(r / (R + r))) + 1e-9);
}
