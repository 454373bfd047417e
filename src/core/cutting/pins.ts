import { fail, ok, type Result } from '../result.ts';
import type { CuttingProblem, Piece } from './model.ts';
import type { CutBar, CuttingPlan } from './plan.ts';

/** Pieces that are cut from a bar because the maker says so: id of the bar by id of the piece. */
export type Pins = Readonly<Record<string, string>>;

/** What is left to plan once the pinned pieces are cut: their bars are shorter by them and their kerf. */
export function withoutPinned(problem: CuttingProblem, pins: Pins): Result<CuttingProblem> {
  const onBar = pinnedOn(problem, pins);
  const pinned = new Set([...onBar.values()].flat().map((p) => p.id));
  for (const bar of problem.bars) {
    const pieces = onBar.get(bar.id) ?? [];
    const over = usedBy(pieces, problem.kerfMm) - problem.kerfMm - (bar.lengthMm - bar.reserveMm);
    if (pieces.length > 0 && over > 0)
      return fail({
        code: 'cutting.pin',
        path: `/${bar.id}`,
        message: `${pieces.map((p) => p.label).join(' and ')} can’t all be cut from this ${bar.label}: ${Math.ceil(over)} mm are missing.`,
      });
  }
  return ok({
    ...problem,
    pieces: problem.pieces.filter((p) => !pinned.has(p.id)),
    bars: problem.bars.map((bar) => ({
      ...bar,
      lengthMm: bar.lengthMm - usedBy(onBar.get(bar.id) ?? [], problem.kerfMm),
    })),
  });
}

/**
 * A plan of what was left, with the pinned pieces put back on their bars. What must be bought, and its bound, stay true for every plan
 * that keeps the pins; waste and bars opened are counted again and not called proven.
 */
export function withPinned(problem: CuttingProblem, pins: Pins, plan: CuttingPlan): CuttingPlan {
  const onBar = pinnedOn(problem, pins);
  if (onBar.size === 0) return plan;
  const bars: CutBar[] = plan.bars.map((b) =>
    b.bought === 0 ? { ...b, pieces: [...(onBar.get(b.id) ?? []), ...b.pieces] } : b,
  );
  for (const [id, pieces] of onBar) {
    if (plan.bars.some((b) => b.bought === 0 && b.id === id)) continue;
    const bar = problem.bars.find((b) => b.id === id)!;
    const restMm = Math.max(0, Math.floor(bar.lengthMm - bar.reserveMm) - usedBy(pieces, problem.kerfMm));
    bars.push({ id, bought: 0, pieces, restMm, isKept: restMm >= problem.keepMm });
  }
  const sumOf = (pick: (b: CutBar) => number) => bars.reduce((sum, b) => sum + pick(b), 0);
  const wasteMm = sumOf((b) => (b.isKept ? 0 : b.restMm));
  return {
    ...plan,
    bars,
    wasteMm,
    keptMm: sumOf((b) => (b.isKept ? b.restMm : 0)),
    stages: plan.stages.map((s) =>
      s.stage === 'cost'
        ? s
        : {
            ...s,
            value: s.stage === 'waste' ? wasteMm : s.stage === 'opened' ? bars.length : s.value,
            bound: 0,
            isProven: false,
          },
    ),
  };
}

const usedBy = (pieces: readonly Piece[], kerfMm: number): number =>
  pieces.reduce((sum, p) => sum + p.lengthMm + kerfMm, 0);

/** Pinned pieces by bar; pins on what is not there any more are passed over. */
function pinnedOn({ pieces, bars }: CuttingProblem, pins: Pins): ReadonlyMap<string, readonly Piece[]> {
  const out = new Map<string, Piece[]>();
  for (const p of pieces) {
    const id = pins[p.id];
    if (id !== undefined && bars.some((b) => b.id === id)) out.set(id, [...(out.get(id) ?? []), p]);
  }
  return out;
}
