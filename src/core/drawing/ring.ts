import type { BandEnd, EndShape } from '../closures/types.ts';
import { FINGER_MM } from '../fit/fingers.ts';
import type { Design } from '../formats/design.gen.ts';
import type { Band, Plan } from '../plan/types.ts';
import { type Outline, type Worn, wornOutline } from './outline.ts';
import { paintTubes } from './paint.ts';
import type { Pictures } from './pictures.ts';
import { cordColours, pieceTubes } from './piece.ts';
import { fix, type Scene, type Shape } from './shape.ts';
import type { Tube } from './tubes.ts';

const PAD = 6;
/** How far a buckle may stand off the band's middle plane. */
const STIFF_MM = 8;
const SKIN = { fill: '#e9c9a6', edge: '#8f6a44' } as const;
const STEEL = { fill: '#9aa2a9', edge: '#4b5258' } as const;
const DARK = { fill: '#2b3138', edge: '#12161a' } as const;
const WOOD = { fill: '#a5713f', edge: '#4f3316' } as const;
const CASE_THICK_MM = 9;
const GLASS_MM = 1.4;

/** The piece closed, seen along the wrist, with what a reader wants to know of it. Screen y runs downwards. */
export interface RingScene extends Scene {
  /** Diameter of the largest finger that passes under; 0 when none does. */
  readonly roomMm: number;
  readonly body: readonly [number, number];
  readonly bodyRadiusMm: number;
  readonly finger: readonly [number, number] | undefined;
}

/** How one band lies on the closed line: place along it for a place on the band. */
interface OnLine {
  readonly s: (mm: number) => number;
  /** Raised above the middle plane, where it runs over another layer. */
  readonly lift: (mm: number) => number;
  readonly dir: 1 | -1;
}

/** The closed piece round the body: the band bent along its middle plane, the closure at the bottom. */
export function ringScene(design: Design, plan: Plan, pictures: Pictures): RingScene {
  const { thicknessMm: t } = plan.metrics;
  const isWatch = plan.measures.lugToLug !== undefined;
  const worn = wornOutline(design.wearer.girthMm, plan.closed.closedMm, t, isWatch ? 0 : Math.PI / 2);
  const outside = design.face === 'back' ? -1 : 1;
  const bands = plan.bands.map((_, i) => onLine(plan, i));
  const tubes = plan.bands.flatMap((band, i) =>
    pieceTubes(design, plan, pictures, i, true).map((tube) =>
      bent(tube, band, bands[i]!, worn.midline, outside),
    ),
  );
  const painted = paintTubes(tubes, cordColours(plan), 'front');
  const stiff = plan.bands.flatMap((band, i) => [
    ...stiffEnd(band.start, band, bands[i]!, worn.midline, 'start', t),
    ...stiffEnd(band.end, band, bands[i]!, worn.midline, 'end', t),
  ]);
  const shapes: Shape[] = [
    ...bodyShapes(worn),
    ...painted.shapes.slice(0, painted.middle),
    ...stiff,
    ...painted.shapes.slice(painted.middle),
    ...watchCase(plan, worn.midline, t),
    ...leashRing(plan, bands[0]!, worn.midline, t),
  ];
  return { ...box(tubes, worn, plan), shapes, ...labels(worn) };
}

function labels(worn: Worn) {
  const hasFinger = worn.finger[0] !== 0 || worn.finger[1] !== 0;
  return {
    roomMm: worn.roomMm,
    body: [0, 0] as const,
    bodyRadiusMm: worn.bodyRadiusMm,
    finger: hasFinger ? ([worn.finger[0], -worn.finger[1]] as const) : undefined,
  };
}

/** Places on the closed line count from its lowest point, where the middle of what closes it lies. */
function onLine(plan: Plan, index: number): OnLine {
  const band = plan.bands[index]!;
  const { start, end } = band;
  const { thicknessMm: t } = plan.metrics;
  const F = plan.finishedLengthMm;
  const over = (mm: number, from: number) => (end.takesMm < 0 ? t * smooth((mm - from + t) / (2 * t)) : 0);
  if (plan.bands.length > 1) {
    const half = (F - plan.caseMm) / 2;
    if (index === 0) {
      const far = band.startMm + band.wovenMm + end.standoffMm + end.takesMm;
      return { s: (mm) => far - mm, lift: () => 0, dir: -1 };
    }
    const meets = half;
    return { s: (mm) => half + plan.caseMm + mm, lift: (mm) => over(mm, meets), dir: 1 };
  }
  // A case that closes one piece takes half of itself at each side of the bottom: turn it to the top.
  const turn = plan.caseMm > 0 ? F / 2 : 0;
  const middle = (end.takesMm < 0 ? 0 : end.takesMm - start.takesMm) / 2;
  const lead = plan.caseMm > 0 ? plan.caseMm / 2 : start.takesMm + middle;
  return { s: (mm) => mm + lead + turn, lift: (mm) => over(mm, F - start.takesMm), dir: 1 };
}

