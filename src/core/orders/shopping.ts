import type { StallFigures } from '../formats/stall.ts';
import { packsFor } from '../stall/usual.ts';
import type { CordNeed, PartNeed } from './needs.ts';

/** What to buy of one thing: so many of each pack, and what that costs, in hundredths. */
export interface Buy {
  readonly packs: readonly { readonly amount: number; readonly count: number; readonly priceCents: number }[];
  readonly costCents: number;
}

interface Sold {
  /** How much is in a pack: mm of cord, or pieces. */
  readonly amount: number;
  readonly priceCents: number;
}

/**
 * The cheapest packs that hold at least so much: an unbounded covering knapsack over whole units, exact. Among equally cheap ones the one with most in
 * it. Nothing where nothing is sold.
 */
export function cheapest(needed: number, sold: readonly Sold[], unit: number): Buy | undefined {
  const packs = sold.filter((s) => s.amount >= unit);
  if (packs.length === 0) return undefined;
  const units = Math.max(0, Math.ceil(needed / unit));
  const cost = new Float64Array(units + 1);
  const last = new Int32Array(units + 1).fill(-1);
  for (let u = 1; u <= units; u++) {
    cost[u] = Number.POSITIVE_INFINITY;
    for (const [i, p] of packs.entries()) {
      const rest = Math.max(0, u - Math.floor(p.amount / unit));
      if (cost[rest]! + p.priceCents < cost[u]! - 1e-9) {
        cost[u] = cost[rest]! + p.priceCents;
        last[u] = i;
      }
    }
  }
  const counts = packs.map(() => 0);
  for (let u = units; u > 0; ) {
    const i = last[u]!;
    counts[i]!++;
    u = Math.max(0, u - Math.floor(packs[i]!.amount / unit));
  }
  return {
    costCents: cost[units]!,
    packs: packs.flatMap((p, i) =>
      counts[i]! > 0 ? [{ amount: p.amount, count: counts[i]!, priceCents: p.priceCents }] : [],
    ),
  };
}

const CORD_UNIT_MM = 100;

/** What is missing of a cord, and the cheapest way to buy it by length alone; which hank each cut comes from is settled by the cutting plan. */
export function buyCord(
  need: CordNeed,
  figures: StallFigures,
): { readonly missingMm: number; readonly buy: Buy | undefined } {
  const missingMm = Math.max(0, need.neededMm - need.haveMm);
  const sold = packsFor(figures, need.cord, need.colour)
    .filter((p) => p.lengthMm >= need.longestMm)
    .map((p) => ({ amount: p.lengthMm, priceCents: p.priceCents }));
  return { missingMm, buy: missingMm > 0 ? cheapest(missingMm, sold, CORD_UNIT_MM) : undefined };
}

/** The same for hardware, in pieces. */
export function buyParts(
  need: PartNeed,
  { parts }: StallFigures,
): { readonly missing: number; readonly buy: Buy | undefined } {
  const missing = Math.max(0, need.needed - need.have);
  const sold = parts
    .filter((p) => p.part === need.part)
    .map((p) => ({ amount: p.perPack, priceCents: p.priceCents }));
  return { missing, buy: missing > 0 ? cheapest(missing, sold, 1) : undefined };
}
