import type { ClassRecord, Database, DesignRecord, OrderRecord, PieceRecord, RingRecord } from './db.ts';
import type { KeptRecord } from './records.ts';
import { TAB } from './tab.ts';
import { dropUnsaved } from './unsaved.ts';

/** What became of a save. `R` is the record of the store that it went to. */
export type SaveOutcome<R extends KeptRecord = DesignRecord> =
  | { readonly kind: 'saved'; readonly record: R }
  | { readonly kind: 'conflict'; readonly theirs: R | undefined }
  | { readonly kind: 'failed'; readonly reason: 'full' | 'invalid' | 'other'; readonly message: string };

interface Kinds {
  designs: DesignRecord;
  pieces: PieceRecord;
  rings: RingRecord;
  orders: OrderRecord;
  classes: ClassRecord;
}

interface Writing<R> {
  /** Revision that the writer has seen; 0 for a new one, or for one that was stored before revisions were counted. */
  readonly seenRevision: number;
  readonly now: number;
  /** Whether this is already what the store holds. */
  readonly isSame: (theirs: R) => boolean;
  /** The record to write, from the one that is there. */
  readonly made: (theirs: R | undefined) => Omit<R, 'id' | 'revision' | 'updatedAt' | 'writer'>;
}

/**
 * Saves one document in one transaction, and only over the revision that the writer has seen; otherwise nothing is written and
 * the other version is handed back. What the tab had appended up to now goes with it.
 */
export async function saveKept<N extends keyof Kinds>(
  db: Database,
  name: N,
  id: string,
  { seenRevision, now, isSame, made }: Writing<Kinds[N]>,
): Promise<SaveOutcome<Kinds[N]>> {
  try {
    return await db.write([name, 'unsaved'], async (tx): Promise<SaveOutcome<Kinds[N]>> => {
      const store = tx.objectStore(name);
      const theirs = (await store.get(id)) as Kinds[N] | undefined;
      const revision = theirs?.revision ?? 0;
      // A save that was given up on and then arrived all the same is ours.
      if (theirs && revision === seenRevision + 1 && isSame(theirs)) return { kind: 'saved', record: theirs };
      if (revision !== seenRevision) return { kind: 'conflict', theirs };
      const record = { ...made(theirs), id, revision: seenRevision + 1, updatedAt: now, writer: TAB };
      await store.put(record as unknown as Kinds[N]);
      await dropUnsaved(tx, id, now);
      return { kind: 'saved', record: record as unknown as Kinds[N] };
    });
  } catch (error) {
    return saveFailure(error);
  }
}

/** What went wrong in the store, for people. */
export function saveFailure(error: unknown): Extract<SaveOutcome, { kind: 'failed' }> {
  const { name, message } = error as DOMException;
  return { kind: 'failed', reason: name === 'QuotaExceededError' ? 'full' : 'other', message };
}

/** Whether two documents are written alike. */
export const isSameDocument = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
