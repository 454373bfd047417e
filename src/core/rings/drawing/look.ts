import type { CordColour } from '../../colour/palette.ts';
import type { Lay } from '../lays.ts';
import type { RingPlan } from '../planned.ts';
import type { RingOnMandrel } from '../sizes.ts';

/** What a planned ring is drawn from, flat or in the round. Lengths in mm. */
export interface RingLook {
  readonly ring: RingOnMandrel;
  readonly widthMm: number;
  readonly lays: readonly Lay[];
  /** Colour of each cord, and which of them a step has. */
  readonly colours: readonly CordColour[];
  readonly cordOf: (lay: Lay) => number;
}

export const lookOf = (plan: RingPlan): RingLook => ({
  ring: plan.ring,
  widthMm: plan.widthMm,
  lays: plan.lays,
  colours: coloursOf(plan),
  cordOf: cordOfLay(plan),
});

/** Index of the colour of a step: each strand may have its own. */
export function cordOfLay(plan: RingPlan): (lay: Lay) => number {
  const own = plan.strands > 1 ? plan.design.strandCords : undefined;
  return own ? (lay) => own[lay.strand - 1] ?? 0 : (lay) => lay.cord;
}

/** Colours by the number of a cord in the design. */
export function coloursOf(plan: RingPlan): CordColour[] {
  const colours = plan.design.cords.map((_, i) => plan.cords.find((c) => c.cord === i)?.colour);
  return colours.map((colour) => colour ?? plan.cords[0]!.colour);
}
