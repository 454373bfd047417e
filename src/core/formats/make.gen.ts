// Generated from schemas/make.schema.json by npm run gen. Do not edit.

/**
 * A finished piece as it was really made: what was planned and cut, what was left, how it fits. Times in ms, lengths in mm.
 */
export interface Make {
  format: "warp-beam/make";
  version: 1;
  id: string;
  name: string;
  startedAt: number;
  finishedAt: number;
  design: {};
  planned: {
    rows: number;
    wovenMm: number;
    closedMm: number;
  };
  /**
   * @maxItems 100
   */
  cuts: {
    letter: string;
    cordType: string;
    cutMm: number;
  }[];
  /**
   * @maxItems 400
   */
  leftovers: {
    letter: string;
    strand: string;
    lane: number;
    leftMm: number;
    plannedMm: number;
  }[];
  /**
   * @maxItems 8
   */
  rows: number[];
  wovenMm?: number;
  closedMm?: number;
  fit: "right" | "tight" | "loose" | "not tried";
  /**
   * @maxItems 40
   */
  checks: {
    id: string;
    ok: boolean;
  }[];
  spent: {
    gather: number;
    cut: number;
    "set up": number;
    tie: number;
    close: number;
    finish: number;
    check: number;
  };
  /**
   * @maxItems 2000
   */
  slips: {
    row: number;
    band: number;
    fault: string;
    undone: number;
  }[];
  undoneRows: number;
  /**
   * What a tape told while it was tied: after so many rows, what was left of an end, or how long the weave was. Of pieces of one band.
   *
   * @maxItems 2000
   */
  measured?: {
    rows: number;
    /**
     * Which working end, counted from 0 as the plan lists them.
     */
    end?: number;
    leftMm?: number;
    wovenMm?: number;
  }[];
  notes?: string;
  /**
   * Lot of cord, where the maker tells lots apart.
   */
  lot?: string;
  /**
   * A day to look at it again.
   */
  careOn?: string;
  /**
   * A small picture, as a data URL.
   */
  photo?: string;
}
