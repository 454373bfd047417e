import { len, num, why } from '../why/why.ts';
import { barEnd } from './buckled.ts';
import { holeText, numberOf, sizes } from './options.ts';
import type { Closure } from './types.ts';

/** An adjustable bow shackle: a bent rod whose pin can sit in one of several holes. Inner lengths, in mm. */
interface Shackle {
  /** Inner width at the pin. */
  readonly sizeMm: number;
  /** Bow's inner end to the pin in the first hole, the tightest. */
  readonly firstMm: number;
  readonly pitchMm: number;
  readonly rodMm: number;
}

export const SHACKLES: readonly Shackle[] = [
  { sizeMm: 12, firstMm: 16, pitchMm: 6, rodMm: 4 },
  { sizeMm: 16, firstMm: 20, pitchMm: 7, rodMm: 5 },
  { sizeMm: 20, firstMm: 25, pitchMm: 8, rodMm: 6 },
];
const HOLES = [1, 2, 3] as const;
const USUAL_HOLE = 2;

export const SHACKLE_SIZE = sizes(
  'Width at the pin',
  SHACKLES.map((s) => ({
    sizeMm: s.sizeMm,
    note: why`${len(s.firstMm)} to ${len(s.firstMm + 2 * s.pitchMm)} long inside, holes ${len(s.pitchMm)} apart`,
  })),
  16,
);

const HOLE = {
  key: 'hole',
  label: 'Pin hole',
  usual: USUAL_HOLE,
  choices: HOLES.map((n) => ({
    value: n,
    name: holeText(n),
    note: n === 1 ? why`the tightest` : n === 3 ? why`the loosest` : why`room both ways`,
  })),
} as const;

/** The bow goes through the fold of the cords; the pin through the turn at the other end, in one of three holes. */
export const shackle: Closure = {
  id: 'shackle',
  name: 'adjustable shackle',
  family: 'buckled',
  group: 'buckle',
  phrase: (spec) =>
    why`a ${len(numberOf(spec, SHACKLE_SIZE))} shackle with its pin in ${holeText(numberOf(spec, HOLE))}`,
  words:
    'Cords are hitched to the bow; the pin goes through the turn at the other end. Its holes change the girth without retying. Planned for the middle hole, it can go tighter or looser.',
  difficulty: 2,
  minutes: 5,
  options: [
    SHACKLE_SIZE,
    HOLE,
    {
      key: 'lengthMm',
      label: 'Length inside',
      leastMm: 8,
      mostMm: 120,
      hint: 'Measure from the bow’s inner end to the pin, in the hole you plan to use.',
      usualMm: (spec) =>
        lengthOf(
          SHACKLES.find((x) => x.sizeMm === numberOf(spec, SHACKLE_SIZE)) ?? SHACKLES[1]!,
          numberOf(spec, HOLE),
        ),
    },
  ],
  close: (context) => {
    const s = SHACKLES.find((x) => x.sizeMm === numberOf(context.spec, SHACKLE_SIZE))!;
    const hole = numberOf(context.spec, HOLE);
    const typical = lengthOf(s, hole);
    const length = context.spec.lengthMm ?? typical;
    const bar = { widthMm: s.rodMm, thicknessMm: s.rodMm };
    const d = context.metrics.diameterMm;
    return {
      start: {
        ...barEnd('bow', length, bar, s.sizeMm, {
          shape: 'bow',
          bowMm: length + (HOLES.length - hole) * s.pitchMm,
          widthMm: s.sizeMm,
          wireMm: s.rodMm,
          holesMm: HOLES.map((n) => length + (n - hole) * s.pitchMm),
          holeMm: length,
        }),
        standoffMm: d,
      },
      end: { ...barEnd('pin', 0, bar, s.sizeMm, { shape: 'none' }), attach: 'returned' },
      finishedMm: context.finishedMm,
      adjust: {
        what: 'the pin',
        step: 'hole',
        setTo: { key: 'hole', now: hole },
        stepMm: s.pitchMm,
        rangeMm: [(1 - hole) * s.pitchMm, (HOLES.length - hole) * s.pitchMm],
      },
      figures: [
        {
          label: 'per hole',
          value: s.pitchMm,
          unit: 'mm',
          why: why`holes are ${len(s.pitchMm)} apart: each one makes the band that much tighter or looser; this is planned for hole ${num(hole, 0)} of ${num(HOLES.length, 0)}`,
        },
      ],
      hardware:
        context.spec.lengthMm === undefined
          ? why`typical ${len(s.sizeMm)} shackle: bow to first hole ${len(s.firstMm)} + ${num(hole - 1, 0)} × ${len(s.pitchMm)}`
          : why`as you measured it, bow to pin`,
    };
  },
};

export const lengthOf = (s: Shackle, hole: number): number => s.firstMm + (hole - 1) * s.pitchMm;