const smooth = (x: number): number => {
  const u = Math.max(0, Math.min(1, x));
  return u * u * (3 - 2 * u);
};

/** A tube bent along the closed line. Ends that leave the band go straight: up from it, or hanging down off it. */
function bent(tube: Tube, band: Band, on: OnLine, line: Outline, outside: 1 | -1): Tube {
  const points = new Float64Array(tube.points.length);
  const [from, to] = [band.startMm, band.startMm + band.wovenMm];
  for (let i = 0; i < points.length; i += 3) {
    // The face that is worn looks outwards: turned over, left and right change sides.
    const [x, y, z] = [outside * tube.points[i]!, tube.points[i + 1]!, outside * tube.points[i + 2]!];
    const out = y < from ? from - y : y > to ? y - to : 0;
    const shape = y < from ? band.start.shape : band.end.shape;
    const leaves = out > 0 ? leavesOf(shape) : undefined;
    const beyond = leaves ? Math.max(0, out - leaves.outMm) : 0;
    const sign = y < from ? -1 : 1;
    const edge = y < from ? from : to;
    const place = beyond > 0 ? edge + sign * leaves!.outMm : y;
    const p = line.at(on.s(place));
    const [tx, ty] = [p.tx * sign * on.dir, p.ty * sign * on.dir];
    const up = z + on.lift(place);
    let [px, py] = [p.x + p.nx * up, p.y + p.ny * up];
    if (beyond > 0) {
      const share = leaves!.how === 'stands' ? [0, 1] : [0.55, 0.835];
      const [dx, dy] = [tx * share[0]! + p.nx * share[1]!, ty * share[0]! + p.ny * share[1]!];
      // Its own thickness lies across the way that it now goes.
      [px, py] = [p.x + dx * beyond + dy * z * sign, p.y + dy * beyond - dx * z * sign];
    }
    points[i] = -py;
    points[i + 1] = px;
    points[i + 2] = x * on.dir;
  }
  return { ...tube, points };
}

/** Where an end leaves the closed line; a control loop hangs off its ring. */
function leavesOf(shape: EndShape): { readonly outMm: number; readonly how: 'stands' | 'hangs' } | undefined {
  if (shape.shape === 'run') return shape.leaves;
  if (shape.shape === 'frame' && shape.controlMm) return { outMm: shape.lengthMm, how: 'hangs' };
  return undefined;
}

function bodyShapes(worn: Worn): Shape[] {
  const shapes: Shape[] = [
    { d: disc(0, 0, worn.bodyRadiusMm), fill: SKIN.fill, stroke: SKIN.edge, width: 0.5 },
  ];
  const [fx, fy] = worn.finger;
  if (fx !== 0 || fy !== 0) {
    const r = worn.roomMm / 2;
    const passes = worn.roomMm >= FINGER_MM - 0.5;
    shapes.push({
      d: disc(fx, -fy, r),
      fill: SKIN.fill,
      stroke: passes ? '#2f7d4f' : SKIN.edge,
      width: passes ? 1 : 0.5,
      opacity: passes ? 1 : 0.75,
    });
  }
  return shapes;
}

function disc(x: number, y: number, r: number): string {
  const k = r * 0.5523;
  const p = (dx: number, dy: number) => `${fix(x + dx)} ${fix(y + dy)}`;
  return `M${p(r, 0)}C${p(r, k)} ${p(k, r)} ${p(0, r)}C${p(-k, r)} ${p(-r, k)} ${p(-r, 0)}C${p(-r, -k)} ${p(-k, -r)} ${p(0, -r)}C${p(k, -r)} ${p(r, -k)} ${p(r, 0)}Z`;
}

/** A stiff part along the line, from one place to another, between two heights over the middle plane. */
function slab(line: Outline, from: number, to: number, low: number, high: number): string {
  const steps = Math.max(2, Math.ceil(Math.abs(to - from) / 2));
  const side = (h: number) =>
    Array.from({ length: steps + 1 }, (_, i) => {
      const p = line.at(from + ((to - from) * i) / steps);
      return `${fix(p.x + p.nx * h)} ${fix(-(p.y + p.ny * h))}`;
    });
  return `M${[...side(low), ...side(high).toReversed()].join('L')}Z`;
}

