import { ok, type Result } from '../result.ts';
import { type Lay, layWords, type Tuck } from './lays.ts';
import { parseLetters } from './typedList.ts';
import type { Bight, Letter } from './types.ts';

/** What a maker can still see of a ring that was put down. */
export interface Clues {
  readonly pass?: number;
  /** Places on the left edge at which this pass turns or begins, the standing end's among them. */
  readonly leftBights?: number;
  /** Where the working end comes out now. */
  readonly last?: Bight;
  /** What the last half cycle did, as typed. */
  readonly letters?: string;
}

/** Steps that may be the last one done; all that agree with every clue. Fails where the letters can't be read. */
export function findPlace(lays: readonly Lay[], clues: Clues): Result<Lay[]> {
  const words =
    clues.letters === undefined || clues.letters.trim() === '' ? undefined : parseLetters(clues.letters);
  if (words && !words.ok) return words;
  const wanted = words?.value;
  const fits = lays.filter((lay) => {
    if (clues.pass !== undefined && lay.pass !== clues.pass) return false;
    if (clues.last && (lay.to.edge !== clues.last.edge || lay.to.number !== clues.last.number)) return false;
    if (clues.leftBights !== undefined && leftBights(lays, lay) !== clues.leftBights) return false;
    return wanted === undefined || sameWords(lay, wanted);
  });
  return ok(fits);
}

/** Left edge places that the pass of a step has touched once it is done. */
export const leftBights = (lays: readonly Lay[], at: Lay): number =>
  new Set(
    lays
      .filter((l) => l.pass === at.pass && l.n <= at.n)
      .flatMap((l) => [l.from, l.to])
      .filter((b) => b.edge === 'L')
      .map((b) => b.number),
  ).size;

/** The words may count every cord, or every crossing once. */
const sameWords = (lay: Lay, letters: readonly Letter[]): boolean => {
  const each = lay.tucks.map((t) => (t.isOver ? 'O' : 'U')).join('');
  const cords = lay.tucks.map((t) => (t.isOver ? 'O' : 'U').repeat(t.count)).join('');
  return letters.join('') === each || letters.join('') === cords;
};

/** Where what was done differs from what should have been. */
export interface Slip {
  /** Which tuck is wrong first, from 1. */
  readonly tuck: number;
  readonly should: Tuck | undefined;
  readonly did: Letter | undefined;
  /** Tucks of this half cycle to take out, the wrong one among them, and whole half cycles after it. */
  readonly undoTucks: number;
  readonly undoHalfCycles: number;
}

/** Compares the letters of a half cycle as they were tied with those it should have; nothing where they agree. */
export function findSlip(
  lays: readonly Lay[],
  n: number,
  did: readonly Letter[],
  done: number,
): Slip | undefined {
  const lay = lays[n - 1];
  if (!lay) return undefined;
  const should = lay.tucks.map((t): Letter => (t.isOver ? 'O' : 'U'));
  const length = Math.max(should.length, did.length);
  for (let i = 0; i < length; i++) {
    if (should[i] === did[i]) continue;
    return {
      tuck: i + 1,
      should: lay.tucks[i],
      did: did[i],
      undoTucks: did.length - i,
      undoHalfCycles: Math.max(0, done - n),
    };
  }
  return undefined;
}

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];
const ordinal = (n: number): string => ORDINALS[n - 1] ?? `${n}th`;

/** A slip in words: where it is, what should be there, and how far to undo. */
export function slipWords(lay: Lay, slip: Slip): string {
  const where = `At the ${ordinal(slip.tuck)} crossing of half cycle ${lay.k}`;
  const wrong =
    slip.should === undefined
      ? `${where} nothing is there yet: this half cycle is ${layWords(lay)}.`
      : slip.did === undefined
        ? `${where} one crossing is missing: it goes ${slip.should.isOver ? 'over' : 'under'}.`
        : `${where} you went ${slip.did === 'O' ? 'over' : 'under'}; it goes ${slip.should.isOver ? 'over' : 'under'}.`;
  const later =
    slip.undoHalfCycles === 0
      ? ''
      : `${slip.undoHalfCycles === 1 ? 'the half cycle' : `the ${slip.undoHalfCycles} half cycles`} after it and `;
  const tucks = Math.max(1, slip.undoTucks);
  return `${wrong} Undo ${later}the last ${tucks === 1 ? 'crossing' : `${tucks} crossings`} of half cycle ${lay.k}.`;
}
