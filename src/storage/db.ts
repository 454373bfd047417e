import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { SolvedWeave } from '../core/patterns/types.ts';
import type { Swatch } from '../core/usage/swatch.ts';

/** A saved design. `design` is kept as it was written, even if a newer version of the program wrote it. */
export interface DesignRecord {
  readonly id: string;
  /** Counts every save; two tabs that hold different revisions never overwrite each other. */
  readonly revision: number;
  /** Milliseconds since 1970. */
  readonly updatedAt: number;
  readonly name: string;
  readonly design: unknown;
}

/** A weave of the maker's own, with its solved shape. */
export interface OwnWeave {
  readonly id: string;
  readonly name: string;
  readonly updatedAt: number;
  readonly solved: SolvedWeave;
}

/** A piece that is being tied. `tying` is checked when it is opened. */
export interface PieceRecord {
  readonly id: string;
  readonly designId: string;
  readonly name: string;
  readonly updatedAt: number;
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

export interface WarpBeamDB extends DBSchema {
  designs: { key: string; value: DesignRecord };
  settings: { key: string; value: unknown };
  weaves: { key: string; value: OwnWeave };
  /** Keyed by pattern and cord. */
  swatches: { key: [string, string]; value: Swatch };
  pieces: { key: string; value: PieceRecord };
  makes: { key: string; value: MakeRecord };
}

export const DB_NAME = 'warp-beam';
export const DB_VERSION = 3;

export type Database = IDBPDatabase<WarpBeamDB>;

/** Opens the store in the browser, taking it step by step from whatever version is there. */
export function openDatabase(onBlocked?: () => void): Promise<Database> {
  return openDB<WarpBeamDB>(DB_NAME, DB_VERSION, {
    upgrade(db, from) {
      if (from < 1) {
        db.createObjectStore('designs', { keyPath: 'id' });
        db.createObjectStore('settings');
      }
      if (from < 3) {
        db.createObjectStore('pieces', { keyPath: 'id' });
        db.createObjectStore('makes', { keyPath: 'id' });
      }
      if (from < 2) {
        db.createObjectStore('weaves', { keyPath: 'id' });
        db.createObjectStore('swatches', { keyPath: ['patternId', 'cordId'] });
      }
    },
    blocked: () => onBlocked?.(),
    blocking: (_current, _blocked, event) => (event.target as IDBDatabase).close(),
  });
}
