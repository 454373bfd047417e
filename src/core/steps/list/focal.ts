import { findPattern } from '../../patterns/index.ts';
import type { Plan } from '../../plan/types.ts';
import { counted, len, why } from '../../why/why.ts';
import type { Step } from '../types.ts';

/** Knots in a plain band, from its first end on. */
export function focalSteps(plan: Plan, b: number): Step[] {
  const suffix = plan.bands.length > 1 ? `-${b + 1}` : '';
  return plan.bands[b]!.addons.filter((a) => a.knot)
    .toSorted((p, q) => p.atMm - q.atMm)
    .map((a): Step => {
      const knot = findPattern(a.knot!.id)!;
      const strands = knot.draw().strands.length;
      return {
        id: `${a.key}${suffix}`,
        phase: 'tie',
        title: `Tie the ${a.name}`,
        lines: [
          why`Its middle comes ${len(a.atMm)} from the first end; it is ${len(a.sizeMm)} long when it is tight, in ${counted(strands, 'cord')}.`,
          why`${knot.words}`,
        ],
        look: why`It lies evenly, and its middle is where it should be: shift it while it is loose.`,
        picture: { kind: 'knot', id: knot.id },
      };
    });
}
