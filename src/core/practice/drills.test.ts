import { describe, expect, it } from 'vitest';
import { findPattern } from '../patterns/index.ts';
import { seeded } from '../random.ts';
import { shortRowText } from '../steps/rows/words.ts';
import { USUAL_WAY } from '../steps/types.ts';
import { drillCards, questionOf, turningRows } from './drills.ts';

describe('drills', () => {
  const cards = drillCards();

  it('can be asked of many weaves, each once of a kind', () => {
    expect(cards.filter((c) => c.kind === 'name-it').length).toBeGreaterThan(25);
    expect(cards.filter((c) => c.kind === 'next-side').length).toBeGreaterThan(5);
    expect(new Set(cards.map((c) => c.id)).size).toBe(cards.length);
  });

  it('have an answer that is among the choices, and the same one for one seed', () => {
    for (const card of cards)
      for (let seed = 1; seed <= 5; seed++) {
        const q = questionOf(card, seeded(seed));
        expect(q.choices.filter((c) => c.value === q.answer)).toHaveLength(1);
        expect(new Set(q.choices.map((c) => c.name)).size).toBe(q.choices.length);
        expect(questionOf(card, seeded(seed))).toEqual(q);
      }
  });

  it('ask for the side on which the words of the next row begin', () => {
    for (const card of cards.filter((c) => c.kind === 'next-side'))
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

  it('of a Solomon bar begin left, right, left as one counts', () => {
    const card = cards.find((c) => c.id === 'next-side solomon-bar')!;
    // The first row begins on the left, so the one after an even number does, too.
    for (let seed = 1; seed < 20; seed++) {
      const q = questionOf(card, seeded(seed));
      expect(q.answer).toBe(q.rows! % 2 === 0 ? 'left' : 'right');
    }
  });

  it('offer names of the same family first', () => {
    const card = cards.find((c) => c.kind === 'name-it' && findPattern(c.weave)!.family === 'braids');
    if (!card) return expect(cards.some((c) => c.kind === 'name-it')).toBe(true);
    const families = questionOf(card, seeded(1)).choices.map((c) => findPattern(c.value)!.family);
    expect(families.filter((f) => f === 'braids').length).toBeGreaterThan(1);
  });
});
