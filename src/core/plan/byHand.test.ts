import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { workingEnds } from '../steps/list/ends.ts';
import { willItReach } from '../steps/reach/reach.ts';
import { whyText } from '../why/why.ts';
import { ADDON_KINDS } from './addons.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { STYLES } from './setups/index.ts';
import { BASE } from './testing/onTheEdge.ts';

const planned = (changes: Partial<Design> = {}, know = LIBRARY_ONLY) => {
  const made = plan({ ...BASE, ...changes }, know);
  if (!made.ok) throw new Error(made.issues[0]!.message);
  return made.value;
};

describe('ways to set a band up', () => {
  it('each say whose cords they are, how a late half begins, and whether cords turn back or lie side by side', () => {
    const flags = Object.fromEntries(
      Object.entries(STYLES).map(([id, s]) => [id, [s.isByStrand, s.second, s.turnsBack, s.isSideBySide]]),
    );
    expect(flags).toEqual({
      folded: [false, 'edges', true, false],
      fused: [false, 'edges', true, false],
      separate: [true, 'cores', false, false],
      looped: [false, 'edges', true, false],
      'side-by-side': [false, 'edges', false, true],
    });
  });

  it('begin a cord that is not folded with its tucked end, at the bar it is hitched to', () => {
    const made = planned({ pattern: { id: 'flat-braid-3' }, cords: [{ colour: 'dusk' }] });
    const first = made.cords.flatMap((c) => c.parts.slice(0, 1)).filter((p) => p.what === 'attach');
    for (const part of first) expect(part.fromMm).toBe(0);
  });
});

describe('usual add-ons', () => {
  it('are as long along the band and as heavy as the kitchen scale says', () => {
    const table = Object.fromEntries(
      Object.entries(ADDON_KINDS).map(([kind, a]) => [kind, [a.sizeMm, a.weightG, a.holeMm]]),
    );
    // A focal knot's length is a count of passes until it is placed, and its cord is the band's own.
    expect(table).toEqual({
      ring: [20, 9, undefined],
      bead: [12, 3, 7],
      slider: [14, 5, undefined],
      charm: [10, 2, undefined],
      tag: [25, 4, undefined],
      knot: [2, 0, undefined],
    });
  });
});

describe('how long it takes', () => {
  it('is six minutes to set up, a row times the rows, and the closure', () => {
    const made = planned();
    // Two ends in the easiest weave but one or so: 0.2 min a row and 0.08 more for each step harder.
    const step = (made.figures.minutes.value - 6 - 4) / made.rows;
    expect([0.2, 0.28, 0.36, 0.44, 0.52].some((m) => Math.abs(m - step) < 1e-9)).toBe(true);
  });

  it('is said in spans of whole five minutes once the log knows: 10 + 27 rows × a hand’s time, a third less and more', () => {
    const factor = { factor: 1.5, from: 1, to: 2, pieces: { all: 4, ofWeave: 3 } };
    const know = { ...LIBRARY_ONLY, minutes: () => factor };
    const made = planned({}, know);
    const perRow = (planned().figures.minutes.value - 10) / made.rows;
    const five = (m: number) => 5 * Math.round(m / 5);
    const said = whyText(made.figures.minutes.why);
    expect(said).toContain(
      `${five(10 + made.rows * perRow)} to ${five(10 + made.rows * perRow * 2)} min in four out of five`,
    );
    expect(made.figures.minutes.value).toBeCloseTo(10 + made.rows * perRow * 1.5, 9);
  });
});

describe('rows that an end surely makes', () => {
  it('are those of its spare, less a misread tape, at a hand that is 1.645 deviations thirstier', () => {
    const made = planned();
    const ends = workingEnds(made, 0);
    const reach = willItReach({ plan: made, band: 0, rowsDone: 0, left: [], woven: [] });
    for (const [i, e] of reach.ends.entries()) {
      const end = ends[i]!;
      const perRow = (end.usedMm(made.rows) - end.usedMm(0)) / made.rows;
      const expected = e.rows * perRow;
      // What it makes at all, and the tape: 1.645 × 8 mm; a hand of at most 12 % more: never under four fifths of it.
      expect(e.surelyRows).toBeLessThan(e.rows);
      expect(e.surelyRows * perRow).toBeGreaterThan(0.8 * expected - 1.645 * 8 - perRow);
    }
  });
});
