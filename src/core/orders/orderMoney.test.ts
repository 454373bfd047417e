import { describe, expect, it } from 'vitest';
import { whyText } from '../why/why.ts';
import { orderMoney } from './money.ts';

const LINES = [
  { name: 'Dome night band', count: 12, money: { costCents: 410, priceCents: 900 } },
  { name: 'Halley’s collar', count: 1, money: { costCents: 1255, priceCents: 2400 } },
  { name: 'Old band', count: 3, money: undefined },
];

describe('what an order costs and brings', () => {
  it('is the sum of its pieces, told piece by piece', () => {
    const all = orderMoney(LINES);
    // 12 × 4.10 + 12.55 = 61.75; 12 × 9.00 + 24.00 = 132.00.
    expect([all.costCents, all.priceCents]).toEqual([6175, 13200]);
    expect(whyText(all.costWhy)).toBe(
      '12 × Dome night band 4.10 + 1 × Halley’s collar 12.55 + Old band, which can’t be planned, 0 = 61.75',
    );
    expect(whyText(all.priceWhy)).toContain('12 × Dome night band 9.00 + 1 × Halley’s collar 24.00');
  });

  it('brings what was agreed, and still says what its pieces would', () => {
    const agreed = orderMoney(LINES, 12000);
    expect(agreed.priceCents).toBe(12000);
    expect(agreed.costCents).toBe(6175);
    expect(whyText(agreed.priceWhy)).toMatch(/^agreed; by its pieces it would be .* = 132\.00$/);
    expect(orderMoney([], undefined)).toMatchObject({ costCents: 0, priceCents: 0 });
    expect(orderMoney(LINES, 0).priceCents).toBe(0);
  });
});
