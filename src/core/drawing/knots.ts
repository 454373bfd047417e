import type { SolvedWeave } from '../patterns/types.ts';
import { turnedFlat } from './place.ts';
import type { Tube } from './tubes.ts';

/** A knot's strands in mm, its body's middle at 0 along the piece, leads cut `lead` diameters beyond its body. */
export function knotTubes(solved: SolvedWeave, d: number, lead: number): Tube[] {
  const half = solved.bodyD / 2 + lead;
  const middle = bodyMiddle(solved);
  return solved.strands.map((s, i): Tube => {
    const p = solved.points[i]!;
    const kept: number[] = [];
    const flat: number[] = [];
    const flats = solved.flat?.[i];
    for (let k = 0; k < p.length; k += 3) {
      const isNear =
        solved.kind === 'knot' ||
        (Math.abs(p[k + 1]! - middle) <= half && Math.abs(p[k]!) <= solved.widthD / 2 + lead);
      if (!isNear) continue;
      kept.push(p[k]! * d, (p[k + 1]! - middle) * d, p[k + 2]! * d);
      if (flats) flat.push(...flats.slice(k, k + 3));
    }
    if (solved.kind === 'knot') {
      kept.push(...kept.slice(0, 3));
      flat.push(...flat.slice(0, 3));
    }
    return {
      points: Float64Array.from(kept),
      ...(flats ? { flat: Float64Array.from(flat) } : {}),
      radiusMm: s.radiusD * d,
      strand: s.name,
      role: s.role,
      lane: 0,
      cord: 0,
      arcMm: 0,
    };
  });
}

/** Middle of the bulk of the points along y: leads pull it little, as they are straight and few. */
function bodyMiddle(solved: SolvedWeave): number {
  const curled: number[] = [];
  for (const [i, s] of solved.strands.entries()) {
    if (s.role === 'core') continue;
    const p = solved.points[i]!;
    for (let k = 3; k < p.length - 3; k += 3) {
      const turn = Math.hypot(
        p[k - 3]! - 2 * p[k]! + p[k + 3]!,
        p[k - 2]! - 2 * p[k + 1]! + p[k + 4]!,
        p[k - 1]! - 2 * p[k + 2]! + p[k + 5]!,
      );
      if (turn > 0.012) curled.push(p[k + 1]!);
    }
  }
  return curled.length > 0 ? (Math.min(...curled) + Math.max(...curled)) / 2 : 0;
}

/** Moved along the piece, and turned by half when it points towards the start. */
export function moveTube(tube: Tube, alongMm: number, dir: 1 | -1 = 1, acrossMm = 0): Tube {
  const points = tube.points.slice();
  for (let i = 0; i < points.length; i += 3) {
    points[i] = dir * points[i]! + acrossMm;
    points[i + 1] = dir * points[i + 1]! + alongMm;
  }
  return { ...tube, points, ...turnedFlat(tube, dir) };
}
