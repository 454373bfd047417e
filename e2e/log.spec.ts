import { readFileSync } from 'node:fs';
import { expect, follow, select, shownMm, test, violations } from './help.ts';

test('the log tells what was learned, asks about an odd entry, and the next cut uses it', async ({
  page,
}) => {
  await page.goto('/d/demo-ines-dome-night');
  const before = await shownMm(page, 'cut-A');
  await follow(page, '/log');
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
  await expect(page.getByTestId('left-share')).toContainText(/\d+ % left over, from \d+ pieces?/);
  await expect(page.getByText('Minutes a row, piece by piece')).toBeVisible();
  // The Bench cuts less now, and its working says why.
  await follow(page, '/d/demo-ines-dome-night');
  await expect.poll(() => shownMm(page, 'cut-A')).toBeLessThan(before);
  const learned = await shownMm(page, 'cut-A');
  // Switched off, plans use the calculation alone.
  await follow(page, '/log');
  await page.getByLabel('use it in plans').click();
  await expect(sentence).toContainText('the rope calculation alone');
  await follow(page, '/d/demo-ines-dome-night');
  await expect.poll(() => shownMm(page, 'cut-A')).toBe(before);
  expect(before - learned).toBeGreaterThan(20);
  await follow(page, '/log');
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Table', exact: true }).click(),
  ]);
  const text = readFileSync((await saved.path())!, 'utf8');
  expect(text.split('\n')).toHaveLength(12);
  expect(text).toContain('leftOverMm');
});

test('a piece comes up tight later, one tied elsewhere is added, and the same again is planned', async ({
  page,
}) => {
  await page.goto('/log');
  await page.getByRole('button', { name: /Load the stall’s log/ }).click();
  const table = page.getByTestId('log-table');
  const sentence = page.getByTestId('log-sentence');
  await expect(sentence).toContainText('from 10 pieces');
  // The newest piece but one, given away and too tight after a week.
  await table.getByRole('button', { name: 'Dome night band' }).first().click();
  const card = page.getByRole('region', { name: /^Dome night band, finished/ });
  await card.getByRole('radio', { name: 'too tight' }).click();
  await card.getByLabel('Notes').fill('came up tight after a swim');
  expect(await violations(page)).toEqual([]);
  await card.getByRole('button', { name: 'Keep the changes' }).click();
  await expect(card).toHaveCount(0);
  await expect(table.getByRole('row').filter({ hasText: 'too tight' })).toHaveCount(1);
  // More left over than was cut cannot be.
  await table.getByRole('button', { name: 'Dome night band' }).first().click();
  await card.getByLabel('Left over of A, end 1').fill('9 m');
  await card.getByRole('button', { name: 'Keep the changes' }).click();
  await expect(card.getByRole('alert')).toContainText('900 cm are left over of A, but only');
  await card.getByRole('button', { name: 'Close this piece' }).click();
  // One tied elsewhere: it counts at once.
  await select(page, 'Add a piece tied elsewhere', 'Dome night band');
  await card.getByLabel('Left over of A, end 1').fill('21 cm');
  await card.getByRole('button', { name: 'Into the log' }).click();
  await expect(sentence).toContainText('from 11 pieces');
  // Taken out, and put back.
  await table.getByRole('button', { name: 'First band, one cord' }).first().click();
  await page
    .getByRole('region', { name: /^First band, one cord, finished/ })
    .getByRole('button', { name: 'Take it out of the log' })
    .click();
  await expect(sentence).toContainText('from 10 pieces');
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(sentence).toContainText('from 11 pieces');
  await page.getByRole('button', { name: 'Start learning afresh' }).click();
  await expect(sentence).toContainText('No piece says anything about your hand yet');
  await page.getByRole('button', { name: 'Count all of them again' }).click();
  await expect(sentence).toContainText('from 11 pieces');
  // For someone else: the same design, another wrist.
  await table.getByRole('button', { name: 'Dome night band' }).first().click();
  await card.getByRole('button', { name: /someone else/ }).click();
  await card.getByLabel('For whom').fill('Lin');
  await card.getByLabel('Girth of the wrist').fill('15.5 cm');
  await card.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByLabel('Name of this design')).toHaveValue(/^Dome night band/);
  await expect(page.getByRole('main')).toContainText('15.5 cm');
});

test('a table with headings of its own is told once what they are, and comes in once', async ({ page }) => {
  const csv = (text: string) => ({ name: 'book.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await page.goto('/log');
  const bring = page.getByLabel('Bring in a table of finished pieces');
  const good =
    'Band,Done,Rest\nDome night band,2026-10-03,21 cm 19 cm\nDome night band,2026-10-09,20 cm 20 cm\n';
  await bring.setInputFiles(csv(good));
  const which = page.getByRole('region', { name: 'Which column is what' });
  await expect(which.getByRole('button', { name: 'Bring in 2 rows' })).toBeDisabled();
  await select(page, 'Column of the design', 'Band');
  await select(page, 'Column of the day it was finished', 'Done');
  await select(page, 'Column of left over, mm', 'Rest');
  await which.getByRole('button', { name: 'Bring in 2 rows' }).click();
  // Rows are seen before they are kept: nobody brings in the same again until it is said that they are.
  await expect(page.getByText('2 came into the log; 0 were there already.')).toBeVisible();
  await expect(page.getByTestId('log-table').getByRole('row')).toHaveCount(3);
  await bring.setInputFiles(csv(good));
  await expect(page.getByText('0 came into the log; 2 were there already.')).toBeVisible();
  await bring.setInputFiles(csv('Band,Done,Rest\nDome night band,soon,21 cm\n'));
  await expect(page.getByRole('alert')).toContainText('Line 2, column “finished”: there is no day “soon”');
  await expect(page.getByTestId('log-table').getByRole('row')).toHaveCount(3);
});
