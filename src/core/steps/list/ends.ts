import type { CordPart, Plan } from '../../plan/types.ts';
import { rowMmOf } from './events.ts';

/** One working end: what of its cord lies beyond the first row, and how it is used up row by row. */
export interface WorkingEnd {
  readonly cord: number;
  readonly letter: string;
  readonly colour: string;
  readonly strand: string;
  readonly lane: number;
  /** From the first row to its tip, before anything is tied, in mm. */
  readonly startMm: number;
  /** What the rows up to a number take of it, as planned, in mm; fractions of a row count. */
  readonly usedMm: (rows: number) => number;
  /** The woven share of that: what the maker's hand makes more or less. */
  readonly wovenMm: (rows: number) => number;
  /** What hands were planned to hold of it at the end, in mm; an end that is spliced on to the next needs none. */
  readonly handMm: number;
  /** What the closure still needs of it after the last row, in mm. */
  readonly closureMm: number;
}

/** A working end among all of a piece. */
export interface NumberedEnd extends WorkingEnd {
  readonly band: number;
  /** Its index in the band. */
  readonly end: number;
  readonly key: string;
}

/** All working ends of a piece, band by band. */
export const allEnds = (plan: Plan): NumberedEnd[] =>
  plan.bands.flatMap((_, band) =>
    workingEnds(plan, band).map((e, end) => ({ ...e, band, end, key: `${band}-${end}` })),
  );

/** The working ends of one band, and of one pass where it is worked over twice. */
export function workingEnds(plan: Plan, band: number, strands?: readonly string[]): WorkingEnd[] {
  return plan.cords.flatMap((cord, index) => {
    if (cord.band !== band || cord.isExtra) return [];
    return halves(cord.parts, cord.marks.find((m) => m.what === 'fold')?.atMm).flatMap(
      (parts): WorkingEnd[] => {
        const woven = parts.find((p) => p.what === 'weave' && (!strands || strands.includes(p.strand!)));
        if (!woven) return [];
        // A cord that trades places begins as it lies: its stretch inside counts, too. A whole core run does not.
        const end = plan.bands[band]!.startMm + plan.bands[band]!.wovenMm;
        const isInside = (p: CordPart) => p.what === 'core run' && (p.toMm ?? end) < end - 1;
        const first = parts.findIndex((p) => p === woven || isInside(p));
        const beyond = parts.slice(first);
        const b = plan.bands[band]!;
        return [
          {
            cord: index,
            letter: cord.letter,
            colour: cord.name,
            strand: beyond[0]!.strand!,
            lane: beyond[0]!.lane ?? 0,
            startMm: beyond.reduce((sum, p) => sum + p.lengthMm, 0),
            handMm: beyond.filter((p) => p.what === 'tail').reduce((sum, p) => sum + p.lengthMm, 0),
            usedMm: (rows) => usedAlong(beyond, plan, band, rows),
            wovenMm: (rows) =>
              usedAlong(
                beyond.filter((p) => p.what === 'weave'),
                plan,
                band,
                rows,
              ),
            closureMm: beyond
              .filter(
                (p) => p.what === 'closure' || (p.what === 'attach' && isAfter(p, b.startMm, b.wovenMm)),
              )
              .reduce((sum, p) => sum + p.lengthMm, 0),
          },
        ];
      },
    );
  });
}

/** The two ways from the fold to a cord's ends; one way where it has no fold. */
function halves(parts: readonly CordPart[], foldMm: number | undefined): CordPart[][] {
  if (foldMm === undefined) return [[...parts]];
  let at = 0;
  let split = parts.length;
  for (const [i, p] of parts.entries()) {
    if (at + p.lengthMm / 2 > foldMm) {
      split = i;
      break;
    }
    at += p.lengthMm;
  }
  return [parts.slice(0, split).toReversed(), parts.slice(split)];
}

const isAfter = (p: CordPart, startMm: number, wovenMm: number): boolean =>
  p.fromMm !== undefined && p.fromMm >= startMm + wovenMm - 1e-6;

/** Stretches within the rows, by the share of their place that is grown over. */
function usedAlong(parts: readonly CordPart[], plan: Plan, band: number, rows: number): number {
  const b = plan.bands[band]!;
  const row = rowMmOf(b);
  return parts.reduce((sum, p) => {
    if (p.fromMm === undefined || p.toMm === undefined) return sum;
    if (p.what !== 'weave' && p.what !== 'core run' && p.what !== 'attach') return sum;
    if (p.what === 'attach' && isAfter(p, b.startMm, b.wovenMm)) return sum;
    const [lo, hi] = [Math.max(p.fromMm, b.startMm), Math.min(p.toMm, b.startMm + b.wovenMm)];
    const [from, to] =
      b.firstRow === 'start'
        ? [lo - b.startMm, hi - b.startMm]
        : [b.startMm + b.wovenMm - hi, b.startMm + b.wovenMm - lo];
    const done = rows * row;
    const share =
      to - from > 1e-6 ? Math.min(1, Math.max(0, (done - from) / (to - from))) : done > from - 1e-6 ? 1 : 0;
    return sum + share * p.lengthMm;
  }, 0);
}
