import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkRuns, guessShape } from './checkList.ts';
import { readsBothWays, rightOver, rowWord } from './coding.ts';
import { crossingsOf, halfCycles } from './path.ts';
import { lettersByRule, lettersOf, runList, sequence } from './runList.ts';
import { parseRuns, type TypedRun } from './typedList.ts';
import { bightName, codingName, gcd, parseCoding, type RingShape } from './types.ts';
import { checkShape, codingsFor } from './validity.ts';

const plain = (leads: number, bights: number, first: 'O' | 'U' = 'O'): RingShape => ({
  leads,
  bights,
  coding: { by: 'row', n: 1 },
  first,
});
const written = (shape: RingShape) =>
  runList(shape).map((r) => `${r.k} ${bightName(r.from)}→${bightName(r.to)} ${sequence(lettersOf(r.meets))}`);
const typed = (shape: RingShape): TypedRun[] => {
  const read = parseRuns(written(shape).join('\n'));
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.value;
};

/** Published run lists of plain rings, first over, as they are tied at the bench. */
const LISTS: Record<string, string> = {
  '3×4': `1 L1→R2 free            2 R2→L4 free            3 L4→R1 free            4 R1→L3 O1
      5 L3→R4 O1              6 R4→L2 O1 U1           7 L2→R3 O1 U1           8 R3→L1 O1 U1`,
  '3×5': `1 L1→R2 free            2 R2→L4 free            3 L4→R5 free            4 R5→L2 U1
      5 L2→R3 U1              6 R3→L5 U1              7 L5→R1 U1              8 R1→L3 O1 U1
      9 L3→R4 O1 U1          10 R4→L1 O1 U1`,
  '4×5': `1 L1→R3 free            2 R3→L5 free            3 L5→R2 free            4 R2→L4 U1
      5 L4→R1 O1              6 R1→L3 U1 O1           7 L3→R5 O1 U1           8 R5→L2 U1 O1 U1
      9 L2→R4 O1 U1 O1       10 R4→L1 U1 O1 U1`,
  '5×4': `1 L1→R3 free            2 R3→L2 U1              3 L2→R4 U1              4 R4→L3 O1 U1
      5 L3→R1 O1 U1           6 R1→L4 U1 O1 U1        7 L4→R2 U1 O1 U1        8 R2→L1 O1 U1 O1 U1`,
  '3×8': `1 L1→R2 free            2 R2→L4 free            3 L4→R5 free            4 R5→L7 free
      5 L7→R8 free            6 R8→L2 U1              7 L2→R3 U1              8 R3→L5 U1
      9 L5→R6 U1             10 R6→L8 U1             11 L8→R1 U1             12 R1→L3 O1 U1
     13 L3→R4 O1 U1          14 R4→L6 O1 U1          15 L6→R7 O1 U1          16 R7→L1 O1 U1`,
  '5×8': `1 L1→R3 free            2 R3→L6 free            3 L6→R8 free            4 R8→L3 O1
      5 L3→R5 O1              6 R5→L8 O1              7 L8→R2 O1              8 R2→L5 O2
      9 L5→R7 O2             10 R7→L2 O2 U1          11 L2→R4 O2 U1          12 R4→L7 O2 U1
     13 L7→R1 O2 U1          14 R1→L4 O1 U1 O1 U1    15 L4→R6 O1 U1 O1 U1    16 R6→L1 O1 U1 O1 U1`,
  '5×9': `1 L1→R3 free            2 R3→L6 free            3 L6→R8 free            4 R8→L2 U1
      5 L2→R4 U1              6 R4→L7 U1              7 L7→R9 U1              8 R9→L3 O1 U1
      9 L3→R5 O1 U1          10 R5→L8 O1 U1          11 L8→R1 O1 U1          12 R1→L4 U1 O1 U1
     13 L4→R6 U1 O1 U1       14 R6→L9 U1 O1 U1       15 L9→R2 U1 O1 U1       16 R2→L5 O1 U1 O1 U1
     17 L5→R7 O1 U1 O1 U1    18 R7→L1 O1 U1 O1 U1`,
};
/** Four to a line, told apart by the number before each. */
const split = (text: string) =>
  text
    .replace(/\s+/g, ' ')
    .split(/ (?=\d+ [LR])/)
    .map((s) => s.trim());

