import { describe, expect, it } from 'vitest';
import type { Make } from '../formats/make.ts';
import { cordSpent, leftShare, spentByMonth } from './cordSpent.ts';
import type { Evidence } from './evidence.ts';

const make = (id: string, at: number, cuts: readonly (readonly [string, number])[]): Make =>
  ({
    id,
    finishedAt: at,
    cuts: cuts.map(([letter, cutMm]) => ({ letter, cutMm, cordType: 'nylon-4' })),
  }) as unknown as Make;
const told = (id: string, ends: Evidence['ends']): Evidence => ({ id, ends }) as unknown as Evidence;
const end = (letter: string, usedMm?: number, leftMm?: number) => ({
  perMm: 1,
  letter,
  ...(usedMm === undefined ? {} : { usedMm }),
  ...(leftMm === undefined ? {} : { leftMm }),
});

describe('where the cord went', () => {
  it('adds up to what was cut: 2000 = 1500 + 300 + 200', () => {
    const ends = [end('A', 800, 120), end('A', 700, 80)];
    expect(cordSpent(make('1', 0, [['A', 2000]]), told('1', ends))).toEqual({
      wovenMm: 1500,
      leftMm: 200,
      otherMm: 300,
    });
    expect(leftShare({ wovenMm: 1500, leftMm: 200, otherMm: 300 })).toBeCloseTo(0.1);
  });

  it('leaves cords without a working end out, and says nothing while an end is not measured', () => {
    const cuts = [
      ['A', 2000],
      ['B', 600],
    ] as const;
    expect(cordSpent(make('1', 0, cuts), told('1', [end('A', 1500, 200)]))?.otherMm).toBe(300);
    expect(cordSpent(make('1', 0, cuts), told('1', [end('A', 1500, 200), end('B')]))).toBeUndefined();
    // More than was cut: something was typed wrong.
    expect(cordSpent(make('1', 0, cuts), told('1', [end('A', 1900, 200)]))).toBeUndefined();
  });

  it('is summed month by month, the earliest first', () => {
    const makes = [
      make('a', 300, [['A', 1000]]),
      make('b', 100, [['A', 2000]]),
      make('c', 310, [['A', 3000]]),
    ];
    const evidence = makes.map((m) => told(m.id, [end('A', 600, 100)]));
    const months = spentByMonth(makes, evidence, (ms) => (ms < 200 ? '2026-10' : '2026-11'));
    expect(months).toEqual([
      { month: '2026-10', pieces: 1, wovenMm: 600, otherMm: 1300, leftMm: 100 },
      { month: '2026-11', pieces: 2, wovenMm: 1200, otherMm: 2600, leftMm: 200 },
    ]);
  });
});
