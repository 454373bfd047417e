import { len, why } from '../why/why.ts';
import type { KnotSize } from './knots.ts';
import type { BandEnd, LegPart } from './types.ts';

/** How a knot at the end of the band is named on it. */
const STARTS = 'stopper starts here';

/** Cords between the last row and the stopper: through the loop's cord, and up to the knot. */
export const neckMm = (d: number): number => 1.5 * d;

/**
 * The end of a band that carries a knot: cords run on over the neck and are tied. A knot of one strand is tied in the
 * first cord; round the second if the knot is one that others pass through.
 */
export function stopperEnd(knot: KnotSize, neck: number, d: number, tailMm: number): BandEnd {
  const carries = knot.tied + knot.passing;
  const tail: LegPart = {
    what: 'tail',
    lengthMm: tailMm,
    why: why`your hands need ${len(tailMm)} of each end to tie it; all but a few millimetres are snipped off`,
    reachMm: neck + knot.bodyMm + d,
  };
  const legs = (k: number): LegPart[] => [
    {
      what: 'closure',
      lengthMm: neck,
      why: why`from the last row through the loop: one and a half diameters`,
      reachMm: neck,
    },
    {
      what: 'closure',
      lengthMm: k < knot.tied ? knot.cordMm : knot.bodyMm,
      why: k < knot.tied ? knot.cordWhy : why`straight through the ${knot.name.toLowerCase()}`,
      reachMm: neck + knot.bodyMm,
      mark: STARTS,
    },
    tail,
  ];
  return {
    kind: 'run',
    name: knot.name.toLowerCase(),
    takesMm: 0,
    standoffMm: 0,
    carries,
    legs,
    shape: {
      shape: 'run',
      lengthMm: neck,
      cords: carries,
      knot: knot.id,
      tailMm: 6,
      leaves: { outMm: 0, how: 'stands' },
    },
  };
}
