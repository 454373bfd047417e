// Generated from schemas/orders.schema.json by npm run gen. Do not edit.

/**
 * Pieces for someone by a day: what, how many, in which sizes, and how far they are. Lengths in mm, money in hundredths.
 */
export interface OrderBook {
  format: "warp-beam/orders";
  version: 1;
  /**
   * @maxItems 2000
   */
  orders: {
    id: string;
    /**
     * For whom or what it is.
     */
    name: string;
    due?: string;
    state: "planned" | "cut" | "tied" | "handed-over";
    /**
     * @maxItems 60
     */
    lines: {
      /**
       * Id of a design or ring.
       */
      design: string;
      /**
       * What it was called when it was ordered.
       */
      name: string;
      count: number;
      /**
       * Name of a size in the stall's table.
       */
      size?: string;
      /**
       * Measured girth; before size.
       */
      girthMm?: number;
      wearer?: string;
      /**
       * Whether a cord may be joined where it is hidden.
       */
      joins?: "no" | "hidden";
    }[];
    /**
     * Agreed for the whole order.
     */
    priceCents?: number;
    notes?: string;
    /**
     * Work that was put on a day or given to someone by hand.
     *
     * @maxItems 60
     */
    pins?: {
      line: number;
      person?: string;
      day?: string;
    }[];
  }[];
}