function stiffEnd(
  end: BandEnd,
  band: Band,
  on: OnLine,
  line: Outline,
  at: 'start' | 'end',
  t: number,
): Shape[] {
  const bar = at === 'start' ? 0 : band.startMm + band.wovenMm + end.standoffMm;
  const sign = at === 'start' ? -1 : 1;
  const place = (out: number) => on.s(bar + sign * out);
  const box = (from: number, to: number, half: number, look: { fill: string; edge: string }): Shape => ({
    d: slab(line, place(from), place(to), -half, half),
    fill: look.fill,
    stroke: look.edge,
    width: 0.5,
  });
  const round = (out: number, r: number, look: { fill: string; edge: string }, height = 0): Shape => {
    const p = line.at(place(out));
    return {
      d: disc(p.x + p.nx * height, -(p.y + p.ny * height), r),
      fill: look.fill,
      stroke: look.edge,
      width: 0.5,
    };
  };
  const { shape } = end;
  switch (shape.shape) {
    case 'buckle': {
      const look = shape.look === 'metal' ? STEEL : DARK;
      return [
        box(0, shape.bar.widthMm, shape.bar.thicknessMm / 2, look),
        box(shape.bar.widthMm + 2, shape.lengthMm, Math.max(t / 2, shape.bar.thicknessMm / 2 + 2), look),
      ];
    }
    case 'plate':
      if (shape.look === 'toggle') return [round(shape.bar.widthMm / 2, shape.bar.widthMm / 2, WOOD)];
      return [box(0, shape.lengthMm, shape.bar.thicknessMm / 2 + 1, shape.look === 'hook' ? STEEL : DARK)];
    case 'bow':
      return [
        box(0, shape.bowMm + shape.wireMm, shape.wireMm / 2, STEEL),
        round(shape.holeMm + shape.wireMm / 2, shape.wireMm * 0.5, DARK),
      ];
    case 'frame':
      return [
        box(0, shape.lengthMm + shape.wireMm, shape.wireMm / 2, STEEL),
        round(0.5 * shape.wireMm, shape.wireMm * 0.6, STEEL),
      ];
    case 'spring-bar':
      return [round(shape.barMm / 2, shape.barMm / 2, STEEL)];
    case 'run': {
      if (shape.beadMm === undefined) return [];
      const p = line.at(on.s(bar));
      const up = shape.lengthMm + shape.beadMm / 2;
      return [
        {
          d: disc(p.x + p.nx * up, -(p.y + p.ny * up), shape.beadMm / 2),
          fill: WOOD.fill,
          stroke: WOOD.edge,
          width: 0.5,
        },
      ];
    }
    default:
      return [];
  }
}

/** A watch's case: between the halves, or on top of a strap that runs on under it. */
function watchCase(plan: Plan, line: Outline, t: number): Shape[] {
  const length = plan.measures.lugToLug?.mm;
  if (length === undefined) return [];
  const top = plan.finishedLengthMm / 2;
  const low = plan.caseMm > 0 ? -t / 2 : t / 2;
  const over = low + CASE_THICK_MM;
  return [
    {
      d: slab(line, top - length / 2 + 1, top + length / 2 - 1, low, over),
      fill: STEEL.fill,
      stroke: STEEL.edge,
      width: 0.6,
    },
    { d: slab(line, top - length * 0.3, top + length * 0.3, over, over + GLASS_MM), fill: '#dfe8ea' },
  ];
}

function leashRing(plan: Plan, on: OnLine, line: Outline, t: number): Shape[] {
  if (!plan.ring) return [];
  const { atMm, flatMm, wireMm } = plan.ring;
  const [a, b] = [line.at(on.s(atMm - flatMm / 2)), line.at(on.s(atMm + flatMm / 2))];
  const low = t / 2;
  const high = low + flatMm * 0.8;
  const at = (p: typeof a, h: number) => `${fix(p.x + p.nx * h)} ${fix(-(p.y + p.ny * h))}`;
  const d = `M${at(a, low)}C${at(a, high * 1.15)} ${at(b, high * 1.15)} ${at(b, low)}Z`;
  return [
    { d, stroke: STEEL.edge, width: wireMm },
    { d, stroke: STEEL.fill, width: wireMm * 0.75 },
  ];
}

function box(
  tubes: readonly Tube[],
  worn: Worn,
  plan: Plan,
): Pick<Scene, 'minX' | 'minY' | 'widthMm' | 'heightMm'> {
  const R = worn.bodyRadiusMm;
  let [left, right, top, bottom] = [-R, R, -R, R];
  for (const t of tubes) {
    for (let i = 0; i < t.points.length; i += 3) {
      left = Math.min(left, t.points[i + 1]!);
      right = Math.max(right, t.points[i + 1]!);
      top = Math.min(top, t.points[i]!);
      bottom = Math.max(bottom, t.points[i]!);
    }
  }
  if (plan.measures.lugToLug) top -= CASE_THICK_MM;
  if (plan.bands.some((b) => b.start.kind === 'bar')) bottom += STIFF_MM;
  const extra = PAD + (plan.ring ? plan.ring.flatMm : 0);
  return {
    minX: left - extra,
    minY: top - PAD,
    widthMm: right - left + 2 * extra,
    heightMm: bottom - top + 2 * PAD,
  };
}
