import type { CordColour } from '../colour/palette.ts';
import { fix, type Shape } from './shape.ts';
import { luminance, mix } from './tone.ts';
import type { Tube } from './tubes.ts';

export type View = 'front' | 'back' | 'edge';

/** Slices by depth, far to near. A quarter of a cord each, so nothing that overlaps on screen shares one. */
const SLICES_PER_DIAMETER = 4;
/** Runs of one cord in one slice reach a little under their neighbours, in diameters. */
const OVERLAP = 0.16;

interface Run {
  readonly tube: Tube;
  readonly slice: number;
  readonly xs: number[];
  readonly ys: number[];
  readonly arcMm: number;
}

/** Turns the piece about its length: screen x runs along it, screen y across, depth towards the eye. */
export function project(view: View, x: number, y: number, z: number): readonly [number, number, number] {
  if (view === 'front') return [y, x, z];
  if (view === 'back') return [y, -x, -z];
  return [y, -z, x];
}

/**
 * Paints round cords from far to near. Each cord is cut into runs by depth slice; a run is stroked dark, then in its
 * colour, then lit along its upper side, then given the ticks of its braided sheath, flecks or stripe.
 * Returns shapes in order, with the index at which things at depth 0 (bars of buckles) belong.
 */
export function paintTubes(
  tubes: readonly Tube[],
  colours: readonly CordColour[],
  view: View,
): { shapes: Shape[]; middle: number } {
  const unit = Math.max(...tubes.map((t) => t.radiusMm * 2));
  const slices = new Map<number, Map<string, Run[]>>();
  for (const tube of tubes) {
    for (const run of runsOf(tube, view, unit / SLICES_PER_DIAMETER)) {
      const bySlice = slices.get(run.slice) ?? new Map<string, Run[]>();
      slices.set(run.slice, bySlice);
      const key = `${tube.cord}|${tube.strand}|${tube.radiusMm}`;
      const list = bySlice.get(key);
      if (list) list.push(run);
      else bySlice.set(key, [run]);
    }
  }
  const order = [...slices.keys()].sort((a, b) => a - b);
  const [far, near] = [order[0] ?? 0, order.at(-1) ?? 0];
  const shapes: Shape[] = [];
  let middle = 0;
  for (const slice of order) {
    if (slice < 0) middle = -1;
    else if (middle <= 0) middle = shapes.length;
    const shade = near > far ? (near - slice) / (near - far) : 0;
    for (const runs of slices.get(slice)!.values())
      shapes.push(...paintRuns(runs, colours[runs[0]!.tube.cord]!, shade));
  }
  return { shapes, middle: middle < 0 ? shapes.length : middle };
}

function runsOf(tube: Tube, view: View, sliceMm: number): Run[] {
  const n = tube.points.length / 3;
  const runs: Run[] = [];
  const tolerance = tube.radiusMm * 0.025;
  let current: Run | undefined;
  let arc = tube.arcMm;
  let [px, py, pz] = screen(tube, view, 0);
  for (let i = 1; i < n; i++) {
    const [x, y, z] = screen(tube, view, i);
    const length = Math.hypot(x - px, y - py, z - pz);
    const slice = Math.floor((pz + z) / 2 / sliceMm);
    if (!current || current.slice !== slice) {
      current = { tube, slice, xs: [px], ys: [py], arcMm: arc };
      runs.push(current);
    }
    extend(current, x, y, tolerance);
    arc += length;
    [px, py, pz] = [x, y, z];
  }
  return runs;
}

/** Adds a point to a run; the one before it is dropped where the cord runs straight on screen. */
function extend({ xs, ys }: Run, x: number, y: number, tolerance: number): void {
  const n = xs.length;
  if (n > 1) {
    const [ux, uy] = [x - xs[n - 2]!, y - ys[n - 2]!];
    const off = ux * (ys[n - 1]! - ys[n - 2]!) - uy * (xs[n - 1]! - xs[n - 2]!);
    if (off * off < tolerance * tolerance * (ux * ux + uy * uy)) {
      xs[n - 1] = x;
      ys[n - 1] = y;
      return;
    }
  }
  xs.push(x);
  ys.push(y);
}

function screen(tube: Tube, view: View, i: number) {
  return project(view, tube.points[3 * i]!, tube.points[3 * i + 1]!, tube.points[3 * i + 2]!);
}

