import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { type Design, parseDesign } from '../formats/design.ts';
import type { Make } from '../formats/make.ts';
import { LIBRARY_ONLY } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { allEnds } from '../steps/list/ends.ts';
import { evidenceOf } from './makes.ts';
import { makeFromOutside } from './outside.ts';
import { nonsenseOf, sensibleMake } from './sense.ts';
import { type MakeRow, makesFromRows, mappedRows, rowOfMake } from './table.ts';

const read = parseDesign(readFileSync('examples/ines-dome-night.json', 'utf8'));
if (!read.ok) throw new Error('no design');
const DESIGN: Design = read.value;
const planned = plan(DESIGN, LIBRARY_ONLY);
if (!planned.ok) throw new Error('no plan');
const PLAN = planned.value;
const known = {
  designs: new Map<string, unknown>([[DESIGN.name.toLowerCase(), DESIGN]]),
  know: LIBRARY_ONLY,
};
const rows = (...list: MakeRow[]) => makesFromRows(list, known);
const ROW: MakeRow = { piece: DESIGN.name, finished: '2026-10-03', leftOverMm: '200 180' };
const one = (row: Partial<MakeRow> = {}): Make => {
  const got = rows({ ...ROW, ...row });
  if (!got.ok) throw new Error(got.issues[0]!.message);
  return got.value[0]!;
};
const said = (row: Partial<MakeRow>): string => {
  const got = rows({ ...ROW, ...row });
  return got.ok ? '' : got.issues.map((i) => i.message).join(' ');
};

describe('a piece tied elsewhere', () => {
  it('is as planned where nothing else is known, and as measured where it is', () => {
    const plain = one();
    expect(plain.rows).toEqual(PLAN.bands.map((b) => b.rows));
    expect(plain.cuts.map((c) => c.cutMm)).toEqual(PLAN.cords.map((c) => c.cutLengthMm));
    expect(plain).toMatchObject({ fit: 'not tried', name: DESIGN.name });
    expect(plain.wovenMm).toBeUndefined();
    const told = one({
      rows: '24',
      wovenMm: '166',
      closedMm: '17.2 cm',
      tieMinutes: '12,5',
      fit: 'tight',
      lot: 'May',
    });
    expect(told).toMatchObject({ rows: [24], wovenMm: 166, closedMm: 172, fit: 'tight', lot: 'May' });
    expect(told.spent.tie).toBe(750_000);
  });

  it('teaches by cut less leftover: 50 mm longer cut and 50 mm more left over are the same use', () => {
    const used = (make: Make) => evidenceOf(make, LIBRARY_ONLY)!.ends.map((e) => e.usedMm!);
    const plain = used(one());
    const [a, b] = PLAN.cords.map((c) => c.cutLengthMm);
    expect(allEnds(PLAN)).toHaveLength(2);
    const more = used(one({ cutMm: `${a! + 50} ${b}`, leftOverMm: '250 180' }));
    expect(more[0]).toBeCloseTo(plain[0]!, 6);
    expect(more[1]).toBeCloseTo(plain[1]!, 6);
    // 30 mm more left over of the second end: it used 30 mm less.
    expect(used(one({ leftOverMm: '200 210' }))[1]).toBeCloseTo(plain[1]! - 30, 6);
  });

  it('goes out as a row and comes in the same', () => {
    const make = one({
      id: 'p1',
      rows: '25',
      wovenMm: '165',
      fit: 'loose',
      lot: 'a',
      notes: 'wet rope, cold',
    });
    const again = rows(rowOfMake(make));
    if (!again.ok) throw new Error(again.issues[0]!.message);
    expect(again.value[0]).toMatchObject({
      id: 'p1',
      rows: [25],
      wovenMm: 165,
      fit: 'loose',
      lot: 'a',
      notes: 'wet rope, cold',
      leftovers: [{ leftMm: 200 }, { leftMm: 180 }],
    });
    expect(again.value[0]!.cuts.map((c) => c.cutMm)).toEqual(make.cuts.map((c) => Math.round(c.cutMm)));
  });

  it('is noticed when the same row comes in again, and told apart where anything differs', () => {
    expect(one().id).toBe(one().id);
    expect(one({ leftOverMm: '200 181' }).id).not.toBe(one().id);
  });

  it('is refused by line and column, and with it the whole table', () => {
    const got = rows(ROW, { ...ROW, finished: '3 Oct' }, { ...ROW, fit: 'snug', rows: '2.5' });
    if (got.ok) throw new Error('read');
    expect(got.issues.map((i) => i.message)).toEqual([
      'Line 3, column “finished”: there is no day “3 Oct”; write it as 2026-12-05.',
      'Line 4, column “fit”: “snug” is none of right, tight, loose, not tried.',
      'Line 4, column “rows”: rows are counted whole.',
    ]);
    expect(said({ piece: 'Nobody’s band' })).toContain('there is no design “Nobody’s band”');
    expect(said({ leftOverMm: 'a bit' })).toContain('column “leftOverMm”: “a bit” is no length');
    expect(said({ leftOverMm: '1 2 3' })).toContain('3 leftovers, but it has 2 working ends');
    expect(said({ cutMm: '1000 1000 1000' })).toContain('3 cuts, but this piece has 2');
    expect(said({ tieMinutes: '0' })).toContain('column “tieMinutes”');
    expect(rows().ok).toBe(false);
  });

  it('can’t have more left over than was cut of a cord', () => {
    const [a] = PLAN.cords.map((c) => c.cutLengthMm);
    expect(said({ leftOverMm: `${Math.ceil(a!) + 20} 100` })).toMatch(
      /cm are left over of A, but only \d+ cm were cut/,
    );
    expect(said({ leftOverMm: `${Math.floor(a!)} 100` })).toBe('');
  });

  it('can’t be finished before it was begun, and is looked at again on a day that there is', () => {
    const make = one();
    expect(nonsenseOf({ ...make, startedAt: make.finishedAt + 1 })[0]!.path).toBe('/finishedAt');
    expect(nonsenseOf({ ...make, startedAt: make.finishedAt })).toEqual([]);
    expect(sensibleMake({ ...make, careOn: '2027-02-30' }).ok).toBe(false);
    expect(sensibleMake({ ...make, careOn: '2027-02-28' }).ok).toBe(true);
  });

  it('of a design that can’t be planned any more is refused', () => {
    const got = makeFromOutside(
      { id: 'x', design: { ...DESIGN, pattern: { id: 'gone' } }, finishedAt: 1e12 },
      LIBRARY_ONLY,
    );
    expect(got.ok).toBe(false);
  });
});

it('another table’s headings are put under ours, and what it has besides is left', () => {
  const foreign = [{ Band: 'Dome', Done: '2026-01-02', Rest: '20', Mood: 'fine' }];
  expect(
    mappedRows(foreign, { piece: 'Band', finished: 'Done', leftOverMm: 'Rest', notes: 'Nothing' }),
  ).toEqual([{ piece: 'Dome', finished: '2026-01-02', leftOverMm: '20' }]);
});
