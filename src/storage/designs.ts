import type { Design } from '../core/formats/design.ts';
import { readDesign } from '../core/formats/design.ts';
import type { Database, DesignRecord } from './db.ts';
import { inWords } from './inWords.ts';
import { clearJournal } from './journal.ts';
import { isSameDocument, type SaveOutcome, saveKept } from './kept.ts';
import { listKept, removeKept, restoreKept } from './keptList.ts';
import { rowsOf } from './unsaved.ts';

export const listDesigns = (db: Database): Promise<DesignRecord[]> => listKept(db, 'designs');

export const getDesign = (db: Database, id: string): Promise<DesignRecord | undefined> =>
  db.get('designs', id);

/**
 * Saves a design over the revision that the writer has seen (0 for a new one), with the one before it. A design that could
 * not be read back is never written.
 */
export async function saveDesign(
  db: Database,
  id: string,
  seenRevision: number,
  design: Design,
  now: number,
): Promise<SaveOutcome> {
  const read = readDesign(design);
  if (!read.ok) return { kind: 'failed', reason: 'invalid', message: inWords(read.issues) };
  return saveKept(db, 'designs', id, {
    seenRevision,
    now,
    isSame: (theirs) => isSameDocument(theirs.design, design),
    made: (theirs) => {
      const previous = theirs && !isSameDocument(theirs.design, design) ? theirs.design : theirs?.previous;
      return { name: design.name, design, ...(previous === undefined ? {} : { previous }) };
    },
  });
}

export const removeDesign = (db: Database, id: string): Promise<DesignRecord | undefined> =>
  removeKept(db, 'designs', id);

export const restoreDesigns = (db: Database, records: readonly DesignRecord[]): Promise<void> =>
  restoreKept(db, 'designs', records);

/** Removes everything and hands it back. */
export async function clearDesigns(db: Database): Promise<DesignRecord[]> {
  const all = await db.write(['designs', 'unsaved'], async (tx) => {
    const store = tx.objectStore('designs');
    const records = await store.getAll();
    await store.clear();
    for (const r of records) await tx.objectStore('unsaved').delete(rowsOf(r.id));
    return records;
  });
  for (const record of all) clearJournal(record.id);
  return all;
}
