import type { BandEnd } from '../closures/types.ts';
import { FINGER_MM } from '../fit/fingers.ts';
import { type AddonPlace, RING_WIRE_MM } from '../plan/addons.ts';
import type { Band, Plan } from '../plan/types.ts';
import type { Outline, Worn } from './outline.ts';
import { fix, type Shape } from './shape.ts';

const SKIN = { fill: '#e9c9a6', edge: '#8f6a44' } as const;
const STEEL = { fill: '#9aa2a9', edge: '#4b5258' } as const;
const DARK = { fill: '#2b3138', edge: '#12161a' } as const;
const WOOD = { fill: '#a5713f', edge: '#4f3316' } as const;
const GLASS_MM = 1.4;
export const CASE_THICK_MM = 9;

/** How one band lies on the closed line: place along it for a place on the band. */
export interface OnLine {
  readonly s: (mm: number) => number;
  /** Raised above the middle plane, where it runs over another layer. */
  readonly lift: (mm: number) => number;
  readonly dir: 1 | -1;
}

export function bodyShapes(worn: Worn): Shape[] {
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

export function stiffEnd(
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
    case 'none':
    case 'loop':
      return [];
  }
}

/** A watch's case: between the halves, or on top of a strap that runs on under it. */
export function watchCase(plan: Plan, line: Outline, t: number): Shape[] {
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

/** Rings stand up from the outside of the band. */
export const ringsUp = (plan: Plan, on: OnLine, line: Outline, t: number): Shape[] =>
  plan.bands[0]!.addons.filter((a) => a.kind === 'ring').flatMap((ring) => ringUp(ring, on, line, t));

function ringUp({ atMm, sizeMm: flatMm }: AddonPlace, on: OnLine, line: Outline, t: number): Shape[] {
  const [a, b] = [line.at(on.s(atMm - flatMm / 2)), line.at(on.s(atMm + flatMm / 2))];
  const low = t / 2;
  const high = low + flatMm * 0.8;
  const at = (p: typeof a, h: number) => `${fix(p.x + p.nx * h)} ${fix(-(p.y + p.ny * h))}`;
  const d = `M${at(a, low)}C${at(a, high * 1.15)} ${at(b, high * 1.15)} ${at(b, low)}Z`;
  return [
    { d, stroke: STEEL.edge, width: RING_WIRE_MM },
    { d, stroke: STEEL.fill, width: RING_WIRE_MM * 0.75 },
  ];
}
