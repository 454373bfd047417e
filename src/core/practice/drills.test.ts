import { describe, expect, it } from 'vitest';
import { findPattern } from '../patterns/index.ts';
import { seeded } from '../random.ts';
import { rowText, shortRowText } from '../steps/rows/words.ts';
import { stretchOf } from '../steps/slips/slips.ts';
import { USUAL_WAY } from '../steps/types.ts';
import { format } from '../weave/format.ts';
import { drillCards, questionOf } from './drills.ts';
import type { DrillCard, DrillKind } from './types.ts';
import { isQuick, rowsOfWeave, turningRows } from './weaves.ts';

const cards = drillCards();
const ofKind = (kind: DrillKind): DrillCard[] => cards.filter((c) => c.kind === kind);

describe('drills', () => {
  it('can be asked of many weaves, each once of a kind', () => {
    expect(ofKind('name-it').length).toBeGreaterThan(25);
    expect(ofKind('next-side').length).toBeGreaterThan(5);
    expect(ofKind('read-bump').length).toBeGreaterThan(2);
    expect(ofKind('spot-slip').length).toBeGreaterThan(5);
    expect(ofKind('from-words').length).toBeGreaterThan(5);
    expect(new Set(cards.map((c) => c.id)).size).toBe(cards.length);
  });

  it('have an answer that is among the choices, and the same one for one seed', () => {
    for (const card of cards)
      for (let seed = 1; seed <= 2; seed++) {
        const q = questionOf(card, seeded(seed));
        expect(q.choices.filter((c) => c.value === q.answer)).toHaveLength(1);
        expect(new Set(q.choices.map((c) => c.name)).size).toBe(q.choices.length);
        if (seed === 1) expect(questionOf(card, seeded(seed))).toEqual(q);
      }
  });

  it('refuse a card that can’t be asked of its weave', () => {
    // All rows of a spiral begin on one side: there is no side to ask for.
    const card: DrillCard = { id: 'read-bump spiral-bar', kind: 'read-bump', weave: 'spiral-bar', name: '' };
    expect(cards.some((c) => c.id === card.id)).toBe(false);
    expect(() => questionOf(card, seeded(1))).toThrow(/can’t be asked/);
  });

  it('tell what is pulled tight while one waits: 90 crossings with cores, 50 without, nothing that comes to rest slowly', () => {
    // By hand: a Solomon bar crosses 7 times a row and is shown in 6 rows, a wide bar of four 21 or 22 times in 4.
    expect(isQuick('solomon-bar')).toBe(true);
    expect(isQuick('wide-bar-4')).toBe(true);
    // Without cores: a flat braid of nine crosses 4 times a row and is shown in 12, a clove-hitch bar 17 times in 4.
    expect(isQuick('flat-braid-9')).toBe(true);
    expect(isQuick('clove-hitch-bar')).toBe(false);
    // Thin lacing winds round thick cores: it is pulled for three times as long as others.
    expect(findPattern('laced-bar')?.patience).toBeGreaterThan(1);
    expect(isQuick('laced-bar')).toBe(false);
  });

  it('are asked of slow weaves, too', () => {
    const slow = ofKind('spot-slip').map((c) => c.weave);
    for (const weave of ['snake', 'clove-hitch-bar', 'laced-bar']) expect(slow).toContain(weave);
    expect(ofKind('read-bump').some((c) => c.weave === 'snake')).toBe(true);
  });
});

describe('which side next', () => {
  it('is the side on which the words of the next row begin', () => {
    for (const card of ofKind('next-side'))
      for (const hand of ['left', 'right'] as const) {
        const way = { ...USUAL_WAY, start: hand };
        const q = questionOf(card, seeded(3), way);
        const row = turningRows(card.weave, way)!.row(q.rows!);
        // The words name the end that moves first by its side, where there are two ends.
        const [first] = shortRowText(row);
        if (row.ends === 2) expect(first!.toLowerCase()).toContain(q.answer);
        expect(q.why).toContain(q.answer);
      }
  });

  it('of a Solomon bar is left, right, left as one counts', () => {
    const card = cards.find((c) => c.id === 'next-side solomon-bar')!;
    // The first row begins on the left, so the one after an even number does, too.
    for (let seed = 1; seed < 20; seed++) {
      const q = questionOf(card, seeded(seed));
      expect(q.answer).toBe(q.rows! % 2 === 0 ? 'left' : 'right');
    }
  });
});

