import type { Page } from '@playwright/test';
import { expect, follow, openDemo, shownMm, skipTo, test, violations } from './help.ts';
import { bandPhoto, cordPhoto, markPhoto, turnedPhoto } from './photo.ts';

async function tieTo(page: Page, start: string): Promise<void> {
  await openDemo(page, 'First band, one cord');
  await tieOn(page, start);
}

/** Begins to tie what is on the Bench, and presses on to a step. */
async function tieOn(page: Page, start: string): Promise<void> {
  await page.getByRole('button', { name: 'Start tying' }).click();
  const title = page.getByTestId('step-title');
  await expect(title).toHaveText('Lay everything out');
  await skipTo(page, start);
}

test('a piece is finished with a photo: length and rows are read off it, and the next cut changes', async ({
  page,
}) => {
  const photo = bandPhoto(29, 1.03);
  await openDemo(page, 'First band, one cord');
  const before = await shownMm(page, 'cut-A');
  await tieOn(page, 'Tell the wearer');
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Woven length, from a photo' }).click();
  await markPhoto(page, photo);
  await expect(page.getByTestId('rows-sure')).toHaveText('counted 29, sure');
  expect(await violations(page), 'the photo').toEqual([]);
  // A tape overrules the photo's scale for this one piece; one that is far off is refused in words.
  const answer = page.getByTestId('photo-found');
  const byPhoto = await answer.textContent();
  await page.getByLabel('It is, by tape').fill('9 cm');
  await expect(page.getByText('more than a quarter apart')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Use it' })).toBeDisabled();
  await page.getByLabel('It is, by tape').fill(`${(photo.lengthMm * 1.02).toFixed(0)} mm`);
  await expect(answer).toContainText(`${(photo.lengthMm * 0.102).toFixed(1)} cm ± 1.5 mm`);
  await page.getByLabel('It is, by tape').fill('');
  await expect(answer).toHaveText(byPhoto!);
  await page.getByRole('button', { name: 'Use it' }).click();
  const woven = await page.getByLabel('Woven length, measured').inputValue();
  // Within 1 % of what was rendered.
  expect(Math.abs(Number.parseFloat(woven) * 10 - photo.lengthMm)).toBeLessThan(0.01 * photo.lengthMm);
  await expect(page.getByRole('img', { name: 'The piece, as it was photographed' })).toBeVisible();
  for (const end of [1, 2]) await page.getByLabel(`Left over of A, Sodium, end ${end}`).fill('24 cm');
  await page.getByRole('button', { name: 'Into the log' }).click();
  await expect(page.getByRole('heading', { name: 'On the table' })).toBeVisible();
  await openDemo(page, 'First band, one cord');
  await expect.poll(() => shownMm(page, 'cut-A')).not.toBe(before);
  await follow(page, '/log');
  await page.getByTestId('log-table').getByRole('button', { name: 'First band, one cord' }).click();
  await expect(page.getByRole('img', { name: 'The piece, as it was photographed' })).toBeVisible();
});

test('what is left of an end is followed in a photo, marks are moved by keys, and one of twelve megapixels that the camera kept sideways is turned upright', async ({
  page,
}) => {
  const photo = cordPhoto(320);
  await tieTo(page, 'Row 11 of 29');
  await page.keyboard.press('w');
  await page.getByRole('button', { name: 'Left of A, end 1, from a photo' }).click();
  await markPhoto(page, photo);
  const found = page.getByTestId('photo-found');
  await expect(found).toContainText(/^3[12]\.\d cm/);
  const before = await found.textContent();
  // The far end moved by 40 pixels: some 1 cm more or less.
  await page.getByRole('button', { name: 'End 2, one edge' }).focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowRight');
  await expect(found).not.toHaveText(before!);
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowLeft');
  await expect(found).toHaveText(before!);
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.getByLabel('Left of A, Sodium, end 1')).toHaveValue(/^3[12]\.\d cm$/);
  // The same end as such a camera keeps it, for the other end: seen as it is measured.
  await page.getByRole('button', { name: 'Left of A, end 2, from a photo' }).click();
  await markPhoto(page, await turnedPhoto(page, photo));
  await expect(found).toContainText(/^3[12]\.\d cm/);
  // A landscape picture, with the card where it was rendered.
  const image = page.getByTestId('photo').locator('image').first();
  await expect(image).toHaveAttribute('width', '2016');
  await expect(image).toHaveAttribute('height', '1512');
});

test('what is no picture is refused in words, and nothing is lost', async ({ page }) => {
  await page.goto('/weaves/solomon-bar');
  await page.getByLabel('Rows tied').fill('20');
  await page.getByRole('button', { name: /swatch, from a photo/ }).click();
  const picture = page.getByLabel('Picture', { exact: true });
  await picture.setInputFiles({
    name: 'cuts.csv',
    mimeType: 'image/png',
    buffer: Buffer.from('cord,cut\nDusk,244 and more\n'),
  });
  await expect(page.getByRole('alert')).toContainText('This is not a picture that can be opened');
  const broken = Buffer.concat([Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10]), Buffer.alloc(60)]);
  await picture.setInputFiles({ name: 'half.png', mimeType: 'image/png', buffer: broken });
  await expect(page.getByRole('alert')).toContainText('the file is damaged');
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByLabel('Rows tied')).toHaveValue('20');
});
