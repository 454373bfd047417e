import { barSets, leastUntidy, spareOf } from './barSets.ts';
import { type Cap, generate, type Pool, planOf, wholeProgram } from './columns.ts';
import { dive } from './dive.ts';
import { patternsWithin } from './enumerate.ts';
import type { Merged, Pattern, Stage } from './model.ts';
import type { Solver } from './solver.ts';

/** Stages that count bars: their programs hardly tell one pattern from another, so a dive in them has little to go by. */
export const COUNTED: ReadonlySet<Stage> = new Set<Stage>(['opened', 'tidy']);

/** Dives with all bars to choose from; then into one set of bars, and into how many sets. */
const DIVES_FREE = 12;
const DIVES_A_SET = 3;
const SETS_DIVED = 6;
const EPS = 1e-6;

/**
 * One count at a time, from the bound upwards, up to below what is known: do so many bars suffice? Every set of bars that holds enough is asked for a plan within the waste that is
 * allowed. A count is ruled out, and the bound goes up, where every set is: by adding up what it holds, by its relaxed program, or by a search among all patterns that such a plan could use.
 */
export function askSets(
  m: Merged,
  pool: Pool,
  stage: Stage,
  caps: readonly Cap[],
  bound: number,
  known: number,
  solver: Solver,
  seconds: number,
): { readonly plan: Pattern[] | undefined; readonly bound: number; readonly isSearched: boolean } {
  const waste = caps.find((c) => c.stage === 'waste')?.most ?? Number.POSITIVE_INFINITY;
  let least = bound;
  let isSearched = true;
  for (let count = bound; count < known; count++) {
    const within = [...caps, { stage, most: count }];
    const size = Math.min(...within.filter((c) => c.stage === 'opened').map((c) => c.most));
    const { sets: enough, isAll } = barSets(m, caps, size);
    const sets = enough.filter((set) => stage !== 'tidy' || leastUntidy(set, waste) <= count);
    if (isAll && sets.length === 0) {
      if (least === count) least = count + 1;
      continue;
    }
    const free = generate(m, pool, 'waste', within, solver);
    const plan =
      free && !free.isUncut ? dive(m, pool, 'waste', within, solver, free, waste, DIVES_FREE) : undefined;
    if (plan) return { plan, bound: least, isSearched: false };
    let isRuledOut = isAll;
    isSearched &&= isAll;
    for (const [i, set] of sets.slice(0, isAll ? sets.length : SETS_DIVED).entries()) {
      const dives = i < SETS_DIVED ? DIVES_A_SET : 0;
      const asked = askSet(set, pool, within, waste, solver, dives, seconds);
      if (asked.plan) return { plan: asked.plan, bound: least, isSearched };
      isRuledOut &&= asked.isRuledOut;
    }
    if (isRuledOut && least === count) least = count + 1;
  }
  return { plan: undefined, bound: least, isSearched };
}

/** A plan from one set of bars within a waste, or whether there is none. */
function askSet(
  m: Merged,
  pool: Pool,
  caps: readonly Cap[],
  waste: number,
  solver: Solver,
  dives: number,
  seconds: number,
): { readonly plan?: Pattern[] | undefined; readonly isRuledOut: boolean } {
  const relaxed = generate(m, pool, 'waste', caps, solver);
  if (!relaxed) return { isRuledOut: false };
  if (relaxed.isUncut || relaxed.value > waste + EPS) return { isRuledOut: true };
  const plan = dive(m, pool, 'waste', caps, solver, relaxed, waste, dives);
  if (plan) return { plan, isRuledOut: false };
  const patterns = patternsWithin(m, 'waste', caps, relaxed, waste - relaxed.value, spareOf(m));
  if (!patterns) return { isRuledOut: false };
  const found = solver.solve(wholeProgram(m, patterns, 'waste', caps), seconds);
  return found
    ? { plan: planOf(m, patterns, found.x), isRuledOut: false }
    : { isRuledOut: solver.isExhausted() };
}
