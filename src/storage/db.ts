import {
  type DBSchema,
  type IDBPDatabase,
  type IDBPTransaction,
  openDB,
  type StoreKey,
  type StoreNames,
  type StoreValue,
} from 'idb';
import type { OwnWeave } from '../core/formats/workshop.ts';
import type { Entry } from '../core/stash/types.ts';
import type { Swatch } from '../core/usage/swatch.ts';
import type {
  ClassRecord,
  DesignRecord,
  MakeRecord,
  OrderRecord,
  PieceRecord,
  RingRecord,
  UnsavedRow,
} from './records.ts';

export type * from './records.ts';

interface WarpBeamDB extends DBSchema {
  designs: { key: string; value: DesignRecord };
  settings: { key: string; value: unknown };
  weaves: { key: string; value: OwnWeave };
  /** Weaves in cords of different thickness, pulled tight here; can be worked out again at any time. */
  mixed: { key: string; value: OwnWeave };
  /** Keyed by pattern and cord. */
  swatches: { key: [string, string]; value: Swatch };
  rings: { key: string; value: RingRecord };
  /** The stash's ledger, in the order in which it was written. */
  stash: { key: number; value: { readonly entry: Entry } };
  orders: { key: string; value: OrderRecord };
  classes: { key: string; value: ClassRecord };
  pieces: { key: string; value: PieceRecord };
  makes: { key: string; value: MakeRecord };
  /** Keyed by document and tab. */
  unsaved: { key: [string, string]; value: UnsavedRow };
}

export const DB_NAME = 'warp-beam';
export const DB_VERSION = 8;

/** How long the browser may take to open its store before we say that it does not answer, in milliseconds. */
const OPEN_TIMEOUT_MS = 10_000;

type Name = StoreNames<WarpBeamDB>;
export type RecordOf<N extends Name> = StoreValue<WarpBeamDB, N>;
type Connection = IDBPDatabase<WarpBeamDB>;
export type Transaction<M extends IDBTransactionMode = 'readwrite'> = IDBPTransaction<WarpBeamDB, Name[], M>;

/**
 * `strict`: on disk before it is said to be saved. `relaxed`: out of the process, so that a killed browser keeps it, but
 * nobody waits for the disk: everything that is written meanwhile in the same store would wait too. Browsers that do
 * not know the option ignore it.
 */
type Durability = 'strict' | 'relaxed';

/**
 * The store in the browser. Its connection may be closed under the tab (site data cleared, a newer version opened in
 * another tab, the browser out of resources): the next use opens it again, once, and only then fails.
 */
export class Database {
  private connection: Promise<Connection> | undefined;
  /** The same, once it is open. */
  private current: Connection | undefined;

  constructor(private readonly open: () => Promise<Connection>) {}

  /**
   * Like `use`, but begins before the next line runs where the store is open: whatever the page does next, drawing the
   * screen above all, does not hold it up.
   */
  useAtOnce<T>(work: (connection: Connection) => Promise<T>): Promise<T> {
    const { current } = this;
    if (!current) return this.use(work);
    try {
      return work(current);
    } catch {
      return this.use(work);
    }
  }

  async use<T>(work: (connection: Connection) => Promise<T>): Promise<T> {
    const connection = await this.connect();
    try {
      return await work(connection);
    } catch (error) {
      if ((error as DOMException).name !== 'InvalidStateError') throw error;
      this.connection = undefined;
      this.current = undefined;
      return work(await this.connect());
    }
  }

  /** The open connection; opens one where there is none or the last try failed. */
  connect(): Promise<Connection> {
    this.connection ??= this.open().then(
      (connection) => {
        const forget = () => {
          this.connection = undefined;
          this.current = undefined;
        };
        this.current = connection;
        connection.addEventListener('close', forget);
        connection.addEventListener('versionchange', () => {
          forget();
          connection.close();
        });
        return connection;
      },
      (error) => {
        this.connection = undefined;
        throw error;
      },
    );
    return this.connection;
  }

