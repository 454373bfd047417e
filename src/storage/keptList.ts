import type { Database, RecordOf } from './db.ts';
import { clearJournal } from './journal.ts';
import { rowsOf } from './unsaved.ts';

type Listed = 'designs' | 'rings' | 'orders' | 'classes';

/** All records of a store, last changed first. */
export async function listKept<N extends Listed>(db: Database, name: N): Promise<RecordOf<N>[]> {
  const all = await db.getAll(name);
  return all.sort((a, b) => b.updatedAt - a.updatedAt);
}

/** Removes a record with what was appended to it, and hands it back, so that removing can be undone. */
export async function removeKept<N extends Listed>(
  db: Database,
  name: N,
  id: string,
): Promise<RecordOf<N> | undefined> {
  const removed = await db.write([name, 'unsaved'], async (tx) => {
    const store = tx.objectStore(name);
    const record = await store.get(id);
    await store.delete(id);
    await tx.objectStore('unsaved').delete(rowsOf(id));
    return record;
  });
  clearJournal(id);
  return removed;
}

/** Puts records as they are: undoing a removal, or loading the demo. Existing ids are left alone. */
export async function restoreKept<N extends Listed>(
  db: Database,
  name: N,
  records: readonly RecordOf<N>[],
): Promise<void> {
  await db.write([name], async (tx) => {
    const store = tx.objectStore(name);
    for (const record of records) {
      if (!(await store.getKey(record.id))) await store.put(record);
    }
  });
}
