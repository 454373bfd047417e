import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { barSets, fewestBars, leastUntidy, spareOf } from './barSets.ts';
import { merged } from './model.ts';

const stash = (
  wanted: readonly number[],
  inHand: readonly number[],
  packs: readonly (readonly [number, number])[] = [],
  kerfMm = 0,
) =>
  merged({
    pieces: wanted.map((lengthMm, i) => ({ id: `p${i}`, label: '', lengthMm })),
    bars: inHand.map((lengthMm, i) => ({ id: `b${i}`, label: '', lengthMm, reserveMm: 0, isOffcut: true })),
    packs: packs.map(([lengthMm, priceCents], i) => ({
      id: `k${i}`,
      label: '',
      lengthMm,
      reserveMm: 0,
      priceCents,
    })),
    kerfMm,
    keepMm: 400,
  });
const price = (most: number) => [{ stage: 'cost' as const, most }];

describe('the fewest bars that hold it all', () => {
  it('are the longest ones', () => {
    // 9 + 7 = 16 m, one short of 17; with 4 m more it is 20.
    expect(fewestBars(stash([8000, 9000], [4000, 9000, 2000, 7000]), [])).toBe(3);
    expect(fewestBars(stash([8000, 8000], [4000, 9000, 2000, 7000]), [])).toBe(2);
    expect(fewestBars(stash([8000, 8001], [4000, 9000, 2000, 7000]), [])).toBe(3);
  });

  it('give every piece its kerf, but one on each bar', () => {
    // Four pieces of 1 m and 1 cm each; two bars of 2.01 m take two pieces with one kerf between.
    expect(fewestBars(stash([1000, 1000, 1000, 1000], [2010, 2010, 2010], [], 10), [])).toBe(2);
    expect(fewestBars(stash([1000, 1000, 1000, 1000], [2009, 2010, 2010], [], 10), [])).toBe(2);
    expect(fewestBars(stash([1000, 1000, 1000, 1000], [2009, 2010], [], 10), [])).toBe(Infinity);
  });

  it('are bought only as far as the price goes', () => {
    const m = stash(
      [10_000, 10_000, 5000],
      [6000, 5000, 4000],
      [
        [15_000, 620],
        [30_000, 1050],
      ],
    );
    // Nothing bought holds 15 m; one pack of 15 m and both longest bars 26 m; one of 30 m all of it.
    expect(fewestBars(m, price(619))).toBe(Infinity);
    expect(fewestBars(m, price(620))).toBe(3);
    expect(fewestBars(m, price(1049))).toBe(3);
    expect(fewestBars(m, price(1050))).toBe(1);
    expect(fewestBars(m, [])).toBe(1);
  });
});

describe('sets of bars', () => {
  it('are all that hold enough, the roomiest first', () => {
    const m = stash([3000, 2500], [4000, 3000, 2000, 1000]);
    // Of two: 4 + 3 and 4 + 2; 3 + 2 and the rest hold less than 5.5 m.
    const { sets, isAll } = barSets(m, [], 2);
    expect(isAll).toBe(true);
    expect(sets.map((s) => s.bins.filter((b) => b.count > 0).map((b) => b.usableMm))).toEqual([
      [4000, 3000],
      [4000, 2000],
    ]);
    expect(sets.map(spareOf)).toEqual([1500, 500]);
  });

  it('are given up where there are too many, the first of them kept', () => {
    // Any 20 of 40 bars, each a millimetre shorter than the one before.
    const bars = Array.from({ length: 40 }, (_, i) => 1040 - i);
    const { sets, isAll } = barSets(stash([1000], bars), [], 20);
    expect(isAll).toBe(false);
    expect(sets.length).toBeGreaterThan(10);
    // 20 such bars that hold next to all that 20 can: it is looked for, but not for ever.
    const most = bars.slice(0, 20).reduce((a, b) => a + b, 0);
    expect(barSets(stash([most], bars), [], 20)).toMatchObject({ isAll: true, sets: { length: 1 } });
  });

  it('are every set that can be bought and holds enough, as trying them all finds', () => {
    const lengths = fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(
        lengths,
        lengths,
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 0, max: 3 }),
        (wanted, inHand, size, bought) => {
          const m = stash(wanted, inHand, [[5, 10]]);
          const need = wanted.reduce((a, b) => a + b, 0);
          const { sets, isAll } = barSets(m, price(10 * bought), size);
          expect(isAll).toBe(true);
          const keys = new Set<string>();
          // No more packs than pieces: each is for one at least.
          for (let packs = 0; packs <= Math.min(bought, size, wanted.length); packs++)
            for (let mask = 0; mask < 2 ** inHand.length; mask++) {
              const chosen = inHand.filter((_, i) => mask & (1 << i)).sort((a, b) => b - a);
              const isWhole = packs + chosen.length === size;
              const holds = 5 * packs + chosen.reduce((a, b) => a + b, 0);
              if (isWhole && holds >= need) keys.add(`${packs}|${chosen}`);
            }
          const told = sets.map((s) => {
            const own = s.bins
              .filter((b) => !b.isPack)
              .flatMap((b) => Array<number>(b.count).fill(b.usableMm));
            const packs = s.bins.find((b) => b.isPack)!.count;
            return { packs, own: own.sort((a, b) => b - a), size: packs + own.length };
          });
          const whole = told.filter((t) => t.size === size).map((t) => `${t.packs}|${t.own}`);
          expect(new Set(whole)).toEqual(keys);
          expect(whole).toHaveLength(keys.size);
          // Fewer than asked only where there are no more.
          if (Number.isFinite(fewestBars(m, price(10 * bought))) && keys.size > 0)
            expect(fewestBars(m, price(10 * bought))).toBeLessThanOrEqual(size);
        },
      ),
    );
  });
});

