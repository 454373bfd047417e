import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { readMake } from '../src/core/formats/make.ts';
import { expect, openDemo, saved, skipTo, test, violations } from './help.ts';

const title = (page: Page) => page.getByTestId('step-title');
const isRow = (page: Page, row: number) => expect(page.getByTestId('row-number')).toHaveText(String(row));

async function startTying(page: Page, name: string): Promise<void> {
  await openDemo(page, name);
  await page.getByRole('button', { name: 'Start tying' }).click();
  await expect(title(page)).toHaveText('Lay everything out');
}

/** Presses on with one key until a step comes whose title begins so. */
async function pressTo(page: Page, start: string, key = 'ArrowRight'): Promise<void> {
  for (let i = 0; i < 400; i++) {
    const text = await title(page).textContent();
    if (text?.startsWith(start)) return;
    await page.keyboard.press(key);
  }
  throw new Error(`no step “${start}”`);
}

test('a whole bracelet by keyboard: cautions, every row, finish, and a record of the make', async ({
  page,
}) => {
  await startTying(page, 'First band, one cord');
  await page.keyboard.press('Space');
  await expect(title(page)).toHaveText('Cut A, Sodium');
  // Heat and blade are read once before the step is gone through, and not again.
  await expect(page.getByTestId('next')).toContainText('I have read this');
  await expect(page.getByTestId('cautions')).toContainText('Molten cord sticks and burns');
  await page.keyboard.press('Space');
  await expect(title(page)).toHaveText('Cut A, Sodium');
  await expect(page.getByTestId('next')).toContainText('Done, next');
  await pressTo(page, 'Row 1 of 29');
  await expect(page.getByTestId('next-side')).toContainText('left');
  await expect(page.getByTestId('announce')).toHaveText('Row 1 of 29. From the left.');
  await expect(page.getByTestId('step-lines')).toContainText('Left end: over both cores, out at the right.');
  const sides: string[] = [];
  for (let row = 1; row <= 29; row++) {
    await pressTo(page, `Row ${row} of 29`, 'Space');
    await isRow(page, row);
    await expect(page.getByTestId('rows-to-go')).toHaveText(String(29 - row + 1));
    sides.push((await page.getByTestId('next-side').textContent())!.includes('left') ? 'left' : 'right');
    await page.keyboard.press(row % 2 ? 'Space' : 'ArrowRight');
  }
  expect(sides).toEqual(Array.from({ length: 29 }, (_, i) => (i % 2 ? 'right' : 'left')));
  await pressTo(page, 'Snip and seal');
  // Read once already: it stands there, and does not stop the hands.
  await expect(page.getByTestId('next')).toContainText('Done, next');
  await pressTo(page, 'Tell the wearer');
  await page.keyboard.press('Space');
  await page.getByLabel('Closed, its inside measures').fill('20.1 cm');
  await expect(page.getByTestId('off-by')).toContainText('than planned');
  await page.getByRole('radio', { name: 'sits right' }).click();
  await page.getByLabel('Ends cannot be pulled out').check();
  await page.getByLabel('Left over of A, Sodium, end 1').fill('51 cm');
  expect(await violations(page), 'finished').toEqual([]);
  // Pressed twice in haste it is still one piece.
  await page.getByRole('button', { name: 'Into the log' }).evaluate((button: HTMLButtonElement) => {
    button.click();
    button.click();
  });
  await expect(page.getByRole('heading', { name: 'On the table' })).toBeVisible();
  // More than 40 cm are left of an end: worth keeping.
  await page.getByRole('button', { name: 'Put 1 offcut on the shelf' }).click();
  await expect(page.getByText('On the shelf, as offcuts.')).toBeVisible();
  expect(await violations(page), 'the table').toEqual([]);
  const done = page.getByTestId('makes');
  await expect(done.getByText('First band, one cord')).toHaveCount(1);
  await expect(done).toContainText('sits right');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    done.getByRole('button', { name: /^Save the record/ }).click(),
  ]);
  const make = readMake(JSON.parse(readFileSync((await file.path())!, 'utf8')));
  if (!make.ok) throw new Error(JSON.stringify(make.issues));
  expect(make.value.closedMm).toBe(201);
  expect(make.value.planned.rows).toBe(29);
  expect(make.value.leftovers).toEqual([expect.objectContaining({ letter: 'A', leftMm: 510 })]);
  expect(make.value.checks.find((c) => c.id === 'ends')!.ok).toBe(true);
});

