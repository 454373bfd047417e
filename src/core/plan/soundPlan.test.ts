import { describe, expect, it } from 'vitest';
import { defects } from './guard.ts';
import { planned } from './testing/onTheEdge.ts';

describe('the last look at a plan', () => {
  it('finds nothing in a sound one, however small its figures, and each that is below nothing', () => {
    const p = planned({});
    const closed = (change: Partial<typeof p.closed>) =>
      defects({ ...p, closed: { ...p.closed, ...change } });
    expect(defects(p)).toEqual([]);
    expect(closed({ closedMm: 0.5, openMm: 0.5, danglesMm: 0.1, gapMm: -0.5 })).toEqual([]);
    expect(closed({ closedMm: -0.1 })).toHaveLength(1);
    expect(closed({ openMm: -0.1 })).toHaveLength(1);
    expect(closed({ danglesMm: -0.1 })).toHaveLength(1);
    expect(closed({ gapMm: Number.NaN })).toHaveLength(1);
    const band = (change: Partial<(typeof p.bands)[number]>) =>
      defects({ ...p, bands: [{ ...p.bands[0]!, ...change }] });
    expect(band({ rows: 1, wovenMm: 0.5 })).toEqual([]);
    expect(band({ rows: 0.5 })).toHaveLength(1);
    expect(band({ wovenMm: -0.1 })).toHaveLength(1);
    const cord = (change: Partial<(typeof p.cords)[number]>) =>
      defects({ ...p, cords: [{ ...p.cords[0]!, ...change }, ...p.cords.slice(1)] });
    const { cutLengthMm } = p.cords[0]!;
    expect(cord({ usedLengthMm: cutLengthMm })).toEqual([]);
    expect(cord({ usedLengthMm: cutLengthMm + 0.1 })).toHaveLength(1);
    expect(cord({ marks: [{ what: 'fold', atMm: cutLengthMm, why: [] }] })).toEqual([]);
    expect(cord({ marks: [{ what: 'fold', atMm: cutLengthMm + 0.1, why: [] }] })).toHaveLength(1);
    expect(cord({ marks: [{ what: 'fold', atMm: -0.1, why: [] }] })).toHaveLength(1);
  });
});
