import { useMemo } from 'react';
import useSWR from 'swr';
import { type Order, parseOrders } from '../../core/formats/orders.ts';
import type { Result } from '../../core/result.ts';
import type { OrderRecord } from '../../storage/db.ts';
import { listOrders, type SeenOrder, saveOrder } from '../../storage/orders.ts';
import { readText } from '../export/readText.ts';
import { useKeptQueue } from './keptQueue.ts';
import { ORDERS_KEY, useDatabase } from './services.tsx';
import { useRemoval } from './undoable.ts';

const NONE: readonly SeenOrder[] = [];

/** Orders with some of them changed, new ones first. */
const shownWith = (good: readonly SeenOrder[], changed: readonly Order[]): readonly SeenOrder[] => [
  ...changed.filter((o) => !good.some((s) => s.order.id === o.id)).map((order) => ({ order, revision: 0 })),
  ...good.map((s) => ({ ...s, order: changed.find((o) => o.id === s.order.id) ?? s.order })),
];

const MAX_FILE_BYTES = 5_000_000;

/** The book of orders, and everything that is done to it. Each change is kept at once; one made meanwhile in another tab is not overwritten. */
export function useOrders() {
  const db = useDatabase();
  const { data, mutate } = useSWR(ORDERS_KEY, () => listOrders(db), {
    revalidateOnFocus: true,
    dedupingInterval: 0,
  });
  const seen = data?.good ?? NONE;
  const orders = useMemo(() => seen.map((s) => s.order), [seen]);
  const rows = useMemo(() => seen.map((s) => ({ id: s.order.id, revision: s.revision })), [seen]);
  const queue = useKeptQueue<OrderRecord>(data && rows);
  const remove = useRemoval('orders', () => mutate());

  /** Shown at once, saved one behind the other; what prevents one comes back in words. */
  async function write(changed: readonly Order[]): Promise<string | undefined> {
    await mutate((before) => before && { ...before, good: shownWith(before.good, changed) }, {
      revalidate: false,
    });
    for (const order of changed) {
      const outcome = await queue(order.id, (revision) => saveOrder(db, { order, revision }, Date.now()));
      if (outcome.kind === 'saved') continue;
      await mutate();
      return outcome.kind === 'failed'
        ? `“${order.name}” could not be saved: ${outcome.message}`
        : `“${order.name}” was changed in another tab meanwhile: it is shown as it is there.`;
    }
    return undefined;
  }

  return {
    orders,
    bad: data?.bad ?? [],
    isReady: data !== undefined,
    /** Keeps orders, new ones or changed ones; what prevents it comes back in words. */
    save: (...orders: readonly Order[]): Promise<string | undefined> => write(orders),
    remove: (order: Order) => remove(order.id, (name) => `The order “${name}” was taken out.`),
    /** Takes over a file of orders: those that are there already, by id, are left alone. */
    importFile: async (file: File): Promise<Result<readonly Order[]>> => {
      const text = await readText(file, MAX_FILE_BYTES, 'a book of orders');
      if (!text.ok) return text;
      const read = parseOrders(text.value);
      if (!read.ok) return read;
      const fresh = read.value.filter((o) => !seen.some((s) => s.order.id === o.id));
      const problem = await write(fresh);
      return problem
        ? { ok: false, issues: [{ code: 'storage', path: '', message: problem }] }
        : { ok: true, value: fresh };
    },
  };
}

export type OrdersView = ReturnType<typeof useOrders>;
