import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { LIBRARY_ONLY } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { BASE } from '../plan/testing/onTheEdge.ts';
import type { Plan } from '../plan/types.ts';
import { CLOSURES } from './index.ts';
import { loopOn } from './loop.ts';
import { checkOptions, isList } from './options.ts';
import type { ClosureSpec } from './types.ts';

/** 4 mm nylon in a tight knot. */
const D = 3.68;

const made = (closure: ClosureSpec, changes: Partial<Design> = {}): Plan => {
  const result = plan({ ...BASE, ...changes, closure }, LIBRARY_ONLY);
  if (!result.ok) throw new Error(result.issues[0]!.message);
  return result.value;
};
/** What is not woven of the finished length. */
const notWoven = (p: Plan): number => p.finishedLengthMm - p.wovenLengthMm;

describe('how wide hardware is drawn', () => {
  it.each([
    ['magnetic', 10, 14, undefined],
    ['magnetic', 15, 19, undefined],
    ['magnetic', 20, 25, undefined],
    ['side-release', 10, 15, 11],
    ['side-release', 15, 21, 15],
    ['side-release', 20, 27, 19],
    ['side-release', 25, 33, 23],
    ['metal-side-release', 10, 14, 9],
    ['metal-side-release', 15, 20, 13],
    ['metal-side-release', 20, 26, 17],
    ['metal-side-release', 25, 32, 21],
  ] as const)(
    '%s of %d mm has a body of %d mm, and prongs where it has any',
    (kind, sizeMm, bodyMm, prongMm) => {
      const [band] = made({ kind, sizeMm } as ClosureSpec).bands;
      for (const { shape } of [band!.start, band!.end]) {
        expect('bodyWidthMm' in shape && shape.bodyWidthMm).toBe(bodyMm);
        expect('prongMm' in shape ? shape.prongMm : undefined).toBe(prongMm);
      }
    },
  );
});

/**
 * Hardware as it is sold, measured from cord bar to cord bar when closed, in mm by the slot; and the section of its bar.
 * Two halves are hitched on at one end: a diameter of cord is between the weave and that bar.
 */
describe('typical hardware', () => {
  it.each([
    ['side-release', 10, 26, 2.5, 2],
    ['side-release', 15, 35, 3, 2.5],
    ['side-release', 20, 43, 3.5, 3],
    ['side-release', 25, 51, 4, 3.5],
    ['metal-side-release', 10, 23, 2, 2],
    ['metal-side-release', 15, 31, 2.5, 2.5],
    ['metal-side-release', 20, 38, 3, 3],
    ['metal-side-release', 25, 46, 3.5, 3.5],
    ['magnetic', 10, 22, 2, 2],
    ['magnetic', 15, 26, 2, 2.5],
    ['magnetic', 20, 30, 2.5, 2.5],
  ])('%s of %d mm is %d mm closed, on a bar %d × %d', (kind, sizeMm, closedMm, width, thickness) => {
    const p = made({ kind, sizeMm });
    expect(notWoven(p)).toBeCloseTo(closedMm + D, 9);
    for (const end of [p.bands[0]!.start, p.bands[0]!.end])
      expect([end.bar!.widthMm, end.bar!.thicknessMm]).toEqual([width, thickness]);
  });

  it.each([
    [10, 22],
    [15, 27],
  ])('a breakaway of %d mm is %d mm closed', (sizeMm, closedMm) => {
    const p = made(
      { kind: 'breakaway', sizeMm },
      { product: 'collar-cat', wearer: { name: 'a cat', girthMm: 230 } },
    );
    expect(notWoven(p)).toBeCloseTo(closedMm + D, 9);
  });

  it.each([
    [12, 16, 6, 4],
    [16, 20, 7, 5],
    [20, 25, 8, 6],
  ])(
    'a shackle %d mm wide is %d long to its first hole, holes %d apart, of %d mm rod',
    (sizeMm, first, pitch, rod) => {
      for (const hole of [1, 2, 3]) {
        const p = made({ kind: 'shackle', sizeMm, hole });
        expect(notWoven(p)).toBeCloseTo(first + (hole - 1) * pitch + D, 9);
        expect(p.closed.adjust!.rangeMm).toEqual([(1 - hole) * pitch, (3 - hole) * pitch]);
        expect(p.bands[0]!.start.bar).toMatchObject({ widthMm: rod, thicknessMm: rod });
        const { shape } = p.bands[0]!.start;
        if (shape.shape !== 'bow') throw new Error('no bow');
        // Its holes as they are measured from the bow, and the bow as long as its last hole.
        expect(shape.holesMm).toEqual([first, first + pitch, first + 2 * pitch]);
        expect(shape.bowMm).toBe(first + 2 * pitch);
      }
    },
  );

  it.each([
    [16, 9, 2],
    [18, 9, 2],
    [20, 10, 2.2],
    [22, 11, 2.2],
    [26, 12, 2.5],
  ])(
    'a pin buckle of %d mm is %d mm from bar to frame, of %d mm rod; the strap runs on 45 mm',
    (sizeMm, frame, rod) => {
      const p = made(
        { kind: 'pin-buckle', sizeMm },
        {
          product: 'watch-pass-under',
          measures: { hand: 200, lug: 24, lugToLug: 46, gap: 4, springBar: 1.5 },
        },
      );
      expect(notWoven(p)).toBeCloseTo(frame + D - 45, 9);
      expect(p.bands[0]!.start.bar).toMatchObject({ widthMm: rod, isRound: true });
      const keeper = p.cords.find((c) => c.role.startsWith('keeper'))!;
      const { widthMm: w, thicknessMm: t } = p.metrics;
      expect(keeper.parts.find((x) => x.what === 'closure')!.lengthMm).toBeCloseTo(
        4 * (w + 2 * t) + 2 * Math.PI * D,
        9,
      );
      // Never more than 60 mm at each end of so short a piece, however long the hands would like it.
      const tail = keeper.parts.find((x) => x.what === 'tail')!.lengthMm;
      expect(tail).toBeLessThanOrEqual(120);
    },
  );

  it.each([
    [10, 18, 22, 2.5],
    [15, 24, 28, 3],
    [20, 30, 34, 3.5],
  ])(
    'a hook of %d mm is %d to its bend; its arm of %d girth goes through the loop; %d mm wire',
    (sizeMm, bend, arm, wire) => {
      const p = made({ kind: 'hook', sizeMm });
      const loop = loopOn(1.05 * arm, wire, D);
      // The hook reaches back over the wire and over the cord in its bend.
      expect(notWoven(p)).toBeCloseTo(loop.lengthMm + bend - 2 * wire, 9);
      expect(p.bands[0]!.end.bar).toMatchObject({ widthMm: wire, thicknessMm: wire });
    },
  );

  it.each([
    [22, 4],
    [28, 5],
    [35, 6],
  ])('a toggle bar of %d mm is %d mm thick: tipped, it goes through beside its two cords', (sizeMm, rod) => {
    const p = made({ kind: 'toggle', sizeMm });
    const girth = 2 * (rod / 2 + 1.5 * D) + Math.PI * Math.max(rod, D);
    const loop = loopOn(1.05 * girth, D, D);
    expect(notWoven(p)).toBeCloseTo(loop.lengthMm + 2 * D, 9);
  });

  it.each([
    [15, 12, 3],
    [20, 16, 3.5],
    [25, 20, 4],
    [32, 26, 5],
  ])('rings of %d mm are %d deep, of %d mm wire', (sizeMm, deep, wire) => {
    const p = made(
      { kind: 'limited-slip', sizeMm },
      { product: 'collar-limited-slip', wearer: { name: 'Halley', girthMm: 400 }, measures: { head: 450 } },
    );
    expect(notWoven(p)).toBeCloseTo(2 * deep + D, 9);
    expect(p.bands[0]!.start.bar).toMatchObject({ widthMm: wire, isRound: true });
    // From 400 + 8 inside to 450 + 10: the travel, and the leash ring beyond it.
    expect(p.closed.danglesMm).toBeCloseTo(52 + 30, 9);
  });
});

