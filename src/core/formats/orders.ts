import { fail, ok, type Result } from '../result.ts';
import { dayIssue } from '../stall/dates.ts';
import { type DocumentKind, parseDocument, readDocument } from './envelope.ts';
import type { OrderBook } from './orders.gen.ts';
import validate from './orders.validate.gen.js';

/** Pieces for someone by a day. */
export type Order = OrderBook['orders'][number];
export type OrderLine = Order['lines'][number];
export type OrderState = Order['state'];

const KIND: DocumentKind = {
  format: 'warp-beam/orders',
  version: 1,
  name: 'a book of orders',
  maxChars: 5_000_000,
  validate,
};

const book = (orders: readonly Order[]) => ({ format: KIND.format, version: KIND.version, orders });

export const formatOrders = (orders: readonly Order[]): string =>
  `${JSON.stringify(book(orders), null, 1)}\n`;

/** Reads a book of orders; days that there are not, and orders that are there twice, are named. */
export function parseOrders(text: string): Result<readonly Order[]> {
  const read = parseDocument<OrderBook>(text, KIND);
  return read.ok ? checked(read.value) : read;
}

/** Whether one order can be kept and read back. */
export function readOrder(order: unknown): Result<Order> {
  const read = readDocument<OrderBook>(book([order as Order]), KIND);
  if (!read.ok)
    return { ok: false, issues: read.issues.map((i) => ({ ...i, path: i.path.replace('/orders/0', '') })) };
  const good = checked(read.value);
  return good.ok ? ok(good.value[0]!) : good;
}

function checked({ orders }: OrderBook): Result<readonly Order[]> {
  const seen = new Set<string>();
  for (const [i, order] of orders.entries()) {
    if (seen.has(order.id))
      return fail({ code: 'orders.twice', path: `/orders/${i}/id`, message: 'This order is there twice.' });
    seen.add(order.id);
    const issue =
      dayIssue(order.due, `/orders/${i}/due`) ??
      order.pins?.map((p, k) => dayIssue(p.day, `/orders/${i}/pins/${k}/day`)).find((x) => x !== undefined);
    if (issue) return fail(issue);
  }
  return ok(orders);
}
