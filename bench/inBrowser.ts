import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { bundle } from '../scripts/bundle.mjs';
import { chromiumPath, ensureChromium } from '../scripts/chromium.mjs';
import type { PlansPage } from './browser/plans.ts';

/** Fresh pages that are asked in turn: each begins with a program that was never run. */
const PAGES = 5;

/**
 * Times of one plan in ms in Debian's Chromium, the quickest first: plans are made in a browser, whose compiler is
 * years ahead of the one in Node.js 20.
 */
export async function plansInBrowser(text: string, times: number, warm: number): Promise<readonly number[]> {
  const out = join(process.cwd(), '.cache/bench/plans');
  await bundle('bench/browser/plans.ts', out, process.cwd());
  const content = readFileSync(join(out, 'main.js'), 'utf8');
  ensureChromium();
  const browser = await chromium.launch({
    executablePath: chromiumPath(),
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const all: number[] = [];
  try {
    for (let i = 0; i < PAGES; i++) {
      const page = await browser.newPage();
      await page.addScriptTag({ content, type: 'module' });
      await page.waitForFunction('globalThis.plansOf !== undefined');
      const one = await page.evaluate(
        ([design, count, before]) => (globalThis as unknown as PlansPage).plansOf(design, count, before),
        [text, times, warm] as const,
      );
      all.push(...one);
      await page.close();
    }
  } finally {
    await browser.close();
  }
  return all.sort((a, b) => a - b);
}
