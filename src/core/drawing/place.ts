import type { Plan } from '../plan/types.ts';
import type { Tube } from './tubes.ts';

/** Where a band lies on the mat: its own places along count from `originMm` in direction `dir`. */
export interface Place {
  readonly originMm: number;
  readonly dir: 1 | -1;
}

/** One band lies with its first bar at 0. Two halves lie as worn, the case between them, the first one turned by half. */
export function placesOf(plan: Pick<Plan, 'bands' | 'caseMm'>): Place[] {
  if (plan.bands.length < 2) return [{ originMm: 0, dir: 1 }];
  return [
    { originMm: 0, dir: -1 },
    { originMm: plan.caseMm, dir: 1 },
  ];
}

export const placeAlong = (place: Place, mm: number): number => place.originMm + place.dir * mm;

/** A tube moved to its band's place: turned by half about the eye's axis, never mirrored. */
export function placeTube(tube: Tube, place: Place): Tube {
  if (place.dir === 1 && place.originMm === 0) return tube;
  const points = tube.points.slice();
  for (let i = 0; i < points.length; i += 3) {
    points[i] = place.dir * points[i]!;
    points[i + 1] = placeAlong(place, points[i + 1]!);
  }
  return { ...tube, points, ...turnedFlat(tube, place.dir) };
}

/** What is pressed flat turns with the cord. */
export function turnedFlat({ flat }: Tube, dir: 1 | -1): Pick<Tube, 'flat'> {
  if (!flat) return {};
  return { flat: dir === 1 ? flat : flat.map((v, i) => (i % 3 === 2 ? v : -v)) };
}
