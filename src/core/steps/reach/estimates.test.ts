import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { below } from '../../chance/normal.ts';
import { parseDesign } from '../../formats/design.ts';
import { findPattern } from '../../patterns/index.ts';
import { plan } from '../../plan/plan.ts';
import type { Plan } from '../../plan/types.ts';
import { whyText } from '../../why/why.ts';
import { workingEnds } from '../list/ends.ts';
import { rowMmOf } from '../list/events.ts';
import { movesOf } from '../rows/moves.ts';
import { frameFor } from '../rows/variant.ts';
import type { LeftMeasured } from './learn.ts';
import { bumpsOn, findCount, signSide } from './lostCount.ts';
import { willItReach } from './reach.ts';

const example = (name: string): Plan => {
  const read = parseDesign(readFileSync(`examples/${name}.json`, 'utf8'));
  const made = read.ok ? plan(read.value) : undefined;
  if (!made?.ok) throw new Error(name);
  return made.value;
};

const bar = example('okoro-guide-band');
const ask = (over: Partial<Parameters<typeof willItReach>[0]>) =>
  willItReach({ plan: bar, band: 0, rowsDone: 0, left: [], woven: [], ...over });

/** Both ends measured by a maker who uses `factor` of the plan. */
const measured = (rows: number, factor: number): LeftMeasured[] =>
  workingEnds(bar, 0).map((e, end) => ({ rows, end, leftMm: e.startMm - factor * e.usedMm(rows) }));

describe('normal distribution', () => {
  it('agrees with the printed tables', () => {
    // Abramowitz and Stegun, table 26.1.
    for (const [z, p] of [
      [0, 0.5],
      [1, 0.8413447461],
      [-1, 0.1586552539],
      [1.645, 0.9500150945],
      [2.5, 0.9937903347],
    ] as const)
      expect(below(z)).toBeCloseTo(p, 6);
  });
});

