import type { Make } from '../core/formats/make.ts';
import type { Database, MakeRecord, PieceRecord } from './db.ts';

/** Pieces under the maker's hands, last touched first. */
export async function listPieces(db: Database): Promise<PieceRecord[]> {
  const all = await db.getAll('pieces');
  return all.map(newest).sort((a, b) => b.updatedAt - a.updatedAt);
}

export const savePiece = async (db: Database, piece: PieceRecord): Promise<void> => {
  await db.put('pieces', piece);
};

export const removePiece = async (db: Database, id: string): Promise<void> => {
  await db.delete('pieces', id);
  clearTyingJournal(id);
};

/** A finished piece goes into the log and off the table, both or neither. Throws for one that could not be read back. */
export async function finishPiece(db: Database, pieceId: string, make: Make): Promise<void> {
  const { readMake } = await import('../core/formats/make.ts');
  const read = readMake(make);
  if (!read.ok) throw new Error(read.issues.map((i) => `${i.path} ${i.message}`.trim()).join(' '));
  await db.write(['pieces', 'makes'], async (tx) => {
    await tx.objectStore('makes').put({ id: make.id, finishedAt: make.finishedAt, make });
    await tx.objectStore('pieces').delete(pieceId);
  });
  clearTyingJournal(pieceId);
}

export async function listMakes(db: Database): Promise<MakeRecord[]> {
  const all = await db.getAll('makes');
  return all.sort((a, b) => b.finishedAt - a.finishedAt);
}

const key = (id: string) => `warp-beam-tying:${id}`;

/** Written at once with every step, so that a dying tab or battery loses none. */
export function writeTyingJournal(piece: PieceRecord): void {
  try {
    localStorage.setItem(key(piece.id), JSON.stringify(piece));
  } catch {
    // No room or not allowed: the store itself still reports whether it could save.
  }
}

/** The piece as it was last seen. One that only the journal knows was removed or finished elsewhere. */
export async function getPiece(db: Database, id: string): Promise<PieceRecord | undefined> {
  const stored = await db.get('pieces', id);
  return stored && newest(stored);
}

/** By the store or by the journal, whichever is newer. */
function newest(stored: PieceRecord): PieceRecord {
  try {
    const left = JSON.parse(localStorage.getItem(key(stored.id)) ?? 'null') as PieceRecord | null;
    if (left?.id === stored.id && left.updatedAt > stored.updatedAt) return left;
  } catch {
    // An unreadable journal is none.
  }
  return stored;
}

function clearTyingJournal(id: string): void {
  try {
    localStorage.removeItem(key(id));
  } catch {
    // Nothing was written then, either.
  }
}
