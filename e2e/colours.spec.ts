import { boxOf, expect, exportedPlan, openChecks, openDemo, select, test, violations, word } from './help.ts';

test('strands are given cords, and an arrangement is picked from the pictures of all there are', async ({
  page,
}) => {
  await openDemo(page, 'Four-cord braid');
  await word(page, 'Arrangement').click();
  const gallery = page.getByTestId('gallery');
  await expect(page.getByText('6 distinct ways to arrange 3 cords')).toBeVisible();
  await expect(gallery.getByRole('button')).toHaveCount(6);
  await expect(gallery.locator('svg')).toHaveCount(12);
  await gallery.getByRole('button', { name: /^AABC: front A 50 %/ }).click();
  await expect(gallery.getByRole('button', { name: /^AABC/ })).toHaveAttribute('aria-pressed', 'true');
  await select(page, 'Cord of strand S/0', 'C');
  await page.keyboard.press('Escape');
  const { plan } = await exportedPlan(page);
  const used = new Set(plan.cords.map((c) => c.letter[0]));
  expect([...used].sort()).toEqual(['A', 'B', 'C']);
  await expect(page.getByTestId('bar-order').getByRole('listitem')).toHaveCount(4);
});

test('a cord of my own is made and used, and is still there after a reload', async ({ page }) => {
  await openDemo(page, 'Night and dawn');
  await word(page, 'Colour of the working cord').click();
  await page.getByRole('button', { name: 'A cord of my own…' }).click();
  const form = page.getByRole('region', { name: 'A cord of my own' });
  await form.getByRole('button', { name: 'Use this cord' }).click();
  await expect(page.getByRole('alert')).toContainText('Give it a name');
  await form.getByLabel('Name').fill('Lichen');
  await select(page, 'Look', 'camouflage patches');
  await form.getByRole('button', { name: 'Use this cord' }).click();
  await page.keyboard.press('Escape');
  await expect(word(page, 'Colour of the working cord')).toHaveText('Lichen');
  await expect(page.getByTestId('save-state')).toHaveText('Saved');
  await page.reload();
  await expect(word(page, 'Colour of the working cord')).toHaveText('Lichen');
});

test('colours along the length: a sequence, and a word in rows', async ({ page }) => {
  await test.step('a sequence is typed, read back, mirrored, and made without a splice or with them', async () => {
    await openDemo(page);
    await word(page, 'Along the length').click();
    const field = page.getByLabel('Rows of each cord, by its letter');
    await field.fill('6A 4Q');
    await expect(page.getByRole('alert')).toContainText('There is no cord Q here');
    await field.fill('9A 9B 11A');
    await expect(word(page, 'Set-up')).toHaveText('separate cords');
    await expect(page.getByRole('radio', { name: /^working cord and cores change places/ })).toBeChecked();
    await page.getByRole('radio', { name: /^splices on the back/ }).click();
    await expect(page.getByTestId('splice')).toHaveCount(4);
    await page.getByRole('radio', { name: /^working cord and cores/ }).click();
    await expect(page.getByTestId('splice')).toHaveCount(0);
    await page.getByRole('button', { name: 'Mirror it' }).click();
    await page.keyboard.press('Escape');
    await openChecks(page);
    await expect(page.getByTestId('check-sequence.even')).toContainText('read the same from both ends');
    const { plan } = await exportedPlan(page);
    const stretches = plan.sequence!.stretches;
    expect(stretches.map((s) => s.cord)).toEqual(stretches.map((s) => s.cord).toReversed());
    for (const s of stretches.slice(1))
      await expect(
        page
          .getByTestId('band-mark')
          .filter({ hasText: `${'AB'[s.cord]} ${s.from + 1}` })
          .first(),
      ).toBeVisible();
  });
  await test.step('a word is spelt in rows, or it says how many rows it lacks', async () => {
    await openDemo(page);
    await word(page, 'Along the length').click();
    await page.getByLabel('Spell a word or a date in rows of B').fill('observatory');
    await page.getByRole('button', { name: 'Morse' }).click();
    await expect(page.getByRole('alert')).toContainText(/It needs \d+ rows and the band has \d+/);
    await page.getByLabel('Spell a word or a date in rows of B').fill('in');
    await page.getByRole('button', { name: 'Morse' }).click();
    await expect(page.getByLabel('Rows of each cord, by its letter')).toHaveValue(/1B 1A 1B 3A 3B 1A 1B/);
  });
});

test('a ring is put on, dragged along the Beam row by row, and moved by the arrow keys', async ({ page }) => {
  await openDemo(page);
  await word(page, 'Add-ons').click();
  await page.getByRole('button', { name: '+ D-ring' }).click();
  await page.keyboard.press('Escape');
  await expect(word(page, 'Add-ons')).toHaveText('with a D-ring');
  const ring = page.getByTestId('addon-0');
  const before = Number(await ring.getAttribute('aria-valuenow'));
  const box = await boxOf(ring);
  await page.mouse.move(box.x + box.width / 2, box.y + 5);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 160, box.y + 5, { steps: 8 });
  await page.mouse.up();
  // The Beam follows a frame or two behind the hand: read it once it stands still.
  let last = '';
  await expect
    .poll(
      async () => {
        const now = (await ring.getAttribute('aria-valuenow'))!;
        const stands = now === last;
        last = now;
        return stands;
      },
      { intervals: [200] },
    )
    .toBe(true);
  const dragged = Number(last);
  expect(Math.abs(dragged - before)).toBeGreaterThan(2);
  await ring.focus();
  await page.keyboard.press('ArrowRight');
  await expect(ring).not.toHaveAttribute('aria-valuenow', String(dragged));
  const { plan } = await exportedPlan(page);
  const placed = plan.bands[0]!.addons[0]!;
  await openChecks(page);
  await expect(page.getByTestId('check-addon.0.place')).toContainText(
    `rows ${placed.fromRow} to ${placed.toRow}`,
  );
  await page.keyboard.press('Control+z');
  await expect(ring).toHaveAttribute('aria-valuenow', String(dragged));
  expect(await violations(page)).toEqual([]);
});
