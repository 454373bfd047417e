import type { BandExpected } from '../../core/photo/types.ts';

/** What is in the picture. */
export type PhotoPiece = { readonly band: BandExpected } | { readonly cordMm: number };

/** What came out of it. Lengths in mm. */
export interface FromPhoto {
  readonly lengthMm: number;
  /** Standard deviation of the length. */
  readonly sdMm: number;
  /** Rows that the maker has seen and let stand. */
  readonly rows?: number;
  readonly widthMm?: number;
  /** A small copy of the picture as a data URL; empty where there is none. */
  readonly small: string;
}
