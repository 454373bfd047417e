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
  const straight = solved.strands.filter((s, i) => {
    const alike = mixed.alike.strands[i]!;
    return s.role === 'work' && perLength(solved, s) < STRAIGHT && perLength(mixed.alike, alike) > BENT;
  });
  return straight.map((s) => ({
    id: 'weave.thickness',
    ok: true,
    isNote: true,
    message: why`in these thicknesses strand ${s.name} runs nearly straight (${num(perLength(solved, s))} × its length) and the others coil round it: the band won’t look like the usual one`,
  }));
}

const perLength = (facts: SolvedFacts, strand: SolvedFacts['strands'][number]): number =>
  strand.lengthD / (facts.periodD * strand.periods);
