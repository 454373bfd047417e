import { useState } from 'react';
import { dayNumber } from '../../../core/stall/dates.ts';
import { type ShopLine, standInShop } from '../../devices/shop.ts';
import { useDeliveries, usePriceList } from '../../state/shop.ts';
import { Button } from '../../ui/Button.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { dayName } from './words.ts';

/** Orders what is to be bought from the shop, where it sells all of it; says until when it takes, and what it has too little of. */
export function OrderFromShop({ lines }: { readonly lines: readonly ShopLine[] }) {
  const { list, problem } = usePriceList();
  const { refresh } = useDeliveries();
  const toast = useToast();
  const [isBusy, setBusy] = useState(false);
  if (!list)
    return problem ? (
      <p className="text-[15px] text-ink-soft">
        {problem.message} Buy where you like, and type what came in.
      </p>
    ) : null;
  const found = lines.map((line) => ({
    line,
    item: list.items.find(
      (i) =>
        i.cord === line.cord && i.colour === line.colour && i.part === line.part && i.amount === line.amount,
    ),
  }));
  const sold = found.filter((f) => f.item !== undefined);
  const scarce = sold.filter((f) => f.item!.stock < f.line.packs).length;
  const days = Math.max(0, ...sold.map((f) => f.item!.days));
  if (sold.length === 0) return null;
  async function order() {
    setBusy(true);
    try {
      const note = await standInShop.order(sold.map((f) => f.line));
      await refresh();
      toast({
        text: `Ordered: it comes on ${dayName(dayNumber(note.arrives)!)}. Put it on the shelf in the Stash.`,
      });
    } catch (error) {
      toast({ text: (error as Error).message, tone: 'bad' });
    }
    setBusy(false);
  }
  return (
    <div className="rounded-lg bg-paper px-3 py-2 text-[15px]">
      <p>
        {list.shop} sells {sold.length === lines.length ? 'all of it' : `${sold.length} of ${lines.length}`},
        here in {days} {days === 1 ? 'day' : 'days'}
        {scarce > 0 && `; of ${scarce} it has fewer packs than you want`}.
      </p>
      <Button className="mt-1" disabled={isBusy} onClick={() => order()}>
        Order {sold.length === lines.length ? 'it' : 'what it sells'} there
      </Button>
    </div>
  );
}
