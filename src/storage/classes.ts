import { type ClassOfKits, readClass } from '../core/formats/class.ts';
import type { ClassRecord, Database } from './db.ts';
import { inWords } from './inWords.ts';
import { isSameDocument, type SaveOutcome, saveKept } from './kept.ts';
import { listKept } from './keptList.ts';

export const listClasses = (db: Database): Promise<ClassRecord[]> => listKept(db, 'classes');

/** Saves a class over the revision that the writer has seen (0 for a new one). One that could not be read back is never written. */
export async function saveClass(
  db: Database,
  id: string,
  seenRevision: number,
  kits: ClassOfKits,
  now: number,
): Promise<SaveOutcome<ClassRecord>> {
  const read = readClass(kits);
  if (!read.ok) return { kind: 'failed', reason: 'invalid', message: inWords(read.issues) };
  return saveKept(db, 'classes', id, {
    seenRevision,
    now,
    isSame: (theirs) => isSameDocument(theirs.kits, kits),
    made: () => ({ name: kits.name, kits }),
  });
}
