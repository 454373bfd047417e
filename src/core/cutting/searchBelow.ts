import { type Cap, planOf, type Relaxed, wholeProgram } from './columns.ts';
import { patternsWithin } from './enumerate.ts';
import { type Merged, type Pattern, type Stage, totalCost } from './model.ts';
import type { Solver } from './solver.ts';

const EPS = 1e-6;
/** A search for a proof may take so many times as long as one for a plan. */
const SEARCH_FACTOR = 2;

/**
 * Looks among all patterns that a better plan could use at all: a better one is found, or there is none. Rests on the solver's tolerances, so this is a proof by search, not one that can be
 * checked by hand.
 */
export function searchBelow(
  m: Merged,
  stage: Stage,
  caps: readonly Cap[],
  lp: Relaxed,
  known: number,
  solver: Solver,
  seconds: number,
): { readonly plan: Pattern[] | undefined; readonly isExhausted: boolean } {
  let better: Pattern[] | undefined;
  for (let value = known; ; ) {
    const wanted = value - 1;
    if (lp.value > wanted + EPS) return { plan: better, isExhausted: true };
    const patterns = patternsWithin(m, stage, caps, lp, wanted - lp.value);
    if (!patterns) return { plan: better, isExhausted: false };
    const found = solver.solve(
      wholeProgram(m, patterns, stage, [...caps, { stage, most: wanted }]),
      SEARCH_FACTOR * seconds,
    );
    if (!found) return { plan: better, isExhausted: solver.isExhausted() };
    const plan = planOf(m, patterns, found.x);
    if (!plan || totalCost(m, plan, stage) > wanted + EPS) return { plan: better, isExhausted: false };
    better = plan;
    value = totalCost(m, plan, stage);
  }
}
