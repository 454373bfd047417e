import { describe, expect, it } from 'vitest';
import { solvedFacts } from '../patterns/index.ts';
import { MOST_OFF, offBy, TRIED } from './compare.ts';

describe('the self-test of the engine', () => {
  it('tries an open knot, a braid without cores and a bar with cores', () => {
    const facts = TRIED.map((id) => solvedFacts(id)!);
    expect(facts.map((f) => f.kind)).toEqual(['open', 'weave', 'weave']);
    expect(facts.map((f) => f.strands.some((s) => s.role === 'core'))).toEqual([false, false, true]);
  });

  it('is passed by the knot itself, and failed by one strand that is two per cent longer', () => {
    const shipped = solvedFacts('solomon-bar')!;
    expect(offBy(shipped, shipped)).toBe(0);
    const strands = shipped.strands.map((s, i) => (i === 2 ? { ...s, lengthD: s.lengthD * 1.02 } : s));
    expect(offBy({ ...shipped, strands }, shipped)).toBeCloseTo(0.02, 9);
    expect(0.02).toBeGreaterThan(MOST_OFF);
    expect(offBy({ ...shipped, thicknessD: shipped.thicknessD * 0.9 }, shipped)).toBeCloseTo(0.1, 9);
  });

  it('is failed by another knot, or by a number that is none', () => {
    const shipped = solvedFacts('solomon-bar')!;
    expect(offBy(solvedFacts('flat-braid-3')!, shipped)).toBe(Number.POSITIVE_INFINITY);
    expect(offBy({ ...shipped, widthD: Number.NaN }, shipped)).toBe(Number.POSITIVE_INFINITY);
  });
});
