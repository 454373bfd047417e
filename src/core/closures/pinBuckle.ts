import { len, sold, why } from '../why/why.ts';
import { roundBar } from './attach.ts';
import { barEnd } from './buckled.ts';
import { numberOf, sizes } from './options.ts';
import type { Closure } from './types.ts';

/** Pin buckles by the inner width of their frame: bar to the frame's far inner edge, and the rod. */
const BUCKLES = [
  { sizeMm: 16, lengthMm: 9, rodMm: 2 },
  { sizeMm: 18, lengthMm: 9, rodMm: 2 },
  { sizeMm: 20, lengthMm: 10, rodMm: 2.2 },
  { sizeMm: 22, lengthMm: 11, rodMm: 2.2 },
  { sizeMm: 26, lengthMm: 12, rodMm: 2.5 },
] as const;

const USUAL_PAST_MM = 45;

const SIZE = sizes(
  'Inside the frame',
  BUCKLES.map((b) => ({ sizeMm: b.sizeMm, note: why`typically ${len(b.lengthMm)} from bar to frame` })),
  20,
);

/** A frame with a pin that goes between the cores, so that every row is a hole; the strap runs on past it. */
export const pinBuckle: Closure = {
  id: 'pin-buckle',
  name: 'pin buckle',
  family: 'buckled',
  phrase: (spec) => why`a ${sold(numberOf(spec, SIZE))} pin buckle`,
  words:
    'The strap passes through the frame; the pin goes through the weave between two rows, so that every row is a hole. What runs on past the buckle goes under a keeper of one more turn of cord.',
  difficulty: 2,
  minutes: 6,
  options: [
    SIZE,
    {
      key: 'lengthMm',
      label: 'Bar to frame',
      leastMm: 4,
      mostMm: 60,
      hint: 'Measure from the inner edge of the bar to the inside of the frame’s far side.',
      usualMm: (spec) => BUCKLES.find((b) => b.sizeMm === numberOf(spec, SIZE))?.lengthMm,
    },
    {
      key: 'pastMm',
      label: 'Runs on past the buckle',
      leastMm: 10,
      mostMm: 150,
      hint: 'Enough for a keeper and a looser hole: 40 to 60 mm.',
      usualMm: () => USUAL_PAST_MM,
    },
  ],
  close: (context) => {
    const b = BUCKLES.find((x) => x.sizeMm === numberOf(context.spec, SIZE))!;
    const { diameterMm: d, widthMm: w, thicknessMm: t, rowHeightMm } = context.metrics;
    const length = context.spec.lengthMm ?? b.lengthMm;
    const past = context.spec.pastMm ?? USUAL_PAST_MM;
    const passes = w <= b.sizeMm + 0.5;
    const better = BUCKLES.find((x) => x.sizeMm + 0.5 >= w);
    return {
      start: {
        ...barEnd('pin buckle', length, roundBar(b.rodMm), b.sizeMm, {
          shape: 'frame',
          lengthMm: length,
          widthMm: b.sizeMm,
          wireMm: b.rodMm,
          hasPin: true,
        }),
        standoffMm: d,
      },
      end: {
        kind: 'tip',
        name: 'strap’s end',
        takesMm: -past,
        standoffMm: 0,
        carries: 0,
        legs: () => [],
        shape: { shape: 'none' },
      },
      finishedMm: context.finishedMm,
      danglesMm: 0,
      marks: [{ at: 'end', outMm: -past, label: 'pin here' }],
      adjust: { what: 'the pin', step: 'row', stepMm: rowHeightMm, rangeMm: [-past, past - 2 * rowHeightMm] },
      extra: [
        {
          role: 'keeper, two turns',
          cordType: context.cord.id,
          fold: why`its middle goes under the strap`,
          parts: [
            {
              what: 'closure',
              lengthMm: 2 * (2 * (w + 2 * t) + Math.PI * d),
              why: why`twice round two layers of strap: 2 × (${len(w)} + 2 × ${len(t)}) + π × ${len(d)}`,
            },
            { what: 'tail', lengthMm: 2 * Math.min(context.tailMm, 60), why: why`two ends to tie and tuck` },
          ],
        },
      ],
      checks: [
        {
          id: 'buckle.passes',
          ok: passes,
          message: passes
            ? why`a strap ${len(w)} wide goes through a frame ${len(b.sizeMm)} wide inside`
            : why`a strap ${len(w)} wide does not go through a frame ${len(b.sizeMm)} wide inside: choose a wider buckle, thinner cord or a narrower weave`,
          ...(passes || !better
            ? {}
            : {
                fix: {
                  label: why`choose the ${sold(better.sizeMm)} buckle`,
                  patch: { closure: { ...context.spec, sizeMm: better.sizeMm } },
                },
              }),
        },
      ],
      hardware:
        context.spec.lengthMm === undefined
          ? why`typical ${sold(b.sizeMm)} pin buckle, bar to frame ${len(length)}; the strap runs on ${len(past)} past it`
          : why`bar to frame as you measured it; the strap runs on ${len(past)} past it`,
    };
  },
};
