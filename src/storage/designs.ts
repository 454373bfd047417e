import type { Design } from '../core/formats/design.ts';
import { readDesign } from '../core/formats/design.ts';
import type { Issue } from '../core/result.ts';
import type { Database, DesignRecord } from './db.ts';
import { clearJournal } from './journal.ts';
import { TAB } from './tab.ts';
import { dropUnsaved, rowsOf } from './unsaved.ts';

export type SaveOutcome =
  | { readonly kind: 'saved'; readonly record: DesignRecord }
  | { readonly kind: 'conflict'; readonly theirs: DesignRecord | undefined }
  | { readonly kind: 'failed'; readonly reason: 'full' | 'invalid' | 'other'; readonly message: string };

/** All saved designs, last changed first. */
export async function listDesigns(db: Database): Promise<DesignRecord[]> {
  const all = await db.getAll('designs');
  return all.sort((a, b) => b.updatedAt - a.updatedAt);
}

export const getDesign = (db: Database, id: string): Promise<DesignRecord | undefined> =>
  db.get('designs', id);

/**
 * Saves in one transaction, and only over the revision that the writer has seen (0 for a new one). Otherwise
 * nothing is written and the other version is handed back. A design that could not be read back is never written.
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
  try {
    return await db.write(['designs', 'unsaved'], async (tx): Promise<SaveOutcome> => {
      const store = tx.objectStore('designs');
      const theirs = await store.get(id);
      // A save that was given up on and then arrived all the same is ours.
      const isOurs = theirs?.revision === seenRevision + 1 && same(theirs.design, design);
      if (isOurs) return { kind: 'saved', record: theirs };
      if ((theirs?.revision ?? 0) !== seenRevision) return { kind: 'conflict', theirs };
      const before = theirs && !same(theirs.design, design) ? theirs.design : theirs?.previous;
      const record: DesignRecord = {
        id,
        revision: seenRevision + 1,
        updatedAt: now,
        writer: TAB,
        name: design.name,
        design,
        ...(before === undefined ? {} : { previous: before }),
      };
      await store.put(record);
      await dropUnsaved(tx, id, now);
      return { kind: 'saved', record };
    });
  } catch (error) {
    return failure(error);
  }
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

const inWords = (issues: readonly Issue[]): string =>
  issues
    .slice(0, 3)
    .map((i) => `${i.path} ${i.message}`.trim())
    .join(' ');

/** What went wrong in the store, for people. */
export function failure(error: unknown): Extract<SaveOutcome, { kind: 'failed' }> {
  const { name, message } = error as DOMException;
  return { kind: 'failed', reason: name === 'QuotaExceededError' ? 'full' : 'other', message };
}

/** Removes a design and hands it back, so that removing can be undone. */
export async function removeDesign(db: Database, id: string): Promise<DesignRecord | undefined> {
  const removed = await db.write(['designs', 'unsaved'], async (tx) => {
    const store = tx.objectStore('designs');
    const record = await store.get(id);
    await store.delete(id);
    await tx.objectStore('unsaved').delete(rowsOf(id));
    return record;
  });
  clearJournal(id);
  return removed;
}

/** Puts records as they are: undoing a removal, or loading the demo. Existing ids are left alone. */
export async function restoreDesigns(db: Database, records: readonly DesignRecord[]): Promise<void> {
  await db.write(['designs'], async (tx) => {
    const store = tx.objectStore('designs');
    for (const record of records) {
      if (!(await store.getKey(record.id))) await store.put(record);
    }
  });
}

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
