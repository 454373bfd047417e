import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseDesign } from '../formats/design.ts';
import { type Make, makeRecord } from '../formats/make.ts';
import { WEAVES } from '../patterns/index.ts';
import { type Knowledge, LIBRARY_ONLY } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { workingEnds } from '../steps/list/ends.ts';
import { startProgress } from '../steps/progress.ts';
import { willItReach } from '../steps/reach/reach.ts';
import { USUAL_WAY } from '../steps/types.ts';
import { whyText } from '../why/why.ts';
import { forecastOf, minutesOf, type WorkedLog, workLog } from './log.ts';
import { evidenceOf } from './makes.ts';

const read = parseDesign(readFileSync('examples/pavel-first-band.json', 'utf8'));
if (!read.ok) throw new Error('example');
const design = read.value;
const planned = (know: Knowledge = LIBRARY_ONLY) => {
  const made = plan(design, know);
  if (!made.ok) throw new Error('plan');
  return made.value;
};
const NONE = { leftOut: [], confirmed: [] };
const learnedFrom = (log: WorkedLog) => (weave: string, cord: string) => forecastOf(log, weave, cord);
const PROGRESS = startProgress('gather', USUAL_WAY, 0);

/** A piece tied by a hand that uses `factor` of what is calculated, its first end `apart` times that, cut as `know` planned it. */
function tied(id: string, factor: number, know: Knowledge = LIBRARY_ONLY, apart = 1): Make {
  const made = planned(know);
  const plain = planned();
  const ends = workingEnds(made, 0);
  const rows = made.bands[0]!.rows;
  // What the calculation takes of each end for so many rows, by the library alone.
  const calculated = workingEnds(plain, 0).map(
    (e) => (e.wovenMm(plain.bands[0]!.rows) / plain.bands[0]!.rows) * rows,
  );
  return makeRecord(
    id,
    design,
    made,
    PROGRESS,
    { startedAt: 1, finishedAt: Number(id) },
    {
      fit: 'right',
      checks: [],
      wovenMm: plain.metrics.rowHeightMm * rows,
      left: ends.map((e, end) => {
        const other = e.usedMm(rows) - e.wovenMm(rows);
        return {
          band: 0,
          end,
          leftMm:
            e.startMm - e.closureMm - other - calculated[end]! * factor * (end === 0 ? apart : 1 / apart),
        };
      }),
    },
  );
}

describe('how long finished pieces took', () => {
  const withMinutes = (id: string, minutes: number): Make => {
    const make = tied(id, 1);
    return { ...make, spent: { ...make.spent, tie: minutes * 60_000 } };
  };

  it('is what the next plan says, and its working tells from how many pieces', () => {
    const before = planned();
    const [band] = before.bands;
    // 29 rows at 0.2 min are 5.8 min; twice as long each time.
    const slow = 2 * 0.2 * band!.rows;
    const log = workLog(
      [withMinutes('1', slow), withMinutes('2', slow), withMinutes('3', slow)],
      [],
      NONE,
      LIBRARY_ONLY,
    );
    expect(log.timed.map((t) => t.priorARow)).toEqual([0.2, 0.2, 0.2]);
    const know = { ...LIBRARY_ONLY, minutes: (weave: string) => minutesOf(log, weave) };
    const after = planned(know).figures.minutes;
    const rowsBefore = 0.2 * band!.rows;
    const other = before.figures.minutes.value - rowsBefore;
    expect(after.value - other).toBeGreaterThan(1.6 * rowsBefore);
    expect(after.value - other).toBeLessThan(2.1 * rowsBefore);
    expect(whyText(after.why)).toMatch(
      /your own time per row, from 3 pieces, 3 of this weave; \d+ to \d+ min in four out of five$/,
    );
    expect(whyText(before.figures.minutes.why)).toContain('practised hands');
    // A weave never tied before learns from the hand alone, and by less.
    expect(minutesOf(log, 'fishtail')!.factor).toBeGreaterThan(1.3);
    expect(minutesOf(log, 'fishtail')!.pieces).toEqual({ all: 3, ofWeave: 0 });
  });

  it('does not count without a clock, or in a piece that is left out', () => {
    const log = workLog([tied('1', 1), withMinutes('2', 12)], [], { ...NONE, leftOut: ['2'] }, LIBRARY_ONLY);
    expect(log.timed).toEqual([]);
    expect(minutesOf(log, 'solomon-bar')).toBeUndefined();
    // A minute on the clock is the least.
    const just = (minutes: number) =>
      workLog([withMinutes('1', minutes)], [], NONE, LIBRARY_ONLY).timed.length;
    expect(just(1)).toBe(1);
    expect(just(0.99)).toBe(0);
  });
});

