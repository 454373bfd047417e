import { describe, expect, it } from 'vitest';
import { findPattern, solvedFacts, WEAVES } from '../../patterns/index.ts';
import { solveWeave } from '../../patterns/solve.ts';
import { build } from '../../weave/build.ts';
import { findCrossings } from '../../weave/crossings.ts';
import { format } from '../../weave/format.ts';
import { parse } from '../../weave/parse.ts';
import { knotInvariant } from '../../weave/topology.ts';
import { movesOf } from '../rows/moves.ts';
import { cutRows } from '../rows/rows.ts';
import { type Slip, stretch } from './faults.ts';
import { locate, slipsFor } from './slips.ts';

/** A chain is one cord whose loops lie in each other: its rows are not cut at places side by side. */
const TIED = WEAVES.filter((w) => !w.isStraight && w.id !== 'chain-sinnet');

function cutOf(id: string) {
  const pattern = findPattern(id)!;
  const spec = pattern.draw();
  const tied = pattern.tiedIn?.[0] ?? spec.strands.filter((s) => s.role !== 'core').map((s) => s.name);
  return cutRows(spec, tied)!;
}

const crossings = (id: string, slip: Slip, rows = 6): number => {
  const made = stretch(cutOf(id), slip, rows);
  const found = made && findCrossings(made.spec);
  return found?.ok ? found.value.length : -1;
};

const invariant = (id: string, slip: Slip): number => {
  const made = stretch(cutOf(id), slip)!;
  const built = build(made.spec, () => 0.5);
  if (!built.ok) throw new Error(built.issues[0]!.message);
  return knotInvariant(built.value.rope);
};

describe('a stretch of rows, cut out and laid below each other', () => {
  it.each(TIED.map((w) => w.id))('%s: has as many crossings as its rows have, and is notation', (id) => {
    const pattern = findPattern(id)!;
    const cut = cutOf(id);
    // Of what is worked over twice the stretch has only the first layer: a Solomon bar, seven a row.
    const perRow = pattern.tiedIn ? 7 : pattern.facts.crossings / cut.spec.rows;
    expect(crossings(id, { kind: 'none' })).toBe(6 * perRow);
    const made = stretch(cut, { kind: 'none' })!;
    const read = parse(format(made.spec));
    expect(read.ok && format(read.value)).toBe(format(made.spec));
  });

  it('pulled tight without a slip it is the same bar as one period of it', () => {
    const made = stretch(cutOf('solomon-bar'), { kind: 'none' }, 4)!;
    const solved = solveWeave('stretch', made.spec, { h: 0.4, squash: solvedFacts('solomon-bar')!.squash });
    const known = solvedFacts('solomon-bar')!;
    if (!solved.ok) throw new Error(solved.issues[0]!.message);
    const row = (f: { periodD: number; rowsPerPeriod: number }) => f.periodD / f.rowsPerPeriod;
    expect(Math.abs(row(solved.value) / row(known) - 1)).toBeLessThan(0.03);
    expect(Math.abs(solved.value.widthD / known.widthD - 1)).toBeLessThan(0.05);
  });
});

describe('slips', () => {
  it('the same side twice is one row more, and swaps the two ends of a Solomon bar', () => {
    expect(crossings('solomon-bar', { kind: 'again' })).toBe(7 * 7);
    const made = stretch(cutOf('solomon-bar'), { kind: 'again' })!;
    // Each half knot changes the ends' sides: after seven each has come to the other's place.
    expect(made.slots).toEqual({ E1: [0, 1] });
    expect(stretch(cutOf('spiral-bar'), { kind: 'again' })).toBeUndefined();
    expect(stretch(cutOf('ladder-4'), { kind: 'again' })).toBeUndefined();
  });

  it('turning one crossing over makes another knot of it, with as many crossings', () => {
    const slips: Slip[] = [
      { kind: 'core', move: 0, which: 'first' },
      { kind: 'core', move: 1, which: 'last' },
      { kind: 'crossing' },
    ];
    const good = invariant('solomon-bar', { kind: 'none' });
    for (const slip of slips) {
      expect(crossings('solomon-bar', slip)).toBe(42);
      expect(invariant('solomon-bar', slip), JSON.stringify(slip)).not.toBe(good);
    }
  });

  it('a strand that stops short leaves one crossing out', () => {
    for (const id of ['flat-braid-5', 'flat-braid-6', 'flat-braid-9'])
      expect(crossings(id, { kind: 'short' })).toBe(crossings(id, { kind: 'none' }) - 1);
    expect(stretch(cutOf('solomon-bar'), { kind: 'short' })).toBeUndefined();
  });

  it('a ladder row like the one before passes every core as that one did', () => {
    const made = stretch(cutOf('ladder-4'), { kind: 'alike' })!;
    const word = made.spec.strands.find((s) => s.role !== 'core')!.word;
    const rows = word.match(/.{4}/g)!;
    // Rows run to and fro, so the same side of each core is the mirrored word.
    const side = (r: number) => (r % 2 === 0 ? rows[r]! : [...rows[r]!].reverse().join(''));
    expect(side(made.row)).toBe(side(made.row - 1));
    expect(side(1)).not.toBe(side(0));
  });

  it('every weave offers what can go wrong in it and nothing that cannot', () => {
    const offered = (id: string, carriesLoad = false) => {
      const tying = movesOf(findPattern(id)!.draw(), undefined, findPattern(id)!.tiedIn)!;
      const alternates = tying.row(0).from !== tying.row(1).from;
      return slipsFor({ cut: cutOf(id), pattern: findPattern(id), alternates, colours: 2, carriesLoad });
    };
    const ids = (id: string) => offered(id).map((k) => k.id);
    expect(ids('solomon-bar')).toEqual([
      'same-side',
      'wrong-core',
      'skipped-core',
      'crossing',
      'loose',
      'colours',
    ]);
    expect(ids('spiral-bar')).toContain('other-side');
    expect(ids('spiral-bar')).not.toContain('same-side');
    expect(ids('ladder-4')).toEqual(expect.arrayContaining(['alike', 'wrong-core', 'loose']));
    expect(ids('flat-braid-5')).toEqual(expect.arrayContaining(['same-side', 'skipped-strand', 'crossing']));
    for (const w of TIED) expect(ids(w.id).length, w.id).toBeGreaterThan(2);
    // What carries a load keeps no crossing that is wrong.
    for (const k of offered('ladder-two-4', true))
      if (typeof k.slip !== 'string') expect(k.stays, k.id).toBe('no');
  });

  it('so many rows up from the last is that row, and so many to undo; a loose one is drawn tight in place', () => {
    expect(locate({ stays: 'no' }, 12, 1)).toEqual({ row: 12, undo: 1 });
    expect(locate({ stays: 'may' }, 12, 5)).toEqual({ row: 8, undo: 5 });
    expect(locate({ stays: 'yes' }, 12, 5)).toEqual({ row: 8, undo: 0 });
    expect(locate({ stays: 'no' }, 3, 40)).toEqual({ row: 1, undo: 3 });
  });
});
