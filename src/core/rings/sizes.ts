import { rightOver } from './coding.ts';
import { crossingsOf } from './path.ts';
import type { RingShape } from './types.ts';

/** A ring on a mandrel. All lengths in one unit, mm or cord diameters; `d` is the cord's effective diameter. */
export interface RingOnMandrel {
  readonly shape: RingShape;
  /** Cords side by side: passes of one colour or several. */
  readonly passes: number;
  /** Girth of the mandrel, or of the inside of the finished ring. */
  readonly girth: number;
  readonly d: number;
  /** How many columns on from the seam of its map L1 is; none where the map begins with it. Sizes don't depend on it. */
  readonly startColumn?: number;
}

/** Girth on which the cords cross each other: one diameter above the mandrel all round. */
export const meanGirth = ({ girth, d }: Pick<RingOnMandrel, 'girth' | 'd'>): number =>
  girth + 2 * Math.PI * d;

/** Bight to bight along one edge. */
export const pitchOf = (ring: RingOnMandrel): number => meanGirth(ring) / ring.shape.bights;

/**
 * How much of the room abreast each cord needs in the narrowest ring, over its diameter: fitted to relaxed rings of hard
 * round cord, within 3 % over the warning pitch. Two rows alike are closer with more leads. Three rows alike and columns
 * were not relaxed: they are set as two rows alike are.
 */
export function packing({ leads, coding }: RingShape, passes: number): number {
  if (coding.n === 1) return passes === 1 ? 1.02 : leads <= 4 ? 0.8 : 0.76;
  if (passes > 1) return 0.68;
  const share = Math.max(0, Math.min(1, (leads - 5) / 4));
  return 0.84 + share * (0.745 - 0.84);
}

/** Narrowest width, over the cords’ surfaces: W₀ = d·(1 + κ·(pL − 1)). */
export const narrowestWidth = ({ shape, passes, d }: Omit<RingOnMandrel, 'girth'>): number =>
  d * (1 + packing(shape, passes) * (passes * shape.leads - 1));

/** Under this pitch the bights no longer fit side by side and the ring rises off the mandrel. */
export const leastPitch = (passes: number, d: number): number => (1.6 * passes + 0.5) * d;
/** Under this pitch leads begin to pile up. */
export const easyPitch = (passes: number, d: number): number => (1.8 * passes + 0.8) * d;

/** Half the angle at which leads cross, against the winding direction, in radians: tan θ = 2w/(L·P). */
export const leadAngle = (ring: RingOnMandrel, width: number): number =>
  Math.atan((2 * (width - ring.d)) / (ring.shape.leads * pitchOf(ring)));

/** Share of the face through which the mandrel shows: two sets of straight bands p·d wide, t apart. 0 … 1. */
export function openShare(ring: RingOnMandrel, width: number): number {
  const apart = pitchOf(ring) * Math.sin(leadAngle(ring, width));
  const covered = ring.passes * ring.d;
  return apart <= covered ? 0 : (1 - covered / apart) ** 2;
}

/** How far tight leads snake sideways, as a share of d/P: fitted, and none where it was not seen. */
const snaking = ({ coding }: RingShape, passes: number): number =>
  coding.n === 1 ? (passes === 1 ? 0.14 : passes === 2 ? 0.1 : 0) : passes === 1 && coding.n === 2 ? 0.06 : 0;

/** From this much wider than its narrowest on, passes are side by side over their whole way. */
const SIDE_BY_SIDE = 0.3;

/**
 * How far one pass reaches across, along its middle. Passes are one curve, shifted across by d/cos θ: each is narrower than
 * the ring by the others. In a ring at its narrowest they press each other into as much of a detour as that saves.
 */
export function passWidth(ring: RingOnMandrel, width: number): number {
  const { passes, d } = ring;
  const wider = width / narrowestWidth(ring) - 1;
  const share = Math.max(0, Math.min(1, wider / SIDE_BY_SIDE));
  return width - d - (share * (passes - 1) * d) / Math.cos(leadAngle(ring, width));
}

/** The zigzag's vertices are beyond the bights by what the angle says, and the angle by where they are: so often round. */
const SETTLES = 10;

