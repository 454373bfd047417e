import { type Order, readOrder } from '../core/formats/orders.ts';
import type { Issue } from '../core/result.ts';
import type { Database, OrderRecord } from './db.ts';
import { inWords } from './inWords.ts';
import { isSameDocument, type SaveOutcome, saveKept } from './kept.ts';
import { listKept } from './keptList.ts';

/** An order with the revision of it that was seen. */
export interface SeenOrder {
  readonly order: Order;
  readonly revision: number;
}

export interface BadOrder {
  readonly record: OrderRecord;
  readonly issues: readonly Issue[];
}

/** Every order that can be read, last changed first; and those that can’t, which are left as they are. */
export async function listOrders(
  db: Database,
): Promise<{ readonly good: readonly SeenOrder[]; readonly bad: readonly BadOrder[] }> {
  const good: SeenOrder[] = [];
  const bad: BadOrder[] = [];
  for (const record of await listKept(db, 'orders')) {
    const read = readOrder(record.order);
    if (read.ok) good.push({ order: read.value, revision: record.revision });
    else bad.push({ record, issues: read.issues });
  }
  return { good, bad };
}

/** Saves an order over the revision that the writer has seen (0 for a new one). One that could not be read back is never written. */
export async function saveOrder(
  db: Database,
  { order, revision }: SeenOrder,
  now: number,
): Promise<SaveOutcome<OrderRecord>> {
  const read = readOrder(order);
  if (!read.ok) return { kind: 'failed', reason: 'invalid', message: inWords(read.issues) };
  return saveKept(db, 'orders', order.id, {
    seenRevision: revision,
    now,
    isSame: (theirs) => isSameDocument(theirs.order, order),
    made: () => ({ name: order.name, order }),
  });
}
