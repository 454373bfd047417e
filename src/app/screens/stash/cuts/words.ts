export { money } from '../../../../core/orders/money.ts';

import type { CutGroup } from '../../../../core/cutting/demands.ts';
import type { CuttingPlan } from '../../../../core/cutting/plan.ts';
import type { Job } from '../job.ts';

/** `2 × 15 m of Dusk and 1 × 30 m of Ember`. */
export function listed(names: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const n of names) counts.set(n, (counts.get(n) ?? 0) + 1);
  const parts = [...counts].map(([name, n]) => `${n} × ${name}`);
  return parts.length > 1 ? `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}` : parts[0]!;
}

/** Groups that have a plan, each with it. */
export const plansOf = (job: Job): { group: CutGroup; plan: CuttingPlan }[] =>
  job.groups.flatMap((group) => {
    const result = job.results[group.key];
    return result?.ok ? [{ group, plan: result.plan }] : [];
  });
