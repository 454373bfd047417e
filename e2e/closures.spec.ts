import type { Page } from '@playwright/test';
import {
  expect,
  exportedPlan,
  openChecks,
  openDemo,
  saved,
  shownMm,
  showsMm,
  skipTo,
  test,
  typeLength,
  violations,
  word,
} from './help.ts';

/** Takes a choice in the picker of a word. */
async function pick(page: Page, label: string, choice: string): Promise<void> {
  await word(page, label).click();
  const name = new RegExp(`^${choice}`);
  await page.getByRole('radio', { name }).or(page.getByRole('option', { name })).first().click();
  await page.keyboard.press('Escape');
}

async function startNew(page: Page): Promise<void> {
  await page.goto('/?stall');
  await page.getByRole('button', { name: 'Designs' }).click();
  await page.getByRole('button', { name: 'New' }).click();
  await expect(page.getByLabel('Name of this design')).toHaveValue('New band');
}

async function measure(page: Page, lengths: Readonly<Record<string, string>>): Promise<void> {
  await word(page, 'Measures').click();
  for (const [label, text] of Object.entries(lengths)) await typeLength(page, label, text);
  await page.keyboard.press('Escape');
}

async function startTying(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Start tying' }).click();
  await expect(page.getByTestId('step-title')).toHaveText('Lay everything out');
}

const check = (page: Page, id: string) => page.getByTestId(`check-${id}`);

