import type { Design } from '../../core/formats/design.ts';
import type { SolvedFacts } from '../../core/patterns/types.ts';
import { STYLES, type Style, stylesFor } from '../../core/plan/setups/index.ts';
import type { SetupChoice } from './actions.ts';

export const choiceOf = (style: Style, facts: SolvedFacts): SetupChoice => ({
  style,
  cords: STYLES[style].cords(facts),
});

/** The set-up to go on with when another weave is taken: the one in use if it suits, else the first that does. */
export function setupFor(design: Design, facts: SolvedFacts): SetupChoice {
  const suitable = stylesFor(facts);
  const style = suitable.includes(design.setup.style) ? design.setup.style : suitable[0]!;
  return choiceOf(style, facts);
}
