import { below } from '../chance/normal.ts';
import type { Evidence } from './evidence.ts';
import { learn } from './filter.ts';
import { forecast, pieceVariance } from './predict.ts';
import { rowsOf } from './rows.ts';
import { initialState } from './state.ts';

/** One end of a piece, foretold from the pieces before it alone. */
export interface Foretold {
  readonly id: string;
  readonly end: number;
  /** Cord used over cord calculated. */
  readonly used: number;
  /** What was foretold of that before the piece, and the share below which it lies 98 times of 100. */
  readonly foretold: number;
  readonly most: number;
  /** Chance, as foretold, of using no more than was used: for a true forecast these spread evenly from 0 to 1. */
  readonly level: number;
}

/** Quantile of the normal distribution for 98 of 100. */
const Z_98 = 2.054;

/** Every end of every piece against what the pieces before it said: the log put to the test on itself. */
export function foretold(evidence: readonly Evidence[]): Foretold[] {
  const inOrder = evidence.toSorted((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  return inOrder.flatMap((e, i) => {
    const before = forecast(learn(inOrder.slice(0, i)), e);
    return rowsOf(e, initialState([e])).flatMap((row): Foretold[] => {
      if (row.end === undefined) return [];
      // Cord of the rows that were tied: row height has its share in it where rows are known.
      const byRows = e.rows !== undefined;
      const mean = before.s + (byRows ? before.h : 0);
      const variance =
        before.varS +
        (byRows ? before.varH + 2 * before.covSH : 0) +
        pieceVariance(before.scale) +
        before.scale * row.r;
      const sd = Math.sqrt(variance);
      return [
        {
          id: e.id,
          end: row.end,
          used: Math.exp(row.y),
          foretold: Math.exp(mean),
          most: Math.exp(mean + Z_98 * sd),
          level: below((row.y - mean) / sd),
        },
      ];
    });
  });
}

/** Of all ends, how many kept within a promise of so much: for a chance of 90 % it should be nine of ten. */
export const keptWithin = (list: readonly Foretold[], chance: number): number =>
  list.length === 0 ? 0 : list.filter((f) => f.level <= chance).length / list.length;
