import type { Entry } from '../../core/stash/types.ts';
import type { Database, Transaction } from '../db.ts';
import { type Compared, isBroughtIn } from './compare.ts';
import { keyOfText, readContents } from './contents.ts';
import type { Kept, RecordKind } from './kinds.ts';

/** What was here before something was brought in; `undefined` where there was nothing. */
export interface Before {
  readonly kind: RecordKind['id'];
  readonly key: string;
  readonly value: unknown;
}

/** Brings records in, all or none; hands back what was there before, so that it can be undone. */
export async function bringBack(
  db: Database,
  compared: readonly Compared[],
  kinds: ReadonlySet<RecordKind['id']>,
  replaces: boolean,
): Promise<readonly Before[]> {
  const chosen = compared
    .filter(({ kind }) => kinds.has(kind.id))
    .flatMap(({ kind, records }) =>
      records.filter((r) => isBroughtIn(r.standing, replaces)).map((r) => ({ kind: kind.id, kept: r.kept })),
    );
  return write(db, chosen);
}

/** Puts everything back as it was before. */
export async function takeBack(db: Database, before: readonly Before[]): Promise<void> {
  await write(
    db,
    before.map((b) => ({ kind: b.kind, kept: { key: b.key, value: b.value } })),
  );
}

/** Erases every record of some kinds, all or none; hands back what was there, so that it can be undone. */
export async function erase(db: Database, kinds: ReadonlySet<RecordKind['id']>): Promise<readonly Before[]> {
  const contents = await readContents(db);
  const list = [...kinds].flatMap((kind) =>
    (contents.get(kind) ?? []).map(({ key }) => ({ kind, kept: { key, value: undefined } })),
  );
  return write(db, list);
}

async function write(
  db: Database,
  list: readonly { readonly kind: RecordKind['id']; readonly kept: Kept }[],
): Promise<readonly Before[]> {
  if (list.length === 0) return [];
  const stores = [...new Set(list.map((l) => l.kind))];
  return db.write(stores, async (tx) => {
    const before: Before[] = [];
    for (const { kind, kept } of list)
      before.push({
        kind,
        key: kept.key,
        value: kind === 'stash' ? await swapLedger(tx, kept) : await swap(tx, kind, kept),
      });
    return before;
  });
}

async function swap(
  tx: Transaction,
  kind: Exclude<RecordKind['id'], 'stash'>,
  { key, value }: Kept,
): Promise<unknown> {
  const store = tx.objectStore(kind);
  const at = keyOfText(key) as never;
  const before: unknown = await store.get(at);
  if (value === undefined) await store.delete(at);
  else if (store.keyPath === null) await store.put(value as never, at);
  else await store.put(after(value, before) as never);
  return before;
}

/** Saves are counted on, so that a tab that has the record open sees that it changed. */
function after(value: unknown, before: unknown): unknown {
  const revisionOf = (v: unknown) => (v as { revision?: number } | undefined)?.revision;
  const [a, b] = [revisionOf(value), revisionOf(before)];
  return a === undefined ? value : { ...(value as object), revision: Math.max(a, b ?? 0) + 1 };
}

async function swapLedger(tx: Transaction, { value }: Kept): Promise<unknown> {
  const store = tx.objectStore('stash');
  const before = (await store.getAll()).map((row) => row.entry);
  await store.clear();
  for (const entry of (value ?? []) as Entry[]) await store.add({ entry });
  return before.length > 0 ? before : undefined;
}
