import 'fake-indexeddb/auto';
import { deleteDB, openDB } from 'idb';
import { afterEach, describe, expect, it } from 'vitest';
import type { ClassOfKits } from '../core/formats/class.ts';
import type { Order } from '../core/formats/orders.ts';
import { listClasses, saveClass } from './classes.ts';
import { DB_NAME, openDatabase } from './db.ts';
import { listOrders, saveOrder } from './orders.ts';

afterEach(() => deleteDB(DB_NAME));

const ORDER: Order = {
  id: 'a',
  name: 'Sade',
  state: 'planned',
  lines: [{ design: 'night', name: 'Dome night band', count: 2 }],
};
const CLASS: ClassOfKits = {
  format: 'warp-beam/class',
  version: 1,
  name: 'School visit',
  designs: [{ design: 'night', name: 'Dome night band' }],
  pupils: [{ name: 'Mia', girthMm: 152 }],
  spares: 1,
};

describe('kept orders', () => {
  it('come back as they were, and are not overwritten by a tab that has not seen the last change', async () => {
    const [one, other] = [await openDatabase(), await openDatabase()];
    expect((await saveOrder(one, { order: ORDER, revision: 0 }, 1)).kind).toBe('saved');
    expect((await saveOrder(other, { order: { ...ORDER, state: 'cut' }, revision: 1 }, 2)).kind).toBe(
      'saved',
    );
    const late = await saveOrder(one, { order: { ...ORDER, name: 'Sade and Jun' }, revision: 1 }, 3);
    expect(late).toMatchObject({ kind: 'conflict', theirs: { order: { state: 'cut' } } });
    expect((await listOrders(one)).good).toEqual([{ order: { ...ORDER, state: 'cut' }, revision: 2 }]);
    one.close();
    other.close();
  });

  it('are never written where they could not be read back; what can’t be read is left as it is and named', async () => {
    const db = await openDatabase();
    const wrong = { ...ORDER, lines: [{ ...ORDER.lines[0]!, count: 0 }] };
    expect(await saveOrder(db, { order: wrong, revision: 0 }, 1)).toMatchObject({
      kind: 'failed',
      reason: 'invalid',
    });
    const strange = { id: 'x', revision: 1, updatedAt: 1, name: 'From the future', order: { lines: 'none' } };
    await db.put('orders', strange);
    const { good, bad } = await listOrders(db);
    expect(good).toEqual([]);
    expect(bad[0]!.record).toEqual(strange);
    expect(bad[0]!.issues.length).toBeGreaterThan(0);
    db.close();
  });
});

describe('kept classes', () => {
  it('come back as they were, one revision after the other', async () => {
    const db = await openDatabase();
    await saveClass(db, 'c', 0, CLASS, 1);
    await saveClass(db, 'c', 1, { ...CLASS, spares: 2 }, 2);
    expect((await saveClass(db, 'c', 1, CLASS, 3)).kind).toBe('conflict');
    expect((await saveClass(db, 'd', 0, { ...CLASS, designs: [] }, 3)).kind).toBe('failed');
    expect(await listClasses(db)).toMatchObject([{ id: 'c', revision: 2, kits: { spares: 2 } }]);
    db.close();
  });
});

describe('a store of before orders', () => {
  it('is taken up with its ledger as it was', async () => {
    const old = await openDB(DB_NAME, 7, {
      upgrade(db) {
        for (const name of ['designs', 'pieces', 'makes', 'rings', 'weaves', 'mixed'])
          db.createObjectStore(name, { keyPath: 'id' });
        db.createObjectStore('settings');
        db.createObjectStore('swatches', { keyPath: ['patternId', 'cordId'] });
        db.createObjectStore('unsaved', { keyPath: ['documentId', 'tab'] });
        db.createObjectStore('stash', { autoIncrement: true });
      },
    });
    await old.add('stash', { entry: { id: 'e', kept: true } });
    await old.put(
      'settings',
      { counts: { night: 2 }, groups: [], results: {}, done: [], bought: {} },
      'cuttingJob',
    );
    old.close();
    const db = await openDatabase();
    expect(await db.getAll('stash')).toEqual([{ entry: { id: 'e', kept: true } }]);
    expect(await listOrders(db)).toEqual({ good: [], bad: [] });
    expect(await db.get('settings', 'cuttingJob')).toMatchObject({ counts: { night: 2 } });
    db.close();
  });
});
