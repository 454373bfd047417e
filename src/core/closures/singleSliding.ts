import { len, why } from '../why/why.ts';
import { knotName, knotSize } from './knots.ts';
import { knotOption, openOption, textOf } from './options.ts';
import { FINGER_GAP_MM, opening, run, runEnd, tieKnot, tyingTail } from './slide.ts';
import type { Closure, Option } from './types.ts';

/** Between the first end of the weave and the knot. */
const NECK_MM = 4;

const STOPPER = 'overhand';

export const gapOption: Option = {
  key: 'gapMm',
  label: 'Ends of the weave apart, closed',
  leastMm: 5,
  mostMm: 200,
  hint: 'About one finger. Never less than the knot needs.',
  usualMm: () => FINGER_GAP_MM,
};

interface Made {
  readonly id: string;
  readonly name: string;
  readonly knots: readonly string[];
  readonly words: string;
  readonly difficulty: Closure['difficulty'];
}

/** One end is knotted round the other, which runs through and dangles by as much as it opens. */
function single(made: Made): Closure {
  const knotChoice = knotOption('Knot', made.knots);
  return {
    id: made.id,
    name: made.name,
    family: 'sliding',
    group: 'sliding',
    phrase: (spec) =>
      made.knots.length > 1
        ? why`a ${made.name} (${knotName(textOf(spec, knotChoice))})`
        : why`a ${made.name}`,
    words: made.words,
    difficulty: made.difficulty,
    minutes: 5,
    options: [...(made.knots.length > 1 ? [knotChoice] : []), openOption, gapOption],
    close: (context) => {
      const d = context.metrics.diameterMm;
      const knot = knotSize(textOf(context.spec, knotChoice), d);
      const stopper = knotSize(STOPPER, d);
      const open = opening(context);
      const gap = Math.max(context.spec.gapMm ?? FINGER_GAP_MM, NECK_MM + knot.bodyMm + d);
      const travel = open.flatMm - context.finishedMm;
      const through = gap + travel - NECK_MM;
      return {
        start: runEnd(
          made.name,
          gap / 2,
          [
            run(NECK_MM, why`a short neck`, NECK_MM),
            tieKnot(knot, NECK_MM + knot.bodyMm, 'knot starts'),
            tyingTail(context.tailMm, NECK_MM + knot.bodyMm),
          ],
          { lengthMm: NECK_MM, cords: 1, knot: knot.id },
        ),
        end: runEnd(
          'running end',
          gap / 2,
          [
            run(
              through,
              why`through the knot when open: gap ${len(gap)} + opens by ${len(travel)} − neck ${len(NECK_MM)}`,
              through,
            ),
            tieKnot(stopper, through + stopper.bodyMm, 'stopper starts'),
            tyingTail(context.tailMm, through + stopper.bodyMm),
          ],
          { lengthMm: through, cords: 1, knot: STOPPER, leaves: { outMm: gap - NECK_MM, how: 'hangs' } },
        ),
        finishedMm: context.finishedMm,
        openMm: open.flatMm,
        danglesMm: travel,
        dangles: 'one tail with its stopper',
        knots: [knot.id, STOPPER],
        marks: [{ at: 'end', outMm: through, label: 'stopper starts here' }],
        adjust: { what: 'the knot', stepMm: 0, rangeMm: [NECK_MM + knot.bodyMm - gap, travel] },
        checks: [
          {
            id: 'stopper.holds',
            ok: stopper.widthMm > d * 1.5,
            message: why`the ${stopper.name.toLowerCase()}, ${len(stopper.widthMm)} wide, can’t be pulled through the knot that holds a ${len(d)} cord`,
          },
        ],
        figures: [
          {
            label: 'running end',
            value: through,
            unit: 'mm',
            why: why`${open.why}; from the weave to its stopper`,
          },
        ],
        hardware: why`between the ends of the weave, closed: ${len(gap)}, room for the knot and about a finger`,
      };
    },
  };
}

export const singleSlidings: readonly Closure[] = [
  single({
    id: 'single-sliding',
    name: 'single sliding knot',
    knots: ['sliding-1', 'sliding-2', 'sliding-3'],
    words:
      'One end is knotted round the other, which slides through it and ends in a stopper. The length that lets it open dangles when it is closed.',
    difficulty: 1,
  }),
  single({
    id: 'scaffold-noose',
    name: 'scaffold noose',
    knots: ['sliding-2', 'sliding-3'],
    words:
      'A noose: the end is wrapped two or three times round the other and led out through its wraps. It grips hard and slides when pushed.',
    difficulty: 2,
  }),
  single({
    id: 'folded-wrapped',
    name: 'folded-and-wrapped slider',
    knots: ['folded-wrapped'],
    words:
      'The end is folded back along both cords, wrapped twice round everything, and passed through the small bight that the fold left.',
    difficulty: 2,
  }),
];
