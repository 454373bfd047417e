import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { knotsOf } from '../drawing/pictures.ts';
import { type ClassOfKits, formatClass, parseClass } from '../formats/class.ts';
import { parseDesign } from '../formats/design.ts';
import { loadWeave } from '../patterns/index.ts';
import type { SolvedWeave } from '../patterns/types.ts';
import { LIBRARY_ONLY } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { USUAL_STALL } from '../stall/usual.ts';
import { guideFor } from '../steps/list/steps.ts';
import { USUAL_WAY } from '../steps/types.ts';
import { kitsOf, resultOf } from './kits.ts';
import { LABEL, labelSheets } from './labels.ts';
import { parsePupils } from './pupils.ts';
import { pupilSheets } from './sheet.ts';
import { lessonOf, toolsFor } from './timing.ts';
import { wantedOfKits } from './wanted.ts';

const read = parseDesign(readFileSync('examples/pavel-first-band.json', 'utf8'));
const night = parseDesign(readFileSync('examples/ines-dome-night.json', 'utf8'));
if (!read.ok || !night.ok) throw new Error('example');
const catalogue = {
  know: LIBRARY_ONLY,
  find: (id: string) =>
    id === 'first'
      ? { kind: 'design' as const, design: read.value }
      : id === 'night'
        ? { kind: 'design' as const, design: night.value }
        : undefined,
};
const CLASS: ClassOfKits = {
  format: 'warp-beam/class',
  version: 1,
  name: 'School visit',
  designs: [
    { design: 'first', name: 'First band' },
    { design: 'night', name: 'Dome night band' },
  ],
  pupils: [
    { name: '1', girthMm: 151 },
    { name: '2', age: 11, isLeftHanded: true },
    { name: '3', design: 'night', age: 9 },
    { name: '4' },
  ],
  spares: 2,
};

describe('kits of a class', () => {
  const kits = kitsOf(CLASS, catalogue, USUAL_STALL);

  it('use the measured wrist, else the table of ages, else a usual one', () => {
    expect(kits.slice(0, 4).map((k) => [k.girthMm, k.known])).toEqual([
      [151, 'measured'],
      [155, 'age'],
      [148, 'age'],
      [155, 'usual'],
    ]);
    expect(kits.map((k) => k.number)).toEqual([1, 2, 3, 4, 5, 6]);
    expect(kits[1]!.isLeftHanded).toBe(true);
    expect(kits[2]!.designName).toBe('Dome night band');
  });

  it('have spares as large as the largest wrist, unless their size is said', () => {
    expect(kits.slice(4).map((k) => [k.isSpare, k.girthMm])).toEqual([
      [true, 155],
      [true, 155],
    ]);
    expect(kitsOf({ ...CLASS, spareGirthMm: 170 }, catalogue, USUAL_STALL).at(-1)!.girthMm).toBe(170);
  });

  it('name a design that is gone', () => {
    const gone = kitsOf({ ...CLASS, designs: [{ design: 'x', name: 'Old' }] }, catalogue, USUAL_STALL);
    expect(gone[0]!.issue!.message).toContain('“Old” is not among the designs');
  });

  it('take beginners two and a half times as long as practised hands, and each kit a minute at the flame', () => {
    const lesson = lessonOf(kits, 2);
    const slowest = Math.max(...kits.slice(0, 4).map((k) => k.made!.minutes));
    expect(lesson[1]!.minutes + lesson[2]!.minutes).toBeCloseTo(2.5 * slowest, -0.5);
    // Four pupils, two adults.
    expect(lesson[3]!.minutes).toBe(2);
    for (const [i, part] of lesson.entries())
      if (i > 0) expect(part.fromMin).toBe(lesson[i - 1]!.fromMin + lesson[i - 1]!.minutes);
    expect(toolsFor(24, 2).map((t) => t.count)).toEqual([12, 8, 12, 2, 2]);
  });

  it('come back from their file; what came of them is summed', () => {
    const told: ClassOfKits = {
      ...CLASS,
      pupils: [
        { name: '1', result: { isDone: true, minutes: 50, leftMm: 120, fit: 'right' } },
        { name: '2', result: { isDone: true, minutes: 70, leftMm: 80, fit: 'tight' } },
        { name: '3', result: { isDone: false } },
        { name: '4' },
      ],
    };
    expect(parseClass(formatClass(told))).toEqual({ ok: true, value: told });
    expect(resultOf(told)).toEqual({
      told: 3,
      done: 2,
      medianMinutes: 60,
      meanLeftMm: 100,
      fits: { tight: 1, right: 1, loose: 0 },
    });
    expect(resultOf(CLASS).medianMinutes).toBeUndefined();
  });
});

