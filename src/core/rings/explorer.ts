import { easyPitch, leastPitch, narrowestWidth, openShare, pitchOf, type RingOnMandrel } from './sizes.ts';
import { type Coding, gcd } from './types.ts';

/** What becomes of a ring of so many leads and bights at one girth, cord, number of passes and width. */
export type Fit = 'closed' | 'open' | 'crowded' | 'wide' | 'full';

export interface Cell {
  readonly leads: number;
  readonly bights: number;
  readonly strands: number;
  readonly fit: Fit;
  readonly widthMm: number;
  readonly pitchMm: number;
  readonly openShare: number;
}

interface Ask {
  readonly girth: number;
  readonly d: number;
  readonly passes: number;
  readonly coding: Coding;
  /** Width wanted, in the unit of `d`. */
  readonly width: number;
}

/** One letter for each, so that the tint only repeats it. */
export const FIT_LETTER: Readonly<Record<Fit, string>> = {
  closed: 'C',
  open: 'O',
  crowded: 'T',
  wide: 'W',
  full: '×',
};

/** A ring no wider than this over what was wanted still counts as that wide. */
const WIDE_WITHIN = 1.02;
const CLOSED_WITHIN = 1.1;

/** Looks at one ring. */
export function cellOf(ask: Ask, leads: number, bights: number): Cell {
  const ring: RingOnMandrel = {
    shape: { leads, bights, coding: ask.coding, first: 'O' },
    passes: ask.passes,
    girth: ask.girth,
    d: ask.d,
  };
  const narrow = narrowestWidth(ring);
  const pitch = pitchOf(ring);
  const width = Math.max(narrow, ask.width);
  const fit: Fit =
    pitch < leastPitch(ask.passes, ask.d)
      ? 'full'
      : narrow > ask.width * WIDE_WITHIN
        ? 'wide'
        : pitch < easyPitch(ask.passes, ask.d)
          ? 'crowded'
          : width <= CLOSED_WITHIN * narrow
            ? 'closed'
            : 'open';
  return {
    leads,
    bights,
    strands: gcd(leads, bights),
    fit,
    widthMm: width,
    pitchMm: pitch,
    openShare: openShare(ring, width),
  };
}

/** The grid of rings, row by row of leads. */
export const explore = (ask: Ask, leads: readonly number[], bights: readonly number[]): Cell[][] =>
  leads.map((l) => bights.map((b) => cellOf(ask, l, b)));
