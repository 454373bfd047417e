import type { Database, RingRecord } from './db.ts';
import { listKept, removeKept, restoreKept } from './keptList.ts';

export const listRings = (db: Database): Promise<RingRecord[]> => listKept(db, 'rings');

export const getRing = (db: Database, id: string): Promise<RingRecord | undefined> => db.get('rings', id);

export const removeRing = (db: Database, id: string): Promise<RingRecord | undefined> =>
  removeKept(db, 'rings', id);

export const restoreRings = (db: Database, records: readonly RingRecord[]): Promise<void> =>
  restoreKept(db, 'rings', records);
