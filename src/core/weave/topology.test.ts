import { describe, expect, it } from 'vitest';
import { PATTERNS } from '../patterns/index.ts';
import { seeded } from '../random.ts';
import { build, lift } from './build.ts';
import { findCrossings } from './crossings.ts';
import { parse } from './parse.ts';
import { knotInvariant } from './topology.ts';
import type { Rope, WeaveSpec } from './types.ts';

const ropeOf = (spec: WeaveSpec, seed = 1): Rope => {
  const built = build(spec, seeded(seed));
  if (!built.ok) throw new Error(built.issues[0]!.message);
  return built.value.rope;
};
const closed = (path: string, word: string): WeaveSpec => {
  const read = parse(`knot k\nwork K: ${path} | ${word}`);
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.value;
};

const STAR = '0,5 3,-4 -5,2 5,2 -3,-4';

describe('the invariant', () => {
  it('is the same from wherever one looks and however the start is shaken', () => {
    for (const pattern of PATTERNS.filter((p, i) => i % 4 === 0 && !p.isStraight)) {
      const spec = pattern.draw();
      const value = knotInvariant(ropeOf(spec));
      for (const tilt of [-0.3, 0.05, 0.4])
        expect(knotInvariant(ropeOf(spec, 5), tilt), pattern.id).toBe(value);
    }
  });

  it('tells knots apart that have equally many crossings', () => {
    const knotted = knotInvariant(ropeOf(closed(STAR, 'OUOUOUOUOU')));
    const undone = knotInvariant(ropeOf(closed(STAR, 'OOOOOUUUUU')));
    expect(undone).toBe(1);
    expect(knotted).not.toBe(1);
  });

  it('changes when any single crossing of a library pattern is flipped', () => {
    let [caught, all] = [0, 0];
    for (const pattern of PATTERNS.filter((p) => !p.isStraight)) {
      const spec = pattern.draw();
      const found = findCrossings(spec);
      if (!found.ok) throw new Error(pattern.id);
      const value = knotInvariant(ropeOf(spec));
      for (const i of found.value.keys()) {
        const flipped = found.value.map((c, j) =>
          j === i ? { ...c, over: c.under, under: c.over, image: -c.image } : c,
        );
        // Cores lie in the plane; lifted as working strands, a flip against them shows.
        const bare = { ...spec, strands: spec.strands.map((s) => ({ ...s, role: 'work' as const })) };
        all++;
        if (knotInvariant(lift(bare, flipped, seeded(1))) !== value) caught++;
      }
    }
    expect(all).toBeGreaterThan(400);
    // Some crossings can be flipped without making another knot: a curl in an open knot’s coil, for one.
    expect(caught / all).toBeGreaterThan(0.93);
  }, 120_000);
});
