import type { Design } from '../../formats/design.gen.ts';
import { findPattern } from '../../patterns/index.ts';
import type { SolvedFacts } from '../../patterns/types.ts';
import { type Knowledge, LIBRARY_ONLY } from '../../plan/knowledge.ts';
import type { Plan } from '../../plan/types.ts';
import { ok, type Result } from '../../result.ts';
import { parse } from '../../weave/parse.ts';
import type { WeaveSpec } from '../../weave/types.ts';
import type { WayOfWorking } from '../types.ts';
import { movesOf, type TyingOrder } from './moves.ts';
import { frameFor } from './variant.ts';

/** The rows of a design as moves, one order for each pass; none for a plain band. Fails only where the weave's own notation cannot be read. */
export function tyingOrders(
  design: Design,
  plan: Plan,
  way: WayOfWorking,
  know: Knowledge = LIBRARY_ONLY,
): Result<TyingOrder[]> {
  const facts = know.facts(design.pattern.id);
  const pattern = findPattern(design.pattern.id);
  // In cords of different thickness the rows are drawn in them, too.
  const read = plan.mixed ? specOf(plan.mixed.request) : facts ? specOf(facts) : undefined;
  if (read && !read.ok) return read;
  return ok(
    read && !pattern?.isStraight && !plan.metrics.isPlain ? tyings(read.value, way, pattern?.tiedIn) : [],
  );
}

/** Whether the work hangs before the maker with the side that is drawn first at the left. Else that one is at the right. */
export const isMirrored = (tying: readonly TyingOrder[]): boolean => tying[0]?.frame.isMirrored ?? false;

function specOf(facts: Pick<SolvedFacts, 'notation'>): Result<WeaveSpec> {
  return parse(facts.notation);
}

/** The rows of a weave as moves, one for each pass that it is tied in. */
export function tyings(
  spec: WeaveSpec,
  way: WayOfWorking,
  tiedIn: readonly (readonly string[])[] | undefined,
): TyingOrder[] {
  const frame = frameFor(spec, way, tiedIn);
  return Array.from({ length: tiedIn?.length ?? 1 }, (_, pass) => movesOf(spec, frame, tiedIn, pass)).filter(
    (t) => t !== undefined,
  );
}