describe('how untidy every plan from a set of bars is', () => {
  it('counts a short rest that can be neither wasted nor long: 2 m out of 2.5 m leave half a metre', () => {
    // A rest of 400 mm is kept; from 800 mm on it is no short one.
    expect(leastUntidy(stash([2000], [2500]), 499)).toBe(1);
    expect(leastUntidy(stash([2000], [2500]), 500)).toBe(0);
    expect(leastUntidy(stash([2000], [2799]), 300)).toBe(1);
    expect(leastUntidy(stash([2000], [2800]), 300)).toBe(0);
  });

  it('knows that the last cut’s kerf may fall on the end: the rests may be so much shorter on every bar', () => {
    // 3 × 1 m with kerfs of 10 are 3030; two bars of 1730 hold 3480 with a kerf more on each: 450 over, 430 at least.
    const m = stash([1000, 1000, 1000], [1730, 1730], [], 10);
    expect(spareOf(m)).toBe(450);
    expect(leastUntidy(m, 429)).toBe(1);
    expect(leastUntidy(m, 430)).toBe(0);
  });

  it('says nothing where a bar could be spared, or they do not hold it all', () => {
    expect(leastUntidy(stash([2000], [2500, 400]), 300)).toBe(0);
    expect(leastUntidy(stash([2000], [1900]), 0)).toBe(0);
  });

  it('counts every bar that is no offcut', () => {
    const m = stash([2000, 2000], [2000, 2000]);
    expect(leastUntidy({ ...m, bins: m.bins.map((b) => ({ ...b, isOffcut: false })) }, 0)).toBe(2);
    expect(leastUntidy(m, 0)).toBe(0);
  });

  it('is never more than any plan comes to, over all ways to cut small sets', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 3, max: 12 }), { minLength: 1, maxLength: 4 }),
        fc.array(fc.tuple(fc.integer({ min: 5, max: 20 }), fc.boolean()), { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 0, max: 1 }),
        fc.integer({ min: 0, max: 6 }),
        (wanted, bars, kerfMm, wasteMm) => {
          const m = merged({
            pieces: wanted.map((lengthMm, i) => ({ id: `p${i}`, label: '', lengthMm })),
            bars: bars.map(([lengthMm, isOffcut], i) => ({
              id: `b${i}`,
              label: '',
              lengthMm,
              reserveMm: 0,
              isOffcut,
            })),
            packs: [],
            kerfMm,
            keepMm: 4,
          });
          const claimed = leastUntidy(m, wasteMm);
          // Every piece on every bar, by brute force.
          const place = (at: number, used: readonly number[]): void => {
            const length = wanted[at];
            if (length !== undefined) {
              for (const b of bars.keys())
                place(
                  at + 1,
                  used.map((u, i) => (i === b ? u + length + kerfMm : u)),
                );
              return;
            }
            if (used.some((u, i) => u > bars[i]![0] + kerfMm)) return;
            const rests = bars.flatMap(([usable, isOffcut], i) =>
              used[i]! > 0 ? [{ isOffcut, mm: Math.max(0, usable - used[i]!) }] : [],
            );
            const wasted = rests.reduce((sum, r) => sum + (r.mm < 4 ? r.mm : 0), 0);
            if (wasted > wasteMm) return;
            const untidy = rests.reduce(
              (sum, r) => sum + (r.isOffcut ? 0 : 1) + (r.mm >= 4 && r.mm < 8 ? 1 : 0),
              0,
            );
            expect(untidy).toBeGreaterThanOrEqual(claimed);
          };
          place(
            0,
            bars.map(() => 0),
          );
        },
      ),
      { numRuns: 400 },
    );
  });
});
