import { rightOver } from './coding.ts';
import { crossingsOf } from './path.ts';
import { leadAngle, passWidth, type RingOnMandrel } from './sizes.ts';
import { type HalfCycle, mod } from './types.ts';

/** Where a column of the ring is on its map, counted from the seam. */
export const mapColumn = ({ shape, startColumn = 0 }: RingOnMandrel, column: number): number =>
  mod(column + startColumn, 2 * shape.bights);

/** Points a column in which a cord's way is drawn. */
const A_COLUMN = 8;
/** How much of a half cycle's ends is rounded. */
const ROUNDED = 0.12;

/**
 * One half cycle of one lane on the unrolled ring, in the unit of `d`: flat u, v, z. u runs in the winding direction from
 * the column of L1, v across from the ring's middle, the left edge negative, z outwards from the middle of the crossings. All lanes are
 * one curve, shifted across by d/cos θ.
 */
export function leadPoints(ring: RingOnMandrel, width: number, half: HalfCycle, lane: number): Float64Array {
  const { shape, passes, d } = ring;
  const { leads } = shape;
  const isRight = half.way === 'right';
  const column = (ring.girth + 2 * Math.PI * d) / (2 * shape.bights);
  const heights = [
    0,
    ...crossingsOf(half, shape).map(({ row, column: c }) =>
      rightOver(shape, row, c) === isRight ? d / 2 : -d / 2,
    ),
    0,
  ];
  const shift = ((lane - (passes - 1) / 2) * d) / Math.cos(leadAngle(ring, width));
  // Lanes are side by side however narrow the ring: one lane's own way is what they leave.
  const own = Math.min(
    passWidth(ring, width),
    width - d - ((passes - 1) * d) / Math.cos(leadAngle(ring, width)),
  );
  const late = lateness(shift, own, leads, isRight);
  const count = leads * A_COLUMN + 1;
  const points = new Float64Array(3 * count);
  for (let i = 0; i < count; i++) {
    const t = i / A_COLUMN;
    points[3 * i] = (mapColumn(ring, half.column) + t) * column;
    points[3 * i + 1] = (own / 2) * zigzag(t / leads) * (isRight ? 1 : -1) + shift;
    points[3 * i + 2] = heightAt(heights, t + late, passes);
  }
  return points;
}

/**
 * By how many columns a lane meets the middle of the lanes that it crosses earlier than the middle lane does: so all lanes of a
 * band change sides along the edge of the band that covers them, not abreast. Lengths in one unit.
 */
export const lateness = (shift: number, own: number, leads: number, isRight: boolean): number =>
  ((isRight ? 1 : -1) * shift * leads * (1 - ROUNDED)) / (2 * own);

/** Height between crossings: `heights` at whole columns, edges included. */
export function heightAt(heights: readonly number[], t: number, passes: number): number {
  const k = Math.max(0, Math.min(heights.length - 2, Math.floor(t)));
  const s = sideShare(t - k, passes);
  return heights[k]! + (heights[k + 1]! - heights[k]!) * s;
}

/** A cord changes sides within this share of the way between two crossings: with more passes each crossing is wider. */
const CHANGES_WITHIN = [1, 0.6, 0.35] as const;

/** How far a cord has changed from one side to the other at a share of the way between two crossings: 0 … 1. */
export function sideShare(t: number, passes: number): number {
  const within = CHANGES_WITHIN[Math.min(passes, CHANGES_WITHIN.length) - 1]!;
  const share = Math.max(0, Math.min(1, (t - 0.5) / within + 0.5));
  return (1 - Math.cos(Math.PI * share)) / 2;
}

/** From −1 at one edge to 1 at the other for 0 ≤ t ≤ 1: straight, with both ends rounded to run along the edge. */
export function zigzag(t: number): number {
  const near = Math.min(t, 1 - t);
  const value = near >= ROUNDED ? 1 - 2 * near : 1 - (near * near) / ROUNDED - ROUNDED;
  return (Math.sign(2 * t - 1) * value) / (1 - ROUNDED);
}
