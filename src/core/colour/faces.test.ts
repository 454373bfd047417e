import { describe, expect, it } from 'vitest';
import { loadWeave } from '../patterns/index.ts';
import type { SolvedWeave } from '../patterns/types.ts';
import { type Face, faceShares } from './faces.ts';
import { findColour, PALETTE } from './palette.ts';

const weave = async (id: string): Promise<SolvedWeave> => (await loadWeave(id))!;

/** Worked out by hand from how each is tied: who lies on top along the middle of the front and of the back. */
const MIDDLE: readonly (readonly [string, readonly string[], readonly string[]])[] = [
  ['solomon-bar', ['A', 'C2'], ['B', 'C1']],
  ['solomon-bar-4', ['A'], ['B']],
  ['slider-bar', ['A'], ['B']],
  ['double-bar', ['A2'], ['B2']],
];

/** Two straight cords along the piece, the first pressed flat as `thinner` says. */
function twoStraight(
  like: SolvedWeave,
  [a, b]: readonly [number, number],
  thinner: readonly number[],
): SolvedWeave {
  const each = (of: (i: number) => readonly number[]) => Array.from({ length: 40 }, (_, i) => of(i)).flat();
  const strand = { role: 'core', periods: 1, radiusD: 0.5, lengthD: 2 } as const;
  return {
    ...like,
    periodD: 2,
    widthD: 4,
    strands: [
      { ...strand, name: 'C1' },
      { ...strand, name: 'C2' },
    ],
    points: [each((i) => [a, i * 0.05, 0]), each((i) => [b, i * 0.05, 0])],
    flat: [each(() => thinner), each(() => [0, 0, 0])],
  };
}

