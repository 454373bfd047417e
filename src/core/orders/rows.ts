import type { Order, OrderLine, OrderState } from '../formats/orders.ts';
import { fail, type Issue, ok, type Result } from '../result.ts';
import { dayNumber } from '../stall/dates.ts';
import { parseLength } from '../units/index.ts';

/** Columns of a table of orders, one line of an order a row. Lengths in mm, money as on a price list. */
export const ORDER_COLUMNS = [
  'order',
  'due',
  'state',
  'design',
  'count',
  'size',
  'girth',
  'wearer',
  'price',
  'notes',
] as const;
type Column = (typeof ORDER_COLUMNS)[number];
export type OrderRow = Readonly<Partial<Record<Column, string>>>;

const STATES: readonly OrderState[] = ['planned', 'cut', 'tied', 'handed-over'];

/** Orders as rows; what belongs to the whole order is on its first row. */
export const orderRows = (orders: readonly Order[]): Record<Column, string>[] =>
  orders.flatMap((o) =>
    o.lines.map((l, i) => ({
      order: o.name,
      due: o.due ?? '',
      state: o.state,
      design: l.name,
      count: String(l.count),
      size: l.size ?? '',
      girth: l.girthMm === undefined ? '' : `${l.girthMm} mm`,
      wearer: l.wearer ?? '',
      price: i === 0 && o.priceCents !== undefined ? (o.priceCents / 100).toFixed(2) : '',
      notes: i === 0 ? (o.notes ?? '') : '',
    })),
  );

interface Known {
  /** Ids of designs by name, in small letters. */
  readonly designs: ReadonlyMap<string, string>;
  readonly sizes: readonly string[];
  readonly newId: () => string;
}

/**
 * Reads rows of a table, its heading being line 1. Rows of one name and day are one order. Every row that can't be read is named with its line and
 * column; then nothing is imported.
 */
export function ordersFromRows(rows: readonly OrderRow[], known: Known): Result<readonly Order[]> {
  const issues: Issue[] = [];
  const orders = new Map<string, Order & { readonly lines: OrderLine[] }>();
  for (const [i, raw] of rows.entries()) {
    const row = Object.fromEntries(Object.entries(raw).map(([k, v]) => [k, (v ?? '').trim()])) as OrderRow;
    const wrong = (column: Column, message: string) =>
      issues.push({
        code: 'orders.row',
        path: `/${i}/${column}`,
        message: `Line ${i + 2}, column “${column}”: ${message}`,
      });
    if (!row.order) wrong('order', 'say for whom or what it is.');
    if (row.due && dayNumber(row.due) === undefined)
      wrong('due', `“${row.due}” is no day; write it as 2026-12-05.`);
    const state = (row.state || 'planned') as OrderState;
    if (!STATES.includes(state)) wrong('state', `“${row.state}” is none of ${STATES.join(', ')}.`);
    const design = known.designs.get((row.design ?? '').toLowerCase());
    if (design === undefined) wrong('design', `there is no design “${row.design ?? ''}”.`);
    const count = row.count ? Number(row.count) : 1;
    if (!Number.isInteger(count) || count < 1 || count > 500)
      wrong('count', `“${row.count}” is no number of pieces from 1 to 500.`);
    const size = known.sizes.find((s) => s.toLowerCase() === row.size?.toLowerCase());
    if (row.size && size === undefined) wrong('size', `there is no size “${row.size}”.`);
    const girth = row.girth ? parseLength(row.girth) : undefined;
    if (girth && (!girth.ok || girth.value < 20 || girth.value > 3000))
      wrong('girth', `“${row.girth}” is no girth.`);
    const price = row.price ? Number(row.price.replace(',', '.')) : undefined;
    if (price !== undefined && !(price >= 0 && price <= 1e6)) wrong('price', `“${row.price}” is no price.`);
    if (issues.length > 0 || design === undefined) continue;
    const key = JSON.stringify([row.order, row.due ?? '']);
    const order = orders.get(key) ?? {
      id: known.newId(),
      name: row.order!.slice(0, 100),
      ...(row.due ? { due: row.due } : {}),
      state,
      lines: [],
      ...(price === undefined ? {} : { priceCents: Math.round(price * 100) }),
      ...(row.notes ? { notes: row.notes.slice(0, 2000) } : {}),
    };
    order.lines.push({
      design,
      name: row.design!,
      count,
      ...(size ? { size } : {}),
      ...(girth?.ok ? { girthMm: girth.value } : {}),
      ...(row.wearer ? { wearer: row.wearer.slice(0, 100) } : {}),
    });
    orders.set(key, order);
  }
  if (rows.length === 0)
    return fail({ code: 'orders.empty', path: '', message: 'There is no row under the heading.' });
  return issues.length > 0 ? { ok: false, issues: issues.slice(0, 12) } : ok([...orders.values()]);
}
