import { byLength, type Certificate, checkCertificate, type Proof, wholeWorths } from './certificate.ts';
import { fitDecreasing } from './fitting.ts';
import { fillingOf, gcdOf, knapsack } from './knapsack.ts';
import {
  type CuttingProblem,
  fits,
  type Merged,
  merged,
  type Pattern,
  type Piece,
  restOf,
  STAGES,
  type Stage,
  stageCost,
} from './model.ts';
import type { LinearProgram, Solver } from './solver.ts';

/** One bar with its cuts, the longest first. */
export interface CutBar {
  /** Id of the bar, or of the pack that it is bought as. */
  readonly id: string;
  /** Told apart from other bars bought as the same pack; 0 for a bar in hand. */
  readonly bought: number;
  readonly pieces: readonly Piece[];
  readonly restMm: number;
  readonly isKept: boolean;
}

/** How small one thing could be made, and how small it can be at all. */
export interface StageResult {
  readonly stage: Stage;
  readonly value: number;
  readonly bound: number;
  readonly isProven: boolean;
}

export interface CuttingPlan {
  readonly bars: readonly CutBar[];
  readonly stages: readonly StageResult[];
  readonly costCents: number;
  readonly wasteMm: number;
  readonly keptMm: number;
  readonly certificate: Certificate;
  readonly proof: Proof;
  /** Stopped by the clock rather than at the end. */
  readonly isStopped: boolean;
}

export interface Shortage {
  /** Pieces that fit nowhere, in hand or bought; empty where only the amount is too small. */
  readonly pieces: readonly Piece[];
  readonly missingMm: number;
}

export type CuttingResult =
  | { readonly ok: true; readonly plan: CuttingPlan }
  | { readonly ok: false; readonly short: Shortage };

export interface Limits {
  /** Seconds for one whole-number program. */
  readonly seconds: number;
  readonly onProgress?: (stage: Stage, done: number) => boolean;
}

/** Waste is not tuned below this: fewer hanks are worth more than a few millimetres. */
const WASTE_TOLERANCE_MM = 300;
const MOST_ROUNDS = 80;
/** Price of leaving a piece uncut, over anything else that a column can cost. */
const UNCUT = 1e5;
const EPS = 1e-6;

/**
 * Which piece is cut from what: first the least to buy, then the least waste, then the fewest bars opened, then the tidiest rests. Each is
 * a cutting-stock program over patterns that are found as they are wanted (column generation with a knapsack for prices); the last whole-number program is
 * over those patterns. A stage is proven where its bound, rounded up to what can be, is met.
 */
export function planCuts(problem: CuttingProblem, solver: Solver, limits: Limits): CuttingResult {
  const m = merged(problem);
  const start = [fitDecreasing(m, false), fitDecreasing(m, true)].filter((p) => p !== undefined);
  const homeless = m.items.flatMap((item) =>
    m.bins.some((b) => fits(b, item.weight, m.kerfMm))
      ? []
      : problem.pieces.filter((p) => p.lengthMm === item.lengthMm),
  );
  if (homeless.length > 0) return { ok: false, short: { pieces: homeless, missingMm: 0 } };
  const pool = new Pool(m);
  for (const patterns of start) for (const p of patterns) pool.add(p);
  const caps: { stage: Stage; most: number }[] = [];
  const stages: StageResult[] = [];
  let best: Pattern[] | undefined = start[0];
  let certificate = byLength(m);
  let isStopped = false;
  for (const stage of STAGES) {
    if (limits.onProgress && !limits.onProgress(stage, stages.length / STAGES.length)) {
      isStopped = true;
      break;
    }
    const lp = generate(m, pool, stage, caps, solver);
    if (stage === 'cost' && lp)
      certificate = better(m, certificate, { worths: wholeWorths(lp.duals.slice(0, m.items.length)) });
    const whole = wholeNumbers(m, pool, stage, caps, solver, limits.seconds);
    const candidates = [...start, ...(best ? [best] : []), ...(whole ? [whole] : [])].filter((c) =>
      caps.every((cap) => sum(m, c, cap.stage) <= cap.most + EPS),
    );
    if (candidates.length === 0) return { ok: false, short: shortage(m) };
    best = candidates.reduce((a, b) => (sum(m, b, stage) < sum(m, a, stage) - EPS ? b : a));
    const value = sum(m, best, stage);
    const bound = roundedBound(m, stage, lp?.value ?? 0, certificate);
    const tolerance = stage === 'waste' ? WASTE_TOLERANCE_MM : 0;
    stages.push({
      stage,
      value,
      bound: Math.min(bound, value),
      isProven: lp !== undefined && value <= bound + tolerance + EPS,
    });
    caps.push({ stage, most: stage === 'waste' ? Math.max(value, bound + tolerance) : value });
  }
  if (!best) return { ok: false, short: shortage(m) };
  const bars = handedOut(problem, m, best);
  return {
    ok: true,
    plan: {
      bars,
      stages,
      costCents: sum(m, best, 'cost'),
      wasteMm: sum(m, best, 'waste'),
      keptMm: bars.filter((b) => b.isKept).reduce((total, b) => total + b.restMm, 0),
      certificate,
      proof: checkCertificate(m, certificate),
      isStopped,
    },
  };
}

