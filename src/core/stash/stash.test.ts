import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PALETTE } from '../colour/palette.ts';
import { CORDS } from '../cord/cords.ts';
import { append, balance, fold, shelf } from './ledger.ts';
import { parseLine } from './line.ts';
import { type Entry, type Known, type Lot, lengthByWeight } from './types.ts';

const shop = { colours: PALETTE, cords: CORDS };
const read = (text: string) => {
  const line = parseLine(text, shop);
  return line.ok ? line.value : line.issues[0]!.message;
};
const lot = (id: string, colour = 'dusk'): Lot => ({
  id,
  kind: 'cord',
  cord: 'nylon-4',
  colour,
  form: 'hank',
});
const add = (id: string, amount: number, known: Known = 'pack'): Entry => ({
  id: `add-${id}`,
  at: 1,
  what: 'add',
  lot: lot(id),
  amount,
  known,
});
const take = (id: string, lotId: string, amount: number): Entry => ({
  id,
  at: 2,
  what: 'take',
  lotId,
  amount,
  purpose: 'Ines',
});
const left = (entries: readonly Entry[]) => {
  const stash = fold(entries);
  if (!stash.ok) throw new Error(stash.issues[0]!.message);
  return Object.fromEntries([...stash.value].map(([id, h]) => [id, h.amount]));
};

describe('a typed line', () => {
  it('says how many, how long, which colour and thickness, and what each cost', () => {
    expect(read('3 × 15 m Dusk 4 mm, 6.20 each')).toEqual({
      count: 3,
      amount: 15_000,
      known: 'pack',
      lot: { kind: 'cord', cord: 'nylon-4', colour: 'dusk', form: 'hank', priceCents: 620 },
    });
    expect(read('2x 30 m pole white 3mm, 20 in all')).toMatchObject({
      count: 2,
      lot: { colour: 'pole-white', cord: 'nylon-3', priceCents: 1000 },
    });
    expect(read('offcut 1.2 m Ember, in the blue box')).toMatchObject({
      count: 1,
      amount: 1200,
      known: 'tape',
      lot: { form: 'offcut', colour: 'ember', cord: 'nylon-4', place: 'blue box' },
    });
    // The length under a centimetre is how thick it is, any other how long.
    expect(read('offcut 25 mm Ember 3 mm')).toMatchObject({ amount: 25, lot: { cord: 'nylon-3' } });
    expect(read('spool 100 ft Sodium polyester')).toMatchObject({
      amount: 30_480,
      lot: { form: 'spool', cord: 'polyester-4', colour: 'sodium' },
    });
  });

  it('counts hardware in a box', () => {
    expect(read('12 × side-release buckle 15 mm, 0.40 each')).toMatchObject({
      count: 1,
      amount: 12,
      known: 'count',
      lot: { kind: 'hardware', name: 'side-release buckle 15 mm', priceCents: 480 },
    });
  });

  it('says what is missing or unknown', () => {
    expect(read('')).toContain('Type what came in');
    expect(read('15 m of something')).toContain('Which colour is it?');
    expect(read('Dusk 4 mm')).toContain('How long is it?');
    expect(read('15 m Dusk 9 mm')).toContain('There is no such cord');
    expect(read('999 × 15 m Dusk')).toContain('between 1 and 200');
  });

  it('knows the maker’s own names for colours', () => {
    const line = parseLine('15 m navy 4 mm', { ...shop, aliases: { navy: 'dusk' } });
    expect(line.ok && line.value.lot.colour).toBe('dusk');
  });
});

