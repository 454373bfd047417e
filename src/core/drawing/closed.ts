import type { EndShape } from '../closures/types.ts';
import type { Design } from '../formats/design.gen.ts';
import type { Band, Plan } from '../plan/types.ts';
import { bodyShapes, CASE_THICK_MM, type OnLine, ringsUp, stiffEnd, watchCase } from './closedParts.ts';
import { type Outline, type Worn, wornOutline } from './outline.ts';
import { paintTubes } from './paint.ts';
import type { Pictures } from './pictures.ts';
import { cordColours, pieceTubes } from './piece.ts';
import type { Scene, Shape } from './shape.ts';
import type { Tube } from './tubes.ts';

const PAD = 6;
/** How far a buckle may stand off the band's middle plane. */
const STIFF_MM = 8;

/** The piece closed, seen along the wrist, with what a reader wants to know of it. Screen y runs downwards. */
interface ClosedScene extends Scene {
  /** Diameter of the largest finger that passes under; 0 when none does. */
  readonly roomMm: number;
  readonly body: readonly [number, number];
  readonly bodyRadiusMm: number;
  readonly finger: readonly [number, number] | undefined;
}

/** The closed piece round the body: the band bent along its middle plane, the closure at the bottom. */
export function closedScene(design: Design, plan: Plan, pictures: Pictures): ClosedScene {
  const { thicknessMm: t } = plan.metrics;
  const isWatch = plan.measures.lugToLug !== undefined;
  const worn = wornOutline(design.wearer.girthMm, plan.closed.closedMm, t, isWatch ? 0 : Math.PI / 2);
  const outside = design.face === 'back' ? -1 : 1;
  const bands = plan.bands.map((_, i) => onLine(plan, i));
  const tubes = plan.bands.flatMap((band, i) =>
    pieceTubes(plan, pictures, i, true).map((tube) => bent(tube, band, bands[i]!, worn.midline, outside)),
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
    ...ringsUp(plan, bands[0]!, worn.midline, t),
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
  const flat = tube.flat && new Float64Array(points.length);
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
    if (!flat || beyond > 0) continue;
    const [vx, vy, vz] = [
      outside * tube.flat![i]!,
      on.dir * tube.flat![i + 1]!,
      outside * tube.flat![i + 2]!,
    ];
    flat[i] = -(p.ty * vy + p.ny * vz);
    flat[i + 1] = p.tx * vy + p.nx * vz;
    flat[i + 2] = vx * on.dir;
  }
  return { ...tube, points, ...(flat ? { flat } : {}) };
}

/** Where an end leaves the closed line; a control loop hangs off its ring. */
function leavesOf(shape: EndShape): { readonly outMm: number; readonly how: 'stands' | 'hangs' } | undefined {
  switch (shape.shape) {
    case 'run':
      return shape.leaves;
    case 'frame':
      return shape.controlMm ? { outMm: shape.lengthMm, how: 'hangs' } : undefined;
    case 'none':
    case 'buckle':
    case 'plate':
    case 'bow':
    case 'spring-bar':
    case 'loop':
      return undefined;
  }
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
  const extra =
    PAD + Math.max(0, ...plan.bands[0]!.addons.filter((a) => a.kind === 'ring').map((a) => a.sizeMm));
  return {
    minX: left - extra,
    minY: top - PAD,
    widthMm: right - left + 2 * extra,
    heightMm: bottom - top + 2 * PAD,
  };
}
