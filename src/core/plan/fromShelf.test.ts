import { describe, expect, it } from 'vitest';
import { missingOf } from './atHand.ts';
import { fromShelf, type ShelfAsk } from './fromShelf.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';

const ASK: ShelfAsk = {
  cordId: 'nylon-4',
  pieces: [
    { colour: 'dusk', lengthMm: 2600 },
    { colour: 'ember', lengthMm: 1100 },
  ],
  girthMm: 170,
  kerfMm: 10,
};
const ways = (id: string, patch: Partial<ShelfAsk> = {}) => fromShelf(id, { ...ASK, ...patch }, LIBRARY_ONLY);

describe('what is missing of pieces of cord', () => {
  it('is what the longest piece would have to be longer, by hand', () => {
    expect(missingOf([600, 500], [1100])).toBe(0);
    expect(missingOf([600, 500], [1000])).toBe(100);
    // 600 on 650, then 500 wants a longer one: better 500 on 650 and 600 as the 50 mm longer of 550? 600 − 650 fits, 500 fits 550.
    expect(missingOf([600, 500], [650, 550])).toBe(0);
    // Only the longest may grow: 700 on it (50 more), 540 on the other.
    expect(missingOf([700, 540], [650, 550])).toBe(50);
    expect(missingOf([100], [])).toBe(100);
    expect(missingOf([], [])).toBe(0);
    expect(missingOf([900], [100], 400)).toBe(Number.POSITIVE_INFINITY);
  });
});

describe('what comes out of the shelf', () => {
  it('is planned as on the Bench, in colours whose pieces are long enough', () => {
    const found = ways('solomon-bar').filter((w) => w.colourings.length > 0);
    expect(found.length).toBeGreaterThan(3);
    for (const way of found) {
      const made = plan(way.design);
      if (!made.ok) throw new Error(way.closureId);
      expect(way.cuts.map((c) => c.lengthMm)).toEqual(
        made.value.cords.filter((c) => c.cordType === 'nylon-4').map((c) => Math.ceil(c.cutLengthMm)),
      );
      for (const colour of ['dusk', 'ember']) {
        const mine = way.cuts.filter((c) => c.colour === colour).map((c) => c.lengthMm);
        const there = ASK.pieces.find((p) => p.colour === colour)!.lengthMm;
        // One piece of each colour: all its cuts with their kerfs but the last.
        if (mine.length > 0) expect(mine.reduce((a, b) => a + b + 10, -10)).toBeLessThanOrEqual(there);
      }
    }
  });

  it('turns to “nearly” as a centimetre is taken away, and says how much is missing of what', () => {
    const one = ways('solomon-bar', { pieces: [{ colour: 'dusk', lengthMm: 20_000 }] }).find(
      (w) => w.closureId === 'side-release',
    )!;
    const need = one.cuts.reduce((sum, c) => sum + c.lengthMm + 10, -10);
    const at = (lengthMm: number) =>
      ways('solomon-bar', { pieces: [{ colour: 'dusk', lengthMm }] }).find(
        (w) => w.closureId === 'side-release',
      );
    expect(at(need)!.missing).toBeUndefined();
    expect(at(need - 1)!.missing).toEqual({ colour: 'dusk', mm: 1 });
    expect(at(need - 180)!.missing).toEqual({ colour: 'dusk', mm: 180 });
    expect(at(need - 400)!.missing!.mm).toBe(400);
    expect(at(need - 401)).toBeUndefined();
    expect(at(need - 900)).toBeUndefined();
    // Half a millimetre short is said as a whole one: never less than is missing.
    expect(at(need - 0.5)!.missing).toEqual({ colour: 'dusk', mm: 1 });
    // A cut of 1200.2 mm is made 1201 mm long: so much has to be there, whichever way it is asked.
    expect(at(need - 0.9)!.missing!.mm).toBe(1);
    expect(one.usedMm).toBe(one.cuts.reduce((sum, c) => sum + c.lengthMm, 0));
  });

  it('names the next thinner cord where as much of it would do, and none where it would not', () => {
    const at = (cordId: string, lengthMm: number) =>
      ways('solomon-bar', { cordId, pieces: [{ colour: 'dusk', lengthMm }] });
    const least = (cordId: string) =>
      Math.min(...at(cordId, 20_000).map((w) => w.cuts.reduce((sum, c) => sum + c.lengthMm + 10, -10)));
    // The thinner band is shorter round the wrist, so there are lengths that do in 3 mm and not in 4 mm.
    expect(least('nylon-3')).toBeLessThan(least('nylon-4'));
    const between = at('nylon-4', least('nylon-3'));
    expect(between.length).toBeGreaterThan(0);
    expect(between.every((w) => w.missing)).toBe(true);
    expect(new Set(between.map((w) => w.thinner))).toEqual(new Set(['nylon-3', undefined]));
    expect(at('nylon-4', least('nylon-3') - 1).every((w) => w.thinner === undefined)).toBe(true);
    expect(at('nylon-4', least('nylon-4')).every((w) => w.thinner === undefined)).toBe(true);
    // Nothing is thinner than jute of 3 mm among cords of jute.
    expect(at('jute-3', least('jute-3') - 1).every((w) => w.thinner === undefined)).toBe(true);
  });

  it('asks for more cord where the chance of not running short is higher', () => {
    const used = (chance: number) =>
      ways('solomon-bar', { chance, pieces: [{ colour: 'dusk', lengthMm: 20_000 }] })[0]!.usedMm;
    expect(used(0.999)).toBeGreaterThan(used(0.9));
  });

  it('is nothing from an empty shelf, and nothing of a knot', () => {
    expect(ways('solomon-bar', { pieces: [] })).toEqual([]);
    expect(ways('diamond')).toEqual([]);
  });
});
