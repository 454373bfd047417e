import { laneKey } from '../../colour/lanes.ts';
import { strandSpans } from '../../plan/spans.ts';
import type { Plan } from '../../plan/types.ts';
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
