import type { Rope, RopeStrand } from '../weave/types.ts';
import { rightOver } from './coding.ts';
import { heightAt, lateness, zigzag } from './lead.ts';
import { crossingsOf, halfCycles } from './path.ts';
import { leadAngle, narrowestWidth, type RingOnMandrel } from './sizes.ts';
import { mod, strandsOf } from './types.ts';

/** Points a column in which a cord's way is drawn to begin with. */
const A_COLUMN = 6;
/** How much wider than its narrowest a ring starts before it is pulled tight, and for each further pass. */
const LOOSE = 1.25;
const LOOSER_A_PASS = 0.2;
/** Over and under cords start so far from the middle, in diameters: they do not touch yet. */
const APART = 0.58;

/**
 * A ring laid loosely on its mandrel, ready for the rope engine, in cord diameters: one closed strand for each pass of each cord.
 * The mandrel's axis is y, which grows from the left edge to the right one; seen from outside with y to the right, the
 * winding direction is upwards. `pinnedWidth` (in the unit of `d`) holds its bights on pins, for a ring that wide.
 */
export function ringRope(ring: RingOnMandrel, pinnedWidth?: number): Rope {
  const { shape, passes, d } = ring;
  const { leads, bights } = shape;
  const radius = ring.girth / d / (2 * Math.PI);
  const width =
    pinnedWidth === undefined
      ? narrowestWidth(ring) * (LOOSE + LOOSER_A_PASS * (passes - 1))
      : pinnedWidth + 0.4 * d;
  const apart = 1 / Math.cos(leadAngle(ring, width));
  // The outermost passes are half of their number to either side; what is left is one pass's own way across. On pins
  // every pass must begin outside its pin, the inner ones too.
  const pinned =
    pinnedWidth === undefined ? undefined : (pinnedWidth / d - 1) / 2 - (passes - 1) - (PIN + 0.5);
  const own =
    pinned === undefined
      ? Math.max(leads * 0.5, width / d - 1 - (passes - 1) * apart)
      : 2 * (pinned + PIN + 0.7) + (passes - 1) * apart;
  const halves = halfCycles(shape);
  const strands: RopeStrand[] = [];
  for (let pass = 0; pass < passes; pass++) {
    const shift = (pass - (passes - 1) / 2) * apart;
    for (let strand = 1; strand <= strandsOf(shape); strand++) {
      const points: number[] = [];
      for (const half of halves.filter((h) => h.strand === strand)) {
        const isRight = half.way === 'right';
        const late = lateness(shift, own, leads, isRight);
        const heights = [
          0,
          ...crossingsOf(half, shape).map(({ row, column }) =>
            rightOver(shape, row, column) === isRight ? APART : -APART,
          ),
          0,
        ];
        for (let i = 0; i < leads * A_COLUMN; i++) {
          const t = i / A_COLUMN;
          const height = heightAt(heights, t + late, passes);
          const across = zigzag(t / leads) * (isRight ? 1 : -1);
          const angle = (Math.PI * (half.column + t)) / bights;
          const r = radius + 1 + height;
          points.push(-r * Math.sin(angle), (own / 2) * across + shift, r * Math.cos(angle));
        }
      }
      strands.push({
        name: `${strand}${passes > 1 ? `·${pass + 1}` : ''}`,
        role: 'work',
        kind: 'closed',
        periods: 0,
        radius: 0.5,
        weight: 1,
        points: Float64Array.from(points),
      });
    }
  }
  if (pinned === undefined) return { period: 0, mandrel: radius, strands };
  const pins = {
    count: bights,
    halfWidth: pinned,
    shift: (leads % 2) / (2 * bights),
    radius: PIN,
  };
  return { period: 0, mandrel: radius, pins, strands };
}

/** Radius of a pin in cord diameters. */
const PIN = 0.2;

/** Radius of what is left inside a ring that was let go: nothing to speak of, but the ring still has an inside. */
const NOTHING = 0.01;

/** The same ring off its mandrel and pins: drawn on, it closes until its cords lock. */
export const letGo = ({ pins: _pins, ...rope }: Rope): Rope => ({ ...rope, mandrel: NOTHING });

/** Girth inside a ring of closed strands about the y axis, in cord diameters: round what would just fit. */
export const insideGirth = (strands: readonly ArrayLike<number>[]): number => {
  let least = Number.POSITIVE_INFINITY;
  for (const points of strands)
    for (let i = 0; i < points.length; i += 3)
      least = Math.min(least, Math.hypot(points[i]!, points[i + 2]!));
  return 2 * Math.PI * Math.max(0, least - 0.5);
};

/** Places of a tight ring on its mandrel: along it in columns, across it and out from the mandrel in diameters. */
export function unrolled(points: ArrayLike<number>, bights: number): Float64Array {
  const out = new Float64Array(points.length);
  for (let i = 0; i < points.length; i += 3) {
    const [x, y, z] = [points[i]!, points[i + 1]!, points[i + 2]!];
    out[i] = mod((Math.atan2(-x, z) * bights) / Math.PI, 2 * bights);
    out[i + 1] = y;
    out[i + 2] = Math.hypot(x, z);
  }
  return out;
}