describe('run lists', () => {
  it.each(Object.entries(LISTS))('are those that makers tie by: %s', (size, text) => {
    const [leads, bights] = size.split('×').map(Number) as [number, number];
    expect(written(plain(leads, bights))).toEqual(split(text));
  });

  it('are right by geometry for every ring of 2 to 13 leads and 2 to 21 bights in every coding', () => {
    let rings = 0;
    for (let leads = 2; leads <= 13; leads++)
      for (let bights = 2; bights <= 21; bights++)
        for (const coding of codingsFor(leads, bights))
          for (const first of ['O', 'U'] as const) {
            const shape = { leads, bights, coding, first };
            const checked = checkRuns(shape, typed(shape));
            if (!checked.ok)
              throw new Error(`${leads}×${bights} ${codingName(coding)}: ${checked.issues[0]!.message}`);
            expect(checked.value.crossings).toBe((leads - 1) * bights);
            rings++;
          }
    expect(rings).toBeGreaterThan(1200);
  }, 20_000);

  it('follow the closed rule where one cord makes the ring, coded by rows', () => {
    for (let leads = 2; leads <= 13; leads++)
      for (let bights = 2; bights <= 17; bights++) {
        if (gcd(leads, bights) > 1) continue;
        for (const n of [1, 2, 3]) {
          const shape = { leads, bights, coding: { by: 'row' as const, n }, first: 'O' as const };
          for (const run of runList(shape)) expect(lettersOf(run.meets)).toEqual(lettersByRule(shape, run.k));
        }
      }
  });

  it('are refused with one letter turned, and the half cycle and letter are named', () => {
    const shape = plain(5, 9);
    const list = typed(shape);
    for (const [i, run] of list.entries())
      for (let j = 0; j < run.letters.length; j++) {
        const letters = run.letters.with(j, run.letters[j] === 'O' ? 'U' : 'O');
        const checked = checkRuns(shape, list.with(i, { ...run, letters }));
        expect(checked.ok).toBe(false);
        if (!checked.ok)
          expect(checked.issues[0]!.message).toContain(`Half cycle ${run.k}: Letter ${j + 1}:`);
      }
  });

  it('are refused where a bight, a letter or a half cycle is missing or wrong', () => {
    const shape = plain(3, 5);
    const list = written(shape);
    const message = (lines: string[]) => {
      const read = parseRuns(lines.join('\n'));
      const checked = read.ok ? checkRuns(shape, read.value) : read;
      return checked.ok ? '' : checked.issues[0]!.message;
    };
    expect(message(list)).toBe('');
    expect(message(list.with(3, '4 R5→L3 U1'))).toBe('Half cycle 4: From R5 it comes to L2, not to L3.');
    expect(message(list.with(7, '8 R1→L3 O1'))).toContain('meets 2 earlier cords; the list has 1 letter');
    expect(message(list.slice(0, -1))).toContain('ends after 9 half cycles; this ring has 10');
    expect(message(list.with(2, '3 L5→R1 free'))).toContain('begins at L5, but the one before ended at L4');
    expect(message(list.with(2, '3 L4→R9 free'))).toContain('There is no bight R9');
    expect(message(list.with(2, 'three: left to right'))).toContain('Line 3: Write a half cycle like');
    expect(message(list.with(7, '8 R1→L3 over, under'))).toContain('Write over and under like “O1 U2”');
  });

  it('tell which ring they are of', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 9 }),
        fc.integer({ min: 3, max: 17 }),
        fc.integer({ min: 0, max: 4 }),
        fc.constantFrom('O' as const, 'U' as const),
        (leads, bights, which, first) => {
          const codings = codingsFor(leads, bights);
          const shape = { leads, bights, coding: codings[which % codings.length]!, first };
          const guessed = guessShape(typed(shape));
          // Two names can mean one ring: it is told by its list.
          expect(guessed && written(guessed)).toEqual(written(shape));
        },
      ),
      { numRuns: 60 },
    );
  });

  it('are short to write even where a ring is large', () => {
    expect(runList(plain(25, 101)).reduce((sum, r) => sum + r.meets.length, 0)).toBe(24 * 101);
  });
});

describe('a ring’s path', () => {
  it('has each crossing once, of one right-going and one left-going half cycle', () => {
    for (const [leads, bights] of [
      [3, 4],
      [4, 6],
      [5, 16],
      [9, 16],
      [6, 9],
      [2, 3],
    ] as const) {
      const cells = new Map<string, string[]>();
      for (const half of halfCycles({ leads, bights }))
        for (const { row, column } of crossingsOf(half, { leads, bights })) {
          expect((row + column) % 2).toBe(0);
          const key = `${row},${column}`;
          cells.set(key, [...(cells.get(key) ?? []), half.way]);
        }
      expect(cells.size).toBe((leads - 1) * bights);
      for (const ways of cells.values()) expect(ways.sort()).toEqual(['left', 'right']);
    }
  });

  it('needs as many cords as its leads and bights have in common; each crosses itself on every such row', () => {
    // 4 × 6: two cords, each crosses itself (4/2 − 1)·6/2 = 3 times, on row 2.
    const runs = runList(plain(4, 6));
    const own = runs.flatMap((r) => r.meets.filter((m) => runs[m.other - 1]!.strand === r.strand));
    expect(new Set(runs.map((r) => r.strand)).size).toBe(2);
    expect(own.length).toBe(6);
    expect(new Set(own.map((m) => m.row))).toEqual(new Set([2]));
  });

  it('is a knot of determinant Lucas(2B) − 2 with three leads', () => {
    // Lucas(8) = 47, Lucas(10) = 123, Lucas(14) = 843.
    expect([4, 5, 7].map((b) => determinant(plain(3, b)))).toEqual([45, 121, 841]);
  });
});

