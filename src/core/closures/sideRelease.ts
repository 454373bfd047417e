import type { Bar } from './attach.ts';

/** A side-release buckle, measured closed, along the curve, between the band-side edges of its two cord bars. */
export interface SideRelease {
  /** Inner width of the cord slot: the size it is sold by. */
  readonly sizeMm: number;
  /** Cord bar to the plane where the halves meet, for the socket half and the prong half. */
  readonly socketMm: number;
  readonly prongHalfMm: number;
  /** How far the prongs reach past that plane. */
  readonly prongMm: number;
  readonly bodyWidthMm: number;
  readonly bar: Bar;
}

export const SIDE_RELEASE: readonly SideRelease[] = [
  {
    sizeMm: 10,
    socketMm: 16,
    prongHalfMm: 10,
    prongMm: 11,
    bodyWidthMm: 15,
    bar: { widthMm: 2.5, thicknessMm: 2 },
  },
  {
    sizeMm: 15,
    socketMm: 22,
    prongHalfMm: 13,
    prongMm: 15,
    bodyWidthMm: 21,
    bar: { widthMm: 3, thicknessMm: 2.5 },
  },
  {
    sizeMm: 20,
    socketMm: 27,
    prongHalfMm: 16,
    prongMm: 19,
    bodyWidthMm: 27,
    bar: { widthMm: 3.5, thicknessMm: 3 },
  },
  {
    sizeMm: 25,
    socketMm: 32,
    prongHalfMm: 19,
    prongMm: 23,
    bodyWidthMm: 33,
    bar: { widthMm: 4, thicknessMm: 3.5 },
  },
];

export const HOW_TO_MEASURE =
  'Close the buckle. Measure along its curve, from the inner edge of one cord bar to the inner edge of the other.';

/** The buckle of that size; a measured length replaces the typical one, shared between the halves as before. */
export function sideRelease(sizeMm: number, measuredMm?: number): SideRelease | undefined {
  const typical = SIDE_RELEASE.find((s) => s.sizeMm === sizeMm);
  if (!typical || measuredMm === undefined) return typical;
  const scale = measuredMm / closedLengthMm(typical);
  return { ...typical, socketMm: typical.socketMm * scale, prongHalfMm: typical.prongHalfMm * scale };
}

/** What the closed buckle takes of the finished length. */
export const closedLengthMm = (b: SideRelease): number => b.socketMm + b.prongHalfMm;
