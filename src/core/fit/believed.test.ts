import { describe, expect, it } from 'vitest';
import type { Measure } from './measures.ts';
import { measureOf } from './measures.ts';
import { PRODUCTS } from './products.ts';

/** Least and most that is believed of a body, a watch or a ring, and what is taken where nothing was measured; in mm. */
const BELIEVED: Readonly<Record<string, readonly [number, number, string]>> = {
  'bracelet girth': [60, 350, '170'],
  'anklet girth': [100, 450, '230'],
  'collar girth': [120, 900, '380'],
  'collar-limited-slip girth': [120, 900, '380'],
  'collar-cat girth': [120, 450, '230'],
  'band girth': [20, 3000, '250'],
  hand: [90, 400, '1.2 of 200, 6 % either way'],
  heel: [120, 550, '1.42 of 200, 7 % either way'],
  head: [100, 900, '1.15 of 200, 12 % either way'],
  lug: [8, 40, '20'],
  lugToLug: [15, 80, '44'],
  gap: [0.5, 12, '2.5'],
  springBar: [0.8, 4, '1.8'],
  width: [8, 120, '35'],
  ringAt: [15, 900, '45'],
  ringFlat: [8, 80, '20'],
};

/** What is taken for a measure of somebody whose girth is 200 mm. */
function taken(measure: Measure): string {
  const got = measureOf(measure, undefined, { name: 'wrist', mm: 200 });
  if (!got) return 'nothing';
  const [least, most] = got.range.map((mm) => mm / got.mm - 1);
  return least === 0 && most === 0
    ? String(got.mm)
    : `${Number((got.mm / 200).toFixed(4))} of 200, ${Number((100 * most!).toFixed(4))} % either way`;
}

describe('what is believed of a measure', () => {
  const all = PRODUCTS.flatMap((product) =>
    [product.girth, ...product.measures].map((measure) => ({
      measure,
      named: BELIEVED[`${product.id} ${measure.id}`] ?? BELIEVED[measure.id] ?? BELIEVED['bracelet girth']!,
      at: `${product.id} ${measure.id}`,
    })),
  );

  it('is on the list above, and what is taken where it was not measured, too', () => {
    for (const { measure, named, at } of all) {
      expect([measure.leastMm, measure.mostMm, taken(measure)], at).toEqual(named);
      // What is taken is itself believed.
      const got = measureOf(measure, undefined, { name: 'wrist', mm: 200 })!;
      expect(got.mm >= measure.leastMm && got.mm <= measure.mostMm, at).toBe(true);
      expect(got.isMeasured).toBe(false);
    }
  });

  it('once it is measured it is what was measured', () => {
    for (const { measure } of all)
      expect(measureOf(measure, 33, { name: 'wrist', mm: 200 })).toMatchObject({
        mm: 33,
        range: [33, 33],
        isMeasured: true,
      });
  });
});
