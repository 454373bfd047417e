import { defineConfig } from '@playwright/test';

export const CHROMIUM_FLAGS = [
  '--no-sandbox',
  // The GPU here is emulated; painting vectors on it is many times slower than on the processor.
  '--disable-gpu-rasterization',
  '--use-gl=angle',
  '--use-angle=swiftshader',
  '--enable-unsafe-swiftshader',
  '--ignore-gpu-blocklist',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
];

const PORT = Number(process.env.WARP_BEAM_E2E_PORT ?? 4319);

export default defineConfig({
  testDir: 'e2e',
  workers: 2,
  fullyParallel: true,
  timeout: 60_000,
  // Two browsers and their workers share two processors here: what is on its way may take longer than alone.
  expect: { timeout: 10_000 },
  reporter: [['list']],
  outputDir: 'test-results',
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    // Kept in the browser only where a test is about that: each test would fetch everything else once more.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: CHROMIUM_FLAGS },
  },
  webServer: {
    command: `node --import tsx src/server/main.ts --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}`,
    reuseExistingServer: false,
  },
});
