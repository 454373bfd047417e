import { readFileSync } from 'node:fs';
import { expect, follow, select, test, violations } from './help.ts';

test('an order is written, priced and cut from the shelf, and the ledger says for whom', async ({ page }) => {
  await page.goto('/orders');
  await expect(page.getByRole('list', { name: 'Orders' }).getByRole('listitem')).toHaveCount(20);
  await page.getByRole('button', { name: 'New order' }).click();
  const panel = page.getByRole('region', { name: 'New order' });
  await panel.getByLabel('For whom or what').fill('Rowan');
  await panel.getByLabel('For whom or what').press('Tab');
  const rowan = page.getByRole('region', { name: 'Rowan' });
  await select(page, 'Design', 'Dome night band');
  await select(page, 'Size of Dome night band', 'L, 18.0 cm');
  await rowan.getByLabel('How many Dome night band').fill('2');
  await expect(rowan.getByText(/one takes \d+ min and costs/)).toBeVisible();
  await rowan.getByRole('button', { name: /What one Dome night band costs/ }).click();
  await expect(page.getByTestId('why')).toContainText('at 12.00 an hour');
  await page.keyboard.press('Escape');
  const row = page.getByRole('listitem').filter({ hasText: 'Rowan' });
  await expect(row).toContainText('2 × Dome night band L');
  await expect(row).toContainText(/\d+ in 100 by its day/);
  expect(await violations(page)).toEqual([]);
  // Only this order is cut.
  await follow(page, '/stash?tab=cuts');
  await page.getByRole('checkbox', { name: /^Rowan/ }).check();
  await page.getByRole('button', { name: 'Plan the cuts of 2 pieces' }).click();
  await expect(page.getByTestId('cut-verdict')).toContainText('Nothing to buy');
  const card = page.getByRole('complementary', { name: 'At the table' });
  await expect(card).toContainText('cut 1 of 4');
  // The first cut is kept on another hank, and the rest is planned round it.
  const hanks = card.getByRole('button', { name: /^Cut it elsewhere/ });
  if (await hanks.isVisible()) {
    await hanks.click();
    await page.getByRole('listbox', { name: 'Cut it elsewhere' }).getByRole('option').nth(1).click();
    await expect(page.getByText(/, pinned/)).toBeVisible();
  }
  for (let n = 1; n <= 4; n++) {
    await expect(card).toContainText(`cut ${n} of 4`);
    await card.getByRole('button', { name: /Cut it Space|Cut it$/ }).click();
  }
  await expect(card).toContainText('Everything is cut.');
  await follow(page, '/orders');
  await expect(page.getByRole('listitem').filter({ hasText: 'Rowan' })).toContainText('cut');
  await follow(page, '/stash');
  await page.getByRole('button', { name: 'ledger', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Ledger' }).getByRole('listitem').first()).toContainText(
    'for Rowan',
  );
});

test('what is missing is bought in the cheapest packs, ordered of the shop, and put on the shelf once', async ({
  page,
}) => {
  await page.goto('/orders/needs');
  const list = page.getByTestId('shopping');
  await expect(list).toContainText('15.00 m of Ember, 4 mm nylon');
  await expect(page.getByText(/The stand-in shop sells/)).toBeVisible();
  await page.getByRole('button', { name: /^Order (it|what it sells) there/ }).click();
  await expect(page.getByText(/Ordered: it comes on/)).toBeVisible();
  await follow(page, '/stash');
  const total = page.getByTestId('stash-total');
  await expect(total).toContainText('14 hanks');
  const deliver = page.getByRole('button', { name: /The stand-in shop, .*: put it on the shelf/ }).last();
  await deliver.click();
  await expect(total).not.toContainText('14 hanks');
  await expect(page.getByText(/came onto the shelf/)).toBeVisible();
  await follow(page, '/orders/needs');
  await expect(list.getByText('Ember, 4 mm nylon')).toHaveCount(0);
});

test('with the shop and the scale silent everything goes on by typing', async ({ page }) => {
  // As from a host that only has the application's files.
  await page.route('**/stand-ins/**', (route) =>
    route.fulfill({ contentType: 'text/html', body: '<!doctype html><title>Warp Beam</title>' }),
  );
  await page.goto('/orders/figures');
  await expect(page.getByTestId('shop-prices')).toContainText(
    'The shop does not answer. Prices can be typed.',
  );
  await page.getByLabel('Long enough, times in 100').fill('120');
  await page.getByLabel('Long enough, times in 100').press('Enter');
  await expect(page.getByRole('alert')).toContainText('choose one from 50 to 99');
  await page.getByLabel('Long enough, times in 100').fill('99');
  await page.getByLabel('Long enough, times in 100').press('Enter');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.getByLabel('A price').fill('30 m Dusk 4 mm, 9.90');
  await page.getByLabel('A price').press('Enter');
  await expect(page.getByRole('region', { name: 'Price list' })).toContainText('9.90');
  await page.getByLabel('A price').fill('30 m navy 4 mm, 9.90');
  await page.getByLabel('A price').press('Enter');
  await expect(page.getByRole('alert')).toContainText('“navy” is no colour of yours');
});

test('the scale is read live: restless, then still, and the length follows from it', async ({
  page,
  context,
}) => {
  await page.goto('/stash');
  await page.getByRole('button', { name: /28\.40 m by weight/ }).click();
  const panel = page.getByRole('region', { name: 'Pole White spool' });
  await panel.getByRole('radio', { name: 'weight' }).click();
  await panel.getByRole('button', { name: 'Read the scale' }).click();
  const scale = await context.newPage();
  await scale.goto('/stand-ins/scale/');
  await scale.getByRole('button', { name: /^Empty spool/ }).click();
  await page.bringToFront();
  const shown = panel.getByTestId('scale-shows');
  await expect(shown).toHaveText(/^6[12]\.\d g$/);
  await panel.getByRole('button', { name: 'That is the empty spool' }).click();
  await scale.bringToFront();
  await scale.getByRole('button', { name: /^Empty spool/ }).click();
  await scale.getByRole('button', { name: /^Spool with 28.4 m/ }).click();
  await page.bringToFront();
  await expect(shown).toHaveText(/^25[45]\.\d g$/);
  await expect(panel.getByText('still', { exact: true })).toBeVisible();
  await panel.getByRole('button', { name: 'That is the whole' }).click();
  // (255.1 − 62) g at 6.8 g a metre: 28.4 m.
  await panel.getByRole('button', { name: /^It is 28\.[345]\d m/ }).click();
  await expect(panel.getByTestId('lot-amount')).toHaveText(/^28\.[345]\d m$/);
});

test('days: work is moved by hand, the promise is told, and the calendar goes out', async ({ page }) => {
  await page.goto('/orders/days');
  await expect(page.getByTestId('day-verdict')).toContainText(/The latest|Everything is done/);
  const strip = page.getByRole('region', { name: 'Days' });
  const block = strip.getByRole('button', { name: /^Roof crew: 4/ }).first();
  await block.focus();
  await page.keyboard.press('Space');
  await expect(block).toHaveAttribute('aria-pressed', 'true');
  // The strip hears keys a moment after it is taken up, and says aloud over which day the work is.
  await expect(page.getByText(/^Roof crew is (taken up|over)/)).toBeAttached();
  const before = await page.getByText(/^Roof crew is over/).textContent();
  await page.waitForTimeout(300);
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/^Roof crew is over/)).not.toHaveText(before!);
  await page.keyboard.press('Space');
  await expect(page.getByText(/Roof crew, 4 × .*: .*, not before/)).toBeVisible();
  await page.getByRole('button', { name: 'Clear moves made by hand' }).click();
  await expect(page.getByRole('button', { name: 'Clear moves made by hand' })).toHaveCount(0);
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar' }).click(),
  ]);
  const text = readFileSync((await saved.path())!, 'utf8');
  expect(text).toContain('BEGIN:VCALENDAR');
  expect(text.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(5);
  expect(await violations(page)).toEqual([]);
});

