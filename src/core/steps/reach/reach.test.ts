import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PRIOR, TAPE } from '../../chance/spread.ts';
import { parseDesign } from '../../formats/design.ts';
import { plan } from '../../plan/plan.ts';
import type { Plan } from '../../plan/types.ts';
import { whyText } from '../../why/why.ts';
import { workingEnds } from '../list/ends.ts';
import { rowMmOf } from '../list/events.ts';
import { type LeftMeasured, lastOf } from './learn.ts';
import { willItReach } from './reach.ts';
import type { ReachAsk } from './types.ts';

const read = parseDesign(readFileSync('examples/okoro-guide-band.json', 'utf8'));
const made = read.ok ? plan(read.value) : undefined;
if (!made?.ok) throw new Error('okoro-guide-band');
const bar: Plan = made.value;
const rowMm = rowMmOf(bar.bands[0]!);
const ends = workingEnds(bar, 0);
/** What can be read of it: ends carry functions, which are never alike. */
const told = (r: unknown): unknown => JSON.parse(JSON.stringify(r));
const ask = (over: Partial<ReachAsk>) =>
  willItReach({ plan: bar, band: 0, rowsDone: 0, left: [], woven: [], ...over });
/** Both ends as planned at a row, but for so much. */
const left = (rows: number, lessMm = 0): LeftMeasured[] =>
  ends.map((e, end) => ({ rows, end, leftMm: e.startMm - e.usedMm(rows) - lessMm }));

/** What is found where the cord that is left over comes to just this chance. */
function atChance(wanted: number, over: Partial<ReachAsk> = {}) {
  let [enough, short] = [-200, 600];
  for (let i = 0; i < 60; i++) {
    const middle = (enough + short) / 2;
    if (ask({ rowsDone: 10, left: left(10, middle), ...over }).chance >= wanted) enough = middle;
    else short = middle;
  }
  return ask({ rowsDone: 10, left: left(10, enough), ...over });
}

describe('what is said of a chance', () => {
  it('it reaches from 95 in 100, it is doubtful down to even, and short below', () => {
    expect(bar.chance).toBe(0.98);
    const said = (chance: number) => atChance(chance).verdict;
    expect([said(0.951), said(0.949)]).toEqual(['reaches', 'doubtful']);
    expect([said(0.501), said(0.499)]).toEqual(['doubtful', 'short']);
    expect(atChance(0.951).remedies).toEqual([]);
    expect(atChance(0.949).remedies.length).toBeGreaterThan(0);
  });

  it('a cut for fewer than 95 is as good as it was meant to be, within 2 in 100', () => {
    const thrifty = { plan: { ...bar, chance: 0.9 } };
    expect(atChance(0.881, thrifty).verdict).toBe('reaches');
    expect(atChance(0.879, thrifty).verdict).toBe('doubtful');
    // 97 less 2 are 95: from there on nothing more is asked for.
    expect(atChance(0.951, { plan: { ...bar, chance: 0.999 } }).verdict).toBe('reaches');
  });

  it('nothing is left to be tied: it has reached', () => {
    expect(ask({ rowsDone: bar.rows, left: left(bar.rows, 500) })).toMatchObject({
      chance: 1,
      rowsNeeded: 0,
    });
    expect(ask({ rowsDone: bar.rows + 2, left: left(bar.rows, 500) }).rowsNeeded).toBe(0);
    // What is left of each end still makes so many rows as one uses on average.
    const done = ask({ rowsDone: bar.rows, left: left(bar.rows) });
    for (const [i, e] of done.ends.entries()) {
      const end = ends[i]!;
      const average = (end.usedMm(bar.rows) - end.usedMm(0)) / bar.rows;
      const spare = end.startMm - end.usedMm(bar.rows) - end.handMm - end.closureMm;
      expect(Math.abs(e.rows - spare / average)).toBeLessThanOrEqual(1);
    }
  });

  it('an end without anything beyond closure and hands never reaches; a millimetre more may', () => {
    const with1 = (mm: number) =>
      ask({
        rowsDone: 20,
        left: ends.map((e, end) => ({ rows: 20, end, leftMm: e.closureMm + e.handMm + mm })),
      });
    expect(with1(0).chance).toBeLessThan(1e-6);
    expect(with1(1).chance).toBeGreaterThan(1e-3);
    // As they are only measured once all rows are tied, there is nothing to reach.
    expect(ask({ rowsDone: bar.rows, left: left(bar.rows, 900) }).chance).toBe(1);
    const none = ends.map((_, end) => ({ rows: 10, end, leftMm: 0 }));
    const r = ask({ rowsDone: 10, left: none });
    expect(r.chance).toBeLessThan(1e-6);
    expect(r.ends.map((e) => [e.rows, e.surelyRows])).toEqual([
      [0, 0],
      [0, 0],
    ]);
  });
});

