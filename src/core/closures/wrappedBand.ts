import { len, num, why } from '../why/why.ts';
import { knotSize } from './knots.ts';
import { run, runEnd, tieKnot, tyingTail } from './slide.ts';
import type { Closure, LegPart } from './types.ts';

const WRAPS = 'prusik-3';
const LOCK = 'overhand-two';

/** Twice round the wrist, held by wraps that the loops are drawn through. */
export const wrappedBand: Closure = {
  id: 'wrapped-band',
  name: 'double-loop wrapped band',
  family: 'sliding',
  group: 'sliding',
  phrase: () => why`three wraps that its two loops run through`,
  words:
    'At the middle of a long doubled cord lay three wraps round a finger, outwards, and pass the rest of the doubled cord inside them. The two large loops go twice round the wrist and the wrapped knot is drawn through them; an overhand locks the tails.',
  difficulty: 4,
  minutes: 12,
  options: [],
  unsuited: (weave) =>
    weave.strands.length === 2 &&
    weave.strands.every((s) => s.role !== 'core') &&
    weave.widthD === 2 &&
    weave.thicknessD === 1
      ? undefined
      : 'It is tied in a plain doubled cord: choose the doubled plain band.',
  close: (context) => {
    const d = context.metrics.diameterMm;
    const wraps = knotSize(WRAPS, d);
    const lock = knotSize(LOCK, d);
    const leg: LegPart = {
      what: 'closure',
      lengthMm: wraps.cordMm / 2,
      why: why`half of the ${wraps.cordWhy}`,
      reachMm: wraps.bodyMm,
    };
    const woven = 2 * context.finishedMm - wraps.bodyMm;
    return {
      start: {
        kind: 'loop',
        name: 'wraps',
        // The band goes round twice: what is woven beyond one round is given back.
        takesMm: wraps.bodyMm - context.finishedMm,
        standoffMm: 0,
        carries: 2,
        legs: () => [leg],
        shape: { shape: 'loop', straightMm: 0, radiusMm: d / 2, knot: WRAPS },
      },
      end: runEnd(
        'locked tails',
        0,
        [
          run(d, why`a short neck`, d),
          tieKnot(lock, d + lock.bodyMm, 'lock starts'),
          tyingTail(context.tailMm, d + lock.bodyMm),
        ],
        { lengthMm: d, cords: 2, knot: LOCK, leaves: { outMm: 0, how: 'stands' } },
        2,
      ),
      finishedMm: context.finishedMm,
      openMm: 2 * context.finishedMm,
      danglesMm: lock.bodyMm,
      dangles: 'the locked tails',
      adjust: {
        what: 'the wraps along the loops',
        stepMm: 0,
        rangeMm: [-context.finishedMm / 6, context.finishedMm / 2],
      },
      figures: [
        {
          label: 'each loop, laid out',
          value: woven / 2,
          unit: 'mm',
          why: why`the doubled cord, ${len(woven)} long, goes ${num(2, 0)} times round`,
        },
      ],
      hardware: why`it goes round twice: ${len(woven)} of doubled cord for ${len(context.finishedMm)} round, including the wraps, ${len(wraps.bodyMm)}`,
    };
  },
};