test('a two-piece watch strap: halves, lugs, and a cord that goes between them', async ({ page }) => {
  await startNew(page);
  await pick(page, 'Product', 'two-piece watch strap');
  await measure(page, { 'Lug width': '20', 'Case length': '46', 'Gap at the bar': '3 mm' });
  await expect(word(page, 'Measures')).toHaveText('lug width 20 mm, case length 46 mm');
  await expect(word(page, 'Closure')).toHaveText('a 20 mm pin buckle');
  await expect(check(page, 'lug.width')).toContainText('is too wide for 20 mm lugs');
  await check(page, 'lug.width').getByRole('button', { name: 'choose 3 mm nylon' }).click();
  await expect(word(page, 'Cord')).toHaveText('3 mm nylon');
  await openChecks(page);
  for (const id of ['lug.width', 'lug.gap', 'buckle.passes'])
    await expect(check(page, id)).toHaveAttribute('data-ok', 'true');

  const { plan } = await exportedPlan(page);
  expect(plan.bands.map((b) => b.name)).toEqual(['buckle side', 'tail side']);
  const shown = page.getByTestId('dim-woven');
  for (const [i, band] of plan.bands.entries()) await expect(shown.nth(i)).toContainText(`${band.rows} rows`);
  for (const letter of ['A.1', 'A.2'])
    await showsMm(page, `cut-${letter}`, plan.cords.find((c) => c.letter === letter)!.cutLengthMm, 6);
  await expect(page.getByTestId('band-mark').filter({ hasText: 'pin here' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(word(page, 'Cord')).toHaveText('4 mm nylon');
});

test('a collar with a ring: two fingers, rows over the ring, a buckle that suits', async ({ page }) => {
  await startNew(page);
  await pick(page, 'Product', 'collar');
  await word(page, 'Wearer').click();
  await page.getByLabel('Who will wear it?').fill('Halley');
  await page.keyboard.press('Enter');
  await word(page, 'neck girth').click();
  await typeLength(page, 'Girth of the neck', '40.2 cm');
  await page.keyboard.press('Enter');
  await pick(page, 'Weave', 'Ladder weave, doubled middle core, two ends');
  await measure(page, { 'Ring’s place': '6 cm', 'Ring’s flat side': '24 mm' });
  await expect(word(page, 'Fit')).toHaveText('2-finger fit');
  await check(page, 'buckle.width').getByRole('button').click();
  await expect(word(page, 'Closure')).toHaveText('a 20 mm side-release buckle');
  await openChecks(page);
  for (const id of ['collar.fingers', 'collar.ring', 'collar.ends', 'buckle.width', 'buckle.slot'])
    await expect(check(page, id)).toHaveAttribute('data-ok', 'true');

  const { plan } = await exportedPlan(page);
  const { fromRow, toRow } = plan.bands[0]!.addons[0]!;
  await expect(page.getByTestId('band-mark').filter({ hasText: 'D-ring' })).toHaveText(
    `D-ring, rows ${fromRow}–${toRow}`,
  );
  await measure(page, { 'Ring’s place': '20 mm' });
  await expect(check(page, 'collar.ring')).toHaveAttribute('data-ok', 'false');
  await check(page, 'collar.ring').getByRole('button').click();
  await expect(check(page, 'collar.ring')).toHaveAttribute('data-ok', 'true');
  expect(await violations(page)).toEqual([]);
});

test('a cuff: the width that is wanted finds its weave', async ({ page }) => {
  await startNew(page);
  await pick(page, 'Product', 'cuff');
  await expect(check(page, 'cuff.width')).toContainText('less than wanted');
  await word(page, 'Measures').click();
  await typeLength(page, 'Width', '34 mm');
  await page.getByRole('button', { name: /^Wide Solomon bar, 2 columns in 4 mm nylon/ }).click();
  await page.keyboard.press('Escape');
  await expect(word(page, 'Weave')).toHaveText('Wide Solomon bar, 2 columns');
  await openChecks(page);
  await expect(check(page, 'cuff.width')).toHaveAttribute('data-ok', 'true');
  await pick(page, 'Set-up', 'cords side by side');
  const { plan } = await exportedPlan(page);
  expect(plan.cords.map((c) => c.place)).toEqual([1, 2, 3]);
  await expect(page.getByTestId('lane-A1')).toContainText('a working end and a core, side by side');
  await pick(page, 'Closure', 'open cuff');
  await expect(check(page, 'cuff.opening')).toHaveAttribute('data-ok', 'true');
});

test('a double sliding band opens over the hand, and says when it would not', async ({ page }) => {
  await startNew(page);
  await pick(page, 'Weave', 'Flat braid of 3');
  await pick(page, 'Cord', '2 mm nylon');
  await pick(page, 'Closure', 'double sliding knot');
  await expect(word(page, 'Measures')).toHaveText('hand about 20.4 cm');
  await word(page, 'Measures').click();
  await expect(page.getByTestId('estimate-hand')).toContainText('give or take 6 %');
  await typeLength(page, 'Hand', '19.6 cm');
  await page.keyboard.press('Escape');
  await openChecks(page);
  await expect(check(page, 'open.passes')).toContainText('goes over a 19.6 cm hand with 10 mm to spare');

  await word(page, 'Closure').click();
  await typeLength(page, 'Inside when open', '18.5 cm');
  await page.keyboard.press('Escape');
  await expect(check(page, 'open.passes')).toContainText('11 mm too little to go over a 19.6 cm hand');
  await check(page, 'open.passes').getByRole('button').click();
  await expect(check(page, 'open.passes')).toHaveAttribute('data-ok', 'true');

  const { plan } = await exportedPlan(page);
  expect(plan.closed.openMm).toBeCloseTo(206, 6);
  await showsMm(page, 'figure-open,-inside', 206, 0);
  await page.getByRole('button', { name: 'closed', exact: true }).click();
  const ring = page.getByTestId('closed-view');
  await expect(ring).toContainText('hand');
  await expect(ring).toContainText('It opens by 28 mm');
  await saved(page);
});

test('a cinch is chosen from the comparison, and its stopper is marked', async ({ page }) => {
  await openDemo(page, 'Guide.s band');
  await page.getByRole('tab', { name: /How could it close/ }).click();
  const row = page.getByTestId('closure-cinch');
  await expect(row).toContainText('two cords with their stopper');
  await row.getByRole('button', { name: 'cinch', exact: true }).click();
  await expect(word(page, 'Closure')).toContainText('a cinch');
  // One folded cord leaves no ends for a cinch: the cores are a cord of their own now.
  await expect(word(page, 'Colour of the cores')).toBeVisible();
  const { plan } = await exportedPlan(page);
  const stopper = plan.bands[0]!.marks.find((m) => m.label === 'stopper starts here')!;
  await expect(page.getByTestId('band-mark').filter({ hasText: 'stopper' })).toBeVisible();
  const { startMm, wovenMm } = plan.bands[0]!;
  await showsMm(page, 'figure-stopper-from-the-weave', stopper.atMm - startMm - wovenMm, 0);
  await page.keyboard.press('Control+z');
  await expect(word(page, 'Closure')).toContainText('side-release buckle');
});

test('tried on and too loose: another hole first, then rows, and the plan follows', async ({ page }) => {
  await openDemo(page);
  await pick(page, 'Closure', 'adjustable shackle');
  const rows = await page.getByTestId('dim-woven').textContent();
  await page.getByRole('tab', { name: /Tried it on/ }).click();
  await typeLength(page, 'by how much, round the body', '7 mm');
  await expect(page.getByTestId('remedy-move')).toContainText('put the pin in hole 1: 7 mm tighter');
  await expect(page.getByTestId('remedy-move')).toContainText('Then it fits.');
  await expect(page.getByTestId('remedy-rows')).toContainText(/take out 1 row:/);
  await page.getByTestId('remedy-rows').getByRole('button', { name: 'Use this' }).click();
  await expect(page.getByTestId('dim-woven')).not.toHaveText(rows!);
  await page.getByTestId('remedy-move').getByRole('button', { name: 'Use this' }).click();
  await expect(word(page, 'Closure')).toHaveText(/pin in hole 1/);
});

test('a two-colour eternity band with a slider in thin cord is planned and tied', async ({ page }) => {
  await openDemo(page, 'Equinox band');
  const with_ = word(page, 'Add-ons');
  await expect(with_).toHaveText('with a focal knot');
  const cut = async () => shownMm(page, 'cut-A');
  const knotted = await cut();
  // Taken off and put back: each cord is longer by what the knot uses, some 25 diameters less its own length.
  await with_.click();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect.poll(cut).toBeLessThan(knotted - 80);
  await page.getByRole('button', { name: '+ focal knot' }).click();
  await expect(page.getByRole('button', { name: /^Which knot: Eternity knot, two colours/ })).toBeVisible();
  await expect.poll(cut).toBe(knotted);
  await page.keyboard.press('Escape');
  await startTying(page);
  await skipTo(page, 'Tie the eternity knot');
  await expect(page.getByTestId('step-title')).toHaveText('Tie the eternity knot, two colours');
  await expect(page.getByTestId('stage').last()).toContainText('Draw it tight');
});

test('a braid of three from one cord: its loop, its tail, and a barrel', async ({ page }) => {
  await startNew(page);
  await pick(page, 'Weave', 'Flat braid of 3');
  await pick(page, 'Closure', 'knot and loop');
  await word(page, 'Closure').click();
  await page
    .getByRole('radio', { name: /^Barrel, 3 wraps/ })
    .or(page.getByText('barrel of 3 wraps', { exact: true }))
    .first()
    .click();
  await page.keyboard.press('Escape');
  await pick(page, 'Set-up', 'one cord, a loop and its tail');
  await expect(page.getByText('one cord: a loop and its tail')).toBeVisible();
  await expect(page.getByTestId('cut-A')).toHaveCount(1);
  await startTying(page);
  await skipTo(page, 'Lay the loop and its tail');
  await expect(page.getByTestId('step-lines')).toContainText('draw the tail right through the loop');
  await skipTo(page, 'Barrel');
  await expect(page.getByTestId('stage').first()).toContainText('Lay the cord loosely');
});

test('a cores-through bar with a loop and a diamond is planned and tied from the first cut to the last look', async ({
  page,
}) => {
  await startNew(page);
  await pick(page, 'Weave', 'Cores-through bar');
  await pick(page, 'Closure', 'knot and loop');
  await expect(page.getByText(/woven .* rows/)).toBeVisible();
  expect(await exportedPlan(page).then(({ plan }) => plan.cords.length)).toBeGreaterThan(0);
  await startTying(page);
  const seen = await skipTo(page, 'Diamond');
  expect(seen.filter((t) => t.startsWith('Row ')).length).toBeGreaterThan(15);
  await skipTo(page, 'Tell the wearer');
});
