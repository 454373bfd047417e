import { cordName } from '../colour/cordName.ts';
import type { StallFigures } from '../formats/stall.ts';
import { packsFor } from '../stall/usual.ts';
import { type PartKey, partName, partOf } from '../stash/parts.ts';
import type { Entry } from '../stash/types.ts';
import { cut, num, percent, type Why, why } from '../why/why.ts';
import type { Made } from './make.ts';

/** What cord and hardware cost: by what was paid for what came in, else by the price list. In hundredths. */
export interface Prices {
  /** Of a metre. */
  readonly cord: (cord: string, colour: string) => { readonly cents: number; readonly why: Why } | undefined;
  readonly part: (part: PartKey) => { readonly cents: number; readonly why: Why } | undefined;
}

/** Money as it is written on a price list. */
export const money = (cents: number): string => (cents / 100).toFixed(2);

/** Prices from the ledger's deliveries and the stall's list. An offcut has no price of its own: it was paid for with its hank. */
export function pricesOf(entries: readonly Entry[], figures: StallFigures): Prices {
  const undone = new Set(entries.flatMap((e) => (e.what === 'undo' ? [e.entryId] : [])));
  const paid = entries.flatMap((e) =>
    e.what === 'add' && !undone.has(e.id) && e.lot.priceCents !== undefined && e.amount > 0
      ? [{ lot: e.lot, amount: e.amount, cents: e.lot.priceCents }]
      : [],
  );
  const mean = (list: typeof paid) => {
    const amount = list.reduce((sum, p) => sum + p.amount, 0);
    return amount > 0 ? list.reduce((sum, p) => sum + p.cents, 0) / amount : undefined;
  };
  return {
    cord: (cord, colour) => {
      const own = mean(paid.filter((p) => p.lot.cord === cord && p.lot.colour === colour));
      if (own !== undefined) return { cents: own * 1000, why: why`paid ${money(own * 1000)} a metre` };
      const [pack] = packsFor(figures, cord, colour).toSorted(
        (a, b) => a.priceCents / a.lengthMm - b.priceCents / b.lengthMm,
      );
      if (!pack) return undefined;
      const cents = (pack.priceCents / pack.lengthMm) * 1000;
      return {
        cents,
        why: why`${money(pack.priceCents)} for ${cut(pack.lengthMm)}, ${money(cents)} a metre`,
      };
    },
    part: (part) => {
      const own = mean(paid.filter((p) => partOf(p.lot) === part));
      if (own !== undefined) return { cents: own, why: why`paid ${money(own)} apiece` };
      const listed = figures.parts.find((p) => p.part === part);
      if (!listed) return undefined;
      return {
        cents: listed.priceCents / listed.perPack,
        why: why`${num(listed.perPack, 0)} for ${money(listed.priceCents)}`,
      };
    },
  };
}

/** What one piece costs and should bring, each with its working. In hundredths. */
export interface PieceMoney {
  readonly cordCents: number;
  readonly partsCents: number;
  readonly workCents: number;
  readonly costCents: number;
  readonly priceCents: number;
  readonly why: Why;
  /** What has no known price; it counts as nothing. */
  readonly unknown: readonly string[];
}

/** Cost = cord + hardware + minutes at the hourly rate; price = cost with the margin on top, rounded up. */
export function pieceMoney(made: Made, prices: Prices, figures: StallFigures): PieceMoney {
  const unknown: string[] = [];
  const lines: Why[] = [];
  let cordCents = 0;
  for (const c of made.cords) {
    const price = prices.cord(c.cord, c.colour);
    const name = cordName(c);
    if (!price) {
      unknown.push(name);
      continue;
    }
    const cents = (price.cents * (c.lengthMm + figures.kerfMm)) / 1000;
    cordCents += cents;
    lines.push(
      why`cord ${c.letter}, ${name}: ${cut(c.lengthMm + figures.kerfMm)} with its sealing (${price.why}): ${money(cents)}; `,
    );
  }
  let partsCents = 0;
  for (const [part, count] of made.parts) {
    const price = prices.part(part);
    if (!price) {
      unknown.push(partName(part));
      continue;
    }
    partsCents += price.cents * count;
    lines.push(why`${num(count, 0)} ${partName(part)} (${price.why}): ${money(price.cents * count)}; `);
  }
  const workCents = (made.minutes / 60) * figures.rateCents;
  const costCents = cordCents + partsCents + workCents;
  const priceCents =
    Math.ceil((costCents * (1 + figures.marginPercent / 100)) / figures.roundCents - 1e-9) *
    figures.roundCents;
  return {
    cordCents,
    partsCents,
    workCents,
    costCents,
    priceCents,
    unknown,
    why: [
      ...lines.flat(),
      ...why`${num(made.minutes, 0)} min at ${money(figures.rateCents)} an hour: ${money(workCents)}. Together ${money(costCents)}; ${percent(figures.marginPercent / 100)} on top, rounded up to ${money(figures.roundCents)}: ${money(priceCents)}.`,
    ],
  };
}

/** So many pieces of an order with what one of them costs and should bring; without money where it can't be planned. */
export interface MoneyLine {
  readonly name: string;
  readonly count: number;
  readonly money: Pick<PieceMoney, 'costCents' | 'priceCents'> | undefined;
}

/** What a whole order costs and should bring, each with its working. In hundredths. */
export interface OrderMoney {
  readonly costCents: number;
  readonly priceCents: number;
  readonly costWhy: Why;
  readonly priceWhy: Why;
}

/** The sum of its pieces; what was agreed on stands in place of their prices. Pieces that can't be planned count as nothing. */
export function orderMoney(lines: readonly MoneyLine[], agreedCents?: number): OrderMoney {
  const sum = (of: (m: NonNullable<MoneyLine['money']>) => number) =>
    lines.reduce((cents, l) => cents + l.count * (l.money ? of(l.money) : 0), 0);
  const words = (of: (m: NonNullable<MoneyLine['money']>) => number, total: number): Why => [
    ...lines.flatMap((l, i) => [
      i > 0 ? ' + ' : '',
      ...(l.money
        ? why`${num(l.count, 0)} × ${l.name} ${money(of(l.money))}`
        : why`${l.name}, which can’t be planned, 0`),
    ]),
    ` = ${money(total)}`,
  ];
  const [costCents, listed] = [sum((m) => m.costCents), sum((m) => m.priceCents)];
  const asListed = words((m) => m.priceCents, listed);
  return {
    costCents,
    priceCents: agreedCents ?? listed,
    costWhy: words((m) => m.costCents, costCents),
    priceWhy: agreedCents === undefined ? asListed : why`agreed; by its pieces it would be ${asListed}`,
  };
}
