import type { Design } from '../formats/design.gen.ts';
import { fail, ok, type Result } from '../result.ts';
import { withStyle } from './adapt.ts';
import { type ClosedDesign, closeDesign } from './close.ts';
import type { Knowledge } from './knowledge.ts';
import { ORDER, STYLES } from './setups/index.ts';

/** Why the set-up that was asked for gave way to another. */
export interface Instead {
  readonly reason: string;
}

export interface SuitedDesign extends ClosedDesign {
  readonly instead?: Instead;
}

/**
 * The design with both its ends, set up as it says; where that does not go with its weave or closure, in the first
 * set-up that does. Nothing else of the design changes: a sequence or strands with cords of their own are never given up.
 */
export function closeSuited(design: Design, know: Knowledge): Result<SuitedDesign> {
  const reason = weaveProblem(design, know);
  if (reason === undefined) {
    const closed = closeDesign(design, know);
    const ends = closed.ok ? endsProblem(closed.value) : undefined;
    return ends === undefined ? closed : instead(design, know, ends);
  }
  return instead(design, know, reason);
}

function instead(design: Design, know: Knowledge, reason: string): Result<SuitedDesign> {
  const facts = know.facts(design.pattern.id);
  const isBound = design.sequence !== undefined || design.setup.strands !== undefined;
  const styles = facts && !isBound ? ORDER.filter((style) => style !== design.setup.style) : [];
  for (const style of styles) {
    const other = withStyle(design, style, facts!);
    if (weaveProblem(other, know) !== undefined) continue;
    const closed = closeDesign(other, know);
    // What else is wrong with the design is wrong with it in every set-up.
    if (!closed.ok) return closed;
    if (endsProblem(closed.value) === undefined) return ok({ ...closed.value, instead: { reason } });
  }
  return fail({ code: 'design.setup', path: '/setup/style', message: reason });
}

function weaveProblem(design: Design, know: Knowledge): string | undefined {
  const facts = know.facts(design.pattern.id);
  return facts?.kind === 'weave' ? STYLES[design.setup.style].unsuited(facts) : undefined;
}

function endsProblem({ resolved, layout }: ClosedDesign): string | undefined {
  const style = STYLES[resolved.design.setup.style];
  return layout.pieces.map((piece) => style.unsuitedEnds(piece)).find((reason) => reason !== undefined);
}
