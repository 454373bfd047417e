// Generated from schemas/tying.schema.json by npm run gen. Do not edit.

/**
 * A piece under the maker's hands: the design that it was begun from, and how far it has come. Times in ms, lengths in mm.
 */
export interface Tying {
  format: "warp-beam/tying";
  version: 1;
  startedAt: number;
  design: {};
  progress: {
    at: string;
    way: {
      start: "left" | "right";
      hand: "left" | "right";
      withAdult: boolean;
      melt: "flat" | "bead";
      dry: "whip" | "stitch" | "glue";
      own?: {
        armSpanMm?: number;
        elbowMm?: number;
        handSpanMm?: number;
        thumbMm?: number;
      };
    };
    spent: {
      gather: number;
      cut: number;
      "set up": number;
      tie: number;
      close: number;
      finish: number;
      check: number;
    };
    since?: number;
    /**
     * @maxItems 50
     */
    acknowledged: string[];
    /**
     * @maxItems 2000
     */
    left: {
      rows: number;
      end: number;
      leftMm: number;
      band: number;
      pass: number;
    }[];
    /**
     * @maxItems 2000
     */
    woven: {
      rows: number;
      wovenMm: number;
      band: number;
      pass: number;
    }[];
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
     * Rows of each band, where the maker changed them while tying.
     *
     * @maxItems 4
     */
    rowsOf?: number[];
  };
  /**
   * What the maker's log said when it was cut: log factors on cord per length (s) and row height (h), their variances, and the pieces it came from. Missing: the calculation alone.
   */
  learned?: {
    s: number;
    h: number;
    varS: number;
    varH: number;
    covSH: number;
    /**
     * Half of what the first of two ends uses more than the second (log scale).
     */
    ends: number;
    /**
     * Its variance. Missing: both ends were cut alike.
     */
    varEnds?: number;
    /**
     * How much more cord per length is used at the end of a piece than at its start (log scale). Missing: no piece was measured on the way.
     */
    tiring?: {
      mean: number;
      sd: number;
    };
    scale: number;
    nu: number;
    pieces: {
      all: number;
      ofWeave: number;
      ofFamily: number;
    };
  };
}
