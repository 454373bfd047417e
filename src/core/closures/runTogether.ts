import { len, why } from '../why/why.ts';
import { knotSize } from './knots.ts';
import { openOption } from './options.ts';
import { gapOption } from './singleSliding.ts';
import { FINGER_GAP_MM, opening, run, runEnd, tieKnot, tyingTail } from './slide.ts';
import type { Closure } from './types.ts';

/** An overhand that another cord passes is the sliding knot of one wrap. */
const KNOT = 'sliding-1';

/** Each end an overhand that the other's tail passes through; the two run together, and both tails are pulled. */
export const runTogether: Closure = {
  id: 'run-together',
  name: 'two overhands run together',
  family: 'sliding',
  group: 'sliding',
  phrase: () => why`two overhands that run together`,
  words:
    'Lay the cord in a U; each end makes an overhand inside it, and each tail goes down through the other’s knot. The two run together into one; pulling both tails closes it.',
  difficulty: 3,
  minutes: 8,
  options: [openOption, gapOption],
  close: (context) => {
    const d = context.metrics.diameterMm;
    const knot = knotSize(KNOT, d);
    const open = opening(context);
    const gap = Math.max(context.spec.gapMm ?? FINGER_GAP_MM, 2 * knot.bodyMm + 2 * d);
    const travel = open.flatMm - context.finishedMm;
    const way = (gap + travel) / 2 - knot.bodyMm;
    const legs = [
      run(
        way,
        why`half of the gap when open, ${len((gap + travel) / 2)}, less its knot ${len(knot.bodyMm)}`,
        way,
      ),
      tieKnot(knot, way + knot.bodyMm, 'knot starts'),
      run(knot.bodyMm, why`down through the other’s knot`, way + 2 * knot.bodyMm),
      tyingTail(context.tailMm, way + 2 * knot.bodyMm),
    ];
    const end = (name: string) =>
      runEnd(name, gap / 2, legs, {
        lengthMm: way,
        cords: 1,
        knot: knot.id,
        drawn: { knotAtMm: gap / 2 - knot.bodyMm, tailMm: knot.bodyMm + travel / 2 },
        leaves: { outMm: gap / 2 + knot.bodyMm, how: 'hangs' },
      });
    return {
      start: end('first overhand'),
      end: end('second overhand'),
      finishedMm: context.finishedMm,
      openMm: open.flatMm,
      danglesMm: travel,
      dangles: 'two tails, half each',
      marks: [
        { at: 'start', outMm: way, label: 'overhand starts here' },
        { at: 'end', outMm: way, label: 'overhand starts here' },
      ],
      adjust: { what: 'both tails', stepMm: 0, rangeMm: [2 * knot.bodyMm - gap, travel] },
      hardware: why`between the ends of the weave, closed: ${len(gap)}, room for two knots of ${len(knot.bodyMm)}`,
    };
  },
};