const sum = (m: Merged, patterns: readonly Pattern[], stage: Stage): number =>
  patterns.reduce((total, p) => total + stageCost(stage, m.bins[p.bin]!, p.restMm, m.keepMm), 0);

const better = (m: Merged, a: Certificate, b: Certificate): Certificate =>
  checkCertificate(m, b).leastCents > checkCertificate(m, a).leastCents ? b : a;

/** A bound goes up to what can be: sums of pack prices, whole millimetres, whole bars. */
function roundedBound(m: Merged, stage: Stage, value: number, certificate: Certificate): number {
  if (stage !== 'cost') return Math.max(0, Math.ceil(value - 1e-5));
  const prices = m.bins.filter((b) => b.isPack && b.priceCents > 0).map((b) => b.priceCents);
  const unit = gcdOf(prices);
  const rounded = prices.length === 0 ? 0 : Math.ceil((value - 1e-5) / unit) * unit;
  return Math.max(rounded, Math.min(checkCertificate(m, certificate).leastCents, 1e12));
}

function shortage(m: Merged): Shortage {
  const wanted = m.items.reduce((total, i) => total + i.count * i.lengthMm, 0);
  const there = m.bins.filter((b) => !b.isPack).reduce((total, b) => total + b.count * b.usableMm, 0);
  return { pieces: [], missingMm: Math.max(0, wanted - there) };
}

/** Patterns that were found, each once. */
class Pool {
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

interface Caps {
  readonly stage: Stage;
  readonly most: number;
}

/** The program of a stage over the patterns of the pool; the last columns, one for each item, leave it uncut at a price. */
function program(
  m: Merged,
  pool: Pool,
  stage: Stage,
  caps: readonly Caps[],
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

/** Column generation: the value of the relaxed program and its duals; nothing where it did not settle or leaves something uncut. */
function generate(
  m: Merged,
  pool: Pool,
  stage: Stage,
  caps: readonly Caps[],
  solver: Solver,
): { value: number; duals: readonly number[] } | undefined {
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
    return isUncut ? undefined : { value: solved.value * scale, duals: duals.map((u) => u * 1) };
  }
  return undefined;
}

/** The stage in whole numbers over the patterns that were found. */
function wholeNumbers(
  m: Merged,
  pool: Pool,
  stage: Stage,
  caps: readonly Caps[],
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

/** Real pieces and real bars in place of counts: the longest cut first on each. */
function handedOut(problem: CuttingProblem, m: Merged, patterns: readonly Pattern[]): CutBar[] {
  const waiting = new Map(
    m.items.map((i) => [i.lengthMm, problem.pieces.filter((p) => p.lengthMm === i.lengthMm)]),
  );
  const used = m.bins.map(() => 0);
  return patterns.map((p): CutBar => {
    const bin = m.bins[p.bin]!;
    const number = used[p.bin]!++;
    const pieces = p.counts.flatMap((n, i) => waiting.get(m.items[i]!.lengthMm)!.splice(0, n));
    return {
      id: bin.isPack ? bin.ids[0]! : bin.ids[number]!,
      bought: bin.isPack ? number + 1 : 0,
      pieces,
      restMm: p.restMm,
      isKept: p.restMm >= m.keepMm,
    };
  });
}
