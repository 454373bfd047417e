/** What every kept document's record has. */
export interface KeptRecord {
  readonly id: string;
  /** Counts every save; two tabs that hold different revisions never overwrite each other. */
  readonly revision?: number;
  /** Milliseconds since 1970. */
  readonly updatedAt: number;
  /** The tab that wrote this. */
  readonly writer?: string;
}

/** A saved design. `design` is kept as it was written, even if a newer version of the program wrote it. */
export interface DesignRecord extends KeptRecord {
  readonly revision: number;
  readonly name: string;
  readonly design: unknown;
  /** The design as it was before this save, to go back to if this one should not open. */
  readonly previous?: unknown;
}

/** A ring, planned or half laid. `ring` is kept as it was written, even if a newer version of the program wrote it. */
export interface RingRecord extends KeptRecord {
  readonly revision: number;
  readonly name: string;
  readonly ring: unknown;
}

/** An order. `order` is kept as it was written, even if a newer version of the program wrote it. */
export interface OrderRecord extends KeptRecord {
  readonly revision: number;
  readonly name: string;
  readonly order: unknown;
}

/** A class that ties together, with its kits. */
export interface ClassRecord extends KeptRecord {
  readonly revision: number;
  readonly name: string;
  readonly kits: unknown;
}

/** A piece that is being tied. `tying` is checked when it is opened. Pieces of before saves were counted have no revision. */
export interface PieceRecord extends KeptRecord {
  readonly designId: string;
  readonly name: string;
  /** The step it stands at, in words, for lists. */
  readonly place: string;
  readonly tying: unknown;
}

/** A finished piece, for the log. */
export interface MakeRecord {
  readonly id: string;
  readonly finishedAt: number;
  readonly make: unknown;
}

/** An edit that is on its way into the store, written at once and on its own. One row for each document and tab. */
export interface UnsavedRow {
  readonly documentId: string;
  readonly tab: string;
  /** Revision that the tab had seen when it made the edit. */
  readonly revision: number;
  readonly at: number;
  readonly document: unknown;
}
