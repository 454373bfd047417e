import 'fake-indexeddb/auto';
import { deleteDB, openDB } from 'idb';
import { afterEach, describe, expect, it } from 'vitest';
import type { Entry } from '../core/stash/types.ts';
import { DB_NAME, openDatabase } from './db.ts';
import { appendEntries, fillLedger, readLedger } from './stash.ts';

afterEach(() => deleteDB(DB_NAME));

const add: Entry = {
  id: 'add',
  at: 1,
  what: 'add',
  lot: { id: 'hank', kind: 'cord', cord: 'nylon-4', colour: 'dusk', form: 'hank' },
  amount: 15_000,
  known: 'pack',
};
const take = (id: string, amount: number): Entry => ({
  id,
  at: 2,
  what: 'take',
  lotId: 'hank',
  amount,
  purpose: 'Ines',
});

describe('the kept ledger', () => {
  it('never lets two tabs cut one hank twice: the second one is told what is left', async () => {
    const [one, other] = [await openDatabase(), await openDatabase()];
    await appendEntries(one, [add]);
    // Both have seen 15 m; both take 9 m at once.
    const [a, b] = await Promise.all([
      appendEntries(one, [take('a', 9000)]),
      appendEntries(other, [take('b', 9000)]),
    ]);
    expect([a.ok, b.ok].sort()).toEqual([false, true]);
    const refused = a.ok ? b : a;
    expect(refused.ok ? '' : refused.issues[0]!.message).toContain('Only 6.00 m are left of it');
    expect(await readLedger(one)).toHaveLength(2);
    one.close();
    other.close();
  });

  it('writes all entries or none, and nothing that could not be read back', async () => {
    const db = await openDatabase();
    const mixed = await appendEntries(db, [add, take('t', 16_000)]);
    expect(mixed.ok).toBe(false);
    expect(await readLedger(db)).toEqual([]);
    const spoilt = await appendEntries(db, [{ ...add, amount: Number.NaN }]);
    expect(spoilt.ok).toBe(false);
    const long = await appendEntries(db, [{ ...add, lot: { ...add.lot, place: 'x'.repeat(101) } }]);
    expect(long.ok ? '' : long.issues[0]!.message).toContain('out of range');
    expect(await readLedger(db)).toEqual([]);
    db.close();
  });

  describe('with something kept beside it', () => {
    const tick = (id: string) => ({
      key: 'cuttingJob',
      after: (kept: unknown) => {
        const done = (kept as { done: string[] }).done;
        return done.includes(id) ? undefined : { done: [...done, id] };
      },
    });
    const start = async () => {
      const db = await openDatabase();
      await appendEntries(db, [add]);
      await db.put('settings', { done: [] }, 'cuttingJob');
      return db;
    };

    it('writes both', async () => {
      const db = await start();
      expect((await appendEntries(db, [take('a', 9000)], tick('piece'))).ok).toBe(true);
      expect((await readLedger(db)).map((e) => e.id)).toEqual(['add', 'a']);
      expect(await db.get('settings', 'cuttingJob')).toEqual({ done: ['piece'] });
      db.close();
    });

    it('writes neither where the cord is not there', async () => {
      const db = await start();
      expect((await appendEntries(db, [take('a', 16_000)], tick('piece'))).ok).toBe(false);
      expect(await readLedger(db)).toHaveLength(1);
      expect(await db.get('settings', 'cuttingJob')).toEqual({ done: [] });
      db.close();
    });

    it('takes the cord once, however often and in how many tabs the same cut is made at once', async () => {
      const [db, other] = [await start(), await openDatabase()];
      const done = await Promise.all([
        appendEntries(db, [take('a', 3000)], tick('piece')),
        appendEntries(db, [take('b', 3000)], tick('piece')),
        appendEntries(other, [take('c', 3000)], tick('piece')),
      ]);
      expect(done.map((d) => d.ok)).toEqual([true, true, true]);
      expect(await readLedger(db)).toHaveLength(2);
      expect(await db.get('settings', 'cuttingJob')).toEqual({ done: ['piece'] });
      db.close();
      other.close();
    });
  });

  it('is filled with the demo only where it is empty', async () => {
    const db = await openDatabase();
    expect(await fillLedger(db, [add])).toBe(true);
    expect(await fillLedger(db, [{ ...add, id: 'other' }])).toBe(false);
    expect((await readLedger(db)).map((e) => e.id)).toEqual(['add']);
    db.close();
  });

  it('and rings come to a store of before there were any, with all that was in it', async () => {
    const old = await openDB(DB_NAME, 5, {
      upgrade(db) {
        for (const name of ['designs', 'weaves', 'pieces', 'makes', 'mixed'])
          db.createObjectStore(name, { keyPath: 'id' });
        db.createObjectStore('settings');
        db.createObjectStore('swatches', { keyPath: ['patternId', 'cordId'] });
        db.createObjectStore('unsaved', { keyPath: ['documentId', 'tab'] });
      },
    });
    await old.put('pieces', { id: 'p', updatedAt: 1 });
    old.close();
    const db = await openDatabase();
    expect((await db.get('pieces', 'p'))?.id).toBe('p');
    expect(await db.getAll('rings')).toEqual([]);
    expect((await appendEntries(db, [add])).ok).toBe(true);
    db.close();
  });
});