test('a page killed in the middle is opened again at the same row, with what was measured', async ({
  page,
  context,
}) => {
  await startTying(page, 'First band, one cord');
  await skipTo(page, 'Row 11 of 29');
  const url = page.url();
  await page.keyboard.press('w');
  await page.getByLabel('Left of A, Sodium, end 1').fill('70 cm');
  await page.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(title(page)).toHaveText('Row 13 of 29');
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await again.goto(url);
  await expect(title(again)).toHaveText('Row 13 of 29');
  await again.keyboard.press('ArrowLeft');
  await again.keyboard.press('ArrowLeft');
  await again.keyboard.press('w');
  await expect(again.getByLabel('Left of A, Sodium, end 1')).toHaveValue('70.0 cm');
  await again.getByRole('button', { name: 'Close' }).click();
  // From the Bench and from the table the same piece is carried on, not a second one begun.
  await again.getByRole('link', { name: 'Bench' }).click();
  await expect(again.getByRole('button', { name: 'Continue tying' })).toBeVisible();
  await again.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Tie' }).click();
  await expect(again.getByText('at “Row 11 of 29”')).toBeVisible();
  await again.getByRole('link', { name: 'Go on with First band, one cord' }).click();
  await expect(title(again)).toHaveText('Row 11 of 29');
});

test('rows are undone, and a lost count comes back', async ({ page }) => {
  await test.step('a lost count comes back from bumps and the last side', async () => {
    await startTying(page, 'First band, one cord');
    await skipTo(page, 'Row 15 of 29');
    // Two rows too many were pressed: really twelve are done, so the last bump is on the left.
    await page.keyboard.press('l');
    await page.getByRole('button', { name: 'left', exact: true }).click();
    await page.getByLabel('Bumps on the left edge').fill('6');
    await expect(page.getByTestId('found-count')).toContainText('12 rows are done');
    await expect(page.getByTestId('found-count')).toContainText('the next starts from the left');
    await page.getByRole('button', { name: 'Go on with row 13' }).click();
    await isRow(page, 13);
    await expect(page.getByTestId('next-side')).toContainText('left');
  });
  await test.step('undo by count and key; back; a pedal key of one’s own', async () => {
    // Three rows at once, then four: from row 13 to 10, and to 6.
    await page.keyboard.press('3');
    await page.keyboard.press('u');
    await isRow(page, 10);
    await page.getByLabel('Rows to undo').fill('4');
    await page.getByRole('button', { name: 'Undo 4 rows' }).click();
    await isRow(page, 6);
    // Space still means done, not undo once more.
    await page.keyboard.press('Space');
    await isRow(page, 7);
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('ArrowLeft');
    await isRow(page, 5);
    await page.keyboard.press('o');
    await page.getByRole('button', { name: 'Assign a key' }).click();
    await page.keyboard.press('F8');
    await expect(page.getByRole('button', { name: 'Pedal: F8' })).toBeVisible();
    await page.getByRole('button', { name: 'Close' }).click();
    await page.keyboard.press('F8');
    await isRow(page, 6);
    // A left-handed maker who starts at the right reads the mirror image.
    await page.keyboard.press('o');
    await page
      .getByRole('group', { name: 'Rows start from the' })
      .getByRole('button', { name: 'right' })
      .click();
    await page.getByRole('button', { name: 'Close' }).click();
    await expect(page.getByTestId('next-side')).toContainText('left');
    await expect(page.getByTestId('step-lines')).toContainText('Left end: over both cores');
  });
});

test('a row plays itself, end by end, and stops; with reduced motion it stays a row of stills', async ({
  page,
}) => {
  await startTying(page, 'First band, one cord');
  await skipTo(page, 'Row 3 of 29');
  const pictures = page.locator('figure svg[role=img]');
  await expect(pictures).toHaveCount(2);
  await page.getByRole('button', { name: 'Play this row' }).click();
  await expect(pictures).toHaveCount(1);
  await page.getByRole('radio', { name: 'fast' }).click();
  const before = await pictures.innerHTML();
  await expect.poll(() => pictures.innerHTML()).not.toBe(before);
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(pictures).toHaveCount(2);
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.reload();
  await expect(pictures).toHaveCount(2);
  await expect(page.getByRole('button', { name: 'Play this row' })).toBeHidden();
});

