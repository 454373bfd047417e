import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { parseDesign } from '../src/core/formats/design.ts';
import { plan } from '../src/core/plan/plan.ts';
import type { Plan } from '../src/core/plan/types.ts';
import { parseLength } from '../src/core/units/index.ts';

/** Every test fails on a violation of the content policy or an error on the page. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page }, use) => {
    const troubles: string[] = [];
    page.on('pageerror', (error) => troubles.push(`error: ${error.message}`));
    page.on('console', (m) => m.type() === 'error' && troubles.push(`console: ${m.text()}`));
    await page.addInitScript(() => {
      document.addEventListener('securitypolicyviolation', (e) =>
        console.error(`policy: ${e.violatedDirective} ${e.blockedURI}`),
      );
    });
    await use(page);
    expect(troubles).toEqual([]);
  },
});

export { expect };

const EXAMPLES = join(import.meta.dirname, '../examples');

/** The demo's designs by their names, and the address of each. */
const DEMO: ReadonlyMap<string, string> = new Map(
  readdirSync(EXAMPLES)
    .filter((file) => file.endsWith('.json'))
    .map((file) => [
      (JSON.parse(readFileSync(join(EXAMPLES, file), 'utf8')) as { name: string }).name,
      `/d/demo-${file.replace('.json', '')}`,
    ]),
);

/** Opens the Bench on a demo design whose name begins so, by its address. */
export async function openDemo(page: Page, name = 'Dome night band'): Promise<void> {
  const begin = new RegExp(`^${name}`);
  const address = [...DEMO].find(([known]) => begin.test(known))?.[1];
  if (!address) throw new Error(`The demo has no “${name}”.`);
  if (page.url() === 'about:blank') await page.goto(`${address}?stall`);
  else await goOn(page, address);
  await expect(page.getByLabel('Name of this design')).toHaveValue(begin);
}

/** Goes on to an address as a link on the page does: nothing is fetched again that is there. */
const goOn = (page: Page, path: string) =>
  page.evaluate((to) => {
    window.history.pushState(null, '', to);
    window.dispatchEvent(new PopStateEvent('popstate'));
  }, path);

/** Follows a link to another place, wherever it stands, and waits until what was there before is gone. */
export async function follow(page: Page, path: string): Promise<void> {
  await page.evaluate(() => {
    for (const main of document.querySelectorAll('main')) main.dataset.before = '';
  });
  await goOn(page, path);
  await expect(page.locator('main:not([data-before])').locator('h1, h2').first(), path).toBeAttached();
}

/** Goes on to another part of the same place, which stays on the page. */
export async function followPart(page: Page, path: string): Promise<void> {
  await goOn(page, path);
  await expect(page.locator('main').locator('h1, h2').first(), path).toBeAttached();
}

/** Opens a word of the sentence by its label. */
export const word = (page: Page, label: string) =>
  page.getByRole('button', { name: new RegExp(`^${label}:`) });

/** Picks from a folded list by its label. */
export async function select(page: Page, label: string, choice: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`^${label}:`) }).click();
  const list = page.getByRole('listbox', { name: label });
  await list.getByText(choice, { exact: true }).click();
}

/** Opens the list of checks that passed; what failed is always in sight. */
export async function openChecks(page: Page): Promise<void> {
  const button = page.getByRole('button', { name: /checks? passed/ });
  if ((await button.getAttribute('aria-expanded')) !== 'true') await button.click();
}

export async function typeLength(page: Page, label: string, text: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).fill(text);
}

/** The design as the interface exports it, planned by the core. */
export async function exportedPlan(page: Page): Promise<{ plan: Plan; file: string }> {
  await page.getByRole('button', { name: 'Export', exact: true }).click();
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save The design' }).click(),
  ]);
  const file = (await saved.path())!;
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  const design = parseDesign(readFileSync(file, 'utf8'));
  if (!design.ok) throw new Error(JSON.stringify(design.issues));
  const planned = plan(design.value);
  if (!planned.ok) throw new Error(JSON.stringify(planned.issues));
  return { plan: planned.value, file };
}

/**
 * Goes on through the steps of Tie until one is called so, and hands back the titles on the way. Keys are heard one after the
 * other without waiting for pictures: for a test that begins in the middle of a piece.
 */
export async function skipTo(page: Page, start: string): Promise<string[]> {
  const seen = await page.evaluate(async (to) => {
    const title = () => document.querySelector('[data-testid=step-title]')?.textContent ?? '';
    const titles = [title()];
    for (let i = 0; i < 400 && !titles.at(-1)!.startsWith(to); i++) {
      const press = new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true, cancelable: true });
      (document.activeElement ?? document.body).dispatchEvent(press);
      await null;
      // Where nothing changed at once, like a caution that was read, it is given a moment.
      if (title() === titles.at(-1)) await new Promise((done) => setTimeout(done, 20));
      titles.push(title());
    }
    return titles;
  }, start);
  if (!seen.at(-1)!.startsWith(start)) throw new Error(`no step “${start}” after ${seen.at(-1)}`);
  return seen;
}

/** A length read off the screen, in mm. */
export async function shownMm(page: Page, testId: string): Promise<number> {
  const text = (await page.getByTestId(testId).first().textContent())!;
  const read = parseLength(text.replace(/^[a-z]+ /, ''));
  if (!read.ok) throw new Error(`${testId} shows “${text}”`);
  return read.value;
}

/** What is shown comes a moment after what was done: it is waited for. */
export const showsMm = (page: Page, testId: string, mm: number, decimals: number) =>
  expect.poll(() => shownMm(page, testId), { message: `${testId}, in mm` }).toBeCloseTo(mm, decimals);

/** Where something is, once it is seen. Parts that come later may take its place: then it is looked for again. */
export async function boxOf(
  locator: Locator,
): Promise<{ x: number; y: number; width: number; height: number }> {
  let box: Awaited<ReturnType<Locator['boundingBox']>> = null;
  await expect(async () => {
    box = await locator.boundingBox();
    expect(box, 'is seen').not.toBeNull();
  }).toPass();
  return box!;
}

export const saved = (page: Page) => expect(page.getByTestId('save-state')).toHaveText('Saved');

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** The popovers' own focus guards, which hand focus on at once, are not looked at. */
export async function violations(page: Page): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe);
  return page.evaluate(async () => {
    const run = (
      window as unknown as {
        axe: {
          run: (
            context: object,
            options: object,
          ) => Promise<{ violations: { id: string; nodes: { html: string }[] }[] }>;
        };
      }
    ).axe.run;
    const tags = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'];
    const { violations } = await run(
      { exclude: [['[data-headlessui-focus-guard]']] },
      // Of what is in order nothing is told: that halves its time.
      { runOnly: { type: 'tag', values: tags }, resultTypes: ['violations'], selectors: false },
    );
    return violations.map((v) => `${v.id}: ${v.nodes[0]?.html}`);
  });
}
