import { Check } from 'lucide-react';
import { findColour, PALETTE } from '../../../core/colour/palette.ts';
import { SAFE } from '../../../core/days/relief.ts';
import type { Order } from '../../../core/formats/orders.ts';
import { money } from '../../../core/orders/money.ts';
import { inHundred, plural } from '../../../core/words.ts';
import { Swatch } from '../../ui/Swatch.tsx';
import type { Book } from './useBook.ts';
import { dayName, dueOf, fromToday, piecesOf, STATE_NAMES, STATES } from './words.ts';

interface Props {
  readonly book: Book;
  readonly order: Order;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
}

/** An order in one row: its day, what it is, how far it is, how safe its day is, what it brings. */
export function OrderRow({ book, order, isChosen, onChoose }: Props) {
  const due = dueOf(order);
  const isOver = order.state === 'handed-over';
  const chance = book.days.plan?.chances.find((c) => c.order === order.id)?.chance;
  const mine = book.lines.filter((l) => l.order.id === order.id);
  const colours = [...new Set(mine.flatMap((l) => l.made?.cords.map((c) => c.colour) ?? []))];
  const issue = mine.find((l) => l.issue)?.issue;
  /** The days are still being planned, and this order will have its chance among them. */
  const isAwaited =
    !book.days.plan &&
    !book.days.problem &&
    due !== undefined &&
    mine.some((l) => l.made) &&
    !isOver &&
    order.state !== 'tied';
  const isLate = due !== undefined && due < book.day && !isOver;
  return (
    <li>
      <button
        type="button"
        aria-pressed={isChosen}
        onClick={onChoose}
        className={`grid w-full grid-cols-[6.2rem_minmax(0,1fr)] sm:grid-cols-[6.2rem_minmax(0,1fr)_auto] items-center gap-x-4 rounded-lg border border-rule px-3 py-2 text-left hover:border-ink-soft aria-pressed:border-ink aria-pressed:outline-2 aria-pressed:outline-ink ${isOver ? 'bg-paper' : 'bg-card'}`}
      >
        <span className="leading-tight">
          {due === undefined ? (
            <span className="text-ink-soft">any day</span>
          ) : (
            <>
              <span className={`block font-semibold ${isLate ? 'text-bad' : ''}`}>{dayName(due)}</span>
              {!isOver && <span className="text-[14px] text-ink-soft">{fromToday(due, book.day)}</span>}
            </>
          )}
        </span>
        <span className="min-w-0">
          <span className="flex items-center gap-2">
            <span className="truncate font-semibold text-[17px]">{order.name}</span>
            <span className="flex shrink-0 gap-0.5">
              {colours.slice(0, 6).map((c) => (
                <Swatch key={c} colour={findColour(c) ?? PALETTE[0]!} letter="" size={16} />
              ))}
            </span>
          </span>
          <span className="block truncate text-[15px] text-ink-soft">
            {order.lines.map((l) => `${l.count} × ${l.name}${l.size ? ` ${l.size}` : ''}`).join(', ') ||
              'nothing yet'}
          </span>
          {issue && <span className="block text-[14px] text-bad">{issue.message}</span>}
        </span>
        <span className="leading-tight max-sm:col-start-2 sm:text-right">
          <span className="flex items-center gap-1 text-[14px] sm:justify-end">
            <Steps state={order.state} />
          </span>
          <span className="figure text-[14px] text-ink-soft">
            {piecesOf(order)} {plural(piecesOf(order), 'piece')} · {money(book.moneyOf(order).priceCents)}
          </span>
          {isAwaited && <span className="block text-[14px]">{'\u00a0'}</span>}
          {chance !== undefined && (
            <span
              className={`block text-[14px] ${chance < SAFE ? 'font-semibold text-bad' : 'text-good'}`}
              data-testid={`chance-${order.id}`}
            >
              {chance < SAFE ? '! ' : '✓ '}
              {inHundred(chance)} by its day
            </span>
          )}
        </span>
      </button>
    </li>
  );
}

/** Planned, cut, tied, handed over: as far as it is, in words; the steps before it ticked. */
function Steps({ state }: { readonly state: Order['state'] }) {
  const at = STATES.indexOf(state);
  return (
    <>
      {STATES.slice(0, at).map((s) => (
        <Check key={s} size={14} className="text-good" aria-hidden />
      ))}
      <span className="rounded-full border border-ink-soft px-2">{STATE_NAMES[state]}</span>
    </>
  );
}
