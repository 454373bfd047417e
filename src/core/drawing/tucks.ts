import { inPairs } from '../plan/setups/context.ts';
import type { Point } from '../weave/types.ts';
import type { JoinContext, LaneEnds } from './laneEnds.ts';
import { smoothTube, type Tube } from './tubes.ts';

/** An end of a tube: where it is, which way it leaves, and on which side of the weave the piece lies. */
interface Loose {
  readonly tube: Tube;
  readonly at: Point;
  readonly leaving: Point;
  /** Outwards along the piece. */
  readonly dir: 1 | -1;
}

/**
 * What becomes of working ends that no closure takes: where a working cord starts, its middle lies behind the cores; where
 * it stops, the end is led back inside under its last row. No cord is cut off in the open.
 */
export function tuckTubes(
  c: JoinContext,
  { workStarts, workEnds }: Pick<LaneEnds, 'workStarts' | 'workEnds'>,
): Tube[] {
  const starts = workStarts.map((tube) => looseEnd(tube, -1));
  const ends = workEnds.map((tube) => looseEnd(tube, 1));
  // One cord that turns back works from the second end to the first: there it stops.
  if (c.isOneCord) return starts.map((end) => tuck(c, end));
  const isTaken = c.end.kind === 'bar' && c.end.attach === 'hitched';
  const begins = c.isSideBySide
    ? []
    : inPairs(starts).flatMap((pair) => (pair.length === 2 ? behind(c, pair) : [tuck(c, pair[0]!)]));
  return [...begins, ...(isTaken ? [] : ends.map((end) => tuck(c, end)))];
}

function looseEnd(tube: Tube, dir: 1 | -1): Loose {
  const n = tube.points.length / 3;
  const point = (i: number): Point => [tube.points[3 * i]!, tube.points[3 * i + 1]!, tube.points[3 * i + 2]!];
  const [at, before] =
    dir === 1 ? [point(n - 1), point(Math.max(0, n - 3))] : [point(0), point(Math.min(n - 1, 2))];
  const way: Point = [at[0] - before[0], at[1] - before[1], at[2] - before[2]];
  const length = Math.hypot(...way) || 1;
  return { tube, at, dir, leaving: [way[0] / length, way[1] / length, way[2] / length] };
}

/** On from an end in the way that it leaves, in diameters. */
const onward = ({ at, leaving }: Loose, mm: number): Point => [
  at[0] + leaving[0] * mm,
  at[1] + leaving[1] * mm,
  at[2] + leaving[2] * mm,
];

/** Round towards the back and in under the row that it comes from. */
function tuck({ diameterMm: d }: JoinContext, end: Loose): Tube {
  const out = onward(end, 0.1 * d);
  const [x, y] = end.at;
  return smoothTube(
    [
      end.at,
      out,
      [x * 0.75, y + end.dir * 0.05 * d, -0.45 * d],
      [x * 0.5, y - end.dir * 0.5 * d, -0.5 * d],
      [x * 0.35, y - end.dir * 1.2 * d, -0.4 * d],
    ],
    end.tube,
  );
}

/** From both starts of a working cord to its middle behind the cores. */
function behind({ diameterMm: d }: JoinContext, pair: readonly Loose[]): Tube[] {
  const [a, b] = pair as [Loose, Loose];
  const middle: Point = [(a.at[0] + b.at[0]) / 2, (a.at[1] + b.at[1]) / 2 + 0.1 * d, -d];
  return pair.map((end) =>
    smoothTube(
      [end.at, onward(end, 0.25 * d), [end.at[0] * 0.6 + middle[0] * 0.4, middle[1], -0.9 * d], middle],
      end.tube,
    ),
  );
}
