import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    setupFiles: ['scripts/vitest.setup.ts'],
    include: ['src/**/*.test.{ts,tsx}', 'scripts/**/*.test.ts'],
    testTimeout: 30_000,
    // Both processors of a small machine: left to itself one would idle.
    maxWorkers: 2,
    // What is rendered once for a whole file takes longer on a loaded machine.
    hookTimeout: 40_000,
  },
});
