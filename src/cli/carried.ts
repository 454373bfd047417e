import type { Design } from '../core/formats/design.ts';
import { solveCarried } from '../core/patterns/own.ts';
import { type Knowledge, LIBRARY_ONLY } from '../core/plan/knowledge.ts';
import { ok, type Result } from '../core/result.ts';

/** The library, and the weave that the design carries along, pulled tight. */
export function knowledgeFor(design: Design): Result<Knowledge> {
  const carried = LIBRARY_ONLY.facts(design.pattern.id) ? ok(undefined) : solveCarried(design);
  if (!carried.ok) return carried;
  const own = carried.value;
  return ok(
    own ? { ...LIBRARY_ONLY, facts: (id) => (id === own.id ? own : LIBRARY_ONLY.facts(id)) } : LIBRARY_ONLY,
  );
}
