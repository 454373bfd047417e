import { type Cap, columnPrice, type Relaxed, scaleOf } from './columns.ts';
import { gcdOf } from './knapsack.ts';
import { type Merged, type Pattern, restOf, type Stage } from './model.ts';

/** More patterns than this are not looked through. */
export const MOST_PATTERNS = 20_000;
/** Nor are more steps taken to find them. */
const MOST_STEPS = 4e6;

/**
 * Every pattern whose reduced cost is at most `slack` (in the stage's own unit): a plan that is better than the relaxed program by no more than that uses no others. Depth first
 * over the items, cut off where the best filling of what is left of the bin can't reach it. Where only so many bars may be used, none can leave more than what all of
 * them hold beyond what is wanted: `spareMm`. Nothing where there are too many.
 */
export function patternsWithin(
  m: Merged,
  stage: Stage,
  caps: readonly Cap[],
  { duals }: Pick<Relaxed, 'duals'>,
  slack: number,
  spareMm = Number.POSITIVE_INFINITY,
): Pattern[] | undefined {
  const worths = duals.slice(0, m.items.length);
  const unit = gcdOf(m.items.map((i) => i.weight));
  const most = Math.max(0, ...m.bins.map((b) => Math.floor((b.usableMm + m.kerfMm) / unit)));
  const tails = tailsOf(m, worths, unit, most);
  const found: Pattern[] = [];
  let steps = 0;
  for (const [b, bin] of m.bins.entries()) {
    if (bin.count === 0) continue;
    const price = columnPrice(m, b, { stage, caps, duals });
    // The cheapest that a pattern of this bin can be, whatever it leaves.
    const least = Math.min(...[0, m.keepMm - 1, m.keepMm, 2 * m.keepMm].map(price));
    const allowed = slack / scaleOf(m, stage) + 1e-7;
    const counts = m.items.map(() => 0);
    const room = Math.floor((bin.usableMm + m.kerfMm) / unit);
    const walk = (item: number, left: number, worth: number): boolean => {
      if (++steps > MOST_STEPS || found.length > MOST_PATTERNS) return false;
      if (least - worth - tails[item]![left]! > allowed) return true;
      if (item === m.items.length) {
        const restMm = restOf(bin, (room - left) * unit);
        if (restMm > spareMm) return true;
        if (price(restMm) - worth <= allowed && counts.some((n) => n > 0))
          found.push({ bin: b, counts: [...counts], restMm });
        return true;
      }
      const units = m.items[item]!.weight / unit;
      const top = Math.min(m.items[item]!.count, Math.floor(left / units));
      for (let n = top; n >= 0; n--) {
        counts[item] = n;
        if (!walk(item + 1, left - n * units, worth + n * worths[item]!)) return false;
      }
      return true;
    };
    if (!walk(0, room, 0)) return undefined;
  }
  return found;
}

/** For every item on: the most that it and those behind it are worth in so much room. Pieces that are worth less than nothing are left out. */
function tailsOf(m: Merged, worths: readonly number[], unit: number, most: number): readonly Float64Array[] {
  const tails: Float64Array[] = [new Float64Array(most + 1)];
  for (let i = m.items.length - 1; i >= 0; i--) {
    const behind = tails[0]!;
    const { weight, count } = m.items[i]!;
    const units = weight / unit;
    const here = Float64Array.from(behind);
    if (worths[i]! > 0)
      for (let w = 0; w <= most; w++)
        for (let n = 1; n <= count && n * units <= w; n++) {
          const value = behind[w - n * units]! + n * worths[i]!;
          if (value > here[w]!) here[w] = value;
        }
    tails.unshift(here);
  }
  return tails;
}
