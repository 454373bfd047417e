import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from '../src/server/app.ts';
import { expect, test } from './help.ts';

test.use({ serviceWorkers: 'allow' });

test('a new version waits while a piece is tied, is offered afterwards, and the piece goes on where it was', async ({
  page,
}) => {
  const dist = mkdtempSync(join(tmpdir(), 'warp-beam-update-'));
  cpSync(join(import.meta.dirname, '../dist'), dist, { recursive: true });
  const app = await createApp(dist);
  const address = await app.listen({ port: 0, host: '127.0.0.1' });
  try {
    await page.goto(`${address}/?stall`);
    await page.evaluate('navigator.serviceWorker.ready.then(() => undefined)');
    // From the second time on it opens out of the browser.
    await page.reload();
    await page.getByRole('button', { name: 'Start tying' }).click();
    const title = page.getByTestId('step-title');
    await expect(title).toHaveText('Lay everything out');
    await page.keyboard.press('ArrowRight');
    await expect(title).not.toHaveText('Lay everything out');
    const step = (await title.textContent())!;
    // Another build is put on the server.
    for (const old of ['sw.js.br', 'sw.js.gz']) rmSync(join(dist, old), { force: true });
    writeFileSync(join(dist, 'sw.js'), `${readFileSync(join(dist, 'sw.js'), 'utf8')}\n// another build\n`);
    const isWaiting = () =>
      page.evaluate('navigator.serviceWorker.getRegistration().then((r) => r.waiting !== null)');
    await page.evaluate(
      'navigator.serviceWorker.getRegistration().then((r) => r.update()).then(() => undefined)',
    );
    // It fetches everything first.
    await expect.poll(isWaiting).toBe(true);
    const offer = page.getByRole('button', { name: 'Update', exact: true });
    await page.waitForTimeout(500);
    await expect(offer).toBeHidden();
    await expect(title).toHaveText(step);
    await page.getByRole('link', { name: 'Bench' }).click();
    await expect(offer).toBeVisible();
    await Promise.all([page.waitForEvent('load'), offer.click()]);
    await expect(page.getByTestId('cut-A')).toBeVisible();
    await expect.poll(isWaiting).toBe(false);
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Tie' }).click();
    await page
      .getByRole('link', { name: /Dome night band/ })
      .first()
      .click();
    await expect(page.getByTestId('step-title')).toHaveText(step);
  } finally {
    await app.close();
    rmSync(dist, { recursive: true });
  }
});
