// Generated from schemas/stash.schema.json by npm run gen. Do not edit.

/**
 * Cord and hardware in hand, as a dated ledger: what came in, was taken, put back, measured again, moved, undone. Lengths in mm, prices in hundredths, times in ms.
 */
export interface StashLedger {
  format: "warp-beam/stash";
  version: 1;
  /**
   * @maxItems 50000
   */
  entries: (
    | {
        id: string;
        at: number;
        what: "add";
        lot: {
          id: string;
          kind: "cord" | "hardware";
          cord?: string;
          colour?: string;
          name?: string;
          form: "hank" | "spool" | "offcut" | "box";
          place?: string;
          priceCents?: number;
          /**
           * Key of a piece of hardware, e.g. side-release/15.
           */
          part?: string;
        };
        amount: number;
        known: "tape" | "weight" | "spans" | "pack" | "count";
      }
    | {
        id: string;
        at: number;
        what: "take";
        lotId: string;
        amount: number;
        purpose: string;
      }
    | {
        id: string;
        at: number;
        what: "put-back";
        lotId: string;
        lot: {
          id: string;
          kind: "cord" | "hardware";
          cord?: string;
          colour?: string;
          name?: string;
          form: "hank" | "spool" | "offcut" | "box";
          place?: string;
          priceCents?: number;
          /**
           * Key of a piece of hardware, e.g. side-release/15.
           */
          part?: string;
        };
        amount: number;
      }
    | {
        id: string;
        at: number;
        what: "measure";
        lotId: string;
        amount: number;
        known: "tape" | "weight" | "spans" | "pack" | "count";
      }
    | {
        id: string;
        at: number;
        what: "move";
        lotId: string;
        place: string;
      }
    | {
        id: string;
        at: number;
        what: "undo";
        entryId: string;
      }
  )[];
}
