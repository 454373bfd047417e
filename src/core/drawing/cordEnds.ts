import type { BandEnd, EndShape } from '../closures/types.ts';
import type { Point } from '../weave/types.ts';
import { knotTubes, moveTube } from './knots.ts';
import { firstOf, type JoinContext, laneEndsOf, lastOf } from './laneEnds.ts';
import type { Pictures } from './pictures.ts';
import { bandTubes, smoothTube, type Tube } from './tubes.ts';

type LoopShape = Extract<EndShape, { shape: 'loop' }>;
type RunShape = Extract<EndShape, { shape: 'run' }>;

/** How much of a knot's leads is drawn with it, in diameters. */
const LEAD = 0.6;

/** Loops, running ends and their knots, beyond the weave: at the start outwards is −, at the end +. */
export function cordEndTubes(c: JoinContext, pictures: Pictures): Tube[] {
  const { starts, ends } = laneEndsOf(c);
  // A loop is the fold of one cord, the first of the list: its two legs are the same cord's.
  const byCord = (lanes: readonly Tube[]) => lanes.toSorted((a, b) => a.cord - b.cord);
  const isLoop = c.start.kind === 'loop';
  const spine = c.end.byTheSpine ? c.tubes.filter((t) => t.role === 'spine').slice(-1) : undefined;
  return [
    ...endTubes(c, c.start, isLoop ? byCord(starts) : starts, -1, pictures),
    ...endTubes(c, c.end, spine ?? (isLoop ? byCord(ends) : ends), 1, pictures),
  ];
}

function endTubes(
  c: JoinContext,
  end: BandEnd,
  lanes: readonly Tube[],
  dir: 1 | -1,
  pictures: Pictures,
): Tube[] {
  const { shape } = end;
  switch (shape.shape) {
    case 'loop':
      return loop(c, shape, lanes.slice(0, 2), dir, pictures);
    case 'run':
      return run(c, shape, carrying(lanes, end), dir, pictures);
    case 'frame':
      return shape.controlMm ? controlLoop(c, shape, lanes, dir) : [];
    case 'none':
    case 'buckle':
    case 'plate':
    case 'bow':
    case 'spring-bar':
      return [];
  }
}

/** The cords that take part: the first ones, or the middle ones of a weave without cores. */
const carrying = (lanes: readonly Tube[], end: BandEnd): Tube[] =>
  lanes.slice(
    0,
    Math.max(1, Math.min(lanes.length, end.shape.shape === 'run' ? end.shape.cords : end.carries)),
  );

const leaves = (t: Tube, dir: 1 | -1): Point => (dir === -1 ? firstOf(t) : lastOf(t));

const edgeOf = (c: JoinContext, dir: 1 | -1): number => (dir === -1 ? c.startMm : c.endMm);

function loop(
  c: JoinContext,
  shape: LoopShape,
  legs: readonly Tube[],
  dir: 1 | -1,
  pictures: Pictures,
): Tube[] {
  if (legs.length === 0) return [];
  const d = c.diameterMm;
  const edge = edgeOf(c, dir);
  const knot = shape.knot === undefined ? undefined : pictures.knots.get(shape.knot);
  const base = knot ? knot.bodyD * d : 0;
  const r = shape.radiusMm + d / 2;
  const y = (out: number) => edge + dir * out;
  const pair = legs.length === 1 ? [legs[0]!, legs[0]!] : legs;
  const sides = pair.map((tube, i) => {
    const [x0, y0, z0] = leaves(tube, dir);
    const side = i === 0 ? -1 : 1;
    const straight = shape.straightMm;
    const path: Point[] = [
      ...(knot ? [] : ([[x0, y0 - dir * 0.1, z0]] as Point[])),
      [side * (knot ? 0.5 * d : r * 0.85), y(base + 0.15 * d), 0],
      [side * r, y(base + Math.max(0.4 * d, straight * 0.35)), 0],
      [side * r, y(base + straight), 0],
      ...[30, 60, 90].map((deg): Point => {
        const angle = (deg * Math.PI) / 180;
        return [side * r * Math.cos(angle), y(base + straight + r * Math.sin(angle)), 0];
      }),
    ];
    return smoothTube(path, tube);
  });
  return [...sides, ...(knot ? knotAt(knot, d, y(base / 2), dir, legs) : [])];
}

