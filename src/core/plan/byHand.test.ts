import { describe, expect, it } from 'vitest';
import { knotSize } from '../closures/knots.ts';
import type { Design } from '../formats/design.gen.ts';
import { findPattern, solvedFacts } from '../patterns/index.ts';
import { workingEnds } from '../steps/list/ends.ts';
import { OWN_RANGE } from '../steps/list/ownMeasures.ts';
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
    expect(first.length).toBeGreaterThan(0);
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
  it('is six minutes to set up, four for the buckle, and for each row of the easiest weave a fifth of one', () => {
    expect(planned().figures.minutes.value).toBeCloseTo(6 + 4 + 0.2 * planned().rows, 9);
  });

  it('is 0.08 of a minute more a row for each step that a weave is harder, and as much again for four ends', () => {
    const minutesARow = (id: string) => {
      const made = planned({ pattern: { id } });
      return (made.figures.minutes.value - 10) / made.rows;
    };
    for (const id of ['solomon-bar', 'ladder-4', 'fishtail', 'ladder-two-4', 'solomon-bar-3']) {
      const { difficulty } = findPattern(id)!;
      const ends = solvedFacts(id)!
        .strands.filter((s) => s.role !== 'core')
        .reduce((n, s) => n + s.periods, 0);
      expect(minutesARow(id), id).toBeCloseTo((0.2 + 0.08 * (difficulty - 1)) * Math.max(0.5, ends / 2), 9);
    }
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

describe('rows that an end makes for certain', () => {
  it('are those of its spare, less a tape misread by 1.645 × 8 mm, by a hand that uses 1.645 deviations more', () => {
    const made = planned();
    const ends = workingEnds(made, 0);
    const reach = willItReach({ plan: made, band: 0, rowsDone: 0, left: [], woven: [] });
    // What a row may use more or less by the piece itself, and a walk of 2 % from its first row to its last: √(1/3) of it on average.
    const sd = Math.hypot(reach.tension.sd / reach.tension.mean, 0.02 / Math.sqrt(3));
    expect(sd).toBeGreaterThan(0.05);
    for (const [i, e] of reach.ends.entries()) {
      const end = ends[i]!;
      const perRow = (end.usedMm(made.rows) - end.usedMm(0)) / made.rows;
      const spare = end.startMm - end.handMm - end.closureMm;
      expect(e.rows).toBe(Math.floor(spare / perRow + 1e-6));
      expect(e.surelyRows).toBe(Math.floor((spare - 1.645 * 8) / (perRow * Math.exp(1.645 * sd))));
    }
  });
});

describe('how the length is kept while it is tied', () => {
  const labels = (hold?: 'jig' | 'tape' | 'hand') => {
    const made = planned({ setup: { style: 'separate', ...(hold ? { hold } : {}) } });
    const [band] = made.bands;
    const between = band!.startMm + band!.wovenMm + band!.end.standoffMm;
    const names = ['jig, peg to peg', 'marks on the table', 'last row at'];
    return [...made.more, ...Object.values(made.figures)]
      .filter((f) => names.includes(f.label))
      .map((f) => [f.label, Math.abs(f.value - between) < 1e-9] as const);
  };

  it('is pegs of a jig unless told otherwise, marks on a table, or a place to try it on: all at one distance', () => {
    expect(labels()).toEqual([['jig, peg to peg', true]]);
    expect(labels('tape')).toEqual([['marks on the table', true]]);
    expect(labels('hand')).toEqual([['last row at', true]]);
  });
});

describe('what is marked on a band', () => {
  it('is a ring from edge to edge, and a charm at its place', () => {
    const made = planned({
      addons: [
        { kind: 'ring', at: { mm: 80 }, sizeMm: 20 },
        { kind: 'charm', at: { mm: 120 } },
      ],
    });
    const [band] = made.bands;
    const marks = band!.marks.filter((m) => m.what === 'on-band');
    const ring = marks.find((m) => m.toMm !== undefined)!;
    expect(ring.toMm! - ring.atMm).toBeCloseTo(20, 9);
    expect((ring.toMm! + ring.atMm) / 2).toBeCloseTo(band!.addons[0]!.atMm, 9);
    expect(marks.find((m) => m.toMm === undefined)!.atMm).toBeCloseTo(band!.addons[1]!.atMm, 9);
  });

  it('tells the watch case that lies between the halves of a strap, and none where there is no case', () => {
    const measures = { hand: 200, lug: 24, lugToLug: 46, gap: 4, springBar: 1.5 };
    const strap = planned({
      product: 'watch-two-piece',
      measures,
      closure: { kind: 'side-release', sizeMm: 20 },
    });
    expect(strap.more.find((f) => f.label === 'case')!.value).toBe(46);
    expect(planned().more.some((f) => f.label === 'case')).toBe(false);
  });
});

describe('a single sliding knot', () => {
  it('moves from the weave’s end, where its knot stops it, to as far as it opens', () => {
    const made = planned({
      pattern: { id: 'plain-band-2' },
      cords: [{ colour: 'dusk' }],
      closure: { kind: 'single-sliding' },
    });
    const body = knotSize('sliding-1', 3.68).bodyMm;
    const gap = Math.max(25, 4 + body + 3.68);
    const [least, most] = made.closed.adjust!.rangeMm;
    // Tighter: the gap closes until the knot and its neck of 4 mm fill it.
    expect(least).toBeCloseTo(4 + body - gap, 9);
    expect(most).toBeCloseTo(made.closed.danglesMm, 9);
  });
});

describe('the maker’s own measures', () => {
  it('are believed between these, in mm', () => {
    expect(OWN_RANGE).toEqual({
      armSpanMm: [900, 2400],
      elbowMm: [250, 650],
      handSpanMm: [100, 300],
      thumbMm: [10, 40],
    });
  });
});