describe('pupils as they are typed', () => {
  it('have a wrist, an age or neither, and a hand', () => {
    expect(parsePupils('Mia 15.2 cm\nTom, 10 years, left\n\nage 9\nLo 6 1/2 in')).toEqual({
      ok: true,
      value: [
        { name: 'Mia', girthMm: 152 },
        { name: 'Tom', age: 10, isLeftHanded: true },
        { name: 'Pupil 3', age: 9 },
        { name: 'Lo', girthMm: expect.closeTo(165.1) },
      ],
    });
  });

  it('are refused by line where a wrist or an age can’t be', () => {
    const read = parsePupils('Mia 152 cm\nTom 200 years\nLo 5.9 cm');
    expect(read.ok ? [] : read.issues.map((i) => i.message.split(':')[0])).toEqual([
      'Line 1',
      'Line 2',
      'Line 3',
    ]);
    expect(parsePupils('  \n').ok).toBe(false);
  });
});

describe('labels', () => {
  it('fill sheets of 24, edge to edge, none off the paper', () => {
    const sheets = labelSheets(Array.from({ length: 50 }, (_, i) => i));
    expect(sheets.map((s) => s.length)).toEqual([24, 24, 2]);
    expect(sheets.flat().map((l) => l.label)).toEqual(Array.from({ length: 50 }, (_, i) => i));
    const last = sheets[0]![23]!;
    expect([last.xMm + LABEL.widthMm, last.yMm + LABEL.heightMm]).toEqual([210, 297]);
    // A sheet of which four are used already.
    expect(labelSheets([1], 4)[0]![0]).toMatchObject({ xMm: 70, yMm: 37.125 });
  });
});

describe('kits in a cutting plan', () => {
  it('are wanted once each, under their number', () => {
    const wanted = wantedOfKits('visit', kitsOf(CLASS, catalogue, USUAL_STALL));
    expect(wanted.map((w) => [w.id, w.count])).toEqual(
      [1, 2, 3, 4, 5, 6].map((n) => [`class/visit/${n}`, 1]),
    );
    expect(wanted[0]!.cords.length).toBeGreaterThan(0);
  });
});

describe('a sheet for a pupil', () => {
  it.each(['pavel-first-band', 'ines-dome-night', 'lin-four-strand-braid'])(
    'is one page, with the adult at the flame: %s',
    async (file) => {
      const got = parseDesign(readFileSync(`examples/${file}.json`, 'utf8'));
      const made = got.ok ? plan(got.value) : got;
      if (!got.ok || !made.ok) throw new Error(file);
      const weave = (await loadWeave(got.value.pattern.id))!;
      const knots = new Map<string, SolvedWeave>();
      for (const id of knotsOf(made.value)) knots.set(id, (await loadWeave(id))!);
      const way = { ...USUAL_WAY, withAdult: true, hand: 'left', start: 'right' } as const;
      const guide = guideFor(got.value, made.value, way);
      if (!guide.ok) throw new Error(file);
      const sheets = pupilSheets(got.value, made.value, guide.value, { weave, knots }, 'metric');
      expect(sheets).toHaveLength(1);
      expect(sheets[0]).toContain('An adult cuts the ends and does the flame.');
      expect(sheets[0]).toContain(`You need ${guide.value.rows} rows`);
    },
  );
});
