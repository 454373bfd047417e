import { laneKey } from '../colour/lanes.ts';
import type { Plan } from './types.ts';

/** A strand of the weave is made of this cord from one place along the band to another. */
export interface StrandSpan {
  readonly cord: number;
  readonly fromMm: number;
  readonly toMm: number;
}

/** Which cord each passage of a strand of one band is made of along it, read off the cords' own stretches, from the first bar on. */
export function strandSpans(plan: Pick<Plan, 'cords'>, band = 0): ReadonlyMap<string, readonly StrandSpan[]> {
  const spans = new Map<string, StrandSpan[]>();
  for (const [cord, { parts, band: mine }] of plan.cords.entries()) {
    if (mine !== band) continue;
    for (const part of parts) {
      if (part.strand === undefined || part.fromMm === undefined || part.toMm === undefined) continue;
      const key = laneKey(part.strand, part.lane ?? 0);
      const list = spans.get(key) ?? [];
      list.push({ cord, fromMm: part.fromMm, toMm: part.toMm });
      spans.set(key, list);
    }
  }
  for (const list of spans.values()) list.sort((a, b) => a.fromMm - b.fromMm);
  return spans;
}
