import type { Design } from '../core/formats/design.ts';
import { solveMixed } from '../core/patterns/mixed.ts';
import { solveCarried } from '../core/patterns/own.ts';
import { type Knowledge, LIBRARY_ONLY } from '../core/plan/knowledge.ts';
import { plan } from '../core/plan/plan.ts';
import { ok, type Result } from '../core/result.ts';

/** The library, and the weave that the design carries along, pulled tight. */
export function knowledgeFor(design: Design): Result<Knowledge> {
  const carried = LIBRARY_ONLY.facts(design.pattern.id) ? ok(undefined) : solveCarried(design);
  if (!carried.ok) return carried;
  const own = carried.value;
  const know: Knowledge = own
    ? { ...LIBRARY_ONLY, facts: (id) => (id === own.id ? own : LIBRARY_ONLY.facts(id)) }
    : LIBRARY_ONLY;
  return withMixed(design, know);
}

/** Cords of different thickness: the weave is pulled tight for them on the spot. */
function withMixed(design: Design, know: Knowledge): Result<Knowledge> {
  const first = plan(design, know);
  const request = first.ok ? first.value.mixed?.request : undefined;
  if (!request) return ok(know);
  const solved = solveMixed(request);
  if (!solved.ok) return solved;
  return ok({ ...know, mixed: (id) => (id === request.id ? solved.value : undefined) });
}
