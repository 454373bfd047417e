import { readFileSync } from 'node:fs';
import { openBackup } from '../src/storage/backup/pack.ts';
import { expect, follow, openDemo, shownMm, test, violations } from './help.ts';

test('everything goes into one file and comes back into an empty browser; undone, it is gone again', async ({
  page,
  browser,
}) => {
  await openDemo(page);
  const cut = await shownMm(page, 'cut-A');
  await follow(page, '/log');
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
  await follow(second, '/log');
  await expect(second.getByText('becomes much closer')).toBeVisible();
  await other.close();
});

test('a copy goes into a folder once a day, and a copy of everything it is', async ({ page }) => {
  // The browser's own private folder in place of one that a person chooses.
  await page.addInitScript(() => {
    Object.assign(window, {
      showDirectoryPicker: async () =>
        (await navigator.storage.getDirectory()).getDirectoryHandle('copies', { create: true }),
    });
  });
  await openDemo(page);
  await follow(page, '/backup');
  await page.getByRole('button', { name: 'Choose a folder' }).click();
  await expect(page.getByTestId('copies')).toContainText('Once a day a copy goes into “copies”');
  await expect(page.getByTestId('copies')).toContainText('written less than a minute ago');
  expect(await violations(page)).toEqual([]);
  const files = () =>
    page.evaluate(async () => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('copies');
      const found: Record<string, number[]> = {};
      for await (const [name, handle] of folder as unknown as AsyncIterable<[string, FileSystemFileHandle]>)
        found[name] = [...new Uint8Array(await (await handle.getFile()).arrayBuffer())];
      return found;
    });
  const [[name, bytes]] = Object.entries(await files()) as [[string, number[]]];
  expect(name).toMatch(/^warp-beam-\d{4}-\d\d-\d\d\.zip$/);
  const opened = openBackup(Uint8Array.from(bytes));
  expect(opened.ok && opened.value.contents.get('designs')!.length).toBe(13);
  // Reloaded, it goes on without being asked; the folder is no part of what is copied.
  const settings = (opened.ok && opened.value.contents.get('settings')) || [];
  expect(settings.map((k) => k.key)).not.toContain('copiesFolder');
  await page.reload();
  await expect(page.getByRole('button', { name: 'Copy now' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop copying' }).click();
  await expect(page.getByRole('button', { name: 'Choose a folder' })).toBeVisible();
  expect(Object.keys(await files())).toEqual([name]);
});
