import { larksHeadLegMm, turnRoundBarMm } from '../closures/attach.ts';
import { cordLetter } from '../colour/palette.ts';
import type { StrandUsage, WeaveMetrics } from '../usage/metrics.ts';
import { cut, len, num, percent, type Why, why } from '../why/why.ts';
import type { Resolved } from './resolve.ts';
import type { BandMark, CordCut, CordPart } from './types.ts';

/** Margins that makers cut by, as a share of everything but the tail. */
export const MARGINS = { 'never-short': 0.15, measured: 0.08, thrifty: 0.03 } as const;

/** What is left of a working end once it is snipped, sealed and tucked. */
const END_MM = 5;
/** A core that comes back round the second bar is covered by this many rows. */
const RETURN_ROWS = 4;
/** A join lies inside the bar at least this far from a closure. */
export const JOIN_FROM_CLOSURE_MM = 30;

export interface SetupContext {
  readonly r: Resolved;
  readonly m: WeaveMetrics;
  readonly wovenMm: number;
  readonly standoffMm: number;
  readonly rows: number;
}

export interface SetUp {
  readonly cords: readonly CordCut[];
  readonly marks: readonly BandMark[];
}

export function setUp(c: SetupContext): SetUp {
  switch (c.r.design.setup.style) {
    case 'folded':
      return folded(c);
    case 'fused':
      return fused(c);
    case 'separate':
      return separate(c);
  }
}

/** The weave's strands in pairs: a core and the working end that it turns into at the second bar. */
function pairs(c: SetupContext): { core: StrandUsage; work: StrandUsage }[] {
  const cores = c.m.strands.filter((s) => s.role === 'core');
  const works = c.m.strands.filter((s) => s.role === 'work');
  return works.map((work, i) => ({ core: cores[Math.min(i, cores.length - 1)]!, work }));
}

/** One half of the folded cord: from the fold over the first bar, along the core, round the second bar, back as weave. */
function half(c: SetupContext, core: StrandUsage, work: StrandUsage): CordPart[] {
  const hitch = larksHeadLegMm(c.r.buckle.bar, c.m.diameterMm);
  const turn = turnRoundBarMm(c.r.buckle.bar, c.m.diameterMm);
  return [
    { what: 'attach', lengthMm: hitch.lengthMm, why: hitch.why, fromMm: 0, toMm: c.standoffMm },
    coreRun(c, core),
    { what: 'attach', lengthMm: turn.lengthMm, why: turn.why, fromMm: end(c), toMm: end(c) },
    weave(c, work),
    tail(c, work),
  ];
}

const end = (c: SetupContext) => c.standoffMm + c.wovenMm;

function coreRun(c: SetupContext, core: StrandUsage, extra = 0): CordPart {
  return {
    what: 'core run',
    lengthMm: c.standoffMm + c.wovenMm * core.perLength,
    why: why`hitch ${len(c.standoffMm)} + woven ${len(c.wovenMm)} × ${num(core.perLength, 3)} (a core waves a little under the rows)`,
    strand: core.name,
    fromMm: extra,
    toMm: end(c),
  };
}

function weave(c: SetupContext, work: StrandUsage): CordPart {
  return {
    what: 'weave',
    lengthMm: c.wovenMm * work.perLength,
    why: why`woven ${len(c.wovenMm)} × ${num(work.perLength)} of cord for each of bar. ${c.m.source}`,
    strand: work.name,
    fromMm: c.standoffMm,
    toMm: end(c),
  };
}

function tail(c: SetupContext, work: StrandUsage): CordPart {
  return {
    what: 'tail',
    lengthMm: c.r.tailMm,
    why: why`your hands need ${len(c.r.tailMm)} of each end to tie the last row; all but ${len(END_MM)} of it is snipped off`,
    strand: work.name,
  };
}

/** Adds margin and rounding, and works the total out. */
function finish(
  c: SetupContext,
  index: number,
  role: string,
  parts: readonly CordPart[],
  ends: number,
  marks: CordCut['marks'] = [],
  isFolded = false,
): CordCut {
  const share = MARGINS[c.r.design.margin ?? 'measured'];
  const needed = parts.reduce((sum, p) => sum + p.lengthMm, 0);
  const tails = parts.filter((p) => p.what === 'tail').reduce((sum, p) => sum + p.lengthMm, 0);
  const margin = (needed - tails) * share;
  const step = c.r.roundToMm;
  const cutMm = Math.ceil((needed + margin) / step - 1e-9) * step;
  const spare: CordPart = {
    what: 'margin',
    lengthMm: isFolded ? margin / 2 : margin,
    why: isFolded
      ? why`half of ${percent(share)} of ${len(needed - tails)}, everything but the tails; the other half is at the other end`
      : why`${percent(share)} of ${len(needed - tails)}, everything but the tail`,
  };
  const all: CordPart[] = [
    ...(isFolded ? [spare] : []),
    ...parts,
    spare,
    { what: 'rounding', lengthMm: cutMm - needed - margin, why: why`up to the next full ${len(step)}` },
  ];
  const colour = c.r.colours[index]!;
  return {
    letter: cordLetter(index),
    name: colour.name,
    role,
    colour: colour.id,
    cutLengthMm: cutMm,
    usedLengthMm: needed - tails + ends * Math.min(END_MM, c.r.tailMm),
    parts: all,
    why: totalWhy(all, cutMm),
    marks,
  };
}

