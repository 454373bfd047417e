import type { Swatch } from '../core/usage/swatch.ts';
import type { Database, OwnWeave } from './db.ts';

export const listWeaves = (db: Database): Promise<OwnWeave[]> => db.getAll('weaves');

export async function saveWeave(db: Database, weave: OwnWeave): Promise<void> {
  await db.put('weaves', weave);
}

export async function removeWeave(db: Database, id: string): Promise<void> {
  await db.delete('weaves', id);
}

export const listSwatches = (db: Database): Promise<Swatch[]> => db.getAll('swatches');

export async function saveSwatch(db: Database, swatch: Swatch): Promise<void> {
  await db.put('swatches', swatch);
}

export async function removeSwatch(db: Database, patternId: string, cordId: string): Promise<void> {
  await db.delete('swatches', [patternId, cordId]);
}
