import { describe, expect, it } from 'vitest';
import { why } from '../why/why.ts';
import { byTape } from './byTape.ts';

const told = { lengthMm: 200, sdMm: 2, widthMm: 22, why: why`photo` };
const scaled = (tapeMm: number | undefined, from = told) => {
  const result = byTape(from, tapeMm);
  if (!result.ok) throw new Error(result.issues[0]!.message);
  return result.value;
};

describe('a tape laid along what was photographed', () => {
  it('scales the width with the length, and is as sure as a tape', () => {
    // 205 mm instead of 200: 2.5 % more, so 22 mm are 22.55.
    const found = scaled(205);
    expect(found.lengthMm).toBe(205);
    expect(found.widthMm).toBeCloseTo(22.55, 9);
    expect(found.sdMm).toBe(1.5);
  });

  it('leaves all as it is where none was laid', () => {
    expect(scaled(undefined)).toBe(told);
  });

  it('says where the two are further apart than both explain', () => {
    // 3 × √(2² + 1.5²) = 7.5 mm.
    expect(scaled(207.4).note).toBeUndefined();
    expect(scaled(192.6).note).toBeUndefined();
    expect(scaled(207.6).note).toContain('look at the corners');
    expect(scaled(192.4).note).toContain('look at the corners');
  });

  it('is refused a quarter off and more, in words', () => {
    expect(scaled(250).lengthMm).toBe(250);
    for (const tape of [250.1, 149, 0, Number.NaN]) {
      const result = byTape(told, tape);
      expect(result.ok).toBe(false);
    }
    const result = byTape(told, 300);
    expect(!result.ok && result.issues[0]!.message).toContain('more than a quarter apart');
  });

  it('has no width for a cord’s end', () => {
    expect('widthMm' in scaled(205, { lengthMm: 200, sdMm: 2, why: why`photo` } as typeof told)).toBe(false);
  });
});
