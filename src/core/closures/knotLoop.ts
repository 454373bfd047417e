import { len, num, why } from '../why/why.ts';
import { knotName, knotSize } from './knots.ts';
import { LOOP_AS_IT_IS, type Loop, loopChecks, loopEnd, loopFor, loopOn, needsTwo } from './loop.ts';
import { knotOption, LOOP_SHARE, numberOf, textOf } from './options.ts';
import { heldAt, ledThrough, START_WITH_CORES, startChecks, THROUGH } from './starts.ts';
import { neckMm, nextStopperMm, stopperEnd } from './stopper.ts';
import type { BandEnd, Closure, LegPart } from './types.ts';

const KNOT = knotOption('Stopper', [
  'diamond',
  'overhand-two',
  'toggle',
  'sliding-2',
  'sliding-3',
  'double-overhand',
  'barrel-3',
  'barrel-4',
]);

/** Stoppers one after the other: the loop closes behind any of them. */
const STOPPERS = {
  key: 'knots',
  label: 'Stoppers on a row',
  usual: 1,
  choices: [
    { value: 1, name: why`one` },
    { value: 2, name: why`two`, note: why`a second way to wear it, looser by one knot and its neck` },
    {
      value: 3,
      name: why`three`,
      note: why`three ways to wear it; the nearest one is the fit that you asked for`,
    },
  ],
} as const;

/** The knot under a loop that a third core is led through. */
const FOOT = 'diamond';

/** A loop with a diamond at its foot, tied in its two legs. */
function knottedLoop(loop: Loop, d: number): BandEnd {
  const foot = knotSize(FOOT, d);
  const plain = loopEnd(loop, d);
  const knotted: LegPart = {
    what: 'closure',
    lengthMm: foot.cordMm,
    why: foot.cordWhy,
    reachMm: foot.bodyMm,
    mark: 'diamond starts',
  };
  return {
    ...plain,
    takesMm: plain.takesMm + foot.bodyMm,
    legs: (k) => [knotted, ...plain.legs(k).map((leg) => ({ ...leg, reachMm: leg.reachMm + foot.bodyMm }))],
    shape: { shape: 'loop', straightMm: loop.straightMm, radiusMm: loop.radiusMm, knot: FOOT },
  };
}

/** A loop left at the fold and a stopper at the other end. */
export const knotLoop: Closure = {
  id: 'knot-loop',
  name: 'knot and loop',
  family: 'tied',
  group: 'tied',
  phrase: (spec) => why`a ${knotName(textOf(spec, KNOT))} in a loop`,
  words:
    'The fold of the cords is left standing as a loop; the two ends carry a stopper. The loop must let the stopper through and must then hold it. Tie the stopper last, try it on, and shift it before you draw it hard.',
  difficulty: 3,
  minutes: 8,
  options: [KNOT, STOPPERS, START_WITH_CORES, LOOP_SHARE, LOOP_AS_IT_IS],
  unsuited: needsTwo,
  close: (context) => {
    const d = context.metrics.diameterMm;
    const knot = knotSize(textOf(context.spec, KNOT), d);
    const stoppers = numberOf(context.spec, STOPPERS);
    const furtherMm = (stoppers - 1) * nextStopperMm(knot, neckMm(d));
    const share = numberOf(context.spec, LOOP_SHARE);
    const inner = loopFor(context.spec, knot.girthMm, share, `the ${knot.name.toLowerCase()} is`);
    const loop = loopOn(inner.mm, d, d);
    const begun = textOf(context.spec, START_WITH_CORES);
    const isThrough = begun === THROUGH && context.tied === 3;
    const held = context.tied >= 4 ? heldAt(begun, d) : undefined;
    return {
      start: {
        ...(isThrough ? knottedLoop(loop, d) : loopEnd(loop, d)),
        ...(held ? { held } : {}),
        ...(isThrough ? { passing: ledThrough(knotSize(FOOT, d), 0, context.tailMm) } : {}),
      },
      end: {
        ...stopperEnd(knot, neckMm(d), d, context.tailMm, stoppers),
        ...(isThrough ? { passing: ledThrough(knot, neckMm(d) + furtherMm, context.tailMm) } : {}),
      },
      finishedMm: context.finishedMm,
      ...(stoppers > 1
        ? {
            danglesMm: furtherMm,
            dangles:
              stoppers === 2 ? 'the second stopper, beyond the loop' : 'the other stoppers, beyond the loop',
          }
        : {}),
      marks: [{ at: 'end', outMm: neckMm(d), label: 'stopper starts here' }],
      checks: [
        ...loopChecks(context, inner.mm, knot.girthMm, knot.name.toLowerCase()),
        ...startChecks(context, begun),
      ],
      figures: [
        { label: 'loop, inside', value: inner.mm, unit: 'mm', why: inner.why },
        {
          label: 'loop, laid flat',
          value: inner.mm / 2,
          unit: 'mm',
          why: why`half of its inner perimeter ${len(inner.mm)}: pull it flat on the ruler to check`,
        },
        ...(stoppers > 1
          ? [
              {
                label: 'looser, each stopper further out',
                value: nextStopperMm(knot, neckMm(d)),
                unit: 'mm' as const,
                why: why`${knotName(knot.id)} ${len(knot.bodyMm)} + the neck that the loop closes on ${len(neckMm(d))}`,
              },
            ]
          : []),
      ],
      // A stopper can be shifted outwards before it is drawn hard, and the loop drawn back by as much as it is long.
      adjust: { what: 'the stopper', stepMm: 0, rangeMm: [-(neckMm(d) - d), 3 * d] },
      hardware: why`${isThrough ? why`diamond ${len(knotSize(FOOT, d).bodyMm)} + ` : []}loop ${len(loop.lengthMm)} inside + the loop’s own cord ${len(d)}; the stopper stands up out of it. A neck of ${num(1.5, 1)} diameters takes nothing`,
    };
  },
};
