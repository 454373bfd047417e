import { type Cap, generate, type Pool } from './columns.ts';
import { dive } from './dive.ts';
import type { Merged, Pattern } from './model.ts';
import type { Solver } from './solver.ts';

/** How many prices are tried, from the bound upwards. */
const MOST_PRICES = 6;

/**
 * One price at a time, from the bound upwards: can everything be cut from what so much buys? The relaxed program rules a price out, and then
 * the bound goes up; or a dive for the least waste finds a plan at it. Neither settles it.
 */
export function askPrices(
  m: Merged,
  pool: Pool,
  bound: number,
  known: number,
  solver: Solver,
): { readonly plan: Pattern[] | undefined; readonly bound: number } {
  let least = bound;
  let isSettled = true;
  for (const price of pricesFrom(m, bound, known).slice(0, MOST_PRICES)) {
    const cap: Cap = { stage: 'cost', most: price };
    const relaxed = generate(m, pool, 'waste', [cap], solver);
    if (relaxed?.isUncut && isSettled) {
      least = nextPrice(m, price, known);
      continue;
    }
    isSettled = false;
    const plan = relaxed && !relaxed.isUncut ? dive(m, pool, 'waste', [cap], solver, relaxed) : undefined;
    if (plan) return { plan, bound: least };
  }
  return { plan: undefined, bound: least };
}

/** Every price from a bound up to what a known plan costs that whole packs add up to. */
function pricesFrom(m: Merged, from: number, below: number): number[] {
  const coins = m.bins.filter((b) => b.isPack && b.priceCents > 0).map((b) => b.priceCents);
  const can = new Uint8Array(below + 1);
  can[0] = 1;
  for (let cents = 1; cents <= below; cents++)
    if (coins.some((c) => cents >= c && can[cents - c] === 1)) can[cents] = 1;
  return Array.from({ length: Math.max(0, below - from) }, (_, i) => from + i).filter(
    (cents) => can[cents] === 1,
  );
}

const nextPrice = (m: Merged, after: number, below: number): number =>
  pricesFrom(m, after + 1, below)[0] ?? below;
