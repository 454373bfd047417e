import { len, type Why, why } from '../why/why.ts';
import type { KnotSize } from './knots.ts';
import type { BandEnd, ClosureContext, LegPart } from './types.ts';

/** Room beyond the hand, so that it goes over without pulling. */
export const CLEARANCE_MM = 10;
/** The ends of a cinched weave stay about one finger apart. */
export const FINGER_GAP_MM = 25;
/** Where nothing has to be passed over, it opens by this much. */
const USUAL_TRAVEL_MM = 60;

/** How wide it must open: flat length along the middle plane, and why. */
export interface Opening {
  readonly flatMm: number;
  readonly innerMm: number;
  readonly why: Why;
}

/** The open girth as typed, else what it must pass over and a little room. Never less than it is closed. */
export function opening(context: ClosureContext): Opening {
  const bend = context.finishedMm - innerOf(context);
  const typed = context.spec.openMm;
  const wanted = context.pass ? context.pass.mm + CLEARANCE_MM : innerOf(context) + USUAL_TRAVEL_MM;
  const inner = Math.max(typed ?? wanted, innerOf(context));
  const what =
    typed !== undefined
      ? why`open to the ${len(typed)} inside that you set`
      : context.pass
        ? why`${context.pass.name} ${len(context.pass.mm)} + ${len(CLEARANCE_MM)} to spare`
        : why`closed ${len(innerOf(context))} + ${len(USUAL_TRAVEL_MM)}`;
  return { flatMm: inner + bend, innerMm: inner, why: what };
}

/** A band of thickness t loses π·t of its flat length inside. */
export const innerOf = (context: ClosureContext): number =>
  context.finishedMm - Math.PI * context.metrics.thicknessMm;

/** A stretch of cord that runs on straight from the weave's edge. */
export const run = (lengthMm: number, words: Why, reachMm: number): LegPart => ({
  what: 'closure',
  lengthMm,
  why: words,
  reachMm,
});

export function tieKnot(knot: KnotSize, reachMm: number, mark: string, k = 0): LegPart {
  return {
    what: 'closure',
    lengthMm: k < knot.tied ? knot.cordMm : knot.bodyMm,
    why: k < knot.tied ? knot.cordWhy : why`straight through the ${knot.name.toLowerCase()}`,
    reachMm,
    mark,
  };
}

export const tyingTail = (tailMm: number, reachMm: number): LegPart => ({
  what: 'tail',
  lengthMm: tailMm,
  why: why`your hands need ${len(tailMm)} of the end to tie it; what is left is snipped off and sealed to its own knot`,
  reachMm,
});

/** An end at which cords run on beyond the weave. */
export function runEnd(
  name: string,
  takesMm: number,
  legs: readonly LegPart[],
  shape: Omit<Extract<BandEnd['shape'], { shape: 'run' }>, 'shape' | 'tailMm'>,
  carries = 1,
): BandEnd {
  return {
    kind: 'run',
    name,
    takesMm,
    standoffMm: 0,
    carries,
    legs: () => legs,
    shape: { shape: 'run', tailMm: 5, ...shape },
  };
}
