import { defineConfig } from 'vitest/config';

const CORE = 'src/core/**/*.test.ts';

export default defineConfig({
  test: {
    setupFiles: ['scripts/vitest.setup.ts'],
    testTimeout: 90_000,
    // Both processors of a small machine: left to itself one would idle.
    maxWorkers: 2,
    // What is rendered once for a whole file takes longer on a loaded machine.
    hookTimeout: 90_000,
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          include: [CORE],
          // The core keeps nothing between calls, so its files share one load of it: a fifth of the time. Apart where it is asked which file meets what (bench/mutants).
          isolate: process.env.MET !== undefined,
          // Loaded by Node itself: in the test runner's own loader each use of an import is a call. A tenth of the time.
          execArgv: ['--import', 'tsx'],
          experimental: { viteModuleRunner: false, nodeLoader: false },
        },
      },
      {
        extends: true,
        test: {
          name: 'around it',
          include: ['src/**/*.test.{ts,tsx}', 'scripts/**/*.test.ts'],
          exclude: [CORE],
        },
      },
    ],
  },
});
