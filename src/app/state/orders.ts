import useSWR from 'swr';
import { type Order, parseOrders } from '../../core/formats/orders.ts';
import type { Result } from '../../core/result.ts';
import { removeKept, restoreKept } from '../../storage/keptList.ts';
import { listOrders, type SeenOrder, saveOrder } from '../../storage/orders.ts';
import { readText } from '../export/readText.ts';
import { useToast } from '../ui/Toast.tsx';
import { ORDERS_KEY, useDatabase } from './services.tsx';

const MAX_FILE_BYTES = 5_000_000;

/** The book of orders, and everything that is done to it. Each change is kept at once; one made meanwhile in another tab is not overwritten. */
export function useOrders() {
  const db = useDatabase();
  const toast = useToast();
  const { data, mutate } = useSWR(ORDERS_KEY, () => listOrders(db), {
    revalidateOnFocus: true,
    dedupingInterval: 0,
  });
  const seen = data?.good ?? [];

  async function write(changed: readonly SeenOrder[]): Promise<string | undefined> {
    for (const one of changed) {
      const outcome = await saveOrder(db, one, Date.now());
      if (outcome.kind === 'saved') continue;
      await mutate();
      return outcome.kind === 'failed'
        ? `“${one.order.name}” could not be saved: ${outcome.message}`
        : `“${one.order.name}” was changed in another tab meanwhile: it is shown as it is there.`;
    }
    await mutate();
    return undefined;
  }

  const revisionOf = (id: string): number => seen.find((s) => s.order.id === id)?.revision ?? 0;

  return {
    orders: seen.map((s) => s.order),
    bad: data?.bad ?? [],
    isReady: data !== undefined,
    /** Keeps orders, new ones or changed ones; what prevents it comes back in words. */
    save: (...orders: readonly Order[]): Promise<string | undefined> =>
      write(orders.map((order) => ({ order, revision: revisionOf(order.id) }))),
    remove: async (order: Order): Promise<void> => {
      const removed = await removeKept(db, 'orders', order.id);
      await mutate();
      if (!removed) return;
      toast({
        text: `The order “${order.name}” was taken out.`,
        action: {
          text: 'Undo',
          run: async () => {
            await restoreKept(db, 'orders', [removed]);
            await mutate();
          },
        },
      });
    },
    /** Takes over a file of orders: those that are there already, by id, are left alone. */
    importFile: async (file: File): Promise<Result<readonly Order[]>> => {
      const text = await readText(file, MAX_FILE_BYTES, 'a book of orders');
      if (!text.ok) return text;
      const read = parseOrders(text.value);
      if (!read.ok) return read;
      const fresh = read.value.filter((o) => !seen.some((s) => s.order.id === o.id));
      const problem = await write(fresh.map((order) => ({ order, revision: 0 })));
      return problem
        ? { ok: false, issues: [{ code: 'storage', path: '', message: problem }] }
        : { ok: true, value: fresh };
    },
  };
}

export type OrdersView = ReturnType<typeof useOrders>;
