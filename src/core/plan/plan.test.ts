import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SIDE_RELEASE } from '../closures/sideRelease.ts';
import { CORDS } from '../cord/cords.ts';
import type { Design } from '../formats/design.gen.ts';
import { solvedFacts, WEAVES } from '../patterns/index.ts';
import { whyText } from '../why/why.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { STYLES, type Style } from './setups/index.ts';
import { strandSpans } from './spans.ts';
import type { Plan } from './types.ts';

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Test band',
  product: 'bracelet',
  wearer: { name: 'Ines', girthMm: 165 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'folded' },
  cords: [{ colour: 'dusk' }],
  closure: { kind: 'side-release', sizeMm: 15 },
};

const planned = (changes: Partial<Design> = {}): Plan => {
  const result = plan({ ...BASE, ...changes });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};

const styles = {
  folded: { setup: { style: 'folded' }, cords: [{ colour: 'dusk' }] },
  fused: { setup: { style: 'fused' }, cords: [{ colour: 'ember' }, { colour: 'dusk' }] },
  separate: { setup: { style: 'separate' }, cords: [{ colour: 'ember' }, { colour: 'dusk' }] },
} as const satisfies Record<string, { setup: Design['setup']; cords: readonly { colour: string }[] }>;

const designs = fc
  .record({
    girth: fc.double({ min: 120, max: 300, noNaN: true }),
    slack: fc.integer({ min: 0, max: 30 }),
    cord: fc.constantFrom(...CORDS.map((c) => c.id)),
    style: fc.constantFrom('folded' as const, 'fused' as const, 'separate' as const),
    size: fc.constantFrom(...SIDE_RELEASE.map((b) => b.sizeMm)),
    margin: fc.constantFrom('never-short' as const, 'measured' as const, 'thrifty' as const),
    tailMm: fc.integer({ min: 0, max: 300 }),
    roundToMm: fc.integer({ min: 1, max: 100 }),
  })
  .map(({ girth, slack, cord, style, size, margin, tailMm, roundToMm }): Design => {
    const { setup, cords } = styles[style];
    return {
      ...BASE,
      wearer: { name: 'Lin', girthMm: girth },
      ease: { school: 'thickness', slackMm: slack },
      cord,
      setup,
      cords: [...cords],
      closure: { kind: 'side-release', sizeMm: size },
      margin,
      tailMm,
      roundToMm,
    };
  });