function paintRuns(runs: readonly Run[], colour: CordColour, shade: number): Shape[] {
  const { tube } = runs[0]!;
  const d = tube.radiusMm * 2;
  const ownLight = luminance(colour.base);
  const base = mix(colour.base, '#0b1512', 0.34 * shade);
  const outline = mix(base, '#05090a', ownLight > 0.5 ? 0.52 : 0.62);
  const lit = mix(base, '#ffffff', ownLight < 0.06 ? 0.14 : 0.2);
  const path = runs.map((r) => polyline(r, OVERLAP * d)).join('');
  const tag = { strand: tube.strand, cord: tube.cord };
  const shapes: Shape[] = [
    { d: path, stroke: outline, width: d, part: 'outline', ...tag },
    { d: path, stroke: mix(base, '#05090a', 0.2), width: d * 0.9, ...tag },
    { d: path, stroke: base, width: d * 0.72, ...tag },
    { d: path, stroke: lit, width: d * 0.3, opacity: 0.75, shift: [-0.05 * d, -0.13 * d], ...tag },
  ];
  const ticks = runs.map((r) => sheath(r, d)).join('');
  if (ticks)
    shapes.push({ d: ticks, stroke: mix(base, '#05090a', 0.5), width: d * 0.045, opacity: 0.5, ...tag });
  if (colour.look === 'striped') {
    shapes.push({
      d: path,
      stroke: mix(colour.accents[0]!, '#0b1512', 0.3 * shade),
      width: d * 0.17,
      ...tag,
    });
  }
  if (colour.look === 'flecked') {
    colour.accents.forEach((accent, i) => {
      const flecks = runs.map((r) => fleckPath(r, d, i)).join('');
      if (flecks)
        shapes.push({
          d: flecks,
          stroke: mix(accent, '#0b1512', 0.3 * shade),
          width: d * 0.2,
          cap: 'round',
          ...tag,
        });
    });
  }
  return shapes;
}

/** A run as a polyline, reaching `reach` beyond both ends. */
function polyline({ xs, ys }: Run, reach: number): string {
  const last = xs.length - 1;
  const [ax, ay] = beyond(xs[1]!, ys[1]!, xs[0]!, ys[0]!, reach);
  const [bx, by] = beyond(xs[last - 1]!, ys[last - 1]!, xs[last]!, ys[last]!, reach);
  let out = `M${fix(ax)} ${fix(ay)}`;
  for (let i = 1; i < last; i++) out += `L${fix(xs[i]!)} ${fix(ys[i]!)}`;
  return `${out}L${fix(bx)} ${fix(by)}`;
}

function beyond(x0: number, y0: number, x1: number, y1: number, reach: number): [number, number] {
  const length = Math.hypot(x1 - x0, y1 - y0);
  if (length < 1e-9) return [x1, y1];
  return [x1 + ((x1 - x0) / length) * reach, y1 + ((y1 - y0) / length) * reach];
}

/** Places at every `spacing` mm of the cord's own length: position, direction on screen, running number. */
function* stations(run: Run, spacing: number): Generator<readonly [number, number, number, number, number]> {
  let arc = run.arcMm;
  for (let i = 1; i < run.xs.length; i++) {
    const [x0, y0, x1, y1] = [run.xs[i - 1]!, run.ys[i - 1]!, run.xs[i]!, run.ys[i]!];
    const length = Math.hypot(x1 - x0, y1 - y0);
    if (length < 1e-9) continue;
    for (let k = Math.ceil(arc / spacing); k * spacing < arc + length; k++) {
      const t = (k * spacing - arc) / length;
      yield [x0 + (x1 - x0) * t, y0 + (y1 - y0) * t, (x1 - x0) / length, (y1 - y0) / length, k];
    }
    arc += length;
  }
}

/** The sheath's braid: a chevron across the cord at every half diameter. */
function sheath(run: Run, d: number): string {
  let out = '';
  for (const [x, y, tx, ty] of stations(run, d * 0.42)) {
    const side = (s: number) => `${fix(x - tx * 0.16 * d - ty * s)} ${fix(y - ty * 0.16 * d + tx * s)}`;
    out += `M${side(0.36 * d)}L${fix(x)} ${fix(y)}L${side(-0.36 * d)}`;
  }
  return out;
}

/** Flecks at fixed but irregular places along the cord. */
function fleckPath(run: Run, d: number, series: number): string {
  let out = '';
  for (const [x, y, tx, ty, k] of stations(run, d * 0.5)) {
    const hash = Math.abs(Math.sin((k + series * 57) * 12.9898) * 43758.5453) % 1;
    if (hash > 0.42) continue;
    const off = (hash / 0.42 - 0.5) * 0.5 * d;
    const [cx, cy] = [x - ty * off, y + tx * off];
    out += `M${fix(cx)} ${fix(cy)}L${fix(cx + tx * 0.2 * d)} ${fix(cy + ty * 0.2 * d)}`;
  }
  return out;
}
