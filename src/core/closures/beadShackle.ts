import { holeForMm } from '../cord/packed.ts';
import { counted, len, sold, why } from '../why/why.ts';
import { barEnd } from './buckled.ts';
import { numberOf } from './options.ts';
import { lengthOf, SHACKLE_SIZE, SHACKLES } from './shackle.ts';
import { neckMm } from './stopper.ts';
import type { Closing, Closure, ClosureContext, LegPart } from './types.ts';

/** The bead is this much wider than the shackle inside, so that it can’t follow its cord. */
const BEAD_OVER_MM = 4;
const BEAD_HOLE_MM = 8;
/** The end is led back under so many rows. */
const BACK_ROWS = 3;
/** The pin sits in the tightest hole. */
const HOLE = 1;

/** The cord of the bead: out over the neck, through the bead, round, and back through all of it under the last rows. */
function beadLegs(context: ClosureContext, rodMm: number, beadMm: number): LegPart[] {
  const d = context.metrics.diameterMm;
  const neck = neckMm(d) + rodMm;
  const back = BACK_ROWS * context.metrics.rowHeightMm;
  return [
    {
      what: 'closure',
      lengthMm: neck,
      why: why`the neck: through the shackle, ${len(rodMm)}, and one and a half diameters`,
      reachMm: neck,
    },
    {
      what: 'closure',
      lengthMm: 2 * beadMm + (Math.PI * d) / 2,
      why: why`through the ${sold(beadMm)} bead, round, and back through it`,
      reachMm: neck + beadMm,
      mark: 'bead sits here',
    },
    {
      what: 'closure',
      lengthMm: neck + back,
      why: why`back along the neck and under ${counted(BACK_ROWS, 'row')}, ${len(back)}`,
      reachMm: neck,
    },
    {
      what: 'tail',
      lengthMm: context.tailMm,
      why: why`hand length: ${len(context.tailMm)} to lead it back by; then it is snipped off`,
      reachMm: neck,
    },
  ];
}

function beadChecks(d: number, insideMm: number, beadMm: number): NonNullable<Closing['checks']> {
  const need = holeForMm(2, d);
  const isThrough = need <= BEAD_HOLE_MM;
  const stays = 2 * d <= insideMm;
  return [
    {
      id: 'bead.back',
      ok: isThrough,
      message: isThrough
        ? why`the cord goes twice through the bead: squeezed to ${len(need)}, it fits its ${len(BEAD_HOLE_MM)} hole`
        : why`the cord goes twice through the bead: squeezed to ${len(need)}, it doesn’t fit a ${len(BEAD_HOLE_MM)} hole. Choose thinner cord`,
    },
    {
      id: 'bead.stays',
      ok: stays,
      message: stays
        ? why`the neck, two cords of ${len(d)}, fits in the shackle, ${len(insideMm)} wide inside; the bead, ${len(beadMm)}, can’t follow it`
        : why`the neck, two cords of ${len(d)}, is too wide for the shackle, ${len(insideMm)} inside: choose a larger one`,
    },
  ];
}

/** A shackle at one end; at the other a bead, whose cord is led back through it. The shackle holds the neck before the bead. */
export const beadShackle: Closure = {
  id: 'bead-shackle',
  name: 'bead-and-shackle clasp',
  family: 'buckled',
  group: 'buckle',
  phrase: (spec) => why`a bead in a ${sold(numberOf(spec, SHACKLE_SIZE))} shackle`,
  words:
    'One end is hitched to the bow of the shackle. At the other the spine, or a core where there is none, goes through a bead, is led back through it and under the last rows. Put the neck before the bead into the shackle; the pin keeps it there.',
  difficulty: 3,
  minutes: 10,
  options: [SHACKLE_SIZE],
  close: (context) => {
    const s = SHACKLES.find((x) => x.sizeMm === numberOf(context.spec, SHACKLE_SIZE))!;
    const d = context.metrics.diameterMm;
    const hasSpine = context.weave.strands.some((x) => x.role === 'spine');
    const inside = lengthOf(s, HOLE);
    const bar = { widthMm: s.rodMm, thicknessMm: s.rodMm };
    const bead = s.sizeMm + BEAD_OVER_MM;
    const legs = beadLegs(context, s.rodMm, bead);
    const neck = legs[0]!.lengthMm;
    return {
      start: {
        ...barEnd('bow', inside, bar, s.sizeMm, {
          shape: 'bow',
          bowMm: inside,
          widthMm: s.sizeMm,
          wireMm: s.rodMm,
          holesMm: [inside],
          holeMm: inside,
        }),
        standoffMm: d,
      },
      end: {
        kind: 'run',
        name: 'bead',
        takesMm: 0,
        standoffMm: 0,
        carries: hasSpine ? 0 : 1,
        byTheSpine: hasSpine,
        legs: () => legs,
        shape: {
          shape: 'run',
          lengthMm: neck,
          cords: 1,
          beadMm: bead,
          tailMm: 0,
          leaves: { outMm: 0, how: 'stands' },
        },
      },
      finishedMm: context.finishedMm,
      marks: [{ at: 'end', outMm: neck, label: 'bead sits here' }],
      checks: beadChecks(d, s.sizeMm, bead),
      hardware: why`typical ${sold(s.sizeMm)} shackle, ${len(inside)} from bow to pin`,
    };
  },
  cautions: ['A bead is a small part: it can choke a small child.'],
};
