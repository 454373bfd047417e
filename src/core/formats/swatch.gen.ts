// Generated from schemas/swatch.schema.json by npm run gen. Do not edit.

/**
 * What a maker measured on a short piece tied for the purpose. Lengths in millimetres.
 */
export interface Swatch {
  patternId: string;
  cordId: string;
  rows: number;
  wovenMm: number;
  workUsedMm: number;
  widthMm?: number;
}
