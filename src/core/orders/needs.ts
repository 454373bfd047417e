import type { Order, OrderLine } from '../formats/orders.ts';
import type { StallFigures } from '../formats/stall.ts';
import type { Issue } from '../result.ts';
import type { Stash } from '../stash/ledger.ts';
import { type PartKey, partOf } from '../stash/parts.ts';
import { type Catalogue, type Made, makeOf } from './make.ts';

/** A line with the piece that it asks for, or why it can't be made. */
export interface WorkedLine {
  readonly order: Order;
  readonly index: number;
  readonly line: OrderLine;
  readonly made: Made | undefined;
  readonly issue: Issue | undefined;
}

/** Every line of every order, worked out; lines that ask for the same piece are worked out once. */
export function workedLines(
  orders: readonly Order[],
  catalogue: Catalogue,
  figures: StallFigures,
): WorkedLine[] {
  const known = new Map<string, ReturnType<typeof makeOf>>();
  return orders.flatMap((order) =>
    order.lines.map((line, index): WorkedLine => {
      const key = JSON.stringify([line.design, line.size, line.girthMm]);
      const made = known.get(key) ?? makeOf(line, catalogue, figures);
      known.set(key, made);
      return {
        order,
        index,
        line,
        made: made.ok ? made.value : undefined,
        issue: made.ok ? undefined : made.issues[0],
      };
    }),
  );
}

/** Cord of one type and colour: what orders that are not cut yet need, and what is there. Lengths in mm, each cut with its sealing. */
export interface CordNeed {
  readonly key: string;
  readonly cord: string;
  readonly colour: string;
  readonly neededMm: number;
  readonly cuts: number;
  readonly longestMm: number;
  readonly haveMm: number;
  /** Ids of the orders that need it. */
  readonly orders: readonly string[];
}

export interface PartNeed {
  readonly part: PartKey;
  readonly needed: number;
  readonly have: number;
  readonly orders: readonly string[];
}

/** Whether an order still holds cord on the shelf. */
export const isOpen = (order: Order): boolean => order.state === 'planned';

/** Hardware is put on when a piece is tied: it is on the shelf until then. */
const holdsParts = (order: Order): boolean => order.state === 'planned' || order.state === 'cut';

const amountKey = (cord: string, colour: string): string => `${cord}|${colour}`;

/** What open orders need from the shelf, by cord and colour. */
export function cordNeeds(lines: readonly WorkedLine[], stash: Stash, kerfMm: number): CordNeed[] {
  const needs = new Map<string, CordNeed & { readonly orders: string[] }>();
  for (const { order, line, made } of lines) {
    if (!made || !isOpen(order)) continue;
    for (const c of made.cords) {
      const key = amountKey(c.cord, c.colour);
      const before = needs.get(key) ?? {
        key,
        cord: c.cord,
        colour: c.colour,
        neededMm: 0,
        cuts: 0,
        longestMm: 0,
        haveMm: haveOf(stash, c.cord, c.colour),
        orders: [],
      };
      needs.set(key, {
        ...before,
        neededMm: before.neededMm + line.count * (c.lengthMm + kerfMm),
        cuts: before.cuts + line.count,
        longestMm: Math.max(before.longestMm, c.lengthMm),
        orders: before.orders.includes(order.id) ? before.orders : [...before.orders, order.id],
      });
    }
  }
  return [...needs.values()];
}

function haveOf(stash: Stash, cord: string, colour: string): number {
  let sum = 0;
  for (const { lot, amount } of stash.values())
    if (lot.kind === 'cord' && lot.cord === cord && lot.colour === colour) sum += amount;
  return sum;
}

/** What open orders need of the hardware. */
export function partNeeds(lines: readonly WorkedLine[], stash: Stash): PartNeed[] {
  const needs = new Map<PartKey, { needed: number; orders: Set<string> }>();
  for (const { order, line, made } of lines) {
    if (!made || !holdsParts(order)) continue;
    for (const [part, count] of made.parts) {
      const need = needs.get(part) ?? { needed: 0, orders: new Set<string>() };
      need.needed += count * line.count;
      need.orders.add(order.id);
      needs.set(part, need);
    }
  }
  return [...needs].map(([part, { needed, orders }]) => ({
    part,
    needed,
    have: [...stash.values()].reduce((sum, h) => sum + (partOf(h.lot) === part ? h.amount : 0), 0),
    orders: [...orders],
  }));
}

/** How much of each cord and colour open orders have put aside, in mm, by `cord|colour`; never more than is there. */
export const reservedCord = (needs: readonly CordNeed[]): ReadonlyMap<string, number> =>
  new Map(needs.map((n) => [n.key, Math.min(n.neededMm, n.haveMm)]));
