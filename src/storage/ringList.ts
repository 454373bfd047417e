import type { Database, RingRecord } from './db.ts';
import { clearJournal } from './journal.ts';
import { rowsOf } from './unsaved.ts';

/** All saved rings, last changed first. */
export async function listRings(db: Database): Promise<RingRecord[]> {
  const all = await db.getAll('rings');
  return all.sort((a, b) => b.updatedAt - a.updatedAt);
}

export const getRing = (db: Database, id: string): Promise<RingRecord | undefined> => db.get('rings', id);

/** Removes a ring and hands it back, so that removing can be undone. */
export async function removeRing(db: Database, id: string): Promise<RingRecord | undefined> {
  const removed = await db.write(['rings', 'unsaved'], async (tx) => {
    const store = tx.objectStore('rings');
    const record = await store.get(id);
    await store.delete(id);
    await tx.objectStore('unsaved').delete(rowsOf(id));
    return record;
  });
  clearJournal(id);
  return removed;
}

/** Puts records as they are: undoing a removal, or loading the demo. Existing ids are left alone. */
export async function restoreRings(db: Database, records: readonly RingRecord[]): Promise<void> {
  await db.write(['rings'], async (tx) => {
    const store = tx.objectStore('rings');
    for (const record of records) {
      if (!(await store.getKey(record.id))) await store.put(record);
    }
  });
}
