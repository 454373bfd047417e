import type { BandEnd } from '../closures/types.ts';
import type { Point } from '../weave/types.ts';
import type { Tube } from './tubes.ts';

export interface JoinContext {
  readonly start: BandEnd;
  readonly end: BandEnd;
  readonly diameterMm: number;
  /** Start and end of the weave along the band. */
  readonly startMm: number;
  readonly endMm: number;
  readonly tubes: readonly Tube[];
  /** Cores turn into working ends at the second bar. */
  readonly isOneCord: boolean;
  /** Drawn as it is when closed. */
  readonly isClosed?: boolean;
  /** Working ends are hitched to the first bar, too. */
  readonly isSideBySide?: boolean;
  /** The closure's own cord, as an index into the plan's: a slider's, a control loop's. */
  readonly extraCord?: number | undefined;
}

export interface LaneEnds {
  /** Cords that run from end to end, left to right, as they leave the weave at its start and at its end. */
  readonly starts: readonly Tube[];
  readonly ends: readonly Tube[];
  readonly workEnds: readonly Tube[];
  /** Working strands as they come into the weave, left to right. */
  readonly workStarts: readonly Tube[];
}

export function laneEndsOf({ tubes, isSideBySide }: Pick<JoinContext, 'tubes' | 'isSideBySide'>): LaneEnds {
  const lane = (t: Tube) => `${t.strand}/${t.lane}`;
  const isFirst = (t: Tube, i: number, all: readonly Tube[]) =>
    all.findIndex((u) => lane(u) === lane(t)) === i;
  const isLast = (t: Tube, i: number, all: readonly Tube[]) =>
    all.findLastIndex((u) => lane(u) === lane(t)) === i;
  const cores = tubes.filter((t) => t.role === 'core');
  const works = tubes.filter((t) => t.role !== 'core');
  const tied = cores.length > 0 ? cores : works;
  const left = (a: Tube, b: Tube) => a.points[0]! - b.points[0]!;
  return {
    starts: (isSideBySide ? tubes : tied).filter(isFirst).sort(left),
    ends: tied.filter(isLast).sort(left),
    workEnds: works.filter(isLast),
    workStarts: works.filter(isFirst).sort(left),
  };
}

export const firstOf = (t: Tube): Point => [t.points[0]!, t.points[1]!, t.points[2]!];

export function lastOf(t: Tube): Point {
  const n = t.points.length;
  return [t.points[n - 3]!, t.points[n - 2]!, t.points[n - 1]!];
}
