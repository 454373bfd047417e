import { describe, expect, it } from 'vitest';
import { laneArrangements, strandArrangements } from './arrangements.ts';
import { rightOver } from './coding.ts';
import { handRecipe, moveWords } from './hand.ts';
import { beside, crossingsAfter, layOrder, layRing, layWords, pairsToSplit } from './lays.ts';
import { findPlace, findSlip, leftBights, slipWords } from './place.ts';
import { gcd, type RingShape } from './types.ts';

const plain = (leads: number, bights: number, first: 'O' | 'U' = 'O'): RingShape => ({
  leads,
  bights,
  coding: { by: 'row', n: 1 },
  first,
});
const words = (shape: RingShape, lanes: number[], pass: number) =>
  layRing(shape, lanes)
    .filter((l) => l.pass === pass)
    .map(layWords);

describe('passes', () => {
  it('of 3 × 4 read, the second time round: O1 U1, then O2 U1, then O2 U2', () => {
    expect(words(plain(3, 4), [0, 0], 2)).toEqual([
      ...Array(3).fill('O1 U1'),
      ...Array(2).fill('O2 U1'),
      ...Array(3).fill('O2 U2'),
    ]);
  });

  it('laid between two others count the two and their own: 5 × 16, half cycle 23 is O3 U3 O3 U2', () => {
    const lays = layRing(plain(5, 16), [0, 1, 0]);
    const third = lays.find((l) => l.pass === 3 && l.k === 23)!;
    expect(layWords(third)).toBe('O3 U3 O3 U2');
    expect([third.cord, third.lane, third.n]).toEqual([1, 1, 87]);
    expect([third.from.number, third.to.number]).toEqual([8, 10]);
    expect(beside([0, 1, 0], 3)).toEqual({ left: 0, right: 0 });
    expect(beside([0, 1, 0], 2)).toEqual({ left: 0 });
    expect(beside([0, 1, 0], 1)).toEqual({});
    expect(layOrder([1, 0, 1])).toEqual([1, 0, 2]);
  });

  it('make p² crossings at each of the ring’s (L − 1)·B; two different passes meet in 2(L − 1)·B of them', () => {
    for (const [leads, bights] of [
      [3, 4],
      [4, 5],
      [5, 8],
      [4, 6],
      [9, 16],
    ] as const)
      for (let passes = 1; passes <= 3; passes++) {
        const lays = layRing(plain(leads, bights), Array<number>(passes).fill(0));
        expect(crossingsAfter(lays, lays.length)).toBe(passes * passes * (leads - 1) * bights);
        expect(crossingsAfter(lays, 2 * bights)).toBe((leads - 1) * bights);
      }
  });

  it('have neighbours two columns apart, which one more half cycle will split', () => {
    // In 3 × 5 half cycles 1 (from L1) and 9 (from L3)… are two columns apart where left bights are neighbours.
    const lays = layRing(plain(3, 5), [0]);
    const all = pairsToSplit(plain(3, 5), lays);
    expect(all).toHaveLength(10);
    for (const [a, b] of all) {
      const [x, y] = [lays[a - 1]!, lays[b - 1]!];
      expect((y.from.number - x.from.number + 5) % 5).toBe(1);
      expect(x.way).toBe(y.way);
    }
    expect(pairsToSplit(plain(3, 5), lays.slice(0, 2))).toEqual([]);
  });
});

describe('a ring of three leads on the hand', () => {
  it('is the ring of the diagram, crossing by crossing', () => {
    for (let bights = 4; bights <= 20; bights++) {
      const recipe = handRecipe(bights);
      if (bights % 3 === 0) {
        expect(recipe).toBeUndefined();
        continue;
      }
      const { first, moves, swaps, weaves } = recipe!;
      const crossings = moves.flatMap((m) => m.crossings);
      expect(crossings).toHaveLength(2 * bights);
      const shape = plain(3, bights, first);
      for (const [i, c] of crossings.entries()) {
        // They come by turns between right and middle, and middle and left.
        expect(c.row).toBe(i % 2 === 0 ? 2 : 1);
        expect(c.isRightGoingOver).toBe(rightOver(shape, c.row, c.row));
      }
      // Where each lap ends the next one begins: one cord in three laps.
      const begins = bights % 3 === 2 ? [1, 3, 2] : [1, 2, 3];
      const ends = moves.at(-1)!.order;
      for (const lap of [1, 2, 3]) expect(begins[ends.indexOf(lap)]).toBe((lap % 3) + 1);
      const k = Math.floor(bights / 3);
      expect([swaps, weaves]).toEqual([2 * k, 2 * k + 1]);
    }
  });

  it('is told as it is done: 3 × 4 with two swaps and three weaves', () => {
    expect(handRecipe(4)!.moves.map(moveWords)).toEqual([
      'Weave from right to left: over lap 2, then under lap 1.',
      'Swap: lift lap 2 over lap 1 to the left.',
      'Weave from left to right: over lap 2, then under lap 1.',
      'Swap: lift lap 2 over lap 1 to the right.',
      'Weave from right to left: over lap 2, then under lap 1.',
    ]);
    expect(moveWords(handRecipe(5)!.moves[0]!)).toContain('one X');
    expect(moveWords(handRecipe(5)!.moves[1]!)).toBe(
      'Weave from right to left: under lap 1, then over lap 2.',
    );
    expect(handRecipe(3)).toBeUndefined();
  });
});

