import { len, type Why, why } from '../why/why.ts';

/** What cord is tied to: a flat section, width along the band, thickness across it; or a round one. */
export interface Bar {
  readonly widthMm: number;
  readonly thicknessMm: number;
  readonly isRound?: boolean;
}

export const roundBar = (mm: number): Bar => ({ widthMm: mm, thicknessMm: mm, isRound: true });

interface Attached {
  readonly lengthMm: number;
  readonly why: Why;
}

/**
 * One leg of a lark's head (cow hitch): its centre line goes once round the bar at half a diameter's distance,
 * 2(w + t) + π·d, and half of the strap crosses over the two legs, d.
 */
export function larksHeadLegMm(bar: Bar, d: number): Attached {
  if (bar.isRound) {
    return {
      lengthMm: Math.PI * (bar.widthMm + d) + d,
      why: why`one leg of the lark's head: once round the rod, π × (${len(bar.widthMm)} + ${len(d)}), and half the strap, ${len(d)}`,
    };
  }
  const round = 2 * (bar.widthMm + bar.thicknessMm) + Math.PI * d;
  return {
    lengthMm: round + d,
    why: why`one leg of the lark's head: once round the bar, 2 × (${len(bar.widthMm)} + ${len(bar.thicknessMm)}) + π × ${len(d)}, and half the strap, ${len(d)}`,
  };
}

/** A cord led round the bar and back: out along it, over its far edge in a half circle, back: 2w + π(t + d)/2. */
export function turnRoundBarMm(bar: Bar, d: number): Attached {
  if (bar.isRound) {
    return {
      lengthMm: bar.widthMm + (Math.PI * (bar.widthMm + d)) / 2,
      why: why`out and back past the rod’s middle, ${len(bar.widthMm)}, with a half turn round its ${len(bar.widthMm)}`,
    };
  }
  return {
    lengthMm: 2 * bar.widthMm + (Math.PI * (bar.thicknessMm + d)) / 2,
    why: why`out and back over the bar, 2 × ${len(bar.widthMm)}, with a half turn round its ${len(bar.thicknessMm)}`,
  };
}
