import { describe, expect, it } from 'vitest';
import {
  addedRuns,
  beginnings,
  chains,
  type Growth,
  growthsFrom,
  keptOf,
  phasesOf,
  type Size,
  shapeOf,
} from './grow.ts';
import { lettersOf, runList, sequence } from './runList.ts';
import { bightName, gcd } from './types.ts';

const plain = (leads: number, bights: number): Size => ({ leads, bights, n: 1 });
const growth = (from: Size, leads: number, bights: number): Growth =>
  growthsFrom(from, { leads, bights }).find((g) => g.to.leads === leads && g.to.bights === bights)!;
const lines = (g: Growth, first: 'O' | 'U') =>
  addedRuns(g, first).map(
    (r) => `${r.k} ${bightName(r.from)}→${bightName(r.to)} ${sequence(lettersOf(r.meets))}`,
  );
const list = (text: string) => text.split('|').map((s) => s.trim());

describe('raising a ring', () => {
  it('3 × 5 to 5 × 9 as it is done at the bench, begun under', () => {
    const g = growth(plain(3, 5), 5, 9);
    expect(g).toMatchObject({ kind: 'raise', ahead: -2, follows: 4 });
    expect(lines(g, 'U')).toEqual(
      list(
        '11 L8→R1 U1 O1 | 12 R1→L4 O1 U1 O1 | 13 L4→R6 O1 U1 O1 | 14 R6→L9 O1 U1 O1 | 15 L9→R2 O1 U1 O1 | 16 R2→L5 U1 O1 U1 O1 | 17 L5→R7 U1 O1 U1 O1 | 18 R7→L1 U1 O1 U1 O1',
      ),
    );
    expect(addedRuns(g, 'U').map((r) => r.phase)).toEqual([
      ...Array(4).fill('follow'),
      ...Array(4).fill('split'),
    ]);
  });

  it('3 × 4 to 5 × 6: its last half cycle first passes the standing end to the other side', () => {
    const g = growth(plain(3, 4), 5, 6);
    expect(g.ahead).toBe(2);
    expect(lines(g, 'O')).toEqual(
      list(
        '8 R6→L3 O1 U1 O1 | 9 L3→R5 O1 U1 O1 | 10 R5→L2 O1 U1 O1 U1 | 11 L2→R4 O1 U1 O1 U1 | 12 R4→L1 O1 U1 O1 U1',
      ),
    );
  });

  it('3 × 2 to 5 × 4 and on to 7 × 6', () => {
    expect(lines(growth(plain(3, 2), 5, 4), 'O')).toEqual(
      list('5 L3→R1 O1 U1 | 6 R1→L4 U1 O1 U1 | 7 L4→R2 U1 O1 U1 | 8 R2→L1 O1 U1 O1 U1'),
    );
    expect(lines(growth(plain(5, 4), 7, 6), 'O')).toEqual(
      list(
        '9 L5→R2 O1 U1 O1 U1 | 10 R2→L6 U1 O1 U1 O1 U1 | 11 L6→R3 U1 O1 U1 O1 U1 | 12 R3→L1 O1 U1 O1 U1 O1 U1',
      ),
    );
  });
});

describe('interweaving', () => {
  it('5 × 9 to 9 × 16 over two and under two', () => {
    const g = growth(plain(5, 9), 9, 16);
    expect(g).toMatchObject({ kind: 'interweave', ahead: 1, to: { n: 2 } });
    expect(lines(g, 'U')).toEqual([
      ...list('18 R13→L2 U1 O1 U1 O2'),
      ...list('19 L2→R6 U1 O1 U1 O2 | 20 R6→L11 U1 O1 U1 O2 | 21 L11→R15 U1 O1 U1 O2'),
      ...list('22 R15→L4 U1 O1 U2 O2 | 23 L4→R8 U1 O1 U2 O2 | 24 R8→L13 U1 O1 U2 O2 | 25 L13→R1 U1 O1 U2 O2'),
      ...list(
        '26 R1→L6 U1 O2 U2 O2 | 27 L6→R10 U1 O2 U2 O2 | 28 R10→L15 U1 O2 U2 O2 | 29 L15→R3 U1 O2 U2 O2',
      ),
      ...list('30 R3→L8 U2 O2 U2 O2 | 31 L8→R12 U2 O2 U2 O2 | 32 R12→L1 U2 O2 U2 O2'),
    ]);
  });

  it('3 × 4 to 5 × 7, and 3 × 5 to 5 × 8', () => {
    expect(lines(growth(plain(3, 4), 5, 7), 'U')).toEqual(
      list(
        '9 L7→R2 U1 O1 | 10 R2→L5 U2 O1 | 11 L5→R7 U2 O1 | 12 R7→L3 U2 O2 | 13 L3→R5 U2 O2 | 14 R5→L1 U2 O2',
      ),
    );
    // The last O crosses the standing end: here it joins the O before it.
    expect(lines(growth(plain(3, 5), 5, 8), 'U')[0]).toBe('10 R7→L2 U1 O2');
  });

  it('is not there for 5 × 8, which is no neighbour of a whole number of leads', () => {
    expect(growthsFrom(plain(5, 8), { leads: 9, bights: 16 }).filter((g) => g.kind === 'interweave')).toEqual(
      [],
    );
  });
});

