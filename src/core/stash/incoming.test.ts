import { describe, expect, it } from 'vitest';
import { PALETTE } from '../colour/palette.ts';
import { CORDS } from '../cord/cords.ts';
import { type DeliveryNote, parseDelivery, readPriceList } from '../formats/supply.ts';
import { lotsOfDelivery } from './delivery.ts';
import { fold } from './ledger.ts';
import { lotsFromRows } from './rows.ts';
import { weighed } from './scale.ts';
import type { Entry } from './types.ts';

const shop = { colours: PALETTE, cords: CORDS };
const NOTE: DeliveryNote = {
  format: 'warp-beam/delivery',
  version: 1,
  id: '17',
  shop: 'A shop',
  arrives: '2026-12-01',
  lines: [
    { cord: 'nylon-4', colour: 'dusk', amount: 15_000, priceCents: 620, packs: 2 },
    { part: 'side-release/15', amount: 10, priceCents: 400, packs: 1 },
  ],
};

describe('a delivery', () => {
  it('comes onto the shelf pack by pack, once', () => {
    const first = lotsOfDelivery(NOTE, new Map());
    if (!first.ok) throw new Error('first');
    expect(first.value.map((l) => [l.lot.kind, l.amount, l.lot.priceCents])).toEqual([
      ['cord', 15_000, 620],
      ['cord', 15_000, 620],
      ['hardware', 10, 400],
    ]);
    const stash = fold(first.value.map((l, i): Entry => ({ ...l, what: 'add', id: `e${i}`, at: 1 })));
    if (!stash.ok) throw new Error('stash');
    expect(lotsOfDelivery(NOTE, stash.value)).toMatchObject({
      ok: false,
      issues: [{ code: 'delivery.twice' }],
    });
  });

  it('is refused where a line names nothing, or its day is none', () => {
    expect(lotsOfDelivery({ ...NOTE, lines: [{ amount: 1, priceCents: 1, packs: 1 }] }, new Map()).ok).toBe(
      false,
    );
    expect(parseDelivery(JSON.stringify({ ...NOTE, arrives: '2026-02-30' }))).toMatchObject({
      ok: false,
      issues: [{ path: '/arrives' }],
    });
    expect(parseDelivery(JSON.stringify(NOTE)).ok).toBe(true);
    expect(readPriceList({ ...NOTE }).ok).toBe(false);
  });
});

describe('a table of lots', () => {
  it('is read as it goes out, in any unit, and as typed lines', () => {
    const read = lotsFromRows(
      [
        {
          what: 'Dusk hank',
          cord: 'nylon-4',
          colour: 'dusk',
          form: 'hank',
          amount: '14620',
          unit: 'mm',
          known: 'by tape',
          place: 'blue box',
          priceCents: '620',
        },
        { colour: 'Pole White', amount: '3,5', unit: 'm' },
        { what: 'side-release buckle 15 mm', amount: '12', unit: 'pieces', known: 'counted' },
        { line: '2 × 15 m Ember 4 mm' },
      ],
      shop,
    );
    if (!read.ok) throw new Error(read.issues[0]!.message);
    expect(read.value.lots.map((l) => [l.lot.colour ?? l.lot.part, l.amount, l.known])).toEqual([
      ['dusk', 14_620, 'tape'],
      ['pole-white', 3500, 'tape'],
      ['side-release/15', 12, 'count'],
      ['ember', 15_000, 'pack'],
      ['ember', 15_000, 'pack'],
    ]);
    expect(new Set(read.value.lots.map((l) => l.lot.id)).size).toBe(5);
    expect(read.value.lots[0]!.lot).toMatchObject({ place: 'blue box', priceCents: 620 });
  });

  it('names line and column of what it can’t read; colours that nobody knows can be named once', () => {
    const rows = [
      { colour: 'navy', amount: '5', unit: 'm' },
      { colour: 'dusk', amount: 'long', cord: 'hemp-9', known: 'guess' },
      { what: 'lamp', amount: '1' },
    ];
    const read = lotsFromRows(rows, shop);
    expect(read.ok ? [] : read.issues.map((i) => i.message.split(':')[0])).toEqual([
      'Line 2, column “colour”',
      'Line 3, column “amount”',
      'Line 3, column “known”',
      'Line 3, column “cord”',
      'Line 4, column “what”',
    ]);
    expect(read.ok ? '' : [read.issues[0]!.code, read.issues[0]!.path]).toEqual(['stash.colour', 'navy']);
    expect(lotsFromRows([rows[0]!], { ...shop, aliases: { navy: 'dusk' } }).ok).toBe(true);
    expect(lotsFromRows([], shop).ok).toBe(false);
  });

  it('has the same mark when it comes again, and another when it has changed', () => {
    const mark = (amount: string) => {
      const read = lotsFromRows([{ colour: 'dusk', amount, unit: 'm' }], shop);
      return read.ok ? read.value.mark : '';
    };
    expect(mark('5')).toBe(mark('5'));
    expect(mark('5')).not.toBe(mark('6'));
  });
});

describe('a scale', () => {
  const at = (list: number[], everyMs = 200) => list.map((grams, i) => ({ grams, at: i * everyMs }));
  it('averages the last second and a half, and is still when readings hardly differ', () => {
    expect(weighed([])).toBeUndefined();
    const still = weighed(at([102, 102.2, 101.8, 102.1, 101.9, 102]))!;
    expect(still.grams).toBeCloseTo(102);
    expect(still.isStill).toBe(true);
    expect(weighed(at([0, 0, 60, 130, 95, 104]))!.isStill).toBe(false);
    // Too few to tell.
    expect(weighed(at([102, 102]))!.isStill).toBe(false);
    // What is older than the window is forgotten: eight of the last readings.
    const late = weighed(at([...Array(10).fill(0), ...Array(8).fill(50)]))!;
    expect(late).toMatchObject({ grams: 50, count: 8, isStill: true });
  });
});
