import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseDesign } from '../../formats/design.ts';
import { plan } from '../../plan/plan.ts';
import { whyText } from '../../why/why.ts';
import { workingEnds } from '../list/ends.ts';
import { expectedLeft } from './expectedLeft.ts';

const read = parseDesign(readFileSync('examples/pavel-first-band.json', 'utf8'));
const made = read.ok ? plan(read.value) : read;
if (!made.ok) throw new Error('example');
const [end] = workingEnds(made.value, 0);
const rows = made.value.bands[0]!.rows;

describe('what an end should have left over', () => {
  it('is the cut less rows and closure, give or take two standard deviations of what the rows take', () => {
    const got = expectedLeft(made.value, end!, rows);
    const middle = end!.startMm - end!.usedMm(rows) - end!.closureMm;
    const sd = Math.sqrt(made.value.cords[end!.cord]!.ends[0]!.variance) * end!.wovenMm(rows);
    expect(got.middleMm).toBeCloseTo(middle);
    expect(got.toMm - got.middleMm).toBeCloseTo(2 * sd);
    expect(got.mostMm - got.middleMm).toBeCloseTo(4 * sd);
    expect(got.fromMm).toBeCloseTo(Math.max(0, middle - 2 * sd));
  });

  it('says how it comes about, and the sum adds up', () => {
    const got = expectedLeft(made.value, end!, rows);
    const quantities = got.why.flatMap((part) =>
      typeof part === 'string' || !('mm' in part) ? [] : [part.mm],
    );
    const taken = quantities.slice(1, end!.closureMm > 0 ? 3 : 2).reduce((sum, mm) => sum + mm, 0);
    const [result, spread] = quantities.slice(-2);
    expect(quantities[0]! - taken).toBeCloseTo(result!, 6);
    expect(result).toBe(got.middleMm);
    expect(spread).toBeCloseTo(got.toMm - got.middleMm, 6);
    expect(whyText(got.why)).toContain(`in ${rows} rows`);
  });

  it('is more after fewer rows, and never less than nothing', () => {
    expect(expectedLeft(made.value, end!, rows - 3).middleMm).toBeGreaterThan(
      expectedLeft(made.value, end!, rows).middleMm,
    );
    const many = expectedLeft(made.value, end!, 3 * rows);
    expect([many.middleMm, many.fromMm, many.leastMm]).toEqual([0, 0, 0]);
  });
});
