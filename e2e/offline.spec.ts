import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { createApp } from '../src/server/app.ts';
import { expect, follow, shownMm, test } from './help.ts';

test.use({ serviceWorkers: 'allow' });

const registration = (page: Page, what: string) =>
  page.evaluate(`navigator.serviceWorker.getRegistration().then((r) => ${what})`);

/** Puts another build on the server, and waits until the browser has fetched all of it. */
async function rebuild(page: Page, dist: string): Promise<void> {
  for (const old of ['sw.js.br', 'sw.js.gz']) rmSync(join(dist, old), { force: true });
  writeFileSync(join(dist, 'sw.js'), `${readFileSync(join(dist, 'sw.js'), 'utf8')}\n// another build\n`);
  await registration(page, 'r.update().then(() => undefined)');
  await expect.poll(() => registration(page, 'r.waiting !== null')).toBe(true);
}

// One test of both, as everything is fetched before either can be seen.
test('kept in the browser it opens, plans, ties and pulls knots tight without the server; a new version waits while a piece is tied, is offered afterwards, and the piece goes on where it was', async ({
  page,
  context,
}) => {
  const dist = mkdtempSync(join(tmpdir(), 'warp-beam-kept-'));
  cpSync(join(import.meta.dirname, '../dist'), dist, { recursive: true });
  const app = await createApp(dist);
  const address = await app.listen({ port: 0, host: '127.0.0.1' });
  try {
    await page.goto(`${address}/?stall`);
    const cut = await shownMm(page, 'cut-A');
    // Everything is in the browser once the worker is active.
    await page.evaluate('navigator.serviceWorker.ready.then(() => undefined)');

    await context.setOffline(true);
    await page.reload();
    await expect.poll(() => shownMm(page, 'cut-A')).toBe(cut);
    // Screens that were never opened are there, too, and so are weaves that were never looked at.
    await page.goto(`${address}/weaves/fishtail`);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Fishtail');
    await follow(page, '/rings');
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await follow(page, '/practice');
    await page.getByRole('button', { name: /^Practise/ }).click();
    await page.getByRole('option', { name: 'Where is the slip', exact: true }).click();
    // Pulled tight in a worker of its own.
    await expect(page.getByRole('img', { name: /tight rows/ })).toBeVisible();
    await page.getByRole('link', { name: 'Bench' }).click();
    await page.getByRole('button', { name: 'Start tying' }).click();
    const title = page.getByTestId('step-title');
    await expect(title).toHaveText('Lay everything out');

    await context.setOffline(false);
    await page.keyboard.press('ArrowRight');
    await expect(title).not.toHaveText('Lay everything out');
    const step = (await title.textContent())!;
    await rebuild(page, dist);
    const offer = page.getByRole('button', { name: 'Update', exact: true });
    await page.waitForTimeout(500);
    await expect(offer).toBeHidden();
    await expect(title).toHaveText(step);
    await page.getByRole('link', { name: 'Bench' }).click();
    await expect(offer).toBeVisible();
    await Promise.all([page.waitForEvent('load'), offer.click()]);
    await expect(page.getByTestId('cut-A')).toBeVisible();
    await expect.poll(() => registration(page, 'r.waiting !== null')).toBe(false);
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Tie' }).click();
    await page
      .getByRole('link', { name: /Dome night band/ })
      .first()
      .click();
    await expect(title).toHaveText(step);
  } finally {
    await app.close();
    rmSync(dist, { recursive: true });
  }
});
