import { rightOver, rowWord, turned } from './coding.ts';
import { crossingsOf, halfCycles } from './path.ts';
import { type HalfCycle, type Letter, type Meeting, mod, type RingShape, strandsOf } from './types.ts';

/** A half cycle with the cords that it meets; those that are not laid yet are left out. */
export interface Run extends HalfCycle {
  readonly meets: readonly Meeting[];
}

/**
 * The run list of one pass, any number of strands and any coding: half cycles are walked in the order of laying; each inner
 * cell is visited twice, and the later visitor writes the letter.
 */
export function runList(shape: RingShape): Run[] {
  const width = 2 * shape.bights;
  const cells = new Int32Array((shape.leads + 1) * width);
  return halfCycles(shape).map((half): Run => {
    const meets: Meeting[] = [];
    for (const { row, column } of crossingsOf(half, shape)) {
      const at = row * width + column;
      const other = cells[at]!;
      if (other > 0)
        meets.push({
          row,
          column,
          other,
          isOver: rightOver(shape, row, column) === (half.way === 'right'),
        });
      cells[at] = half.k;
    }
    return { ...half, meets };
  });
}

export const lettersOf = (meets: readonly Pick<Meeting, 'isOver'>[]): Letter[] =>
  meets.map((m) => (m.isOver ? 'O' : 'U'));

/** Neighbours alike are counted together: O1 U2; no letter at all is `free`. */
export function sequence(letters: readonly Letter[], counts?: readonly number[]): string {
  const runs = grouped(letters, counts);
  return runs.length === 0 ? 'free' : runs.map((r) => `${r.letter}${r.count}`).join(' ');
}

/** Letters with the number of cords of each, neighbours alike put together. */
export function grouped(
  letters: readonly Letter[],
  counts?: readonly number[],
): { letter: Letter; count: number }[] {
  const runs: { letter: Letter; count: number }[] = [];
  for (const [i, letter] of letters.entries()) {
    const count = counts?.[i] ?? 1;
    const last = runs.at(-1);
    if (last?.letter === letter) last.count += count;
    else runs.push({ letter, count });
  }
  return runs;
}

/**
 * Letters of half cycle k by the closed rule, which lays nothing: one strand, coding by rows. With L⁻¹ the inverse of L
 * mod B and s(r) = r·L⁻¹ mod B, the right-going m meets the left-going n = m − 1 + s(r) at row r.
 * Throws for more strands than one or a coding by columns.
 */
export function lettersByRule(shape: RingShape, k: number): Letter[] {
  const { leads, bights, coding } = shape;
  if (strandsOf(shape) !== 1 || coding.by !== 'row') throw new Error('one strand, coded by rows');
  const inverse = inverseOf(leads, bights);
  const word = rowWord(shape);
  const letters: Letter[] = [];
  for (let i = 1; i < leads; i++) {
    const row = k % 2 === 1 ? i : leads - i;
    const s = mod(row * inverse, bights);
    if (k % 2 === 1) {
      const m = (k - 1) / 2;
      if (mod(m - 1 + s, bights) < m) letters.push(word[row - 1]!);
    } else {
      const n = k / 2 - 1;
      if (mod(n + 1 - s, bights) <= n) letters.push(turned(word[row - 1]!));
    }
  }
  return letters;
}

/** The x in 0 … m − 1 with a·x ≡ 1 mod m. */
function inverseOf(a: number, m: number): number {
  for (let x = 0; x < m; x++) if (mod(a * x, m) === 1 % m) return x;
  throw new Error(`${a} has no inverse mod ${m}`);
}
