import type { ClosureGroup } from '../fit/products.ts';
import { len, sold, type Why, why } from '../why/why.ts';
import type { Bar } from './attach.ts';
import { ATTACH, numberOf, sizes, textOf } from './options.ts';
import type { BandEnd, Closing, Closure, ClosureContext, ClosureSpec, EndShape } from './types.ts';

/** Two halves with a cord bar each, measured closed along the curve between the band-side edges of the two bars. */
export interface TwoHalves {
  readonly sizeMm: number;
  /** Cord bar to the plane where the halves meet. */
  readonly startMm: number;
  readonly endMm: number;
  readonly bodyWidthMm: number;
  readonly bar: Bar;
}

export const closedLengthMm = (h: Pick<TwoHalves, 'startMm' | 'endMm'>): number => h.startMm + h.endMm;

/** The halves of that size; a measured length replaces the typical one, shared as before. */
export function halvesOf<T extends TwoHalves>(
  list: readonly T[],
  sizeMm: number,
  measuredMm?: number,
): T | undefined {
  const typical = list.find((s) => s.sizeMm === sizeMm);
  if (!typical || measuredMm === undefined) return typical;
  const scale = measuredMm / closedLengthMm(typical);
  return { ...typical, startMm: typical.startMm * scale, endMm: typical.endMm * scale };
}

const HOW_TO_MEASURE =
  'Close it. Measure along its curve, from the inner edge of one cord bar to the inner edge of the other.';

interface Made<T extends TwoHalves> {
  readonly id: string;
  readonly group?: ClosureGroup;
  readonly name: string;
  readonly list: readonly T[];
  readonly usual: number;
  readonly words: string;
  readonly shapes: (half: T) => readonly [EndShape, EndShape];
  readonly names: readonly [string, string];
  readonly cautions?: readonly string[];
}

/** A closure of two halves that come apart: what all of them have in common. */
export function twoHalves<T extends TwoHalves>(made: Made<T>): Closure {
  const size = sizes(
    'Size',
    made.list.map((h) => ({
      sizeMm: h.sizeMm,
      note: why`typically ${len(closedLengthMm(h))} closed, ${len(h.bodyWidthMm)} wide`,
    })),
    made.usual,
  );
  const chosen = (spec: ClosureSpec): T => halvesOf(made.list, numberOf(spec, size), spec.lengthMm)!;
  return {
    id: made.id,
    name: made.name,
    family: 'buckled',
    ...(made.group ? { group: made.group } : {}),
    isBuckle: true,
    phrase: (spec) => why`a ${sold(numberOf(spec, size))} ${made.name}`,
    words: made.words,
    difficulty: 1,
    minutes: 4,
    options: [
      size,
      {
        key: 'lengthMm',
        label: 'Closed length',
        leastMm: 8,
        mostMm: 150,
        hint: HOW_TO_MEASURE,
        usualMm: (spec) => {
          const typical = halvesOf(made.list, numberOf(spec, size));
          return typical && closedLengthMm(typical);
        },
      },
      ATTACH,
    ],
    close: (context) =>
      closeHalves(context, chosen(context.spec), made.names, made.shapes(chosen(context.spec)), made.name),
    ...(made.cautions ? { cautions: made.cautions } : {}),
  };
}

function closeHalves(
  context: ClosureContext,
  half: TwoHalves,
  names: readonly [string, string],
  shapes: readonly [EndShape, EndShape],
  name: string,
): Closing {
  const { diameterMm: d } = context.metrics;
  return {
    start: { ...barEnd(names[0], half.startMm, half.bar, half.sizeMm, shapes[0]), standoffMm: d },
    end: {
      ...barEnd(names[1], half.endMm, half.bar, half.sizeMm, shapes[1]),
      attach: textOf(context.spec, ATTACH) as 'returned',
    },
    finishedMm: context.finishedMm,
    hardware: hardwareWhy(context.spec, half.sizeMm, name),
  };
}

const hardwareWhy = (spec: ClosureSpec, sizeMm: number, name: string): Why =>
  spec.lengthMm === undefined
    ? why`typical ${sold(sizeMm)} ${name}, closed, cord bar to cord bar; type your own once you have measured it`
    : why`as you measured it, closed, cord bar to cord bar`;

/** An end at a bar that cords are hitched to or led round. */
export function barEnd(name: string, takesMm: number, bar: Bar, slotMm: number, shape: EndShape): BandEnd {
  return { kind: 'bar', name, takesMm, standoffMm: 0, bar, slotMm, carries: 0, legs: () => [], shape };
}
