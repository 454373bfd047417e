import { readClass } from '../core/formats/class.ts';
import { readOrder } from '../core/formats/orders.ts';
import type { Transaction } from './db.ts';
import { TAB } from './tab.ts';

/** Orders and classes by id. */
export interface Served {
  readonly orders: readonly string[];
  readonly classes: readonly string[];
}

/**
 * Says of orders and classes that all of theirs is cut, as one more revision of each. Orders that are further on, and what is gone or
 * cannot be read, are left alone. Orders and classes must be among the stores of the transaction.
 */
export async function markCut(tx: Transaction, { orders, classes }: Served, now: number): Promise<void> {
  const orderStore = tx.objectStore('orders');
  for (const id of orders) {
    const record = await orderStore.get(id);
    const read = readOrder(record?.order);
    if (!record || !read.ok || read.value.state !== 'planned') continue;
    const order = { ...read.value, state: 'cut' as const };
    await orderStore.put({ ...record, order, revision: record.revision + 1, updatedAt: now, writer: TAB });
  }
  const classStore = tx.objectStore('classes');
  for (const id of classes) {
    const record = await classStore.get(id);
    const read = readClass(record?.kits);
    if (!record || !read.ok || read.value.isCut) continue;
    const kits = { ...read.value, isCut: true };
    await classStore.put({ ...record, kits, revision: record.revision + 1, updatedAt: now, writer: TAB });
  }
}
