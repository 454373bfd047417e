import type { BandEnd } from '../closures/types.ts';
import { inPairs } from '../plan/setups/context.ts';
import type { Point } from '../weave/types.ts';
import { firstOf, type JoinContext, laneEndsOf, lastOf } from './laneEnds.ts';
import { smoothTube, type Tube } from './tubes.ts';
import { tuckTubes } from './tucks.ts';

/** The cord between weave and bars: hitches on the first, turns round the second or hitches on it; folds without bars. */
export function joinTubes(c: JoinContext): Tube[] {
  const { starts, ends, workEnds, workStarts } = laneEndsOf(c);
  const out: Tube[] = [];
  if (c.tubes.some((t) => t.role === 'core')) out.push(...tuckTubes(c, { workStarts, workEnds }));
  if (c.start.kind === 'bar') {
    for (const pair of inPairs(starts)) out.push(...hitch(c, c.start, pair, 1));
  } else {
    const idle = c.start.kind === 'loop' || c.start.kind === 'run' ? starts.slice(c.start.carries) : starts;
    out.push(...inPairs(idle).flatMap((pair) => fold(c, pair)));
  }
  if (c.end.kind === 'bar' && c.end.attach === 'hitched') {
    const hitched = workEnds.toSorted((a, b) => lastOf(a)[0] - lastOf(b)[0]);
    for (const pair of inPairs(hitched)) out.push(...hitch(c, c.end, pair, -1));
  } else if (c.end.kind === 'bar' || (c.end.kind === 'tip' && c.isOneCord)) {
    out.push(...ends.map((t, i) => secondTurn(c, t, c.isOneCord ? workEnds[i] : undefined)));
  }
  return out;
}

const BARE = { widthMm: 0, thicknessMm: 0 };

/** How far from the middle a cord's centre line may pass the slot: on wider bands the outer cords lean inwards. */
const slotHalf = (c: JoinContext, end: BandEnd): number =>
  Math.max(0, ((end.slotMm ?? Number.POSITIVE_INFINITY) - c.diameterMm) / 2);

/** A pair of lark's head legs; at the end (dir −1) the same, turned by half. */
function hitch(c: JoinContext, end: BandEnd, pair: readonly Tube[], dir: 1 | -1): Tube[] {
  const from = pair.map((t) => (dir === 1 ? firstOf(t) : lastOf(t)));
  const middle = from.reduce((sum, p) => sum + p[0], 0) / pair.length;
  const [d, stand] = [c.diameterMm, end.standoffMm];
  const { widthMm: w, thicknessMm: t } = end.bar ?? BARE;
  const out = (t + d) / 2;
  const half = slotHalf(c, end);
  const edge = dir === 1 ? 0 : c.endMm;
  const centre = Math.max(-half, Math.min(half, middle));
  return pair.map((tube, i) => {
    const [x0, y0, z0] = from[i]!;
    const side = Math.sign(x0 - middle) || 1;
    const at = (v: number) => Math.max(-half - 0.4 * d, Math.min(half + 0.4 * d, centre + side * v));
    const y = (v: number) => edge + dir * v;
    const path: Point[] = [
      [x0, dir === 1 ? Math.max(y0, stand) + 0.1 : Math.min(y0, c.endMm) - 0.1, z0],
      [at(0.55 * d), y(stand * 0.45), 0.1 * d],
      [at(0.55 * d), y(-w * 0.2), out],
      [at(0.65 * d), y(-w * 0.9), out * 0.95],
      [at(0.95 * d), y(-w - d * 0.45), 0],
      [at(1.5 * d), y(-w * 0.6), -out],
      [at(1.5 * d), y(d * 0.3), -out * 0.7],
      [at(1.45 * d), y(d * 0.75), 0.25 * d],
      [at(0.9 * d), y(d * 0.6), out + 0.35 * d],
      [centre, y(d * 0.5), out + 0.6 * d],
    ];
    return smoothTube(path, tube);
  });
}

/** A fold that lies against the first row: half an arc from each of its two legs. */
function fold(c: JoinContext, pair: readonly Tube[]): Tube[] {
  if (pair.length < 2) return [];
  const [a, b] = pair.map(firstOf) as [Point, Point];
  const middle = (a[0] + b[0]) / 2;
  const depth = Math.min(c.diameterMm * 0.9, Math.abs(b[0] - a[0]) / 2 + c.diameterMm * 0.4);
  return pair.map((tube, i) => {
    const p = i === 0 ? a : b;
    return smoothTube(
      [
        [p[0], p[1] + 0.1, p[2]],
        [p[0] * 0.8 + middle * 0.2, c.startMm - depth * 0.75, p[2] * 0.5],
        [middle, c.startMm - depth, 0],
      ],
      tube,
    );
  });
}

function secondTurn(c: JoinContext, tube: Tube, work: Tube | undefined): Tube {
  const { diameterMm: d, endMm } = c;
  const { widthMm: w, thicknessMm: t } = c.end.bar ?? BARE;
  const out = (t + d) / 2;
  const [x0, y0, z0] = lastOf(tube);
  const side = Math.sign(x0) || 1;
  const half = slotHalf(c, c.end);
  const at = (v: number) => Math.max(-half, Math.min(half, x0 + side * v));
  const path: Point[] = [
    [x0, Math.min(y0, endMm) - 0.1, z0],
    [at(0.1 * d), endMm + w * 0.3, -out],
    [at(0.2 * d), endMm + w * 0.85, -out * 0.9],
    [at(0.4 * d), endMm + w + d * 0.45, 0],
    [at(0.55 * d), endMm + w * 0.7, out],
    [at(0.6 * d), endMm - 0.05 * d, out * 0.8],
  ];
  if (work) path.push(lastOf(work));
  else path.push([at(0.3 * d), endMm - 0.9 * d, 0.2 * d]);
  return smoothTube(path, tube);
}