describe('faces', () => {
  it.each(MIDDLE)(
    '%s shows the strand that crosses in front along its front, and the other along its back',
    async (id, front, back) => {
      const solved = await weave(id);
      const working = (face: Face) =>
        new Set(faceShares(solved, face).along.filter((n) => !n.startsWith('C')));
      const expected = (names: readonly string[]) => new Set(names.filter((n) => !n.startsWith('C')));
      for (const [face, names] of [
        ['front', front],
        ['back', back],
      ] as const) {
        for (const name of expected(names)) expect(working(face).has(name), `${id} ${face}`).toBe(true);
      }
      const [a, b] = [front[0]!, back[0]!];
      expect(working('front').has(b)).toBe(false);
      expect(working('back').has(a)).toBe(false);
    },
  );

  it('count a strand pressed flat as wide as it is: two straight cords side by side', async () => {
    const like = await weave('solomon-bar');
    const two = (thinner: readonly number[]) => twoStraight(like, [-1, 1], thinner);
    // Half as wide again as the round one, or two thirds of it: 1.5 of 2.5, and 2/3 of 5/3.
    expect(faceShares(two([0, 0, Math.log(1.5)]), 'front').shares.C1).toBeCloseTo(0.6, 1.5);
    expect(faceShares(two([Math.log(1.5), 0, 0]), 'front').shares.C1).toBeCloseTo(0.4, 1.5);
  });

  it('count a slanting strand pressed flat as wide as it is, across its own way', async () => {
    const like = await weave('solomon-bar');
    const strand = { role: 'core', periods: 1, radiusD: 0.5, lengthD: 6 * Math.SQRT2 } as const;
    // Two cords at 45° side by side, seven apart.
    const slanting = (x: number) => Array.from({ length: 60 }, (_, i) => [x + 0.1 * i, 0.1 * i, 0]).flat();
    const pressed = (thinner: readonly number[]) => Array.from({ length: 60 }, () => thinner).flat();
    const share = (thinner: readonly number[]) =>
      faceShares(
        {
          ...like,
          periodD: 6,
          widthD: 16,
          strands: [
            { ...strand, name: 'C1' },
            { ...strand, name: 'C2' },
          ],
          points: [slanting(-6.5), slanting(0.5)],
          flat: [pressed(thinner), pressed([0, 0, 0])],
        },
        'front',
      ).shares.C1!;
    expect(share([0, 0, 0])).toBeCloseTo(0.5, 2);
    // Pressed from above it lies half as wide again: 1.5 of 2.5, but for its two ends.
    expect(Math.abs(share([0, 0, Math.log(1.5)]) - 0.6)).toBeLessThan(0.025);
  });

  it('see a strand that is pressed flat aslant higher on one side: it covers more of what lies there', async () => {
    const like = await weave('solomon-bar');
    // Pressed from the upper right, twice as flat: it rises to the upper left.
    const aslant = Math.log(2) * Math.SQRT1_2;
    const seenBeside = (x: number): number =>
      faceShares(twoStraight(like, [0, x], [aslant, 0, aslant]), 'front').shares.C2!;
    expect(seenBeside(0.6)).toBeGreaterThan(seenBeside(-0.6) + 0.1);
  });

  it('count a strand all along its period, also where its last point goes on to its first of the next', async () => {
    const like = await weave('solomon-bar');
    const strand = { role: 'core', periods: 1, radiusD: 0.5, lengthD: 4 } as const;
    const { flat: _flat, ...round } = like;
    const solved: SolvedWeave = {
      ...round,
      periodD: 4,
      widthD: 4,
      strands: [
        { ...strand, name: 'C1' },
        { ...strand, name: 'C2' },
      ],
      // Two straight cords side by side: one of two points, the other of eight.
      points: [[-1, 0, 0, -1, 2, 0], Array.from({ length: 8 }, (_, i) => [1, i / 2, 0]).flat()],
    };
    const { shares } = faceShares(solved, 'front');
    expect(Math.abs(shares.C1! - 0.5)).toBeLessThan(0.03);
  });

  it('are alike from front and back where the weave is', async () => {
    for (const id of ['ladder-3', 'fishtail', 'flat-braid-3']) {
      const solved = await weave(id);
      const [front, back] = [faceShares(solved, 'front'), faceShares(solved, 'back')];
      for (const s of solved.strands)
        expect(front.shares[s.name]!, `${id} ${s.name}`).toBeCloseTo(back.shares[s.name]!, 1);
    }
  });

  it('of a fishtail show both ends equally, on both edges', async () => {
    const solved = await weave('fishtail');
    for (const face of ['left', 'right'] as const) {
      const { shares } = faceShares(solved, face);
      expect(shares.L! + shares.R!).toBeGreaterThan(0.8); // the core shows in the slits between two turns
    }
    const { shares } = faceShares(solved, 'front');
    expect(shares.L).toBeCloseTo(shares.R!, 1);
  });

  it('of a double bar hide its first bar on the edges', async () => {
    const solved = await weave('double-bar');
    for (const face of ['left', 'right'] as const) {
      const { shares } = faceShares(solved, face);
      expect(shares.A2! + shares.B2!).toBeGreaterThan(0.8); // what is left are slits between the bumps
    }
  });

  it('tell left from right and front from back: a square bundle of four straight cords, each seen from two sides', async () => {
    const { flat: _flat, ...like } = await weave('solomon-bar');
    const at = { FL: [-0.5, 0.5], FR: [0.5, 0.5], BL: [-0.5, -0.5], BR: [0.5, -0.5] } as const;
    const bundle: SolvedWeave = {
      ...like,
      periodD: 1,
      widthD: 2,
      thicknessD: 2,
      strands: Object.keys(at).map((name) => ({ name, role: 'work', periods: 1, radiusD: 0.5, lengthD: 1 })),
      points: Object.values(at).map(([x, z]) => [0, 0.25, 0.5, 0.75].flatMap((y) => [x, y, z])),
    };
    const shown = (face: Face) =>
      Object.entries(faceShares(bundle, face).shares).flatMap(([name, share]) =>
        share > 0 ? [[name, Number(share.toFixed(2))]] : [],
      );
    expect(shown('front')).toEqual([
      ['FL', 0.5],
      ['FR', 0.5],
    ]);
    expect(shown('back')).toEqual([
      ['BL', 0.5],
      ['BR', 0.5],
    ]);
    expect(shown('left')).toEqual([
      ['FL', 0.5],
      ['BL', 0.5],
    ]);
    expect(shown('right')).toEqual([
      ['FR', 0.5],
      ['BR', 0.5],
    ]);
  });

  it('do not depend on where the period is cut', async () => {
    const solved = await weave('solomon-bar');
    const moved: SolvedWeave = {
      ...solved,
      points: solved.points.map((p) => p.map((v, i) => (i % 3 === 1 ? v + 0.7 : v))),
    };
    for (const s of solved.strands) {
      expect(faceShares(moved, 'front').shares[s.name]).toBeCloseTo(
        faceShares(solved, 'front').shares[s.name]!,
        1,
      );
    }
  });
});

describe('the palette', () => {
  it('has the observatory’s eight cords, one flecked and one striped', () => {
    expect(PALETTE.map((c) => c.name)).toEqual([
      'Dusk',
      'Ember',
      'Pole White',
      'Graphite',
      'Aurora',
      'Sodium',
      'Comet',
      'Meridian',
    ]);
    expect(findColour('comet')!.look).toBe('flecked');
    expect(findColour('meridian')!.look).toBe('striped');
    expect(findColour('nothing')).toBeUndefined();
  });
});
