import type { SideRelease } from '../closures/sideRelease.ts';
import type { View } from './paint.ts';
import { fix, type Shape } from './shape.ts';

const BODY = '#23282e';
const EDGE = '#0f1316';
const TOP = '#3a424b';

/**
 * A side-release half seen from the front, to scale. `bar` is the band-side edge of its cord bar, `dir` −1 for the
 * socket at the left and +1 for the prongs at the right. Its slot is left open so that the mat shows through.
 */
export function buckleHalf(
  buckle: SideRelease,
  half: 'socket' | 'prongs',
  bar: number,
  dir: 1 | -1,
  view: View,
): Shape[] {
  if (view === 'edge') return sideProfile(buckle, half, bar, dir);
  const along = (mm: number) => bar + dir * mm;
  const w = buckle.bodyWidthMm / 2;
  const slot = buckle.sizeMm / 2;
  const barEnd = buckle.bar.widthMm;
  const slotEnd = barEnd + Math.max(3, buckle.bar.widthMm * 1.5);
  const length = half === 'socket' ? buckle.socketMm : buckle.prongHalfMm;
  const frame =
    roundedBox(along, -0.2, Math.max(slotEnd + 2.5, length), w, 2.2) +
    roundedBox(along, barEnd, slotEnd, slot, 0.8);
  const shapes: Shape[] = [{ d: frame, fill: BODY, stroke: EDGE, width: 0.35, rule: 'evenodd' }];
  shapes.push({ d: line(along, 0.6, barEnd * 0.35, w * 0.82), stroke: TOP, width: 0.5, cap: 'round' });
  if (half === 'socket') {
    const grip = slotEnd + (length - slotEnd) * 0.5;
    shapes.push({ d: roundedBox(along, slotEnd + 2, length - 1.2, w * 0.62, 1.4), fill: TOP, opacity: 0.65 });
    for (const side of [-1, 1]) {
      // The windows through which the prongs are pressed.
      const window = [-1, 1].map((s) => `${fix(along(grip + s * buckle.socketMm * 0.13))} ${fix(side * w)}`);
      shapes.push({
        d: `M${window[0]}Q${fix(along(grip))} ${fix(side * w * 0.72)} ${window[1]}Z`,
        fill: EDGE,
      });
    }
    shapes.push({ d: line(along, length - 0.5, length - 0.5, w * 0.86), stroke: EDGE, width: 0.7 });
    return shapes;
  }
  const tip = length + buckle.prongMm;
  for (const side of [-1, 1]) {
    const p = (mm: number, across: number) => `${fix(along(mm))} ${fix(side * w * across)}`;
    shapes.push({
      d: `M${p(length - 1, 0.86)}C${p(length + 2, 0.86)} ${p(length + buckle.prongMm * 0.3, 0.62)} ${p(length + buckle.prongMm * 0.45, 0.7)}C${p(length + buckle.prongMm * 0.6, 1)} ${p(length + buckle.prongMm * 0.75, 0.98)} ${p(tip, 0.6)}L${p(tip - 1, 0.44)}C${p(length + buckle.prongMm * 0.6, 0.6)} ${p(length + buckle.prongMm * 0.4, 0.44)} ${p(length - 1, 0.5)}Z`,
      fill: BODY,
      stroke: EDGE,
      width: 0.35,
    });
  }
  shapes.push({
    d: roundedBox(along, length - 1, tip - buckle.prongMm * 0.22, w * 0.2, 0.9),
    fill: TOP,
    stroke: EDGE,
    width: 0.3,
  });
  shapes.push({ d: line(along, length - 0.4, length - 0.4, w * 0.9), stroke: TOP, width: 0.6, cap: 'round' });
  return shapes;
}

function sideProfile(buckle: SideRelease, half: 'socket' | 'prongs', bar: number, dir: 1 | -1): Shape[] {
  const along = (mm: number) => bar + dir * mm;
  const t = buckle.bar.thicknessMm / 2;
  const length = half === 'socket' ? buckle.socketMm : buckle.prongHalfMm;
  const shapes: Shape[] = [
    { d: roundedBox(along, -0.2, buckle.bar.widthMm, t, t * 0.6), fill: BODY, stroke: EDGE, width: 0.35 },
    {
      d: roundedBox(along, buckle.bar.widthMm + 2, length, t + 1.6, 1.6),
      fill: BODY,
      stroke: EDGE,
      width: 0.35,
    },
  ];
  if (half === 'prongs')
    shapes.push({
      d: roundedBox(along, length - 0.5, length + buckle.prongMm, t, t * 0.7),
      fill: TOP,
      stroke: EDGE,
      width: 0.35,
    });
  return shapes;
}

function line(along: (mm: number) => number, from: number, to: number, half: number): string {
  return `M${fix(along(from))} ${fix(-half)}L${fix(along(to))} ${fix(half)}`;
}

function roundedBox(
  along: (mm: number) => number,
  from: number,
  to: number,
  half: number,
  r: number,
): string {
  const c = (mm: number, across: number) => `${fix(along(mm))} ${fix(across)}`;
  return (
    `M${c(from, -half + r)}Q${c(from, -half)} ${c(from + r, -half)}L${c(to - r, -half)}Q${c(to, -half)} ${c(to, -half + r)}` +
    `L${c(to, half - r)}Q${c(to, half)} ${c(to - r, half)}L${c(from + r, half)}Q${c(from, half)} ${c(from, half - r)}Z`
  );
}