describe('a place that was lost', () => {
  const lays = layRing(plain(5, 16), [0, 1, 0]);
  const found = (clues: Parameters<typeof findPlace>[1]) => {
    const places = findPlace(lays, clues);
    return places.ok ? places.value.map((l) => l.n) : places.issues[0]!.message;
  };

  it('is one step by pass and last bight, as every pass comes to each bight once', () => {
    for (const lay of lays) expect(found({ pass: lay.pass, last: lay.to })).toEqual([lay.n]);
  });

  it('is two neighbours by the bights on the left edge, and one with the letters where these differ', () => {
    for (const lay of lays.filter((l) => l.pass === 1)) {
      const by = found({ pass: 1, leftBights: leftBights(lays, lay) }) as number[];
      expect(by).toContain(lay.n);
      expect(by.length).toBeLessThanOrEqual(3);
    }
    expect(found({ pass: 3, letters: 'O3 U3 O3 U2' })).toContain(87);
    // Letters counted by crossings are understood as well.
    expect(found({ pass: 3, letters: 'O U O U' })).toContain(87);
    expect(found({ letters: 'over' })).toContain('Write over and under like');
    expect(found({ pass: 1, letters: 'O9' })).toEqual([]);
  });
});

describe('a wrong tuck', () => {
  const lays = layRing(plain(5, 9, 'U'), [0]);
  // 12 R1→L4 reads O1 U1 O1 of U1 O1 U1 O1 turned over, as first is U.
  const lay = lays[11]!;

  it('is named at its crossing, with how far to undo', () => {
    expect(layWords(lay)).toBe('O1 U1 O1');
    const slip = findSlip(lays, 12, ['O', 'O', 'O'], 12)!;
    expect(slip).toMatchObject({ tuck: 2, did: 'O', undoTucks: 2, undoHalfCycles: 0 });
    expect(slipWords(lay, slip)).toBe(
      'At the second crossing of half cycle 12 you went over; it goes under. Undo the last 2 crossings of half cycle 12.',
    );
    expect(slipWords(lay, findSlip(lays, 12, ['O', 'O', 'O'], 14)!)).toContain(
      'Undo the 2 half cycles after it and the last 2 crossings of half cycle 12.',
    );
    expect(slipWords(lay, findSlip(lays, 12, ['O', 'U'], 12)!)).toContain(
      'one crossing is missing: it goes over',
    );
    expect(slipWords(lay, findSlip(lays, 12, ['O', 'U', 'O', 'U'], 12)!)).toContain('nothing is there yet');
  });

  it('is none where everything agrees, and is found whatever letter is turned', () => {
    for (const l of lays) {
      const right = l.tucks.map((t) => (t.isOver ? ('O' as const) : ('U' as const)));
      expect(findSlip(lays, l.n, right, l.n)).toBeUndefined();
      for (const [i, letter] of right.entries())
        expect(findSlip(lays, l.n, right.with(i, letter === 'O' ? 'U' : 'O'), l.n)!.tuck).toBe(i + 1);
    }
    expect(findSlip(lays, 99, [], 99)).toBeUndefined();
  });
});

describe('colours of a ring', () => {
  it('side by side are counted up to turning the ring end for end', () => {
    // Two colours in three lanes: AAB = BAA, ABA, ABB = BBA, BAB, and no more.
    const two = laneArrangements(3, 2);
    expect(two.map((a) => a.lanes.join(''))).toEqual(['001', '010', '011', '101']);
    for (const { lanes, counts } of two) expect(counts[0]! + counts[1]!).toBe(lanes.length);
    expect(laneArrangements(1, 1)).toHaveLength(1);
    expect(laneArrangements(2, 2)).toHaveLength(1);
    expect(laneArrangements(3, 3)).toHaveLength(3);
  });

  it('of rings of several cords are counted up to turning the ring round', () => {
    // Necklaces of 4 beads in exactly two colours: 6 in two or fewer, less the 2 of one colour.
    expect(strandArrangements(4, 2)).toHaveLength(4);
    expect(strandArrangements(gcd(6, 9), 3)).toHaveLength(2);
    expect(strandArrangements(2, 1)).toHaveLength(1);
  });
});
