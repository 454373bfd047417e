import { counted, len, num, why } from '../why/why.ts';
import { knotName, knotSize } from './knots.ts';
import { LOOP_AS_IT_IS, loopChecks, loopFor } from './loop.ts';
import { knotOption, LOOP_SHARE, numberOf, textOf } from './options.ts';
import { neckMm, stopperEnd } from './stopper.ts';
import type { Closure, LegPart } from './types.ts';

const KNOT = knotOption('Stopper', ['overhand-two', 'diamond', 'sliding-2', 'double-overhand']);
const ROWS = {
  key: 'rows',
  label: 'Each strand tucked back under',
  usual: 3,
  choices: [2, 3, 4].map((n) => ({ value: n, name: why`${counted(n, 'row')}` })),
} as const;

/** The braid's own end bent back to a loop, each strand tucked along its own colour. */
export const braidLoop: Closure = {
  id: 'braid-loop',
  name: 'loop worked back',
  family: 'tied',
  group: 'tied',
  phrase: (spec) => why`a ${knotName(textOf(spec, KNOT))} in a loop worked back into the braid`,
  words:
    'Braid on for the loop, bend the end back, and tuck each strand under rows of its own colour with a fid. The other end carries a stopper.',
  difficulty: 4,
  minutes: 20,
  options: [KNOT, LOOP_SHARE, LOOP_AS_IT_IS, ROWS],
  unsuited: (weave) =>
    weave.strands.some((s) => s.role === 'core') || weave.strands.reduce((n, s) => n + s.periods, 0) < 3
      ? 'Only a braid has strands that can be tucked back into their own colour: choose a flat braid, or a loop at the fold.'
      : undefined,
  close: (context) => {
    const { diameterMm: d, thicknessMm: t, strands } = context.metrics;
    const knot = knotSize(textOf(context.spec, KNOT), d);
    const inner = loopFor(
      context.spec,
      knot.girthMm,
      numberOf(context.spec, LOOP_SHARE),
      `the ${knot.name.toLowerCase()} is`,
    );
    const rows = numberOf(context.spec, ROWS);
    const tucked = rows * context.metrics.rowHeightMm;
    const perLength = strands[0]!.perLength;
    // The braid is bent round its own thickness: its middle plane is π·t/2 longer than the inside on a half turn.
    const r = knot.widthMm / 3;
    const straight = Math.max(0, (inner.mm - Math.PI * r - 2 * r) / 2);
    const braided = 2 * straight + Math.PI * (r + t / 2);
    const leg: LegPart[] = [
      {
        what: 'closure',
        lengthMm: braided * perLength,
        why: why`braided on for the loop, ${len(braided)} of braid, which uses ${num(perLength)} × its length`,
        reachMm: straight + r + t,
        mark: 'loop starts',
      },
      {
        what: 'closure',
        lengthMm: tucked * perLength,
        why: why`tucked back under ${counted(rows, 'row')}, ${len(tucked)}`,
        reachMm: straight + r + t,
      },
      {
        what: 'tail',
        lengthMm: context.tailMm,
        why: why`to tuck with: ${len(context.tailMm)}; the rest is snipped off`,
        reachMm: straight + r + t,
      },
    ];
    const stopper = stopperEnd(knot, neckMm(d), d, context.tailMm);
    return {
      // The braid starts at the stopper, where its cords are cut to ends; the loop comes last.
      start: {
        kind: 'run',
        name: 'loop, worked back',
        takesMm: straight + r + t,
        standoffMm: 0,
        carries: context.tied,
        legs: () => leg,
        shape: { shape: 'loop', straightMm: straight, radiusMm: r },
      },
      end: {
        ...stopper,
        carries: context.tied,
        legs: (k) => (k < knot.tied + knot.passing ? stopper.legs(k) : idle(context.tailMm)),
      },
      finishedMm: context.finishedMm,
      marks: [
        { at: 'start', outMm: 0, label: 'bend back here' },
        { at: 'end', outMm: neckMm(d), label: 'stopper starts here' },
      ],
      checks: loopChecks(context, inner.mm, knot.girthMm, knot.name.toLowerCase()),
      figures: [{ label: 'loop, inside', value: inner.mm, unit: 'mm', why: inner.why }],
      hardware: why`loop ${len(straight + r)} inside + the braid’s own thickness ${len(t)}`,
    };
  },
};

/** Strands that the stopper is not tied in are whipped into the end. */
const idle = (tailMm: number): LegPart[] => [
  {
    what: 'tail',
    lengthMm: Math.min(tailMm, 60),
    why: why`whipped in at the last row and snipped`,
    reachMm: 0,
  },
];
