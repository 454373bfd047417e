import { describe, expect, it } from 'vitest';
import { quantile } from '../chance/normal.ts';
import { normals, seeded } from '../random.ts';
import type { Bar, CuttingProblem, Piece } from './model.ts';
import { type Cuts, inCuttingOrder, sureOf } from './sure.ts';

const piece = (id: string, lengthMm: number): Piece => ({ id, label: id, lengthMm });
const bar = (id: string, lengthMm: number, sdMm?: number): Bar => ({
  id,
  label: 'hank',
  lengthMm,
  reserveMm: 0,
  isOffcut: false,
  ...(sdMm ? { sdMm } : {}),
});
const problem = (bars: Bar[]): CuttingProblem => ({ pieces: [], bars, packs: [], kerfMm: 10, keepMm: 400 });
const on = (id: string, ...pieces: Piece[]): Cuts[number] => ({ id, bought: 0, pieces });

/** So many hanks of 15 m ± 150 mm, each cut but for z × 150 mm, and a measured offcut that takes so many last pieces of 1000 mm. */
function shelf(hanks: number, z: number, spares: number) {
  const bars = Array.from({ length: hanks }, (_, i) => bar(`h${i}`, 15_000, 150));
  const cuts = bars.map((b) =>
    on(b.id, piece(`${b.id}a`, 15_000 - 10 - 1000 - z * 150), piece(`${b.id}b`, 1000)),
  );
  const spare = spares > 0 ? [bar('spare', 1010 * spares - 10)] : [];
  return sureOf(problem([...bars, ...spare]), cuts);
}

