import type { CuttingProblem } from './model.ts';
import type { CuttingPlan } from './plan.ts';

/** Checks a plan against its problem by plain sums, whoever made it: what is wrong, in words; nothing where all is right. */
export function verifyPlan(problem: CuttingProblem, plan: CuttingPlan): string[] {
  const wrong: string[] = [];
  const cut = new Map<string, number>();
  const used = new Set<string>();
  let cost = 0;
  let waste = 0;
  for (const bar of plan.bars) {
    const pack = bar.bought > 0 ? problem.packs.find((p) => p.id === bar.id) : undefined;
    const source = bar.bought > 0 ? pack : problem.bars.find((b) => b.id === bar.id);
    if (!source) {
      wrong.push(`There is no bar called ${bar.id}.`);
      continue;
    }
    const key = `${bar.id}#${bar.bought}`;
    if (used.has(key)) wrong.push(`${bar.id} is cut twice.`);
    used.add(key);
    if (pack) cost += pack.priceCents;
    const usable = Math.floor(source.lengthMm - source.reserveMm);
    const length = bar.pieces.reduce((sum, p) => sum + p.lengthMm, 0);
    // One cut a piece, the last of which may fall on the end.
    const cuts = length + problem.kerfMm * (bar.pieces.length - 1);
    if (cuts > usable) wrong.push(`${bar.id} is ${cuts - usable} mm too short for its cuts.`);
    const rest = Math.max(0, usable - length - problem.kerfMm * bar.pieces.length);
    if (Math.abs(rest - bar.restMm) > 1e-6) wrong.push(`${bar.id} leaves ${rest} mm, not ${bar.restMm}.`);
    if (bar.isKept !== rest >= problem.keepMm)
      wrong.push(`The rest of ${bar.id} is ${bar.isKept ? 'waste' : 'to keep'}.`);
    if (rest < problem.keepMm) waste += rest;
    for (const p of bar.pieces) cut.set(p.id, (cut.get(p.id) ?? 0) + 1);
  }
  for (const p of problem.pieces)
    if (cut.get(p.id) !== 1) wrong.push(`${p.label} is cut ${cut.get(p.id) ?? 0} times.`);
  if (cut.size !== problem.pieces.length) wrong.push('Something is cut that nobody wants.');
  if (cost !== plan.costCents) wrong.push(`It costs ${cost}, not ${plan.costCents}.`);
  if (Math.abs(waste - plan.wasteMm) > 1e-6) wrong.push(`${waste} mm are waste, not ${plan.wasteMm}.`);
  return wrong;
}
