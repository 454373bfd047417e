import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PATTERNS, solvedFacts, WEAVES } from '../patterns/index.ts';
import { findCrossings } from './crossings.ts';
import { edited, type WeaveEdit } from './edit.ts';
import { format } from './format.ts';
import { parse } from './parse.ts';
import { topsOf } from './tops.ts';
import type { WeaveSpec } from './types.ts';

const read = (text: string): WeaveSpec => {
  const spec = parse(text);
  if (!spec.ok) throw new Error(spec.issues[0]!.message);
  return spec.value;
};
const done = (spec: WeaveSpec, edit: WeaveEdit): WeaveSpec => {
  const next = edited(spec, edit);
  if (!next.ok) throw new Error(next.issues[0]!.message);
  return next.value;
};
const words = (spec: WeaveSpec) => spec.strands.map((s) => s.word);
const drawn = (id: string) => read(solvedFacts(id)!.notation);

/** Two cores and one strand that goes over both, round, and back under both: four crossings a period. */
const COIL = read(`weave coil period 4
core C1: -1,0
core C2: 1,0
work A: -3,0 3,1 3,2 -3,3 | OOUU
`);

describe('drawing a weave by hand', () => {
  it('leaves every word of the library as it is when no crossing is new', () => {
    for (const pattern of PATTERNS) {
      const spec = drawn(pattern.id);
      const next = done(spec, { kind: 'size', period: spec.period, rows: spec.rows });
      // The same crossings with the same strand on top; words that a core need not say may be written or not.
      const [was, is] = [topsOf(spec), topsOf(next)];
      expect(is.ok && was.ok && is.value.map((t) => t.isAOver)).toEqual(
        was.ok && was.value.map((t) => t.isAOver),
      );
      expect(findCrossings(read(format(next))).ok).toBe(true);
    }
  });

  it('tells crossings by which two strands meet, however near another pair’s is', () => {
    // A climbs over C1 and on under C2. Its new crossing with C1, at (-0.6, 7.7), is nearer to the old one with C2,
    // at (0.6, 7.2), than to its own old place, at (-0.6, 4.8).
    const climb = read(
      'open climb\ncore C1: -0.6,-9 -0.6,20\ncore C2: 0.6,-9 0.6,20\nwork A: -3,0 3,12 | OU\n',
    );
    expect(words(done(climb, { kind: 'move', strand: 2, point: 0, to: [-3, 4.8] }))[2]).toBe('OU');
  });

  it('has a strand that now crosses three times for one go over, under and over', () => {
    const once = read('open once\ncore C1: 0,-20 0,20\nwork A: -4,0 4,0 | O\n');
    const bent = done(once, { kind: 'insert', strand: 1, after: 0, at: [2, -1] });
    expect(words(bent)[1]).toBe('O');
    expect(words(done(bent, { kind: 'insert', strand: 1, after: 1, at: [-2, 1] }))[1]).toBe('OUO');
  });

  it('forgets a crossing that has moved far away: the new one alternates', () => {
    const once = read('open once\ncore C1: 0,-20 0,20\nwork A: -4,-9 4,-9 | U\n');
    // Two diameters along the core it is the same crossing; twelve along it is a new one, which begins over.
    const at = (y: number) => {
      const first = done(once, { kind: 'move', strand: 1, point: 0, to: [-4, y] });
      return words(first)[1];
    };
    expect(at(-5)).toBe('U');
    const far = edited(once, { kind: 'move', strand: 1, point: 1, to: [4, 15] });
    expect(far.ok && words(far.value)[1]).toBe('O');
  });

  it('turns one crossing over: one letter of each of the two strands, and back', () => {
    const spec = drawn('solomon-bar');
    const found = topsOf(spec);
    const index = found.ok ? found.value.findIndex((t) => t.a === 2 && t.b === 3) : -1;
    const once = done(spec, { kind: 'turn-over', crossing: index });
    const changed = words(once).map(
      (w, i) => [...w].filter((letter, k) => letter !== spec.strands[i]!.word[k]).length,
    );
    expect(changed).toEqual([0, 0, 1, 1]);
    expect(words(done(once, { kind: 'turn-over', crossing: index }))).toEqual(words(spec));
  });

  it('keeps who lies on top while a bend is dragged, also past a crossing that it loses', () => {
    // The right bend drawn in between the cores: the far core is no longer crossed, the near one still is.
    const narrow = done(COIL, { kind: 'move', strand: 2, point: 1, to: [0, 1] });
    const both = done(narrow, { kind: 'move', strand: 2, point: 2, to: [0, 2] });
    expect(both.strands[2]!.word).toBe('OU');
    // And out again: the near core as before; new crossings alternate, under after over, over after under.
    const wide = done(both, { kind: 'move', strand: 2, point: 1, to: [3, 1] });
    expect(wide.strands[2]!.word).toHaveLength(4);
    expect(findCrossings(wide).ok).toBe(true);
  });

  it('puts a bend in and takes it out again', () => {
    const more = done(COIL, { kind: 'insert', strand: 2, after: 0, at: [0, 0.5] });
    expect(more.strands[2]!.path).toHaveLength(5);
    expect(words(more)).toEqual(words(COIL));
    expect(done(more, { kind: 'remove-point', strand: 2, point: 1 }).strands[2]!.path).toEqual(
      COIL.strands[2]!.path,
    );
  });

  it('leads a new strand over and under by turns, and gives it a name of its own', () => {
    // Straight across both cores and back, between the coil’s passes.
    const more = done(COIL, {
      kind: 'add-strand',
      role: 'work',
      path: [
        [-2, 0.2],
        [2, 0.9],
        [-2, 1.6],
      ],
    });
    const added = more.strands[3]!;
    expect(added.name).toBe('B');
    expect(added.word).toMatch(/^(OU)+O?$/);
    expect(more.strands.slice(0, 2).map((s) => s.word)).toEqual(['', '']);
    expect(findCrossings(more).ok).toBe(true);
    expect(done(more, { kind: 'add-strand', role: 'core', path: [[2.5, 0]] }).strands.at(-1)!.name).toBe(
      'C3',
    );
    expect(done(more, { kind: 'add-strand', role: 'spine', path: [[2.5, 0]] }).strands.at(-1)!.name).toBe(
      'T',
    );
  });

  it('removes a strand without disturbing the others', () => {
    const bare = done(drawn('solomon-bar'), { kind: 'remove-strand', strand: 0 });
    // A row of a Solomon bar: each end meets the other three times and both cores. Without one core four are left.
    expect(bare.strands.map((s) => s.name)).toEqual(['C2', 'A', 'B']);
    expect(findCrossings(bare).ok).toBe(true);
    expect(bare.strands[1]!.word).toBe('UOOUUOOU');
  });

  it('lets a core speak only where it crosses a core', () => {
    const asCore = done(COIL, { kind: 'role', strand: 2, role: 'core' });
    expect(asCore.strands.map((s) => s.word.length)).toEqual([2, 2, 4]);
    expect(asCore.strands[2]!.weight).toBe(3);
    const back = done(asCore, { kind: 'role', strand: 2, role: 'work' });
    expect(words(back)).toEqual(['', '', 'OOUU']);
  });

  it('makes room for thicker cord once, and never shrinks', () => {
    const thick = done(COIL, { kind: 'thickness', strand: 0, ratio: 2 });
    expect(thick.strands[0]!.radius).toBe(1);
    // Half of one and half of two diameters between centre lines instead of one: half as much again.
    expect(thick.period).toBeCloseTo(6, 9);
    expect(done(thick, { kind: 'thickness', strand: 1, ratio: 2 }).period).toBeCloseTo(6, 9);
    expect(done(COIL, { kind: 'thickness', strand: 0, ratio: 0.5 }).period).toBe(4);
  });

  it('says where strands run along each other, and lets the next change part them', () => {
    const on = edited(COIL, { kind: 'add-strand', role: 'core', path: [[1, 0]] });
    expect(on.ok ? '' : on.issues[0]!.code).toBe('notation.coincident');
    const text = format(COIL).replace('core C2: 1,0', 'core C2: -1,0');
    const parted = done(read(text), { kind: 'move', strand: 1, point: 0, to: [1, 0] });
    expect(findCrossings(parted).ok).toBe(true);
  });

  it('never writes a word that contradicts another one, whatever is done', () => {
    const place = fc.tuple(fc.integer({ min: -90, max: 90 }), fc.integer({ min: -90, max: 90 }));
    const ids = WEAVES.filter((w) => !w.isStraight).map((w) => w.id);
    fc.assert(
      fc.property(
        fc.constantFrom(...ids),
        fc.array(fc.tuple(fc.nat(6), fc.nat(99), fc.nat(99), place), { minLength: 1, maxLength: 6 }),
        (id, changes) => {
          let spec = drawn(id);
          for (const [what, a, b, [x, y]] of changes) {
            const strand = a % spec.strands.length;
            const point = b % spec.strands[strand]!.path.length;
            // Off every grid line, so that nothing is hit by chance.
            const at = [x / 10 + 0.0123, y / 10 + 0.0217] as const;
            const edits: readonly WeaveEdit[] = [
              { kind: 'move', strand, point, to: at },
              { kind: 'insert', strand, after: point, at },
              { kind: 'turn-over', crossing: b % 3 },
              { kind: 'add-strand', role: 'work', path: [at, [at[0] + 3.3, at[1] + 0.7]] },
              { kind: 'role', strand, role: 'work' },
              { kind: 'thickness', strand, ratio: 1.5 },
              { kind: 'move', strand, point, to: [at[0] / 3, at[1] / 3] },
            ];
            const next = edited(spec, edits[what]!);
            if (!next.ok) continue;
            spec = next.value;
            const again = read(format(spec));
            expect(findCrossings(again).ok).toBe(true);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('counts crossings where they will be read, where a strand just touches its own next period', () => {
    // The core’s last stretch ends where its next period begins: a hair beside it, they would cross twice.
    const thick = done(drawn('ladder-3'), { kind: 'thickness', strand: 0, ratio: 1.5 });
    const at = [82 / 10 + 0.0123, 41 / 10 + 0.0217] as const;
    const more = done(thick, { kind: 'add-strand', role: 'work', path: [at, [at[0] + 3.3, at[1] + 0.7]] });
    const bent = done(more, {
      kind: 'insert',
      strand: 0,
      after: 0,
      at: [84 / 10 + 0.0123, -1 / 10 + 0.0217],
    });
    expect(findCrossings(read(format(bent))).ok).toBe(true);
  });
});
