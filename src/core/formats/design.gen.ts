// Generated from schemas/design.schema.json by npm run gen. Do not edit.

/**
 * One piece as a maker states it, version 2. Lengths in millimetres.
 */
export interface Design {
  format: "warp-beam/design";
  version: 2;
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
    /**
     * How far the girth may be off, as a standard deviation, where it was found without a tape.
     */
    girthSdMm?: number;
  };
  /**
   * What else was measured, by the product's measure ids: hand, heel, head, lug, lugToLug, gap, springBar, width, ringAt, ringFlat.
   */
  measures?: {
    [k: string]: number;
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
      }
    | {
        school: "try-on";
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
     * End load that it is solved with, in strand tensions: above 0 it is beaten together, below 0 held taut.
     */
    load?: number;
  };
  /**
   * Id of a cord type, e.g. nylon-4.
   */
  cord: string;
  setup: {
    /**
     * folded: one cord, hitched at its middle. fused: two colours joined into that one cord. separate: core cords and working cords. side-by-side: every cord folded and hitched beside the next, its two ends being neighbours in the weave. looped: a braid of three from one cord, of a loop and its tail.
     */
    style: "folded" | "fused" | "separate" | "side-by-side" | "looped";
    /**
     * How the length is kept while tying: pegs of a jig, a ruler or tape on the table, or trying on.
     */
    hold?: "jig" | "tape" | "hand";
    /**
     * Which cord each passage of a strand is made of, by strand name and lane, e.g. "A/0": index into cords. Only with separate cords.
     */
    strands?: {
      [k: string]: number;
    };
    /**
     * Room left between rows, in cord diameters, so that the cores show.
     */
    spacing?: number;
    /**
     * Working cords are folded off their middle, so that the end that uses more cord gets more. Only with separate cords.
     */
    uneven?: boolean;
  };
  /**
   * folded, side-by-side: the cord. fused: front colour, edge colour. separate: working cord, core cord. With strands of its own choice: as many as those name.
   *
   * @minItems 1
   * @maxItems 6
   */
  cords: {
    colour: string;
    /**
     * Id of its cord type, where it is another than the band's. Only with separate cords.
     */
    cord?: string;
  }[];
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
  /**
   * Which face is worn outside.
   */
  face?: "front" | "back";
  /**
   * Colours along the length, by letters of the cords.
   */
  sequence?: {
    /**
     * e.g. 6A 2B 6A, (3A 1B)*, 20mmA 10mmB
     */
    text: string;
    /**
     * How the colour is changed; left out, the cheapest that can be hidden.
     */
    way?: "swap" | "carry" | "splice";
  };
  /**
   * Rings, beads, sliders, charms, tags and focal knots along the band.
   *
   * @maxItems 40
   */
  addons?: {
    kind: "ring" | "bead" | "slider" | "charm" | "tag" | "knot";
    name?: string;
    at:
      | {
          row: number;
        }
      | {
          mm: number;
        }
      | {
          centre: true;
        };
    /**
     * Length along the band: a ring's flat side, a bead's length.
     */
    sizeMm?: number;
    /**
     * Id of a knot that is tied in a plain band itself; its size follows from the cord.
     */
    knot?: string;
    holeMm?: number;
    weightG?: number;
  }[];
  closure: {
    /**
     * Id of a closure, e.g. side-release, knot-loop, double-sliding, cinch.
     */
    kind: string;
    /**
     * How its loop is made: of the fold, of two cords hooked in each other, of a piece of its own.
     */
    start?: string;
    /**
     * Size that the hardware is sold by: slot, bar, bead.
     */
    sizeMm?: number;
    /**
     * Measured closed, along the curve, cord bar to cord bar; replaces the typical length.
     */
    lengthMm?: number;
    /**
     * How the second half is held: cores led round its bar and back under the last rows, or cow hitches in the working ends.
     */
    attach?: "returned" | "hitched";
    /**
     * Pin hole of a shackle, 1 the tightest.
     */
    hole?: number;
    /**
     * Id of the knot that stops, slides or grips.
     */
    knot?: string;
    /**
     * Stoppers one after the other, 1 to 3; the loop closes behind any of them.
     */
    knots?: number;
    /**
     * Inner perimeter of a loop over the girth of what passes it, 1 to 1.15.
     */
    loopShare?: number;
    /**
     * Inner girth wanted when it is fully open.
     */
    openMm?: number;
    /**
     * Distance wanted between the ends of the weave when closed.
     */
    gapMm?: number;
    /**
     * How far a strap runs on past its buckle.
     */
    pastMm?: number;
    /**
     * Rows of a slider, or that a strand is tucked back.
     */
    rows?: number;
    /**
     * Id of the cord type of a slider.
     */
    cord?: string;
  };
  /**
   * What is done about cord that draws up when first wetted.
   */
  wet?: "ignore" | "add" | "pre-shrink";
  /**
   * Chance of not running short by its name: 99.9, 98 or 90 %.
   */
  margin?: "never-short" | "measured" | "thrifty";
  /**
   * Chance that no end runs short, 0.5 to 0.9999; in place of margin.
   */
  chance?: number;
  /**
   * How ends are led through at last: by fingers, or with a fid, lacing needle or forceps.
   */
  hands?: "fingers" | "tool";
  /**
   * What the maker's hands need of each end, in place of the usual lengths.
   */
  tailMm?: number;
  /**
   * Cut lengths are rounded up to a multiple of this.
   */
  roundToMm?: number;
  notes?: string;
}
