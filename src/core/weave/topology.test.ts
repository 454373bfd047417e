import { describe, expect, it } from 'vitest';
import { findPattern, PATTERNS, solvedFacts, WEAVES } from '../patterns/index.ts';
import { solveWeave } from '../patterns/solve.ts';
import { seeded } from '../random.ts';
import { build, lift } from './build.ts';
import { findCrossings } from './crossings.ts';
import { liftableStrands, looseStrands } from './liftable.ts';
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

describe('strands that nothing holds', () => {
  const specOf = (text: string) => {
    const read = parse(text);
    if (!read.ok) throw new Error(read.issues[0]!.message);
    return read.value;
  };

  it('are none in the library', () => {
    for (const p of WEAVES) expect(liftableStrands(p.draw()), p.id).toEqual([]);
  });

  it('are found: two ends always behind both cores leave the cores to fall out, and say where', () => {
    // A laced bar whose rows are all on the back: the reading that makers warn of.
    const laced = findPattern('laced-bar-spine')!.draw();
    const withoutSpine = {
      ...laced,
      strands: laced.strands
        .filter((s) => s.role !== 'spine')
        .map((s) => ({ ...s, word: wordWithout(laced, s.name, 'T') })),
    };
    expect(liftableStrands(withoutSpine)).toEqual(['C1', 'C2']);
    // Over everything all along: it only lies on the others.
    const lies = specOf('weave lies period 6\nwork A: -2,0 2,3 | OO\nwork B: 2,0 -2,3 | UU');
    expect(liftableStrands(lies)).toEqual(['A', 'B']);
    expect(looseStrands(lies)[0]).toMatchObject({ code: 'weave.loose', path: 'line 2' });
    expect(looseStrands(lies)[0]!.message).toContain('A');
  });

  /** A strand's word without its crossings with one that is drawn out. */
  function wordWithout(spec: WeaveSpec, name: string, gone: string): string {
    const found = findCrossings(spec);
    if (!found.ok) throw new Error('crossings');
    const index = (n: string) => spec.strands.findIndex((s) => s.name === n);
    const [mine, other] = [index(name), index(gone)];
    if (spec.strands[mine]!.role === 'core') return '';
    return found.value
      .flatMap((c): [number, string][] => [
        ...(c.over.strand === mine && c.under.strand !== other ? [[c.over.at, 'O'] as [number, string]] : []),
        ...(c.under.strand === mine && c.over.strand !== other
          ? [[c.under.at, 'U'] as [number, string]]
          : []),
      ])
      .sort((a, b) => a[0] - b[0])
      .map(([, letter]) => letter)
      .join('');
  }
});

describe('the weaves that have more than one reading', () => {
  it.each([
    ['cores-through-bar', 28917057],
    ['clove-hitch-bar', 56194291],
    ['snake', 30978059],
    ['laced-bar', 60807725],
    ['laced-bar-spine', 42087966],
    ['mated-snake', 4525547],
    ['mated-snake-rope', 14937527],
    ['eternity', 56747094],
    ['eternity-two', 3630851],
  ])('%s is the one that was settled on, by its invariant', (id, invariant) => {
    expect(solvedFacts(id)!.invariant).toBe(invariant);
  });

  it.each([
    ['snake', 1.8842, 4.05, 4.33],
    ['laced-bar', 1.606, 5.89, 4.77],
  ])('%s at a squash of 0.8 rests where the study of it found it', (id, period, width, thickness) => {
    const pattern = findPattern(id)!;
    const solved = solveWeave(id, pattern.draw(), {
      squash: 0.8,
      load: 0,
      h: 0.25,
      patience: pattern.patience ?? 1,
    });
    if (!solved.ok) throw new Error(solved.issues[0]!.message);
    expect(solved.value.periodD / period).toBeCloseTo(1, 2);
    expect(solved.value.widthD).toBeCloseTo(width, 1);
    expect(solved.value.thicknessD).toBeCloseTo(thickness, 1);
  });
});
