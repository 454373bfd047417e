import { holeForMm } from '../cord/packed.ts';
import { len, sold, why } from '../why/why.ts';
import { knotSize } from './knots.ts';
import { LOOP_AS_IT_IS, loopChecks, loopEnd, loopFor, loopOn, needsTwo } from './loop.ts';
import { LOOP_SHARE, numberOf, sizes } from './options.ts';
import { neckMm } from './stopper.ts';
import type { Closing, Closure, ClosureContext, LegPart } from './types.ts';

type Check = NonNullable<Closing['checks']>[number];

/** Beads by diameter, with the hole that two cords go through. */
const BEADS = [
  { sizeMm: 10, holeMm: 4 },
  { sizeMm: 14, holeMm: 6 },
  { sizeMm: 18, holeMm: 8 },
  { sizeMm: 22, holeMm: 11 },
] as const;

const SIZE = sizes(
  'Bead',
  BEADS.map((b) => ({ sizeMm: b.sizeMm, note: why`hole ${len(b.holeMm)}` })),
  18,
);

/** The cords go through its hole, the loop closes round its neck, and the knot behind it does not slip through. */
function beadChecks(
  context: ClosureContext,
  bead: (typeof BEADS)[number],
  innerMm: number,
  knotMm: number,
): Check[] {
  const need = holeForMm(2, context.metrics.diameterMm);
  const fits = need <= bead.holeMm;
  const better = BEADS.find((x) => x.holeMm >= need);
  return [
    {
      id: 'bead.hole',
      ok: fits,
      message: fits
        ? why`two cords, squeezed to ${len(need)}, fit through its ${len(bead.holeMm)} hole`
        : why`two cords, squeezed to ${len(need)}, don’t fit through its ${len(bead.holeMm)} hole: choose a larger bead or thinner cord`,
      ...(fits || !better
        ? {}
        : {
            fix: {
              label: why`choose the ${sold(better.sizeMm)} bead`,
              patch: { closure: { ...context.spec, sizeMm: better.sizeMm } },
            },
          }),
    },
    ...loopChecks(context, innerMm, Math.PI * bead.sizeMm, 'bead'),
    {
      id: 'bead.knot',
      ok: knotMm > bead.holeMm,
      message:
        knotMm > bead.holeMm
          ? why`the overhand behind it, ${len(knotMm)} wide, can’t be pulled through`
          : why`the overhand behind it, ${len(knotMm)} wide, would pull through its ${len(bead.holeMm)} hole: choose a bead with a smaller hole`,
    },
  ];
}

/** A bead as the stopper, held by an overhand behind it. */
export const bead: Closure = {
  id: 'bead',
  name: 'bead clasp',
  family: 'buckled',
  group: 'buckle',
  phrase: (spec) => why`a ${sold(numberOf(spec, SIZE))} bead in a loop`,
  words:
    'Both ends go through the bead and are tied in one overhand behind it; the loop closes round its neck.',
  difficulty: 2,
  minutes: 6,
  options: [SIZE, LOOP_SHARE, LOOP_AS_IT_IS],
  unsuited: needsTwo,
  close: (context) => {
    const d = context.metrics.diameterMm;
    const b = BEADS.find((x) => x.sizeMm === numberOf(context.spec, SIZE))!;
    const knot = knotSize('overhand-two', d);
    const inner = loopFor(
      context.spec,
      Math.PI * b.sizeMm,
      numberOf(context.spec, LOOP_SHARE),
      'the bead is',
    );
    const loop = loopOn(inner.mm, d, d);
    const neck = neckMm(d);
    const legs: LegPart[] = [
      { what: 'closure', lengthMm: neck, why: why`from the last row through the loop`, reachMm: neck },
      {
        what: 'closure',
        lengthMm: b.sizeMm,
        why: why`through the bead`,
        reachMm: neck + b.sizeMm,
        mark: 'bead sits here',
      },
      { what: 'closure', lengthMm: knot.cordMm, why: knot.cordWhy, reachMm: neck + b.sizeMm + knot.bodyMm },
      {
        what: 'tail',
        lengthMm: context.tailMm,
        why: why`to tie with: ${len(context.tailMm)}; the rest is snipped off`,
        reachMm: neck + b.sizeMm + knot.bodyMm,
      },
    ];
    return {
      start: loopEnd(loop, d),
      end: {
        kind: 'run',
        name: 'bead',
        takesMm: 0,
        standoffMm: 0,
        carries: 2,
        legs: () => legs,
        shape: {
          shape: 'run',
          lengthMm: neck,
          cords: 2,
          beadMm: b.sizeMm,
          knot: knot.id,
          tailMm: 6,
          leaves: { outMm: 0, how: 'stands' },
        },
      },
      finishedMm: context.finishedMm,
      marks: [{ at: 'end', outMm: neck, label: 'bead sits here' }],
      checks: beadChecks(context, b, inner.mm, knot.widthMm),
      figures: [{ label: 'loop, inside', value: inner.mm, unit: 'mm', why: inner.why }],
      hardware: why`loop ${len(loop.lengthMm)} inside + its own cord ${len(d)}; the bead stands up out of it`,
    };
  },
  cautions: ['A bead is a small part: it can choke a small child.'],
};
