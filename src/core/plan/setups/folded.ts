import { len, why } from '../../why/why.ts';
import type { CordPart } from '../types.ts';
import { type Lane, lanesOf, type SetUp, type SetupContext, startOf, type Uncut } from './context.ts';
import { backwards, coreRun, secondTurn, startLeg, tail, weave } from './parts.ts';

/** A join lies inside the band at least this far from a closure. */
export const JOIN_FROM_CLOSURE_MM = 30;

/** One half of the folded cord: from the fold over the first bar, along the core, round the second bar, back as weave. */
function half(setup: SetupContext, core: Lane, work: Lane, k: number): CordPart[] {
  return [
    ...startLeg(setup, k),
    coreRun(setup, core),
    secondTurn(setup),
    ...weave(setup, work),
    tail(setup, work),
  ];
}

function halves(setup: SetupContext): [CordPart[], CordPart[]] {
  const cores = lanesOf(setup.metrics, 'core');
  return lanesOf(setup.metrics, 'work').map((work, i) => half(setup, cores[i]!, work, i)) as [
    CordPart[],
    CordPart[],
  ];
}

const foldWhy = (setup: SetupContext) =>
  setup.start.kind === 'bar'
    ? why`the middle: it lies over the first bar`
    : setup.start.kind === 'loop'
      ? why`the middle: it is left standing as the loop`
      : why`the middle: it lies against the first row`;

/** Cores and working ends are one cord, hitched at its middle. */
export function setUpFolded(setup: SetupContext): SetUp {
  const [first, second] = halves(setup);
  const cord: Uncut = {
    index: 0,
    role: 'one cord, folded: cores and working ends',
    parts: [first, second],
    fold: foldWhy(setup),
  };
  return { cords: [cord], marks: [] };
}

/** Two colours joined. The join is moved off the bar into the second cord's core run, where rows hide it. */
export function setUpFused(setup: SetupContext): SetUp {
  const [first, second] = halves(setup);
  const stand = startOf(setup);
  const shift = stand + JOIN_FROM_CLOSURE_MM;
  const overBar = second[0]!;
  const core = second[1]!;
  const carried: CordPart[] = [
    {
      ...overBar,
      why: why`${overBar.why} — the other cord’s leg, too, so that the join does not lie ${setup.start.kind === 'bar' ? 'on the bar' : 'in the closure'}`,
    },
    {
      ...core,
      lengthMm: shift,
      why: why`on to the join: ${stand > 0 ? why`hitch ${len(stand)} and ` : []}${len(JOIN_FROM_CLOSURE_MM)} under the rows, away from the closure`,
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
    why: why`fuse the two cords end to end; the join ends up ${len(shift)} from the first end, inside the band`,
  };
  const fold = {
    what: 'fold' as const,
    atMm: shift + overBar.lengthMm,
    why: why`this far from the join the cord lies over the first ${setup.start.kind === 'bar' ? 'bar' : 'end'}`,
  };
  return {
    marks: [{ atMm: shift, label: 'colours joined here, inside' }],
    cords: [
      {
        index: 0,
        role: 'front, and the fold at the first end',
        parts: [...backwards(carried), ...first],
        marks: [join, fold],
      },
      { index: 1, role: 'edges', parts: [rest, ...second.slice(2)], marks: [join] },
    ],
  };
}
