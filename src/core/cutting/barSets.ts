import type { Cap } from './columns.ts';
import { gcdOf } from './knapsack.ts';
import type { Bin, Merged } from './model.ts';

/** More sets of bars than this are not told apart. */
const MOST_SETS = 120;
/** Nor are more steps taken to find them. */
const MOST_STEPS = 200_000;

/** Bars that may be opened together: how many of each bin, and what they hold beyond what is wanted. */
interface BarSet {
  readonly counts: readonly number[];
  readonly spareMm: number;
}

/**
 * Every set of so many bars that holds all that is wanted, within the price of its packs; those that hold most come first. A plan that opens
 * fewer bars lies within one of them. Where there are too many, only the first of them, the longest bars', and `isAll` is false.
 */
export function barSets(
  m: Merged,
  caps: readonly Cap[],
  size: number,
): { readonly sets: readonly Merged[]; readonly isAll: boolean } {
  const need = wantedOf(m);
  const purse = Math.min(...caps.filter((c) => c.stage === 'cost').map((c) => c.most)) + 1e-6;
  const order = m.bins
    .map((bin, b) => ({ bin, b, holds: roomOf(m, bin) }))
    .filter(({ holds, bin }) => holds > 0 && bin.count > 0)
    .sort((x, y) => y.holds - x.holds);
  const found: BarSet[] = [];
  const counts = m.bins.map(() => 0);
  let steps = 0;
  /** False where there are too many. */
  const walk = (at: number, left: number, holds: number, spent: number): boolean => {
    if (++steps > MOST_STEPS) return false;
    const next = order[at];
    // The bars that are left are no longer than the next one.
    if (holds + left * (next?.holds ?? 0) < need) return true;
    if (!next || left === 0) {
      found.push({ counts: [...counts], spareMm: holds - need });
      return found.length <= MOST_SETS;
    }
    const { bin, b } = next;
    const affordable = bin.priceCents > 0 ? Math.floor((purse - spent) / bin.priceCents) : left;
    for (let n = Math.min(left, bin.count, affordable); n >= 0; n--) {
      counts[b] = n;
      if (!walk(at + 1, left - n, holds + n * next.holds, spent + n * bin.priceCents)) return false;
    }
    return true;
  };
  const isAll = walk(0, size, 0, 0);
  const sets = found
    .sort((x, y) => y.spareMm - x.spareMm)
    .map((set) => ({ ...m, bins: m.bins.map((bin, b) => ({ ...bin, count: set.counts[b]! })) }));
  return { sets, isAll };
}

/** What all bars hold beyond what is wanted, in mm. */
export const spareOf = (m: Merged): number =>
  m.bins.reduce((sum, b) => sum + b.count * roomOf(m, b), 0) - wantedOf(m);

/**
 * How untidy every plan from a set of bars is at least, within a waste: its bars that are no offcuts, and one for a short rest
 * that cannot be avoided. All bars are needed where none could be spared. Their rests then come to what they hold beyond what
 * is wanted, each up to a kerf more; where that is more than may be wasted and less than two lengths that are kept, one
 * of them is kept and short. Anybody can add it up. 0 where nothing is known.
 */
export function leastUntidy(m: Merged, wasteMm: number): number {
  const bars = m.bins.filter((b) => b.count > 0);
  const spare = spareOf(m);
  if (spare < 0 || bars.some((b) => roomOf(m, b) <= spare)) return 0;
  const count = bars.reduce((sum, b) => sum + b.count, 0);
  const restsMm = { least: spare - count * m.kerfMm, most: spare };
  const isShortKept = restsMm.least > wasteMm && restsMm.most < 2 * m.keepMm;
  return bars.reduce((sum, b) => sum + (b.isOffcut ? 0 : b.count), isShortKept ? 1 : 0);
}

const wantedOf = (m: Merged): number => m.items.reduce((sum, i) => sum + i.count * i.weight, 0);

/** What a bar holds, each piece taken with its kerf: the last one's may fall on the end. */
const roomOf = (m: Merged, bin: Bin): number => bin.usableMm + m.kerfMm;

/**
 * The fewest bars that together hold all that is wanted, with what the price allows to be bought: no plan opens fewer. It knows nothing of how
 * pieces fit, but bars are whole here, which they are not in the relaxed program; anybody can add it up. +∞ where no number holds it.
 */
export function fewestBars(m: Merged, caps: readonly Cap[]): number {
  const need = wantedOf(m);
  const inHand = m.bins
    .filter((b) => !b.isPack)
    .flatMap((b) => Array<number>(b.count).fill(roomOf(m, b)))
    .sort((a, b) => b - a);
  let fewest = Number.POSITIVE_INFINITY;
  for (const [packs, holds] of heldByPacks(m, caps, need).entries()) {
    let left = need - holds;
    let opened = packs;
    for (let i = 0; left > 0 && i < inHand.length; i++, opened++) left -= inHand[i]!;
    if (left <= 0) fewest = Math.min(fewest, opened);
  }
  return fewest;
}

/** The most that 0, 1, 2, … packs can hold within the price, up to as many as hold all that is needed. */
function heldByPacks(m: Merged, caps: readonly Cap[], need: number): number[] {
  const packs = m.bins
    .filter((b) => b.isPack && roomOf(m, b) > 0)
    .map((b) => ({ holds: roomOf(m, b), cents: b.priceCents }));
  if (packs.length === 0) return [0];
  const unit = gcdOf(packs.map((p) => p.cents));
  const most = Math.ceil(need / Math.min(...packs.map((p) => p.holds)));
  const price = Math.min(...caps.filter((c) => c.stage === 'cost').map((c) => c.most));
  const dearest = Math.max(...packs.map((p) => p.cents));
  const purse = Math.floor((Math.min(price, most * dearest) + 1e-6) / unit);
  const out = [0];
  let holds = new Float64Array(purse + 1);
  for (let n = 1; n <= most && out.at(-1)! < need; n++) {
    const next = new Float64Array(purse + 1).fill(Number.NEGATIVE_INFINITY);
    for (let spent = 0; spent <= purse; spent++)
      for (const p of packs) {
        const before = spent - p.cents / unit;
        if (before >= 0) next[spent] = Math.max(next[spent]!, holds[before]! + p.holds);
      }
    holds = next;
    if (holds[purse]! < 0) break;
    out.push(holds[purse]!);
  }
  return out;
}
