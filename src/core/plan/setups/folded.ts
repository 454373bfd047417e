import { len, why } from '../../why/why.ts';
import type { CordPart } from '../types.ts';
import { type Lane, lanesOf, type SetUp, type SetupContext } from './context.ts';
import { coreRun, finish, hitchLeg, secondTurn, tail, weave } from './parts.ts';

/** A join lies inside the band at least this far from a closure. */
export const JOIN_FROM_CLOSURE_MM = 30;

/** One half of the folded cord: from the fold over the first bar, along the core, round the second bar, back as weave. */
function half(c: SetupContext, core: Lane, work: Lane): CordPart[] {
  return [hitchLeg(c), coreRun(c, core), secondTurn(c), weave(c, work), tail(c, work)];
}

function halves(c: SetupContext): [CordPart[], CordPart[]] {
  const cores = lanesOf(c.m, 'core');
  return lanesOf(c.m, 'work').map((work, i) => half(c, cores[i]!, work)) as [CordPart[], CordPart[]];
}

/** Cores and working ends are one cord, hitched at its middle. */
export function folded(c: SetupContext): SetUp {
  const [first, second] = halves(c);
  const cord = finish(c, {
    index: 0,
    role: 'one cord, folded: cores and working ends',
    parts: [...first.toReversed(), ...second],
    ends: 2,
    fold: why`the middle: it lies over the first bar`,
  });
  return { cords: [cord], marks: [] };
}

/** Two colours joined. The join is moved off the bar into the second cord's core run, where rows hide it. */
export function fused(c: SetupContext): SetUp {
  const [first, second] = halves(c);
  const shift = c.standoffMm + JOIN_FROM_CLOSURE_MM;
  const overBar = second[0]!;
  const core = second[1]!;
  const carried: CordPart[] = [
    {
      ...overBar,
      why: why`${overBar.why} — the other cord’s leg, too, so that the join does not lie on the bar`,
    },
    {
      ...core,
      lengthMm: shift,
      why: why`on to the join: hitch ${len(c.standoffMm)} and ${len(JOIN_FROM_CLOSURE_MM)} under the rows, away from the buckle`,
      toMm: shift,
    },
  ];
  const rest: CordPart = {
    ...core,
    lengthMm: core.lengthMm - shift,
    fromMm: shift,
    why: why`from the join to the second bar: ${len(core.lengthMm)} less ${len(shift)}`,
  };
  const join = {
    what: 'join' as const,
    atMm: 0,
    why: why`fuse the two cords end to end; the join ends up ${len(shift)} from the first bar, inside the band`,
  };
  const fold = {
    what: 'fold' as const,
    atMm: shift + overBar.lengthMm,
    why: why`this far from the join the cord lies over the first bar`,
  };
  return {
    marks: [{ atMm: shift, label: 'colours joined here, inside' }],
    cords: [
      finish(c, {
        index: 0,
        role: 'front, and the fold on the first bar',
        parts: [...carried.toReversed(), ...first],
        ends: 1,
        marks: [join, fold],
      }),
      finish(c, { index: 1, role: 'edges', parts: [rest, ...second.slice(2)], ends: 1, marks: [join] }),
    ],
  };
}