describe('which row is it', () => {
  it('counts up from the last row, and the next side is told by the words of that row', () => {
    for (const card of ofKind('read-bump'))
      for (let seed = 1; seed <= 5; seed++) {
        const q = questionOf(card, seeded(seed));
        const tying = turningRows(card.weave)!;
        const count = stretchOf(tying.cut, { kind: 'none' })!.spec.rows;
        // Rows above the last one, by hand: the last of 6 has index 5.
        const number = q.lastRow! - (count - 1 - q.framed!);
        const [row, side] = q.answer.split(' ');
        expect(Number(row)).toBe(number);
        // `row(number)` is the one after, as rows count from 0.
        const next = tying.row(number);
        if (next.ends === 2) expect(shortRowText(next)[0]!.toLowerCase()).toContain(side);
        expect(q.framed).toBeGreaterThan(0);
        expect(q.framed).toBeLessThan(count - 1);
      }
  });

  it('frames a row of the picture that is the same row of the diagram', () => {
    for (const card of ofKind('read-bump'))
      for (let seed = 1; seed <= 12; seed++) {
        const q = questionOf(card, seeded(seed));
        const tying = turningRows(card.weave)!;
        const [row] = q.answer.split(' ').map(Number);
        // The maker’s row r, from 0, is row r + offset of the diagram; the picture begins at the diagram’s row 0.
        expect(Math.abs((row! - 1 + tying.frame.offset - q.framed!) % tying.cut.rows)).toBe(0);
      }
  });

  it('offers both sides of two neighbouring rows', () => {
    const q = questionOf(ofKind('read-bump')[0]!, seeded(5));
    const rows = new Set(q.choices.map((c) => c.value.split(' ')[0]));
    const sides = new Set(q.choices.map((c) => c.value.split(' ')[1]));
    expect(q.choices).toHaveLength(4);
    expect(rows.size).toBe(2);
    expect(sides).toEqual(new Set(['left', 'right']));
    const [a, b] = [...rows].map(Number);
    expect(Math.abs(a! - b!)).toBe(1);
  });
});

describe('where is the slip', () => {
  it.each(ofKind('spot-slip').map((c) => [c.name, c] as const))(
    '%s: it is never in the first or the last row, and the stretch differs from a good one',
    (_, card) => {
      const tying = rowsOfWeave(card.weave)!;
      const good = stretchOf(tying.cut, { kind: 'none' })!;
      for (let seed = 1; seed <= 4; seed++) {
        const q = questionOf(card, seeded(seed));
        const bad = stretchOf(tying.cut, q.stretch!.slip, q.stretch!.at)!;
        expect(q.answer).toBe(String(bad.row + 1));
        expect(Number(q.answer)).toBeGreaterThan(1);
        expect(Number(q.answer)).toBeLessThan(bad.spec.rows);
        expect(format(bad.spec)).not.toBe(format(good.spec));
      }
    },
  );

  it('says how many rows are undone from the last one', () => {
    const card = cards.find((c) => c.id === 'spot-slip solomon-bar')!;
    for (let seed = 1; seed <= 8; seed++) {
      const q = questionOf(card, seeded(seed));
      const rows = q.choices.length;
      const back = rows - Number(q.answer) + 1;
      expect(q.why).toMatch(new RegExp(`that means undoing ${back} rows?\\.`));
    }
  });
});

describe('next half cycle', () => {
  it('answers as the published run list of the ring of 3 leads and 5 bights does', () => {
    // Half cycles 4 to 10, as laid: the first three are free.
    const list = new Map([
      [4, 'under 1'],
      [5, 'under 1'],
      [6, 'under 1'],
      [7, 'under 1'],
      [8, 'over 1, under 1'],
      [9, 'over 1, under 1'],
      [10, 'over 1, under 1'],
    ]);
    const card = cards.find((c) => c.id === 'next-half-cycle 3x5 row1')!;
    const asked = new Set<number>();
    for (let seed = 1; seed <= 40; seed++) {
      const q = questionOf(card, seeded(seed));
      asked.add(q.laid! + 1);
      expect(q.answer).toBe(list.get(q.laid! + 1));
      expect(q.choices.map((c) => c.name)).toContain(q.answer);
    }
    expect(asked.size).toBe(7);
  });

  it('has two rows alike in a ring with such a coding', () => {
    const card = cards.find((c) => c.id === 'next-half-cycle 5x8 row2')!;
    // The last half cycle meets all four crossings: two over, two under.
    const answers = Array.from({ length: 60 }, (_, i) => questionOf(card, seeded(i + 1)));
    expect(answers.find((q) => q.laid === 15)?.answer).toBe('over 2, under 2');
  });
});

describe('from words to picture', () => {
  it('tells the words of the answer’s row, and no other picture is told so', () => {
    for (const card of ofKind('from-words'))
      for (let seed = 1; seed <= 3; seed++) {
        const q = questionOf(card, seeded(seed));
        expect(q.answer).toBe(card.weave);
        const words = (weave: string) => rowText(rowsOfWeave(weave)!.row(0)).join();
        const same = q.choices.filter((c) => words(c.value) === q.told!.join());
        expect(same.map((c) => c.value)).toEqual([card.weave]);
      }
  });

  it('asks for nothing that is too long to follow by words', () => {
    // Two coupled snakes cross 40 times a row.
    expect(ofKind('from-words').some((c) => c.weave === 'mated-snake')).toBe(false);
  });
});

describe('which weave', () => {
  it('offers names of the same family first', () => {
    const card = cards.find((c) => c.id === 'name-it flat-braid-4')!;
    const { family } = findPattern(card.weave)!;
    const families = questionOf(card, seeded(1)).choices.map((c) => findPattern(c.value)!.family);
    expect(families).toEqual([family, family, family, family]);
  });
});
