import { leadAngle, leastPitch, narrowestWidth, passLength, pitchOf, type RingOnMandrel } from './sizes.ts';
import { type Coding, PLAIN, type RingShape, strandsOf } from './types.ts';

/** What a ring is wanted for. Lengths in one unit, mm or cord diameters; `d` is the cord's effective diameter. */
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

/** Why a ring is only nearly what was wanted: cord that is missing, cords that it needs, or by how much its width is off. */
export type WhyNot =
  | { readonly reason: 'cord'; readonly short: number }
  | { readonly reason: 'strands'; readonly strands: number }
  | { readonly reason: 'width'; readonly off: number };

/** A ring that fits what is wanted, or nearly. */
export interface Candidate {
  readonly shape: RingShape;
  readonly passes: number;
  /** Width that it will have. */
  readonly width: number;
  /** Cord of all passes, without ends. */
  readonly cord: number;
  /** Half the angle at which its leads cross, in radians. */
  readonly angle: number;
  readonly pitch: number;
  readonly whyNot?: WhyNot;
}

/** Leads cross at about this half angle in rings that people like to look at: a taste, not a law. */
const LIKED_ANGLE = (25 * Math.PI) / 180;
const MOST_PASSES = 3;
const MOST_LEADS = 15;
/** A closed ring may come out so much wider or narrower than wanted; up to NEARLY it is shown with what is wrong. */
const WIDTH_WITHIN = 0.12;
const NEARLY = 0.22;
/** Further passes are more work: each counts as much as this many radians off the liked angle. */
const A_PASS = 0.1;

/**
 * Which rings fit: closed ones whose narrowest width is about the one wanted, or open ones held wide to it; of each number of
 * leads the numbers of bights that look best and whose pitch is over the limit. The best first: right width, then leads near the
 * liked angle. What nearly fits comes after, each with the reason why not.
 */
export function ringsThatFit(wanted: Wanted): Candidate[] {
  const found: { readonly candidate: Candidate; readonly rank: number }[] = [];
  for (const coding of [PLAIN, { by: 'row', n: 2 }] satisfies Coding[])
    for (let passes = 1; passes <= MOST_PASSES; passes++)
      for (let leads = coding.n === 1 ? 2 : 5; leads <= MOST_LEADS; leads += coding.n === 1 ? 1 : 4) {
        const narrow = narrowestWidth({
          shape: { leads, bights: 3, coding, first: 'O' },
          passes,
          d: wanted.d,
        });
        const off = (narrow - wanted.width) / wanted.width;
        const miss = wanted.isOpen ? Math.max(0, off) : Math.abs(off);
        if (miss > NEARLY) continue;
        const width = wanted.isOpen ? Math.max(narrow, wanted.width) : narrow;
        for (const shape of shapesOf(wanted, { coding, leads, passes, width })) {
          const candidate = candidateOf(wanted, shape, passes, width, miss);
          const rank =
            (candidate.whyNot ? 9 : 0) +
            4 * miss +
            Math.abs(candidate.angle - LIKED_ANGLE) +
            A_PASS * (passes - 1);
          found.push({ candidate, rank });
        }
      }
  return found.sort((a, b) => a.rank - b.rank).map((f) => f.candidate);
}

function candidateOf(
  wanted: Wanted,
  shape: RingShape,
  passes: number,
  width: number,
  miss: number,
): Candidate {
  const ring: RingOnMandrel = { shape, passes, girth: wanted.girth, d: wanted.d };
  const cord = passes * passLength(ring, width);
  const strands = strandsOf(shape);
  const allowed = wanted.isOpen ? 0 : WIDTH_WITHIN;
  const whyNot: WhyNot | undefined =
    miss > allowed
      ? { reason: 'width', off: width - wanted.width }
      : strands > wanted.strands
        ? { reason: 'strands', strands }
        : wanted.cord !== undefined && cord > wanted.cord
          ? { reason: 'cord', short: cord - wanted.cord }
          : undefined;
  return {
    shape,
    passes,
    width,
    cord,
    angle: leadAngle(ring, width),
    pitch: pitchOf(ring),
    ...(whyNot ? { whyNot } : {}),
  };
}

/** The two numbers of bights that look best of those that need few enough cords, and the best of those that need more. */
function shapesOf(
  { girth, d, strands }: Wanted,
  { coding, leads, passes, width }: { coding: Coding; leads: number; passes: number; width: number },
): RingShape[] {
  const list: { readonly shape: RingShape; readonly off: number }[] = [];
  for (let bights = 2; ; bights++) {
    const shape: RingShape = { leads, bights, coding, first: 'O' };
    const ring: RingOnMandrel = { shape, passes, girth, d };
    if (pitchOf(ring) < leastPitch(passes, d)) break;
    list.push({ shape, off: Math.abs(leadAngle(ring, width) - LIKED_ANGLE) });
  }
  list.sort((a, b) => a.off - b.off);
  const few = list.filter((l) => strandsOf(l.shape) <= strands).slice(0, 2);
  const many = list.filter((l) => strandsOf(l.shape) > strands).slice(0, 1);
  return [...few, ...many].map((l) => l.shape);
}
