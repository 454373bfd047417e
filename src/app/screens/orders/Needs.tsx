import { unparse } from 'papaparse';
import { Link } from 'react-router';
import { cordName } from '../../../core/colour/cordName.ts';
import { money } from '../../../core/orders/money.ts';
import type { CordNeed, PartNeed } from '../../../core/orders/needs.ts';
import { type Buy, buyCord, buyParts } from '../../../core/orders/shopping.ts';
import { partName } from '../../../core/stash/parts.ts';
import { plural } from '../../../core/words.ts';
import { newId } from '../../../storage/ids.ts';
import { download } from '../../export/download.ts';
import type { Asked } from '../../state/stash.ts';
import { Button } from '../../ui/Button.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { useLength } from '../../ui/units.tsx';
import { NeedBar } from './NeedBar.tsx';
import { OrderFromShop } from './OrderFromShop.tsx';
import type { Book } from './useBook.ts';

/** What open orders need from the shelf, what is missing, and how it is bought for least. */
export function Needs({ book }: { readonly book: Book }) {
  const show = useLength();
  const toast = useToast();
  const cords = book.needs.cord.map((need) => ({ need, ...buyCord(need, book.figures) }));
  const parts = book.needs.parts.map((need) => ({ need, ...buyParts(need, book.figures) }));
  const cost = [...cords, ...parts].reduce((sum, x) => sum + (x.buy?.costCents ?? 0), 0);
  const missing = cords.some((c) => c.missingMm > 0) || parts.some((p) => p.missing > 0);
  const longest = Math.max(1000, ...cords.map((c) => Math.max(c.need.neededMm, c.need.haveMm)));
  const namesOf = (ids: readonly string[]) =>
    ids.map((id) => book.orders.find((o) => o.id === id)?.name ?? id).join(', ');

  async function cameIn() {
    const asked = [
      ...cords.flatMap(({ need, buy }) =>
        lotsOf(buy, (amount, priceCents) => cordLot(need, amount, priceCents)),
      ),
      ...parts.flatMap(({ need, buy }) =>
        lotsOf(buy, (amount, priceCents) => partLot(need, amount, priceCents)),
      ),
    ];
    const trouble = await book.stash.write(asked);
    toast(trouble ? { text: trouble, tone: 'bad' } : { text: 'It is on the shelf; the ledger can undo it.' });
  }

  function shopLines() {
    return [
      ...cords.map(({ need, buy }) => ({ buy, of: { cord: need.cord, colour: need.colour } })),
      ...parts.map(({ need, buy }) => ({ buy, of: { part: need.part } })),
    ].flatMap(({ buy, of }) => (buy?.packs ?? []).map((p) => ({ ...of, amount: p.amount, packs: p.count })));
  }

  function rows() {
    return [
      ...cords.map((c) => ({ ...c, what: cordName(c.need), orders: c.need.orders })),
      ...parts.map((p) => ({ ...p, what: partName(p.need.part), orders: p.need.orders })),
    ].flatMap(({ what, buy, orders }) =>
      (buy?.packs ?? []).map((p) => ({
        what,
        packs: p.count,
        'in a pack': p.amount,
        price: money(p.priceCents * p.count),
        for: namesOf(orders),
      })),
    );
  }

  if (book.needs.cord.length === 0 && parts.length === 0)
    return <p className="text-ink-soft">No open order needs anything from the shelf.</p>;
  return (
    <div className="grid grid-cols-1 gap-5 lg:grid-cols-[minmax(0,1fr)_24rem]">
      <section
        aria-label="Needed from the shelf"
        className="on-mat flex flex-col gap-2 rounded-xl bg-mat p-4 text-white"
      >
        {cords.map(({ need, missingMm }) => (
          <NeedBar
            key={need.key}
            need={need}
            missingMm={missingMm}
            longestMm={longest}
            orders={namesOf(need.orders)}
          />
        ))}
        {parts.length > 0 && (
          <ul
            aria-label="Hardware needed"
            className="mt-2 flex flex-wrap gap-2 border-white/25 border-t pt-3"
          >
            {parts.map(({ need, missing: short }) => (
              <li
                key={need.part}
                className={`rounded-lg border px-3 py-1 text-[15px] ${short > 0 ? 'border-white border-dashed' : 'border-white/40'}`}
              >
                <strong className="figure">{need.needed}</strong> {partName(need.part)}
                <span className="text-white/80">
                  {' '}
                  · {Math.round(need.have)} there{short > 0 ? `, ${short} missing` : ' ✓'}
                </span>
              </li>
            ))}
          </ul>
        )}
      </section>
      <aside
        aria-label="To buy"
        className="flex flex-col gap-3 self-start rounded-xl border border-rule bg-card p-4"
      >
        <h2 className="font-bold font-title text-xl">To buy</h2>
        {missing ? (
          <ul className="flex flex-col gap-2" data-testid="shopping">
            {cords
              .filter((c) => c.missingMm > 0)
              .map(({ need, missingMm, buy }) => (
                <li key={need.key}>
                  <p className="font-semibold">
                    {buy
                      ? buy.packs.map((p) => `${p.count} × ${show(p.amount, { kind: 'cut' })}`).join(' and ')
                      : `${show(missingMm, { kind: 'cut', rounding: 'up' })}, with no known price,`}{' '}
                    of {cordName(need)}
                    {buy && <span className="figure font-normal"> {money(buy.costCents)}</span>}
                  </p>
                  <p className="text-[15px] text-ink-soft">for {namesOf(need.orders)}</p>
                </li>
              ))}
            {parts
              .filter((p) => p.missing > 0)
              .map(({ need, missing: short, buy }) => (
                <li key={need.part}>
                  <p className="font-semibold">
                    {buy
                      ? buy.packs
                          .map((p) => `${p.count} ${plural(p.count, 'pack')} of ${p.amount}`)
                          .join(' and ')
                      : `${short}, with no known price:`}{' '}
                    {partName(need.part)}
                    {buy && <span className="figure font-normal"> {money(buy.costCents)}</span>}
                  </p>
                  <p className="text-[15px] text-ink-soft">for {namesOf(need.orders)}</p>
                </li>
              ))}
          </ul>
        ) : (
          <p className="font-semibold text-good">✓ Everything is there.</p>
        )}
        {missing && (
          <p className="border-rule border-t pt-2 text-lg">
            Together <strong className="figure">{money(cost)}</strong>
          </p>
        )}
        <p className="text-[15px] text-ink-soft">
          The cheapest packs for the lengths that are missing. Whether every cut comes out of a whole hank is
          settled by the{' '}
          <Link to="/stash?tab=cuts&orders=open" className="underline">
            cutting plan
          </Link>
          .
        </p>
        {missing && <OrderFromShop lines={shopLines()} />}
        {missing && (
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => cameIn()}>It came in: put it on the shelf</Button>
            <Button
              look="quiet"
              onClick={() =>
                download({ name: 'shopping.csv', type: 'text/csv', text: `${unparse(rows())}\n` })
              }
            >
              As a table
            </Button>
          </div>
        )}
      </aside>
    </div>
  );
}

const lotsOf = (buy: Buy | undefined, lot: (amount: number, priceCents: number) => Asked): Asked[] =>
  (buy?.packs ?? []).flatMap((p) => Array.from({ length: p.count }, () => lot(p.amount, p.priceCents)));

const cordLot = ({ cord, colour }: CordNeed, amount: number, priceCents: number): Asked => ({
  what: 'add',
  lot: { id: newId(), kind: 'cord', cord, colour, form: 'hank', priceCents },
  amount,
  known: 'pack',
});

const partLot = ({ part }: PartNeed, amount: number, priceCents: number): Asked => ({
  what: 'add',
  lot: { id: newId(), kind: 'hardware', name: partName(part), part, form: 'box', priceCents },
  amount,
  known: 'count',
});
