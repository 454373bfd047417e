import { expect, select, shownMm, test, violations } from './help.ts';

test('what came in is typed as on a slip, taken from, put back, measured again, and undone', async ({
  page,
}) => {
  await page.goto('/stash');
  const total = page.getByTestId('stash-total');
  await expect(total).toContainText('14 hanks, spools and offcuts');
  const line = page.getByLabel('What came in');
  await line.fill('2 × 15 m Ember 4 mm, 6.20 each, in the blue box');
  await line.press('Enter');
  await expect(total).toContainText('16 hanks');
  await line.fill('15 m navy 4 mm');
  await line.press('Enter');
  await expect(page.getByRole('alert')).toContainText('“navy” is no colour of yours');
  await select(page, 'Colour', 'Dusk');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(total).toContainText('17 hanks');
  // The taped hank of Dusk: 14.62 m.
  await page.getByRole('button', { name: /14\.62 m by tape/ }).click();
  const panel = page.getByRole('region', { name: 'Dusk hank' });
  await panel.getByLabel('Take cord').fill('5.4 m');
  // While the field shows what cannot be, the figure before it is not taken either.
  await panel.getByLabel('Take cord').fill('54 m');
  await panel.getByLabel('Take cord').press('Enter');
  await expect(panel.getByRole('button', { name: 'Take it' })).toBeDisabled();
  await expect(panel.getByText(/^54.* is out of range/)).toBeVisible();
  await expect.poll(() => shownMm(page, 'lot-amount')).toBe(14620);
  await panel.getByLabel('Take cord').fill('5.4 m');
  await panel.getByLabel('For', { exact: true }).fill('Tove');
  // A slow double press takes it once: the figure is gone when it is done.
  await panel.getByRole('button', { name: 'Take it' }).dblclick({ delay: 400 });
  await expect(panel.getByLabel('Take cord')).toHaveValue('');
  await expect(panel.getByRole('button', { name: 'Take it' })).toBeDisabled();
  await expect.poll(() => shownMm(page, 'lot-amount')).toBe(9220);
  await panel.getByLabel('Put an offcut back').fill('60 cm');
  await panel.getByLabel('Put an offcut back').fill('60 m');
  await expect(panel.getByRole('button', { name: 'Put it back' })).toBeDisabled();
  await panel.getByLabel('Put an offcut back').fill('60 cm');
  await panel.getByRole('button', { name: 'Put it back' }).click();
  await expect(total).toContainText('18 hanks');
  await panel.getByLabel('Length', { exact: true }).fill('9.1 m');
  await panel.getByRole('button', { name: 'It is 9.10 m' }).click();
  await expect.poll(() => shownMm(page, 'lot-amount')).toBe(9100);
  await page.getByRole('button', { name: 'ledger', exact: true }).click();
  const ledger = page.getByRole('list', { name: 'Ledger' });
  await expect(ledger.getByRole('listitem').first()).toContainText('Dusk hank measured again: 9.10 m');
  // Taking can't be undone while the offcut that came of it is there.
  await ledger.getByRole('button', { name: /^Undo: 5\.40 m of Dusk hank for Tove/ }).click();
  await expect(page.getByRole('status').last()).toContainText('It can’t be undone: something later needs it');
  await ledger.getByRole('button', { name: /^Undo: an offcut of 60/ }).click();
  await ledger.getByRole('button', { name: /^Undo: 5\.40 m of Dusk hank for Tove/ }).click();
  await expect(ledger.getByText('undone')).toHaveCount(2);
  await page.reload();
  await expect(total).toContainText('17 hanks');
  expect(await violations(page)).toEqual([]);
});

test('a stall’s cuts are planned from the shelf, what must be bought is proven, and cuts are made one by one', async ({
  page,
}) => {
  await page.goto('/stash');
  await page.getByRole('button', { name: 'cuts', exact: true }).click();
  await page.getByLabel('How many: Dome night band').fill('16');
  await page.getByRole('button', { name: 'Plan the cuts of 16 pieces' }).click();
  const verdict = page.getByTestId('cut-verdict');
  await expect(verdict).toContainText('Buy 1 × 15 m of Ember, 4 mm nylon (6.20). No plan can do with less.');
  await expect(page.getByRole('region', { name: 'Why no plan buys less' })).toContainText(
    '✓ checked without the solver',
  );
  const toBuy = page.getByText('buy', { exact: true });
  await expect(toBuy).toBeVisible();
  await page.getByRole('button', { name: 'It is here: put it on the shelf' }).click();
  await expect(page.getByText('cut 1 of 32')).toBeVisible();
  await expect(toBuy).toBeHidden();
  const card = page.getByRole('complementary', { name: 'At the table' });
  // A key that is held down repeats itself: it is one cut.
  await page.getByRole('heading', { level: 1 }).click();
  for (let i = 0; i < 5; i++) await page.keyboard.down('Space');
  await page.keyboard.up('Space');
  await expect(page.getByText('cut 2 of 32')).toBeVisible();
  // Pressed twice at once, so is the button.
  await card.getByRole('button', { name: 'Cut it Space' }).evaluate((button: HTMLButtonElement) => {
    button.click();
    button.click();
  });
  await expect(page.getByText('cut 3 of 32')).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'cuts', exact: true }).click();
  await expect(page.getByText('cut 3 of 32')).toBeVisible();
  await page.getByRole('button', { name: 'ledger', exact: true }).click();
  const ledger = page.getByRole('list', { name: 'Ledger' }).getByRole('listitem');
  await expect(ledger.filter({ hasText: /for Dome night band \d/ })).toHaveCount(2);
  await expect(ledger.first()).toContainText('for Dome night band');
});
