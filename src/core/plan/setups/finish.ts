import { cordLetter } from '../../colour/palette.ts';
import { cut, len, percent, type Why, why } from '../../why/why.ts';
import type { CordCut, CordMark, CordPart } from '../types.ts';
import type { SetupContext } from './context.ts';

/** Margins that makers cut by, as a share of everything but the tail. */
export const MARGINS = { 'never-short': 0.15, measured: 0.08, thrifty: 0.03 } as const;

/** What is left of an end once it is snipped, sealed and tucked. */
const END_MM = 5;

export interface Finish {
  /** Index into the design's cords: colour and letter. */
  readonly index: number;
  /** Number among several pieces of one cord, from 1; 0 for a single piece. */
  readonly piece?: number;
  readonly letter?: string;
  readonly cordType?: string;
  readonly place?: number;
  readonly isExtra?: boolean;
  readonly role: string;
  readonly parts: readonly CordPart[];
  readonly marks?: CordCut['marks'];
  /** Set for a folded cord: what its fold is for. */
  readonly fold?: Why;
  /** Stretches before the fold where that is not the middle; the margin is shared by both ends all the same. */
  readonly beforeFold?: number;
}

type Needs = Pick<SetupContext, 'r' | 'm' | 'band'>;

/** Adds margin and rounding, and works the total out, with the range that it may really need. */
export function finish(c: Needs, f: Finish): CordCut {
  const share = MARGINS[c.r.design.margin ?? 'measured'];
  const sum = (parts: readonly CordPart[], what?: CordPart['what']) =>
    parts.filter((p) => !what || p.what === what).reduce((total, p) => total + p.lengthMm, 0);
  const [needed, tails, woven] = [sum(f.parts), sum(f.parts, 'tail'), sum(f.parts, 'weave')];
  const ends = f.parts.filter((p) => p.what === 'tail').length;
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
  const colour = c.r.colours[f.index] ?? c.r.colours[0]!;
  return {
    letter: f.letter ?? cordLetter(f.index) + (f.piece ? String(f.piece) : ''),
    name: colour.name,
    role: f.role,
    colour: colour.id,
    look: colour,
    cord: f.index,
    cordType: f.cordType ?? c.r.cord.id,
    band: c.band,
    ...(f.place === undefined ? {} : { place: f.place }),
    ...(f.isExtra ? { isExtra: true } : {}),
    cutLengthMm: cutMm,
    usedLengthMm: needed - tails + Math.min(ends * END_MM, tails),
    neededMm: [needed - woven * c.m.spread, needed + woven * c.m.spread],
    parts,
    why: totalWhy(parts, cutMm),
    marks: [...foldMark(f, parts, cutMm), ...(f.marks ?? []), ...partMarks(parts)],
  };
}

function foldMark(f: Finish, parts: readonly CordPart[], cutMm: number): CordMark[] {
  if (!f.fold) return [];
  if (f.beforeFold === undefined) return [{ what: 'fold', atMm: cutMm / 2, why: f.fold }];
  const atMm = parts.slice(0, 1 + f.beforeFold).reduce((total, p) => total + p.lengthMm, 0);
  return [{ what: 'fold', atMm, why: f.fold }];
}

function partMarks(parts: readonly CordPart[]): CordMark[] {
  let at = 0;
  const out: CordMark[] = [];
  for (const p of parts) {
    if (p.mark) {
      const atMm = p.mark.at === 'first' ? at : at + p.lengthMm;
      out.push({
        what: p.mark.label,
        atMm,
        why: why`${p.mark.label} here, ${len(atMm)} from this cord’s first end`,
      });
    }
    at += p.lengthMm;
  }
  return out;
}

function totalWhy(parts: readonly CordPart[], cutMm: number): Why {
  const sums = new Map<string, number>();
  for (const p of parts) sums.set(p.what, (sums.get(p.what) ?? 0) + p.lengthMm);
  const words: Why[] = [...sums].map(([what, mm], i) => why`${i > 0 ? ' + ' : ''}${what} ${len(mm)}`);
  return why`${words.flat()} = ${cut(cutMm)}`;
}
