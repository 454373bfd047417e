import { counted, len, why } from '../why/why.ts';
import { knotName, knotSize } from './knots.ts';
import { loopOn, needsTwo } from './loop.ts';
import { knotOption, openOption, textOf } from './options.ts';
import { gapOption } from './singleSliding.ts';
import { FINGER_GAP_MM, opening, run, runEnd, tieKnot, tyingTail } from './slide.ts';
import type { Closing, Closure, ClosureContext, LegPart } from './types.ts';

type Check = NonNullable<Closing['checks']>[number];

const GRIP = 'diamond';
const STOPPER = knotOption('Stopper', ['overhand-two', 'diamond', 'toggle', 'sliding-2']);

/** How far each end of a friction loop that is a piece of its own lies inside the first rows. */
const INSIDE_ROWS = 4;
const LOOP_OF = {
  key: 'start',
  label: 'Friction loop',
  usual: 'fold',
  choices: [
    { value: 'fold', name: why`of the fold of the cores` },
    {
      value: 'piece',
      name: why`of a short piece of its own`,
      note: why`its ends run inside the first ${counted(INSIDE_ROWS, 'row')}, which hold them; it can be renewed`,
    },
  ],
} as const;

/** What a cinch measures, in mm: its friction loop (`head`), the gap when closed, and how far the ends run through. */
function cinchSizes(context: ClosureContext) {
  const d = context.metrics.diameterMm;
  const grip = knotSize(GRIP, d);
  const stopper = knotSize(textOf(context.spec, STOPPER), d);
  const loop = loopOn((Math.PI + 2) * d, d, d);
  const head = grip.bodyMm + loop.lengthMm + d;
  const open = opening(context);
  const gap = Math.max(context.spec.gapMm ?? FINGER_GAP_MM, head + d);
  const travel = open.flatMm - context.finishedMm;
  return { d, grip, stopper, loop, head, open, gap, travel, through: gap + travel - head };
}

/** A finger must get at the loop, and the stopper must not go through it. */
function cinchChecks(context: ClosureContext, gap: number, stopperMm: number): Check[] {
  const d = context.metrics.diameterMm;
  const isRoomy = gap >= FINGER_GAP_MM - 0.5;
  return [
    {
      id: 'cinch.gap',
      ok: isRoomy,
      message: isRoomy
        ? why`closed, the ends of the weave stay ${len(gap)} apart: about a finger`
        : why`closed, the ends of the weave are only ${len(gap)} apart: no finger gets at the loop`,
      ...(isRoomy
        ? {}
        : {
            fix: {
              label: why`keep them ${len(FINGER_GAP_MM)} apart`,
              patch: { closure: { ...context.spec, gapMm: FINGER_GAP_MM } },
            },
          }),
    },
    {
      id: 'stopper.holds',
      ok: stopperMm > 2 * d,
      message: why`the stopper, ${len(stopperMm)} wide, can’t be pulled through a loop on two cords, ${len(2 * d)}`,
    },
  ];
}

/** The two core ends run through a friction loop formed at the start and carry a stopper. */
export const cinch: Closure = {
  id: 'cinch',
  name: 'cinch',
  family: 'sliding',
  group: 'sliding',
  phrase: (spec) => why`a cinch with ${anA(knotName(textOf(spec, STOPPER)))} as its stopper`,
  words:
    'The fold of the cores is tied in a diamond whose top loop is drawn down hard on the two running core ends. Pull the ends to close it; pull the loop back to open it. Where the loop could loosen, its two strands may be fused at a hidden spot away from the skin.',
  difficulty: 4,
  minutes: 15,
  options: [STOPPER, LOOP_OF, openOption, gapOption],
  unsuited: needsTwo,
  close: (context) => {
    const { d, grip, stopper, loop, head, open, gap, travel, through } = cinchSizes(context);
    const leg: LegPart[] = [
      {
        what: 'closure',
        lengthMm: grip.cordMm,
        why: grip.cordWhy,
        reachMm: grip.bodyMm,
        mark: 'diamond starts',
      },
      {
        what: 'closure',
        lengthMm: loop.legMm,
        why: why`half of the top loop, drawn down on two cords`,
        reachMm: head,
      },
    ];
    const isPiece = textOf(context.spec, LOOP_OF) === 'piece';
    const inside = INSIDE_ROWS * context.metrics.rowHeightMm;
    const held = {
      what: 'closure' as const,
      lengthMm: inside,
      why: why`inside the first ${counted(INSIDE_ROWS, 'row')}, ${len(inside)}`,
    };
    return {
      start: {
        kind: 'loop',
        name: 'friction loop',
        takesMm: head,
        standoffMm: 0,
        carries: isPiece ? 0 : 2,
        legs: () => leg,
        shape: { shape: 'loop', straightMm: loop.straightMm, radiusMm: loop.radiusMm, knot: GRIP },
      },
      ...(isPiece
        ? {
            extra: [
              {
                role: 'friction loop',
                cordType: context.cord.id,
                fold: why`its middle is the top loop`,
                parts: [
                  held,
                  ...leg
                    .toReversed()
                    .map(({ what, lengthMm, why: words }) => ({ what, lengthMm, why: words })),
                  ...leg.map(({ what, lengthMm, why: words }) => ({ what, lengthMm, why: words })),
                  held,
                ],
              },
            ],
          }
        : {}),
      end: {
        ...runEnd(
          'running ends',
          gap - head,
          [],
          { lengthMm: through, cords: 2, knot: stopper.id, leaves: { outMm: gap - head + d, how: 'hangs' } },
          2,
        ),
        legs: (k) => [
          run(
            through,
            why`through the loop when open: ${open.why}; gap ${len(gap)} + opens by ${len(travel)} − friction loop ${len(head)}`,
            through,
          ),
          tieKnot(stopper, through + stopper.bodyMm, 'stopper starts', k),
          tyingTail(context.tailMm, through + stopper.bodyMm),
        ],
      },
      finishedMm: context.finishedMm,
      openMm: open.flatMm,
      danglesMm: travel,
      dangles: 'two cords with their stopper',
      marks: [
        { at: 'end', outMm: 0, label: 'stop here', what: 'stop' },
        { at: 'end', outMm: through, label: 'stopper starts here' },
      ],
      adjust: { what: 'the running ends', stepMm: 0, rangeMm: [head - gap, travel] },
      checks: cinchChecks(context, gap, stopper.widthMm),
      figures: [
        {
          label: 'stopper from the weave',
          value: through,
          unit: 'mm',
          why: why`${open.why}, so that the open band still holds its stopper`,
        },
      ],
      hardware: why`between the ends of the weave, closed: ${len(gap)}; the friction loop takes ${len(head)} of it`,
    };
  },
};

const anA = (name: string): string => `${/^[aeiou]/.test(name) ? 'an' : 'a'} ${name}`;
