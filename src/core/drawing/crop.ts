import type { Tube } from './tubes.ts';

/** A stretch of the mat along the piece, in mm. */
export interface Stretch {
  readonly fromMm: number;
  readonly toMm: number;
}

/**
 * The pieces of a tube that can be seen on a stretch of the mat. Each reaches its own thickness and one point beyond, so that no
 * cut is in sight; flecks and stripes run on as on the whole.
 */
export function cropTube(tube: Tube, { fromMm, toMm }: Stretch): Tube[] {
  const { points, radiusMm } = tube;
  const n = points.length / 3;
  const isIn = (i: number) => {
    const y = points[3 * i + 1]!;
    return y >= fromMm - 2 * radiusMm && y <= toMm + 2 * radiusMm;
  };
  const out: Tube[] = [];
  let arcMm = tube.arcMm;
  let start: { readonly at: number; readonly arcMm: number } | undefined;
  for (let i = 0; i < n; i++) {
    const stepMm = i === 0 ? 0 : stepOf(points, i);
    if (isIn(i)) start ??= i === 0 ? { at: 0, arcMm } : { at: i - 1, arcMm };
    arcMm += stepMm;
    if (start && (!isIn(i) || i === n - 1)) {
      if (i > start.at) out.push({ ...tube, ...cut(tube, start.at, i), arcMm: start.arcMm });
      start = undefined;
    }
  }
  return out;
}

const stepOf = (p: Float64Array, i: number): number =>
  Math.hypot(p[3 * i]! - p[3 * i - 3]!, p[3 * i + 1]! - p[3 * i - 2]!, p[3 * i + 2]! - p[3 * i - 1]!);

/** Its points from one to another, both included. */
function cut({ points, flat }: Tube, from: number, to: number): Pick<Tube, 'points' | 'flat'> {
  const slice = (list: Float64Array) => list.slice(3 * from, 3 * (to + 1));
  return flat ? { points: slice(points), flat: slice(flat) } : { points: slice(points) };
}
