import { describe, expect, it } from 'vitest';
import { DEFAULTS, run } from '../tighten/run.ts';
import { insideGirth, letGo, ringRope, unrolled } from './rope.ts';
import { narrowestWidth, passLength, type RingOnMandrel } from './sizes.ts';

const ring = (leads: number, bights: number, girth: number, passes = 1, n = 1): RingOnMandrel => ({
  shape: { leads, bights, coding: { by: 'row', n }, first: 'O' },
  passes,
  girth,
  d: 1,
});
const pulled = (r: RingOnMandrel, pinned?: number) => {
  const tight = run(ringRope(r, pinned), { ...DEFAULTS, h: 0.4 });
  if (!tight.ok) throw new Error(tight.issues[0]!.message);
  const ys = tight.value.rope.strands.flatMap((s) => Array.from(s.points).filter((_, i) => i % 3 === 1));
  return {
    ...tight.value,
    cord: tight.value.lengths.reduce((a, b) => a + b, 0),
    width: Math.max(...ys) - Math.min(...ys) + 1,
  };
};

describe('a ring pulled tight on its mandrel', () => {
  it.each([
    [3, 4, 20, 1, 1],
    [3, 5, 20, 1, 1],
    [3, 8, 26, 1, 1],
    [4, 5, 30, 1, 1],
    [4, 6, 40, 1, 1],
    [5, 4, 20, 1, 1],
    [5, 8, 36, 1, 1],
    [5, 9, 40, 1, 1],
    [7, 5, 45, 1, 1],
    [5, 7, 40, 1, 2],
    [5, 8, 50, 1, 2],
    [3, 5, 40, 2, 1],
    [3, 7, 45, 2, 1],
  ])(
    'uses what the formula says: %i × %i on %i diameters, %i passes, %i rows alike',
    (leads, bights, girth, passes, n) => {
      const r = ring(leads, bights, girth, passes, n);
      const tight = pulled(r);
      const narrow = narrowestWidth(r);
      expect(Math.abs((passes * passLength(r, narrow)) / tight.cord - 1)).toBeLessThan(0.02);
      expect(Math.abs(narrow / tight.width - 1)).toBeLessThan(0.05);
      // No strand came near to passing through another, and none left the mandrel or sank into it.
      expect(tight.convergence.leastEver).toBeGreaterThan(0.5);
      const out = Array.from(unrolled(tight.rope.strands[0]!.points, bights)).filter((_, i) => i % 3 === 2);
      expect(Math.min(...out)).toBeGreaterThan(girth / (2 * Math.PI) + 0.5 - 0.02);
    },
  );

  it.each([
    [3, 4, 20, 9],
    [5, 8, 50, 15],
  ])(
    'is as wide on pins as they hold it: %i × %i on %i diameters, %i wide',
    (leads, bights, girth, width) => {
      const r = ring(leads, bights, girth);
      const tight = pulled(r, width);
      expect(Math.abs(tight.width - width)).toBeLessThan(0.1);
      expect(Math.abs(passLength(r, width) / tight.cord - 1)).toBeLessThan(0.01);
    },
  );

  it('laid open in two passes, each pass is narrower than the ring by the other', () => {
    const r = ring(3, 8, 50, 2);
    const tight = pulled(r, 11);
    expect(Math.abs((2 * passLength(r, 11)) / tight.cord - 1)).toBeLessThan(0.02);
  });

  it('is a closed curve for each cord of each pass', () => {
    expect(ringRope(ring(4, 6, 40)).strands).toHaveLength(2);
    expect(ringRope(ring(6, 9, 60, 3)).strands).toHaveLength(9);
  });
});

describe('a ring that is let go', () => {
  it('closes, drawn up with nothing inside, until its cords lock: as far from any mandrel', () => {
    const locked = [20, 9].map((girth) => {
      const tight = run(ringRope(ring(3, 5, girth)), { ...DEFAULTS, h: 0.4 });
      if (!tight.ok) throw new Error(tight.issues[0]!.message);
      expect(insideGirth(tight.value.rope.strands.map((s) => s.points))).toBeCloseTo(girth, 0);
      const free = run(letGo(tight.value.rope), { ...DEFAULTS, h: 0.4 });
      if (!free.ok) throw new Error(free.issues[0]!.message);
      expect(free.value.convergence.leastEver).toBeGreaterThan(0.7);
      return {
        inside: insideGirth(free.value.rope.strands.map((s) => s.points)),
        cord: free.value.lengths[0]!,
      };
    });
    expect(locked[0]!.inside).toBeLessThan(9);
    expect(locked[0]!.cord / locked[1]!.cord).toBeCloseTo(1, 2);
  });
});

describe('the unrolled ring', () => {
  it('has a bight on each edge at every second column', () => {
    const { strands } = ringRope(ring(3, 4, 20));
    const places = unrolled(strands[0]!.points, 4);
    const ys = Array.from(places).filter((_, i) => i % 3 === 1);
    const least = Math.min(...ys);
    const columns = ys.flatMap((y, i) => (y < least + 1e-6 ? [places[3 * i]!] : []));
    expect(columns.map((c) => Math.round(c) % 8).sort()).toEqual([0, 2, 4, 6]);
    for (const c of columns) expect(Math.abs(c - Math.round(c))).toBeLessThan(1e-6);
  });
});
