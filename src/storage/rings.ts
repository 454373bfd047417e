import { type RingDesign, readRing } from '../core/formats/ring.ts';
import type { Database, RingRecord } from './db.ts';
import { inWords } from './inWords.ts';
import { isSameDocument, type SaveOutcome, saveKept } from './kept.ts';

/** Saves a ring over the revision that the writer has seen (0 for a new one). One that could not be read back is never written. */
export async function saveRing(
  db: Database,
  id: string,
  seenRevision: number,
  ring: RingDesign,
  now: number,
): Promise<SaveOutcome<RingRecord>> {
  const read = readRing(ring);
  if (!read.ok) return { kind: 'failed', reason: 'invalid', message: inWords(read.issues) };
  return saveKept(db, 'rings', id, {
    seenRevision,
    now,
    isSame: (theirs) => isSameDocument(theirs.ring, ring),
    made: () => ({ name: ring.name, ring }),
  });
}