describe('what a finished piece says', () => {
  it('is the cord of its rows: the cut less closure and leftover, whatever it was planned with', () => {
    const e = evidenceOf(tied('1', 1.05), LIBRARY_ONLY)!;
    // Within half a row: the plan lays whole rows on the length.
    for (const end of e.ends)
      expect(Math.abs(end.usedMm! / (end.perMm * e.rowMm * e.rows!) - 1.05)).toBeLessThan(0.01);
    const log = workLog([tied('1', 1.05), tied('2', 1.05)], [], NONE, LIBRARY_ONLY);
    // The next piece is cut by what was learned; what it says of the hand is the same.
    const next = evidenceOf(tied('3', 1.05, { ...LIBRARY_ONLY, learned: learnedFrom(log) }), LIBRARY_ONLY)!;
    // Within what rounding its cut up moves from end to end.
    for (const end of next.ends)
      expect(Math.abs(end.usedMm! / (end.perMm * next.rowMm * next.rows!) - 1.05)).toBeLessThan(0.01);
  });

  it('keeps each leftover with its own end, where only one was typed', () => {
    const make = tied('1', 1.05);
    const only = { ...make, leftovers: make.leftovers.slice(1) };
    const [first, second] = evidenceOf(only, LIBRARY_ONLY)!.ends;
    expect([first!.usedMm, first!.leftMm]).toEqual([undefined, undefined]);
    expect(second!.leftMm).toBe(make.leftovers[1]!.leftMm);
    expect([first!.colour, second!.colour]).toEqual(['sodium', 'sodium']);
  });

  it('names the same strand of two first in every piece, whichever cord it is of and however it is set up', () => {
    // What is learned of two ends apart relies on it: the first is the weave’s first working strand.
    let tried = 0;
    for (const { id } of WEAVES)
      for (const style of ['folded', 'fused', 'separate'] as const)
        for (const strands of [undefined, { 'A/0': 1, 'B/0': 0, 'C1/0': 0, 'C2/0': 1 }]) {
          const made = plan(
            {
              ...design,
              pattern: { id },
              setup: { style, ...(strands ? { strands } : {}) },
              cords: [{ colour: 'dusk' }, { colour: 'ember' }],
            },
            LIBRARY_ONLY,
          );
          if (!made.ok) continue;
          const names = made.value.metrics.strands.map((s) => s.name);
          const ends = workingEnds(made.value, 0).map((e) => names.indexOf(e.strand));
          if (ends.length !== 2) continue;
          tried++;
          expect(ends).toEqual(ends.toSorted((a, b) => a - b));
        }
    expect(tried).toBeGreaterThan(20);
  });

  it('counts in full once the maker has said that it is right', () => {
    const makes = [1, 2, 3, 4, 5].map((n) => tied(`${n}`, n === 5 ? 1.3 : 1));
    const asked = workLog(makes, [], NONE, LIBRARY_ONLY);
    const said = workLog(makes, [], { ...NONE, confirmed: ['5'] }, LIBRARY_ONLY);
    expect(asked.learned.makes.at(-1)!.scores.some((s) => s.sound < 0.5)).toBe(true);
    expect(said.learned.makes.at(-1)!.scores.every((s) => s.sound === 1)).toBe(true);
    const s = (log: typeof asked) => forecastOf(log, design.pattern.id, design.cord)!.s;
    expect(s(said)).toBeGreaterThan(s(asked));
  });

  it('is nothing where nothing was measured, or the design can’t be planned any more', () => {
    const make = tied('1', 1);
    const { wovenMm: _w, ...bare } = make;
    expect(evidenceOf({ ...bare, leftovers: [] }, LIBRARY_ONLY)).toBeUndefined();
    const gone = { ...design, pattern: { id: 'gone' } } as unknown as Make['design'];
    expect(evidenceOf({ ...make, design: gone }, LIBRARY_ONLY)).toBeUndefined();
  });
});

