import { len, why } from '../why/why.ts';
import { knotName, knotSize } from './knots.ts';
import { knotOption, openOption, textOf } from './options.ts';
import { innerOf, opening, run, runEnd, tieKnot, tyingTail } from './slide.ts';
import type { Closure } from './types.ts';

const KNOT = knotOption('Sliding knots', ['sliding-1', 'sliding-2', 'sliding-3']);

/**
 * Each end is knotted round the other. With M of cord from the outside of one knot to the outside of the other and
 * s between those outsides along the overlap, the flat closed length is M − s. Open, the knots touch: s = 2b.
 * Closed, each knot has run up to the weave's other end: with τ of cord from weave to the outside of its knot, s = τ
 * and the gap is τ. So τ = open − closed + 2b and the weave is what is left of the closed length.
 */
export const doubleSliding: Closure = {
  id: 'double-sliding',
  name: 'double sliding knot',
  family: 'sliding',
  group: 'sliding',
  phrase: (spec) =>
    why`a double sliding knot${textOf(spec, KNOT) === 'sliding-1' ? '' : why` (${knotName(textOf(spec, KNOT))})`}`,
  words:
    'Each end is knotted round the other. Draw the knots apart to close it, together to open it. Nothing dangles. Seal each tail to its own knot, never to the cord that slides in it.',
  difficulty: 2,
  minutes: 6,
  options: [KNOT, openOption],
  close: (context) => {
    const knot = knotSize(textOf(context.spec, KNOT), context.metrics.diameterMm);
    const open = opening(context);
    const travel = open.flatMm - context.finishedMm;
    const reach = travel + 2 * knot.bodyMm;
    const between = context.finishedMm + reach;
    const legs = [
      run(
        reach - knot.bodyMm,
        why`opens by ${len(travel)} + one knot ${len(knot.bodyMm)}: that far from weave to knot`,
        reach - knot.bodyMm,
      ),
      tieKnot(knot, reach, 'knot starts'),
      tyingTail(context.tailMm, reach),
    ];
    const end = (name: string) =>
      runEnd(name, reach / 2, legs, { lengthMm: reach - knot.bodyMm, cords: 1, knot: knot.id });
    return {
      start: end('first sliding knot'),
      end: end('second sliding knot'),
      finishedMm: context.finishedMm,
      openMm: open.flatMm,
      danglesMm: 0,
      marks: [
        { at: 'start', outMm: reach - knot.bodyMm, label: 'knot starts here' },
        { at: 'end', outMm: reach - knot.bodyMm, label: 'knot starts here' },
      ],
      adjust: { what: 'the knots', stepMm: 0, rangeMm: [0, travel] },
      figures: [
        {
          label: 'between the knots',
          value: between,
          unit: 'mm',
          why: why`cord from the outside of one knot to the outside of the other: weave ${len(context.finishedMm - reach)} + 2 × ${len(reach)}`,
        },
        {
          label: 'knots apart, closed',
          value: reach,
          unit: 'mm',
          why: why`${len(between)} − closed ${len(context.finishedMm)}; open they touch, ${len(2 * knot.bodyMm)}: ${open.why}`,
        },
      ],
      hardware: why`between the ends of the weave, closed: to open from ${len(innerOf(context))} to ${len(open.innerMm)} inside, plus two knots of ${len(knot.bodyMm)}`,
    };
  },
};