describe('the ledger', () => {
  it('never lets more be taken than is there, and says how much that is', () => {
    const entries = [add('a', 15_000), take('t1', 'a', 13_600)];
    expect(left(entries)).toEqual({ a: 1400 });
    const more = append(entries, take('t2', 'a', 1500));
    expect(more.ok ? '' : more.issues[0]!.message).toBe('Only 1.40 m are left of it; 1.50 m can’t be taken.');
    expect(append(entries, take('t2', 'a', 1400)).ok).toBe(true);
    expect(append(entries, take('t2', 'b', 1)).ok).toBe(false);
    expect(append(entries, take('t2', 'a', 0)).ok).toBe(false);
  });

  it('undoes any entry that nothing later needs, and says so where something does', () => {
    const entries = [add('a', 15_000), take('t1', 'a', 13_600)];
    const undone = append(entries, { id: 'u1', at: 3, what: 'undo', entryId: 't1' });
    expect(undone.ok && left(undone.value)).toEqual({ a: 15_000 });
    const first = append(entries, { id: 'u2', at: 3, what: 'undo', entryId: 'add-a' });
    expect(first.ok ? '' : first.issues[0]!.message).toContain(
      'It can’t be undone: something later needs it.',
    );
    if (!undone.ok) return;
    expect(append(undone.value, { id: 'u3', at: 4, what: 'undo', entryId: 't1' }).ok).toBe(false);
    expect(append(undone.value, { id: 'u4', at: 4, what: 'undo', entryId: 'u1' }).ok).toBe(false);
  });

  it('is corrected by measuring again, which says how sure it is', () => {
    const stash = fold([
      add('a', 15_000),
      { id: 'm', at: 5, what: 'measure', lotId: 'a', amount: 14_620, known: 'tape' },
    ]);
    const holding = stash.ok ? stash.value.get('a')! : undefined;
    expect(holding).toMatchObject({ amount: 14_620, known: 'tape', since: 5 });
    expect(holding!.sd).toBeCloseTo(29.24, 9);
    // Arm spans are out by one in twenty-five, a scale by three in a hundred.
    const known = (by: Known) => {
      const one = fold([add('a', 10_000, by)]);
      return one.ok ? one.value.get('a')!.sd : 0;
    };
    expect(['tape', 'weight', 'spans', 'pack'].map((by) => known(by as Known))).toEqual([20, 300, 400, 100]);
    // A full pack is known to one in a hundred.
    const pack = fold([add('a', 15_000)]);
    expect(pack.ok && pack.value.get('a')!.sd).toBe(150);
  });

  it('takes an offcut back as a lot of its own, and moves things', () => {
    const entries: Entry[] = [
      add('a', 15_000),
      take('t', 'a', 5000),
      { id: 'p', at: 3, what: 'put-back', lotId: 'a', lot: { ...lot('o'), form: 'offcut' }, amount: 800 },
      { id: 'mv', at: 4, what: 'move', lotId: 'o', place: 'tin' },
    ];
    expect(left(entries)).toEqual({ a: 10_000, o: 800 });
    const stash = fold(entries);
    expect(stash.ok && stash.value.get('o')!.lot.place).toBe('tin');
    const [group] = stash.ok ? shelf(stash.value) : [];
    expect(group).toMatchObject({ key: 'nylon-4|dusk', totalMm: 10_800 });
    expect(group!.holdings.map((h) => h.lot.id)).toEqual(['a', 'o']);
    // Nothing can be put back that was not taken: 5 m went out, 80 cm came back.
    const back = (amount: number): Entry => ({
      id: 'p2',
      at: 5,
      what: 'put-back',
      lotId: 'a',
      lot: lot('o2'),
      amount,
    });
    expect(append(entries, back(4201)).ok).toBe(false);
    expect(append(entries, back(4200)).ok).toBe(true);
  });

  it('keeps count of every millimetre, whatever is done: what came in is what went out and what is left', () => {
    const step = fc.record({
      what: fc.constantFrom('add', 'take', 'measure', 'undo', 'put-back'),
      which: fc.nat(5),
      amount: fc.integer({ min: 1, max: 6000 }),
    });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
        let entries: readonly Entry[] = [];
        for (const [i, s] of steps.entries()) {
          const id = `e${i}`;
          const entry: Entry =
            s.what === 'add'
              ? { ...add(`l${i}`, s.amount), id }
              : s.what === 'take'
                ? take(
                    id,
                    entries[s.which]?.what === 'add' ? (entries[s.which] as { lot: Lot }).lot.id : 'none',
                    s.amount,
                  )
                : s.what === 'measure'
                  ? { id, at: 1, what: 'measure', lotId: `l${s.which}`, amount: s.amount, known: 'tape' }
                  : s.what === 'put-back'
                    ? {
                        id,
                        at: 1,
                        what: 'put-back',
                        lotId: `l${s.which}`,
                        lot: lot(`o${i}`),
                        amount: s.amount,
                      }
                    : { id, at: 1, what: 'undo', entryId: `e${s.which}` };
          const next = append(entries, entry);
          if (next.ok) entries = next.value;
        }
        const sums = balance(entries);
        if (!sums.ok) throw new Error(sums.issues[0]!.message);
        const { added, taken, measured, left: rest } = sums.value;
        expect(added + measured - taken).toBeCloseTo(rest, 6);
        for (const amount of Object.values(left(entries))) expect(amount).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 150 },
    );
  });
});

describe('length by weight', () => {
  it('is what the scale shows less the empty spool, by grams a metre', () => {
    // 6.8 g/m: 240 g on a spool of 36 g are 30 m.
    expect(lengthByWeight(240, 36, 6.8)).toBeCloseTo(30_000, 6);
    expect(lengthByWeight(30, 36, 6.8)).toBeUndefined();
    expect(lengthByWeight(30, 0, 0)).toBeUndefined();
  });
});