describe('rows that are still to be tied', () => {
  it('are as many as planned, or as the maker settled on', () => {
    expect(ask({ rowsDone: 10 }).rowsNeeded).toBe(bar.rows - 10);
    expect(ask({ rowsDone: 10, rowsOf: bar.rows - 4 }).rowsNeeded).toBe(bar.rows - 14);
    expect(ask({ rowsDone: 10 }).rowsTotal).toEqual({ mean: bar.rows, sd: 0 });
  });

  it('follow the length once it is measured, be it after one row; not what was measured before the first', () => {
    const at = (rows: number, times = 1) => [{ rows, wovenMm: rows * rowMm * times }];
    for (const rows of [1, 10]) {
      const r = ask({ rowsDone: rows, woven: at(rows, 1.08) });
      expect(r.rowsTotal.sd).toBeGreaterThan(0);
      expect(r.rowsTotal.mean).toBeLessThan(bar.rows);
      expect(r.rowsNeeded).toBe(Math.round(r.rowsTotal.mean) - rows);
    }
    expect(told(ask({ woven: at(0) }))).toEqual(told(ask({})));
    // Settled on rows, and one of them measured: the length decides again, and is not known for certain.
    const settled = ask({ rowsDone: 1, rowsOf: bar.rows - 4 });
    const measured = ask({ rowsDone: 1, rowsOf: bar.rows - 4, woven: at(1) });
    expect(measured.chance).toBeLessThan(settled.chance);
    expect(told(ask({ rowsDone: 1, rowsOf: bar.rows - 4, woven: at(0) }))).toEqual(told(settled));
  });

  it('never become fewer than those that are done', () => {
    const r = ask({ rowsDone: 10, woven: [{ rows: 10, wovenMm: 10 * rowMm * 5 }] });
    expect(r.rowsNeeded).toBe(0);
  });
});

describe('the last measuring of an end', () => {
  it('is the one at the most rows, in whatever order they were typed', () => {
    const at = (rows: number, end: number) => ({ rows, end, leftMm: 1000 - rows });
    const list = [at(9, 0), at(14, 1), at(5, 0), at(12, 0), at(3, 1)];
    expect(lastOf(list, 0)).toEqual(at(12, 0));
    expect(lastOf(list, 1)).toEqual(at(14, 1));
    expect(lastOf(list, 2)).toBeUndefined();
  });
});

describe('what an end still makes', () => {
  it('what was measured before the first row, or of an end that is not there, tells nothing', () => {
    const plain = ask({ rowsDone: 10 });
    expect(ask({ rowsDone: 10, left: left(0, 100) }).chance).toBe(plain.chance);
    expect(told(ask({ rowsDone: 10, left: [{ rows: 5, end: 7, leftMm: 1 }] }))).toEqual(told(plain));
    expect(ask({ rowsDone: 10, left: left(1, 100) }).chance).not.toBe(plain.chance);
  });

  it('is reckoned from its last measuring, and never from one beyond where it is now', () => {
    const twice = [...left(5, -3), ...left(9, 2), ...left(14, 3)];
    const r = ask({ rowsDone: 10, left: twice });
    for (const [i, e] of r.ends.entries()) {
      const [end, last] = [ends[i]!, left(9, 2)[i]!];
      const since = end.usedMm(10) - end.usedMm(9);
      const factor = (e.leftMm - last.leftMm) / -since;
      expect(whyText(e.why)).toContain('measured at row 9');
      // A row’s use as it turned out: cord per length and row height together.
      expect(factor).toBeGreaterThan(0.9);
      expect(factor).toBeLessThan(1.1);
    }
  });

  it('surely is with 8 mm of tape and 1.645 standard deviations off: of what is known of a row, and of the walk that is to come', () => {
    for (const rowsDone of [5, 10, 20])
      for (let lessMm = 0; lessMm < 120; lessMm += 5) {
        const r = ask({ rowsDone, left: left(rowsDone, lessMm) });
        const share = r.tension.sd / r.tension.mean;
        const needed = bar.rows - rowsDone;
        for (const [i, e] of r.ends.entries()) {
          const end = ends[i]!;
          const perRow = (end.usedMm(bar.rows) - end.usedMm(rowsDone)) / needed;
          const factor = r.tension.mean;
          const spare = e.leftMm - end.handMm - end.closureMm;
          const sd = Math.hypot(share, PRIOR.pieceWalk * Math.sqrt(needed / bar.rows / 3));
          const sure = (spare - 1.645 * TAPE.limpMm) / (factor * Math.exp(1.645 * sd) * perRow);
          expect(e.rows).toBe(Math.max(0, Math.floor(spare / (factor * perRow) + 1e-6)));
          expect(e.surelyRows).toBe(Math.max(0, Math.floor(sure)));
        }
      }
  });
});
