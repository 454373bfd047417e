import { type AddonPlace, RING_WIRE_MM } from '../plan/addons.ts';
import { ringShapes } from './hardware.ts';
import { fix, type Shape } from './shape.ts';
import { along, circle, roundedBox } from './shapes.ts';

const WOOD = { body: '#a5713f', edge: '#4f3316', lit: '#cf9c66' } as const;
const STEEL = { body: '#9aa2a9', edge: '#4b5258', lit: '#d4d9dd' } as const;
const BRASS = { body: '#c49a3c', edge: '#5d4512', lit: '#efd489' } as const;

/** Something along the band, seen from the front, to scale. */
export function addonShapes(place: AddonPlace, bandWidthMm: number): Shape[] {
  const { atMm: at, sizeMm: size } = place;
  const a = along(at, 1);
  const half = bandWidthMm / 2;
  switch (place.kind) {
    case 'ring':
      return ringShapes(at, size, RING_WIRE_MM, bandWidthMm);
    case 'bead':
      return [
        {
          d: roundedBox(a, -size / 2, size / 2, Math.max(half * 0.8, size * 0.42), size * 0.4),
          fill: WOOD.body,
          stroke: WOOD.edge,
          width: 0.4,
        },
        { d: circle(a, -size * 0.14, -half * 0.25, size * 0.14), fill: WOOD.lit, opacity: 0.75 },
      ];
    case 'slider':
      return [
        {
          d: roundedBox(a, -size / 2, size / 2, half + 1.2, 1.6),
          fill: STEEL.body,
          stroke: STEEL.edge,
          width: 0.4,
        },
        { d: roundedBox(a, -size / 2 + 1.4, size / 2 - 1.4, half - 0.6, 1), stroke: STEEL.lit, width: 0.5 },
      ];
    case 'tag':
      return [
        {
          d: roundedBox(a, -size / 2, size / 2, half * 0.62, 2),
          fill: STEEL.lit,
          stroke: STEEL.edge,
          width: 0.4,
        },
        ...[-1, 1].map((side): Shape => ({ d: circle(a, side * (size / 2 - 2), 0, 0.8), fill: STEEL.edge })),
      ];
    case 'knot':
      // It is cord, and drawn as cord.
      return [];
    case 'charm':
      return [{ d: star(at, size / 2), fill: BRASS.body, stroke: BRASS.edge, width: 0.4 }];
  }
}

/** A star of five points. */
function star(at: number, r: number): string {
  const points = Array.from({ length: 10 }, (_, i) => {
    const angle = (i * Math.PI) / 5 - Math.PI / 2;
    const reach = i % 2 === 0 ? r : r * 0.45;
    return `${fix(at + reach * Math.cos(angle))} ${fix(reach * Math.sin(angle))}`;
  });
  return `M${points.join('L')}Z`;
}