describe('a plan that knows the log', () => {
  const makes = [1, 2, 3].map((n) => tied(`${n}`, 0.94));
  const log = workLog(makes, [], NONE, LIBRARY_ONLY);
  const know = { ...LIBRARY_ONLY, learned: learnedFrom(log) };

  it('cuts less for a hand that uses less, within 3 % of what it will use, and says why', () => {
    const plain = planned();
    const learned = planned(know);
    const woven = (p: typeof plain) => workingEnds(p, 0)[0]!.wovenMm(10) / 10;
    const rowHeights = learned.metrics.rowHeightMm / plain.metrics.rowHeightMm;
    expect(Math.abs(woven(learned) / woven(plain) - 0.94)).toBeLessThan(0.03);
    expect(Math.abs(rowHeights - 1)).toBeLessThan(0.03);
    expect(learned.cords[0]!.cutLengthMm).toBeLessThan(plain.cords[0]!.cutLengthMm - 50);
    expect(whyText(learned.metrics.source)).toMatch(
      /you use about 5 % less cord than calculated, from 3 pieces, 3 of this weave/,
    );
    expect(learned.metrics.shared.lasting).toBeLessThan(plain.metrics.shared.lasting);
    expect(learned.metrics.shared.nu!).toBeGreaterThan(8);
  });

  describe('of hands of which one pulls harder', () => {
    // The first end takes 2 % more than calculated, the second 2 % less: 4 % apart.
    const uneven = Array.from({ length: 12 }, (_, n) => tied(`${n + 1}`, 1, LIBRARY_ONLY, 1.02));
    const apart = (made: readonly Make[]) =>
      forecastOf(workLog(made, [], NONE, LIBRARY_ONLY), design.pattern.id, design.cord)!;
    const knowing = { ...LIBRARY_ONLY, learned: () => apart(uneven) };

    it('lays each end by its own strand, as far as twelve pieces can tell', () => {
      const [first, second] = workingEnds(planned(knowing), 0).map((e) => e.wovenMm(10));
      const [before, after] = workingEnds(planned(), 0).map((e) => e.wovenMm(10));
      const ratio = first! / second! / (before! / after!);
      // One hand of twelve pieces is known to about 0.3 %; the prior draws it towards alike by a tenth or two.
      expect(ratio).toBeGreaterThan(1.03);
      expect(ratio).toBeLessThan(1.0405);
      expect(whyText(planned(knowing).metrics.source)).toMatch(
        /; of your two ends [A-Z]\d? uses 3\.\d % more than [A-Z]\d?$/,
      );
      // What both have in common is as calculated.
      expect(Math.abs(Math.sqrt((first! * second!) / (before! * after!)) - 1)).toBeLessThan(0.01);
    });

    it('still promises what it promises, before the first row', () => {
      const made = planned(knowing);
      const fresh = willItReach({ plan: made, band: 0, rowsDone: 0, left: [], woven: [] });
      expect(Math.abs(fresh.chance - 0.98)).toBeLessThan(0.005);
    });

    it('says nothing of it where ends are as good as alike, and cuts as before where it was not told apart', () => {
      const even = Array.from({ length: 6 }, (_, n) => tied(`${n + 1}`, 1));
      expect(whyText(planned({ ...LIBRARY_ONLY, learned: () => apart(even) }).metrics.source)).not.toContain(
        'of your two ends',
      );
      const { varEnds: _none, ...older } = apart(uneven);
      const [first, second] = workingEnds(planned({ ...LIBRARY_ONLY, learned: () => older }), 0);
      const [a, b] = workingEnds(planned(), 0);
      expect(first!.wovenMm(10) / second!.wovenMm(10)).toBeCloseTo(a!.wovenMm(10) / b!.wovenMm(10), 9);
    });

    it('learns no difference from pieces folded off their middle', () => {
      const folded = uneven.map(
        (m): Make => ({
          ...m,
          design: { ...design, setup: { ...design.setup, uneven: true } } as Make['design'],
        }),
      );
      expect(Math.abs(apart(folded).ends)).toBeLessThan(1e-9);
      expect(apart(uneven).ends).toBeGreaterThan(0.015);
    });
  });

  it('is the plan without a log where no piece counts', () => {
    const all = { ...NONE, leftOut: makes.map((m) => m.id) };
    expect(forecastOf(workLog(makes, [], all, LIBRARY_ONLY), 'solomon-bar', 'nylon-4')).toBeUndefined();
    const one = workLog(makes, [], { ...NONE, leftOut: ['1', '2'] }, LIBRARY_ONLY);
    expect(forecastOf(one, design.pattern.id, design.cord)!.pieces.all).toBe(1);
  });

  it('takes a swatch as a short piece among the others', () => {
    const swatch = {
      patternId: design.pattern.id,
      cordId: design.cord,
      rows: 20,
      wovenMm: 118,
      workUsedMm: 1300,
    };
    const withOne = forecastOf(workLog(makes, [swatch], NONE, LIBRARY_ONLY), design.pattern.id, design.cord)!;
    expect(withOne.s).not.toBeCloseTo(forecastOf(log, design.pattern.id, design.cord)!.s, 4);
    expect(withOne.pieces.all).toBe(4);
  });
});

describe('which pieces count', () => {
  const makes = ['1', '2', '3'].map((id) => tied(id, 1.06));
  const from = (choices: Partial<Parameters<typeof workLog>[2]>, list = makes) =>
    workLog(list, [], { ...NONE, ...choices }, LIBRARY_ONLY).evidence.map((e) => e.id);

  it('are those finished since the maker started afresh, that moment included', () => {
    expect(from({})).toEqual(['1', '2', '3']);
    expect(from({ since: 2 })).toEqual(['2', '3']);
    expect(from({ since: 4 })).toEqual([]);
    expect(from({ since: 2, leftOut: ['3'] })).toEqual(['2']);
  });

  it('are told apart by lot of cord: what one lot took more than another stays with the lot', () => {
    const lots = ['1', '2', '3', '4', '5', '6', '7', '8'].map((id, i) => ({
      ...tied(id, i % 2 === 0 ? 1.08 : 1),
      lot: i % 2 === 0 ? 'May' : ' June ',
    }));
    const { evidence, learned } = workLog(lots, [], NONE, LIBRARY_ONLY);
    expect(new Set(evidence.map((e) => e.batch))).toEqual(new Set(['may', 'june']));
    const of = (lot: string) => learned.state.x[learned.state.places.get(`batch ${lot}`)!]!;
    expect(of('may')).toBeGreaterThan(0.004);
    expect(of('june')).toBeLessThan(-0.004);
  });
});
