import type { Check } from '../plan/check.ts';
import { len, num, percent, type Why, why } from '../why/why.ts';
import type { BandEnd, ClosureSpec, LegPart, Option } from './types.ts';

/** A loop that the fold of two cords leaves at the start, closed round what it holds. Lengths in mm. */
export interface Loop {
  /** Inner perimeter, the base between the two legs included. */
  readonly innerMm: number;
  /** Straight part of each leg, and the inner radius of the bend round the neck that it holds. */
  readonly straightMm: number;
  readonly radiusMm: number;
  /** From the weave to the loop's inner end. */
  readonly lengthMm: number;
  /** Cord of each leg along its middle, to the middle of the fold. */
  readonly legMm: number;
  readonly why: Why;
}

/**
 * The loop closed on a neck of radius r lies as a stadium: legs of length s a neck's width apart and a half circle round the neck.
 * Its inner perimeter is p = 2s + πr + 2r, so s = (p − (π + 2)·r)/2; it is s + r long inside; along a cord of diameter
 * d each leg is s + π(r + d/2)/2.
 */
export function loopOn(innerMm: number, neckRadiusMm: number, d: number): Loop {
  const r = neckRadiusMm;
  const straight = Math.max(0, (innerMm - (Math.PI + 2) * r) / 2);
  return {
    innerMm,
    straightMm: straight,
    radiusMm: r,
    lengthMm: straight + r,
    legMm: straight + (Math.PI * (r + d / 2)) / 2,
    why: why`inner perimeter ${len(innerMm)}: legs of ${len(straight)} and half round a neck ${len(2 * r)} thick`,
  };
}

/** Inner perimeter for what must pass it: its girth × 1.00 to 1.15. */
export function loopPerimeter(girthMm: number, share: number, what: string): { mm: number; why: Why } {
  return {
    mm: girthMm * share,
    why: why`${what} ${len(girthMm)} round × ${num(share)}: it passes with ${percent(share - 1)} to spare and is then held`,
  };
}

const MOST_LOOP_SHARE = 1.15;

/** The loop as the design wants it: as the maker measured it laid flat, else from the girth and the share. */
export function loopFor(
  spec: ClosureSpec,
  girthMm: number,
  share: number,
  what: string,
): { mm: number; why: Why } {
  if (spec.lengthMm === undefined) return loopPerimeter(girthMm, share, what);
  return { mm: 2 * spec.lengthMm, why: why`twice the ${len(spec.lengthMm)} that you measured, laid flat` };
}

/** Does the loop let it through, and hold it then? A loop that does not is put right by making it again. */
export function loopChecks(
  context: { readonly spec: ClosureSpec },
  innerMm: number,
  girthMm: number,
  what: string,
): Check[] {
  const passes = innerMm >= girthMm - 0.01;
  const holds = innerMm <= girthMm * MOST_LOOP_SHARE + 0.01;
  const fix = {
    label: why`make the loop ${len((girthMm * 1.05) / 2)} laid flat`,
    patch: { closure: { ...without(context.spec, 'lengthMm'), loopShare: 1.05 } },
  };
  return [
    {
      id: 'loop.passes',
      ok: passes,
      message: passes
        ? why`the loop, ${len(innerMm)} round inside, lets the ${what} through, ${len(girthMm)} round`
        : why`the loop, ${len(innerMm)} round inside, does not let the ${what} through, ${len(girthMm)} round: it is ${len(girthMm - innerMm)} short`,
      ...(passes ? {} : { fix }),
    },
    {
      id: 'loop.holds',
      ok: holds,
      message: holds
        ? why`and holds it: it is ${percent(Math.round((innerMm / girthMm - 1) * 1000) / 1000)} larger`
        : why`the loop is ${percent(Math.round((innerMm / girthMm - 1) * 1000) / 1000)} larger than the ${what} and will let it slip; ${percent(MOST_LOOP_SHARE - 1)} is the most`,
      ...(holds ? {} : { fix }),
    },
  ];
}

export const LOOP_AS_IT_IS: Option = {
  key: 'lengthMm',
  label: 'Loop, laid flat',
  leastMm: 3,
  mostMm: 120,
  hint: 'Calculated unless you enter a value. If the loop is already made, lay it flat and measure its inside.',
};

/** The start of a band whose cords' fold is a loop; the fold's other cords lie against the first row. */
export function loopEnd(loop: Loop, d: number): BandEnd {
  const leg: LegPart = {
    what: 'closure',
    lengthMm: loop.legMm,
    why: why`half of the loop: ${loop.why}, along the middle of the cord`,
    reachMm: loop.lengthMm + d,
    mark: 'loop starts',
  };
  return {
    kind: 'loop',
    name: 'loop',
    takesMm: loop.lengthMm + d,
    standoffMm: 0,
    carries: 2,
    legs: () => [leg],
    shape: { shape: 'loop', straightMm: loop.straightMm, radiusMm: loop.radiusMm },
  };
}

/** A weave without two cords to fold into a loop has none. */
export const needsTwo = (weave: {
  readonly strands: readonly { readonly role: string; readonly periods: number }[];
}): string | undefined => {
  const lanes = (isCore: boolean) =>
    weave.strands.filter((s) => (s.role === 'core') === isCore).reduce((n, s) => n + s.periods, 0);
  const tied = lanes(true) || lanes(false);
  return tied >= 2
    ? undefined
    : 'It needs two cords that run from end to end; this weave has only one. Choose the two-cord version.';
};

function without(spec: ClosureSpec, key: keyof ClosureSpec): ClosureSpec {
  const { [key]: _left, ...rest } = spec;
  return rest as ClosureSpec;
}
