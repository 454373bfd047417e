import { describe, expect, it } from 'vitest';
import { practiceTable } from './practice.ts';

describe('a default plan', () => {
  it.each(practiceTable().map((r) => [r.name, r] as const))(
    'asks for no more than is known to have sufficed: %s',
    (_name, r) => {
      expect(r.planMm).toBeLessThanOrEqual(r.sufficedMm + r.uncertainMm);
      // Nor for so little that the known cut would look like waste.
      expect(r.planMm).toBeGreaterThan(0.9 * r.sufficedMm);
    },
  );
});
