import { gcdOf } from './knapsack.ts';
import type { Merged } from './model.ts';

/**
 * A proof of what must at least be bought, that anybody can check without a solver: a worth for every piece, as a whole number. No
 * bin can hold more than its best filling is worth, so what the bins in hand cannot hold must be bought.
 */
export interface Certificate {
  readonly worths: readonly number[];
}

export interface Proof {
  /** What all pieces are worth, what the bins in hand can hold at most, and what one of each pack can. */
  readonly wanted: number;
  readonly inHand: number;
  readonly byPack: readonly number[];
  /** Least price of packs that hold the difference, in hundredths; +∞ where none can. */
  readonly leastCents: number;
}

/** Works the bound out again with tables of its own; nothing of the solver's is used. Weights and worths are whole numbers. */
export function checkCertificate({ items, bins, kerfMm }: Merged, { worths }: Certificate): Proof {
  const unit = gcdOf(items.map((i) => i.weight));
  const most = Math.max(0, ...bins.map((b) => b.usableMm + kerfMm));
  const best = new Float64Array(Math.floor(most / unit) + 1);
  // The plainest table there is: every piece once, most worth in at most so much room.
  for (const [i, item] of items.entries())
    for (let n = 0; n < Math.min(item.count, Math.floor(most / item.weight)); n++)
      for (let w = best.length - 1; w >= item.weight / unit; w--)
        best[w] = Math.max(best[w]!, best[w - item.weight / unit]! + worths[i]!);
  const holds = (usableMm: number) => best[Math.floor((usableMm + kerfMm) / unit)] ?? 0;
  const wanted = items.reduce((sum, item, i) => sum + item.count * worths[i]!, 0);
  const inHand = bins.filter((b) => !b.isPack).reduce((sum, b) => sum + b.count * holds(b.usableMm), 0);
  const packs = bins.filter((b) => b.isPack);
  const byPack = packs.map((b) => holds(b.usableMm));
  return {
    wanted,
    inHand,
    byPack,
    leastCents: cheapest(
      wanted - inHand,
      packs.map((b, i) => ({ holds: byPack[i]!, cents: b.priceCents })),
    ),
  };
}

/** The least price of whole packs that together hold so much: every price is tried in turn, with the most that it can hold. */
function cheapest(
  need: number,
  packs: readonly { readonly holds: number; readonly cents: number }[],
): number {
  if (need <= 0) return 0;
  const useful = packs.filter((p) => p.holds > 0);
  if (useful.length === 0) return Number.POSITIVE_INFINITY;
  const free = useful.find((p) => p.cents <= 0);
  if (free) return 0;
  const upTo = Math.min(...useful.map((p) => Math.ceil(need / p.holds) * p.cents));
  const holds = new Float64Array(upTo + 1);
  for (let cents = 0; cents <= upTo; cents++) {
    for (const p of useful)
      if (cents >= p.cents) holds[cents] = Math.max(holds[cents]!, holds[cents - p.cents]! + p.holds);
    if (holds[cents]! >= need) return cents;
  }
  return upTo;
}

/** Worths as whole numbers, so that sums are exact: duals times 2²⁰, rounded down. */
export const wholeWorths = (duals: readonly number[]): number[] =>
  duals.map((u) => Math.max(0, Math.floor(u * 2 ** 20)));

/** The plainest worths: how long each piece is. */
export const byLength = ({ items }: Merged): Certificate => ({ worths: items.map((i) => i.lengthMm) });
