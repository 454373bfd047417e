import { type Cap, generate, Pool } from './columns.ts';
import { fitDecreasing } from './fitting.ts';
import { type Merged, type Pattern, type Stage, stageCost } from './model.ts';
import type { Solver } from './solver.ts';

const MOST_DEPTH = 60;

/**
 * A plan by diving: what the relaxed program cuts whole times is fixed, or else what it cuts nearest to once; what is left is a smaller problem, whose
 * patterns are found again. At every depth the rest is also filled by the longest-first rules. The best plan within the caps; nothing where none
 * came out.
 */
export function dive(
  m: Merged,
  pool: Pool,
  stage: Stage,
  caps: readonly Cap[],
  solver: Solver,
  first: { readonly x: readonly number[] },
): Pattern[] | undefined {
  const fixed: Pattern[] = [];
  let best: Pattern[] | undefined;
  let left: Merged = m;
  let patterns: readonly Pattern[] = pool.patterns;
  let x = first.x;
  const total = (list: readonly Pattern[], of: Stage) =>
    list.reduce((sum, p) => sum + stageCost(of, m.bins[p.bin]!, p.restMm, m.keepMm), 0);
  const offer = (list: readonly Pattern[]) => {
    const isWithin = caps.every((cap) => total(list, cap.stage) <= cap.most + 1e-6);
    if (isWithin && (!best || total(list, stage) < total(best, stage))) best = [...list];
  };
  for (let depth = 0; depth < MOST_DEPTH; depth++) {
    for (const isBest of [true, false]) {
      const rest = fitDecreasing(left, isBest);
      if (rest) offer([...fixed, ...rest]);
    }
    if (left.items.every((i) => i.count === 0)) break;
    const chosen = choose(left, patterns, x);
    if (chosen.length === 0) break;
    for (const { pattern, times } of chosen)
      for (let n = 0; n < times; n++) {
        fixed.push(pattern);
        left = without(left, pattern);
      }
    const smaller = new Pool(left);
    for (const p of patterns) if (isProper(left, p)) smaller.add(p);
    const rest = caps.map((cap): Cap => ({ ...cap, most: cap.most - total(fixed, cap.stage) }));
    const relaxed = generate(left, smaller, stage, rest, solver);
    if (!relaxed || relaxed.isUncut) break;
    patterns = smaller.patterns;
    x = relaxed.x;
  }
  if (left.items.every((i) => i.count === 0)) offer(fixed);
  return best;
}

/** Patterns that are cut whole times, as far as they still go; else the one that is cut nearest to once. */
function choose(
  m: Merged,
  patterns: readonly Pattern[],
  x: readonly number[],
): { pattern: Pattern; times: number }[] {
  let left = m;
  const chosen: { pattern: Pattern; times: number }[] = [];
  const order = patterns
    .map((pattern, i) => ({ pattern, x: x[i] ?? 0 }))
    .filter((p) => p.x > 1e-6)
    .sort((a, b) => b.x - Math.floor(b.x) - (a.x - Math.floor(a.x)));
  const take = (pattern: Pattern, times: number) => {
    let done = 0;
    while (done < times && isProper(left, pattern)) {
      left = without(left, pattern);
      done++;
    }
    if (done > 0) chosen.push({ pattern, times: done });
  };
  for (const p of order) take(p.pattern, Math.floor(p.x + 1e-6));
  for (const p of order) {
    if (chosen.length > 0) break;
    take(p.pattern, 1);
  }
  return chosen;
}

/** A pattern that cuts no more than is wanted, from a bin that is there. */
const isProper = (m: Merged, { bin, counts }: Pattern): boolean =>
  m.bins[bin]!.count > 0 && counts.every((n, i) => n <= m.items[i]!.count) && counts.some((n) => n > 0);

const without = (m: Merged, { bin, counts }: Pattern): Merged => ({
  ...m,
  items: m.items.map((item, i) => ({ ...item, count: item.count - counts[i]! })),
  bins: m.bins.map((b, i) => (i === bin ? { ...b, count: b.count - 1 } : b)),
});
