import { type Joined, type JoinRule, withJoins } from './joins.ts';
import type { CuttingProblem } from './model.ts';
import { type Pins, withoutPinned, withPinned } from './pins.ts';
import { type CuttingPlan, type CuttingResult, type Limits, planCuts } from './plan.ts';
import type { Solver } from './solver.ts';
import { inCuttingOrder } from './sure.ts';
import { verifyPlan } from './verify.ts';

export interface CutJob {
  readonly problem: CuttingProblem;
  readonly pins?: Pins;
  readonly joins?: JoinRule;
}

/** What became of a job: the problem as it was solved, with pieces that were cut in two, its result, and why pins were left out. */
export interface CutOutcome extends Joined {
  readonly pinProblem?: string;
}

/** Plans a job with its pins and joins and checks the sums of the whole plan; one that does not add up is never handed out. Pins that do not fit are left out and named. */
export function planJob({ problem, pins = {}, joins }: CutJob, solver: Solver, limits: Limits): CutOutcome {
  const without = withoutPinned(problem, pins);
  const kept = without.ok ? pins : {};
  const open = without.ok ? without.value : problem;
  const solve = (p: CuttingProblem): CuttingResult => planCuts(p, solver, limits);
  const mayJoin = joins !== undefined && open.pieces.some((p) => p.canJoin);
  const solved = mayJoin ? withJoins(open, joins, solve) : { problem: open, result: solve(open), joins: 0 };
  // The whole problem: pinned pieces as they are, the others as they were cut.
  const pinned = problem.pieces.filter((p) => !open.pieces.some((q) => q.id === p.id));
  const whole: CuttingProblem = { ...problem, pieces: [...solved.problem.pieces, ...pinned] };
  const result: CuttingResult = solved.result.ok
    ? { ok: true, plan: ordered(withPinned(whole, kept, solved.result.plan)) }
    : solved.result;
  if (result.ok) {
    const wrong = verifyPlan(whole, result.plan);
    if (wrong.length > 0) throw new Error(wrong[0]);
  }
  return {
    problem: whole,
    result,
    joins: solved.joins,
    ...(without.ok ? {} : { pinProblem: without.issues[0]!.message }),
  };
}

const ordered = (plan: CuttingPlan): CuttingPlan => ({ ...plan, bars: inCuttingOrder(plan.bars) });
