import type { Database, Transaction, UnsavedRow } from './db.ts';
import { clearJournal, readJournal } from './journal.ts';
import type { KeptRecord } from './records.ts';
import { TAB } from './tab.ts';

/** Everything that any tab wrote for a document. */
export const rowsOf = (documentId: string): IDBKeyRange =>
  IDBKeyRange.bound([documentId, ''], [documentId, '\uffff']);

/** What another tab left behind for longer than this is nobody's any more. */
const FORGET_MS = 7 * 24 * 3_600_000;

/**
 * Writes an edit at once, in a small transaction of its own that waits for nothing: a browser that is killed a moment
 * later still has it. `at` orders edits in time.
 */
export const appendUnsaved = (
  db: Database,
  documentId: string,
  revision: number,
  document: unknown,
  at: number,
): Promise<void> =>
  db.useAtOnce((c) => {
    const tx = c.transaction('unsaved', 'readwrite', { durability: 'relaxed' });
    void tx.store.put({ documentId, tab: TAB, revision, at, document });
    tx.commit();
    return tx.done;
  });

/** Inside the transaction that saves the document: what this tab wrote up to then is not needed any more. */
export async function dropUnsaved(tx: Transaction, documentId: string, upTo: number): Promise<void> {
  const store = tx.objectStore('unsaved');
  const row = await store.get([documentId, TAB]);
  if (row && row.at <= upTo) await store.delete([documentId, TAB]);
}

/**
 * The newest edit of a tab that died, if the stored document is the one that it was made on: the tab's own last save, or
 * the revision that it had seen. After anybody else's save it is not, and is left where it is.
 */
export async function unsavedEdit(db: Database, stored: KeptRecord): Promise<unknown> {
  const rows = await db.use((c) => c.getAll('unsaved', rowsOf(stored.id)));
  const journal = readJournal(stored.id);
  const candidates: Omit<UnsavedRow, 'documentId'>[] = rows.filter((r) => continues(r, stored));
  if (journal && continues(journal, stored))
    candidates.push({ at: Number.POSITIVE_INFINITY, tab: '', ...journal });
  return candidates.sort((a, b) => a.at - b.at).at(-1)?.document;
}

function continues(edit: { revision: number; tab?: string; at?: number }, stored: KeptRecord): boolean {
  // Older versions did not say who wrote: at most one save of the dying tab can have got through after its entry.
  if (edit.tab === undefined) return edit.revision >= (stored.revision ?? 0) - 1;
  if (edit.tab === stored.writer) return edit.at! > stored.updatedAt;
  return edit.revision === (stored.revision ?? 0);
}

/** Takes away what dead tabs left, once it was restored (`all`) or is too old to mean anything. */
export async function forgetUnsaved(
  db: Database,
  documentId: string,
  now: number,
  all: boolean,
): Promise<void> {
  if (all) clearJournal(documentId);
  await db.write(
    ['unsaved'],
    async (tx) => {
      const store = tx.objectStore('unsaved');
      for (const row of await store.getAll(rowsOf(documentId)))
        if (row.tab !== TAB && (all || row.at < now - FORGET_MS)) await store.delete([documentId, row.tab]);
    },
    'relaxed',
  );
}
