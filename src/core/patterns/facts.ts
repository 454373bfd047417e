import type { SolvedFacts, SolvedWeave } from './types.ts';

/** A solved weave without its centre lines. */
export function factsOf({ points: _points, flat: _flat, ...facts }: SolvedWeave): SolvedFacts {
  return facts;
}
