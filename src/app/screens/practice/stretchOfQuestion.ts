import { findPattern, solvedFacts } from '../../../core/patterns/index.ts';
import type { Question } from '../../../core/practice/types.ts';
import { rowsOfWeave } from '../../../core/practice/weaves.ts';
import { pullOf } from '../../../core/steps/slips/pull.ts';
import { stretchOf } from '../../../core/steps/slips/slips.ts';
import type { Asked } from '../../state/useStretches.ts';

/** Fine enough that cords look round at this size, in diameters. */
const STEP_D = 0.25;

/** What was worked out of a question already: it is looked up wherever the question is drawn or waited for. */
const worked = new WeakMap<Question, Asked | 'none'>();

/** What is to be pulled tight for a question; nothing for a question without a tight stretch. */
export function stretchOfQuestion(question: Question): Asked | undefined {
  const known = worked.get(question) ?? workOut(question) ?? 'none';
  worked.set(question, known);
  return known === 'none' ? undefined : known;
}

function workOut({ card, stretch: asked }: Question): Asked | undefined {
  const tying = asked && rowsOfWeave(card.weave);
  const stretch = tying && stretchOf(tying.cut, asked.slip, asked.at);
  const pull = pullOf(solvedFacts(card.weave), findPattern(card.weave));
  return stretch && { id: card.id, stretch, pull, stepD: STEP_D };
}
