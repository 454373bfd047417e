import { len, sold, why } from '../why/why.ts';
import { barEnd } from './buckled.ts';
import { loopChecks, loopEnd, loopOn, loopPerimeter, needsTwo } from './loop.ts';
import { ATTACH, LOOP_SHARE, numberOf, sizes, textOf } from './options.ts';
import type { Closure } from './types.ts';

/** A flat hook: slot, cord bar to the inside of its bend, and the girth of the arm that a loop must pass. */
const HOOKS = [
  { sizeMm: 10, lengthMm: 18, armMm: 22, wireMm: 2.5 },
  { sizeMm: 15, lengthMm: 24, armMm: 28, wireMm: 3 },
  { sizeMm: 20, lengthMm: 30, armMm: 34, wireMm: 3.5 },
] as const;

const SIZE = sizes(
  'Size',
  HOOKS.map((h) => ({ sizeMm: h.sizeMm, note: why`typically ${len(h.lengthMm)} from bar to bend` })),
  15,
);

/** A hook at the end, the fold's loop as its eye. */
export const hook: Closure = {
  id: 'hook',
  name: 'hook',
  family: 'buckled',
  group: 'buckle',
  phrase: (spec) => why`a ${sold(numberOf(spec, SIZE))} hook in a loop`,
  words: 'The hook is put on the second end; the fold of the cords is left as a loop that it goes into.',
  difficulty: 2,
  minutes: 5,
  options: [
    SIZE,
    LOOP_SHARE,
    {
      key: 'lengthMm',
      label: 'Bar to bend',
      leastMm: 8,
      mostMm: 120,
      hint: 'Measure from the inner edge of the cord bar to the inside of the hook’s bend.',
      usualMm: (spec) => HOOKS.find((h) => h.sizeMm === numberOf(spec, SIZE))?.lengthMm,
    },
    ATTACH,
  ],
  unsuited: needsTwo,
  close: (context) => {
    const d = context.metrics.diameterMm;
    const h = HOOKS.find((x) => x.sizeMm === numberOf(context.spec, SIZE))!;
    const length = context.spec.lengthMm ?? h.lengthMm;
    const inner = loopPerimeter(h.armMm, numberOf(context.spec, LOOP_SHARE), 'the hook’s arm is');
    const loop = loopOn(inner.mm, h.wireMm, d);
    const bar = { widthMm: h.wireMm, thicknessMm: h.wireMm };
    return {
      // The loop hangs in the bend: the hook reaches over its cord.
      start: { ...loopEnd(loop, d), takesMm: loop.lengthMm },
      end: {
        ...barEnd('hook', length - 2 * h.wireMm, bar, h.sizeMm, {
          shape: 'plate',
          look: 'hook',
          lengthMm: length,
          sizeMm: h.sizeMm,
          bodyWidthMm: h.sizeMm + 2 * h.wireMm,
          bar,
        }),
        attach: textOf(context.spec, ATTACH) as 'returned',
      },
      finishedMm: context.finishedMm,
      checks: loopChecks(context, inner.mm, h.armMm, 'hook’s arm').filter((x) => x.id === 'loop.passes'),
      figures: [{ label: 'loop, inside', value: inner.mm, unit: 'mm', why: inner.why }],
      hardware: why`loop ${len(loop.lengthMm)} inside + hook ${len(length - 2 * h.wireMm)} up to the loop’s cord in its bend`,
    };
  },
};
