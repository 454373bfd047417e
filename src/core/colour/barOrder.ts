import type { SolvedWeave } from '../patterns/types.ts';
import { laneKey } from './lanes.ts';

/** Where a strand starts on the bar. */
interface BarPlace {
  readonly key: string;
  readonly isCore: boolean;
  /** Across the bar, left negative, and towards the eye, in diameters. */
  readonly xD: number;
  readonly zD: number;
  /** Lies over the middle plane as it leaves the bar. */
  readonly isOver: boolean;
}

/** The order in which cords are hitched, left to right, and which lie over: read off the tight strands where row 1 begins. */
export function barOrder(solved: SolvedWeave): BarPlace[] {
  const places = solved.strands.flatMap((s, index) => {
    const points = solved.points[index]!;
    const n = points.length / 3;
    return Array.from({ length: s.periods }, (_, lane): BarPlace => {
      const k = Math.round((lane * n) / s.periods) % n;
      const [xD, zD] = [points[3 * k]!, points[3 * k + 2]!];
      return { key: laneKey(s.name, lane), isCore: s.role === 'core', xD, zD, isOver: zD > 0 };
    });
  });
  return places.sort((a, b) => a.xD - b.xD);
}