function totalWhy(parts: readonly CordPart[], cutMm: number): Why {
  const sums = new Map<string, number>();
  for (const p of parts) sums.set(p.what, (sums.get(p.what) ?? 0) + p.lengthMm);
  const words: Why[] = [...sums].map(([what, mm], i) => why`${i > 0 ? ' + ' : ''}${what} ${len(mm)}`);
  return why`${words.flat()} = ${cut(cutMm)}`;
}

function folded(c: SetupContext): SetUp {
  const [first, second] = pairs(c).map((p) => half(c, p.core, p.work)) as [CordPart[], CordPart[]];
  const parts = [...first.toReversed(), ...second];
  const cord = finish(c, 0, 'one cord, folded: cores and working ends', parts, 2, [], true);
  const fold = {
    what: 'fold' as const,
    atMm: cord.cutLengthMm / 2,
    why: why`the middle: it lies over the first bar`,
  };
  return {
    cords: [{ ...cord, marks: [fold] }],
    marks: [],
  };
}

/** Two colours joined. The join is moved off the bar into the second cord's core run, where rows hide it. */
function fused(c: SetupContext): SetUp {
  const [front, edge] = pairs(c) as [ReturnType<typeof pairs>[number], ReturnType<typeof pairs>[number]];
  const first = half(c, front.core, front.work);
  const second = half(c, edge.core, edge.work);
  const shift = c.standoffMm + JOIN_FROM_CLOSURE_MM;
  const overBar = second[0]!;
  const carried: CordPart[] = [
    {
      ...overBar,
      why: why`${overBar.why} — the other cord’s leg, too, so that the join does not lie on the bar`,
    },
    {
      what: 'core run',
      lengthMm: shift,
      why: why`on to the join: hitch ${len(c.standoffMm)} and ${len(JOIN_FROM_CLOSURE_MM)} under the rows, away from the buckle`,
      strand: edge.core.name,
      fromMm: 0,
      toMm: shift,
    },
  ];
  const rest: CordPart = {
    ...second[1]!,
    lengthMm: second[1]!.lengthMm - shift,
    fromMm: shift,
    why: why`from the join to the second bar: ${len(second[1]!.lengthMm)} less ${len(shift)}`,
  };
  const join = {
    what: 'join' as const,
    atMm: 0,
    why: why`fuse the two cords end to end; the join ends up ${len(shift)} from the first bar, inside the bar`,
  };
  const fold = {
    what: 'fold' as const,
    atMm: shift + overBar.lengthMm,
    why: why`this far from the join the cord lies over the first bar`,
  };
  return {
    marks: [{ atMm: shift, label: 'colours joined here, inside' }],
    cords: [
      finish(c, 0, 'front, and the fold on the first bar', [...carried.toReversed(), ...first], 1, [
        join,
        fold,
      ]),
      finish(c, 1, 'edges', [rest, ...second.slice(2)], 1, [join]),
    ],
  };
}

function separate(c: SetupContext): SetUp {
  const hitch = larksHeadLegMm(c.r.buckle.bar, c.m.diameterMm);
  const turn = turnRoundBarMm(c.r.buckle.bar, c.m.diameterMm);
  const returned = RETURN_ROWS * c.m.rowHeightMm;
  const cores = c.m.strands.filter((s) => s.role === 'core');
  const works = c.m.strands.filter((s) => s.role === 'work');
  const coreHalves = cores.map((core): CordPart[] => [
    { what: 'attach', lengthMm: hitch.lengthMm, why: hitch.why, fromMm: 0, toMm: c.standoffMm },
    coreRun(c, core),
    {
      what: 'attach',
      lengthMm: turn.lengthMm + returned,
      why: why`${turn.why}, then ${len(returned)} back under the last ${num(RETURN_ROWS, 0)} rows, which hold it`,
      fromMm: end(c) - returned,
      toMm: end(c),
    },
  ]);
  const middle: CordPart = {
    what: 'attach',
    lengthMm: cores.length * c.m.diameterMm + 2 * c.m.diameterMm,
    why: why`its middle lies behind the ${num(cores.length, 0)} cores before the first row, one diameter of ${len(c.m.diameterMm)} for each and for each edge`,
    fromMm: c.standoffMm,
    toMm: c.standoffMm,
  };
  const [workA, workB] = works.map((w) => [weave(c, w), tail(c, w)]) as [CordPart[], CordPart[]];
  const workParts = [...workA.toReversed(), middle, ...workB];
  const coreParts = [...coreHalves[0]!.toReversed(), ...coreHalves.slice(1).flat()];
  const fold = (cord: CordCut, words: Why): CordCut => ({
    ...cord,
    marks: [{ what: 'fold', atMm: cord.cutLengthMm / 2, why: words }],
  });
  return {
    marks: [],
    cords: [
      fold(finish(c, 0, 'both working ends', workParts, 2, [], true), why`its middle goes behind the cores`),
      fold(finish(c, 1, 'both cores', coreParts, 0, [], true), why`the middle: it lies over the first bar`),
    ],
  };
}