  get = <N extends Name>(
    store: N,
    key: StoreKey<WarpBeamDB, N>,
  ): Promise<StoreValue<WarpBeamDB, N> | undefined> => this.use((c) => c.get(store, key));
  getAll = <N extends Name>(store: N): Promise<StoreValue<WarpBeamDB, N>[]> =>
    this.use((c) => c.getAll(store));
  clear = (store: Name): Promise<void> => this.use((c) => c.clear(store));
  delete = <N extends Name>(store: N, key: StoreKey<WarpBeamDB, N>): Promise<void> =>
    this.write([store], async (tx) => tx.objectStore(store).delete(key));

  put<N extends Name>(
    store: N,
    value: StoreValue<WarpBeamDB, N>,
    key?: StoreKey<WarpBeamDB, N>,
    durability: Durability = 'strict',
  ): Promise<void> {
    return this.use(async (c) => {
      const tx = c.transaction([store], 'readwrite', { durability });
      const done = tx.objectStore(store).put(value, key);
      // Asked for at once, not when the page has heard that it is written: a page that is left meanwhile keeps it.
      tx.commit();
      await Promise.all([done, tx.done]);
    });
  }

  /** Runs all of `work` in one transaction: all of it is written when the promise ends, or nothing is changed. */
  async write<T>(
    stores: Name[],
    work: (tx: Transaction) => Promise<T>,
    durability: Durability = 'strict',
  ): Promise<T> {
    return this.use(async (c) => {
      const tx = c.transaction(stores, 'readwrite', { durability });
      const [result] = await Promise.all([work(tx), tx.done]);
      return result;
    });
  }

  close(): void {
    void this.connection?.then((c) => c.close());
    this.connection = undefined;
    this.current = undefined;
  }
}

/** Opens the store in the browser, taking it step by step from whatever version is there. */
export async function openDatabase(timeoutMs = OPEN_TIMEOUT_MS): Promise<Database> {
  const db = new Database(() => withTimeout(openConnection(), timeoutMs));
  await db.connect();
  return db;
}

function openConnection(): Promise<Connection> {
  return openDB<WarpBeamDB>(DB_NAME, DB_VERSION, {
    upgrade(db, from) {
      if (from < 1) {
        db.createObjectStore('designs', { keyPath: 'id' });
        db.createObjectStore('settings');
      }
      if (from < 2) {
        db.createObjectStore('weaves', { keyPath: 'id' });
        db.createObjectStore('swatches', { keyPath: ['patternId', 'cordId'] });
      }
      if (from < 3) {
        db.createObjectStore('pieces', { keyPath: 'id' });
        db.createObjectStore('makes', { keyPath: 'id' });
      }
      if (from < 4) db.createObjectStore('unsaved', { keyPath: ['documentId', 'tab'] });
      if (from < 5) db.createObjectStore('mixed', { keyPath: 'id' });
      if (from < 6) db.createObjectStore('rings', { keyPath: 'id' });
      if (from < 7) db.createObjectStore('stash', { autoIncrement: true });
      if (from < 8) {
        db.createObjectStore('orders', { keyPath: 'id' });
        db.createObjectStore('classes', { keyPath: 'id' });
      }
    },
  });
}

/** A promise that is given up on after a while, with words for the maker. */
export function withTimeout<T>(promise: Promise<T>, timeoutMs: number): Promise<T> {
  let timer: ReturnType<typeof setTimeout>;
  const silence = new Promise<never>((_, reject) => {
    timer = setTimeout(
      () =>
        reject(
          new Error(
            'The browser’s storage does not answer. Close other Warp Beam tabs, or restart the browser.',
          ),
        ),
      timeoutMs,
    );
  });
  return Promise.race([promise, silence]).finally(() => clearTimeout(timer));
}
