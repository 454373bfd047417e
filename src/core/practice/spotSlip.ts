import { locate, stretchOf } from '../steps/slips/slips.ts';
import type { WayOfWorking } from '../steps/types.ts';
import { plural } from '../words.ts';
import type { DrillCard, Question } from './types.ts';
import { rowsOfWeave, shuffled, slipsOf } from './weaves.ts';

/** A tight stretch, tied wrong on purpose in one row: which one is it? Nothing where this weave can't be tied wrong so that it is seen. */
export function spotSlip(card: DrillCard, uniform: () => number, way: WayOfWorking): Question | undefined {
  const kinds = slipsOf(card.weave, way);
  const kind = kinds[Math.floor(uniform() * kinds.length)];
  const tying = rowsOfWeave(card.weave, way);
  if (!kind || !tying) return undefined;
  const rows = stretchOf(tying.cut, kind.slip)!.spec.rows;
  // Never the first or the last one: a slip is seen against its neighbours. Not every row can be tied wrong in every way.
  const inner = shuffled(
    Array.from({ length: rows - 2 }, (_, i) => i + 1),
    uniform,
  );
  const at = inner.find((row) => stretchOf(tying.cut, kind.slip, row));
  const stretch = at === undefined ? undefined : stretchOf(tying.cut, kind.slip, at);
  if (!stretch || at === undefined) return undefined;
  const row = stretch.row + 1;
  const count = stretch.spec.rows;
  const { undo } = locate(kind, count, count - row + 1);
  return {
    card,
    stretch: { slip: kind.slip, at },
    choices: Array.from({ length: count }, (_, i) => ({ value: String(i + 1), name: `Row ${i + 1}` })),
    answer: String(row),
    why: `Row ${row}: ${kind.title.toLowerCase()}. One sees it because ${kind.looks}. ${kind.advice} Found after the last row, that means undoing ${undo} ${plural(undo, 'row')}.`,
  };
}
