import { len, num, why } from '../why/why.ts';
import { larksHeadLegMm } from './attach.ts';
import type { KnotSize } from './knots.ts';
import type { BandEnd, Closing, ClosureContext } from './types.ts';

type Held = NonNullable<BandEnd['held']>;

/** How the loop of a band without cores is begun when there are several cords. */
export const START = {
  key: 'start',
  label: 'Its loop begins with',
  usual: 'fold',
  choices: [
    { value: 'fold', name: why`the folds side by side` },
    {
      value: 'hooked',
      name: why`two cords hooked in each other’s middles`,
      note: why`the first one’s fold is the loop; four ends`,
    },
    {
      value: 'hitched',
      name: why`a second cord hitched on by its middle`,
      note: why`the first one’s fold is the loop; four ends, of unlike lengths`,
    },
  ],
} as const;

/** The same over cores: a third one may be led through a diamond at each end, and drawn to length last. */
export const THROUGH = 'through';
export const START_WITH_CORES = {
  ...START,
  choices: [
    ...START.choices,
    {
      value: THROUGH,
      name: why`a diamond under the loop, a third core led through both`,
      note: why`the third core stays adjustable until last`,
    },
  ],
} as const;

/** A core that is led through a knot and beyond it, until it is drawn to length and snipped. */
export function ledThrough(knot: KnotSize, neckMm: number, handMm: number): NonNullable<BandEnd['passing']> {
  const body = knot.bodyMm + neckMm;
  return {
    how: why`Lead the third core through the ${knot.name.toLowerCase()} before it is drawn tight. Leave it free until the band fits; then draw it to length, and snip and seal it against the knot.`,
    legs: [
      {
        what: 'closure',
        lengthMm: body,
        why: why`straight through the ${knot.name.toLowerCase()}, ${len(body)}`,
        reachMm: body,
      },
      {
        what: 'tail',
        lengthMm: handMm,
        why: why`hand length: ${len(handMm)} to draw it to length by; then it is snipped off`,
        reachMm: body,
      },
    ],
  };
}

/**
 * What each half of the other cord uses where it is held at the loop. Hooked: its bight goes round both legs of the loop that
 * lie side by side, a quarter turn of radius d on each side of a straight d: (π + 1)·d, halved. Hitched: a lark's head round
 * both legs, as round a bar 2·d wide and d thick.
 */
export function heldAt(start: string, d: number): Held | undefined {
  if (start === 'hooked')
    return {
      lengthMm: ((Math.PI + 1) * d) / 2,
      why: why`half of its bight, hooked round both legs of the loop: (π + 1) × ${len(d)} / 2`,
      how: why`Hook the two cords in each other’s middles and draw the first one’s fold out to the loop; the other one’s bight stays at its foot.`,
    };
  if (start === 'hitched') {
    const leg = larksHeadLegMm({ widthMm: 2 * d, thicknessMm: d }, d);
    return {
      lengthMm: leg.lengthMm,
      why: why`hitched round both legs of the loop. ${leg.why}`,
      how: why`Leave the first cord’s fold standing as the loop, and hitch the other one round both its legs at its middle: a lark’s head, drawn down to the first row.`,
    };
  }
  return undefined;
}

/** Two cords need four ends that run from end to end. */
export function startChecks(context: ClosureContext, start: string): NonNullable<Closing['checks']> {
  if (start === START.usual) return [];
  const isThrough = start === THROUGH;
  if (isThrough ? context.tied === 3 : context.tied >= 4) return [];
  const { start: _start, ...rest } = context.spec;
  return [
    {
      id: 'loop.start',
      ok: false,
      message: isThrough
        ? why`a third core needs three that run through, and this weave has ${num(context.tied, 0)}`
        : why`two cords for the loop need four ends that run through, and this weave has ${num(context.tied, 0)}`,
      fix: {
        label: why`begin with the folds side by side`,
        patch: { closure: rest as ClosureContext['spec'] },
      },
    },
  ];
}
