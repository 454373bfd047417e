// Generated from schemas/stall.schema.json by npm run gen. Do not edit.

/**
 * What a maker's stall reckons with: prices, wage, cutting, sizes, hours. Lengths in mm, money in hundredths.
 */
export interface StallFigures {
  format: "warp-beam/stall";
  version: 1;
  /**
   * @maxItems 200
   */
  packs: {
    /**
     * Id of a cord type; missing for any.
     */
    cord?: string;
    /**
     * Id of a colour; missing for any.
     */
    colour?: string;
    lengthMm: number;
    priceCents: number;
  }[];
  /**
   * @maxItems 200
   */
  parts: {
    /**
     * Key of a piece of hardware, e.g. side-release/15.
     */
    part: string;
    perPack: number;
    priceCents: number;
  }[];
  /**
   * What an hour of work costs.
   */
  rateCents: number;
  marginPercent: number;
  /**
   * Prices are rounded up to a multiple of this.
   */
  roundCents: number;
  /**
   * Cord lost at every cut, by sealing.
   */
  kerfMm: number;
  /**
   * A rest at least so long is kept.
   */
  keepMm: number;
  /**
   * How often a hank that nobody has measured is to suffice for its cuts; so much of it is held back. 0.95 where it is missing.
   */
  hankChance?: number;
  /**
   * What a join takes: cord of both, the shortest part, and its worth in trouble.
   */
  joins?: {
    overlapMm: number;
    leastMm: number;
    priceCents: number;
  };
  /**
   * @maxItems 20
   */
  sizes: {
    name: string;
    girthMm: number;
  }[];
  /**
   * @maxItems 40
   */
  ages: {
    from: number;
    to: number;
    girthMm: number;
  }[];
  /**
   * @minItems 1
   * @maxItems 12
   */
  people: {
    name: string;
    /**
     * Hours of each day of the week, Monday first.
     *
     * @minItems 7
     * @maxItems 7
     */
    hours: number[];
    /**
     * @maxItems 400
     */
    daysOff: string[];
    /**
     * The most difficult weave that they tie, 1 easy to 5 hard.
     */
    hardest: number;
  }[];
}