test('a class: kits, labels of 24 a sheet, sheets for pupils, and what came of it', async ({ page }) => {
  await page.addInitScript(() => {
    window.print = () => {
      const papers = ['labels', 'pupil-sheets', 'teacher-list'];
      document.title = papers
        .map((p) => document.querySelector(`[data-testid=${p}]`))
        .filter((n) => n !== null)
        .map(
          (n) =>
            `${n.querySelectorAll('svg').length} sheets, ${n.querySelectorAll('svg > g').length} labels, ${n.textContent}`,
        )
        .join();
    };
  });
  await page.goto('/orders/kits');
  await expect(page.getByTestId('class-sentence')).toContainText('24 pupils, 3 of them left-handed');
  await page.getByRole('button', { name: /^Cord A of Pupil 1:/ }).click();
  await expect(page.getByTestId('why')).toContainText(/weave/);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Labels' }).click();
  // 24 pupils and two spares: a full sheet and one with two.
  await expect(page).toHaveTitle(/^2 sheets, 26 labels, .*Pupil 1.*Spare 2/);
  await page.getByRole('button', { name: 'Sheets for pupils' }).click();
  await expect(page).toHaveTitle(/An adult cuts the ends and does the flame/);
  await page.getByLabel('Adults at the flame').fill('4');
  await page.getByRole('button', { name: 'Teacher’s list' }).click();
  await expect(page).toHaveTitle(/Only an adult cuts and melts/);
  // A lighter for each adult.
  await expect(page).toHaveTitle(/4 × lighter/);
  await page.getByLabel('More pupils, one per line').fill('Mia 15.2 cm\nTom 200 years');
  await page.getByRole('button', { name: 'Add them' }).click();
  await expect(page.getByRole('alert')).toContainText('Line 2: 200 years');
  await page.getByLabel('More pupils, one per line').fill('Mia 15.2 cm\nTom, 10 years, left');
  await page.getByRole('button', { name: 'Add them' }).click();
  await expect(page.getByTestId('class-sentence')).toContainText('26 pupils, 4 of them left-handed');
  await page.getByRole('radio', { name: 'What came of it' }).click();
  await page.getByLabel('Pupil 1 finished').click();
  await expect(page.getByLabel('Pupil 1 finished')).toBeChecked();
  // What is no number stays, and is not kept.
  await page.getByLabel('Minutes of Pupil 1', { exact: true }).fill('4o');
  await page.getByLabel('Minutes of Pupil 1', { exact: true }).press('Tab');
  await expect(page.getByRole('alert')).toContainText('“4o” isn’t a number');
  await expect(page.getByTestId('class-result')).not.toContainText('half of them within');
  await page.getByLabel('Minutes of Pupil 1', { exact: true }).fill('48');
  await page.getByLabel('Minutes of Pupil 1', { exact: true }).press('Tab');
  await expect(page.getByTestId('class-result')).toContainText(
    '1 of 26 finished, half of them within 48 min',
  );
  expect(await violations(page)).toEqual([]);
  await page.getByRole('link', { name: /Plan the cuts of 28 kits/ }).click();
  await page.getByRole('button', { name: 'Plan the cuts of 28 pieces' }).click();
  await expect(page.getByTestId('cut-verdict')).toContainText('Buy');
  await expect(page.getByTestId('how-sure')).toContainText(/long enough is \d+ in 100/);
});

