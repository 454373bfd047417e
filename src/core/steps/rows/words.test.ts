import { describe, expect, it } from 'vitest';
import type { Leg, Move, RowMoves, Target } from './moves.ts';
import { endName, rowText, shortRowText } from './words.ts';

const core = (number: number): Target => ({ kind: 'core', number });
const end = (number: number): Target => ({ kind: 'end', number });
const OWN: Target = { kind: 'own' };
const LAST: Target = { kind: 'last row' };
const BELOW: Target = { kind: 'below' };
const over = (...targets: Target[]): Leg => ({ isOver: true, targets, visits: [] });
const under = (...targets: Target[]): Leg => ({ isOver: false, targets, visits: [] });

interface Told {
  readonly cores?: number;
  readonly ends?: number;
  readonly end?: number;
  readonly to?: number;
  readonly out?: Move['out'];
}

/** One end’s move, crossing by crossing and as hands think of it. */
function told(legs: readonly Leg[], { cores = 2, ends = 2, end: number = 1, to = 2, out }: Told = {}) {
  const move = { end: number, to, out, legs } as unknown as Move;
  const row = { moves: [move], cores, ends } as unknown as RowMoves;
  return [rowText(row)[0], shortRowText(row)[0]];
}

describe('one end’s move in words', () => {
  it('says over and under in the order of travel, and where the end comes out', () => {
    expect(told([over(core(1), core(2))], { out: 'right' })).toEqual([
      'Left end: over both cores, out at the right.',
      'Left end: over both cores, out at the right.',
    ]);
    expect(told([over(core(1)), under(core(2))], { end: 2, out: 'left' })).toEqual([
      'Right end: over the left core, then under the right core, out at the left.',
      'Right end: over the left core, behind the right core, out at the left.',
    ]);
    expect(told([])).toEqual(['Left end: straight on.', 'Left end: straight on.']);
  });

  it('names cores and ends by their places, and by numbers where there are more', () => {
    const cores = (total: number, ...numbers: number[]) =>
      told([over(...numbers.map(core))], { cores: total })[0];
    expect(cores(1, 1)).toBe('Left end: over the core.');
    expect(cores(3, 1, 2, 3)).toBe('Left end: over all 3 cores.');
    expect(cores(3, 2)).toBe('Left end: over the middle core.');
    expect(cores(3, 3, 1)).toBe('Left end: over the left core and the right core.');
    expect(cores(4, 1, 2, 3)).toBe('Left end: over core 1, core 2 and core 3.');
    expect(endName(1, { ends: 1, cores: 2 })).toBe('working end');
    expect(endName(3, { ends: 4, cores: 2 })).toBe('end 3');
    expect(endName(3, { ends: 4, cores: 0 })).toBe('strand 3');
  });

  it('says how often the same thing is passed', () => {
    expect(told([over(end(2), end(2))])[0]).toBe('Left end: over the right end twice.');
    expect(told([under(BELOW)])[0]).toBe('Left end: under the first bar’s edge.');
    expect(told([over(LAST)])[0]).toBe('Left end: over the loop before.');
    expect(told([under(OWN)])[0]).toBe('Left end: under its own loop.');
    expect(told([under(LAST, LAST, LAST)])[0]).toBe('Left end: under the loop before three times.');
    expect(told([under(BELOW, BELOW, BELOW, BELOW)])[0]).toBe(
      'Left end: under the first bar’s edge four times.',
    );
    expect(told([under(OWN, OWN, OWN, OWN, OWN)])[0]).toBe('Left end: under its own loop 5 times.');
  });

  it('of a braid says as which strand it comes to lie; a working end alone, or with a core, does not', () => {
    expect(told([over(end(2)), under(end(3))], { cores: 0, ends: 4, to: 3 })[0]).toBe(
      'Strand 1: over strand 2, then under strand 3, to lie as strand 3.',
    );
    expect(told([over(end(2))], { cores: 0, ends: 2 })[0]).toBe('Left end: over the right end.');
    expect(told([over(end(2))], { cores: 1, ends: 4 })[0]).toBe('End 1: over end 2.');
  });
});

describe('an end that comes up through a loop', () => {
  const RIGHT = { end: 2, out: 'left' as const };

  it('ends over what it passed before: that is said, and as hands think of it the loop is gone up through', () => {
    const legs = [over(end(1)), under(core(2), core(1)), over(end(1))];
    expect(told(legs, RIGHT)).toEqual([
      'Right end: over the left end, then under both cores, then over the left end (up through its loop), out at the left.',
      'Right end: over the left end, behind both cores, up through the left loop.',
    ]);
    // Under and over the cord that makes the loop, right before it ends, is going up through it.
    expect(told([over(end(1)), under(core(2), core(1), end(1)), over(end(1))], RIGHT)[1]).toBe(
      'Right end: over the left end, behind both cores, up through the left loop.',
    );
    expect(told([over(LAST), under(core(1)), over(LAST)], RIGHT)[1]).toBe(
      'Right end: over the loop before, behind the left core, up through the loop before.',
    );
    expect(told([over(core(1)), under(core(2), OWN), over(OWN)], RIGHT)[1]).toBe(
      'Right end: over the left core, behind the right core, up through its own loop.',
    );
    expect(told([over(end(3)), under(core(1)), over(end(3))], { ends: 4, end: 1 })[1]).toBe(
      'End 1: over end 3, behind the left core, up through end 3’s loop.',
    );
  });

  it('is told in the middle of four legs, too, by any but the last of them', () => {
    const legs = [under(core(1)), over(end(1)), under(core(2)), over(end(1))];
    expect(told(legs, RIGHT)[0]).toContain('(up through its loop)');
    expect(told(legs, RIGHT)[1]).toContain('up through the left loop');
  });

  it('is none that ends under, over a core, over what it never passed, or after two legs', () => {
    const plain = (legs: Leg[]) => {
      const [long, short] = told(legs, RIGHT);
      expect(long).not.toContain('up through');
      expect(short).not.toContain('up through');
      expect(short).toContain('out at the left');
    };
    plain([over(end(1)), over(core(1)), under(end(1))]);
    plain([over(core(1)), under(core(2)), over(core(1))]);
    plain([over(core(1)), under(core(2)), over(end(1))]);
    plain([under(end(1)), over(end(1))]);
  });

  it('meets another end of the same kind: crossing by crossing it is its loop, to hands it is none', () => {
    const [long, short] = told([over(end(2)), under(core(1)), over(end(3))], { ends: 4, end: 1 });
    expect(long).toContain('up through');
    expect(short).toBe('End 1: over end 2, behind the left core, over end 3.');
  });
});
