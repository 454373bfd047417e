import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PALETTE } from '../colour/palette.ts';
import { CORDS } from '../cord/cords.ts';
import { parseDesign } from '../formats/design.ts';
import { formatOrders, type Order, parseOrders, readOrder } from '../formats/orders.ts';
import { parseRing } from '../formats/ring.ts';
import { formatStall, parseStall } from '../formats/stall.ts';
import { LIBRARY_ONLY } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { girthOfAge, girthOfSize, packsFor, USUAL_STALL } from '../stall/usual.ts';
import { fold } from '../stash/ledger.ts';
import { parseLine } from '../stash/line.ts';
import { partName, partOf, partsOf, readPart } from '../stash/parts.ts';
import type { Entry } from '../stash/types.ts';
import { whyText } from '../why/why.ts';
import { type Catalogue, makeOf } from './make.ts';
import { pieceMoney, pricesOf } from './money.ts';
import { cordNeeds, partNeeds, reservedCord, workedLines } from './needs.ts';
import { orderRows, ordersFromRows } from './rows.ts';
import { buyCord, buyParts, cheapest } from './shopping.ts';
import { wantedOf } from './wanted.ts';

const design = (file: string) => {
  const read = parseDesign(readFileSync(`examples/${file}.json`, 'utf8'));
  if (!read.ok) throw new Error(file);
  return read.value;
};
const night = design('ines-dome-night');
const collar = design('halley-collar');
const ring = parseRing(readFileSync('examples/rings/ines-dome-slip-ring.json', 'utf8'));
const catalogue: Catalogue = {
  know: LIBRARY_ONLY,
  find: (id) =>
    id === 'night'
      ? { kind: 'design', design: night }
      : id === 'collar'
        ? { kind: 'design', design: collar }
        : id === 'ring' && ring.ok
          ? { kind: 'ring', ring: ring.value }
          : undefined,
};
const order = (id: string, lines: Order['lines'], more: Partial<Order> = {}): Order => ({
  id,
  name: id,
  state: 'planned',
  lines,
  ...more,
});
const NIGHT = { design: 'night', name: 'Dome night band', count: 2 };
const made = (line: Parameters<typeof makeOf>[0]) => {
  const got = makeOf(line, catalogue, USUAL_STALL);
  if (!got.ok) throw new Error(got.issues[0]!.message);
  return got.value;
};
const add = (id: string, lot: object, amount: number): Entry =>
  ({ id, at: 1, what: 'add', amount, known: 'tape', lot: { id: `l${id}`, ...lot } }) as Entry;

describe('a piece as it is ordered', () => {
  it('is the Bench’s plan at the girth of its line: measured before size, size before the design', () => {
    const bench = plan({ ...night, wearer: { name: '', girthMm: 180 } });
    if (!bench.ok) throw new Error('plan');
    const large = made({ ...NIGHT, size: 'l' });
    expect(large.cords.map((c) => c.lengthMm)).toEqual(
      bench.value.cords.map((c) => Math.ceil(c.cutLengthMm)),
    );
    expect(large.girthMm).toBe(180);
    expect(made({ ...NIGHT, size: 'L', girthMm: 171 }).girthMm).toBe(171);
    expect(made(NIGHT).girthMm).toBe(165);
    expect([...large.parts]).toEqual([['side-release/15', 1]]);
  });

  it('is refused with a reason where there is no such design, no such size, or sizes do not apply', () => {
    const why = (line: Parameters<typeof makeOf>[0]) => {
      const got = makeOf(line, catalogue, USUAL_STALL);
      return got.ok ? '' : got.issues[0]!.message;
    };
    expect(why({ design: 'gone', name: 'Old band' })).toContain('“Old band” is not among the designs');
    expect(why({ ...NIGHT, size: 'XXL' })).toContain('no size XXL');
    expect(why({ design: 'collar', name: 'Collar', size: 'M' })).toContain('needs the neck');
    expect(why({ design: 'ring', name: 'Ring', size: 'M' })).toContain('needs the hand');
  });

  it('may be a ring: its cords are those of its plan', () => {
    const got = made({ design: 'ring', name: 'Slip ring' });
    expect(got.cords.length).toBeGreaterThan(0);
    expect(got.cords.every((c) => c.lengthMm > 1000 && c.cord === 'nylon-2')).toBe(true);
  });
});

