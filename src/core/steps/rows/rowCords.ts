import { laneKey } from '../../colour/lanes.ts';
import { strandSpans } from '../../plan/spans.ts';
import type { Plan } from '../../plan/types.ts';
import type { WeaveSpec } from '../../weave/types.ts';
import { grownTo } from '../list/events.ts';

/** Which of a plan's cords each passage is made of in a row (1 the first tied). */
export function rowCords(
  plan: Plan,
  band: number,
  row: number,
  pass = 0,
): (strand: string, lane: number) => number {
  const spans = strandSpans(plan, band);
  const b = plan.bands[band]!;
  const mm = (grownTo(b, row - 1, pass) + grownTo(b, row, pass)) / 2;
  return (strand, lane) => {
    const list = spans.get(laneKey(strand, lane)) ?? [];
    return (list.find((s) => s.fromMm <= mm && s.toMm >= mm) ?? list[0])?.cord ?? 0;
  };
}

/** Cores and ends told apart where no plan says what they are made of: 0 for a core, 1 for an end. */
export function coresAndEnds(spec: Pick<WeaveSpec, 'strands'>): (strand: string) => 0 | 1 {
  const cores = new Set(spec.strands.filter((s) => s.role === 'core').map((s) => s.name));
  return (strand) => (cores.has(strand) ? 0 : 1);
}