describe('a hank that nobody measured', () => {
  it('suffices with the chance that its slack is not missing; the last cut may fall on its end', () => {
    // 2000 + 10 + 2000 of 4010: nothing is over, and half of all hanks are shorter.
    const tight = sureOf(problem([bar('h', 4010, 40)]), [on('h', piece('a', 2000), piece('b', 2000))]);
    expect(tight.all).toBeCloseTo(0.5, 6);
    // 40 mm more are one standard deviation: 84.13 %.
    const over = sureOf(problem([bar('h', 4050, 40)]), [on('h', piece('a', 2000), piece('b', 2000))]);
    expect(over.all).toBeCloseTo(0.8413, 4);
    expect(over.bars).toMatchObject([{ id: 'h', last: { id: 'b' }, isMovable: false }]);
  });

  it('is none of those that were measured, and none that nothing is cut from', () => {
    const got = sureOf(problem([bar('taped', 4010), bar('idle', 9000, 90)]), [on('taped', piece('a', 4010))]);
    expect(got).toMatchObject({ bars: [], all: 1, withSpares: 1 });
  });

  // Binomial sums of 11 hanks, worked out by hand: 0.8413¹¹ = 0.1495, + 11 × 0.1587 × 0.8413¹⁰ = 0.4597 …
  it.each([
    [1, 0, 0.1495],
    [1, 1, 0.4597],
    [1, 2, 0.7522],
    [1.645, 0, 0.5687],
    [1.645, 1, 0.8981],
    [1.645, 2, 0.9848],
    [2.33, 0, 0.8963],
    [2.33, 1, 0.9948],
  ])('among eleven at z = %d with %d spares leaves %d', (z, spares, chance) => {
    const got = shelf(11, z, spares);
    expect(got.withSpares).toBeCloseTo(chance, 3);
    expect(got.spares).toBe(spares);
    expect(got.all).toBeCloseTo(shelf(11, z, 0).all, 9);
  });

  it('needs a spare that is long enough, with a kerf between two', () => {
    // 2009 mm take one piece of 1000 and 999 besides; 2010 take two.
    const cuts = ['h', 'i'].map((id) => on(id, piece(`${id}a`, 8000), piece(`${id}b`, 1000)));
    const hanks = [bar('h', 9010, 90), bar('i', 9010, 90)];
    expect(sureOf(problem([...hanks, bar('s', 2009)]), cuts).withSpares).toBeCloseTo(0.75, 6);
    expect(sureOf(problem([...hanks, bar('s', 2010)]), cuts).withSpares).toBeCloseTo(1, 6);
    expect(sureOf(problem([...hanks, bar('s', 999)]), cuts)).toMatchObject({ spares: 0 });
  });

  it('that holds another’s last piece in reserve must be long enough for both', () => {
    // h is short half the time; i is 2 × 90 mm longer than its cut, the piece of h and the cut between: 97.72 %.
    const bars = [bar('h', 5000, 50), bar('i', 5000 + 10 + 1000 + 180, 90)];
    const cuts = [on('h', piece('a', 3990), piece('b', 1000)), on('i', piece('c', 5000))];
    const got = sureOf(problem(bars), cuts);
    expect(got.spares).toBe(1);
    expect(got.withSpares).toBeCloseTo(0.9772, 3);
  });

  it('never promises more than is kept, tried on 4000 shelves by cutting them', () => {
    const random = seeded(7);
    const normal = normals(random);
    for (let n = 0; n < 8; n++) {
      const bars = Array.from({ length: 5 }, (_, i) => bar(`h${i}`, 6000, 40 + 60 * random()));
      const cuts = bars.map((b) => {
        const last = 300 + Math.round(900 * random());
        return on(
          b.id,
          piece(`${b.id}a`, 6000 - 10 - last - Math.round(120 * random())),
          piece(`${b.id}b`, last),
        );
      });
      const spare = bar('spare', 400 + Math.round(1800 * random()));
      const promised = sureOf(problem([...bars, spare]), cuts);
      let all = 0;
      let kept = 0;
      const TRIES = 500;
      for (let t = 0; t < TRIES; t++) {
        const short = bars.flatMap((b, i) => {
          const [a, last] = cuts[i]!.pieces;
          const real = b.lengthMm + b.sdMm! * normal();
          return real >= a!.lengthMm + 10 + last!.lengthMm ? [] : [last!.lengthMm];
        });
        if (short.length === 0) all++;
        if (short.reduce((sum, mm) => sum + mm + 10, -10) <= spare.lengthMm) kept++;
      }
      // Three standard errors of 500 tries are at most 6.7 %.
      expect(Math.abs(all / TRIES - promised.all)).toBeLessThan(0.067);
      expect(promised.withSpares).toBeLessThan(kept / TRIES + 0.067);
      expect(promised.withSpares).toBeGreaterThanOrEqual(promised.all);
    }
  });
});

it('the longest is cut first and the shortest last, a pinned one too', () => {
  const three = {
    id: 'h',
    bought: 0,
    pieces: [piece('short', 500), piece('long', 3000), piece('middle', 1500)],
  };
  expect(inCuttingOrder([three])[0]!.pieces.map((p) => p.id)).toEqual(['long', 'middle', 'short']);
});

it('a last piece can be moved where something else has room for it, with the reserve held back', () => {
  const isMovable = (room: Bar) =>
    sureOf(problem([bar('h', 4010, 40), room]), [on('h', piece('a', 3000), piece('b', 1000))]).bars[0]!
      .isMovable;
  expect(isMovable(bar('other', 1000))).toBe(true);
  expect(isMovable(bar('other', 999))).toBe(false);
  expect(isMovable({ ...bar('other', 1050, 30), reserveMm: 50 })).toBe(true);
  expect(isMovable({ ...bar('other', 1050, 30), reserveMm: 51 })).toBe(false);
});

it('the share of hanks that suffice gives what is held back, as tables of the normal distribution say', () => {
  expect(quantile(0.5)).toBeCloseTo(0, 5);
  expect(quantile(0.9)).toBeCloseTo(1.2816, 3);
  expect(quantile(0.95)).toBeCloseTo(1.6449, 3);
  expect(quantile(0.99)).toBeCloseTo(2.3263, 3);
});