describe('hardware', () => {
  it('is counted by closure and size: a buckle once though it has two halves, a collar with its ring', () => {
    const collared = plan(collar);
    if (!collared.ok) throw new Error('plan');
    const parts = partsOf(collared.value, collar);
    expect([...parts.values()].every((n) => n === 1)).toBe(true);
    expect([...parts.keys()].some((k) => k.startsWith('ring/'))).toBe(true);
    expect([...parts.keys()].some((k) => k.startsWith('side-release/') || k.startsWith('metal-'))).toBe(true);
  });

  it('is read as a maker types it, and named again', () => {
    expect(readPart('side-release buckle 15 mm')).toBe('side-release/15');
    expect(readPart('metal side-release buckles 10mm')).toBe('metal-side-release/10');
    expect(readPart('adjustable shackle')).toBe('shackle/16');
    expect(readPart('wooden bead 10 mm')).toBe('bead/10');
    expect(readPart('a lamp')).toBeUndefined();
    expect(partName('side-release/15')).toBe('side-release buckle 15 mm');
    const typed = parseLine('12 × side-release buckle 20 mm, 0.40 each', { colours: PALETTE, cords: CORDS });
    expect(typed.ok && partOf({ id: 'x', ...typed.value.lot })).toBe('side-release/20');
    // A lot that was written before parts had keys.
    expect(partOf({ id: 'x', kind: 'hardware', form: 'box', name: 'wooden bead 10 mm' })).toBe('bead/10');
  });
});

describe('needs of open orders', () => {
  const stash = fold([
    add('1', { kind: 'cord', cord: 'nylon-4', colour: 'dusk', form: 'hank' }, 5000),
    add('2', { kind: 'hardware', name: 'side-release buckle 15 mm', form: 'box' }, 3),
  ]);
  if (!stash.ok) throw new Error('stash');
  const orders = [
    order('Sade', [NIGHT]),
    order('Tove', [{ ...NIGHT, count: 2 }], { state: 'cut' }),
    order('Okoro', [{ ...NIGHT, count: 9 }], { state: 'handed-over' }),
  ];
  const lines = workedLines(orders, catalogue, USUAL_STALL);

  it('hold cord until it is cut and hardware until it is put on', () => {
    const dusk = cordNeeds(lines, stash.value, 10).find((n) => n.colour === 'dusk')!;
    const each = lines[0]!
      .made!.cords.filter((c) => c.colour === 'dusk')
      .reduce((s, c) => s + c.lengthMm + 10, 0);
    expect(dusk.neededMm).toBe(2 * each);
    expect(dusk.orders).toEqual(['Sade']);
    expect(dusk.haveMm).toBe(5000);
    expect(reservedCord([dusk]).get('nylon-4|dusk')).toBe(Math.min(2 * each, 5000));
    expect(partNeeds(lines, stash.value)).toEqual([
      { part: 'side-release/15', needed: 4, have: 3, orders: ['Sade', 'Tove'] },
    ]);
  });

  it('are bought in the cheapest packs that are long enough', () => {
    const need = {
      key: '',
      cord: 'nylon-4',
      colour: 'dusk',
      neededMm: 40_000,
      cuts: 20,
      longestMm: 2000,
      haveMm: 1000,
      orders: [],
    };
    // 39 m: 30 m for 10.50 and 15 m for 6.20, against 3 × 15 m for 18.60 or 2 × 30 m for 21.00.
    expect(buyCord(need, USUAL_STALL)).toMatchObject({ missingMm: 39_000, buy: { costCents: 1670 } });
    // No pack of 15 m gives a cut of 20 m.
    expect(buyCord({ ...need, neededMm: 21_000, longestMm: 20_000 }, USUAL_STALL).buy!.packs).toEqual([
      { amount: 30_000, count: 1, priceCents: 1050 },
    ]);
    expect(buyParts({ part: 'side-release/15', needed: 14, have: 3, orders: [] }, USUAL_STALL)).toMatchObject(
      {
        missing: 11,
        buy: { costCents: 800, packs: [{ count: 2 }] },
      },
    );
    expect(buyParts({ part: 'hook', needed: 1, have: 0, orders: [] }, USUAL_STALL).buy).toBeUndefined();
  });

  it('in the cheapest packs cost as little as any set of packs', () => {
    const packs = fc.array(
      fc.record({ amount: fc.integer({ min: 1, max: 9 }), priceCents: fc.integer({ min: 1, max: 50 }) }),
      { minLength: 1, maxLength: 3 },
    );
    fc.assert(
      fc.property(packs, fc.integer({ min: 1, max: 20 }), (sold, needed) => {
        const least = (left: number): number =>
          left <= 0 ? 0 : Math.min(...sold.map((s) => s.priceCents + least(left - s.amount)));
        const got = cheapest(Math.min(needed, 8), sold, 1)!;
        expect(got.costCents).toBe(least(Math.min(needed, 8)));
        expect(got.packs.reduce((sum, p) => sum + p.count * p.priceCents, 0)).toBe(got.costCents);
        expect(got.packs.reduce((sum, p) => sum + p.count * p.amount, 0)).toBeGreaterThanOrEqual(
          Math.min(needed, 8),
        );
      }),
      { numRuns: 60 },
    );
  });

  it('go to the cutting plan with the order and line in the id of each piece', () => {
    const [first] = wantedOf(lines);
    expect(first).toMatchObject({ id: 'order/Sade/0', name: 'Sade', count: 2 });
  });
});

