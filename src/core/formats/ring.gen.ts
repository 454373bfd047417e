// Generated from schemas/ring.schema.json by npm run gen. Do not edit.

/**
 * A ring tied round a mandrel or a hand: leads, bights, coding, passes, cords and how much of it is tied. Lengths in mm.
 */
export interface RingDesign {
  format: "warp-beam/ring";
  version: 1;
  name: string;
  /**
   * Id of a ring product, e.g. ring-bracelet, napkin-ring.
   */
  product: string;
  /**
   * Who or what it is for; empty for nobody in particular.
   */
  wearer: string;
  girth: {
    /**
     * Body: what the ring must pass, e.g. the hand. Mandrel: what it is tied on.
     */
    by: "body" | "mandrel";
    mm: number;
    /**
     * Room over what it must pass.
     */
    easeMm?: number;
  };
  leads: number;
  bights: number;
  /**
   * row1 is plain, row2 over two and under two; colN by columns.
   */
  coding: string;
  /**
   * What the first half cycle would do at the first row: the other letter is the mirror image.
   */
  first: "O" | "U";
  /**
   * Held open to this width; its narrowest where it is missing.
   */
  widthMm?: number;
  cord: string;
  /**
   * @minItems 1
   * @maxItems 8
   */
  cords: {
    colour: string;
  }[];
  /**
   * Cords abreast from the left edge on, by their numbers in `cords`: [0, 1, 0] lays the second between two passes of the first.
   *
   * @minItems 1
   * @maxItems 5
   */
  lanes: number[];
  /**
   * A ring of several cords: the colour of each, in place of `lanes`.
   *
   * @minItems 2
   * @maxItems 40
   */
  strandCords?: number[];
  /**
   * Cords of the maker's own that this design uses, so that others see them too.
   *
   * @maxItems 20
   */
  looks?: {
    id: string;
    name: string;
    letter?: string;
    look: "solid" | "flecked" | "striped" | "camouflage" | "two-tone";
    base: string;
    /**
     * @maxItems 4
     */
    accents: string[];
    /**
     * Size of flecks, patches or turns over the usual.
     */
    scale?: number;
  }[];
  ends: "stitched" | "buried" | "melted";
  /**
   * The hand that leads; left winds the other way round.
   */
  hand?: "right" | "left";
  /**
   * Pin on the left edge, counted from the seam, at which the cord begins: where L1 is.
   */
  startAt?: number;
  chance?: number;
  /**
   * What the maker holds of each end.
   */
  endMm?: number;
  /**
   * Half cycles tied so far, over all passes.
   */
  laid?: number;
  grownFrom?: {
    leads: number;
    bights: number;
    n: number;
  };
  notes?: string;
}
