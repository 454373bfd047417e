import type { SideRelease } from '../closures/sideRelease.ts';
import { smoothTube, type Tube } from './tubes.ts';

type Point = readonly [number, number, number];

export interface JoinContext {
  readonly buckle: SideRelease;
  readonly diameterMm: number;
  /** Start and end of the weave along the band. */
  readonly startMm: number;
  readonly endMm: number;
  readonly tubes: readonly Tube[];
  /** Cores turn into working ends at the second bar. */
  readonly isOneCord: boolean;
}

/** The cord between weave and hardware: hitches on the first bar, turns round the second. */
export function joinTubes(c: JoinContext): Tube[] {
  const lane = (t: Tube) => `${t.strand}/${t.lane}`;
  const isFirst = (t: Tube, i: number, all: readonly Tube[]) =>
    all.findIndex((u) => lane(u) === lane(t)) === i;
  const isLast = (t: Tube, i: number, all: readonly Tube[]) =>
    all.findLastIndex((u) => lane(u) === lane(t)) === i;
  const cores = c.tubes.filter((t) => t.role === 'core');
  const works = c.tubes.filter((t) => t.role !== 'core');
  const tied = cores.length > 0 ? cores : works;
  const starts = tied.filter(isFirst).sort((a, b) => a.points[0]! - b.points[0]!);
  const ends = tied.filter(isLast).sort((a, b) => a.points[0]! - b.points[0]!);
  const workEnds = works.filter(isLast);
  const hitches: Tube[] = [];
  for (let i = 0; i < starts.length; i += 2) {
    const pair = starts.slice(i, i + 2);
    const middle = pair.reduce((sum, t) => sum + t.points[0]!, 0) / pair.length;
    hitches.push(...pair.map((t) => larksHeadLeg(c, t, middle)));
  }
  return [...hitches, ...ends.map((t, i) => secondTurn(c, t, c.isOneCord ? workEnds[i] : undefined))];
}

/** Half of a lark's head: up over the bar, round it, and half the strap across both legs. */
function larksHeadLeg(c: JoinContext, tube: Tube, middle: number): Tube {
  const { diameterMm: d, startMm } = c;
  const { widthMm: w, thicknessMm: t } = c.buckle.bar;
  const out = (t + d) / 2;
  const [x0, y0, z0] = [tube.points[0]!, tube.points[1]!, tube.points[2]!];
  const side = Math.sign(x0 - middle) || 1;
  const half = slotHalf(c);
  const centre = Math.max(-half, Math.min(half, middle));
  const at = (v: number) => Math.max(-half - 0.4 * d, Math.min(half + 0.4 * d, centre + side * v));
  const path: Point[] = [
    [x0, Math.max(y0, startMm) + 0.1, z0],
    [at(0.55 * d), startMm * 0.45, 0.1 * d],
    [at(0.55 * d), -w * 0.2, out],
    [at(0.65 * d), -w * 0.9, out * 0.95],
    [at(0.95 * d), -w - d * 0.45, 0],
    [at(1.5 * d), -w * 0.6, -out],
    [at(1.5 * d), d * 0.3, -out * 0.7],
    [at(1.45 * d), d * 0.75, 0.25 * d],
    [at(0.9 * d), d * 0.6, out + 0.35 * d],
    [centre, d * 0.5, out + 0.6 * d],
  ];
  return smoothTube(path, tube);
}

/** How far from the middle a cord's centre line may pass the slot: on wider bands the outer cords lean inwards. */
const slotHalf = (c: JoinContext): number => Math.max(0, (c.buckle.sizeMm - c.diameterMm) / 2);

function secondTurn(c: JoinContext, tube: Tube, work: Tube | undefined): Tube {
  const { diameterMm: d, endMm } = c;
  const { widthMm: w, thicknessMm: t } = c.buckle.bar;
  const out = (t + d) / 2;
  const n = tube.points.length;
  const [x0, y0, z0] = [tube.points[n - 3]!, tube.points[n - 2]!, tube.points[n - 1]!];
  const side = Math.sign(x0) || 1;
  const half = slotHalf(c);
  const at = (v: number) => Math.max(-half, Math.min(half, x0 + side * v));
  const path: Point[] = [
    [x0, Math.min(y0, endMm) - 0.1, z0],
    [at(0.1 * d), endMm + w * 0.3, -out],
    [at(0.2 * d), endMm + w * 0.85, -out * 0.9],
    [at(0.4 * d), endMm + w + d * 0.45, 0],
    [at(0.55 * d), endMm + w * 0.7, out],
    [at(0.6 * d), endMm - 0.05 * d, out * 0.8],
  ];
  if (work) {
    const m = work.points.length;
    path.push([work.points[m - 3]!, work.points[m - 2]!, work.points[m - 1]!]);
  } else path.push([at(0.3 * d), endMm - 0.9 * d, 0.2 * d]);
  return smoothTube(path, tube);
}
