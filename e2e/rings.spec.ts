import { readFileSync } from 'node:fs';
import { parseRing } from '../src/core/formats/ring.ts';
import { layRing, layWords } from '../src/core/rings/lays.ts';
import { planRing } from '../src/core/rings/plan.ts';
import { bightName } from '../src/core/rings/types.ts';
import { expect, follow, saved, shownMm, test, typeLength, violations, word } from './help.ts';

test('a slip-on ring with a second colour between is planned from the Bench', async ({ page }) => {
  await page.goto('/?stall');
  await word(page, 'Product').click();
  await page.getByRole('button', { name: 'ring bracelet' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('New ring');
  await word(page, 'hand girth').click();
  await typeLength(page, 'Girth of the hand', '19.6 cm');
  await page.keyboard.press('Escape');
  await word(page, 'Cord').click();
  await page.getByRole('radio', { name: /^2 mm nylon/ }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: '5 leads × 16 bights: closed, one cord' }).click();
  await word(page, 'Passes').click();
  await page.getByRole('radio', { name: '3', exact: true }).first().click();
  await page.getByRole('radiogroup', { name: 'How many colours?' }).getByRole('radio', { name: '2' }).click();
  await page.getByRole('radio', { name: /^A B A/ }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('region', { name: 'The ring in a sentence' })).toContainText('between');
  // Two cuts; the first colour makes two passes, the second one, and the ends are counted for each.
  const [a, b] = [await shownMm(page, 'ring-cut-A'), await shownMm(page, 'ring-cut-B')];
  expect(a).toBeGreaterThan(1.8 * b);
  expect(a).toBeLessThan(2 * b);
  await expect(page.getByTestId('check-ring.extrapolated')).toBeVisible();
  await page.getByTestId('ring-cut-A').click();
  await expect(page.getByText(/2 passes of .* as a taut string over its crossings/)).toBeVisible();
  await page.keyboard.press('Escape');
  await saved(page);
  expect(await violations(page)).toEqual([]);
});

test('a ring is walked to its end by keyboard, and a lost place is found again', async ({ page }) => {
  await page.goto('/rings/demo-okoro-handle-wrap');
  const example = parseRing(readFileSync('examples/rings/okoro-handle-wrap.json', 'utf8'));
  const plan = example.ok ? planRing(example.value) : example;
  if (!plan.ok) throw new Error('example');
  const lays = layRing(plan.value.shape, [0]);
  await page.getByRole('button', { name: 'Start tying' }).click();
  await expect(page).toHaveURL(/\/tie$/);
  await expect(page.getByRole('link', { name: 'Close' })).toBeVisible();
  const next = page.getByTestId('ring-next');
  for (const lay of lays.slice(0, 7)) {
    await expect(next).toContainText(bightName(lay.to));
    await expect(next).toContainText(layWords(lay));
    await page.keyboard.press('Space');
  }
  await expect(page.getByTestId('ring-map')).toHaveAttribute('data-laid', '7');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByTestId('ring-map')).toHaveAttribute('data-laid', '6');
  // Put down and picked up by someone who only sees where the cord comes out.
  await page.keyboard.press('l');
  await page.getByLabel(/Where the working end comes out/).fill(bightName(lays[10]!.to));
  await page.getByRole('button', { name: /^After half cycle 11/ }).click();
  await expect(page.getByTestId('ring-map')).toHaveAttribute('data-laid', '11');
  // A wrong tuck is named.
  await page.getByRole('button', { name: 'Lost?' }).click();
  await page.getByLabel(/^Half cycle, 1 to 18/).fill('12');
  await page.getByLabel('What it does, like O1 U1 O1').fill('O1 O1 O1');
  await expect(
    page.getByText(/At the second crossing of half cycle 12 you went over; it goes under/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).first().click();
  await expect(page.getByRole('button', { name: /Laid, next/ })).toBeFocused();
  for (let i = 11; i < 18; i++) await page.keyboard.press('Space');
  await expect(page.getByText('All done')).toBeVisible();
  await expect(page.getByTestId('ring-stop')).toContainText('Bury the ends');
  await page.getByRole('link', { name: 'Close' }).click();
  await saved(page);
  await page.reload();
  await expect(page.getByTestId('ring-map')).toHaveAttribute('data-laid', '18');
});

test('3 × 5 is raised to 5 × 9 and interwoven to 9 × 16, only what is added being shown', async ({
  page,
}) => {
  await page.goto('/rings/demo-okoro-handle-wrap');
  await page.getByRole('button', { name: /Grow it/ }).click();
  await page.getByLabel('Wanted leads').fill('9');
  await page.getByLabel('Wanted bights').fill('16');
  await page.getByRole('button', { name: /^Coding: / }).click();
  await page.getByRole('option', { name: /two and two/ }).click();
  const stages = page.getByTestId('grow-stage');
  await expect(stages).toHaveCount(2);
  await expect(stages.nth(0)).toContainText('Raise 3 × 5 to 5 × 9');
  await expect(stages.nth(0)).toContainText('L8→R1');
  await expect(stages.nth(1)).toContainText('Interweave 5 × 9 to 9 × 16');
  await page.getByRole('button', { name: /The 3 × 5 is in my hand/ }).click();
  await expect(page.getByTestId('ring-map')).toHaveAttribute('data-laid', '10');
  await expect(page.getByTestId('ring-phase')).toContainText('Follow: beside half cycle 1');
  for (let i = 0; i < 4; i++) await page.getByRole('button', { name: /Laid, next/ }).click();
  await expect(page.getByTestId('ring-phase')).toContainText('Split: midway between half cycles 1 and 11');
  for (let i = 0; i < 4; i++) await page.getByRole('button', { name: /Laid, next/ }).click();
  await expect(page.getByTestId('ring-phase')).toContainText('Interweave');
});

test('what cannot be tied says why, and is put right in one step', async ({ page }) => {
  await page.goto('/rings/demo-ines-dome-slip-ring');
  await word(page, 'Cord').click();
  await page.getByRole('radio', { name: /^4 mm nylon/ }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('check-ring.pitch')).toContainText('16 bights don’t fit round it');
  await expect(page.getByRole('button', { name: /tying/ })).toBeDisabled();
  await page.getByTestId('check-ring.pitch').getByRole('button').click();
  await expect(page.getByRole('button', { name: 'Start tying' })).toBeEnabled();
  await page.keyboard.press('Control+z');
  await expect(page.getByTestId('check-ring.pitch')).toContainText('16 bights don’t fit');
});

test('the rope engine ties it on its mandrel, and agrees with the formula', async ({ page }) => {
  await page.goto('/rings/demo-okoro-handle-wrap');
  await page.getByRole('button', { name: 'Pull it tight on its mandrel' }).click();
  const tight = page.getByTestId('ring-tight');
  await expect(tight).toBeVisible();
  const [formula, pulled] = [...(await tight.textContent())!.matchAll(/([\d.]+) cm/g)].map((m) =>
    Number(m[1]),
  );
  expect(Math.abs(pulled! / formula! - 1)).toBeLessThan(0.02);
});

test('a ring goes out as a file and comes in again; a broken one is refused by name', async ({ page }) => {
  await page.goto('/rings/demo-lin-napkin-ring');
  await page.getByRole('button', { name: 'Export' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page
      .getByRole('listitem')
      .filter({ hasText: 'The ring' })
      .getByRole('button', { name: 'Save' })
      .first()
      .click(),
  ]);
  const path = (await download.path())!;
  expect(parseRing(readFileSync(path, 'utf8')).ok).toBe(true);
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('link', { name: 'All rings' }).click();
  const input = page.getByLabel('Import a ring file');
  await input.setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"warp-beam/ring","version":1}'),
  });
  await expect(page.getByRole('alert')).toContainText('“broken.json” was not imported');
  await input.setInputFiles(path);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Open night napkin ring');
  expect(await violations(page)).toEqual([]);
});

test('on a phone the words and the button come before the map runs out of sight', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/rings/demo-ines-dome-slip-ring/tie');
  await expect(page.getByTestId('ring-next')).toBeInViewport();
  const wide = () => page.evaluate(() => document.documentElement.scrollWidth);
  await expect.poll(wide).toBeLessThanOrEqual(390);
  await page.getByRole('button', { name: /Laid, next/ }).click();
  await expect(page.getByTestId('ring-map')).toHaveAttribute('data-laid', '87');
  for (const path of ['/rings', '/rings/demo-ines-dome-slip-ring', '/stash']) {
    await follow(page, path);
    await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
    await page.waitForTimeout(300);
    await expect.poll(wide, { message: path }).toBeLessThanOrEqual(390);
  }
});
