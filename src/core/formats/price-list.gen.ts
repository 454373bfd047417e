// Generated from schemas/price-list.schema.json by npm run gen. Do not edit.

/**
 * What a shop sells in which packs, as of a moment: prices, stock, days until it comes. Lengths in mm, money in hundredths.
 */
export interface PriceList {
  format: "warp-beam/price-list";
  version: 1;
  shop: string;
  /**
   * Milliseconds since 1970.
   */
  asOf: number;
  /**
   * @maxItems 2000
   */
  items: {
    /**
     * Cord: id of its type.
     */
    cord?: string;
    /**
     * Cord: id of its colour.
     */
    colour?: string;
    /**
     * Hardware: its key, e.g. side-release/15.
     */
    part?: string;
    /**
     * In a pack: mm of cord, or pieces.
     */
    amount: number;
    /**
     * Of a pack.
     */
    priceCents: number;
    /**
     * Packs there are.
     */
    stock: number;
    /**
     * Until it is here.
     */
    days: number;
  }[];
}
