import { test as bare } from '@playwright/test';
import { expect } from './help.ts';
import { soak } from './soak.ts';

const ACTIONS = 45;

// Long because it is many short things; `bench/soak.ts` does thousands, and without the network, too.
bare(
  'a maker’s haste: whatever is pressed, typed or killed, the page stays whole and every record readable',
  async ({ context, baseURL }) => {
    const { troubles, counts } = await soak(context, `${baseURL}/?stall`, 7, ACTIONS, { isKept: false });
    expect(troubles).toEqual([]);
    expect(Object.values(counts).reduce((a, b) => a + b, 0)).toBe(ACTIONS);
  },
);
