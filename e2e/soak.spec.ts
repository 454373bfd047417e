import { test as bare } from '@playwright/test';
import { expect } from './help.ts';
import { soak } from './soak.ts';

bare.use({ serviceWorkers: 'allow' });

const ACTIONS = 60;

// Long because it is many short things; `bench/soak.ts` does thousands.
bare(
  'a maker’s haste: whatever is pressed, typed, killed or cut off, the page stays whole and every record readable',
  async ({ context, baseURL }) => {
    const { troubles, counts } = await soak(context, `${baseURL}/?stall`, 7, ACTIONS);
    expect(troubles).toEqual([]);
    expect(Object.values(counts).reduce((a, b) => a + b, 0)).toBe(ACTIONS);
  },
);
