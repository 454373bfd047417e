/** A place where a strand lies lowest, under others or on the back, before it comes forward again: where a splice hides. */
export interface BackPlace {
  /** Along the piece, and along the strand from its first point, in diameters. */
  readonly yD: number;
  readonly arcD: number;
  readonly zD: number;
}

/** A low counts when it lies this far under the strand's own mean height, or this far behind the middle plane; in diameters. */
const UNDER_OWN_MEAN = 0.15;
const BEHIND = 0.25;

/**
 * The hidden places of one strand: local lows of z, walked along its centre line over all its periods.
 * `points` is flat x, y, z; `spanD` how far on along y the line repeats itself; y counts from `originD`.
 */
export function backPlaces(points: readonly number[], spanD: number, originD = 0): BackPlace[] {
  const n = points.length / 3;
  const arc = new Float64Array(n);
  for (let i = 1; i < n; i++)
    arc[i] =
      arc[i - 1]! +
      Math.hypot(
        points[3 * i]! - points[3 * i - 3]!,
        points[3 * i + 1]! - points[3 * i - 2]!,
        points[3 * i + 2]! - points[3 * i - 1]!,
      );
  let mean = 0;
  for (let i = 0; i < n; i++) mean += points[3 * i + 2]! / n;
  const z = (i: number) => points[3 * (((i % n) + n) % n) + 2]!;
  const out: BackPlace[] = [];
  // A low is the lowest for a fair way to both sides, so that a wavering line counts once.
  const reach = Math.max(2, Math.round(n / Math.max(1, spanD) / 2));
  for (let i = 0; i < n; i++) {
    if (z(i) > Math.max(mean - UNDER_OWN_MEAN, -BEHIND)) continue;
    let isLow = true;
    for (let k = -reach; k <= reach && isLow; k++)
      if (k !== 0 && (z(i + k) < z(i) || (z(i + k) === z(i) && k < 0))) isLow = false;
    if (isLow) out.push({ yD: round(points[3 * i + 1]! - originD), arcD: round(arc[i]!), zD: round(z(i)) });
  }
  return out;
}

const round = (v: number): number => Number(v.toFixed(4));
