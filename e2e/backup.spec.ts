import { readFileSync } from 'node:fs';
import { expect, openDemo, shownMm, test, violations } from './help.ts';

test('everything goes into one file and comes back into an empty browser; undone, it is gone again', async ({
  page,
  browser,
}) => {
  await openDemo(page);
  const cut = await shownMm(page, 'cut-A');
  await page.goto('/log');
  await page.getByRole('button', { name: /Load the stall’s log/ }).click();
  await expect(page.getByTestId('log-table')).toBeVisible();
  await page.getByRole('link', { name: 'Bench' }).click();
  await page.getByRole('button', { name: 'Designs' }).click();
  await page.getByRole('link', { name: 'Backup: no backup yet' }).click();
  await expect(page.getByTestId('last-backup')).toHaveText('No backup saved from this browser yet.');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a backup' }).click(),
  ]);
  await expect(page.getByTestId('last-backup')).toContainText('less than a minute ago');
  expect(await violations(page)).toEqual([]);
  const bytes = readFileSync((await file.path())!);

  const other = await browser.newContext();
  const second = await other.newPage();
  await second.goto('/backup');
  const choose = second.getByLabel('Backup file');
  await choose.setInputFiles({
    name: 'half.zip',
    mimeType: 'application/zip',
    buffer: bytes.subarray(0, bytes.length / 2),
  });
  await expect(second.getByRole('alert')).toContainText('damaged');
  await choose.setInputFiles({ name: 'all.zip', mimeType: 'application/zip', buffer: bytes });
  const table = second.getByTestId('backup-table');
  await expect(table).toContainText('Designs');
  await expect(table.getByRole('row', { name: /Finished pieces/ })).toContainText(/1[01]/);
  expect(await violations(second)).toEqual([]);
  await second.getByRole('button', { name: /^Restore \d+ records/ }).click();
  await expect(second.getByText(/records restored/)).toBeVisible();
  await second.getByRole('button', { name: 'Designs' }).click();
  await second
    .getByRole('link', { name: /^Dome night band/ })
    .first()
    .click();
  await expect.poll(() => shownMm(second, 'cut-A')).toBeLessThan(cut + 1);
  await second.getByRole('button', { name: 'Undo', exact: true }).last().click();
  await expect(second.getByText('Everything is as it was before.')).toBeVisible();
  await second.goto('/log');
  await expect(second.getByText('becomes much closer')).toBeVisible();
  await other.close();
});
