import { describe, expect, it } from 'vitest';
import { effectiveDiameterMm, findCord } from '../cord/cords.ts';
import { fittingLugs, nearWidth } from '../fit/sizes.ts';
import type { Design } from '../formats/design.gen.ts';
import { whyText } from '../why/why.ts';
import { asProduct } from './adapt.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { orderOnBar } from './setups/sideBySide.ts';
import type { Plan } from './types.ts';

const D3 = 3 * 0.92;

const STRAP: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Strap',
  product: 'watch-two-piece',
  wearer: { name: 'Pavel', girthMm: 180 },
  measures: { lug: 20, lugToLug: 44, gap: 3, springBar: 1.8 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-3',
  setup: { style: 'folded' },
  cords: [{ colour: 'graphite' }],
  closure: { kind: 'pin-buckle', sizeMm: 20, pastMm: 45 },
};

const COLLAR: Design = {
  ...STRAP,
  product: 'collar',
  wearer: { name: 'Halley', girthMm: 400 },
  measures: { ringAt: 60, ringFlat: 24 },
  ease: { school: 'fingers', fingers: 2 },
  pattern: { id: 'ladder-two-4' },
  cord: 'nylon-4',
  setup: { style: 'separate' },
  cords: [{ colour: 'sodium' }, { colour: 'graphite' }],
  closure: { kind: 'side-release', sizeMm: 25 },
};

const planned = (design: Design, changes: Partial<Design> = {}): Plan => {
  const result = plan({ ...design, ...changes });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};
const check = (p: Plan, id: string) => p.checks.find((c) => c.id === id)!;

describe('two-piece watch strap', () => {
  const p = planned(STRAP);
  const [buckle, tail] = p.bands;

  it('takes the case out, meets opposite it, and runs on past the buckle (by hand)', () => {
    const half = (p.finishedLengthMm - 44) / 2;
    // A 20 mm pin buckle is 10 mm from bar to frame; each half is hitched one cord deep to its spring bar.
    expect(buckle!.wovenMm).toBeCloseTo(half - D3 - 10, 9);
    expect(tail!.wovenMm).toBeCloseTo(half - D3 + 45, 9);
    expect(tail!.wovenMm - buckle!.wovenMm).toBeCloseTo(55, 9);
  });

  it('goes round the wrist: case, both halves and the buckle, less what runs on', () => {
    const round = 44 + (D3 + buckle!.wovenMm) + 10 + (D3 + tail!.wovenMm) - 45;
    expect(round).toBeCloseTo(p.finishedLengthMm, 9);
    expect(round - Math.PI * p.metrics.thicknessMm).toBeCloseTo(188, 9);
  });

  it('hitches round a spring bar: π(1.8 + d) and half the strap', () => {
    const attach = p.cords[0]!.parts.filter((x) => x.what === 'attach').map((x) => x.lengthMm);
    expect(attach.some((mm) => Math.abs(mm - (Math.PI * (1.8 + D3) + D3)) < 1e-9)).toBe(true);
  });

  it('names the cords of each half apart, and marks where the pin goes', () => {
    expect(p.cords.map((c) => c.letter)).toEqual(['A.1', 'A.2', 'B']);
    const pin = tail!.marks.find((m) => m.label === 'pin here')!;
    expect(tail!.startMm + tail!.wovenMm - pin.atMm).toBeCloseTo(45, 9);
  });

  it('says what would make a strap that is too wide fit, and that fits', () => {
    const wide = planned(STRAP, { cord: 'nylon-4' });
    const lug = check(wide, 'lug.width');
    expect(lug.ok).toBe(false);
    expect(whyText(lug.message)).toMatch(/21\.\d mm wide is too wide for 20 mm lugs/);
    expect(check(planned(STRAP, lug.fix!.patch), 'lug.width').ok).toBe(true);
    // Four columns are 75 mm in this cord and 22 in the thinnest: no thinner cord does, a narrower weave does.
    const widest = check(
      planned({ ...STRAP, pattern: { id: 'wide-bar-4' }, measures: { ...STRAP.measures, lugWidth: 20 } }),
      'lug.width',
    );
    expect(widest.ok).toBe(false);
    expect(Object.keys(widest.fix!.patch)).toContain('pattern');
    expect(whyText(widest.message)).not.toContain('it would be');
    expect(check(wide, 'lug.gap').ok).toBe(false);
  });

  it('closes with the case’s own bars in one piece from lug to lug', () => {
    const one = planned(STRAP, { closure: { kind: 'spring-bars' } });
    expect(one.bands).toHaveLength(1);
    expect(one.wovenLengthMm).toBeCloseTo(one.finishedLengthMm - 44 - D3, 9);
  });
});

