import { readFileSync } from 'node:fs';
import { expect, shownMm, test, violations } from './help.ts';

test('the log tells what was learned, asks about an odd entry, and the next cut uses it', async ({
  page,
}) => {
  await page.goto('/d/demo-ines-dome-night');
  const before = await shownMm(page, 'cut-A');
  await page.goto('/log');
  await expect(page.getByText('becomes much closer')).toBeVisible();
  await page.getByRole('button', { name: /Load the stall’s log/ }).click();
  const sentence = page.getByTestId('log-sentence');
  await expect(sentence).toContainText(/You use about [2-5] % less cord than calculated, from 10 pieces/);
  const asked = page.getByRole('region', { name: 'Asked about' });
  await expect(asked).toContainText('First band, one cord');
  await expect(asked).toContainText('39 cm left over of A, end 2?');
  expect(await violations(page)).toEqual([]);
  await asked.getByRole('button', { name: 'Leave this piece out' }).click();
  await expect(asked).toHaveCount(0);
  await expect(sentence).toContainText('from 9 pieces');
  const table = page.getByTestId('log-table');
  await page.getByLabel('Find a finished piece').fill('Guide');
  await expect(table.getByRole('row')).toHaveCount(3);
  await page.getByLabel('Find a finished piece').fill('');
  await table.getByRole('button', { name: /^Minutes a row/ }).click();
  await expect(table.getByRole('row').nth(1)).toContainText(/0\.4|1\.6/);
  await expect(page.getByTestId('honest')).toContainText(/\d+ of 18 ends stayed within the 98 % line/);
  // The Bench cuts less now, and its working says why.
  await page.goto('/d/demo-ines-dome-night');
  await expect.poll(() => shownMm(page, 'cut-A')).toBeLessThan(before);
  const learned = await shownMm(page, 'cut-A');
  // Switched off, plans use the calculation alone.
  await page.goto('/log');
  await page.getByLabel('use it in plans').click();
  await expect(sentence).toContainText('the rope calculation alone');
  await page.goto('/d/demo-ines-dome-night');
  await expect.poll(() => shownMm(page, 'cut-A')).toBe(before);
  expect(before - learned).toBeGreaterThan(20);
  await page.goto('/log');
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Table' }).click(),
  ]);
  const text = readFileSync((await saved.path())!, 'utf8');
  expect(text.split('\n')).toHaveLength(12);
  expect(text).toContain('minutesARow');
});
