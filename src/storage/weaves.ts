import type { OwnWeave } from '../core/formats/workshop.ts';
import type { Issue, Result } from '../core/result.ts';
import type { Swatch } from '../core/usage/swatch.ts';
import type { Database } from './db.ts';

/** A stored record that cannot be read: kept as it is, to be saved to a file or removed. */
export interface BadRecord {
  readonly key: IDBValidKey;
  readonly raw: unknown;
  readonly issues: readonly Issue[];
}

interface Sorted<T> {
  readonly good: readonly T[];
  readonly bad: readonly BadRecord[];
}

type Readers = typeof import('../core/formats/workshop.ts');
/** What reads weaves and swatches: fetched once there is one to read, not before the first look at the Bench. */
const readers = (): Promise<Readers> => import('../core/formats/workshop.ts');

/** Records that can be read, and those that cannot. */
async function goodAndBad<T>(
  raw: readonly unknown[],
  keys: readonly IDBValidKey[],
  readerOf: (readers: Readers) => (data: unknown) => Result<T>,
): Promise<Sorted<T>> {
  if (raw.length === 0) return { good: [], bad: [] };
  const results = raw.map(readerOf(await readers()));
  return {
    good: results.flatMap((r) => (r.ok ? [r.value] : [])),
    bad: results.flatMap((r, i) => (r.ok ? [] : [{ key: keys[i]!, raw: raw[i], issues: r.issues }])),
  };
}

export const listWeaves = (db: Database): Promise<Sorted<OwnWeave>> =>
  db.use(async (c) =>
    goodAndBad(await c.getAll('weaves'), await c.getAllKeys('weaves'), (r) => r.readOwnWeave),
  );

/** Weaves in cords of different thickness, as they were pulled tight here. What can't be read is worked out again. */
export const listMixed = (db: Database): Promise<readonly OwnWeave[]> =>
  db.use(
    async (c) =>
      (await goodAndBad(await c.getAll('mixed'), await c.getAllKeys('mixed'), (r) => r.readOwnWeave)).good,
  );

export async function saveMixed(db: Database, weave: OwnWeave): Promise<void> {
  refuseUnreadable((await readers()).readOwnWeave(weave));
  await db.put('mixed', weave, undefined, 'relaxed');
}

export const listSwatches = (db: Database): Promise<Sorted<Swatch>> =>
  db.use(async (c) =>
    goodAndBad(await c.getAll('swatches'), await c.getAllKeys('swatches'), (r) => r.readSwatch),
  );

/** Keeps a weave; throws for one that could not be read back. */
export async function saveWeave(db: Database, weave: OwnWeave): Promise<void> {
  refuseUnreadable((await readers()).readOwnWeave(weave));
  await db.put('weaves', weave);
}

export async function removeWeave(db: Database, id: string): Promise<void> {
  await db.delete('weaves', id);
}

/** Keeps a swatch in place of the one for its weave and cord; throws for one that could not be read back. */
export async function saveSwatch(db: Database, swatch: Swatch): Promise<void> {
  refuseUnreadable((await readers()).readSwatch(swatch));
  await db.put('swatches', swatch);
}

export async function removeSwatch(db: Database, patternId: string, cordId: string): Promise<void> {
  await db.delete('swatches', [patternId, cordId]);
}

function refuseUnreadable(read: Result<unknown>): void {
  if (!read.ok) throw new Error(read.issues.map((i) => `${i.path} ${i.message}`.trim()).join(' '));
}
