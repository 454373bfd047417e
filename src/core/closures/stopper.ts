import { len, why } from '../why/why.ts';
import { type KnotSize, knotName } from './knots.ts';
import type { BandEnd, LegPart } from './types.ts';

/** How a knot at the end of the band is named on it. */
const STARTS = 'stopper starts here';

/** Cords between the last row and the stopper: through the loop's cord, and up to the knot. */
export const neckMm = (d: number): number => 1.5 * d;

/** From one stopper to the next one on a row: its body and the neck that the loop closes on. */
export const nextStopperMm = (knot: KnotSize, neck: number): number => knot.bodyMm + neck;

/**
 * The end of a band that carries a knot: cords run on over the neck and are tied, and as often again as there are
 * stoppers on a row. A knot of one strand is tied in the first cord; round the second if the knot is one that others
 * pass through.
 */
export function stopperEnd(knot: KnotSize, neck: number, d: number, tailMm: number, stoppers = 1): BandEnd {
  const carries = knot.tied + knot.passing;
  const further = nextStopperMm(knot, neck);
  const tail: LegPart = {
    what: 'tail',
    lengthMm: tailMm,
    why: why`your hands need ${len(tailMm)} of each end to tie it; all but a few millimetres are snipped off`,
    reachMm: stoppers * further + d,
  };
  const legs = (k: number): LegPart[] => [
    ...Array.from({ length: stoppers }, (_, i): LegPart[] => [
      {
        what: 'closure',
        lengthMm: neck,
        why:
          i === 0
            ? why`from the last row through the loop: one and a half diameters`
            : why`to the next stopper, so that the loop closes here, too: one and a half diameters`,
        reachMm: i * further + neck,
      },
      {
        what: 'closure',
        lengthMm: k < knot.tied ? knot.cordMm : knot.bodyMm,
        why: k < knot.tied ? knot.cordWhy : why`straight through the ${knot.name.toLowerCase()}`,
        reachMm: (i + 1) * further,
        ...(i === 0 ? { mark: STARTS } : {}),
      },
    ]).flat(),
    tail,
  ];
  return {
    kind: 'run',
    name: stoppers === 1 ? knot.name.toLowerCase() : `${knotName(knot.id)}, ${stoppers} on a row`,
    takesMm: 0,
    standoffMm: 0,
    carries,
    legs,
    shape: {
      shape: 'run',
      lengthMm: neck,
      cords: carries,
      knot: knot.id,
      ...(stoppers > 1 ? { again: stoppers - 1 } : {}),
      tailMm: 6,
      leaves: { outMm: 0, how: stoppers > 1 ? 'hangs' : 'stands' },
    },
  };
}
