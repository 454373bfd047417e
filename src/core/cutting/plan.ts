import { fewestBars } from './barSets.ts';
import { byLength, type Certificate, checkCertificate, type Proof, wholeWorths } from './certificate.ts';
import { type Cap, generate, Pool, wholeNumbers } from './columns.ts';
import { askSets, COUNTED } from './counted.ts';
import { dive } from './dive.ts';
import { fitDecreasing } from './fitting.ts';
import { type CutBar, handedOut } from './handOut.ts';
import { gcdOf } from './knapsack.ts';
import {
  type CuttingProblem,
  fits,
  type Merged,
  merged,
  type Pattern,
  type Piece,
  STAGES,
  type Stage,
  totalCost as sum,
} from './model.ts';
import { askPrices } from './prices.ts';
import { searchBelow } from './searchBelow.ts';
import type { Solver } from './solver.ts';

export type { CutBar } from './handOut.ts';

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
  const caps: Cap[] = [];
  const stages: StageResult[] = [];
  let best: Pattern[] | undefined = start[0];
  let certificate = byLength(m);
  let isStopped = false;
  for (const stage of STAGES) {
    if (limits.onProgress && !limits.onProgress(stage, stages.length / STAGES.length)) {
      isStopped = true;
      break;
    }
    const relaxed = generate(m, pool, stage, caps, solver);
    const lp = relaxed?.isUncut ? undefined : relaxed;
    if (stage === 'cost' && lp)
      certificate = better(m, certificate, { worths: wholeWorths(lp.duals.slice(0, m.items.length)) });
    let bound = roundedBound(m, stage, lp?.value ?? 0, certificate);
    if (stage === 'opened') bound = Math.max(bound, finite(fewestBars(m, caps)));
    const tolerance = stage === 'waste' ? WASTE_TOLERANCE_MM : 0;
    const isWithin = (c: readonly Pattern[]) => caps.every((cap) => sum(m, c, cap.stage) <= cap.most + EPS);
    const candidates = [...start, ...(best ? [best] : [])].filter(isWithin);
    const isThere = () => candidates.some((c) => sum(m, c, stage) <= bound + tolerance + EPS);
    const offer = (c: Pattern[] | undefined) => {
      if (c && isWithin(c)) candidates.push(c);
    };
    if (lp && !isThere()) offer(dive(m, pool, stage, caps, solver, lp, bound + tolerance));
    if (stage === 'cost' && lp && !isThere()) {
      const asked = askPrices(m, pool, bound, Math.min(...candidates.map((c) => sum(m, c, 'cost'))), solver);
      offer(asked.plan);
      bound = asked.bound;
    }
    let isSearched = false;
    if (lp && COUNTED.has(stage) && !isThere() && candidates.length > 0) {
      const asked = askSets(
        m,
        pool,
        stage,
        caps,
        bound,
        Math.min(...candidates.map((c) => sum(m, c, stage))),
        solver,
        limits.seconds,
      );
      offer(asked.plan);
      bound = asked.bound;
      isSearched = asked.isSearched;
    }
    if (!isThere() && !isSearched) offer(wholeNumbers(m, pool.patterns, stage, caps, solver, limits.seconds));
    if (lp && !isThere() && !isSearched && candidates.length > 0) {
      const searched = searchBelow(
        m,
        stage,
        caps,
        lp,
        Math.min(...candidates.map((c) => sum(m, c, stage))),
        solver,
        limits.seconds,
      );
      offer(searched.plan);
      if (searched.isExhausted) bound = Math.min(...candidates.map((c) => sum(m, c, stage)));
    }
    if (candidates.length === 0) return { ok: false, short: shortage(m) };
    best = candidates.reduce((a, b) => (sum(m, b, stage) < sum(m, a, stage) - EPS ? b : a));
    const value = sum(m, best, stage);
    stages.push({
      stage,
      value,
      bound: Math.min(bound, value),
      isProven: lp !== undefined && value <= bound + tolerance + EPS,
    });
    caps.push({ stage, most: stage === 'waste' ? Math.max(value, bound + tolerance) : value });
  }
  if (!best) return { ok: false, short: shortage(m) };
  // What came later may have made earlier things smaller still.
  const plan = best;
  const settled = stages.map((s): StageResult => {
    const value = sum(m, plan, s.stage);
    const tolerance = s.stage === 'waste' ? WASTE_TOLERANCE_MM : 0;
    return {
      ...s,
      value,
      bound: Math.min(s.bound, value),
      isProven: s.isProven || value <= s.bound + tolerance + EPS,
    };
  });
  const bars = handedOut(problem, m, best);
  return {
    ok: true,
    plan: {
      bars,
      stages: settled,
      costCents: sum(m, best, 'cost'),
      wasteMm: sum(m, best, 'waste'),
      keptMm: bars.filter((b) => b.isKept).reduce((total, b) => total + b.restMm, 0),
      certificate,
      proof: checkCertificate(m, certificate),
      isStopped,
    },
  };
}

const better = (m: Merged, a: Certificate, b: Certificate): Certificate =>
  checkCertificate(m, b).leastCents > checkCertificate(m, a).leastCents ? b : a;

const finite = (value: number): number => (Number.isFinite(value) ? value : 0);

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