/** The small ring must be the beginning of the large one: same meetings in the same order, one more at the end where it is ahead. */
function isTheBeginning(g: Growth, first: 'O' | 'U'): boolean {
  const [small, large] = [runList(shapeOf(g.from, first)), runList(shapeOf(g.to, first))];
  return small.every((run, i) => {
    const [mine, theirs] = [run, large[i]!].map((r) =>
      r.meets.map((m) => `${m.other}${m.isOver ? 'O' : 'U'}`),
    );
    if (i < small.length - 1 || g.ahead < 0) return mine!.join() === theirs!.join();
    return theirs!.length === mine!.length + 1 && theirs!.slice(0, -1).join() === mine!.join();
  });
}

describe('growing', () => {
  it('leaves what is tied as it is, and gives the ring that would be tied from the start', () => {
    let tried = 0;
    for (let leads = 2; leads <= 9; leads++)
      for (let bights = 2; bights <= 15; bights++) {
        if (gcd(leads, bights) > 1) continue;
        for (const g of growthsFrom(plain(leads, bights), { leads: 3 * leads, bights: 3 * bights })) {
          expect(gcd(g.to.leads, g.to.bights), `${leads}×${bights}`).toBe(1);
          for (const first of ['O', 'U'] as const)
            expect(
              isTheBeginning(g, first),
              `${leads}×${bights} to ${g.to.leads}×${g.to.bights} ${first}`,
            ).toBe(true);
          // One more step is interwoven on top of the first.
          for (const h of growthsFrom(g.to, { leads: 40, bights: 60 }).filter((x) => x.kind === 'interweave'))
            expect(isTheBeginning(h, 'O')).toBe(true);
          tried++;
        }
      }
    expect(tried).toBeGreaterThan(150);
  });

  it('follows beside the half cycle that it doubles, and splits with the opposite of both', () => {
    for (const g of [growth(plain(3, 5), 5, 9), growth(plain(4, 5), 6, 7), growth(plain(3, 8), 5, 14)]) {
      const whole = runList(shapeOf(g.to, 'O'));
      /** What half cycle k does with every other one, by the other's number: its own letters and those written on it later. */
      const does = (k: number) =>
        new Map([
          ...whole[k - 1]!.meets.map((m) => [m.other, m.isOver] as const),
          ...whole.flatMap((r) => r.meets.filter((m) => m.other === k).map((m) => [r.k, !m.isOver] as const)),
        ]);
      for (const run of addedRuns(g, 'O')) {
        if (run.phase === 'last') continue;
        const mine = does(run.k);
        for (const k of run.beside) {
          expect(whole[k - 1]!.way).toBe(run.way);
          const both = [...does(k)].filter(([other]) => mine.has(other));
          expect(both.length).toBeGreaterThan(0);
          for (const [other, isOver] of both) expect(mine.get(other) === isOver).toBe(run.phase === 'follow');
        }
      }
    }
  });

  it('finds the way from 3 × 5 to 9 × 16: raised, then interwoven', () => {
    const [best] = chains(plain(3, 5), { leads: 9, bights: 16, n: 2 });
    expect(best!.map((g) => `${g.kind} ${g.to.leads}×${g.to.bights}`)).toEqual([
      'raise 5×9',
      'interweave 9×16',
    ]);
  });

  it('lists the fewest steps first, and every row adds the same half cycles', () => {
    const all = chains(plain(3, 5), plain(9, 17));
    expect(all.length).toBeGreaterThan(0);
    for (const [i, chain] of all.entries()) {
      const added = chain.reduce((sum, g) => sum + 2 * (g.to.bights - g.from.bights), 0);
      expect(added).toBe(2 * (17 - 5));
      if (i > 0) expect(chain.length).toBeGreaterThanOrEqual(all[i - 1]!.length);
    }
    expect(chains(plain(5, 8), { leads: 9, bights: 16, n: 2 })).toEqual([]);
  });

  it('keeps what is tied of a ring in hand, but for a last half cycle that goes on over the standing end', () => {
    expect(keptOf([growth(plain(3, 5), 5, 9)])).toBe(10);
    expect(keptOf([growth(plain(3, 4), 5, 6)])).toBe(7);
    const phases = phasesOf(chains(plain(3, 5), { leads: 9, bights: 16, n: 2 })[0]!, 'U');
    // 11 to 14 follow, 15 to 18 split, but 18 first passes the standing end in the next stage; then interwoven to 32.
    expect(phases.get(11)!.phase).toBe('follow');
    expect(phases.get(15)!.beside).toEqual([1, 11]);
    expect(phases.get(18)!.phase).toBe('last');
    expect(phases.get(32)!.phase).toBe('interweave');
    expect(phases.has(10)).toBe(false);
  });

  it('says from which small rings one can begin', () => {
    const names = beginnings({ leads: 9, bights: 16, n: 2 }).map((s) => `${s.leads}×${s.bights}`);
    expect(names).toContain('3×5');
    expect(names).toContain('5×9');
  });
});
