import { len, num, percent, why } from '../why/why.ts';
import { CLEARANCE_MM, innerOf } from './slide.ts';
import type { BandEnd, Closure } from './types.ts';

const TIP: BandEnd = {
  kind: 'tip',
  name: 'tucked end',
  takesMm: 0,
  standoffMm: 0,
  carries: 0,
  legs: () => [],
  shape: { shape: 'none' },
};

/** No closure: a ring whose ends meet and are tucked into each other. It must pass the hand as it is. */
export const slipOn: Closure = {
  id: 'slip-on',
  name: 'slip-on ring',
  family: 'worn on',
  phrase: () => why`nothing: it slips on`,
  words:
    'The two ends meet and are tucked under each other’s rows. It goes on over the hand and never opens.',
  difficulty: 3,
  minutes: 15,
  options: [],
  close: (context) => {
    const bend = context.finishedMm - innerOf(context);
    const pass = context.pass ? context.pass.mm + CLEARANCE_MM : 0;
    const inner = Math.max(innerOf(context), pass);
    const room = inner - context.girthMm;
    const isLoose = room > 0.35 * context.girthMm;
    return {
      start: TIP,
      end: TIP,
      finishedMm: inner + bend,
      openMm: inner + bend,
      danglesMm: 0,
      hardware: context.pass
        ? why`none; inside it must go over the ${context.pass.name} ${len(context.pass.mm)} with ${len(CLEARANCE_MM)} to spare`
        : why`none`,
      checks: [
        {
          id: 'slip.loose',
          ok: !isLoose,
          message: isLoose
            ? why`worn, it has ${len(room)} of slack, ${percent(Math.round((room / context.girthMm) * 100) / 100)} of the girth: it can slip off or catch. A closure that opens sits closer.`
            : why`worn, it has ${len(room)} of slack, because it has to go on over the ${context.pass?.name ?? 'body'}`,
        },
      ],
    };
  },
};

/** A wrist is an oval about half again as wide as it is thick: by Ramanujan its thinner side is 0.252 of its girth. */
const THIN_SIDE = 0.252;
/** A cuff flexes open by a good third when it is turned on over the thin side. */
const LEAST_OPENING = 0.6;

/** A stiff cuff that stays open on the inside of the wrist. */
export const openCuff: Closure = {
  id: 'open-cuff',
  name: 'open cuff',
  family: 'worn on',
  phrase: (spec) =>
    why`nothing: an open cuff${spec.gapMm === undefined ? '' : why` with a ${len(spec.gapMm)} opening`}`,
  words:
    'The ends stay apart. A weave is soft: it needs a bendable strip inside, its ends padded. It goes on over the thin side of the wrist.',
  difficulty: 3,
  minutes: 12,
  options: [
    {
      key: 'gapMm',
      label: 'Opening',
      leastMm: 10,
      mostMm: 120,
      hint: 'Between the two ends. About two thirds of the wrist’s thin side.',
    },
  ],
  close: (context) => {
    const thin = context.girthMm * THIN_SIDE;
    const gap = context.spec.gapMm ?? thin * 0.66;
    const ok = gap >= thin * LEAST_OPENING - 0.1;
    return {
      start: { ...TIP, name: 'end', takesMm: gap / 2 },
      end: { ...TIP, name: 'end', takesMm: gap / 2 },
      finishedMm: context.finishedMm,
      danglesMm: 0,
      hardware: why`the opening: ${context.spec.gapMm === undefined ? why`two thirds of the thin side, ${len(thin)}` : why`as you set it`}`,
      checks: [
        {
          id: 'cuff.opening',
          ok,
          message: ok
            ? why`an opening of ${len(gap)} goes on over the wrist’s thin side, about ${len(thin)} (girth × ${num(THIN_SIDE, 3)})`
            : why`an opening of ${len(gap)} is narrow for a wrist about ${len(thin)} thick: it would have to bend so far that the strip inside breaks`,
          ...(ok
            ? {}
            : {
                fix: {
                  label: why`open it to ${len(thin * 0.66)}`,
                  patch: { closure: { ...context.spec, gapMm: Math.round(thin * 0.66) } },
                },
              }),
        },
      ],
    };
  },
};