describe('pass-under strap', () => {
  it('runs on under the case, and must be thin enough for the gap', () => {
    const p = planned(STRAP, { product: 'watch-pass-under' });
    expect(p.wovenLengthMm).toBeCloseTo(p.finishedLengthMm - 10 - D3 + 45, 9);
    const gap = check(p, 'lug.gap');
    expect(gap.ok).toBe(false);
    const thin = planned(
      { ...STRAP, product: 'watch-pass-under', setup: { style: 'separate' } },
      gap.fix!.patch,
    );
    expect(check(thin, 'lug.gap').ok).toBe(true);
    expect(check(thin, 'lug.width').ok).toBe(true);
  });
});

describe('what goes between lugs', () => {
  it('is never wider, and never thicker than the gap', () => {
    for (const s of fittingLugs(20, undefined, { gapMm: 4, fill: 0 })) {
      expect(s.widthMm).toBeLessThanOrEqual(20);
      expect(s.thicknessMm).toBeLessThanOrEqual(4);
    }
    // A Solomon bar is 5.8 cords wide: 3 mm nylon fits 20 mm, 4 mm nylon does not.
    const solomon = fittingLugs(20)
      .filter((s) => s.patternId === 'solomon-bar')
      .map((s) => s.cord.id);
    expect(solomon).toContain('nylon-3');
    expect(solomon).not.toContain('nylon-4');
  });

  it('is listed from the nearest width on', () => {
    const off = nearWidth(35, [findCord('nylon-4')!]).map((s) => Math.abs(s.widthMm - 35));
    expect(off).toEqual(off.toSorted((a, b) => a - b));
    expect(off[0]).toBeLessThan(3);
  });
});

describe('collar with a ring', () => {
  const p = planned(COLLAR);

  it('lets two fingers under, and one finger school does not', () => {
    expect(check(p, 'collar.fingers').ok).toBe(true);
    const tight = planned(COLLAR, { ease: { school: 'thickness', slackMm: 5 } });
    expect(check(tight, 'collar.fingers').ok).toBe(false);
    expect(check(planned(COLLAR, check(tight, 'collar.fingers').fix!.patch), 'collar.fingers').ok).toBe(true);
  });

  it('covers the ring’s flat side with whole rows, counted from the hitched end (by hand)', () => {
    const row = p.metrics.rowHeightMm;
    const { fromRow, toRow } = p.bands[0]!.addons[0]!;
    expect(toRow - fromRow + 1).toBe(Math.ceil(24 / row));
    // The first covered row starts at or before the flat side does: hitch of one cord, then whole rows.
    const before = 60 - 12 - effectiveDiameterMm(findCord('nylon-4')!);
    expect((fromRow - 1) * row).toBeLessThanOrEqual(before);
    expect(fromRow * row).toBeGreaterThan(before);
  });

  it('counts the same rows from the other end when a folded cord starts there', () => {
    const folded = {
      ...COLLAR,
      pattern: { id: 'solomon-bar' },
      setup: { style: 'folded' as const },
      cords: [{ colour: 'ember' }],
    };
    const a = planned(folded);
    const b = planned({ ...folded, setup: { style: 'separate' }, cords: COLLAR.cords });
    expect(a.bands[0]!.addons[0]!.fromRow).toBe(a.rows - b.bands[0]!.addons[0]!.toRow + 1);
  });

  it('gives each working end twice the ring’s wire for every row over it', () => {
    const without = planned({
      ...COLLAR,
      product: 'band',
      closure: COLLAR.closure,
      ease: { school: 'thickness', slackMm: 0 },
    });
    expect(without.bands[0]!.addons).toEqual([]);
    const rows = p.bands[0]!.addons[0]!.toRow - p.bands[0]!.addons[0]!.fromRow + 1;
    const over = p.cords[0]!.parts.filter((x) => whyText(x.why).includes('ring’s side'));
    expect(over).toHaveLength(2);
    for (const part of over) expect(part.lengthMm).toBeCloseTo(rows * 2 * 3.5, 9);
  });

  it('is an add-on like any other: it weighs, is listed, and others on its place are told so', () => {
    const [ring] = p.bands[0]!.addons;
    expect(ring).toMatchObject({ kind: 'ring', key: 'ring', index: -1, atMm: 60, sizeMm: 24 });
    const crowded = planned(COLLAR, { addons: [{ kind: 'charm', at: { mm: 65 } }] });
    expect(crowded.bands[0]!.addons.map((a) => a.key)).toEqual(['ring', 'addon-0']);
    expect(check(crowded, 'addon.0.place').ok).toBe(false);
    expect(crowded.figures.weight.value - p.figures.weight.value).toBeCloseTo(2, 1);
  });

  it('does not hang a ring beyond the rows, and moves it when told', () => {
    const off = planned(COLLAR, { measures: { ringAt: 15, ringFlat: 24 } });
    expect(check(off, 'collar.ring').ok).toBe(false);
    expect(check(planned(COLLAR, check(off, 'collar.ring').fix!.patch), 'collar.ring').ok).toBe(true);
  });

  it('wants its ends turned inside', () => {
    const hitched = planned(COLLAR, { closure: { kind: 'side-release', sizeMm: 25, attach: 'hitched' } });
    expect(check(hitched, 'collar.ends').ok).toBe(false);
  });
});