describe('what a piece costs', () => {
  const piece = {
    cords: [{ letter: 'A', cord: 'nylon-4', colour: 'dusk', lengthMm: 1990, why: ['1.99 m'] }],
    parts: new Map([['side-release/15', 1]]),
    minutes: 30,
    difficulty: 1,
    girthMm: 165,
  };

  it('is cord with its sealing, hardware and minutes, with the margin on top, by hand', () => {
    // 2 m at 10.50 for 30 m: 0.70. A buckle at 4.00 for ten: 0.40. Half an hour at 12.00: 6.00. 7.10 + 20 % = 8.52, up to 9.00.
    const got = pieceMoney(piece, pricesOf([], USUAL_STALL), USUAL_STALL);
    expect(got).toMatchObject({ workCents: 600, priceCents: 900, unknown: [] });
    expect(got.cordCents).toBeCloseTo(70);
    expect(got.partsCents).toBeCloseTo(40);
    expect(got.costCents).toBeCloseTo(710);
    expect(whyText(got.why)).toContain('30 min at 12.00 an hour: 6.00. Together 7.10; 20 % on top');
  });

  it('uses what was paid where that is known, and leaves out deliveries that were undone', () => {
    const entries: Entry[] = [
      add('1', { kind: 'cord', cord: 'nylon-4', colour: 'dusk', form: 'hank', priceCents: 500 }, 10_000),
      add('2', { kind: 'cord', cord: 'nylon-4', colour: 'dusk', form: 'hank', priceCents: 9000 }, 10_000),
      { id: '3', at: 2, what: 'undo', entryId: '2' },
      add('4', { kind: 'hardware', name: 'side-release buckle 15 mm', form: 'box', priceCents: 480 }, 12),
    ];
    const got = pieceMoney(piece, pricesOf(entries, USUAL_STALL), USUAL_STALL);
    expect(got.cordCents).toBeCloseTo(100);
    expect(got.partsCents).toBeCloseTo(40);
  });

  it('names what has no known price', () => {
    const odd = { ...piece, parts: new Map([['hook', 1]]) };
    expect(pieceMoney(odd, pricesOf([], { ...USUAL_STALL, packs: [] }), USUAL_STALL).unknown).toEqual([
      'Dusk, 4 mm nylon',
      expect.stringContaining('hook'),
    ]);
  });
});