test('will it reach? learns from what is left and says what can be done', async ({ page }) => {
  await startTying(page, "Guide's band");
  await skipTo(page, 'Row 11 of 28');
  await page.keyboard.press('w');
  await page.getByLabel('Left of A, Aurora, end 1').fill('76 cm');
  await expect(page.getByTestId('verdict')).toHaveText('It reaches');
  for (const end of [1, 2]) await page.getByLabel(`Left of A, Aurora, end ${end}`).fill('68 cm');
  await expect(page.getByTestId('verdict')).not.toHaveText('It reaches');
  await expect(page.getByTestId('learned')).toContainText(/using 1[12]\d % of the planned cord/);
  const remedies = page.getByTestId('remedies');
  await expect(remedies).toContainText('Tie the last rows with a fid');
  await expect(remedies).toContainText('Splice A in row');
  await page.getByRole('radio', { name: /with a fid/ }).click();
  await expect(page.getByTestId('reach-rows')).toContainText('are needed');
  await page.getByRole('button', { name: 'Close' }).click();
  // It goes on saying so by itself, row after row.
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('reach-warning')).toContainText('not reach');
});

test('a piece that was begun goes on as it was cut, and another can be begun', async ({ page }) => {
  await startTying(page, 'First band, one cord');
  await skipTo(page, 'Row 2 of 29');
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.getByTestId('older-piece')).toBeHidden();
  await page.getByRole('button', { name: /^wrist girth:/ }).click();
  await page.getByLabel('Girth of the wrist', { exact: true }).fill('150');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('older-piece')).toContainText('it stays as it was');
  await page.getByRole('button', { name: 'Continue tying' }).click();
  await expect(title(page)).toHaveText('Row 2 of 29');
  await page.getByRole('link', { name: 'Bench' }).click();
  await page.getByRole('button', { name: 'Start another' }).click();
  await expect(title(page)).toHaveText('Lay everything out');
  await skipTo(page, 'Row 1 of 2');
});

test('rows lower than planned: more of them fill the length; tried on, it ends where it fits', async ({
  page,
}) => {
  await startTying(page, 'First band, one cord');
  await skipTo(page, 'Row 21 of 29');
  await page.keyboard.press('w');
  // Planned 130 mm for twenty rows; they came out at 116.
  await page.getByLabel('Woven so far, if you like').fill('116 mm');
  await page.getByRole('button', { name: /^Tie 3[23] rows, [34] more than now/ }).click();
  await expect(page.getByTestId('step-title')).toHaveText(/^Row 21 of 3[23]$/);
  await skipTo(page, 'Row 28 of');
  await page.keyboard.press('w');
  await page.getByRole('button', { name: 'It is long enough: end after row 27' }).click();
  await expect(title(page)).toHaveText('Fix the prong half');
  await page.keyboard.press('u');
  await expect(title(page)).toHaveText('Row 27 of 27');
});

test('it looks wrong: the picture is picked, the row is named, rows are undone', async ({ page }) => {
  await startTying(page, 'Dome night band');
  await skipTo(page, 'Row 12 of 26');
  await page.keyboard.press('s');
  // The commonest is pulled tight first; while the others are awaited, and once all are there, nothing is hard to read.
  const pictures = page.getByTestId('slip-picture');
  await expect(pictures.first()).toBeVisible();
  expect(await violations(page), 'awaited').toEqual([]);
  await expect(pictures).toHaveCount(7);
  await page.getByRole('button', { name: /^The same side twice/ }).click();
  await page.getByLabel('How many rows up from the last').fill('4');
  await expect(page.getByTestId('slip-advice')).toHaveText('It is in row 8. Undo it: 4 rows.');
  expect(await violations(page)).toEqual([]);
  await page.getByRole('button', { name: 'Undo 4 rows' }).click();
  await isRow(page, 8);
});

