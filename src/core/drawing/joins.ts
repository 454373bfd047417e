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
  readonly isSeparate: boolean;
}

/** The cord between weave and hardware: a lark's head on the first bar, turns round the second, sealed ends. */
export function joinTubes(c: JoinContext): Tube[] {
  const cores = c.tubes.filter((t) => t.role === 'core');
  const works = c.tubes.filter((t) => t.role !== 'core');
  const isFirst = (t: Tube, i: number, all: readonly Tube[]) =>
    all.findIndex((u) => u.strand === t.strand) === i;
  const isLast = (t: Tube, i: number, all: readonly Tube[]) =>
    all.findLastIndex((u) => u.strand === t.strand) === i;
  const ends = works.filter(isLast);
  return [
    ...larksHead(c, cores.filter(isFirst)),
    ...cores.filter(isLast).map((core, i) => secondTurn(c, core, ends[i])),
  ];
}

function larksHead(c: JoinContext, cores: readonly Tube[]): Tube[] {
  const { diameterMm: d, startMm } = c;
  const { widthMm: w, thicknessMm: t } = c.buckle.bar;
  const out = (t + d) / 2;
  const legs = cores.map((core) => {
    const side = Math.sign(core.points[0]!) || 1;
    const [x0, y0, z0] = [core.points[0]!, core.points[1]!, core.points[2]!];
    const inner = side * 0.55 * d;
    const outer = side * 1.5 * d;
    const path: Point[] = [
      [x0, Math.max(y0, startMm) + 0.1, z0],
      [inner, startMm * 0.45, 0.1 * d],
      [inner, -w * 0.2, out],
      [side * 0.65 * d, -w * 0.9, out * 0.95],
      [side * 0.95 * d, -w - d * 0.45, 0],
      [outer, -w * 0.6, -out],
      [outer, d * 0.3, -out * 0.7],
      [side * 1.45 * d, d * 0.75, 0.25 * d],
      [side * 0.9 * d, d * 0.6, out + 0.35 * d],
      [0, d * 0.5, out + 0.6 * d],
    ];
    return smoothTube(path, core);
  });
  return legs;
}

function secondTurn(c: JoinContext, core: Tube, work: Tube | undefined): Tube {
  const { diameterMm: d, endMm } = c;
  const { widthMm: w, thicknessMm: t } = c.buckle.bar;
  const out = (t + d) / 2;
  const n = core.points.length;
  const side = Math.sign(core.points[n - 3]!) || 1;
  const from: Point = [core.points[n - 3]!, Math.min(core.points[n - 2]!, endMm) - 0.1, core.points[n - 1]!];
  const path: Point[] = [
    from,
    [side * 0.6 * d, endMm + w * 0.3, -out],
    [side * 0.7 * d, endMm + w * 0.85, -out * 0.9],
    [side * 0.9 * d, endMm + w + d * 0.45, 0],
    [side * 1.05 * d, endMm + w * 0.7, out],
    [side * 1.1 * d, endMm - 0.05 * d, out * 0.8],
  ];
  if (c.isSeparate || !work) path.push([side * 0.8 * d, endMm - 0.9 * d, 0.2 * d]);
  else {
    const m = work.points.length;
    path.push([work.points[m - 3]!, work.points[m - 2]!, work.points[m - 1]!]);
  }
  return smoothTube(path, core);
}
