// Generated from schemas/delivery.schema.json by npm run gen. Do not edit.

/**
 * What a shop sends, to be put on the shelf once. Lengths in mm, money in hundredths.
 */
export interface DeliveryNote {
  format: "warp-beam/delivery";
  version: 1;
  id: string;
  shop: string;
  arrives: string;
  /**
   * @minItems 1
   * @maxItems 200
   */
  lines: {
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
    packs: number;
  }[];
}
