import type { Design } from '../formats/design.gen.ts';
import { ok, type Result } from '../result.ts';
import { parse } from '../weave/parse.ts';
import { solveWeave } from './solve.ts';
import type { SolvedFacts, SolvedWeave } from './types.ts';

/** The design with the notation of a weave of one's own written into it, so that it can be tied elsewhere. */
export function carryWeave(
  design: Design,
  weave: { readonly name: string; readonly solved: SolvedFacts },
): Design {
  const { id } = design.pattern;
  const { notation, squash, load } = weave.solved;
  return {
    ...design,
    pattern: { id, name: weave.name, notation, squash, load },
  };
}

/** What a carried weave is solved from; nothing for a design of the library. */
export function carriedWeave(
  design: Design,
): { readonly notation: string; readonly squash: number; readonly load: number } | undefined {
  const { notation, squash = 0.8, load = 0 } = design.pattern;
  return notation === undefined ? undefined : { notation, squash, load };
}

/** Solves the weave that a design carries, under the design's own id for it; issues lie at its notation. */
export function solveCarried(design: Design): Result<SolvedWeave | undefined> {
  const carried = carriedWeave(design);
  if (!carried) return ok(undefined);
  const spec = parse(carried.notation);
  const solved = spec.ok ? solveWeave(design.pattern.id, spec.value, carried) : spec;
  if (solved.ok) return solved;
  return {
    ok: false,
    issues: solved.issues.map((i) => ({ ...i, path: `/pattern/notation ${i.path}`.trim() })),
  };
}
