import { format } from 'date-fns';
import type { StallFigures } from '../../../../core/formats/stall.ts';
import type { PriceList } from '../../../../core/formats/supply.ts';
import { standInShop } from '../../../devices/shop.ts';
import { usePriceList } from '../../../state/shop.ts';
import { Button } from '../../../ui/Button.tsx';
import { useToast } from '../../../ui/Toast.tsx';
import type { FiguresProps } from './keep.ts';

/** A shop's list beside one's own: as of when, and its prices used on request. */
export function ShopPrices({ figures, keep }: FiguresProps) {
  const { list, problem, isLoading, again } = usePriceList();
  const toast = useToast();
  return (
    <p
      className="mt-3 flex flex-wrap items-center gap-2 rounded-lg bg-paper px-3 py-2 text-[15px]"
      data-testid="shop-prices"
    >
      {list ? (
        <>
          <span className="grow">
            {list.shop} sells {list.items.length} packs, as of {format(list.asOf, 'EEE d MMM HH:mm')}.
          </span>
          <Button
            onClick={() => {
              const { packs, parts } = figures;
              void keep(takenOver(list)).then(() =>
                toast({
                  text: `Prices now come from ${list.shop}.`,
                  action: { text: 'Undo', run: () => keep({ packs, parts }) },
                }),
              );
            }}
          >
            Use its prices
          </Button>
        </>
      ) : (
        <>
          <span className="grow">
            {problem
              ? `${problem.message} Prices can be typed.`
              : isLoading
                ? `Asking ${standInShop.name}…`
                : 'Prices can be typed.'}
          </span>
          <Button onClick={() => again()}>Ask again</Button>
        </>
      )}
    </p>
  );
}

/** The list as figures of a stall. */
const takenOver = ({ items }: PriceList): Pick<StallFigures, 'packs' | 'parts'> => ({
  packs: items.flatMap(({ cord, colour, amount, priceCents }) =>
    cord && colour ? [{ cord, colour, lengthMm: amount, priceCents }] : [],
  ),
  parts: items.flatMap(({ part, amount, priceCents }) =>
    part ? [{ part, perPack: amount, priceCents }] : [],
  ),
});
