import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Page } from '@playwright/test';
import { firstScripts } from '../scripts/firstScripts.ts';
import { expect, openDemo, test, violations, word } from './help.ts';

test('no violation of accessibility rules or of the content policy on the Bench', async ({ page }) => {
  await openDemo(page);
  expect(await violations(page)).toEqual([]);
  for (const label of ['Fit', 'Cord', 'Weave', 'Colour in front', 'Closure', 'Cutting', 'wrist girth']) {
    await word(page, label).click();
    expect(await violations(page), label).toEqual([]);
    await page.keyboard.press('Escape');
  }
  await page.getByTestId('cut-A').click();
  expect(await violations(page), 'why').toEqual([]);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Designs' }).click();
  expect(await violations(page), 'designs').toEqual([]);
});

test('the card prints on one page with a strip of exactly 100 mm', async ({ page }) => {
  await openDemo(page);
  await page.emulateMedia({ media: 'print' });
  const pixels = await page
    .getByTestId('print-card')
    .locator('.check-line')
    .evaluate((path: SVGPathElement) => path.getBBox().width * path.getScreenCTM()!.a);
  expect(pixels / (96 / 25.4)).toBeCloseTo(100, 1);
  await expect(page.getByTestId('print-card')).toContainText('Ember');
  await expect(page.getByRole('button', { name: 'Designs' })).toBeHidden();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});

/** From now on, names what can be pressed and was moved by what came later. */
async function watchMoves(page: Page): Promise<() => Promise<readonly string[]>> {
  await page.addInitScript(() => {
    const moved: string[] = [];
    const places = new Map<Element, DOMRect>();
    const look = () => {
      for (const part of document.querySelectorAll('button, a, input')) {
        const now = part.getBoundingClientRect();
        if (
          !part.checkVisibility({ visibilityProperty: true }) ||
          now.bottom < 0 ||
          now.top > window.innerHeight
        )
          continue;
        const before = places.get(part);
        places.set(part, now);
        if (before && Math.hypot(now.x - before.x, now.y - before.y) > 3)
          moved.push(`${part.ariaLabel ?? part.textContent}: ${before.x}, ${before.y} to ${now.x}, ${now.y}`);
      }
      Object.assign(window, { moved });
      requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  });
  return () => page.evaluate(() => (window as unknown as { moved: string[] }).moved);
}

for (const [where, width, paths] of [
  ['a phone', 390, ['/?stall', '/start']],
  ['a desk', 1280, ['/?stall', '/start', '/stash', '/orders', '/this-browser']],
] as const)
  test(`on ${where} nothing is cut off, and no button moves from under the finger while a place opens`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    // What the shop sends another test’s order comes when it comes.
    await page.route('**/stand-ins/supplier/deliveries', (route) => route.fulfill({ json: [] }));
    const moves = await watchMoves(page);
    const last = {
      '/?stall': page.getByTestId('cut-A'),
      '/start': page.getByRole('img', { name: 'Halley’s collar' }),
      '/stash': page.getByRole('region', { name: 'Hardware' }),
      '/orders': page.getByText(/by its day/).first(),
      '/this-browser': page.getByRole('button', { name: 'Erase everything…' }),
    };
    for (const path of paths) {
      await page.goto(path);
      await expect(last[path]).toBeVisible();
      expect(await moves(), path).toEqual([]);
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(overflow, path).toBeLessThanOrEqual(0);
    }
  });

/** Compressed size of scripts, in kB. */
const kilobytes = (files: readonly string[]): number =>
  files.reduce((sum, f) => sum + gzipSync(readFileSync(join(ASSETS, f))).length, 0) / 1000;
const ASSETS = join(import.meta.dirname, '../dist/assets');

test('the first script is small: what the page names, the start, and what the Bench asks for before its first number', async ({
  page,
}) => {
  const scripts = readdirSync(ASSETS).filter((f) => f.endsWith('.js'));
  const html = readFileSync(join(ASSETS, '../index.html'), 'utf8');
  expect(kilobytes(scripts.filter((f) => html.includes(f)))).toBeLessThan(200);
  // A first visit starts with three ways in: so much is there before their words, fields and buttons are.
  const start = [...firstScripts(join(ASSETS, '..'), 'StartPage').values()];
  expect(start.reduce((sum, bytes) => sum + bytes, 0) / 1000).toBeLessThan(200);
  await page.addInitScript(() => {
    const watch = new MutationObserver(() => {
      if (!document.querySelector('[data-testid=cut-A]')) return;
      document.documentElement.dataset.firstNumber = String(performance.now());
      watch.disconnect();
    });
    watch.observe(document, { childList: true, subtree: true });
  });
  await page.goto('/?stall');
  await expect(page.getByTestId('cut-A')).toBeVisible();
  // What is fetched later, like the card to print, keeps nobody waiting.
  const asked = await page.evaluate(() => {
    const first = Number(document.documentElement.dataset.firstNumber);
    return performance
      .getEntriesByType('resource')
      .filter((r) => r.startTime <= first)
      .map((r) => r.name);
  });
  expect(kilobytes(scripts.filter((f) => asked.some((name) => name.endsWith(f))))).toBeLessThan(305);
  expect(kilobytes(scripts.filter((f) => asked.some((name) => name.endsWith(f))))).toBeGreaterThan(150);
});