/** Measures that a maker may type: the least and the most that are believed, in mm. */
const BELIEVED: readonly (readonly [string, string, number, number])[] = [
  ['side-release', 'lengthMm', 8, 150],
  ['metal-side-release', 'lengthMm', 8, 150],
  ['magnetic', 'lengthMm', 8, 150],
  ['breakaway', 'lengthMm', 8, 150],
  ['hook', 'lengthMm', 8, 120],
  ['shackle', 'lengthMm', 8, 120],
  ['toggle', 'lengthMm', 3, 120],
  ['knot-loop', 'lengthMm', 3, 120],
  ['pin-buckle', 'lengthMm', 4, 60],
  ['pin-buckle', 'pastMm', 10, 150],
  ['cinch', 'gapMm', 5, 200],
  ['single-sliding', 'gapMm', 5, 200],
  ['double-sliding', 'openMm', 40, 3000],
  ['open-cuff', 'gapMm', 10, 120],
];

describe('what may be typed for a closure', () => {
  it.each(BELIEVED)('%s, %s: from %d to %d mm', (kind, key, least, most) => {
    const closure = CLOSURES.find((c) => c.id === kind)!;
    const isTaken = (mm: number) => checkOptions(closure, { kind, [key]: mm }).ok;
    expect([isTaken(least), isTaken(most)]).toEqual([true, true]);
    expect([isTaken(least - 0.1), isTaken(most + 0.1)]).toEqual([false, false]);
  });

  it('is on the list above for every measure that can be typed', () => {
    const keys = new Map<string, Set<string>>();
    for (const [, key, least, most] of BELIEVED)
      keys.set(key, (keys.get(key) ?? new Set()).add(`${least} to ${most}`));
    for (const closure of CLOSURES)
      for (const option of closure.options)
        if (!isList(option))
          expect([...(keys.get(option.key) ?? [])], `${closure.id} ${option.key}`).toContain(
            `${option.leastMm} to ${option.mostMm}`,
          );
  });
});

describe('what can be moved when it is closed', () => {
  const plain = { pattern: { id: 'plain-band-2' }, cords: [{ colour: 'dusk' }] } satisfies Partial<Design>;
  it.each([
    'double-sliding',
    'single-sliding',
    'run-together',
    'slider',
    'cinch',
    'wrapped-band',
    'knot-loop',
  ])('%s slides to any place, both ways or open only', (kind) => {
    const { adjust } = made({ kind }, plain).closed;
    expect(adjust!.stepMm).toBe(0);
    expect(adjust!.rangeMm[0]).toBeLessThanOrEqual(0);
    expect(adjust!.rangeMm[1]).toBeGreaterThan(0);
  });

  it('a bead in a loop: the loop and its own cord are not woven, the bead stands up out of it', () => {
    const p = made({ kind: 'bead' });
    const { start, end } = p.bands[0]!;
    expect(end.takesMm + end.standoffMm).toBe(0);
    expect(notWoven(p)).toBeCloseTo(start.takesMm, 9);
    const inner = p.more.find((f) => f.label === 'loop, inside')!.value;
    expect(start.takesMm).toBeCloseTo(loopOn(inner, D, D).lengthMm + D, 9);
  });
});