describe('will it reach?', () => {
  it('as planned it reaches, and one more row costs what the plan says', () => {
    const r = ask({ rowsDone: 10, left: measured(10, 1) });
    expect(r.verdict).toBe('reaches');
    expect(r.rowsNeeded).toBe(bar.rows - 10);
    expect(r.tension.mean).toBeCloseTo(1, 2);
    expect(r.remedies).toEqual([]);
    // By hand: what is left less the hands’ 75, over what a row uses.
    const [end] = workingEnds(bar, 0);
    const left = end!.startMm - end!.usedMm(10) - 75;
    const perRow = (end!.usedMm(bar.rows) - end!.usedMm(0)) / bar.rows;
    expect(Math.abs(r.ends[0]!.rows - left / perRow)).toBeLessThanOrEqual(1);
  });

  it('takes hands and closure off what is left before it counts rows, and says the sum', () => {
    const loop = example('sade-equinox-band');
    const ends = workingEnds(loop, 0);
    // Each end goes on into a sliding knot.
    expect(ends[0]!.closureMm).toBeGreaterThan(10);
    const r = willItReach({ plan: loop, band: 0, rowsDone: 0, left: [], woven: [] });
    for (const [i, e] of ends.entries()) {
      const quantities = r.ends[i]!.why.flatMap((part) =>
        typeof part !== 'string' && 'mm' in part ? [part.mm] : [],
      );
      const [known, ...taken] = quantities.slice(0, -2);
      const [spare, aRow] = quantities.slice(-2);
      expect(known).toBeCloseTo(e.startMm, 9);
      expect(taken.at(-1)).toBeCloseTo(e.closureMm, 9);
      expect(taken.reduce((left, mm) => left - mm, known!)).toBeCloseTo(spare!, 9);
      expect(r.ends[i]!.rows).toBe(Math.floor(spare! / aRow! + 1e-6));
    }
  });

  it('a hand that uses a sixth more is noticed at a third of the rows, and told that it is short by two thirds', () => {
    const at = (rowsDone: number) =>
      ask({
        rowsDone,
        left: measured(rowsDone, 1.17),
        woven: [{ rows: rowsDone, wovenMm: rowsDone * rowMmOf(bar.bands[0]!) }],
      });
    const [before, early, late] = [ask({ rowsDone: 0 }), at(10), at(19)];
    expect(before.verdict).toBe('reaches');
    expect(before.tension.mean).toBe(1);
    expect(early.verdict).not.toBe('reaches');
    expect(early.tension.mean).toBeGreaterThan(1.1);
    expect(late.verdict).toBe('short');
    expect(late.tension.mean).toBeGreaterThan(early.tension.mean);
    expect(late.tension.sd).toBeLessThan(early.tension.sd);
    expect(late.worst!.rows).toBeLessThan(late.rowsNeeded);
    expect(late.worst!.surelyRows).toBeLessThanOrEqual(late.worst!.rows);
  });

  it('more left never makes it less likely, a longer tail never more', () => {
    let last = 0;
    for (const factor of [1.3, 1.2, 1.15, 1.1, 1.05, 1, 0.9]) {
      const chance = ask({ rowsDone: 10, left: measured(10, factor) }).chance;
      expect(chance).toBeGreaterThanOrEqual(last);
      last = chance;
    }
    const tails = [20, 40, 60, 75].map(
      (mostHandMm) => ask({ rowsDone: 10, mostHandMm, left: measured(10, 1.1) }).chance,
    );
    expect([...tails].sort((a, b) => b - a)).toEqual(tails);
  });

  it('the shorter end decides', () => {
    const left = measured(10, 1).map((l) => (l.end === 1 ? { ...l, leftMm: l.leftMm - 200 } : l));
    const r = ask({ rowsDone: 10, left });
    expect(r.worst!.end).toBe(r.ends[1]!.end);
    expect(r.verdict).not.toBe('reaches');
  });

  it('rows that came out taller need fewer of them, and it says how many', () => {
    const tall = ask({ rowsDone: 10, woven: [{ rows: 10, wovenMm: 10 * rowMmOf(bar.bands[0]!) * 1.1 }] });
    expect(tall.rowsTotal.mean).toBeLessThan(bar.rows - 1);
    expect(tall.rowsNeeded).toBeLessThan(bar.rows - 10);
  });

  it('rows that came out lower need more of them than planned, and more cord than planned', () => {
    const low = { rows: 10, wovenMm: 10 * rowMmOf(bar.bands[0]!) * 0.85 };
    const planned = ask({ rowsDone: 10, left: measured(10, 1) });
    const r = ask({ rowsDone: 10, left: measured(10, 1), woven: [low] });
    expect(r.rowsNeeded).toBeGreaterThan(bar.rows - 10 + 2);
    expect(r.chance).toBeLessThan(planned.chance);
    // Each of them takes a row’s cord, also those beyond the plan.
    expect(Math.abs(r.ends[0]!.rows - planned.ends[0]!.rows)).toBeLessThanOrEqual(1);
  });

  it('stopping earlier is offered as long as there is slack for it, to the millimetre', () => {
    const shorterOf = (slackMm: number) => {
      const slack = { ...bar.figures.slack, value: slackMm };
      const plan = { ...bar, figures: { ...bar.figures, slack } };
      const reach = ask({ plan, rowsDone: 10, left: measured(10, 1.2) });
      const remedy = reach.remedies.find((r) => r.id === 'shorter')!;
      const [makes, lessMm, closesMm] = remedy.what.flatMap((part) =>
        typeof part === 'string' ? [] : 'mm' in part ? [part.mm] : 'value' in part ? [part.value] : [],
      ) as [number, number, number];
      return { ...remedy, reach, makes, lessMm, closesMm };
    };
    const { reach, makes, lessMm, closesMm } = shorterOf(0);
    // Rows that are not tied any more, each as high as it has turned out.
    expect(lessMm).toBeCloseTo((reach.rowsNeeded - makes) * reach.rowMm.mean, 9);
    expect(lessMm).toBeGreaterThan(3);
    expect(closesMm).toBeCloseTo(bar.closed.closedMm - lessMm, 9);
    const [just, tight] = [shorterOf(lessMm + 1), shorterOf(lessMm - 1)];
    expect([just.ok, tight.ok]).toEqual([true, false]);
    expect(whyText(just.what)).toContain('still 1 mm slack');
    expect(whyText(tight.what)).toContain('1 mm too tight');
  });

  it('remedies carry their numbers: fid, shorter, spread, splice', () => {
    const r = ask({ rowsDone: 15, left: measured(15, 1.14) });
    expect(r.verdict).not.toBe('reaches');
    const text = Object.fromEntries(r.remedies.map((x) => [x.id, whyText(x.what)]));
    expect(text.fid).toContain(`${bar.hands.toolMm} mm`);
    expect(text.shorter).toMatch(/Stop after \d+ more rows/);
    expect(text.spread).toMatch(/more between each/);
    expect(text.splice).toMatch(/in row \d+/);
    const row = Number(/row (\d+)/.exec(text.splice!)![1]);
    expect(row).toBeGreaterThan(15);
    // Never within 25 mm of the closure.
    expect(row * rowMmOf(bar.bands[0]!)).toBeLessThanOrEqual(bar.bands[0]!.wovenMm - 25 + 1e-6);
  });

  it('a splice lasts for all rows that are left beyond it, and for the hands', () => {
    const r = ask({ rowsDone: 15, left: measured(15, 1.14) });
    const splice = r.remedies.find((x) => x.id === 'splice')!;
    const [row, along, fused] = splice.what.flatMap((part) =>
      typeof part === 'string' ? [] : 'mm' in part ? [part.mm] : 'value' in part ? [part.value] : [],
    ) as [number, number, number];
    expect(row).toBeGreaterThan(15);
    const perRow = along / (row - 15);
    const { end } = r.ends.reduce((a, b) => (a.rows <= b.rows ? a : b));
    expect(fused).toBeCloseTo((r.rowsNeeded - (row - 15)) * perRow + end.handMm, 6);
  });

  it('never splices what carries a load', () => {
    const collar = example('halley-collar');
    const ends = workingEnds(collar, 0);
    const left = ends.map((e, end) => ({ rows: 30, end, leftMm: e.startMm - 1.25 * e.usedMm(30) }));
    const r = willItReach({
      plan: collar,
      band: 0,
      rowsDone: 30,
      left,
      woven: [],
      carriesLoad: true,
    });
    const splice = r.remedies.find((x) => x.id === 'splice')!;
    expect(splice.ok).toBe(false);
    expect(whyText(splice.what)).toContain('load');
  });
});