describe('plan', () => {
  it('takes buckle and hitch out of the finished length (worked by hand)', () => {
    const p = planned();
    const t = p.metrics.thicknessMm;
    expect(p.finishedLengthMm).toBeCloseTo(165 + Math.PI * t + 8, 6);
    // A 15 mm buckle is 22 + 13 mm from bar to bar; the hitch lies one cord of 4 × 0.92 mm deep on the first bar.
    expect(p.wovenLengthMm).toBeCloseTo(p.finishedLengthMm - 35 - 3.68, 6);
    expect(p.rows).toBe(Math.round(p.wovenLengthMm / p.metrics.rowHeightMm));
  });

  it('adds a lark’s head up by hand', () => {
    const attach = planned().cords[0]!.parts.find((p) => p.what === 'attach' && p.fromMm === 0)!;
    // Bar 3 × 2.5 mm, cord 3.68 mm: 2·5.5 + π·3.68 + 3.68.
    expect(attach.lengthMm).toBeCloseTo(11 + 11.561 + 3.68, 2);
  });

  it('lies between the two lengths that makers know: 8 and 14 times the bar for all strands together', () => {
    const m = planned().metrics;
    const all = m.strands.reduce((sum, s) => sum + s.perLength, 0);
    expect(all).toBeGreaterThan(8);
    expect(all).toBeLessThan(14);
  });

  it('works alike in every cord: cord per length is free of scale, sizes are not', () => {
    const [thin, thick] = [planned({ cord: 'nylon-2' }).metrics, planned({ cord: 'nylon-4' }).metrics];
    expect(thin.strands).toEqual(thick.strands);
    expect(thick.widthMm / thin.widthMm).toBeCloseTo(2, 9);
    expect(thick.rowHeightMm / thin.rowHeightMm).toBeCloseTo(2, 9);
  });

  it('adds its parts up, rounds up to the step and never down, and explains every part', () => {
    fc.assert(
      fc.property(designs, (design) => {
        const result = plan(design);
        if (!result.ok) return expect(result.issues[0]!.message.length).toBeGreaterThan(10);
        for (const cord of result.value.cords) {
          const sum = cord.parts.reduce((total, p) => total + p.lengthMm, 0);
          expect(sum).toBeCloseTo(cord.cutLengthMm, 6);
          const step = design.roundToMm!;
          expect(Math.abs(cord.cutLengthMm / step - Math.round(cord.cutLengthMm / step))).toBeLessThan(1e-6);
          const rounding = cord.parts.at(-1)!;
          expect(rounding.what).toBe('rounding');
          expect(rounding.lengthMm).toBeGreaterThanOrEqual(-1e-6);
          expect(rounding.lengthMm).toBeLessThan(step);
          expect(cord.usedLengthMm).toBeLessThanOrEqual(cord.cutLengthMm);
          for (const part of cord.parts) {
            expect(part.lengthMm).toBeGreaterThanOrEqual(-1e-6);
            expect(whyText(part.why).length).toBeGreaterThan(5);
          }
        }
        return undefined;
      }),
    );
  });

  it('never needs less cord for a longer wrist', () => {
    fc.assert(
      fc.property(designs, fc.double({ min: 0, max: 50, noNaN: true }), (design, more) => {
        const [small, big] = [
          plan(design),
          plan({ ...design, wearer: { ...design.wearer, girthMm: design.wearer.girthMm + more } }),
        ];
        if (!small.ok || !big.ok) return;
        big.value.cords.forEach((c, i) => {
          expect(c.cutLengthMm).toBeGreaterThanOrEqual(small.value.cords[i]!.cutLengthMm - 1e-6);
        });
      }),
    );
  });

  it('uses the same cord in all, whichever way it is set up, but for the ends', () => {
    const used = (style: keyof typeof styles) => {
      const { setup, cords } = styles[style];
      return planned({ setup, cords: [...cords] }).cords.reduce((sum, c) => sum + c.usedLengthMm, 0);
    };
    expect(used('fused')).toBeCloseTo(used('folded'), 6);
    expect(Math.abs(used('separate') - used('folded'))).toBeLessThan(120);
  });

  it('covers every strand of the band from the first bar to the last with cord, without gaps', () => {
    for (const { setup, cords } of Object.values(styles)) {
      const p = planned({ setup, cords: [...cords] });
      for (const spans of strandSpans(p).values()) {
        for (let i = 1; i < spans.length; i++) expect(spans[i]!.fromMm).toBeCloseTo(spans[i - 1]!.toMm, 6);
        expect(spans.at(-1)!.toMm).toBeCloseTo(p.bands[0]!.startMm + p.wovenLengthMm, 6);
      }
    }
  });

  it('lays a folded cord out from end to end, alike on both sides of the fold', () => {
    const [cord] = planned().cords;
    const kinds = cord!.parts.slice(0, -1).map((p) => p.what);
    expect(kinds).toEqual(kinds.toReversed());
    const before = cord!.parts.slice(0, kinds.length / 2).reduce((sum, p) => sum + p.lengthMm, 0);
    expect(Math.abs(before - cord!.marks[0]!.atMm)).toBeLessThan(15);
  });

  it('puts the join of two colours away from the closure', () => {
    const p = planned({ setup: styles.fused.setup, cords: [...styles.fused.cords] });
    expect(p.bands[0]!.marks[0]!.atMm - p.bands[0]!.startMm).toBeGreaterThanOrEqual(25);
  });

  it('makes the band longer to allow for wetting, by exactly what it then loses', () => {
    const [dry, wet] = [planned(), planned({ wet: 'add' })];
    const cordPart = wet.finishedLengthMm - 35;
    expect(wet.finishedLengthMm - cordPart * 0.03).toBeCloseTo(dry.finishedLengthMm, 6);
  });

  it('takes a measured buckle over the typical one', () => {
    const p = planned({ closure: { kind: 'side-release', sizeMm: 15, lengthMm: 45 } });
    expect(planned().wovenLengthMm - p.wovenLengthMm).toBeCloseTo(10, 6);
  });
});

