import { describe, expect, it } from 'vitest';
import { handLengthMm } from '../chance/hands.ts';
import { type Design, readDesign } from '../formats/design.ts';
import { solvedFacts } from '../patterns/index.ts';
import { solveMixed } from '../patterns/mixed.ts';
import { guideFor } from '../steps/list/steps.ts';
import { USUAL_WAY } from '../steps/types.ts';
import { whyText } from '../why/why.ts';
import { adapt } from './adapt.ts';
import { type Knowledge, LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { cordTypeOf, ratiosOf } from './thickness.ts';

/** Thin ends over thick cores: 2 mm on 4 mm. In a tight knot 1.84 mm and 3.68 mm, 0.92 of what they are sold as. */
const DESIGN: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Night shift',
  product: 'bracelet',
  wearer: { name: 'Okoro', girthMm: 180 },
  ease: { school: 'thickness', slackMm: 10 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'separate' },
  cords: [{ colour: 'dusk', cord: 'nylon-2' }, { colour: 'graphite' }],
  closure: { kind: 'side-release' },
};
const [THIN, THICK] = [1.84, 3.68];

const planned = (design: Design, know: Knowledge = LIBRARY_ONLY) => {
  const made = plan(design, know);
  if (!made.ok) throw new Error(made.issues.map((i) => i.message).join(' '));
  return made.value;
};
const issueOf = (patch: Partial<Design>) => {
  const made = plan({ ...DESIGN, ...patch });
  return made.ok ? undefined : made.issues[0];
};

const rough = planned(DESIGN);
const solved = solveMixed(rough.mixed!.request);
if (!solved.ok) throw new Error(solved.issues[0]!.message);
const KNOW: Knowledge = {
  ...LIBRARY_ONLY,
  mixed: (id) => (id === rough.mixed!.request.id ? solved.value : undefined),
};
const exact = planned(DESIGN, KNOW);
const [work, core] = [exact.cords[0]!, exact.cords[1]!];

