import type { MinutesForecast } from '../log/minutes.ts';
import type { Forecast } from '../log/predict.ts';
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
  /** What the maker's finished pieces say of a weave in a cord; nothing where there are none, or they do not count. */
  readonly learned?: (patternId: string, cordId: string) => Forecast | undefined;
  /** What their times say of a weave. */
  readonly minutes?: (patternId: string) => MinutesForecast | undefined;
}

/** The maker's own weaves, as far as a plan needs them. */
interface KnownWeave {
  readonly id: string;
  readonly name: string;
  readonly solved: SolvedFacts;
}

/** The library together with what the maker has: weaves, swatches, and weaves in cords of different thickness. */
export const knowledgeOf = (
  own: readonly KnownWeave[],
  swatches: readonly Swatch[],
  mixed: readonly KnownWeave[],
  learned?: Knowledge['learned'],
  minutes?: Knowledge['minutes'],
): Knowledge => ({
  ...(learned ? { learned } : {}),
  ...(minutes ? { minutes } : {}),
  facts: (id) => LIBRARY_ONLY.facts(id) ?? own.find((w) => w.id === id)?.solved,
  mixed: (id) => mixed.find((w) => w.id === id)?.solved,
  name: (id) => LIBRARY_ONLY.name(id) ?? own.find((w) => w.id === id)?.name,
  difficulty: LIBRARY_ONLY.difficulty,
  swatch: (patternId, cordId) => swatches.find((s) => s.patternId === patternId && s.cordId === cordId),
});

export const LIBRARY_ONLY: Knowledge = {
  facts: solvedFacts,
  mixed: () => undefined,
  name: (id) => findPattern(id)?.name,
  difficulty: (id) => findPattern(id)?.difficulty ?? 3,
  swatch: () => undefined,
};