test('a ring is announced three rows before and comes at its row; an adult takes the flame', async ({
  page,
}) => {
  await startTying(page, 'Halley’s collar');
  await page.keyboard.press('o');
  await page.getByLabel('A child ties, an adult does flame and blade').check();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('For the adult beside you')).toBeVisible();
  await skipTo(page, 'Row 6 of 75');
  await expect(page.getByTestId('coming')).toContainText('in 3 rows: D-ring');
  await skipTo(page, 'Lay the D-ring on');
  await expect(page.getByTestId('step-lines')).toContainText('Rows 9 to 13');
});

test('Tie on a phone, at 200 % text, dark or light, has no trouble that a checker finds', async ({
  page,
}) => {
  await startTying(page, 'First band, one cord');
  await skipTo(page, 'Row 5 of 29');
  expect(await violations(page)).toEqual([]);
  await page.keyboard.press('o');
  await page.getByLabel('Dark, for the evening').check();
  expect(await violations(page)).toEqual([]);
  await page.getByRole('button', { name: 'Close' }).click();
  expect(await violations(page)).toEqual([]);
  for (const panel of ['l', 'w']) {
    await page.keyboard.press(panel);
    await expect(page.getByRole('button', { name: 'Close' })).toBeVisible();
    expect(await violations(page), panel).toEqual([]);
    await page.getByRole('button', { name: 'Close' }).click();
  }
  // A number's working is read in the dark, too.
  for (let i = 0; i < 60 && !(await title(page).textContent())!.startsWith('Cut A'); i++)
    await page.keyboard.press('ArrowLeft');
  await page.getByRole('button', { name: /^Cut length of A/ }).click();
  await expect(page.getByTestId('why')).toContainText('weave');
  expect(await violations(page), 'working').toEqual([]);
  await page.keyboard.press('Escape');
  await skipTo(page, 'Row 5 of 29');
  await page.setViewportSize({ width: 390, height: 844 });
  const wide = () => page.evaluate(() => document.documentElement.scrollWidth);
  await expect.poll(wide).toBeLessThanOrEqual(390);
  await page.evaluate(() => {
    document.documentElement.style.fontSize = '200%';
  });
  await expect.poll(wide).toBeLessThanOrEqual(390);
  await expect(page.getByTestId('next')).toBeVisible();
  await page.getByTestId('next').click();
  await expect(title(page)).toHaveText('Row 6 of 29');
});

test('two tabs on one piece: the other follows', async ({ page, context }) => {
  await startTying(page, 'First band, one cord');
  await skipTo(page, 'Row 3 of 29');
  await saved(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(title(other)).toHaveText('Row 3 of 29');
  await other.keyboard.press('ArrowRight');
  await expect(title(page)).toHaveText('Row 4 of 29');
  await expect(page.getByText('Another tab went on with this piece')).toBeVisible();
});

test('a plain band has no rows: its steps are gone through, and what counts rows stays shut', async ({
  page,
}) => {
  await openDemo(page, 'First band, one cord');
  await page.getByRole('button', { name: /^Weave:/ }).click();
  await page.getByRole('option', { name: /^Doubled plain band/ }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Start tying' }).click();
  await expect(title(page)).toHaveText('Lay everything out');
  for (const key of ['l', 's', 'w']) {
    await page.keyboard.press(key);
    await expect(page.getByRole('dialog')).toBeHidden();
  }
  await skipTo(page, 'Tell the wearer');
});

test('a knot at the end is tied stage by stage, plays itself, and ends as it is when it is tight', async ({
  page,
}) => {
  await startTying(page, 'Knot-and-loop anklet');
  await skipTo(page, 'Diamond');
  const stages = page.getByTestId('stage');
  await expect(stages).toHaveCount(8);
  await expect(stages.first()).toContainText('Lay the cord loosely');
  await expect(stages.filter({ hasText: 'Bring in the other cord' })).toHaveCount(1);
  await expect(stages.last()).toContainText('Draw it tight');
  const pictures = page.locator('figure svg[role=img]');
  await expect(pictures).toHaveCount(8);
  expect(await violations(page)).toEqual([]);
  await page.getByRole('button', { name: 'Play this knot' }).click();
  await expect(pictures).toHaveCount(1);
  const before = await pictures.innerHTML();
  await expect.poll(() => pictures.innerHTML()).not.toBe(before);
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(pictures).toHaveCount(8);
});