describe('coding', () => {
  it('reads the same word both ways where the number of rows allows it', () => {
    const gaucho = (leads: number, bights: number): RingShape => ({
      ...plain(leads, bights),
      coding: { by: 'row', n: 2 },
    });
    expect(rowWord(gaucho(5, 7)).join('')).toBe('OOUU');
    expect(rowWord(gaucho(9, 16)).join('')).toBe('OOUUOOUU');
    expect(readsBothWays(gaucho(5, 8))).toBe(true);
    expect(readsBothWays(gaucho(4, 7))).toBe(false);
    expect(readsBothWays(plain(5, 7))).toBe(true);
    expect(readsBothWays(plain(4, 7))).toBe(false);
  });

  it('is by rows and by columns at once where it is plain', () => {
    for (const [r, c] of [
      [1, 1],
      [2, 4],
      [3, 7],
      [4, 2],
    ] as const)
      expect(rightOver(plain(5, 7), r, c)).toBe(
        rightOver({ ...plain(5, 7), coding: { by: 'col', n: 1 } }, r, c),
      );
  });

  it('by columns needs bights that they divide, and says which do', () => {
    const columns = checkShape({ ...plain(5, 7), coding: { by: 'col', n: 2 } });
    expect(columns.ok ? '' : columns.issues[0]!.message).toBe(
      'Columns of 2 need a number of bights that 2 divides, not 7: 6 or 8.',
    );
    expect(codingsFor(5, 6).map(codingName)).toEqual(['row1', 'row2', 'row3', 'col2', 'col3']);
    expect(parseCoding('COL3')).toEqual({ by: 'col', n: 3 });
    expect(parseCoding('row')).toBeUndefined();
  });

  it('is its mirror image with the other letter first', () => {
    const [over, under] = [runList(plain(5, 8)), runList(plain(5, 8, 'U'))];
    for (const [i, run] of over.entries())
      expect(under[i]!.meets.map((m) => !m.isOver)).toEqual(run.meets.map((m) => m.isOver));
  });
});

describe('sizes that cannot be', () => {
  it('are refused with the nearest rings that work', () => {
    const said = (leads: number, bights: number, oneCord = false) => {
      const checked = checkShape(plain(leads, bights), { oneCord });
      return checked.ok ? '' : checked.issues[0]!.message;
    };
    expect(said(1, 5)).toBe('Choose between 2 and 40 leads.');
    expect(said(5, 1.5)).toBe('Choose between 2 and 200 bights.');
    expect(said(6, 9)).toBe('');
    expect(said(6, 9, true)).toBe(
      '6 leads × 9 bights need 3 cords, because 3 divides both. With one cord: 6 × 7, 6 × 11, 5 × 9, 7 × 9.',
    );
  });
});

/** Determinant of the closed curve by its colouring matrix: an arc from under to under, one equation a crossing. */
function determinant(shape: RingShape): number {
  const halves = halfCycles(shape);
  const visits = halves.flatMap((half) =>
    crossingsOf(half, shape).map(({ row, column }) => ({
      key: `${row},${column}`,
      isOver: rightOver(shape, row, column) === (half.way === 'right'),
    })),
  );
  // Arcs are numbered by the under-crossing at which they begin.
  let arc = 0;
  const arcs = visits.filter((v) => !v.isOver).length;
  const over = new Map<string, number>();
  const under = new Map<string, [number, number]>();
  for (const v of visits) {
    if (v.isOver) over.set(v.key, arc % arcs);
    else {
      under.set(v.key, [arc % arcs, (arc + 1) % arcs]);
      arc++;
    }
  }
  const rows = [...under].map(([key, [a, b]]) => {
    const row = Array<number>(arcs).fill(0);
    row[over.get(key)!]! += 2;
    row[a]! -= 1;
    row[b]! -= 1;
    return row;
  });
  return Math.round(Math.abs(det(rows.slice(1).map((r) => r.slice(1)))));
}

function det(matrix: number[][]): number {
  const m = matrix.map((r) => [...r]);
  let value = 1;
  for (let i = 0; i < m.length; i++) {
    const pivot = m.findIndex((r, k) => k >= i && Math.abs(r[i]!) > 1e-9);
    if (pivot < 0) return 0;
    if (pivot !== i) {
      [m[i], m[pivot]] = [m[pivot]!, m[i]!];
      value = -value;
    }
    value *= m[i]![i]!;
    for (let k = i + 1; k < m.length; k++) {
      const share = m[k]![i]! / m[i]![i]!;
      for (let j = i; j < m.length; j++) m[k]![j]! -= share * m[i]![j]!;
    }
  }
  return value;
}
