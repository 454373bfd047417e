import { leastPitch, narrowestWidth, packing, passLength, pitchOf, type RingOnMandrel } from './sizes.ts';
import { type Coding, gcd, PLAIN, type RingShape } from './types.ts';

/** Share of each lead's way by which girth follows cord that is drawn out: η = 1 − d/(2P), at the narrowest width. */
export const takeUpShare = (ring: RingOnMandrel): number => 1 - ring.d / (2 * pitchOf(ring));

/** By how much the girth shrinks when so much cord is drawn out of a closed ring: ΔC = S/(p·L·η). */
export const girthLost = (ring: RingOnMandrel, drawnOut: number): number =>
  drawnOut / (ring.passes * ring.shape.leads * takeUpShare(ring));

/** How much cord must be drawn out for the girth to shrink by so much. */
export const cordToDraw = (ring: RingOnMandrel, girthLess: number): number =>
  girthLess * ring.passes * ring.shape.leads * takeUpShare(ring);

/**
 * The inside girth of the same cord pushed to its narrowest width: solves ℓ(C₂, W₀) = ℓ(C, W) by halving. A closed
 * ring keeps its girth.
 */
export function pushedNarrow(ring: RingOnMandrel, width: number): number {
  const narrow = narrowestWidth(ring);
  if (width <= narrow) return ring.girth;
  const cord = passLength(ring, width);
  let [low, high] = [ring.girth, 3 * ring.girth + 20 * ring.d];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (passLength({ ...ring, girth: middle }, narrow) < cord) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** No ring is worn smaller than this share of what it must pass: a wrist is hardly ever less of a hand. */
const WORN_LEAST = 0.7;

/**
 * Girth at which a ring is worn that must pass a hand: a closed ring is as large as the hand; an open one may be worn smaller, as
 * it grows when it is pushed narrow. Solves pushedNarrow(C) = girth that must pass, by halving.
 */
export function wornGirth(ring: Omit<RingOnMandrel, 'girth'>, width: number, mustPass: number): number {
  if (width <= narrowestWidth(ring)) return mustPass;
  let [low, high] = [WORN_LEAST * mustPass, mustPass];
  if (pushedNarrow({ ...ring, girth: low }, width) >= mustPass) return low;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (pushedNarrow({ ...ring, girth: middle }, width) < mustPass) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

export interface Wanted {
  readonly girth: number;
  readonly d: number;
  /** Width over the cords. */
  readonly width: number;
  readonly isOpen: boolean;
  /** Total cord at hand for the ring itself; any where it is missing. */
  readonly cord?: number;
  /** How many cords a pass may need; 1 for one cord. */
  readonly strands: number;
}

/** A ring that fits what is wanted, or nearly: then with the reason why not. */
export interface Candidate {
  readonly shape: RingShape;
  readonly passes: number;
  /** Width that it will have. */
  readonly width: number;
  /** Cord of all passes, without ends. */
  readonly cord: number;
  readonly angle: number;
  readonly pitch: number;
  readonly whyNot?: { readonly reason: 'cord'; readonly short: number };
}

/** Leads cross at about this half angle in rings that people like to look at: a taste, not a law. */
const LIKED_ANGLE = (25 * Math.PI) / 180;
const MOST_PASSES = 3;
const MOST_LEADS = 15;
/** A closed ring may come out so much wider or narrower than wanted. */
const WIDTH_WITHIN = 0.12;

/**
 * Which rings fit: closed ones whose narrowest width is about the one wanted, or open ones drawn wide to it; every number of
 * bights whose pitch is over the limit. The best first: right width, then leads near the liked angle.
 */
export function ringsThatFit(wanted: Wanted): Candidate[] {
  const { girth, d, width } = wanted;
  const codings: Coding[] = [PLAIN, { by: 'row', n: 2 }];
  const found: (Candidate & { readonly rank: number })[] = [];
  for (const coding of codings)
    for (let passes = 1; passes <= MOST_PASSES; passes++)
      for (let leads = coding.n === 1 ? 2 : 5; leads <= MOST_LEADS; leads += coding.n === 1 ? 1 : 4) {
        const narrow =
          d * (1 + packing({ leads, bights: 3, coding, first: 'O' }, passes) * (passes * leads - 1));
        const off = Math.abs(narrow - width) / width;
        if (wanted.isOpen ? narrow > width : off > WIDTH_WITHIN) continue;
        const made = wanted.isOpen ? Math.max(narrow, width) : narrow;
        const best = bestBights({ girth, d, coding, leads, passes, width: made, strands: wanted.strands });
        for (const shape of best) {
          const ring: RingOnMandrel = { shape, passes, girth, d };
          const pitch = pitchOf(ring);
          const angle = Math.atan((2 * (made - d)) / (leads * pitch));
          const cord = passes * passLength(ring, made);
          const short = wanted.cord === undefined ? 0 : cord - wanted.cord;
          found.push({
            shape,
            passes,
            width: made,
            cord,
            angle,
            pitch,
            ...(short > 0 ? { whyNot: { reason: 'cord' as const, short } } : {}),
            rank:
              (wanted.isOpen ? 0 : 4 * off) +
              Math.abs(angle - LIKED_ANGLE) +
              0.1 * (passes - 1) +
              (short > 0 ? 9 : 0),
          });
        }
      }
  return found.sort((a, b) => a.rank - b.rank).map(({ rank: _rank, ...c }) => c);
}

/** The two numbers of bights whose leads come nearest to the liked angle, of those that fit and need few enough cords. */
function bestBights(ask: {
  girth: number;
  d: number;
  coding: Coding;
  leads: number;
  passes: number;
  width: number;
  strands: number;
}): RingShape[] {
  const { girth, d, coding, leads, passes, width } = ask;
  const list: { shape: RingShape; off: number }[] = [];
  for (let bights = 2; ; bights++) {
    const shape: RingShape = { leads, bights, coding, first: 'O' };
    const pitch = pitchOf({ shape, passes, girth, d });
    if (pitch < leastPitch(passes, d)) break;
    if (gcd(leads, bights) > ask.strands) continue;
    const angle = Math.atan((2 * (width - d)) / (leads * pitch));
    list.push({ shape, off: Math.abs(angle - LIKED_ANGLE) });
  }
  return list
    .sort((a, b) => a.off - b.off)
    .slice(0, 2)
    .map((l) => l.shape);
}

/** A prior, until a maker's own rings are known: laying a half cycle, working its slack out, and each cord that it crosses, in seconds. */
export const SECONDS = { halfCycle: 15, slack: 12, crossing: 5 } as const;

/** Minutes for so many passes of a ring: 2B half cycles each, and p²·(L − 1)·B crossings in all. */
export const ringMinutes = ({ leads, bights }: Pick<RingShape, 'leads' | 'bights'>, passes: number): number =>
  (passes * 2 * bights * (SECONDS.halfCycle + SECONDS.slack) +
    passes * passes * (leads - 1) * bights * SECONDS.crossing) /
  60;
