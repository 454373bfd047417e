import type { CuttingProblem, Piece } from './model.ts';
import type { CuttingPlan, CuttingResult } from './plan.ts';

/** What a join takes: cord of both parts that overlaps, the shortest part that is worth joining, and its worth in trouble, in hundredths. */
export interface JoinRule {
  readonly overlapMm: number;
  readonly leastMm: number;
  readonly priceCents: number;
}

/** Parts are cut to whole multiples of this, in mm. */
const GRID_MM = 50;
const MOST_JOINS = 4;
/** Splits that are tried for each join. */
const MOST_TRIES = 8;

/** A problem in which one piece is cut in two parts, which together are longer by the overlap. */
export function split(problem: CuttingProblem, id: string, firstMm: number, rule: JoinRule): CuttingProblem {
  return {
    ...problem,
    pieces: problem.pieces.flatMap((p): Piece[] =>
      p.id === id ? [part(p, 1, firstMm), part(p, 2, p.lengthMm + rule.overlapMm - firstMm)] : [p],
    ),
  };
}

const part = (p: Piece, number: 1 | 2, lengthMm: number): Piece => ({
  id: `${p.id}~${number}`,
  label: `${p.label}, ${number} of 2`,
  lengthMm,
  partOf: { piece: p.id, number },
});

export interface Joined {
  readonly problem: CuttingProblem;
  readonly result: CuttingResult;
  readonly joins: number;
}

/**
 * Joins pieces that may be joined while each join saves more than it is worth, or makes a plan possible at all: first parts as long as what the best plan so far
 * leaves over, or as the longest there is. One join at a time, so a pair of joins that only helps together is not found; the bound of what must be bought is
 * then that of the cord alone.
 */
export function withJoins(
  problem: CuttingProblem,
  rule: JoinRule,
  solve: (problem: CuttingProblem) => CuttingResult,
): Joined {
  let best: Joined = { problem, result: solve(problem), joins: 0 };
  while (best.joins < MOST_JOINS) {
    if (best.result.ok && best.result.plan.costCents === 0) break;
    const better = candidates(best, rule)
      .slice(0, MOST_TRIES)
      .map(({ id, firstMm }): Joined => {
        const next = split(best.problem, id, firstMm, rule);
        return { problem: next, result: solve(next), joins: best.joins + 1 };
      })
      .reduce((a, b) => (worth(b, rule) < worth(a, rule) - 1e-9 ? b : a), best);
    if (better === best) break;
    best = better;
  }
  if (best.joins === 0 || !best.result.ok) return best;
  const bound = cordBound(problem);
  const plan: CuttingPlan = {
    ...best.result.plan,
    stages: best.result.plan.stages.map((s) =>
      s.stage === 'cost' ? { ...s, bound, isProven: s.value <= bound } : { ...s, bound: 0, isProven: false },
    ),
  };
  return { ...best, result: { ok: true, plan } };
}

/** What a plan costs with its joins; where there is no plan, more the more pieces fit nowhere. */
function worth({ result, joins }: Joined, rule: JoinRule): number {
  if (result.ok) return result.plan.costCents + joins * rule.priceCents;
  return 1e12 + result.short.pieces.length * 1e9 + result.short.missingMm;
}

function candidates({ problem, result }: Joined, rule: JoinRule): { id: string; firstMm: number }[] {
  const homeless = result.ok ? [] : result.short.pieces.map((p) => p.id);
  const pieces = problem.pieces
    .filter((p) => p.canJoin && (homeless.length === 0 || homeless.includes(p.id)))
    .toSorted((a, b) => b.lengthMm - a.lengthMm)
    .filter((p, i, all) => all.findIndex((q) => q.lengthMm === p.lengthMm) === i);
  const usable = (b: { lengthMm: number; reserveMm: number }) => b.lengthMm - b.reserveMm;
  const rests = result.ok
    ? result.plan.bars.map((b) => b.restMm)
    : [...problem.bars, ...problem.packs].map(usable);
  const unused = problem.bars
    .filter((b) => result.ok && !result.plan.bars.some((x) => x.id === b.id))
    .map(usable);
  return pieces.flatMap((p) =>
    [...new Set([...rests, ...unused])]
      .map((r) => Math.floor(Math.min(r, p.lengthMm + rule.overlapMm - rule.leastMm) / GRID_MM) * GRID_MM)
      .filter((firstMm, i, all) => firstMm >= rule.leastMm && all.indexOf(firstMm) === i)
      .toSorted((a, b) => b - a)
      .map((firstMm) => ({ id: p.id, firstMm })),
  );
}

/** Cord that is missing whatever is joined, at the lowest price of a length of it: no plan costs less. */
function cordBound({ pieces, bars, packs }: CuttingProblem): number {
  const sumOf = (list: readonly { readonly lengthMm: number }[]) => list.reduce((s, x) => s + x.lengthMm, 0);
  const missing = sumOf(pieces) - sumOf(bars);
  if (missing <= 0 || packs.length === 0) return 0;
  return Math.ceil(missing * Math.min(...packs.map((p) => p.priceCents / p.lengthMm)) - 1e-6);
}
