import type { Make } from '../core/formats/make.ts';
import type { Database, MakeRecord, PieceRecord } from './db.ts';
import { clearJournal } from './journal.ts';
import { isSameDocument, type SaveOutcome, saveKept } from './kept.ts';
import { rowsOf } from './unsaved.ts';

/** Pieces under the maker's hands, last touched first. */
export async function listPieces(db: Database): Promise<PieceRecord[]> {
  const all = await db.getAll('pieces');
  return all.map(newest).sort((a, b) => b.updatedAt - a.updatedAt);
}

/** Saves a piece over the revision that the writer has seen; 0 for a new one. */
export const savePiece = (
  db: Database,
  { id, designId, name, place, tying }: Pick<PieceRecord, 'id' | 'designId' | 'name' | 'place' | 'tying'>,
  seenRevision: number,
  now: number,
): Promise<SaveOutcome<PieceRecord>> =>
  saveKept(db, 'pieces', id, {
    seenRevision,
    now,
    isSame: (theirs) => isSameDocument(theirs.tying, tying),
    made: () => ({ designId, name, place, tying }),
  });

/** Puts a piece back on the table as it was taken off. */
export const restorePiece = (db: Database, piece: PieceRecord): Promise<void> => db.put('pieces', piece);

export async function removePiece(db: Database, id: string): Promise<void> {
  await db.write(['pieces', 'unsaved'], async (tx) => {
    await tx.objectStore('pieces').delete(id);
    await tx.objectStore('unsaved').delete(rowsOf(id));
  });
  clearJournals(id);
}

/** A finished piece goes into the log and off the table, both or neither. Throws for one that could not be read back. */
export async function finishPiece(db: Database, pieceId: string, make: Make): Promise<void> {
  const { readMake } = await import('../core/formats/make.ts');
  const read = readMake(make);
  if (!read.ok) throw new Error(read.issues.map((i) => `${i.path} ${i.message}`.trim()).join(' '));
  await db.write(['pieces', 'makes', 'unsaved'], async (tx) => {
    await tx.objectStore('makes').put({ id: make.id, finishedAt: make.finishedAt, make });
    await tx.objectStore('pieces').delete(pieceId);
    await tx.objectStore('unsaved').delete(rowsOf(pieceId));
  });
  clearJournals(pieceId);
}

/** Keeps finished pieces in the log, new or changed. Throws for one that could not be read back. */
export async function saveMakes(db: Database, makes: readonly Make[]): Promise<void> {
  const { sensibleMake } = await import('../core/log/sense.ts');
  for (const make of makes) {
    const read = sensibleMake(make);
    if (!read.ok) throw new Error(read.issues.map((i) => i.message).join(' '));
  }
  await db.write(['makes'], async (tx) => {
    for (const make of makes)
      await tx.objectStore('makes').put({ id: make.id, finishedAt: make.finishedAt, make });
  });
}

export const removeMake = (db: Database, id: string): Promise<void> => db.delete('makes', id);

export async function listMakes(db: Database): Promise<MakeRecord[]> {
  const all = await db.getAll('makes');
  return all.sort((a, b) => b.finishedAt - a.finishedAt);
}

/** The piece as it was last seen. One that only a journal knows was removed or finished elsewhere. */
export async function getPiece(db: Database, id: string): Promise<PieceRecord | undefined> {
  const stored = await db.get('pieces', id);
  return stored && newest(stored);
}

/** Where older versions wrote every step of a piece at once. */
const oldKey = (id: string) => `warp-beam-tying:${id}`;

/** By the store or by an older version's journal, whichever is newer. */
function newest(stored: PieceRecord): PieceRecord {
  if (stored.revision !== undefined) return stored;
  try {
    const left = JSON.parse(localStorage.getItem(oldKey(stored.id)) ?? 'null') as PieceRecord | null;
    if (left?.id === stored.id && left.updatedAt > stored.updatedAt) return left;
  } catch {
    // An unreadable journal is none.
  }
  return stored;
}

function clearJournals(id: string): void {
  clearJournal(id);
  try {
    localStorage.removeItem(oldKey(id));
  } catch {
    // Nothing was written then, either.
  }
}