test('orders go out as a table and come in again; a broken table is refused by line and column', async ({
  page,
}) => {
  await page.goto('/orders');
  await expect(page.getByRole('list', { name: 'Orders' }).getByRole('listitem')).toHaveCount(20);
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Table' }).click(),
  ]);
  const text = readFileSync((await saved.path())!, 'utf8');
  expect(text.split('\n')[0]!.trim()).toBe('order,due,state,design,count,size,girth,wearer,price,notes');
  const input = page.getByLabel('Bring in orders from a file');
  await input.setInputFiles({
    name: 'orders.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'order,due,design,count\nUna,2026-12-31,Dome night band,2\nBo,31.12.,Dome night band,x\n',
    ),
  });
  await expect(page.getByRole('alert')).toContainText('Line 3, column “due”: “31.12.” is no day');
  await expect(page.getByRole('alert')).toContainText('Line 3, column “count”');
  await input.setInputFiles({
    name: 'orders.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('order,due,design,count\nUna,2026-12-31,Dome night band,2\n'),
  });
  await expect(page.getByRole('listitem').filter({ hasText: 'Una' })).toContainText('2 × Dome night band');
  await input.setInputFiles({ name: 'a.csv', mimeType: 'text/csv', buffer: Buffer.from('who,what\na,b\n') });
  await expect(page.getByRole('alert')).toContainText('Line 1 has no column “order” or “design”');
});

