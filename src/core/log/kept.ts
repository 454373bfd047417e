import { allReach, marginFor } from '../chance/joint.ts';
import { apartOf, pieceVariance } from '../chance/spread.ts';
import type { Evidence } from './evidence.ts';
import { learn } from './filter.ts';
import { forecast } from './predict.ts';
import { type ModelRow, rowsOf } from './rows.ts';
import { AT, initialState } from './state.ts';

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

/** One end alone: what it has in common with others does not matter. */
const ALONE = [0.5];
const PROMISE = 0.98;

/** Every end of every piece against what the pieces before it said: the log put to the test on itself. */
export function foretold(evidence: readonly Evidence[]): Foretold[] {
  const list: Foretold[] = [];
  const nothing = initialState(evidence);
  learn(evidence, true, (state, e) => {
    const before = forecast({ state, makes: [], of: [] }, e);
    for (const row of rowsOf(e, nothing)) {
      if (row.end === undefined) continue;
      // Cord of the rows that were tied: row height has its share in it where rows are known.
      const byRows = e.rows !== undefined;
      const side = sideOf(row);
      const mean = before.s + (byRows ? before.h : 0) + side * before.ends;
      const variance =
        before.varS +
        (byRows ? before.varH + 2 * before.covSH : 0) +
        pieceVariance(before.scale) +
        side ** 2 * apartOf({ scale: before.scale, apart: before.varEnds }) +
        before.scale * row.r;
      const sd = Math.sqrt(variance);
      list.push({
        id: e.id,
        end: row.end,
        used: Math.exp(row.y),
        foretold: Math.exp(mean),
        // As plans promise: the common scale of all spreads is itself known only so well.
        most: Math.exp(mean + marginFor(PROMISE, { loadings: ALONE, nu: before.nu }) * sd),
        level: allReach([(row.y - mean) / sd], { loadings: ALONE, nu: before.nu }),
      });
    }
  });
  return list;
}

/** Of all ends, how many kept within a promise of so much: for a chance of 90 % it should be nine of ten. */
export const keptWithin = (list: readonly Foretold[], chance: number): number =>
  list.length === 0 ? 0 : list.filter((f) => f.level <= chance).length / list.length;

/** 1 for the first of two ends, −1 for the second, 0 where ends are not told apart. */
const sideOf = (row: ModelRow): number => row.h.find(([place]) => place === AT.ends)?.[1] ?? 0;