describe('checks', () => {
  const check = (p: Plan, id: string) => p.checks.find((c) => c.id === id)!;

  it('finds a flat inch on a thick bar too tight', () => {
    const p = planned({ ease: { school: 'flat', addMm: 25 } });
    expect(p.figures.innerGirth.value).toBeLessThan(165);
    expect(check(p, 'fit.slack').ok).toBe(false);
  });

  it('passes a finger exactly when the finger school asked for one', () => {
    expect(check(planned({ ease: { school: 'fingers', fingers: 1 } }), 'fit.finger').ok).toBe(true);
    expect(check(planned({ ease: { school: 'flat', addMm: 40 } }), 'fit.finger').ok).toBe(false);
  });

  it('wants two cords side by side to fit the slot', () => {
    const at = (cord: string, sizeMm: number) =>
      check(planned({ cord, closure: { kind: 'side-release', sizeMm } }), 'buckle.slot').ok;
    expect(at('nylon-4', 10)).toBe(true); // 2 × 3.68
    expect(at('nylon-6', 10)).toBe(false); // 2 × 5.52
    const ladder = { pattern: { id: 'ladder-5' }, ...styles.separate, cords: [...styles.separate.cords] };
    expect(
      check(planned({ ...ladder, closure: { kind: 'side-release', sizeMm: 15 } }), 'buckle.slot').ok,
    ).toBe(false); // 5 × 3.68
    expect(
      check(planned({ ...ladder, closure: { kind: 'side-release', sizeMm: 20 } }), 'buckle.slot').ok,
    ).toBe(true);
  });

  it('warns of the first wetting when a snug band would draw up', () => {
    expect(check(planned({ ease: { school: 'thickness', slackMm: 0 } }), 'fit.wet').ok).toBe(false);
    expect(planned({ wet: 'add' }).checks.some((c) => c.id === 'fit.wet')).toBe(false);
  });
});

describe('what cannot be planned', () => {
  it.each<[string, Partial<Design>, string]>([
    ['a wrist of 3 mm', { wearer: { name: '', girthMm: 3 } }, '/wearer/girthMm'],
    ['a wrist of 3 m', { wearer: { name: '', girthMm: 3000 } }, '/wearer/girthMm'],
    ['no wrist at all', { wearer: { name: '', girthMm: 0 } }, '/wearer/girthMm'],
    ['a negative wrist', { wearer: { name: '', girthMm: -165 } }, '/wearer/girthMm'],
    ['not a number', { wearer: { name: '', girthMm: Number.NaN } }, '/wearer/girthMm'],
    ['an unknown pattern', { pattern: { id: 'nope' } }, '/pattern/id'],
    ['an unknown cord', { cord: 'nope' }, '/cord'],
    ['an unknown colour', { cords: [{ colour: 'nope' }] }, '/cords/0/colour'],
    ['a buckle of no known size', { closure: { kind: 'side-release', sizeMm: 17 } }, '/closure/sizeMm'],
    ['two cords for one', { cords: [{ colour: 'dusk' }, { colour: 'ember' }] }, '/cords'],
    [
      'a buckle longer than the band',
      { wearer: { name: '', girthMm: 70 }, closure: { kind: 'side-release', sizeMm: 15, lengthMm: 150 } },
      '/closure/sizeMm',
    ],
  ])('%s is refused at its place', (_name, changes, path) => {
    const result = plan({ ...BASE, ...changes });
    expect(result.ok).toBe(false);
    if (!result.ok) expect(result.issues.map((i) => i.path)).toContain(path);
  });

  it('names every problem at once', () => {
    const result = plan({ ...BASE, cord: 'x', pattern: { id: 'y' }, wearer: { name: '', girthMm: 1 } });
    expect(result.ok ? 0 : result.issues.length).toBeGreaterThanOrEqual(3);
  });

  it('chooses another set-up where the weave cannot have the one asked for, unless colours need it; refuses a knot', () => {
    const braid = planned({ pattern: { id: 'flat-braid-5' } });
    expect(braid.style).toBe('separate');
    expect(whyText(braid.checks.find((c) => c.id === 'setup.instead')!.message)).toContain('two cores');
    const bound = plan({
      ...BASE,
      pattern: { id: 'flat-braid-5' },
      setup: { style: 'folded', strands: { S: 0 } },
    });
    expect(!bound.ok && bound.issues.map((i) => i.path)).toEqual(['/setup/style']);
    const knot = plan({ ...BASE, pattern: { id: 'overhand' } });
    expect(!knot.ok && knot.issues[0]!.code).toBe('design.knot');
  });
});