describe('cords side by side', () => {
  const lane = (name: string) => ({ name, role: 'work' as const, lanes: 1, perLength: 1, lane: 0 });

  it('put each column’s core between its two working ends, and all cores of other bars in the middle', () => {
    const names = (cores: string[], works: string[]) =>
      orderOnBar(cores.map(lane), works.map(lane))
        .map((p) => p.name)
        .join(' ');
    expect(names(['c', 'd'], ['1', '2', '3', '4'])).toBe('1 c 2 3 d 4');
    expect(names(['c', 'd'], ['1', '2'])).toBe('1 c d 2');
  });

  it('fold each cord where core and working end part, not at its middle', () => {
    const p = planned({
      ...STRAP,
      product: 'bracelet',
      measures: {},
      pattern: { id: 'wide-bar-2' },
      setup: { style: 'side-by-side' },
      cords: [{ colour: 'aurora' }],
      closure: { kind: 'side-release', sizeMm: 25 },
    });
    expect(p.cords.map((c) => c.place)).toEqual([1, 2, 3]);
    const [outer, middle] = p.cords;
    expect(outer!.marks[0]!.atMm / outer!.cutLengthMm).toBeGreaterThan(0.7);
    expect(middle!.marks[0]!.atMm / middle!.cutLengthMm).toBeCloseTo(0.5, 1);
  });
});

describe('another product', () => {
  it('keeps a wrist’s girth, and takes another body’s usual one', () => {
    expect(asProduct(STRAP, 'bracelet', LIBRARY_ONLY).wearer.girthMm).toBe(180);
    expect(asProduct(STRAP, 'collar', LIBRARY_ONLY).wearer.girthMm).toBe(380);
  });

  it('comes with its own usual closure, unless another was chosen', () => {
    const bracelet = asProduct(STRAP, 'bracelet', LIBRARY_ONLY);
    expect(bracelet.closure).toEqual({ kind: 'side-release' });
    expect(asProduct(bracelet, 'watch-two-piece', LIBRARY_ONLY).closure.kind).toBe('pin-buckle');
    const chosen = { ...bracelet, closure: { kind: 'magnetic', sizeMm: 10 } };
    expect(asProduct(chosen, 'watch-two-piece', LIBRARY_ONLY).closure).toEqual(chosen.closure);
  });

  it('forgets measures that it does not have, and a closure that does not suit', () => {
    const next = asProduct(STRAP, 'collar-cat', LIBRARY_ONLY);
    expect(next.measures).toBeUndefined();
    expect(next.closure.kind).toBe('breakaway');
    expect(plan(next).ok).toBe(true);
  });
});

describe('trying on instead of measuring', () => {
  it('plans cord for the loosest fit and marks where it would just touch', () => {
    const p = planned({ ...COLLAR, product: 'band', ease: { school: 'try-on' } });
    expect(p.closed.closedMm).toBeCloseTo(415, 9);
    const mark = p.bands[0]!.marks.find((m) => m.label === 'try on from here')!;
    expect(p.bands[0]!.startMm + p.wovenLengthMm - mark.atMm).toBeCloseTo(15, 9);
  });
});
