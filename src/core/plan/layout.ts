import { springBarEnd } from '../closures/springBars.ts';
import type { BandEnd, Closing, ClosureContext } from '../closures/types.ts';
import { len, num, type Why, why } from '../why/why.ts';

/** A piece that is woven: its two ends, and how long the weave between them is. */
export interface Piece {
  readonly name: string;
  readonly start: BandEnd;
  readonly end: BandEnd;
  readonly wovenMm: number;
  readonly why: Why;
}

export interface Layout {
  readonly pieces: readonly Piece[];
  /** Flat length of the watch case between the pieces. */
  readonly caseMm: number;
}

/**
 * What has to be woven: the finished length less what the closure takes at both ends. A two-piece strap also loses the
 * case, and its halves are laid out so that the place where they meet lies opposite the case.
 */
export function layOut(context: ClosureContext, closing: Closing): Layout {
  const { start, end, finishedMm } = closing;
  const caseMm = context.product.case === 'between' ? context.measures.lugToLug!.mm : 0;
  if (caseMm === 0 || closing.spansCase) {
    const gap = beyond(start) + beyond(end);
    const less = caseMm > 0 ? why` − case ${len(caseMm)}` : [];
    return {
      caseMm,
      pieces: [
        {
          name: 'band',
          start,
          end,
          wovenMm: finishedMm - gap - caseMm,
          why: why`finished ${len(finishedMm)}${less} − ${start.name} ${len(start.takesMm)}${stand(start)} − ${end.name} ${len(end.takesMm)}${stand(end)}`,
        },
      ],
    };
  }
  const half = (finishedMm - caseMm) / 2;
  const hitch = context.metrics.diameterMm;
  const lug = { ...springBarEnd(context, 'spring bar'), standoffMm: hitch };
  const side = (name: string, far: BandEnd): Piece => ({
    name,
    start: lug,
    // Led round last, the cords of this half lie on the bar itself.
    end: { ...far, standoffMm: 0, ...(far.kind === 'bar' ? { attach: far.attach ?? 'returned' } : {}) },
    wovenMm: half - hitch - far.takesMm,
    why: why`half of finished ${len(finishedMm)} less case ${len(caseMm)} = ${len(half)} − hitch on the spring bar ${len(hitch)} ${far.takesMm < 0 ? why`+ ${len(-far.takesMm)} past the buckle` : why`− ${far.name} ${len(far.takesMm)}`}`,
  });
  return { caseMm, pieces: [side('buckle side', start), side('tail side', end)] };
}

const beyond = (end: BandEnd): number => end.takesMm + end.standoffMm;

const stand = (end: BandEnd): Why => (end.standoffMm > 0 ? why` − hitch ${len(end.standoffMm)}` : []);

/** Rows that fill a woven length, and why. */
export function rowsIn(wovenMm: number, rowHeightMm: number): { rows: number; why: Why } {
  return {
    rows: Math.max(1, Math.round(wovenMm / rowHeightMm)),
    why: why`woven ${len(wovenMm)} ÷ row height ${len(rowHeightMm)} = ${num(wovenMm / rowHeightMm)}, to the nearest whole row`,
  };
}
