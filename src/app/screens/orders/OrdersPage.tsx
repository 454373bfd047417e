import { Link, useParams } from 'react-router';
import { SAFE } from '../../../core/days/relief.ts';
import { plural } from '../../../core/words.ts';
import { useRestOfDemo } from '../../state/restOfDemo.ts';
import { Boundary } from '../../ui/Boundary.tsx';
import { WhyProvider } from '../../ui/WhyNumber.tsx';
import { Days } from './Days.tsx';
import { Figures } from './Figures.tsx';
import { ClassList } from './kits/ClassList.tsx';
import { Needs } from './Needs.tsx';
import { OrderBook } from './OrderBook.tsx';
import { type Book, useBook } from './useBook.ts';
import { dayName, dueOf, fromToday } from './words.ts';

const TABS = [
  { id: 'orders', to: '/orders', name: 'Orders' },
  { id: 'needs', to: '/orders/needs', name: 'What is needed' },
  { id: 'days', to: '/orders/days', name: 'Days' },
  { id: 'kits', to: '/orders/kits', name: 'Class kits' },
  { id: 'figures', to: '/orders/figures', name: 'Prices, sizes, hours' },
] as const;

/** Pieces for people by a day: what is ordered, what it needs, when it is tied; and classes that tie together. */
export default function OrdersPage() {
  useRestOfDemo();
  const book = useBook();
  const { tab = 'orders' } = useParams();
  return (
    <WhyProvider>
      <main className="px-5 py-3 print:p-0">
        <div className="print:hidden">
          <h1 className="font-bold font-title text-3xl">Orders</h1>
          <p className="text-[17px]" data-testid="orders-summary">
            {summary(book)}
          </p>
          <nav
            aria-label="Parts of the orders"
            className="mt-2 mb-4 flex flex-wrap gap-1 border-rule border-b"
          >
            {TABS.map((t) => (
              <Link
                key={t.id}
                to={t.to}
                aria-current={t.id === tab ? 'page' : undefined}
                className="rounded-t px-3 py-1.5 text-[16px] hover:bg-rule/50 aria-[current]:bg-mat aria-[current]:font-semibold aria-[current]:text-white"
              >
                {t.name}
              </Link>
            ))}
          </nav>
        </div>
        <Boundary name="This part of the orders" keys={[tab]}>
          {tab === 'needs' ? (
            <Needs book={book} />
          ) : tab === 'days' ? (
            <Days book={book} />
          ) : tab === 'kits' ? (
            <ClassList book={book} />
          ) : tab === 'figures' ? (
            <Figures book={book} />
          ) : (
            <OrderBook book={book} />
          )}
        </Boundary>
      </main>
    </WhyProvider>
  );
}

/** The book in one line: how much is open, what is next, what is not safe. */
function summary({ orders, isReady, days, day }: Book): string {
  // Its line keeps its height, so that nothing moves when it comes.
  if (!isReady) return '\u00a0';
  const open = orders.filter((o) => o.state !== 'handed-over' && o.state !== 'tied');
  if (open.length === 0)
    return orders.length === 0
      ? 'No orders yet: say who wants what, by when.'
      : 'Everything that was ordered is tied.';
  const next = open.find((o) => dueOf(o) !== undefined);
  const due = next && dueOf(next)!;
  return [
    `${open.length} ${plural(open.length, 'order')} to tie.`,
    next && due !== undefined ? `Next: ${next.name}, ${dayName(due)} (${fromToday(due, day)}).` : '',
    days.plan ? safety(days.plan.chances.filter((c) => c.chance < SAFE).length) : '',
  ].join(' ');
}

const safety = (unsafe: number): string =>
  unsafe === 0
    ? 'Every day that was promised is safe.'
    : `${unsafe} ${unsafe === 1 ? 'day is' : 'days are'} not safe: see Days.`;
