import type { SolvedFacts } from '../../patterns/types.ts';
import { num, why } from '../../why/why.ts';
import type { Check } from '../check.ts';
import type { CheckContext } from './context.ts';

/** A working strand that uses less than this per length runs nearly straight; one that uses more than BENT winds about. */
const STRAIGHT = 1.1;
const BENT = 1.3;

/** Cords of different thickness: whether the weave has been pulled tight for them, and whether it still is that weave. */
export function thicknessChecks({ resolved }: CheckContext): Check[] {
  const { mixed, solved } = resolved;
  if (!mixed) return [];
  if (!mixed.isKnown)
    return [
      {
        id: 'weave.thickness',
        ok: true,
        isNote: true,
        message: why`the cords differ in thickness: until the weave has been pulled tight for them, every number is for cords of one thickness`,
      },
    ];
  const unsettled: Check[] = isAtRest(solved)
    ? []
    : [
        {
          id: 'weave.rest',
          ok: true,
          isNote: true,
          message: why`in these thicknesses the weave doesn’t come fully to rest: rows and cord may be a tenth off, so tie a few rows first and measure them`,
        },
      ];
  const straight = solved.strands.filter((s, i) => {
    const alike = mixed.alike.strands[i]!;
    return s.role === 'work' && perLength(solved, s) < STRAIGHT && perLength(mixed.alike, alike) > BENT;
  });
  const coiled = straight.map((s) => ({
    id: 'weave.thickness',
    ok: true,
    isNote: true,
    message: why`in these thicknesses strand ${s.name} runs nearly straight (${num(perLength(solved, s))} × its length) and the others coil round it: the band won’t look like the usual one`,
  }));
  return [...coiled, ...unsettled];
}

/**
 * What is left of the forces, in strand tensions. Solves that end below agree with others of the same cords within half
 * a per cent (double, laced and spiral bars with half as thick strands); at five times as much rows differ by a tenth.
 */
const MOST_FORCE = 0.01;

const isAtRest = ({ convergence }: SolvedFacts): boolean =>
  convergence.residual <= MOST_FORCE && Math.abs(convergence.periodForce) <= MOST_FORCE;

const perLength = (facts: SolvedFacts, strand: SolvedFacts['strands'][number]): number =>
  strand.lengthD / (facts.periodD * strand.periods);