test('what can I make, from typed cord: more of it makes more, and one of them is planned', async ({
  page,
}) => {
  await page.goto('/stash?tab=make');
  const count = page.getByTestId('made-count');
  await expect(count).toContainText(/\d+ weaves can be made of it for 16\.5 cm/);
  // Each cut shows its working.
  await page
    .getByRole('button', { name: /^Cut of A, .*why\?$/ })
    .first()
    .click();
  await expect(page.locator('#why-panel')).toContainText('weave');
  await page.keyboard.press('Escape');
  await page.getByLabel('Cord to make it from').fill('1.3 m Dusk, 60 cm Ember');
  await expect(count).toContainText('nearly');
  await expect(count).not.toContainText('Still looking');
  const few = Number(/^(\d+)/.exec((await count.textContent())!)![1]);
  await expect(
    page
      .getByRole('list', { name: 'Nearly' })
      .getByText(/more (Dusk|Ember) in one piece/)
      .first(),
  ).toBeVisible();
  // Each closure says by how much it falls short.
  await page
    .getByRole('list', { name: 'Nearly' })
    .getByRole('button', { name: /^Closure of/ })
    .first()
    .click();
  await expect(page.getByRole('option', { name: /: [\d.]+ (mm|cm) short$/ }).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByLabel('Cord to make it from').fill('2.4 m Dusk, 1.1 m Ember');
  await expect.poll(async () => Number(/^(\d+)/.exec((await count.textContent())!)![1])).toBeGreaterThan(few);
  await expect(count).not.toContainText('Still looking');
  const tile = page
    .getByRole('list', { name: 'Can be made' })
    .getByRole('listitem')
    .filter({ hasText: 'Solomon bar' })
    .first();
  await tile.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByLabel('Name of this design')).toHaveValue(/Solomon bar/);
  await follow(page, '/stash?tab=make');
  await page.getByLabel('Cord to make it from').fill('2 m navy');
  await expect(page.getByRole('alert')).toContainText('“navy” is no colour of yours');
});

test('a table comes onto the shelf: an unknown colour is named once, and the same table is noticed', async ({
  page,
}) => {
  await page.goto('/stash');
  const total = page.getByTestId('stash-total');
  await expect(total).toContainText('14 hanks');
  const file = {
    name: 'shelf.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('colour,amount,unit,place\nnavy,5,m,tin\nEmber,1.2,m,tin\n'),
  };
  const input = page.getByLabel('Bring in what is on the shelf from a file');
  await input.setInputFiles(file);
  await expect(page.getByRole('alert')).toContainText(
    'Line 2, column “colour”: “navy” is no colour of yours',
  );
  await select(page, 'What navy is', 'Dusk');
  await page.getByRole('button', { name: 'Try it again' }).click();
  await expect(total).toContainText('16 hanks');
  await input.setInputFiles(file);
  await expect(page.getByRole('alert')).toContainText('The same table came in before');
  await page.getByRole('button', { name: 'Bring it in once more all the same' }).click();
  await expect(total).toContainText('18 hanks');
  await input.setInputFiles({ name: 'x.csv', mimeType: 'text/csv', buffer: Buffer.from('a,b\n1,2\n') });
  await expect(page.getByRole('alert')).toContainText('Line 1 has no column “amount” or “line”');
});

test('what an order costs and brings answers why, piece by piece', async ({ page }) => {
  await page.goto('/orders');
  const total = page.getByTestId('order-money');
  await expect(total).toContainText('Costs');
  await total.getByRole('button').first().click();
  await expect(page.getByTestId('why')).toContainText(/\d+ × .+ \d+\.\d\d .*= \d+\.\d\d/);
  await page.keyboard.press('Escape');
});
