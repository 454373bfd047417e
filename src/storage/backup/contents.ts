import type { Database } from '../db.ts';
import { type Kept, KINDS, type RecordKind } from './kinds.ts';

/** Everything that is kept, kind by kind. */
export type Contents = ReadonlyMap<RecordKind['id'], readonly Kept[]>;

/** The stash's ledger counts as one record. */
export const LEDGER_KEY = 'ledger';
/** What says nothing outside this browser. */
const NOT_KEPT = new Set(['lastDesign', 'demoSeen', 'restOfDemo', 'backedUpAt', 'copiesFolder', 'copiedAt']);

/** A key in words: keys of several parts are written one after the other. */
export const keyText = (key: IDBValidKey): string => (Array.isArray(key) ? JSON.stringify(key) : String(key));
/** The other way. */
export const keyOfText = (text: string): IDBValidKey =>
  text.startsWith('[') ? (JSON.parse(text) as string[]) : text;

/** Reads every store in one transaction, so that all of it is of one moment. */
export async function readContents(db: Database): Promise<Contents> {
  return db.use(async (c) => {
    const tx = c.transaction(KINDS.map((r) => r.id));
    const kinds = await Promise.all(
      KINDS.map(async ({ id }): Promise<[RecordKind['id'], Kept[]]> => {
        const store = tx.objectStore(id);
        const [keys, values] = await Promise.all([store.getAllKeys(), store.getAll() as Promise<unknown[]>]);
        if (id === 'stash') {
          const ledger = values.map((v) => (v as { entry: unknown }).entry);
          return [id, ledger.length > 0 ? [{ key: LEDGER_KEY, value: ledger }] : []];
        }
        const kept = keys.map((key, i) => ({ key: keyText(key), value: values[i] }));
        return [id, id === 'settings' ? kept.filter((k) => !NOT_KEPT.has(k.key)) : kept];
      }),
    );
    return new Map(kinds);
  });
}