/**
 * Cord of one pass: a taut string over its crossings, unrolled. Under cords are on r₁ = R + d/2, over cords on r₂ = R + 3d/2;
 * between neighbours the string runs tangent to what it leaves (lengths along a tangent strip and along a cylinder unroll into one
 * plane, so this is the geodesic); each bight is one such step of two columns, rounded by a bend of radius d.
 */
export function passLength(ring: RingOnMandrel, width: number): number {
  const { shape, d } = ring;
  const { leads, bights } = shape;
  const radius = ring.girth / (2 * Math.PI);
  const [r1, r2] = [radius + d / 2, radius + 1.5 * d];
  const column = Math.PI / bights;
  const halfCycle = (leads * pitchOf(ring)) / 2;
  const w = passWidth(ring, width);
  let across = w;
  let angle = Math.atan(across / halfCycle);
  for (let i = 0; i < SETTLES; i++) {
    across = w + 2 * d * (1 / Math.cos(angle) - 1);
    angle = Math.atan(across / halfCycle);
  }
  const step = across / leads;
  const tangent = Math.sqrt(r2 * r2 - r1 * r1);
  const turn = Math.acos(r1 / r2);
  const along = (from: boolean, to: boolean, phi: number): number => {
    if (from !== to)
      return phi > turn
        ? tangent + r1 * (phi - turn)
        : Math.sqrt(r1 * r1 + r2 * r2 - 2 * r1 * r2 * Math.cos(phi));
    if (!from) return r1 * phi;
    return phi > 2 * turn ? 2 * tangent + r1 * (phi - 2 * turn) : 2 * r2 * Math.sin(phi / 2);
  };
  const bight = Math.hypot(along(true, false, 2 * column), 2 * step) - 2 * d * (Math.tan(angle) - angle);
  let total = 2 * bights * bight;
  for (const word of wordsOf(shape)) {
    for (let i = 1; i < word.letters.length; i++)
      total += word.times * Math.hypot(along(word.letters[i - 1]!, word.letters[i]!, column), step);
  }
  const narrow = narrowestWidth(ring);
  const tightness = Math.max(0, Math.min(1, 2 - width / narrow));
  return total * (1 + snaking(shape, ring.passes) * (d / pitchOf(ring)) * tightness);
}

/** What half cycles read, over as true, and how many read so: alike by rows, by columns each begins elsewhere in its word. */
function wordsOf(shape: RingShape): { letters: readonly boolean[]; times: number }[] {
  const starts = shape.coding.by === 'row' ? [0] : Array.from({ length: shape.bights }, (_, i) => i);
  return starts.flatMap((i) =>
    (['right', 'left'] as const).map((way) => ({
      letters: crossingsOf({ way, column: 2 * i + (way === 'left' ? shape.leads % 2 : 0) }, shape).map(
        ({ row, column }) => rightOver(shape, row, column) === (way === 'right'),
      ),
      times: shape.bights / starts.length,
    })),
  );
}

export type Verdict = 'tight' | 'narrow' | 'closed' | 'open';

/** A ring within this of its narrowest width is called closed. */
const CLOSED_WITHIN = 1.1;

/**
 * Too tight: the pitch is under the limit. Narrow: it does not go as narrow as wanted. Closed: at its narrowest, or within a tenth.
 * Open: wider, by pins or on purpose.
 */
export function verdictOf(ring: RingOnMandrel, width: number): Verdict {
  const narrow = narrowestWidth(ring);
  if (pitchOf(ring) < leastPitch(ring.passes, ring.d)) return 'tight';
  if (width < narrow - 1e-9) return 'narrow';
  return width <= CLOSED_WITHIN * narrow ? 'closed' : 'open';
}

/** Over the mandrel: two cords, and a little more where passes or doubled rows ride up. [least, most]. */
export function thickness({ shape, passes, d }: Omit<RingOnMandrel, 'girth'>): readonly [number, number] {
  return [2 * d, (shape.coding.n === 1 && passes === 1 ? 2 : 2.3) * d];
}

/** The least girth on which so many bights fit at all. */
export const leastGirth = (bights: number, passes: number, d: number): number =>
  bights * leastPitch(passes, d) - 2 * Math.PI * d;

/** The most bights that fit round a girth. */
export const mostBights = (girth: number, passes: number, d: number): number =>
  Math.floor((girth + 2 * Math.PI * d) / leastPitch(passes, d) + 1e-9);
