import { expect, openDemo, shownMm, test } from './help.ts';

test.use({ serviceWorkers: 'allow' });

test('without the server it opens again, plans, ties and pulls knots tight', async ({ page, context }) => {
  await openDemo(page);
  const cut = await shownMm(page, 'cut-A');
  // Everything is in the browser once the worker is active and holds its files.
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await expect
    .poll(() =>
      page.evaluate(async () => {
        const names = await caches.keys();
        const counts = await Promise.all(
          names.map(async (n) => (await (await caches.open(n)).keys()).length),
        );
        return counts.reduce((a, b) => a + b, 0);
      }),
    )
    .toBeGreaterThan(100);
  await context.setOffline(true);
  await page.reload();
  await expect.poll(() => shownMm(page, 'cut-A')).toBe(cut);
  await page.getByRole('button', { name: 'Start tying' }).click();
  await expect(page.getByTestId('step-title')).toHaveText('Lay everything out');
  // Screens that were never opened are there, too, and so are weaves that were never looked at.
  await page.goto('/weaves/fishtail');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Fishtail');
  await page.goto('/rings');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.goto('/practice');
  await page.getByRole('button', { name: /^Practise/ }).click();
  await page.getByRole('option', { name: 'Where is the slip', exact: true }).click();
  // Pulled tight in a worker of its own.
  await expect(page.getByRole('img', { name: /tight rows/ })).toBeVisible();
});
