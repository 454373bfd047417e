// Generated from schemas/ring-runs.schema.json by npm run gen. Do not edit.

/**
 * The run list of a ring: every half cycle from bight to bight, and over and under the cords already there.
 */
export interface RingRuns {
  format: "warp-beam/ring-runs";
  version: 1;
  leads: number;
  bights: number;
  strands?: number;
  coding: string;
  first: "O" | "U";
  /**
   * @minItems 1
   * @maxItems 400
   */
  runs: {
    k: number;
    strand?: number;
    from: string;
    to: string;
    /**
     * free, or like O1 U2
     */
    seq: string;
  }[];
  /**
   * Sizes of the ring, in mm; left out where no girth was given.
   */
  sizes?: {};
}
