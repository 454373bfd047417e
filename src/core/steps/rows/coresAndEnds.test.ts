import { describe, expect, it } from 'vitest';
import { findPattern } from '../../patterns/index.ts';
import { coresAndEnds } from './rowCords.ts';

describe('cores and ends of a weave that no plan is made of', () => {
  it('are of two cords: 0 for a core, 1 for an end', () => {
    const of = coresAndEnds(findPattern('solomon-bar')!.draw());
    expect(['C1', 'C2', 'A', 'B'].map((name) => of(name))).toEqual([0, 0, 1, 1]);
    expect(coresAndEnds(findPattern('flat-braid-4')!.draw())('S')).toBe(1);
  });
});
