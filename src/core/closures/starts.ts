import { len, num, why } from '../why/why.ts';
import { larksHeadLegMm } from './attach.ts';
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
  if (start === START.usual || context.tied >= 4) return [];
  const { start: _start, ...rest } = context.spec;
  return [
    {
      id: 'loop.start',
      ok: false,
      message: why`two cords for the loop need four ends that run through, and this weave has ${num(context.tied, 0)}`,
      fix: {
        label: why`begin with the folds side by side`,
        patch: { closure: rest as ClosureContext['spec'] },
      },
    },
  ];
}
