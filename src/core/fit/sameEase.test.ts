import { describe, expect, it } from 'vitest';
import { FINGER_MM } from './fingers.ts';
import { sameEase } from './schools.ts';

describe('two ways to ease a fit', () => {
  it('are the same where they say the same, the usual finger said or not', () => {
    const one = { school: 'fingers', fingers: 1 } as const;
    expect(sameEase(one, { school: 'fingers', fingers: 1 })).toBe(true);
    expect(sameEase(one, { ...one, fingerMm: FINGER_MM })).toBe(true);
    expect(sameEase(one, { ...one, fingerMm: FINGER_MM + 1 })).toBe(false);
    expect(sameEase(one, { school: 'try-on' })).toBe(false);
    expect(sameEase({ school: 'flat', addMm: 25 }, { school: 'flat', addMm: 25 })).toBe(true);
    expect(sameEase({ school: 'flat', addMm: 25 }, { school: 'flat', addMm: 24 })).toBe(false);
    expect(sameEase({ school: 'thickness', slackMm: 8 }, { school: 'thickness', slackMm: 8 })).toBe(true);
    expect(sameEase({ school: 'thickness', slackMm: 8 }, { school: 'thickness', slackMm: 9 })).toBe(false);
    expect(sameEase({ school: 'try-on' }, { school: 'try-on' })).toBe(true);
    expect(sameEase({ school: 'try-on' }, one)).toBe(false);
  });
});
