import type { EndShape } from '../closures/types.ts';
import { buckleShapes } from './buckle.ts';
import type { View } from './paint.ts';
import { fix, type Shape } from './shape.ts';
import { type Along, circle, line, roundedBox } from './shapes.ts';

const STEEL = { body: '#9aa2a9', edge: '#4b5258', lit: '#d4d9dd' } as const;
const DARK = { body: '#2b3138', edge: '#12161a', lit: '#4b555f' } as const;
const WOOD = { body: '#a5713f', edge: '#4f3316', lit: '#cf9c66' } as const;

/** What is stiff at an end, to scale, outwards from its bar (or from the weave); cords are drawn elsewhere. */
export function hardwareShapes(shape: EndShape, a: Along, view: View, neckMm = 0): Shape[] {
  switch (shape.shape) {
    case 'buckle':
      return buckleShapes(shape, a, view);
    case 'plate':
      return plate(shape, a, view);
    case 'bow':
      return bow(shape, a, view);
    case 'frame':
      return frame(shape, a, view);
    case 'spring-bar':
      return rod(a, -shape.barMm, 0, (view === 'edge' ? shape.barMm : shape.lengthMm) / 2);
    case 'run':
      return beads(shape, a, neckMm);
    case 'none':
    case 'loop':
      return [];
  }
}

/** How far hardware reaches beyond its bar, and to each side. */
export function hardwareReach(shape: EndShape): { out: number; half: number } {
  switch (shape.shape) {
    case 'buckle':
      return {
        out: shape.lengthMm + (shape.half === 'prongs' ? shape.prongMm : 0),
        half: shape.bodyWidthMm / 2,
      };
    case 'plate':
      return {
        out: shape.lengthMm + (shape.look === 'hook' ? shape.bar.widthMm : 0),
        half: shape.bodyWidthMm / 2,
      };
    case 'bow':
      return { out: shape.bowMm + shape.wireMm, half: shape.widthMm / 2 + shape.wireMm };
    case 'frame':
      return { out: shape.lengthMm + shape.wireMm, half: shape.widthMm / 2 + shape.wireMm };
    case 'spring-bar':
      return { out: shape.barMm, half: shape.lengthMm / 2 };
    case 'run':
      return {
        out: shape.lengthMm + (shape.capMm ?? shape.beadMm ?? 0),
        half: (shape.beadMm ?? (shape.capMm ? 6 : 0)) / 2,
      };
    case 'none':
    case 'loop':
      return { out: 0, half: 0 };
  }
}

const metal = (
  d: string,
  width: number,
  look: { body: string; edge: string; lit: string } = STEEL,
): Shape[] => [
  { d, stroke: look.edge, width, cap: 'round' },
  { d, stroke: look.body, width: width * 0.82, cap: 'round' },
  {
    d,
    stroke: look.lit,
    width: width * 0.25,
    cap: 'round',
    opacity: 0.8,
    shift: [-0.08 * width, -0.14 * width],
  },
];

const rod = (a: Along, from: number, to: number, half: number): Shape[] =>
  metal(line2(a, (from + to) / 2, half - Math.abs(to - from) / 2), Math.abs(to - from));

/** Straight across the piece. */
const line2 = (a: Along, out: number, half: number): string => `M${fix(a(out))} ${fix(-half)}V${fix(half)}`;

function plate(shape: Extract<EndShape, { shape: 'plate' }>, a: Along, view: View): Shape[] {
  const w = shape.bodyWidthMm / 2;
  const bar = shape.bar.widthMm;
  if (shape.look === 'toggle')
    return view === 'edge'
      ? [{ d: circle(a, bar / 2, 0, bar / 2), fill: WOOD.body, stroke: WOOD.edge, width: 0.3 }]
      : metal(line2(a, bar / 2, w - bar / 2), bar, WOOD);
  const look = shape.look === 'hook' ? STEEL : DARK;
  if (view === 'edge') {
    const t = shape.bar.thicknessMm / 2 + (shape.look === 'magnet' ? 1 : 0);
    return [
      { d: roundedBox(a, 0, shape.lengthMm, t, t * 0.7), fill: look.body, stroke: look.edge, width: 0.3 },
    ];
  }
  const slotEnd = bar + 3;
  const bodyEnd = shape.look === 'hook' ? slotEnd + 3 : shape.lengthMm;
  const body: Shape = {
    d: roundedBox(a, -0.2, bodyEnd, w, 1.8) + roundedBox(a, bar, slotEnd, shape.sizeMm / 2, 0.8),
    fill: look.body,
    stroke: look.edge,
    width: 0.35,
    rule: 'evenodd',
  };
  if (shape.look === 'magnet')
    return [
      body,
      { d: line(a, shape.lengthMm - 0.8, shape.lengthMm - 0.8, w * 0.85), stroke: look.lit, width: 0.7 },
      {
        d: circle(
          a,
          (slotEnd + shape.lengthMm) / 2,
          0,
          Math.min(w * 0.45, (shape.lengthMm - slotEnd) * 0.32),
        ),
        fill: look.lit,
      },
    ];
  const c = (out: number, across: number) => `${fix(a(out))} ${fix(across)}`;
  const wire = shape.bar.widthMm;
  const arm = w * 0.45;
  const end = shape.lengthMm;
  return [
    body,
    ...metal(
      `M${c(bodyEnd, -arm)}L${c(end - arm, -arm)}C${c(end + arm * 0.35, -arm)} ${c(end + arm * 0.35, arm)} ${c(end - arm, arm)}L${c(bodyEnd + wire * 1.4, arm)}`,
      wire,
    ),
  ];
}

