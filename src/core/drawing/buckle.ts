import type { EndShape } from '../closures/types.ts';
import type { View } from './paint.ts';
import { fix, type Shape } from './shape.ts';
import { type Along, line, roundedBox } from './shapes.ts';

type Buckle = Extract<EndShape, { shape: 'buckle' }>;

/** Body, edge and lit parts of each make. */
const LOOKS = {
  plastic: { body: '#23282e', edge: '#0f1316', top: '#3a424b' },
  metal: { body: '#8d959c', edge: '#474d53', top: '#c3c9ce' },
  breakaway: { body: '#3d4a3a', edge: '#1a2118', top: '#6f8067' },
} as const;

/**
 * A side-release half seen from the front, to scale, outwards from the band-side edge of its cord bar. Its slot is
 * left open so that the mat shows through.
 */
export function buckleShapes(buckle: Buckle, a: Along, view: View): Shape[] {
  const look = LOOKS[buckle.look];
  if (view === 'edge') return sideProfile(buckle, a);
  const w = buckle.bodyWidthMm / 2;
  const slot = buckle.sizeMm / 2;
  const barEnd = buckle.bar.widthMm;
  const slotEnd = barEnd + Math.max(3, buckle.bar.widthMm * 1.5);
  const length = buckle.lengthMm;
  const frame =
    roundedBox(a, -0.2, Math.max(slotEnd + 2.5, length), w, 2.2) + roundedBox(a, barEnd, slotEnd, slot, 0.8);
  const shapes: Shape[] = [
    { d: frame, fill: look.body, stroke: look.edge, width: 0.35, rule: 'evenodd' },
    { d: line(a, 0.6, barEnd * 0.35, w * 0.82), stroke: look.top, width: 0.5, cap: 'round' },
  ];
  return [...shapes, ...(buckle.half === 'socket' ? socket(buckle, a, slotEnd) : prongs(buckle, a))];
}

function socket(buckle: Buckle, a: Along, slotEnd: number): Shape[] {
  const look = LOOKS[buckle.look];
  const [w, length] = [buckle.bodyWidthMm / 2, buckle.lengthMm];
  const grip = slotEnd + (length - slotEnd) * 0.5;
  // The windows through which the prongs are pressed.
  const windows = [-1, 1].map((side): Shape => {
    const edge = [-1, 1].map((s) => `${fix(a(grip + s * length * 0.13))} ${fix(side * w)}`);
    return { d: `M${edge[0]}Q${fix(a(grip))} ${fix(side * w * 0.72)} ${edge[1]}Z`, fill: look.edge };
  });
  return [
    { d: roundedBox(a, slotEnd + 2, length - 1.2, w * 0.62, 1.4), fill: look.top, opacity: 0.65 },
    ...windows,
    { d: line(a, length - 0.5, length - 0.5, w * 0.86), stroke: look.edge, width: 0.7 },
  ];
}

function prongs(buckle: Buckle, a: Along): Shape[] {
  const look = LOOKS[buckle.look];
  const [w, length, prong] = [buckle.bodyWidthMm / 2, buckle.lengthMm, buckle.prongMm];
  const tip = length + prong;
  const arms = [-1, 1].map((side): Shape => {
    const p = (mm: number, across: number) => `${fix(a(mm))} ${fix(side * w * across)}`;
    return {
      d: `M${p(length - 1, 0.86)}C${p(length + 2, 0.86)} ${p(length + prong * 0.3, 0.62)} ${p(length + prong * 0.45, 0.7)}C${p(length + prong * 0.6, 1)} ${p(length + prong * 0.75, 0.98)} ${p(tip, 0.6)}L${p(tip - 1, 0.44)}C${p(length + prong * 0.6, 0.6)} ${p(length + prong * 0.4, 0.44)} ${p(length - 1, 0.5)}Z`,
      fill: look.body,
      stroke: look.edge,
      width: 0.35,
    };
  });
  return [
    ...arms,
    {
      d: roundedBox(a, length - 1, tip - prong * 0.22, w * 0.2, 0.9),
      fill: look.top,
      stroke: look.edge,
      width: 0.3,
    },
    { d: line(a, length - 0.4, length - 0.4, w * 0.9), stroke: look.top, width: 0.6, cap: 'round' },
  ];
}

function sideProfile(buckle: Buckle, a: Along): Shape[] {
  const look = LOOKS[buckle.look];
  const t = buckle.bar.thicknessMm / 2;
  const length = buckle.lengthMm;
  const box = (from: number, to: number, half: number, r: number, fill: string): Shape => ({
    d: roundedBox(a, from, to, half, r),
    fill,
    stroke: look.edge,
    width: 0.35,
  });
  return [
    box(-0.2, buckle.bar.widthMm, t, t * 0.6, look.body),
    box(buckle.bar.widthMm + 2, length, t + 1.6, 1.6, look.body),
    ...(buckle.half === 'prongs' ? [box(length - 0.5, length + buckle.prongMm, t, t * 0.7, look.top)] : []),
  ];
}
