import type { Design } from '../core/formats/design.ts';
import type { Database, DesignRecord } from './db.ts';

export type SaveOutcome =
  | { readonly kind: 'saved'; readonly record: DesignRecord }
  | { readonly kind: 'conflict'; readonly theirs: DesignRecord | undefined }
  | { readonly kind: 'failed'; readonly reason: 'full' | 'other'; readonly message: string };

/** All saved designs, last changed first. */
export async function listDesigns(db: Database): Promise<DesignRecord[]> {
  const all = await db.getAll('designs');
  return all.sort((a, b) => b.updatedAt - a.updatedAt);
}

export const getDesign = (db: Database, id: string): Promise<DesignRecord | undefined> =>
  db.get('designs', id);

/**
 * Saves in one transaction, and only over the revision that the writer has seen (0 for a new one). Otherwise
 * nothing is written and the other version is handed back.
 */
export async function saveDesign(
  db: Database,
  id: string,
  seenRevision: number,
  design: Design,
  now: number,
): Promise<SaveOutcome> {
  const record: DesignRecord = { id, revision: seenRevision + 1, updatedAt: now, name: design.name, design };
  try {
    const tx = db.transaction('designs', 'readwrite');
    const theirs = await tx.store.get(id);
    if ((theirs?.revision ?? 0) !== seenRevision) {
      await tx.done;
      return { kind: 'conflict', theirs };
    }
    await tx.store.put(record);
    await tx.done;
    return { kind: 'saved', record };
  } catch (error) {
    const { name, message } = error as DOMException;
    return { kind: 'failed', reason: name === 'QuotaExceededError' ? 'full' : 'other', message };
  }
}

/** Removes a design and hands it back, so that removing can be undone. */
export async function removeDesign(db: Database, id: string): Promise<DesignRecord | undefined> {
  const tx = db.transaction('designs', 'readwrite');
  const record = await tx.store.get(id);
  await tx.store.delete(id);
  await tx.done;
  return record;
}

/** Puts records as they are: undoing a removal, or loading the demo. Existing ids are left alone. */
export async function restoreDesigns(db: Database, records: readonly DesignRecord[]): Promise<void> {
  const tx = db.transaction('designs', 'readwrite');
  for (const record of records) {
    if (!(await tx.store.getKey(record.id))) await tx.store.put(record);
  }
  await tx.done;
}

/** Removes everything and hands it back. */
export async function clearDesigns(db: Database): Promise<DesignRecord[]> {
  const tx = db.transaction('designs', 'readwrite');
  const all = await tx.store.getAll();
  await tx.store.clear();
  await tx.done;
  return all;
}
