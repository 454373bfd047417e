import { describe, expect, it } from 'vitest';
import { missingOf } from './atHand.ts';
import { fromShelf } from './fromShelf.ts';
import { LIBRARY_ONLY } from './knowledge.ts';

describe('cuts laid on pieces', () => {
  it('are tried another way while a millimetre is missing: 6 + 4 and 5 + 4 use up all of 10 and 9', () => {
    expect(missingOf([6, 5, 4, 4], [10, 9])).toBe(0);
    expect(missingOf([6, 5, 4, 4.5], [10, 9])).toBeCloseTo(0.5, 9);
  });
});

describe('a shelf with two colours', () => {
  it('offers first what there is most of in all, however long its pieces are', () => {
    const pieces = [
      { colour: 'ember', lengthMm: 4000 },
      ...[3000, 3000, 3000].map((lengthMm) => ({ colour: 'dusk', lengthMm })),
    ];
    const ask = { cordId: 'nylon-4', pieces, girthMm: 170, kerfMm: 10 };
    const one = fromShelf('solomon-bar', ask, LIBRARY_ONLY).filter(
      (w) => w.design.cords.length === 1 && !w.missing && w.cuts.every((c) => c.lengthMm < 2900),
    );
    expect(one.length).toBeGreaterThan(0);
    for (const way of one) expect(way.design.cords[0]!.colour, way.closureId).toBe('dusk');
  });
});