function bow(shape: Extract<EndShape, { shape: 'bow' }>, a: Along, view: View): Shape[] {
  const half = view === 'edge' ? 0 : (shape.widthMm + shape.wireMm) / 2;
  const c = (out: number, across: number) => `${fix(a(out))} ${fix(across)}`;
  const far = shape.bowMm + shape.wireMm * 0.6;
  const bend = Math.min(half, shape.bowMm * 0.5);
  const mid = shape.wireMm / 2;
  const bows =
    half === 0
      ? `M${c(mid, 0)}L${c(far, 0)}`
      : `M${c(far, -half)}L${c(mid + bend, -half)}C${c(mid, -half)} ${c(mid, -half * 0.4)} ${c(mid, 0)}C${c(mid, half * 0.4)} ${c(mid, half)} ${c(mid + bend, half)}L${c(far, half)}`;
  const holes = shape.holesMm.flatMap((at): Shape[] =>
    (half === 0 ? [0] : [-half, half]).map((y) => ({
      d: circle(a, at + mid, y, shape.wireMm * 0.28),
      fill: STEEL.edge,
    })),
  );
  const pin =
    half === 0
      ? []
      : metal(
          `M${c(shape.holeMm + mid, -half - 1.5)}L${c(shape.holeMm + mid, half + 1.5)}`,
          shape.wireMm * 0.6,
        );
  return [...metal(bows, shape.wireMm), ...holes, ...pin];
}

function frame(shape: Extract<EndShape, { shape: 'frame' }>, a: Along, view: View): Shape[] {
  const wire = shape.wireMm;
  if (view === 'edge') return metal(`M${fix(a(wire / 2))} 0L${fix(a(shape.lengthMm + wire / 2))} 0`, wire);
  const half = (shape.widthMm + wire) / 2;
  const c = (out: number, across: number) => `${fix(a(out))} ${fix(across)}`;
  const far = shape.lengthMm + wire / 2;
  const near = wire / 2;
  const r = Math.min(half, shape.lengthMm) * (shape.hasPin ? 0.3 : 0.9);
  const ring = `M${c(near, -half)}L${c(far - r, -half)}Q${c(far, -half)} ${c(far, -half + r)}L${c(far, half - r)}Q${c(far, half)} ${c(far - r, half)}L${c(near, half)}Z`;
  return [
    ...metal(ring, wire),
    ...(shape.hasPin ? metal(`M${c(0, 0)}L${c(far + wire * 0.4, 0)}`, wire * 0.8) : []),
  ];
}

function beads(shape: Extract<EndShape, { shape: 'run' }>, a: Along, neckMm: number): Shape[] {
  if (shape.beadMm !== undefined) {
    const r = shape.beadMm / 2;
    const at = neckMm + shape.lengthMm + r;
    return [
      { d: circle(a, at, 0, r), fill: WOOD.body, stroke: WOOD.edge, width: 0.4 },
      { d: circle(a, at - r * 0.25, -r * 0.3, r * 0.32), fill: WOOD.lit, opacity: 0.7 },
    ];
  }
  if (shape.capMm !== undefined)
    return [
      {
        d: roundedBox(a, neckMm + shape.lengthMm - 1, neckMm + shape.lengthMm + shape.capMm, 3, 1.6),
        fill: STEEL.body,
        stroke: STEEL.edge,
        width: 0.35,
      },
    ];
  return [];
}

/** A watch case between two spring bars, from above or from the side. */
export function caseShapes(fromMm: number, lengthMm: number, lugMm: number, view: View): Shape[] {
  const a: Along = (out) => fromMm + out;
  const r = Math.min(lengthMm * 0.44, lugMm * 0.98);
  const middle = lengthMm / 2;
  if (view === 'edge')
    return [{ d: roundedBox(a, 1, lengthMm - 1, 4.5, 3), fill: STEEL.body, stroke: STEEL.edge, width: 0.5 }];
  const lugs = [-1, 1].flatMap((side) =>
    [-1, 1].map((end): Shape => {
      const y = side * (lugMm / 2 + 1.4);
      const at = (out: number) => `${fix(a(middle + end * out))} ${fix(y)}`;
      return { d: `M${at(r * 0.6)}L${at(middle + 0.5)}`, stroke: STEEL.edge, width: 2.8, cap: 'round' };
    }),
  );
  return [
    ...lugs,
    { d: circle(a, middle, 0, r), fill: STEEL.body, stroke: STEEL.edge, width: 0.6 },
    { d: circle(a, middle, 0, r * 0.84), fill: '#f4f2ea', stroke: STEEL.edge, width: 0.4 },
    {
      d: `M${fix(a(middle))} 0L${fix(a(middle - r * 0.4))} ${fix(-r * 0.22)}M${fix(a(middle))} 0L${fix(a(middle + r * 0.22))} ${fix(-r * 0.55)}`,
      stroke: '#23282e',
      width: 0.9,
      cap: 'round',
    },
  ];
}

/** A D-ring whose flat side lies along the band and whose bow hangs over its edge. */
export function ringShapes(atMm: number, flatMm: number, wireMm: number, bandWidthMm: number): Shape[] {
  const [l, r] = [atMm - flatMm / 2 - wireMm / 2, atMm + flatMm / 2 + wireMm / 2];
  const bottom = Math.max(bandWidthMm / 2 + wireMm * 2, flatMm * 0.75);
  return metal(
    `M${fix(l)} 0L${fix(l)} ${fix(bottom * 0.35)}C${fix(l)} ${fix(bottom * 1.18)} ${fix(r)} ${fix(bottom * 1.18)} ${fix(r)} ${fix(bottom * 0.35)}L${fix(r)} 0`,
    wireMm,
  );
}
