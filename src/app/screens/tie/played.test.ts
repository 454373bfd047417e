import { describe, expect, it } from 'vitest';
import { movesAfter, SPEEDS } from './usePlayed.ts';

describe('a row that plays', () => {
  it('lays one end after the other, rests after each, and starts again after the last', () => {
    // As tied: an end takes 2 s and rests 0.9 s.
    expect(movesAfter(0, 2, 'normal')).toBe(0);
    expect(movesAfter(1, 2, 'normal')).toBeCloseTo(0.5, 6);
    expect(movesAfter(2.1, 2, 'normal')).toBe(1);
    expect(movesAfter(2.8, 2, 'normal')).toBe(1);
    expect(movesAfter(2.9 + 1, 2, 'normal')).toBeCloseTo(1.5, 6);
    expect(movesAfter(5.7, 2, 'normal')).toBe(2);
    expect(movesAfter(5.8 + 0.01, 2, 'normal')).toBeLessThan(0.01);
  });

  it('never goes backwards within a round, at any speed', () => {
    for (const { value } of SPEEDS) {
      // A round of three ends takes 3.9 s when fast, more when slower.
      const seen = Array.from({ length: 77 }, (_, i) => movesAfter(i * 0.05, 3, value));
      expect(seen).toEqual(seen.toSorted((a, b) => a - b));
      expect(Math.max(...seen)).toBeLessThanOrEqual(3);
    }
    expect(movesAfter(1, 0, 'fast')).toBe(0);
  });
});
