// Generated from schemas/palette.schema.json by npm run gen. Do not edit.

/**
 * Cords of one's own by look, version 1.
 */
export interface Palette {
  format: "warp-beam/palette";
  version: 1;
  /**
   * @maxItems 200
   */
  looks: {
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
}
