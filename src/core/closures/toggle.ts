import { len, sold, why } from '../why/why.ts';
import { barEnd } from './buckled.ts';
import { LOOP_AS_IT_IS, loopChecks, loopEnd, loopFor, loopOn, needsTwo } from './loop.ts';
import { ATTACH, LOOP_SHARE, numberOf, sizes, textOf } from './options.ts';
import type { Closure } from './types.ts';

/** A bar by its length; cords are hitched round its middle. */
const BARS = [
  { sizeMm: 22, rodMm: 4 },
  { sizeMm: 28, rodMm: 5 },
  { sizeMm: 35, rodMm: 6 },
] as const;

/** A loop shorter than this share of the bar cannot slip over its end. */
const HOLDS_BELOW = 0.8;

const SIZE = sizes(
  'Length of the bar',
  BARS.map((b) => ({ sizeMm: b.sizeMm, note: why`${len(b.rodMm)} thick` })),
  28,
);

/** A bar tipped through a loop and turned across it. */
export const toggle: Closure = {
  id: 'toggle',
  name: 'toggle bar',
  family: 'buckled',
  group: 'buckle',
  phrase: (spec) => why`a ${sold(numberOf(spec, SIZE))} toggle bar in a loop`,
  words:
    'A bar tied at its middle: tip it along its cords to pass it through the loop, then turn it across and it holds.',
  difficulty: 2,
  minutes: 6,
  options: [SIZE, LOOP_SHARE, LOOP_AS_IT_IS, ATTACH],
  unsuited: needsTwo,
  close: (context) => {
    const d = context.metrics.diameterMm;
    const bar = BARS.find((b) => b.sizeMm === numberOf(context.spec, SIZE))!;
    // Tipped, the bar passes beside the two cords that hold it: three discs in a row.
    const girth = 2 * (bar.rodMm / 2 + 1.5 * d) + Math.PI * Math.max(bar.rodMm, d);
    const inner = loopFor(
      context.spec,
      girth,
      numberOf(context.spec, LOOP_SHARE),
      'bar and its two cords, side by side, are',
    );
    const loop = loopOn(inner.mm, d, d);
    const isHeld = loop.lengthMm < HOLDS_BELOW * bar.sizeMm;
    return {
      start: loopEnd(loop, d),
      end: {
        ...barEnd('toggle bar', d, { widthMm: bar.rodMm, thicknessMm: bar.rodMm }, bar.sizeMm, {
          shape: 'plate',
          look: 'toggle',
          lengthMm: bar.rodMm,
          sizeMm: bar.sizeMm,
          bodyWidthMm: bar.sizeMm,
          bar: { widthMm: bar.rodMm, thicknessMm: bar.rodMm },
        }),
        attach: textOf(context.spec, ATTACH) as 'returned',
      },
      finishedMm: context.finishedMm,
      checks: [
        ...loopChecks(context, inner.mm, girth, 'bar with its cords'),
        {
          id: 'toggle.holds',
          ok: isHeld,
          message: isHeld
            ? why`a bar of ${len(bar.sizeMm)} is held by a loop ${len(loop.lengthMm)} long inside`
            : why`a bar of ${len(bar.sizeMm)} may slip through a loop ${len(loop.lengthMm)} long inside: choose a longer bar`,
          ...(isHeld ? {} : longer(bar.sizeMm, context.spec)),
        },
      ],
      figures: [{ label: 'loop, inside', value: inner.mm, unit: 'mm', why: inner.why }],
      hardware: why`loop ${len(loop.lengthMm)} inside + its own cord ${len(d)} + the bar’s neck ${len(d)}`,
    };
  },
};

function longer(sizeMm: number, spec: Parameters<Closure['phrase']>[0]) {
  const next = BARS.find((b) => b.sizeMm > sizeMm);
  return next
    ? {
        fix: {
          label: why`choose the ${len(next.sizeMm)} bar`,
          patch: { closure: { ...spec, sizeMm: next.sizeMm } },
        },
      }
    : {};
}
