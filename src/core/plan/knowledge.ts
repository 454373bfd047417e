import { findPattern, solvedFacts } from '../patterns/index.ts';
import type { SolvedFacts } from '../patterns/types.ts';
import type { Swatch } from '../usage/swatch.ts';

/** What a plan may draw on beside the design: weaves (the library's and the maker's own) and the maker's swatches. */
export interface Knowledge {
  readonly facts: (patternId: string) => SolvedFacts | undefined;
  /** A weave that was pulled tight for cords of different thickness, by the id of its request. */
  readonly mixed: (id: string) => SolvedFacts | undefined;
  readonly name: (patternId: string) => string | undefined;
  /** 1 easy … 5 hard; a weave of one's own counts as middling. */
  readonly difficulty: (patternId: string) => number;
  readonly swatch: (patternId: string, cordId: string) => Swatch | undefined;
}

export const LIBRARY_ONLY: Knowledge = {
  facts: solvedFacts,
  mixed: () => undefined,
  name: (id) => findPattern(id)?.name,
  difficulty: (id) => findPattern(id)?.difficulty ?? 3,
  swatch: () => undefined,
};