describe('cords of different thickness', () => {
  it('says by how much each strand differs, in a tight knot', () => {
    expect(ratiosOf(DESIGN, solvedFacts('solomon-bar')!)).toEqual({ A: 0.5, B: 0.5 });
    expect(ratiosOf({ ...DESIGN, cords: [{ colour: 'dusk' }] }, solvedFacts('solomon-bar')!)).toBeUndefined();
    // Another fibre of the same thickness is another cord, but the same weave.
    const polyester: Design = {
      ...DESIGN,
      cords: [{ colour: 'dusk', cord: 'polyester-4' }, { colour: 'graphite' }],
    };
    expect(ratiosOf(polyester, solvedFacts('solomon-bar')!)).toBeUndefined();
    expect(planned(polyester).cords.map((c) => c.cordType)).toEqual(['polyester-4', 'nylon-4']);
  });

  it('says that the numbers are rough until the weave is tight, and no longer than that', () => {
    const note = (made: typeof rough) => made.checks.filter((c) => c.id === 'weave.thickness');
    expect(rough.mixed!.isKnown).toBe(false);
    expect(note(rough)).toHaveLength(1);
    expect(exact.mixed!.isKnown).toBe(true);
    expect(note(exact)).toHaveLength(0);
    expect(rough.metrics.rowHeightMm).toBeCloseTo(
      planned({ ...DESIGN, cords: [{ colour: 'dusk' }, { colour: 'graphite' }] }).metrics.rowHeightMm,
      9,
    );
  });

  it('says that figures may be off where the strands did not come to rest, and only there', () => {
    const noted = (force: Partial<typeof solved.value.convergence>) => {
      const convergence = { ...solved.value.convergence, residual: 0.003, periodForce: 0.001, ...force };
      const made = planned(DESIGN, { ...LIBRARY_ONLY, mixed: () => ({ ...solved.value, convergence }) });
      return made.checks.some((c) => c.id === 'weave.rest' && c.isNote);
    };
    expect(noted({})).toBe(false);
    expect([noted({ residual: 0.009 }), noted({ residual: 0.011 })]).toEqual([false, true]);
    expect([noted({ periodForce: 0.009 }), noted({ periodForce: 0.011 })]).toEqual([false, true]);
    expect(noted({ periodForce: -0.011 })).toBe(true);
  });

  it('counts by the weave that was pulled tight for them', () => {
    const facts = solved.value;
    const a = facts.strands.find((s) => s.name === 'A')!;
    const woven = work.parts.find((p) => p.what === 'weave' && p.strand === 'A')!;
    expect(woven.lengthMm).toBeCloseTo((exact.bands[0]!.wovenMm * a.lengthD) / facts.periodD, 6);
    expect(exact.metrics.widthMm).toBeCloseTo(facts.widthD * THICK, 6);
    // Rows of half the height: about twice as many.
    expect(exact.rows / rough.rows).toBeGreaterThan(1.85);
    expect(exact.rows / rough.rows).toBeLessThan(2.15);
  });

  it('cuts each cord from its own kind, and says which', () => {
    expect([work.cordType, core.cordType]).toEqual(['nylon-2', 'nylon-4']);
    expect([work.name, core.name]).toEqual(['Dusk in 2 mm nylon', 'Graphite']);
  });

  it('holds thin ends as thin ends are held, and goes round thick cores', () => {
    const tail = work.parts.find((p) => p.what === 'tail')!;
    expect(tail.lengthMm).toBe(handLengthMm('row', 'fingers', THIN));
    expect(tail.lengthMm).toBeLessThan(handLengthMm('row', 'fingers', THICK));
    // Half of the way behind: two cores of 3.68 mm, and a diameter of the end itself, 1.84 mm, at each edge.
    const behind = work.parts.find((p) => p.what === 'attach')!;
    expect(behind.lengthMm).toBeCloseTo((2 * THICK + 2 * THIN) / 2, 9);
  });

  it('weighs each cord at its own weight a metre', () => {
    const grams = (work.usedLengthMm * 2.2 + core.usedLengthMm * 6.8) / 1000;
    expect(exact.figures.weight.value).toBeCloseTo(grams, 6);
  });

  it('takes nothing from a swatch, which was tied in one thickness', () => {
    const wide = {
      patternId: 'solomon-bar',
      cordId: 'nylon-4',
      rows: 20,
      wovenMm: 115,
      workUsedMm: 1200,
      widthMm: 20,
    };
    const tied = planned(DESIGN, { ...KNOW, swatch: () => wide });
    expect(tied.metrics.widthMm).toBe(exact.metrics.widthMm);
    expect(tied.cords.map((c) => c.cutLengthMm)).toEqual(exact.cords.map((c) => c.cutLengthMm));
    // The same swatch does count where all cords are alike.
    const alike: Design = { ...DESIGN, cords: [{ colour: 'dusk' }, { colour: 'graphite' }] };
    expect(planned(alike, { ...LIBRARY_ONLY, swatch: () => wide }).metrics.widthMm).toBe(20);
  });

  it('notes a working strand that runs nearly straight, and only one that did not before', () => {
    const notesAt = (perLength: number) => {
      const facts = solved.value;
      const straightened = {
        ...facts,
        strands: facts.strands.map((s) =>
          s.name === 'A' ? { ...s, lengthD: perLength * facts.periodD * s.periods } : s,
        ),
      };
      return planned(DESIGN, { ...KNOW, mixed: () => straightened }).checks.filter(
        (c) => c.id === 'weave.thickness',
      );
    };
    expect(notesAt(1.03).map((c) => whyText(c.message))).toEqual([
      'in these thicknesses strand A runs nearly straight (1.03 × its length) and the others coil round it: the band won’t look like the usual one',
    ]);
    expect(notesAt(1.09)).toHaveLength(1);
    expect(notesAt(1.12)).toHaveLength(0);
  });

  it('gives the closure the thickness of the cores, which carry it', () => {
    const knot: Partial<Design> = { closure: { kind: 'knot-loop' } };
    const girthOf = (cords: Design['cords']) => {
      const made = planned({ ...DESIGN, ...knot, cords });
      const part = made.cords.at(-1)!.parts.filter((p) => p.what === 'closure');
      return part.reduce((sum, p) => sum + p.lengthMm, 0);
    };
    const alike = girthOf([{ colour: 'dusk' }, { colour: 'graphite' }]);
    expect(girthOf([{ colour: 'dusk', cord: 'nylon-2' }, { colour: 'graphite' }])).toBeCloseTo(alike, 6);
    expect(girthOf([{ colour: 'dusk' }, { colour: 'graphite', cord: 'nylon-3' }])).toBeLessThan(0.9 * alike);
  });

  it('refuses what cannot be, at its place', () => {
    expect(issueOf({ cords: [{ colour: 'dusk', cord: 'rope-90' }, { colour: 'graphite' }] })).toMatchObject({
      path: '/cords/0/cord',
      message: 'There is no cord called “rope-90”.',
    });
    expect(
      issueOf({ setup: { style: 'folded' }, cords: [{ colour: 'dusk', cord: 'nylon-2' }] }),
    ).toMatchObject({
      path: '/cords/0/cord',
      message: 'Cords can differ in thickness only when they are separate.',
    });
    expect(issueOf({ sequence: { text: '4A 4B' } })?.message).toBe(
      'Colours that change along the band need cords of one thickness.',
    );
    // The three strands of a flat braid follow one path, one after the other.
    const braid: Partial<Design> = {
      pattern: { id: 'flat-braid-3' },
      setup: { style: 'separate', strands: { 'S/0': 0, 'S/1': 1, 'S/2': 1 } },
      closure: { kind: 'knot-loop' },
    };
    expect(issueOf(braid)?.message).toContain('all strands follow the same path');
  });

  it('goes back to one thickness where another weave or set-up needs it', () => {
    const folded = adapt(
      DESIGN,
      { setup: { style: 'folded' }, cords: [{ colour: 'dusk', cord: 'nylon-2' }] },
      LIBRARY_ONLY,
    );
    expect(folded.cords).toEqual([{ colour: 'dusk' }]);
    const fishtail = adapt(DESIGN, { pattern: { id: 'fishtail' } }, LIBRARY_ONLY);
    expect(cordTypeOf(fishtail, 0)).toBe('nylon-2');
    const braid = adapt(DESIGN, { pattern: { id: 'flat-braid-3' } }, LIBRARY_ONLY);
    expect(plan(braid).ok).toBe(true);
  });

  it('is tied in them: rows are drawn with thin ends over thick cores', () => {
    const guide = guideFor(DESIGN, exact, USUAL_WAY, KNOW);
    if (!guide.ok) throw new Error(guide.issues[0]!.message);
    const radii = guide.value.tying[0]!.cut.spec.strands.map((s) => [s.name, s.radius]);
    expect(radii).toEqual([
      ['C1', 0.5],
      ['C2', 0.5],
      ['A', 0.25],
      ['B', 0.25],
    ]);
    expect(guide.value.rows).toBe(exact.rows);
  });

  it('makes a loop of two colours the fold of one cord', () => {
    const braid = planned({
      ...DESIGN,
      pattern: { id: 'flat-braid-4' },
      setup: { style: 'separate', strands: { 'S/0': 0, 'S/1': 1, 'S/2': 0, 'S/3': 1 } },
      cords: [{ colour: 'dusk' }, { colour: 'ember' }],
      closure: { kind: 'knot-loop' },
    });
    const [a, b] = [braid.cords[0]!, braid.cords[1]!];
    const loop = (cord: typeof a) =>
      cord.parts.filter((p) => p.what === 'closure' && (p.toMm ?? 0) <= braid.bands[0]!.startMm).length;
    expect([loop(a), loop(b)]).toEqual([2, 0]);
  });

  it('opens again as it was written', () => {
    const read = readDesign(JSON.parse(JSON.stringify(DESIGN)));
    expect(read.ok && read.value).toEqual(DESIGN);
  });
});
