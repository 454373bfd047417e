import { fillingOf, knapsack } from './knapsack.ts';
import { type Merged, type Pattern, restOf, type Stage, stageCost } from './model.ts';
import type { LinearProgram, Solver } from './solver.ts';

const MOST_ROUNDS = 80;
/** Price of leaving a piece uncut, over anything else that a column can cost. */
const UNCUT = 1e5;
const EPS = 1e-6;

/** Patterns that were found, each once. */
export class Pool {
  readonly patterns: Pattern[] = [];
  private readonly seen = new Set<string>();
  constructor(m: Merged) {
    // Every item alone, as often as it goes: something to begin with for every row.
    for (const [b, bin] of m.bins.entries())
      for (const [i, item] of m.items.entries()) {
        const most = Math.min(item.count, Math.floor((bin.usableMm + m.kerfMm) / item.weight));
        if (most === 0) continue;
        const counts = m.items.map((_, k) => (k === i ? most : 0));
        this.add({ bin: b, counts, restMm: restOf(bin, most * item.weight) });
      }
  }
  add(pattern: Pattern): boolean {
    const key = `${pattern.bin}|${pattern.counts.join()}`;
    if (this.seen.has(key)) return false;
    this.seen.add(key);
    this.patterns.push(pattern);
    return true;
  }
}

export interface Cap {
  readonly stage: Stage;
  readonly most: number;
}

/** The program of a stage over the patterns of the pool; the last columns, one for each item, leave it uncut at a price. */
function program(
  m: Merged,
  pool: Pool,
  stage: Stage,
  caps: readonly Cap[],
  isInteger: boolean,
): LinearProgram {
  const owned = m.bins.flatMap((b, i) => (b.isPack ? [] : [i]));
  const rowOfBin = new Map(owned.map((b, i) => [b, m.items.length + i]));
  const firstCap = m.items.length + owned.length;
  const scale = scaleOf(m, stage);
  const columns = pool.patterns.map((p) => {
    const bin = m.bins[p.bin]!;
    const entries: (readonly [number, number])[] = p.counts.flatMap((n, i) =>
      n > 0 ? [[i, n] as const] : [],
    );
    const row = rowOfBin.get(p.bin);
    if (row !== undefined) entries.push([row, 1]);
    for (const [c, cap] of caps.entries()) {
      const cost = stageCost(cap.stage, bin, p.restMm, m.keepMm) / scaleOf(m, cap.stage);
      if (cost !== 0) entries.push([firstCap + c, cost]);
    }
    return entries;
  });
  const uncut = isInteger ? [] : m.items.map((_, i) => [[i, 1] as const]);
  return {
    isInteger,
    costs: [
      ...pool.patterns.map((p) => stageCost(stage, m.bins[p.bin]!, p.restMm, m.keepMm) / scale),
      ...uncut.map(() => UNCUT),
    ],
    columns: [...columns, ...uncut],
    rows: [
      ...m.items.map((i) => ({ sense: stage === 'cost' ? ('>=' as const) : ('=' as const), rhs: i.count })),
      ...owned.map((b) => ({ sense: '<=' as const, rhs: m.bins[b]!.count })),
      ...caps.map((cap) => ({ sense: '<=' as const, rhs: cap.most / scaleOf(m, cap.stage) })),
    ],
  };
}

/** What a stage's costs are divided by, so that all programs are of one size. */
function scaleOf(m: Merged, stage: Stage): number {
  if (stage === 'waste') return 100;
  if (stage !== 'cost') return 1;
  const prices = m.bins.filter((b) => b.isPack && b.priceCents > 0).map((b) => b.priceCents);
  return prices.length === 0 ? 1 : Math.min(...prices);
}

/** A relaxed program at its end. */
export interface Relaxed {
  readonly value: number;
  readonly duals: readonly number[];
  /** How often each pattern of the pool is cut. */
  readonly x: readonly number[];
  /** Whether something is left uncut: with these bins and caps it can't be done. */
  readonly isUncut: boolean;
}

/** Column generation: the relaxed program over all patterns there are; nothing where it did not settle. */
export function generate(
  m: Merged,
  pool: Pool,
  stage: Stage,
  caps: readonly Cap[],
  solver: Solver,
): Relaxed | undefined {
  const most = Math.max(0, ...m.bins.map((b) => b.usableMm + m.kerfMm));
  const scale = scaleOf(m, stage);
  const owned = m.bins.flatMap((b, i) => (b.isPack ? [] : [i]));
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const solved = solver.solve(program(m, pool, stage, caps, false), 5);
    if (!solved) return undefined;
    const { duals } = solved;
    const table = knapsack(m.items, duals.slice(0, m.items.length), most);
    let found = 0;
    for (const [b, bin] of m.bins.entries()) {
      const at = owned.indexOf(b);
      const mu = at < 0 ? 0 : duals[m.items.length + at]!;
      const price = (restMm: number) =>
        stageCost(stage, bin, restMm, m.keepMm) / scale -
        caps.reduce(
          (total, cap, c) =>
            total +
            (duals[m.items.length + owned.length + c]! * stageCost(cap.stage, bin, restMm, m.keepMm)) /
              scaleOf(m, cap.stage),
          0,
        ) -
        mu;
      let [least, leastAt] = [-EPS, -1];
      for (let w = 1; w * table.unit <= bin.usableMm + m.kerfMm; w++) {
        const worth = table.values[w]!;
        if (worth === Number.NEGATIVE_INFINITY) continue;
        const reduced = price(restOf(bin, w * table.unit)) - worth;
        if (reduced < least) [least, leastAt] = [reduced, w];
      }
      if (leastAt < 0) continue;
      const counts = fillingOf(table, m.items.length, leastAt);
      if (pool.add({ bin: b, counts, restMm: restOf(bin, leastAt * table.unit) })) found++;
    }
    if (found > 0) continue;
    const isUncut = solved.x.slice(pool.patterns.length).some((x) => x > 1e-6);
    return { value: solved.value * scale, duals, x: solved.x.slice(0, pool.patterns.length), isUncut };
  }
  return undefined;
}

/** The stage in whole numbers over the patterns that were found. */
export function wholeNumbers(
  m: Merged,
  pool: Pool,
  stage: Stage,
  caps: readonly Cap[],
  solver: Solver,
  seconds: number,
): Pattern[] | undefined {
  const solved = solver.solve(program(m, pool, stage, caps, true), seconds);
  if (!solved) return undefined;
  const patterns = pool.patterns.flatMap((p, i) => Array<Pattern>(Math.round(solved.x[i]!)).fill(p));
  return exact(m, patterns);
}

/** Patterns that together cut more than is wanted lose what is too much; nothing where something is missing after all. */
function exact(m: Merged, patterns: readonly Pattern[]): Pattern[] | undefined {
  const left = m.items.map((i) => i.count);
  const trimmed = patterns.map((p) => {
    const counts = p.counts.map((n, i) => Math.min(n, left[i]!));
    for (const [i, n] of counts.entries()) left[i]! -= n;
    const used = counts.reduce((total, n, i) => total + n * m.items[i]!.weight, 0);
    return { bin: p.bin, counts, restMm: restOf(m.bins[p.bin]!, used) };
  });
  return left.every((n) => n === 0) ? trimmed.filter((p) => p.counts.some((n) => n > 0)) : undefined;
}
