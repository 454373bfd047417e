import { useMemo } from 'react';
import type { Order } from '../../../core/formats/orders.ts';
import { type OrderMoney, orderMoney, pieceMoney, pricesOf } from '../../../core/orders/money.ts';
import { cordNeeds, partNeeds, workedLines } from '../../../core/orders/needs.ts';
import { useCatalogue } from '../../state/catalogue.ts';
import { useOrders } from '../../state/orders.ts';
import { useStall } from '../../state/stall.ts';
import { useStash } from '../../state/stash.ts';
import { today } from '../../state/today.ts';
import { useDays } from './useDays.ts';
import { dueOf } from './words.ts';

const NO_STASH = new Map();
const NO_ORDERS: readonly Order[] = [];

/** Orders with all that follows from them: pieces, needs, money, days. */
export function useBook() {
  const book = useOrders();
  const stall = useStall();
  const stash = useStash();
  const { offers, catalogue, isReady: isOffered } = useCatalogue();
  // An order is not shown before its designs are there: it would say for a moment that they are gone.
  const isReady = book.isReady && isOffered;
  const orders = isReady ? book.orders : NO_ORDERS;
  const { figures } = stall;
  const held = stash.folded?.ok ? stash.folded.value : NO_STASH;
  const lines = useMemo(() => workedLines(orders, catalogue, figures), [orders, catalogue, figures]);
  const prices = useMemo(() => pricesOf(stash.entries, figures), [stash.entries, figures]);
  const money = useMemo(
    () => new Map(lines.flatMap((l) => (l.made ? [[l, pieceMoney(l.made, prices, figures)] as const] : []))),
    [lines, prices, figures],
  );
  const needs = useMemo(
    () => ({ cord: cordNeeds(lines, held, figures.kerfMm), parts: partNeeds(lines, held) }),
    [lines, held, figures.kerfMm],
  );
  const day = today();
  const days = useDays(lines, figures, day);
  /** What an order costs and should bring, with its working. */
  const moneyOf = (order: Order): OrderMoney =>
    orderMoney(
      lines
        .filter((l) => l.order.id === order.id)
        .map((l) => ({ name: l.line.name, count: l.line.count, money: money.get(l) })),
      order.priceCents,
    );
  const sorted = orders.toSorted(
    (a, b) =>
      Number(a.state === 'handed-over') - Number(b.state === 'handed-over') ||
      (dueOf(a) ?? Number.POSITIVE_INFINITY) - (dueOf(b) ?? Number.POSITIVE_INFINITY) ||
      a.name.localeCompare(b.name),
  );
  return {
    ...book,
    orders: sorted,
    isReady,
    stall,
    figures,
    stash,
    held,
    offers,
    catalogue,
    lines,
    money,
    needs,
    days,
    day,
    moneyOf,
  };
}

export type Book = ReturnType<typeof useBook>;
