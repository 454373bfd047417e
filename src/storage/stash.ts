import { checkEntry } from '../core/formats/stash.ts';
import type { Result } from '../core/result.ts';
import { append } from '../core/stash/ledger.ts';
import type { Entry } from '../core/stash/types.ts';
import { markCut, type Served } from './cut.ts';
import type { Database } from './db.ts';

/** The whole ledger, in the order in which it was written. */
export const readLedger = async (db: Database): Promise<readonly Entry[]> =>
  (await db.getAll('stash')).map((row) => row.entry);

/** What is kept in the settings together with entries of the ledger: both are written, or neither. */
export interface Beside {
  readonly key: string;
  /** What is kept from now on. Nothing where it was done already, by a key held down or in another tab: then no entry is written either. */
  readonly after: (kept: unknown) => object | undefined;
  /** Orders and classes of which all is cut with it; that is said of them in the same step. */
  readonly served?: (after: object) => Served | undefined;
}

/**
 * Writes entries at the end of the ledger, all or none: the ledger is read again in the same transaction, so that a hank that was
 * cut in another tab meanwhile is not cut twice. What could not be read back is never written.
 */
export async function appendEntries(
  db: Database,
  entries: readonly Entry[],
  beside?: Beside,
): Promise<Result<readonly Entry[]>> {
  for (const entry of entries) {
    const checked = checkEntry(entry);
    if (!checked.ok) return checked;
  }
  return db.write(beside ? ['stash', 'settings', 'orders', 'classes'] : ['stash'], async (tx) => {
    const store = tx.objectStore('stash');
    let ledger: readonly Entry[] = (await store.getAll()).map((row) => row.entry);
    const kept = beside?.after(await tx.objectStore('settings').get(beside.key));
    if (beside && !kept) return { ok: true as const, value: ledger };
    for (const entry of entries) {
      const next = append(ledger, entry);
      if (!next.ok) return next;
      ledger = next.value;
    }
    for (const entry of entries) await store.add({ entry });
    if (beside && kept) {
      await tx.objectStore('settings').put(kept, beside.key);
      const served = beside.served?.(kept);
      if (served) await markCut(tx, served, Date.now());
    }
    return { ok: true as const, value: ledger };
  });
}

/** Puts a whole ledger in place of an empty one; one that is there is left alone. */
export async function fillLedger(db: Database, entries: readonly Entry[]): Promise<boolean> {
  return db.write(['stash'], async (tx) => {
    const store = tx.objectStore('stash');
    if ((await store.count()) > 0) return false;
    for (const entry of entries) await store.add({ entry });
    return true;
  });
}
