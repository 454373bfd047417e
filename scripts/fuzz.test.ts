import { describe, expect, it } from 'vitest';
import { fuzzAll } from './fuzz.ts';

describe('spoilt documents', () => {
  it('are read or refused with a message, never thrown over', async () => {
    const { accepted, faults } = await fuzzAll(1_100, 20_26);
    expect(faults).toEqual([]);
    // Some mutants are still sound: the readers do not refuse everything.
    expect(accepted).toBeGreaterThan(50);
  });
});
