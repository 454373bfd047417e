import type { Page } from '@playwright/test';
import { boxOf, expect, follow, saved, test, violations, word } from './help.ts';

/** A place in the drawing, in cord diameters, on the page: read off the two bends of the first two cores. */
async function placer(page: Page) {
  const grid = page.getByRole('group', { name: 'The weave, drawn' });
  const at = async (name: string) => {
    const box = await boxOf(grid.getByRole('button', { name }));
    return [box.x + box.width / 2, box.y + box.height / 2] as const;
  };
  const [x1, y1] = await at('C1, bend 1');
  const [x2] = await at('C2, bend 1');
  const scale = (x2 - x1) / 2;
  // Cores at −1,0 and 1,0.
  return (x: number, y: number) => [x1 + (x + 1) * scale, y1 - y * scale] as const;
}

const tight = (page: Page) => expect(page.getByText('Tight.')).toBeVisible();

test('a weave of one’s own is drawn by clicks, pulled tight, kept, and planned like any other', async ({
  page,
}) => {
  await page.goto('/weaves/new');
  const grid = page.getByRole('group', { name: 'The weave, drawn' });
  await grid.scrollIntoViewIfNeeded();
  const notation = page.getByLabel('Notation of this weave');
  // A single spiralling strand: both ends of the given bar go, and one is drawn in their place, over both cores and back below.
  await page.getByRole('button', { name: 'Remove B' }).click();
  await page.getByRole('button', { name: 'Remove A' }).click();
  const place = await placer(page);
  await page.getByRole('button', { name: 'Draw an end' }).click();
  for (const [x, y] of [
    [-3, 0.5],
    [3, 1.5],
    [3, 3],
    [-3, 4],
    [-3, 4],
  ] as const)
    await page.mouse.click(...place(x, y));
  await expect(notation).toHaveValue(/work A: -3,0\.5 3,1\.5 3,3 -3,4 \| OUOU/);
  // Over and under by turns is no coil: the second and the third crossing are turned over by a click each.
  const crossings = grid.getByRole('button', { name: /put/ });
  await expect(crossings).toHaveCount(4);
  await grid
    .getByRole('button', { name: /^C2 over A/ })
    .first()
    .click();
  await grid.getByRole('button', { name: /^A over C2.*, 3\.|^A over C2, at 1\.0, 3/ }).click();
  await expect(notation).toHaveValue(/\| OOUU/);
  await tight(page);
  // Undone and done again, step by step.
  await page.getByRole('button', { name: 'Undo drawing' }).click();
  await expect(notation).not.toHaveValue(/\| OOUU/);
  await page.getByRole('button', { name: 'Redo drawing' }).click();
  await expect(notation).toHaveValue(/\| OOUU/);
  await tight(page);
  await page.getByLabel('Keep it as').fill('Lin’s coil');
  await page.getByRole('button', { name: 'Save as my weave' }).click();
  await expect(page.getByRole('heading', { name: 'Lin’s coil' })).toBeVisible();
  // It is a weave like any other: planned on the Bench.
  await follow(page, '/?stall');
  await word(page, 'Weave').click();
  await page
    .getByRole('option', { name: /Lin’s coil/ })
    .or(page.getByRole('radio', { name: /Lin’s coil/ }))
    .first()
    .click();
  await expect(page.getByText(/woven .* rows/)).toBeVisible();
  await saved(page);
});

test('a strand is drawn by keyboard alone, and undone', async ({ page }) => {
  await page.goto('/weaves/new');
  const grid = page.getByRole('group', { name: 'The weave, drawn' });
  const notation = page.getByLabel('Notation of this weave');
  await page.getByRole('button', { name: 'Draw a core' }).focus();
  await page.keyboard.press('Enter');
  await expect(grid).toBeFocused();
  // Half a diameter a step from the middle: five to the right, one up.
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowUp', ' '])
    await page.keyboard.press(key);
  await page.keyboard.press('Enter');
  await expect(notation).toHaveValue(/core C3: 2\.5,0\.5\n/);
  // Given up, nothing is added.
  await page.getByRole('button', { name: 'Draw a core' }).click();
  await page.keyboard.press('Space');
  await page.keyboard.press('Escape');
  await expect(notation).not.toHaveValue(/core C4/);
  await page.getByRole('button', { name: 'Draw a core' }).focus();
  await page.keyboard.press('Control+z');
  await expect(notation).not.toHaveValue(/core C3/);
  await page.keyboard.press('Control+Shift+z');
  await expect(notation).toHaveValue(/core C3/);
});

test('a drawing is changed by dragging and by keyboard, and says at its place what holds nothing', async ({
  page,
}) => {
  await page.goto('/weaves/solomon-bar');
  const grid = page.getByRole('group', { name: 'The weave, drawn' });
  await grid.scrollIntoViewIfNeeded();
  const notation = page.getByLabel('Notation of this weave');
  const place = await placer(page);
  // A bend is dragged outwards…
  await page.mouse.move(...place(4.5, 1.5));
  await page.mouse.down();
  await page.mouse.move(...place(5, 1.5), { steps: 4 });
  await page.mouse.move(...place(5.5, 2), { steps: 4 });
  await page.mouse.up();
  await expect(notation).toHaveValue(/work A: .*5\.5,2 /);
  await expect(notation).toHaveValue(/work A: .*\| UOOOU UOOOU/);
  // …and moved on by an arrow, in one step to undo.
  await grid.getByRole('button', { name: /^A, bend 6 at 5\.5, 2/ }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(notation).toHaveValue(/work A: .*6,2 /);
  await page.keyboard.press('Delete');
  await expect(grid.getByRole('button', { name: /^A, bend/ })).toHaveCount(9);
  await page.getByRole('button', { name: 'Undo drawing' }).click();
  await page.getByRole('button', { name: 'Undo drawing' }).click();
  await expect(notation).toHaveValue(/work A: .*5\.5,2 /);
  await page.getByRole('button', { name: 'Undo drawing' }).click();
  await expect(notation).toHaveValue(/work A: .*4\.5,1\.5 /);
  // Nothing holds a strand that is on top everywhere.
  await page.getByRole('button', { name: 'Draw a spine' }).click();
  await page.mouse.click(...place(0.4, 1.6));
  await page.mouse.click(...place(0.4, 1.6));
  await expect(notation).toHaveValue(/spine T: 0\.5,1\.5/);
  for (const over of ['A', 'B'])
    for (const name = new RegExp(`^${over} over T`); (await grid.getByRole('button', { name }).count()) > 0; )
      await grid.getByRole('button', { name }).first().click();
  await expect(page.getByRole('alert').filter({ hasText: 'nothing holds' })).toContainText('nothing holds T');
  expect(await violations(page)).toEqual([]);
  // A file in its place: one that is no notation says where, and the drawing stays in sight until it can be read.
  const open = (text: string) =>
    page.getByLabel('Open a notation file').setInputFiles({
      name: 'bar.txt',
      mimeType: 'text/plain',
      buffer: Buffer.from(text),
    });
  await open('weave coil period 4\ncore C1: 0\n');
  await expect(page.getByRole('alert').filter({ hasText: 'line 2' })).toBeVisible();
  await expect(grid).toBeVisible();
  await open('weave coil period 4\ncore C1: 0,0\nwork A: -2,0 2,1 2,2 -2,3 | OU\n');
  await expect(grid.getByRole('button', { name: /^A, bend/ })).toHaveCount(4);
  await tight(page);
});
