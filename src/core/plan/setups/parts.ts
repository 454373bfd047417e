import { larksHeadLegMm, turnRoundBarMm } from '../../closures/attach.ts';
import { cordLetter } from '../../colour/palette.ts';
import { cut, len, num, percent, type Why, why } from '../../why/why.ts';
import type { CordCut, CordPart } from '../types.ts';
import { endOf, type Lane, type SetupContext } from './context.ts';

/** Margins that makers cut by, as a share of everything but the tail. */
export const MARGINS = { 'never-short': 0.15, measured: 0.08, thrifty: 0.03 } as const;

/** What is left of a working end once it is snipped, sealed and tucked. */
const END_MM = 5;

/** One leg of the hitch on the first bar. */
export function hitchLeg(c: SetupContext): CordPart {
  const leg = larksHeadLegMm(c.r.buckle.bar, c.m.diameterMm);
  return { what: 'attach', lengthMm: leg.lengthMm, why: leg.why, fromMm: 0, toMm: c.standoffMm };
}

/** Round the second bar and back. */
export function secondTurn(c: SetupContext): CordPart {
  const turn = turnRoundBarMm(c.r.buckle.bar, c.m.diameterMm);
  return { what: 'attach', lengthMm: turn.lengthMm, why: turn.why, fromMm: endOf(c), toMm: endOf(c) };
}

export function coreRun(c: SetupContext, core: Lane): CordPart {
  return {
    what: 'core run',
    lengthMm: c.standoffMm + c.wovenMm * core.perLength,
    why: why`hitch ${len(c.standoffMm)} + woven ${len(c.wovenMm)} × ${num(core.perLength, 3)} (a core waves a little under the rows)`,
    strand: core.name,
    lane: core.lane,
    fromMm: 0,
    toMm: endOf(c),
  };
}

export function weave(c: SetupContext, work: Lane): CordPart {
  return {
    what: 'weave',
    lengthMm: c.wovenMm * work.perLength,
    why: why`woven ${len(c.wovenMm)} × ${num(work.perLength)} of cord for each of band. ${c.m.source}`,
    strand: work.name,
    lane: work.lane,
    fromMm: c.standoffMm,
    toMm: endOf(c),
  };
}

export function tail(c: SetupContext, work: Lane): CordPart {
  return {
    what: 'tail',
    lengthMm: c.r.tailMm,
    why: why`your hands need ${len(c.r.tailMm)} of each end to tie the last row; all but ${len(END_MM)} of it is snipped off`,
    strand: work.name,
    lane: work.lane,
  };
}

export interface Finish {
  /** Index into the design's cords: colour and letter. */
  readonly index: number;
  /** Number among several pieces of one cord, from 1; 0 for a single piece. */
  readonly piece?: number;
  readonly role: string;
  readonly parts: readonly CordPart[];
  /** Working ends that are snipped and sealed. */
  readonly ends: number;
  readonly marks?: CordCut['marks'];
  /** Set for a cord folded at its middle: what its middle is for. The margin is then shared by both ends. */
  readonly fold?: Why;
}

/** Adds margin and rounding, and works the total out, with the range that it may really need. */
export function finish(c: SetupContext, f: Finish): CordCut {
  const share = MARGINS[c.r.design.margin ?? 'measured'];
  const sum = (what?: CordPart['what']) =>
    f.parts.filter((p) => !what || p.what === what).reduce((total, p) => total + p.lengthMm, 0);
  const [needed, tails, woven] = [sum(), sum('tail'), sum('weave')];
  const margin = (needed - tails) * share;
  const step = c.r.roundToMm;
  const cutMm = Math.ceil((needed + margin) / step - 1e-9) * step;
  const spare: CordPart = {
    what: 'margin',
    lengthMm: f.fold ? margin / 2 : margin,
    why: f.fold
      ? why`half of ${percent(share)} of ${len(needed - tails)}, everything but the tails; the other half is at the other end`
      : why`${percent(share)} of ${len(needed - tails)}, everything but the tail`,
  };
  const parts: CordPart[] = [
    ...(f.fold ? [spare] : []),
    ...f.parts,
    spare,
    { what: 'rounding', lengthMm: cutMm - needed - margin, why: why`up to the next full ${len(step)}` },
  ];
  const colour = c.r.colours[f.index]!;
  return {
    letter: cordLetter(f.index) + (f.piece ? String(f.piece) : ''),
    name: colour.name,
    role: f.role,
    colour: colour.id,
    cord: f.index,
    cutLengthMm: cutMm,
    usedLengthMm: needed - tails + f.ends * Math.min(END_MM, c.r.tailMm),
    neededMm: [needed - woven * c.m.spread, needed + woven * c.m.spread],
    parts,
    why: totalWhy(parts, cutMm),
    marks: f.fold ? [{ what: 'fold', atMm: cutMm / 2, why: f.fold }] : (f.marks ?? []),
  };
}

function totalWhy(parts: readonly CordPart[], cutMm: number): Why {
  const sums = new Map<string, number>();
  for (const p of parts) sums.set(p.what, (sums.get(p.what) ?? 0) + p.lengthMm);
  const words: Why[] = [...sums].map(([what, mm], i) => why`${i > 0 ? ' + ' : ''}${what} ${len(mm)}`);
  return why`${words.flat()} = ${cut(cutMm)}`;
}
