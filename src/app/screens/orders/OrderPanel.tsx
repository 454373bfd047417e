import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { LIMITS } from '../../../core/formats/limits.gen.ts';
import type { Order, OrderLine } from '../../../core/formats/orders.ts';
import { money } from '../../../core/orders/money.ts';
import { dayNumber } from '../../../core/stall/dates.ts';
import { designPath, ringPath } from '../../paths.ts';
import { Button } from '../../ui/Button.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';
import { LineEditor } from './LineEditor.tsx';
import type { Book } from './useBook.ts';
import { STATE_NAMES, STATES } from './words.ts';

interface Props {
  readonly book: Book;
  readonly order: Order;
  readonly onGone: () => void;
}

/** One order, opened: for whom, by when, how far; its lines; what it costs and brings. Every change is kept at once. */
export function OrderPanel({ book, order, onGone }: Props) {
  const [problem, setProblem] = useState<string>();
  const keep = async (patch: { readonly [K in keyof Order]?: Order[K] | undefined }) => {
    const next = Object.fromEntries(
      Object.entries({ ...order, ...patch }).filter(([, v]) => v !== undefined),
    ) as unknown as Order;
    setProblem(await book.save(next));
  };
  const mine = book.lines.filter((l) => l.order.id === order.id);
  const sums = book.moneyOf(order);
  const unknown = [...new Set(mine.flatMap((l) => book.money.get(l)?.unknown ?? []))];
  const withLine = (index: number, line: OrderLine | undefined) =>
    keep({
      lines: order.lines.flatMap((l, i) => (i === index ? (line ? [line] : []) : [l])),
      // A pin counts lines: it goes with its line, and those behind move up.
      ...(line || !order.pins
        ? {}
        : {
            pins: order.pins
              .filter((p) => p.line !== index)
              .map((p) => (p.line > index ? { ...p, line: p.line - 1 } : p)),
          }),
    });
  return (
    <section
      aria-label={order.name}
      className="flex flex-col gap-3 rounded-xl border border-rule bg-card p-4"
    >
      <Named name={order.name} onName={(name) => keep({ name })} />
      <DueField due={order.due} onDue={(due) => keep({ due })} />
      <Segments
        label="How far it is"
        value={order.state}
        choices={STATES.map((value) => ({ value, name: STATE_NAMES[value] }))}
        onChange={(state) => void keep({ state })}
      />
      <Problem>{problem}</Problem>
      <ul aria-label="Pieces of this order" className="flex flex-col gap-3 border-rule border-t pt-3">
        {order.lines.map((line, i) => (
          <LineEditor
            // biome-ignore lint/suspicious/noArrayIndexKey: lines are told apart by their place
            key={i}
            book={book}
            line={line}
            worked={mine[i]}
            onChange={(next) => void withLine(i, next)}
          />
        ))}
      </ul>
      <Button
        className="self-start"
        disabled={book.offers.length === 0 || order.lines.length >= LIMITS.orders['/orders/*/lines']}
        onClick={() => {
          const last = order.lines.at(-1);
          const offer = book.offers.find((o) => o.id === last?.design) ?? book.offers[0]!;
          void keep({ lines: [...order.lines, { design: offer.id, name: offer.name, count: 1 }] });
        }}
      >
        Add pieces
      </Button>
      <p className="border-rule border-t pt-3" data-testid="order-money">
        Costs <WhyNumber label="What the order costs" value={money(sums.costCents)} why={sums.costWhy} />,
        brings{' '}
        <WhyNumber
          label="What the order brings"
          value={money(sums.priceCents)}
          why={sums.priceWhy}
          className="font-bold text-xl"
        />
        {order.priceCents !== undefined && ' as agreed'}.
        {unknown.length > 0 && (
          <span className="block text-[15px] text-amber-ink">
            No price is known for {unknown.join(', ')}: it counts as nothing. Add it under{' '}
            <Link to="/orders/figures" className="underline">
              Prices
            </Link>
            .
          </span>
        )}
      </p>
      <PriceField cents={order.priceCents} onPrice={(priceCents) => keep({ priceCents })} />
      {order.lines[0] && <Links book={book} line={order.lines[0]} />}
      <Button
        look="quiet"
        className="self-start"
        onClick={() => {
          onGone();
          void book.remove(order);
        }}
      >
        <Trash2 size={16} aria-hidden /> Remove this order
      </Button>
    </section>
  );
}

function Links({ book, line }: { readonly book: Book; readonly line: OrderLine }) {
  const pattern = book.catalogue.find(line.design);
  if (!pattern) return null;
  return (
    <p className="flex flex-wrap gap-x-4 text-[15px]">
      <Link
        className="py-1 underline"
        to={pattern.kind === 'ring' ? ringPath(line.design) : designPath(line.design)}
      >
        Open {line.name}
      </Link>
      <Link className="py-1 underline" to="/stash?tab=cuts&orders=open">
        Plan the cuts of all open orders
      </Link>
    </p>
  );
}

function Named({ name, onName }: { readonly name: string; readonly onName: (name: string) => void }) {
  const [typed, setTyped] = useState(name);
  return (
    <TextField
      label="For whom or what"
      value={typed}
      maxLength={100}
      onFocus={(e) => e.target.select()}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={() => {
        if (typed.trim() === '') setTyped(name);
        else if (typed.trim() !== name) onName(typed.trim());
      }}
    />
  );
}

function DueField({
  due,
  onDue,
}: {
  readonly due: string | undefined;
  readonly onDue: (due: string | undefined) => void;
}) {
  return (
    <label className="flex flex-col gap-1">
      <span className="font-medium text-sm">By</span>
      <input
        type="date"
        value={due ?? ''}
        onChange={(e) => {
          const text = e.target.value;
          if (text === '') onDue(undefined);
          else if (dayNumber(text) !== undefined) onDue(text);
        }}
        className="figure rounded border border-ink-soft bg-white px-2 py-1.5"
      />
    </label>
  );
}

function PriceField({
  cents,
  onPrice,
}: {
  readonly cents: number | undefined;
  readonly onPrice: (cents: number | undefined) => void;
}) {
  const [typed, setTyped] = useState(cents === undefined ? '' : money(cents));
  const value = Number(typed.replace(',', '.'));
  const isBad = typed.trim() !== '' && !(value >= 0 && value <= 1_000_000);
  return (
    <TextField
      label="Agreed price for the whole order (empty: calculated)"
      inputMode="decimal"
      value={typed}
      problem={isBad ? 'Write a price, for example 12.50.' : undefined}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={() => {
        if (!isBad) onPrice(typed.trim() === '' ? undefined : Math.round(value * 100));
      }}
    />
  );
}
