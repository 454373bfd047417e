import 'fake-indexeddb/auto';
import { deleteDB } from 'idb';
import { afterEach, describe, expect, it } from 'vitest';
import type { ClassOfKits } from '../core/formats/class.ts';
import type { Order } from '../core/formats/orders.ts';
import type { Entry } from '../core/stash/types.ts';
import { listClasses, saveClass } from './classes.ts';
import { DB_NAME, openDatabase } from './db.ts';
import { listOrders, saveOrder } from './orders.ts';
import { appendEntries, readLedger } from './stash.ts';

afterEach(() => deleteDB(DB_NAME));

const order = (id: string, state: Order['state']): Order => ({
  id,
  name: id,
  state,
  lines: [{ design: 'night', name: 'Dome night band', count: 1 }],
});
const CLASS: ClassOfKits = {
  format: 'warp-beam/class',
  version: 1,
  name: 'School visit',
  designs: [{ design: 'night', name: 'Dome night band' }],
  pupils: [{ name: 'Mia', girthMm: 152 }],
  spares: 0,
};
const add: Entry = {
  id: 'add',
  at: 1,
  what: 'add',
  lot: { id: 'hank', kind: 'cord', cord: 'nylon-4', colour: 'dusk', form: 'hank' },
  amount: 15_000,
  known: 'pack',
};
const take = (amount: number): Entry => ({
  id: `take ${amount}`,
  at: 2,
  what: 'take',
  lotId: 'hank',
  amount,
  purpose: 'Ines',
});

async function shelf() {
  const db = await openDatabase();
  await appendEntries(db, [add]);
  await saveOrder(db, { order: order('Ines', 'planned'), revision: 0 }, 1);
  await saveOrder(db, { order: order('Pavel', 'tied'), revision: 0 }, 1);
  await saveOrder(db, { order: order('Lin', 'planned'), revision: 0 }, 1);
  await saveClass(db, 'visit', 0, CLASS, 1);
  return db;
}
/** A last cut, or one before it, of what is for Ines, Pavel, somebody who is gone, and the class. */
const beside = (isLast: boolean) => ({
  key: 'cuttingJob',
  after: () => ({ done: true }),
  served: () => (isLast ? { orders: ['Ines', 'Pavel', 'gone'], classes: ['visit', 'gone'] } : undefined),
});

describe('the last cut of a job', () => {
  it('says of its orders and classes that they are cut, in the same step, as one more revision', async () => {
    const db = await shelf();
    expect((await appendEntries(db, [take(2000)], beside(true))).ok).toBe(true);
    const orders = (await listOrders(db)).good.map((o) => [o.order.id, o.order.state, o.revision]);
    expect(orders.sort()).toEqual([
      ['Ines', 'cut', 2],
      ['Lin', 'planned', 1],
      // Further on already.
      ['Pavel', 'tied', 1],
    ]);
    expect((await listClasses(db)).map((c) => [c.revision, (c.kits as ClassOfKits).isCut])).toEqual([
      [2, true],
    ]);
    // A tab that saw them before does not overwrite that.
    const late = await saveOrder(db, { order: order('Ines', 'planned'), revision: 1 }, 3);
    expect(late.kind).toBe('conflict');
    db.close();
  });

  it('is no last cut while others are left, or where the cord is not there', async () => {
    const db = await shelf();
    expect((await appendEntries(db, [take(2000)], beside(false))).ok).toBe(true);
    expect((await appendEntries(db, [take(20_000)], beside(true))).ok).toBe(false);
    const states = (await listOrders(db)).good.map((o) => o.order.state);
    expect(states.sort()).toEqual(['planned', 'planned', 'tied']);
    expect((await listClasses(db))[0]!.revision).toBe(1);
    expect(await readLedger(db)).toHaveLength(2);
    db.close();
  });
});
