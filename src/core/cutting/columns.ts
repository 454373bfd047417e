import { cutsOf } from './cuts.ts';
import { fillingOf, gcdOf, knapsack, type Table } from './knapsack.ts';
import { type Merged, type Pattern, restOf, type Stage, stageCost } from './model.ts';
import type { Columns, LinearProgram, Solver } from './solver.ts';

const MOST_ROUNDS = 400;
/** Price of leaving a piece uncut, over anything else that a column can cost. */
const UNCUT = 1e5;
const EPS = 1e-6;

/** Patterns that were found, each once. */
export class Pool {
  readonly patterns: Pattern[] = [];
  private readonly seen = new Set<string>();
  /** Patterns of one item alone, shared with the pools of smaller problems. */
  private readonly alone: Map<string, Pattern>;
  constructor(m: Merged, larger?: Pool) {
    this.alone = larger?.alone ?? new Map();
    // Every item alone, as often as it goes: something to begin with for every row.
    for (const [b, bin] of m.bins.entries())
      for (const [i, item] of m.items.entries()) {
        const most = Math.min(item.count, Math.floor((bin.usableMm + m.kerfMm) / item.weight));
        if (most > 0) this.add(this.single(m, b, i, most));
      }
  }
  private single(m: Merged, bin: number, item: number, times: number): Pattern {
    const key = `${bin}|${item}|${times}`;
    const there = this.alone.get(key);
    if (there) return there;
    const counts = m.items.map((_, k) => (k === item ? times : 0));
    const fresh = { bin, counts, restMm: restOf(m.bins[bin]!, times * m.items[item]!.weight) };
    this.alone.set(key, fresh);
    return fresh;
  }
  add(pattern: Pattern): boolean {
    const { key } = cutsOf(pattern);
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

/** The program of a stage over patterns; where it is relaxed the first columns, one for each item, leave it uncut at a price. */
function program(
  m: Merged,
  patterns: readonly Pattern[],
  stage: Stage,
  caps: readonly Cap[],
  isInteger: boolean,
): LinearProgram {
  const owned = m.bins.flatMap((b, i) => (b.isPack ? [] : [i]));
  const uncut = isInteger ? [] : m.items.map((_, i) => [[i, 1] as const]);
  const cut = columnsOf(m, patterns, stage, caps);
  return {
    isInteger,
    costs: [...uncut.map(() => UNCUT), ...cut.costs],
    columns: [...uncut, ...cut.columns],
    rows: [
      ...m.items.map((i) => ({ sense: stage === 'cost' ? ('>=' as const) : ('=' as const), rhs: i.count })),
      ...owned.map((b) => ({ sense: '<=' as const, rhs: m.bins[b]!.count })),
      ...caps.map((cap) => ({ sense: '<=' as const, rhs: cap.most / scaleOf(m, cap.stage) })),
    ],
  };
}

/** Patterns as columns of a stage's program: a row for every item, for every bin in hand, and for every cap. */
function columnsOf(m: Merged, patterns: readonly Pattern[], stage: Stage, caps: readonly Cap[]): Columns {
  const owned = m.bins.flatMap((b, i) => (b.isPack ? [] : [i]));
  const rowOfBin = new Map(owned.map((b, i) => [b, m.items.length + i]));
  const firstCap = m.items.length + owned.length;
  const scale = scaleOf(m, stage);
  return {
    costs: patterns.map((p) => stageCost(stage, m.bins[p.bin]!, p.restMm, m.keepMm) / scale),
    columns: patterns.map((p) => {
      const bin = m.bins[p.bin]!;
      const entries: (readonly [number, number])[] = [...cutsOf(p).of];
      const row = rowOfBin.get(p.bin);
      if (row !== undefined) entries.push([row, 1]);
      for (const [c, cap] of caps.entries()) {
        const cost = stageCost(cap.stage, bin, p.restMm, m.keepMm) / scaleOf(m, cap.stage);
        if (cost !== 0) entries.push([firstCap + c, cost]);
      }
      return entries;
    }),
  };
}

/** What a stage's costs are divided by, so that all programs are of one size. */
export function scaleOf(m: Merged, stage: Stage): number {
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
  const live = solver.open(program(m, pool.patterns, stage, caps, false));
  try {
    for (let round = 0; round < MOST_ROUNDS; round++) {
      const solved = live.solve();
      if (!solved) return undefined;
      const before = pool.patterns.length;
      for (const pattern of priced(m, stage, caps, solved.duals)) pool.add(pattern);
      const fresh = pool.patterns.slice(before);
      if (fresh.length > 0) {
        live.add(columnsOf(m, fresh, stage, caps));
        continue;
      }
      const isUncut = solved.x.slice(0, m.items.length).some((x) => x > EPS);
      const value = solved.value * scaleOf(m, stage);
      return { value, duals: solved.duals, x: solved.x.slice(m.items.length), isUncut };
    }
    return undefined;
  } finally {
    live.close();
  }
}

/** How often the best pattern's pieces are taken out and the rest is priced again, for patterns that go together. */
const MOST_TOGETHER = 3;
/** Beyond so many cells of a knapsack's table that takes longer than it saves. */
const MOST_CELLS = 2e6;

/** Patterns that would make the program smaller at these duals: the best of each bin, then of what its pieces leave over. */
function priced(m: Merged, stage: Stage, caps: readonly Cap[], duals: readonly number[]): Pattern[] {
  const most = Math.max(0, ...m.bins.map((b) => b.usableMm + m.kerfMm));
  const worths = duals.slice(0, m.items.length);
  const found: Pattern[] = [];
  let items = m.items;
  const rounds =
    (m.items.length * most) / gcdOf(m.items.map((i) => i.weight)) > MOST_CELLS ? 1 : MOST_TOGETHER;
  for (let round = 0; round < rounds; round++) {
    const table = knapsack(items, worths, most);
    const bestAt = bestUpTo(table);
    let best: { readonly pattern: Pattern; readonly reduced: number } | undefined;
    for (const b of m.bins.keys()) {
      const one = bestOf(m, b, table, bestAt, { stage, caps, duals });
      if (!one) continue;
      found.push(one.pattern);
      if (!best || one.reduced < best.reduced) best = one;
    }
    if (!best) break;
    const { counts } = best.pattern;
    items = items.map((item, i) => ({ ...item, count: Math.max(0, item.count - counts[i]!) }));
  }
  return found;
}

/** From which rest on a stage's cost does not change any more, in mm. */
const sameRest = (stage: Stage, { keepMm }: Merged): number =>
  stage === 'waste' ? keepMm : stage === 'tidy' ? 2 * keepMm : 0;

/** For every weight, the weight at or below it that is worth most; 0 means none. */
function bestUpTo({ values }: Table): Int32Array {
  const at = new Int32Array(values.length);
  let best = 0;
  for (let w = 1; w < values.length; w++) {
    if (values[w]! > values[best]!) best = w;
    at[w] = best;
  }
  return at;
}

interface Prices {
  readonly stage: Stage;
  readonly caps: readonly Cap[];
  readonly duals: readonly number[];
}

/** What a pattern of a bin costs at these duals by what it leaves over, before its pieces are counted. */
export function columnPrice(
  m: Merged,
  b: number,
  { stage, caps, duals }: Prices,
): (restMm: number) => number {
  const bin = m.bins[b]!;
  const owned = m.bins.flatMap((x, i) => (x.isPack ? [] : [i]));
  const at = owned.indexOf(b);
  const mu = at < 0 ? 0 : duals[m.items.length + at]!;
  const firstCap = m.items.length + owned.length;
  const scale = scaleOf(m, stage);
  return (restMm) => {
    let price = stageCost(stage, bin, restMm, m.keepMm) / scale - mu;
    for (let c = 0; c < caps.length; c++)
      price -=
        (duals[firstCap + c]! * stageCost(caps[c]!.stage, bin, restMm, m.keepMm)) /
        scaleOf(m, caps[c]!.stage);
    return price;
  };
}

/** The pattern of a bin with the lowest reduced cost; nothing where none is below nothing. */
function bestOf(
  m: Merged,
  b: number,
  table: Table,
  bestAt: Int32Array,
  { stage, caps, duals }: Prices,
): { readonly pattern: Pattern; readonly reduced: number } | undefined {
  const bin = m.bins[b]!;
  const price = columnPrice(m, b, { stage, caps, duals });
  const most = Math.min(table.values.length - 1, Math.floor((bin.usableMm + m.kerfMm) / table.unit));
  // A rest of so much or more costs the same however long it is: below that the best filling of all serves.
  const sameFrom = Math.max(sameRest(stage, m), ...caps.map((c) => sameRest(c.stage, m)));
  const even = Math.min(most, Math.floor((bin.usableMm - sameFrom) / table.unit));
  let [least, leastAt] = [-EPS, -1];
  const consider = (w: number) => {
    const worth = table.values[w]!;
    if (worth === Number.NEGATIVE_INFINITY) return;
    const reduced = price(restOf(bin, w * table.unit)) - worth;
    if (reduced < least) [least, leastAt] = [reduced, w];
  };
  if (even > 0) consider(bestAt[even]!);
  for (let w = Math.max(1, even + 1); w <= most; w++) consider(w);
  if (leastAt < 0) return undefined;
  const counts = fillingOf(table, m.items.length, leastAt);
  return { reduced: least, pattern: { bin: b, counts, restMm: restOf(bin, leastAt * table.unit) } };
}

/** The stage in whole numbers over the patterns that were found. */
export function wholeNumbers(
  m: Merged,
  patterns: readonly Pattern[],
  stage: Stage,
  caps: readonly Cap[],
  solver: Solver,
  seconds: number,
): Pattern[] | undefined {
  const solved = solver.solve(wholeProgram(m, patterns, stage, caps), seconds);
  return solved && planOf(m, patterns, solved.x);
}

export const wholeProgram = (
  m: Merged,
  patterns: readonly Pattern[],
  stage: Stage,
  caps: readonly Cap[],
): LinearProgram => program(m, patterns, stage, caps, true);

/** Each pattern as often as a whole-number program cuts it. */
export const planOf = (
  m: Merged,
  patterns: readonly Pattern[],
  x: readonly number[],
): Pattern[] | undefined =>
  exact(
    m,
    patterns.flatMap((p, i) => Array<Pattern>(Math.round(x[i]!)).fill(p)),
  );

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