describe('the stall’s figures', () => {
  it('prefer a price for exactly this cord and colour', () => {
    const packs = [
      { lengthMm: 10_000, priceCents: 1 },
      { cord: 'nylon-4', lengthMm: 11_000, priceCents: 2 },
      { cord: 'nylon-4', colour: 'dusk', lengthMm: 12_000, priceCents: 3 },
      { cord: 'nylon-2', lengthMm: 13_000, priceCents: 4 },
    ];
    const lengths = (cord: string, colour: string) =>
      packsFor({ packs }, cord, colour).map((p) => p.lengthMm);
    expect(lengths('nylon-4', 'dusk')).toEqual([12_000]);
    expect(lengths('nylon-4', 'ember')).toEqual([11_000]);
    expect(lengths('cotton-4', 'dusk')).toEqual([10_000]);
    expect(packsFor({ packs: packs.slice(1) }, 'cotton-4', 'dusk')).toEqual([]);
  });

  it('know sizes in any letters and wrists at both ends of an age', () => {
    expect(girthOfSize(USUAL_STALL, 'xl ')).toBe(200);
    expect([girthOfAge(USUAL_STALL, 9), girthOfAge(USUAL_STALL, 10), girthOfAge(USUAL_STALL, 11)]).toEqual([
      148, 148, 155,
    ]);
    expect(girthOfAge(USUAL_STALL, 4)).toBeUndefined();
  });

  it('come back from their file, and refuse a size twice and days that there are not', () => {
    expect(parseStall(formatStall(USUAL_STALL))).toEqual({ ok: true, value: USUAL_STALL });
    const twice = { ...USUAL_STALL, sizes: [...USUAL_STALL.sizes, { name: 's', girthMm: 140 }] };
    expect(parseStall(formatStall(twice))).toMatchObject({ ok: false, issues: [{ path: '/sizes' }] });
    const off = { ...USUAL_STALL, people: [{ ...USUAL_STALL.people[0]!, daysOff: ['2026-13-01'] }] };
    expect(parseStall(formatStall(off))).toMatchObject({
      ok: false,
      issues: [{ path: '/people/0/daysOff' }],
    });
  });
});

describe('a book of orders', () => {
  const orders = [
    order('Sade', [NIGHT, { ...NIGHT, size: 'L', count: 3 }], {
      due: '2026-12-05',
      priceCents: 1250,
      notes: 'two, as a gift',
    }),
    order('Tove', [{ ...NIGHT, girthMm: 171, wearer: 'Tove' }]),
  ];
  const known = { designs: new Map([['dome night band', 'night']]), sizes: ['S', 'L'], newId: () => 'new' };

  it('comes back from its file', () => {
    expect(parseOrders(formatOrders(orders))).toEqual({ ok: true, value: orders });
    expect(parseOrders(formatOrders([orders[0]!, orders[0]!])).ok).toBe(false);
    expect(readOrder({ ...orders[0], due: '2026-11-31' })).toMatchObject({ ok: false });
    expect(readOrder({ ...orders[0], lines: [{ ...NIGHT, count: 0 }] })).toMatchObject({
      ok: false,
      issues: [{ path: '/lines/0/count' }],
    });
  });

  it('comes back from its table', () => {
    const back = ordersFromRows(orderRows(orders), known);
    expect(back).toEqual({ ok: true, value: orders.map((o) => ({ ...o, id: 'new' })) });
  });

  it('names line and column of every cell of a table that it can’t read, and imports nothing', () => {
    const rows = [
      { order: 'Sade', design: 'Dome night band', count: '2' },
      {
        order: 'Sade',
        design: 'Unheard of',
        count: 'two',
        due: '5.12.',
        size: 'XXL',
        girth: 'wide',
        price: 'dear',
      },
    ];
    const read = ordersFromRows(rows, known);
    if (read.ok) throw new Error('read');
    expect(read.issues.map((i) => i.message.split(':')[0])).toEqual(
      ['due', 'design', 'count', 'size', 'girth', 'price'].map((c) => `Line 3, column “${c}”`),
    );
    expect(ordersFromRows([], known).ok).toBe(false);
  });
});