describe('a lost count', () => {
  const spec = findPattern('solomon-bar')!.draw();
  const tying = movesOf(spec, frameFor(spec, { start: 'left', hand: 'right' }))!;
  const tells = findPattern('solomon-bar')!.tells;
  const rowMm = { mean: 6, sd: 0.2 };
  const base = { tying, tells, rowsOf: 40, rowMm, counter: 18 };

  it('Solomon bar by hand: the first row from the left leaves its bump on the right, and so on by turns', () => {
    expect([1, 2, 3, 4].map((n) => signSide(base, n))).toEqual(['right', 'left', 'right', 'left']);
    expect(bumpsOn(base, 'right', 7)).toBe(4);
    expect(bumpsOn(base, 'left', 7)).toBe(3);
  });

  it('bumps on one edge and the side of the last one settle the row', () => {
    for (let n = 3; n < 40; n++) {
      const found = findCount(
        { ...base, counter: n + 2 },
        { lastSide: signSide(base, n), bumps: { side: 'right', count: Math.ceil(n / 2) } },
      )!;
      expect(found.rows).toBe(n);
      expect(found.next).toBe(n % 2 === 0 ? 'left' : 'right');
      expect(found.nextChance).toBeGreaterThan(0.9);
    }
  });

  it('a length alone gives the row with its uncertainty, and the last side halves the choice', () => {
    const alone = findCount(base, { wovenMm: 121 })!;
    expect(Math.abs(alone.rows - 20)).toBeLessThanOrEqual(1);
    const both = findCount(base, { wovenMm: 121, lastSide: signSide(base, 20) })!;
    expect(both.rows).toBe(20);
    expect(both.range[1] - both.range[0]).toBeLessThanOrEqual(alone.range[1] - alone.range[0] + 1);
    expect(both.nextChance).toBeGreaterThan(alone.nextChance);
  });

  it('rows counted one by one outweigh a counter that stood three off, and the last side puts a miscount right', () => {
    const found = findCount({ ...base, counter: 21 }, { counted: 24 })!;
    expect(found.rows).toBe(24);
    expect(found.chance).toBeGreaterThan(0.85);
    expect(whyText(found.why, 'metric')).toContain('24 rows counted one by one');
    // One too many was counted, but the side allows only every other row.
    const side = findCount({ ...base, counter: 23 }, { counted: 24, lastSide: signSide(base, 23) })!;
    expect([23, 25]).toContain(side.rows);
  });

  it('weighs a length by the tape, 2 mm, and by what rows differ, a counter by five rows', () => {
    // Rows of 6 mm, each 0.2 off: after n of them a length is off by the root of 2² + (0.2·n)².
    const weight = (n: number) => {
      const sd = Math.hypot(2, 0.2 * n);
      return (
        (Math.exp(-(((n - 18) / 5) ** 2) / 2) + 0.02) * (Math.exp(-(((6 * n - 123) / sd) ** 2) / 2) / sd)
      );
    };
    const all = Array.from({ length: 41 }, (_, n) => weight(n)).reduce((a, b) => a + b, 0);
    const found = findCount(base, { wovenMm: 123 })!;
    expect(found.rows).toBe(weight(20) > weight(21) ? 20 : 21);
    expect(found.chance).toBeCloseTo(weight(found.rows) / all, 6);
    // The smallest stretch about it that holds nine tenths.
    const [least, most] = found.range;
    const held = (from: number, to: number) => {
      let sum = 0;
      for (let n = from; n <= to; n++) sum += weight(n) / all;
      return sum;
    };
    expect(held(least, most)).toBeGreaterThanOrEqual(0.9);
    expect(Math.min(held(least + 1, most), held(least, most - 1))).toBeLessThan(0.9);
  });

  it('says what it was found by, and only that', () => {
    const said = (seen: Parameters<typeof findCount>[1]) => whyText(findCount(base, seen)!.why);
    expect(said({})).toBe('the counter stood at 18');
    expect(said({ wovenMm: 120 })).toBe(
      'woven 12.0 cm ÷ 6 mm a row = 20.0 (a row may be 3.3 % off); the counter stood at 18',
    );
    expect(said({ counted: 17 })).toBe('17 rows counted one by one; the counter stood at 18');
    const bumps = said({ bumps: { side: 'right', count: 9 }, lastSide: 'left' });
    expect(bumps).toMatch(
      /^9 bumps on the right edge; \d+ rows leave 9 there; .* on the left, so only every other row/,
    );
  });

  it('the last side alone is misread once in fifty times', () => {
    // As many even rows as odd ones are likely: the side is as sure as eyes are.
    const seen = findCount(base, { lastSide: signSide(base, 18) })!;
    expect(Math.abs(seen.nextChance - 0.98)).toBeLessThan(0.004);
  });

  it('nothing seen leaves the counter, honestly unsure', () => {
    const found = findCount(base, {})!;
    expect(found.rows).toBe(18);
    expect(found.range[1] - found.range[0]).toBeGreaterThan(8);
  });

  it('a counter alone is trusted to five rows, or not at all once in four times', () => {
    // A bell of five rows weighs 5·√(2π) = 12.53 in all, a fiftieth on each of 201 rows 4.02: its own row has 1.02 of 16.55.
    const found = findCount({ ...base, counter: 100, rowsOf: 200 }, {})!;
    expect(found.rows).toBe(100);
    expect(found.chance).toBeCloseTo(1.02 / 16.55, 3);
  });

  it('no row at all is weighed as any other: no side was seen, or there are none', () => {
    // Counter at 2: 1 + e^(−1/50) + e^(−4/50) below and at it, (12.53 − 1) / 2 above it, a fiftieth on each of 201 rows: 12.69.
    const low = { ...base, counter: 2, rowsOf: 200 };
    expect(findCount(low, {})!.chance).toBeCloseTo(1.02 / 12.69, 4);
    expect(findCount({ ...low, tells: undefined }, { lastSide: 'left' })!.chance).toBeCloseTo(
      1.02 / 12.69,
      4,
    );
  });

  it('a braid tells by the strand that moved last: the other side comes next', () => {
    const draw = findPattern('flat-braid-4')!;
    const braid = movesOf(draw.draw(), frameFor(draw.draw(), { start: 'left', hand: 'right' }))!;
    const b = { tying: braid, tells: draw.tells, rowsOf: 60, rowMm: { mean: 2.2, sd: 0.05 }, counter: 31 };
    const found = findCount(b, { lastSide: 'left', wovenMm: 31 * 2.2 })!;
    expect(found.next).toBe('right');
    expect(found.rows).toBe(31);
  });
});
