import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PALETTE } from '../colour/palette.ts';
import { CORDS } from '../cord/cords.ts';
import { freePieces, surelyMm } from './free.ts';
import { leftoversBack } from './leftovers.ts';
import { parsePieces } from './typedPieces.ts';
import type { Holding } from './types.ts';

const holding = (id: string, amount: number, patch: Partial<Holding> = {}): Holding => ({
  lot: { id, kind: 'cord', cord: 'nylon-4', colour: 'dusk', form: 'hank' },
  amount,
  out: 0,
  sd: 0,
  known: 'tape',
  since: 0,
  ...patch,
});

describe('free cord', () => {
  it('is what is surely there: a taped length whole, a pack of 15 m less 1.645 × 15 cm', () => {
    expect(surelyMm({ amount: 15_000, sd: 30, known: 'tape' })).toBe(15_000);
    expect(surelyMm({ amount: 15_000, sd: 150, known: 'pack' })).toBe(14_753);
    expect(surelyMm({ amount: 100, sd: 150, known: 'spans' })).toBe(0);
  });

  it('is less what orders have put aside, off the longest hanks first', () => {
    const reserved = new Map([['nylon-4|dusk', 6000]]);
    expect(
      freePieces([holding('a', 1000), holding('b', 5000), holding('c', 3000)], 'nylon-4', reserved),
    ).toEqual([
      { colour: 'dusk', lengthMm: 2000 },
      { colour: 'dusk', lengthMm: 1000 },
    ]);
  });

  it('and what is put aside are all that is there', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 9000 })),
        fc.integer({ min: 0, max: 20_000 }),
        (lengths, aside) => {
          const holdings = lengths.map((mm, i) => holding(`${i}`, mm));
          const total = lengths.reduce((a, b) => a + b, 0);
          const free = freePieces(holdings, 'nylon-4', new Map([['nylon-4|dusk', aside]]));
          expect(free.reduce((sum, p) => sum + p.lengthMm, 0)).toBe(Math.max(0, total - aside));
        },
      ),
    );
  });
});

describe('cord as it is typed', () => {
  const shop = { colours: PALETTE, cords: CORDS };
  it('is pieces by colour, of one kind', () => {
    expect(parsePieces('2.4 m Dusk, 1.1 m Ember and 2 × 60 cm Pole White', shop)).toEqual({
      ok: true,
      value: {
        cord: 'nylon-4',
        pieces: [
          { colour: 'dusk', lengthMm: 2400 },
          { colour: 'ember', lengthMm: 1100 },
          { colour: 'pole-white', lengthMm: 600 },
          { colour: 'pole-white', lengthMm: 600 },
        ],
      },
    });
    const said = (text: string) => {
      const read = parsePieces(text, shop);
      return read.ok ? '' : read.issues[0]!.message;
    };
    expect(said('2 m Dusk 4 mm, 1 m Ember 2 mm')).toContain('different thickness');
    expect(said('2 m navy')).toContain('“navy” is no colour');
    expect(said('')).toContain('Type what you have');
    expect(said('2 buckles')).toContain('is no cord');
  });
});

describe('leftovers of a piece', () => {
  it('go back as offcuts of the hank that they were cut from, as far as cord of it is out', () => {
    const stash = new Map([
      ['a', holding('a', 3000, { out: 500 })],
      ['b', holding('b', 3000, { out: 1000 })],
    ]);
    let n = 0;
    const of = (lengths: number[], colour = 'dusk') =>
      leftoversBack(
        stash,
        lengths.map((lengthMm) => ({ cord: 'nylon-4', colour, lengthMm })),
        400,
        () => `new${n++}`,
      );
    // 450 of b; then a has as much out as b has left, and b has 550: 520 more of b; 300 is too short to keep.
    expect(of([450, 520, 300]).map((e) => [e.what, e.what === 'put-back' && e.lotId, e.amount])).toEqual([
      ['put-back', 'b', 450],
      ['put-back', 'b', 520],
    ]);
    expect(of([450, 600, 480]).map((e) => e.what)).toEqual(['put-back', 'add', 'put-back']);
    expect(of([450], 'ember')[0]).toMatchObject({
      what: 'add',
      known: 'tape',
      lot: { form: 'offcut', colour: 'ember' },
    });
  });
});
