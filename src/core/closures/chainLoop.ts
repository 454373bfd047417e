import { counted, len, why } from '../why/why.ts';
import { knotSize } from './knots.ts';
import { LOOP_AS_IT_IS, loopChecks, loopFor, loopOn } from './loop.ts';
import { LOOP_SHARE, numberOf, textOf } from './options.ts';
import { neckMm, stopperEnd } from './stopper.ts';
import type { Closure, LegPart } from './types.ts';

const STOPPER = 'double-overhand';
const WRAPS = {
  key: 'knot',
  label: 'Knot of the two loops',
  usual: 'two-loop-scaffold-2',
  choices: [2, 3].map((n) => ({
    value: `two-loop-scaffold-${n}`,
    name: why`a scaffold of ${counted(n, 'wrap')}`,
    note: n === 2 ? why`slides with a firm pull` : why`holds harder, uses more`,
  })),
} as const;

/** A chain of loops that begins with two sliding loops: one for the stopper, one that the chain begins with. */
export const chainLoop: Closure = {
  id: 'chain-loop',
  name: 'chain with two loops',
  family: 'tied',
  group: 'tied',
  phrase: () => why`a double overhand through the first of two loops`,
  words:
    'Begin with a scaffold knot round two loops: the first one holds the stopper, the chain begins with the second. Lock the chain by passing the end through its last loop; tie a double overhand that goes through the first loop, and tuck what is left of the loops.',
  difficulty: 2,
  minutes: 8,
  options: [WRAPS, LOOP_SHARE, LOOP_AS_IT_IS],
  unsuited: (weave) =>
    weave.strands.length === 1 &&
    weave.strands[0]!.periods === 1 &&
    weave.strands[0]!.lengthD > 2 * weave.periodD
      ? undefined
      : 'Only a chain of one cord begins with two loops: choose the chain sinnet, or a knot and loop.',
  close: (context) => {
    const d = context.metrics.diameterMm;
    const scaffold = knotSize(textOf(context.spec, WRAPS), d);
    const stopper = knotSize(STOPPER, d);
    const inner = loopFor(
      context.spec,
      stopper.girthMm,
      numberOf(context.spec, LOOP_SHARE),
      'the double overhand is',
    );
    const loop = loopOn(inner.mm, d, d);
    const lock = 2 * context.metrics.rowHeightMm + 2 * d;
    const reach = loop.lengthMm + d + scaffold.bodyMm;
    const legs: LegPart[] = [
      {
        what: 'closure',
        lengthMm: scaffold.cordMm,
        why: scaffold.cordWhy,
        reachMm: scaffold.bodyMm,
        mark: 'scaffold starts',
      },
      {
        what: 'closure',
        lengthMm: 2 * loop.legMm,
        why: why`the first loop: ${loop.why}, both legs`,
        reachMm: reach,
      },
      {
        what: 'tail',
        lengthMm: context.tailMm,
        why: why`your hands need ${len(context.tailMm)} of the end to tie the scaffold; what is left is snipped off`,
        reachMm: reach,
      },
    ];
    const neck = neckMm(d);
    const end = stopperEnd(stopper, neck, d, context.tailMm);
    return {
      start: {
        kind: 'run',
        name: 'first loop',
        takesMm: reach,
        standoffMm: 0,
        carries: 1,
        legs: () => legs,
        shape: { shape: 'loop', straightMm: loop.straightMm, radiusMm: loop.radiusMm, knot: scaffold.id },
      },
      end: {
        ...end,
        carries: 1,
        legs: (k) => [
          {
            what: 'closure',
            lengthMm: lock,
            why: why`the lock: the end through the last loop, ${len(lock)}`,
            reachMm: 0,
          },
          ...end.legs(k),
        ],
      },
      finishedMm: context.finishedMm,
      marks: [{ at: 'end', outMm: neck, label: 'stopper starts here' }],
      checks: loopChecks(context, inner.mm, stopper.girthMm, 'double overhand'),
      figures: [{ label: 'loop, inside', value: inner.mm, unit: 'mm', why: inner.why }],
      adjust: { what: 'the first loop', stepMm: 0, rangeMm: [-(loop.lengthMm - 2 * d), 2 * d] },
      hardware: why`loop ${len(loop.lengthMm)} inside + its own cord ${len(d)} + the scaffold ${len(scaffold.bodyMm)}`,
    };
  },
};
