import { describe, expect, it } from 'vitest';
import { isDue, tooOld } from './copies.ts';

const HOUR = 3_600_000;

describe('copies into a folder', () => {
  it.each([
    [undefined, true],
    ['nonsense', true],
    [100 * HOUR - 23.9 * HOUR, false],
    [100 * HOUR - 24 * HOUR, true],
    [101 * HOUR, true],
  ])('the last at %s: due %s', (last, due) => expect(isDue(last, 100 * HOUR)).toBe(due));

  it('keep the last ten days, and touch no file that is not theirs', () => {
    const days = Array.from({ length: 12 }, (_, i) => `warp-beam-2026-11-${String(i + 10)}.zip`);
    const others = ['warp-beam-notes.txt', 'warp-beam-2026-11-01.zip.bak', 'my warp-beam-2026-11-01.zip'];
    expect(tooOld([...others, ...days.toReversed()])).toEqual(days.slice(0, 2));
    expect(tooOld(days.slice(2))).toEqual([]);
  });
});
