/** Takes the pictures in docs/screenshots from the demo data: build, then `npm run shots`. */
import { spawn } from 'node:child_process';
import { chromium, type Page } from '@playwright/test';
import { bandPhoto, markPhoto } from '../e2e/photo.ts';
import { CHROMIUM, FLAGS_FOR_3D } from '../playwright.config.ts';

const PORT = 4391;
const DIR = 'docs/screenshots';

const SHOTS: Record<string, (page: Page) => Promise<unknown>> = {
  start: async (page) => {
    await page.getByTestId('start-answer').waitFor();
  },
  words: async (page) => {
    await page.goto('/words');
  },
  bench: async (page) => {
    await page.goto('/d/demo-ines-dome-night');
  },
  why: async (page) => {
    await page.goto('/d/demo-okoro-guide-band');
    await putHintsAway(page);
    await page.getByTestId('cut-A').click();
  },
  draw: async (page) => {
    await page.goto('/weaves/solomon-bar');
    await page.getByRole('heading', { name: /How it is led/ }).evaluate((h) => h.scrollIntoView());
  },
  closures: async (page) => {
    await page.goto('/d/demo-okoro-cinch-band');
    await page.getByRole('tab', { name: /How could it close/ }).click();
    await page.getByTestId('closure-cinch').waitFor();
    await putHintsAway(page);
    await page.getByRole('tab', { name: /How could it close/ }).evaluate((tab) => tab.scrollIntoView());
  },
  arrangements: async (page) => {
    await page.goto('/d/demo-lin-four-strand-braid');
    await page.getByTestId('cut-A').waitFor();
    await putHintsAway(page);
    await page.keyboard.press('r');
    await page.waitForTimeout(2500);
  },
  weaves: async (page) => {
    await page.goto('/weaves');
  },
  weave: async (page) => {
    await page.goto('/weaves/ladder-two-4');
  },
  log: async (page) => {
    await page.goto('/log');
    await page.getByRole('button', { name: /Load the stall/ }).click();
    await page.getByTestId('honest').waitFor();
  },
  orders: async (page) => {
    await page.goto('/orders');
    await page.getByTestId('order-money').waitFor();
  },
  days: async (page) => {
    await page.goto('/orders/days');
    await page.getByTestId('day-verdict').waitFor();
  },
  stash: async (page) => {
    await page.goto('/stash');
    await page.getByRole('button', { name: 'cuts', exact: true }).click();
    await page.getByLabel('How many: Dome night band').fill('16');
    await page.getByLabel('How many: Halley’s collar').fill('1');
    await page.getByRole('button', { name: /^Plan the cuts/ }).click();
    await page.getByTestId('cut-verdict').waitFor();
  },
  ring: async (page) => {
    await page.goto('/rings/demo-ines-dome-slip-ring');
    await page.getByTestId('ring-next').waitFor();
  },
  tie: async (page) => {
    await tieTo(page, 'ines-dome-night', 'Row 12 of');
  },
  practice: async (page) => {
    await page.goto('/practice');
    await page.getByRole('button', { name: /^Practise/ }).click();
    await page.getByRole('option', { name: 'Where is the slip', exact: true }).click();
    await page.getByRole('img', { name: /tight rows/ }).waitFor();
    await page.keyboard.press('2');
  },
  photo: async (page) => {
    await page.goto('/weaves/solomon-bar');
    await page.getByRole('button', { name: /swatch, from a photo/ }).click();
    await markPhoto(page, bandPhoto(20, 1.03));
    await page.getByTestId('ticks').evaluate((ticks) => ticks.scrollIntoView({ block: 'end' }));
  },
  'tie-phone': async (page) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await tieTo(page, 'ines-dome-night', 'Row 12 of');
  },
  card: async (page) => {
    await page.goto('/d/demo-ines-dome-night');
    await page.getByTestId('cut-A').waitFor();
    await page.setViewportSize({ width: 760, height: 1060 });
    await page.emulateMedia({ media: 'print' });
  },
};

/** Hints come a moment after the rest; a press on one closes what is open, and moves what is below it. */
async function putHintsAway(page: Page): Promise<void> {
  await page.waitForTimeout(1500);
  for (const hint of await page.getByRole('button', { name: 'Don’t show this hint again' }).all())
    await hint.click();
}

/** Starts tying a demo design and presses on to a step. */
async function tieTo(page: Page, design: string, step: string): Promise<void> {
  await page.goto(`/d/demo-${design}`);
  await page.getByRole('button', { name: 'Start tying' }).click();
  const title = page.getByTestId('step-title');
  await title.waitFor();
  while (!(await title.textContent())!.startsWith(step)) await page.keyboard.press('ArrowRight');
}

const server = spawn(process.execPath, ['--import', 'tsx', 'src/server/main.ts', '--port', String(PORT)]);
await new Promise((resolve) => server.stdout.once('data', resolve));
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: FLAGS_FOR_3D,
});
const wanted = process.argv.slice(2);
for (const [name, prepare] of Object.entries(SHOTS)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const page = await browser.newPage({
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
  });
  // As a newcomer comes; all else with the demo.
  await page.goto(name === 'start' ? '/' : '/?stall');
  await page.getByRole('heading', { level: 1 }).first().waitFor({ state: 'attached' });
  await prepare(page);
  await putHintsAway(page);
  await page.waitForTimeout(700);
  await page.screenshot({ path: `${DIR}/${name}.png` });
  await page.close();
  console.log(`${DIR}/${name}.png`);
}
await browser.close();
server.kill();
