import type { CordColour } from '../colour/palette.ts';
import { reachOf } from '../cord/section.ts';
import { lookStrokes } from './looks.ts';
import { type DrawnRun, polyline, stations } from './runs.ts';
import { fix, type Shape } from './shape.ts';
import { luminance, mix } from './tone.ts';
import type { Tube } from './tubes.ts';

export type View = 'front' | 'back' | 'edge';

/** Slices by depth, far to near. A quarter of a cord each, so nothing that overlaps on screen shares one. */
const SLICES_PER_DIAMETER = 4;
/** Runs of one cord in one slice reach a little under their neighbours, in diameters. */
const OVERLAP = 0.16;

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
  detailMm = 0,
): { shapes: Shape[]; middle: number } {
  const unit = Math.max(...tubes.map((t) => t.radiusMm * 2));
  const slices = new Map<number, Map<string, DrawnRun[]>>();
  for (const tube of tubes) {
    for (const run of runsOf(tube, view, unit / slicesAt(unit, detailMm), detailMm)) {
      const bySlice = slices.get(run.slice) ?? new Map<string, DrawnRun[]>();
      slices.set(run.slice, bySlice);
      const key = `${tube.cord}|${tube.strand}|${tube.radiusMm}|${run.share}`;
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
      shapes.push(...paintRuns(runs, colours[runs[0]!.tube.cord]!, shade, detailMm));
  }
  return { shapes, middle: middle < 0 ? shapes.length : middle };
}

/** A cord thinner than this many details is small: nobody sees the finer of its depths and tones. */
const SMALL_DETAILS = 12;

/** A cord that is drawn small is told apart by fewer depths. */
function slicesAt(unit: number, detailMm: number): number {
  if (unit < 3 * detailMm) return 1;
  return unit < SMALL_DETAILS * detailMm ? SLICES_PER_DIAMETER / 2 : SLICES_PER_DIAMETER;
}

function runsOf(tube: Tube, view: View, sliceMm: number, detailMm: number): DrawnRun[] {
  const n = tube.points.length / 3;
  const runs: DrawnRun[] = [];
  const tolerance = Math.max(tube.radiusMm * 0.025, detailMm / 2);
  let current: DrawnRun | undefined;
  let arc = tube.arcMm;
  let [px, py, pz] = screen(tube.points, view, 0);
  // On a screen that can't show the difference the cord is round.
  const flat = tube.radiusMm * 2 < 4 * detailMm ? undefined : tube.flat;
  for (let i = 1; i < n; i++) {
    const [x, y, z] = screen(tube.points, view, i);
    const length = Math.hypot(x - px, y - py, z - pz);
    const slice = Math.floor((pz + z) / 2 / sliceMm);
    const share = flat ? shareOf(flat, view, i, x - px, y - py) : 1;
    if (!current || current.slice !== slice || current.share !== share) {
      current = { tube, slice, share, xs: [px], ys: [py], arcMm: arc };
      runs.push(current);
    }
    extend(current, x, y, tolerance);
    arc += length;
    [px, py, pz] = [x, y, z];
  }
  return runs;
}

/** Adds a point to a run; the one before it is dropped where the cord runs straight on screen. */
function extend({ xs, ys }: DrawnRun, x: number, y: number, tolerance: number): void {
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

function screen(xyz: Float64Array, view: View, i: number) {
  return project(view, xyz[3 * i]!, xyz[3 * i + 1]!, xyz[3 * i + 2]!);
}

/** Steps in which widths are told apart, of the round cord's width. */
const WIDTH_STEP = 0.04;

/** How wide the pressed section looks at point i, over the round cord's width, where the cord runs (dx, dy) on screen. */
function shareOf(flat: Float64Array, view: View, i: number, dx: number, dy: number): number {
  const [px, py, pz] = screen(flat, view, i);
  const thinner = Math.hypot(px, py, pz);
  const length = Math.hypot(dx, dy);
  if (thinner < 1e-3 || length < 1e-9) return 1;
  const cos = (px * -dy + py * dx) / (length * thinner);
  return 1 + WIDTH_STEP * Math.round((reachOf(thinner, cos) - 1) / WIDTH_STEP);
}

function paintRuns(runs: readonly DrawnRun[], colour: CordColour, shade: number, detailMm: number): Shape[] {
  const { tube, share } = runs[0]!;
  const round = tube.radiusMm * 2;
  const d = round * share;
  const ownLight = luminance(colour.base);
  const base = mix(colour.base, '#0b1512', 0.34 * shade);
  const outline = mix(base, '#05090a', ownLight > 0.5 ? 0.52 : 0.62);
  const lit = mix(base, '#ffffff', ownLight < 0.06 ? 0.14 : 0.2);
  const path = runs.map((r) => polyline(r, OVERLAP * d)).join('');
  const tag = { strand: tube.strand, cord: tube.cord };
  // Thinner than a few details: its colour and edge are all that can be seen.
  if (d < 4 * detailMm)
    return [
      { d: path, stroke: outline, width: d, part: 'outline', ...tag },
      { d: path, stroke: base, width: d * 0.72, ...tag },
    ];
  const isSmall = d < SMALL_DETAILS * detailMm;
  const shapes: Shape[] = [
    { d: path, stroke: outline, width: d, part: 'outline', ...tag },
    ...(isSmall ? [] : [{ d: path, stroke: mix(base, '#05090a', 0.2), width: d * 0.9, ...tag }]),
    { d: path, stroke: base, width: d * (isSmall ? 0.8 : 0.72), ...tag },
    { d: path, stroke: lit, width: d * 0.3, opacity: 0.75, shift: [-0.05 * d, -0.13 * d], ...tag },
  ];
  const ticks = d < 8 * detailMm ? '' : runs.map((r) => sheath(r, round, share)).join('');
  if (ticks)
    shapes.push({ d: ticks, stroke: mix(base, '#05090a', 0.5), width: d * 0.045, opacity: 0.5, ...tag });
  for (const { d: marks, stroke, width, cap } of lookStrokes(runs, colour, round))
    shapes.push({
      d: marks,
      stroke: mix(stroke, '#0b1512', 0.3 * shade),
      width,
      ...(cap ? { cap } : {}),
      ...tag,
    });
  return shapes;
}

/** The sheath's braid: a chevron across the cord at every half diameter. */
function sheath(run: DrawnRun, d: number, share: number): string {
  let out = '';
  for (const [x, y, tx, ty] of stations(run, d * 0.42)) {
    const side = (s: number) => `${fix(x - tx * 0.16 * d - ty * s)} ${fix(y - ty * 0.16 * d + tx * s)}`;
    out += `M${side(0.36 * d * share)}L${fix(x)} ${fix(y)}L${side(-0.36 * d * share)}`;
  }
  return out;
}