function run(
  c: JoinContext,
  shape: RunShape,
  lanes: readonly Tube[],
  dir: 1 | -1,
  pictures: Pictures,
): Tube[] {
  if (lanes.length === 0) return [];
  const d = c.diameterMm;
  const edge = edgeOf(c, dir);
  const y = (out: number) => edge + dir * out;
  const knot = shape.knot === undefined ? undefined : pictures.knots.get(shape.knot);
  const body = knot ? knot.bodyD * d : 0;
  const bead = shape.beadMm ?? 0;
  const drawn = c.isClosed ? shape.drawn : undefined;
  const length = drawn?.knotAtMm ?? shape.lengthMm;
  // Stoppers on a row: each begins as far behind the one before as the first one behind the weave.
  const stoppers = Array.from({ length: 1 + (shape.again ?? 0) }, (_, i) => i * (length + body));
  const straight = lanes.map((tube, i) => {
    const [x0, y0, z0] = leaves(tube, dir);
    const x = (i - (lanes.length - 1) / 2) * d;
    const to = length + (knot && bead === 0 ? LEAD * d * 0.5 : 0);
    const path: Point[] = [
      [x0, y0 - dir * 0.1, z0],
      [x0 * 0.3 + x * 0.7, y(Math.min(to * 0.35, d)), z0 * 0.3],
      [x, y(Math.min(to * 0.7, 2.2 * d)), 0],
      [x, y(to), 0],
    ];
    return smoothTube(path, tube);
  });
  const knots = knot
    ? stoppers.flatMap((out) => knotAt(knot, d, y(out + length + bead + body / 2), dir, lanes))
    : [];
  const necks = stoppers.slice(1).flatMap((out) =>
    lanes.map((tube, i) => {
      const x = (i - (lanes.length - 1) / 2) * d;
      return smoothTube(
        [
          [x, y(out - 0.5 * d), 0],
          [x, y(out + length / 2), 0],
          [x, y(out + length + 0.5 * d), 0],
        ],
        tube,
      );
    }),
  );
  const tails = drawn
    ? lanes.map((tube) =>
        smoothTube(
          [
            [0.4 * d, y(length + body), 0],
            [0.5 * d, y(length + body + drawn.tailMm / 2), 0],
            [0.5 * d, y(length + body + drawn.tailMm), 0],
          ],
          tube,
        ),
      )
    : [];
  return [
    ...straight,
    ...necks,
    ...knots,
    ...tails,
    ...(shape.slider ? slider(c, shape.slider, y, lanes[0]!, pictures) : []),
  ];
}

/** A knot of the library with its middle at a place; its strands take the colours of the cords that are tied. */
function knotAt(
  knot: NonNullable<ReturnType<Pictures['knots']['get']>>,
  d: number,
  at: number,
  dir: 1 | -1,
  lanes: readonly Tube[],
): Tube[] {
  const tubes = knotTubes(knot, d, LEAD);
  let next = 0;
  const works = tubes.filter((t) => t.role !== 'core').length;
  return tubes.map((t) => {
    const like = lanes[t.role === 'core' ? works % lanes.length : next++ % lanes.length]!;
    return {
      ...moveTube(t, at, dir),
      strand: like.strand,
      lane: like.lane,
      role: like.role,
      cord: like.cord,
    };
  });
}

/** A slider's rows over the running end, in the slider's own cord. */
function slider(
  c: JoinContext,
  shape: NonNullable<RunShape['slider']>,
  y: (out: number) => number,
  like: Tube,
  pictures: Pictures,
): Tube[] {
  const solved = pictures.knots.get(shape.id);
  if (!solved) return [];
  const from = Math.min(y(shape.atMm), y(shape.atMm + shape.lengthMm));
  const cord = c.extraCord ?? like.cord;
  return bandTubes({
    solved,
    diameterMm: c.diameterMm,
    rows: shape.rows,
    wovenMm: shape.lengthMm,
    startMm: from,
    spans: new Map(),
  })
    .filter((t) => t.role !== 'core')
    .map((t) => ({ ...t, cord, strand: 'slider' }));
}

/** A loop of cord through a ring, pulled out flat: twice its half perimeter, side by side. */
function controlLoop(
  c: JoinContext,
  shape: Extract<EndShape, { shape: 'frame' }>,
  lanes: readonly Tube[],
  dir: 1 | -1,
): Tube[] {
  const like = lanes[0];
  if (!like || !shape.controlMm) return [];
  const d = c.diameterMm;
  // Outwards from the ring's bar, which lies a hitch beyond the weave.
  const bar = dir === -1 ? 0 : c.endMm + c.end.standoffMm;
  const y = (out: number) => bar + dir * out;
  const from = shape.lengthMm - d / 2;
  const to = from + shape.controlMm / 2;
  const path: Point[] = [
    [0, y(from), -d],
    [0.8 * d, y(from + d), -0.3 * d],
    [0.9 * d, y((from + to) / 2), 0],
    [0.7 * d, y(to - 0.6 * d), 0],
    [0, y(to), 0],
    [-0.7 * d, y(to - 0.6 * d), 0],
    [-0.9 * d, y((from + to) / 2), 0],
    [-0.8 * d, y(from + d), 0.3 * d],
    [0, y(from), d],
  ];
  return [{ ...smoothTube(path, like), strand: 'control loop', cord: c.extraCord ?? like.cord }];
}