describe('every weave of the library', () => {
  const combinations = WEAVES.flatMap((w) =>
    (Object.keys(STYLES) as Style[])
      .filter((style) => !STYLES[style].unsuited(solvedFacts(w.id)!))
      .map((style) => [w.id, style] as const),
  );

  it.each(combinations)('%s, %s: plans, adds up, and covers every passage of every strand', (id, style) => {
    const facts = solvedFacts(id)!;
    const cords = [{ colour: 'ember' }, { colour: 'dusk' }].slice(0, STYLES[style].cords(facts));
    const p = planned({ pattern: { id }, setup: { style }, cords });
    for (const cord of p.cords) {
      expect(cord.parts.reduce((sum, part) => sum + part.lengthMm, 0)).toBeCloseTo(cord.cutLengthMm, 6);
      expect(cord.neededMm[0]).toBeLessThanOrEqual(cord.neededMm[1]);
    }
    const spans = strandSpans(p);
    const passages = facts.strands.reduce((n, s) => n + s.periods, 0);
    expect(spans.size).toBe(passages);
    // Woven cord is what the geometry says, strand by strand.
    for (const s of facts.strands.filter((x) => x.role !== 'core')) {
      const woven = p.cords
        .flatMap((c) => c.parts)
        .filter((part) => part.what === 'weave' && part.strand === s.name);
      const total = woven.reduce((sum, part) => sum + part.lengthMm, 0);
      expect(total).toBeCloseTo((p.wovenLengthMm * s.lengthD) / facts.periodD, 3);
    }
  });
});

describe('a gauge swatch', () => {
  const swatch = { patternId: 'solomon-bar', cordId: 'nylon-4', rows: 20, wovenMm: 120, workUsedMm: 1300 };
  const know = {
    ...LIBRARY_ONLY,
    swatch: (p: string, c: string) => (p === swatch.patternId && c === swatch.cordId ? swatch : undefined),
  };

  it('replaces row height and cord used by what the maker measured', () => {
    const result = plan(BASE, know);
    if (!result.ok) throw new Error('cannot plan');
    const p = result.value;
    expect(p.metrics.rowHeightMm).toBe(6);
    expect(p.rows).toBe(Math.round(p.wovenLengthMm / 6));
    const woven = p.cords[0]!.parts.filter((x) => x.what === 'weave').reduce((sum, x) => sum + x.lengthMm, 0);
    expect(woven).toBeCloseTo((p.wovenLengthMm / 120) * 1300, 6);
    expect(p.metrics.spread).toBeLessThan(0.05);
    expect(whyText(p.figures.rowHeight.why)).toContain('your swatch');
  });

  it('holds for its own cord only', () => {
    const other = plan({ ...BASE, cord: 'nylon-3' }, know);
    expect(other.ok && other.value.metrics.spread).toBe(0.1);
  });
});
