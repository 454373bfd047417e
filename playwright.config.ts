import { defineConfig } from '@playwright/test';
import { chromiumPath } from './scripts/chromium.mjs';

const QUIET_FLAGS = [
  '--no-sandbox',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
];

/** A page lives for seconds here: what runs often is compiled later, and rubbish is collected less often. A tenth of the time. */
const SHORT_LIVED =
  '--js-flags=--invocation-count-for-maglev=3000 --interrupt-budget-for-maglev=400000 --min-semi-space-size=16 --max-semi-space-size=32';

/** There is no GPU here. Without an emulated one pages are painted about a third quicker, but nothing can be turned in 3D. */
export const CHROMIUM_FLAGS = [...QUIET_FLAGS, '--disable-gpu'];

/** With an emulated GPU, for what is turned in 3D. */
export const FLAGS_FOR_3D = [
  ...QUIET_FLAGS,
  '--disable-gpu-rasterization',
  '--use-gl=angle',
  '--use-angle=swiftshader',
  '--enable-unsafe-swiftshader',
  '--ignore-gpu-blocklist',
];

export const CHROMIUM = chromiumPath();

const PORT = Number(process.env.WARP_BEAM_E2E_PORT ?? 4319);

export default defineConfig({
  testDir: 'e2e',
  workers: 2,
  fullyParallel: true,
  // Two browsers and their workers share two processors, which others may use, too: what is on its way may take ten times
  // longer than alone. What passes does not wait for this.
  timeout: 240_000,
  expect: { timeout: 60_000, toPass: { timeout: 60_000 } },
  reporter: [['list']],
  outputDir: 'test-results',
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    // Kept in the browser only where a test is about that: each test would fetch everything else once more.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: CHROMIUM, args: [...CHROMIUM_FLAGS, SHORT_LIVED] },
  },
  webServer: {
    command: `node --import tsx src/server/main.ts --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}`,
    reuseExistingServer: false,
  },
});
