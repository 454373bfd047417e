import type { Lanes } from './lays.ts';

/** Ways to lay cords of several colours side by side in so many passes. */
export interface LaneArrangement {
  readonly lanes: Lanes;
  /** How many passes each cord has. */
  readonly counts: readonly number[];
}

/**
 * All arrangements of `colours` cords over `passes` lanes, each cord used at least once, counted up to what makes no other
 * ring: turning the ring end for end reverses the lanes. Cords are numbered as they come, so that lane 0 begins with cord 0.
 */
export function laneArrangements(passes: number, colours: number): LaneArrangement[] {
  const found = new Map<string, LaneArrangement>();
  const walk = (lanes: number[]) => {
    if (lanes.length === passes) {
      if (new Set(lanes).size !== colours) return;
      const key = [lanes, lanes.toReversed()].map((l) => l.join(',')).sort()[0]!;
      if (!found.has(key))
        found.set(key, {
          lanes,
          counts: Array.from({ length: colours }, (_, c) => lanes.filter((l) => l === c).length),
        });
      return;
    }
    for (let c = 0; c < colours; c++) walk([...lanes, c]);
  };
  walk([]);
  return [...found.values()];
}

/**
 * Ways to colour the g cords of one pass with so many colours, up to turning the ring round (which moves every cord on by
 * one). The necklaces of g beads; each colour is used at least once.
 */
export function strandArrangements(strands: number, colours: number): number[][] {
  const found = new Map<string, number[]>();
  const walk = (list: number[]) => {
    if (list.length === strands) {
      if (new Set(list).size !== colours) return;
      const turns = list.map((_, i) => [...list.slice(i), ...list.slice(0, i)].join(','));
      const key = turns.sort()[0]!;
      if (!found.has(key)) found.set(key, list);
      return;
    }
    for (let c = 0; c < colours; c++) walk([...list, c]);
  };
  if (strands <= MOST_STRANDS) walk([]);
  return [...found.values()];
}

/** More cords than this are not arranged one by one. */
const MOST_STRANDS = 8;
