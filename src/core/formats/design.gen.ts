// Generated from schemas/design.schema.json by npm run gen. Do not edit.

/**
 * One piece as a maker states it, version 1. Lengths in millimetres.
 */
export interface Design {
  format: "warp-beam/design";
  version: 1;
  /**
   * What the maker calls this design.
   */
  name: string;
  /**
   * Id of a product, e.g. bracelet.
   */
  product: string;
  wearer: {
    name: string;
    /**
     * Girth of the body where the piece sits, tape touching and not squeezing.
     */
    girthMm: number;
  };
  /**
   * How much longer than the body the band is.
   */
  ease:
    | {
        school: "thickness";
        slackMm: number;
      }
    | {
        school: "flat";
        addMm: number;
      }
    | {
        school: "fingers";
        fingers: number;
        fingerMm?: number;
      };
  pattern: {
    id: string;
    /**
     * Name of a weave of the maker's own.
     */
    name?: string;
    /**
     * A weave of the maker's own, carried along so that others can tie it.
     */
    notation?: string;
    /**
     * Row squash that it is solved with.
     */
    squash?: number;
    /**
     * End load that it is solved with, in strand tensions.
     */
    load?: number;
  };
  /**
   * Id of a cord type, e.g. nylon-4.
   */
  cord: string;
  setup: {
    /**
     * folded: one cord, hitched at its middle. fused: two colours joined into that one cord. separate: a core cord and a working cord.
     */
    style: "folded" | "fused" | "separate";
  };
  /**
   * folded: the cord. fused: front colour, edge colour. separate: working cord, core cord.
   *
   * @minItems 1
   * @maxItems 2
   */
  cords: {
    colour: string;
  }[];
  closure: {
    kind: "side-release";
    sizeMm: number;
    /**
     * Measured closed, along the curve, cord bar to cord bar; replaces the typical length.
     */
    lengthMm?: number;
  };
  /**
   * What is done about cord that draws up when first wetted.
   */
  wet?: "ignore" | "add" | "pre-shrink";
  margin?: "never-short" | "measured" | "thrifty";
  /**
   * What the hands need of each working end to tie the last row.
   */
  tailMm?: number;
  /**
   * Cut lengths are rounded up to a multiple of this.
   */
  roundToMm?: number;
  notes?: string;
}
