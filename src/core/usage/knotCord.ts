import type { SolvedFacts } from '../patterns/types.ts';

/** Cord that an open knot takes up, in diameters: centre lines less the straight way between their ends; cores aside. */
export function knotCordD(facts: SolvedFacts): number {
  return facts.strands
    .filter((s) => s.role !== 'core')
    .reduce((sum, s) => sum + s.lengthD - (s.spanD ?? 0), 0);
}
