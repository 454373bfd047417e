import { readFileSync } from 'node:fs';
import { test as bare } from '@playwright/test';
import { expect, openDemo, saved, test, typeLength, violations, word } from './help.ts';

type Page = import('@playwright/test').Page;

/** Writes into the store as it is, as a fault or an older version might have. */
const store = (page: Page, name: string, change: string) =>
  page.evaluate(
    `new Promise((resolve, reject) => {
      const open = indexedDB.open('warp-beam');
      open.onerror = reject;
      open.onsuccess = () => {
        const tx = open.result.transaction('${name}', 'readwrite');
        const store = tx.objectStore('${name}');
        ${change}
        tx.oncomplete = () => { open.result.close(); resolve(); };
      };
    })`,
  );

const SPOIL = `
  store.get('demo-ines-dome-night').onsuccess = (e) => {
    const r = e.target.result;
    const addons = Array.from({ length: 41 }, () => ({ kind: 'charm', at: { centre: true } }));
    store.put({ ...r, previous: r.design, design: { ...r.design, addons } });
  };`;

test('a stored design that cannot be opened is repaired or goes back one step', async ({ page }) => {
  await test.step('a stored design that cannot be opened says why, goes to a file as it is, and is repaired', async () => {
    await openDemo(page);
    await store(page, 'designs', SPOIL);
    await page.goto('/d/demo-ines-dome-night');
    await expect(page.getByRole('alert')).toContainText('the add-ons: This can hold at most 40.');
    expect(await violations(page)).toEqual([]);
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save it to a file' }).click(),
    ]);
    const kept = JSON.parse(readFileSync((await file.path())!, 'utf8'));
    expect(kept.addons).toHaveLength(41);
    await expect(page.getByText('cut from 41 entries to 40')).toBeVisible();
    await page.getByRole('button', { name: 'Repair it' }).click();
    await expect(word(page, 'Add-ons')).toContainText('40 charms');
  });
  await test.step('a design that cannot be opened goes back one step', async () => {
    await openDemo(page);
    await store(page, 'designs', SPOIL);
    await page.goto('/d/demo-ines-dome-night');
    await page.getByRole('button', { name: 'Go back one step' }).click();
    await expect(page.getByLabel('Name of this design')).toHaveValue('Dome night band');
    await page.reload();
    await expect(page.getByLabel('Name of this design')).toHaveValue('Dome night band');
  });
});

test('too many add-ons are not put on, and the field says so', async ({ page }) => {
  await openDemo(page);
  // All but the last two come out of a file.
  const design = JSON.parse(readFileSync('examples/ines-dome-night.json', 'utf8'));
  const charms = Array.from({ length: 38 }, (_, i) => ({ kind: 'charm', at: { row: 1 + (i % 20) } }));
  await page.getByRole('button', { name: 'Designs' }).click();
  await page.getByLabel('Import a design file').setInputFiles({
    name: 'charms.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...design, name: 'Charms', addons: charms })),
  });
  await expect(page.getByLabel('Name of this design')).toHaveValue('Charms');
  await expect(word(page, 'Add-ons')).toContainText('38 charms');
  await word(page, 'Add-ons').click();
  const more = page.getByRole('button', { name: '+ charm' });
  for (let i = 0; i < 2; i++) await more.click();
  await expect(more).toBeDisabled();
  await expect(page.getByText('A design can hold 40 add-ons')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(word(page, 'Add-ons')).toContainText('40 charms');
});

test('one spoilt weave in the store is said to be one, and the others are there', async ({ page }) => {
  await openDemo(page);
  await store(page, 'weaves', `store.put({ id: 'own-x', name: 'Spoilt', solved: null });`);
  await page.goto('/weaves');
  await expect(page.getByText('One stored weave can’t be read.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Solomon bar', exact: true })).toBeVisible();
});

// These look at parts that fail on purpose: the page's own reports of it are expected.
bare(
  'with a part of the application gone, the rest of the page goes on and says what to do',
  async ({ page }) => {
    await page.goto('/?stall');
    await expect(page.getByLabel('Name of this design')).toBeVisible();
    await page.route('**/assets/DesignsDrawer*', (route) => route.abort());
    await page.getByRole('button', { name: 'Designs' }).click();
    await expect(page.getByRole('alert')).toContainText('The list of designs can’t be shown');
    await expect(page.getByRole('button', { name: 'Save everything to a file' })).toBeVisible();
    await page.getByRole('button', { name: /^wrist girth:/ }).focus();
    await page.keyboard.press('ArrowRight');
    await saved(page);
  },
);

bare('after a rebuild a missing part says that a new version is here', async ({ page }) => {
  await page.goto('/?stall');
  await expect(page.getByLabel('Name of this design')).toBeVisible();
  await page.route('**/assets/ExportDialog*', (route) => route.fulfill({ status: 404 }));
  await page.route(/\/$/, (route) =>
    route.fulfill({ body: '<script type="module" src="/assets/index-new.js">' }),
  );
  await page.getByRole('button', { name: 'Export', exact: true }).click();
  await expect(page.getByText('A new version of Warp Beam is here. Reload to use it.')).toBeVisible();
});

test('a database that was deleted under the tab is opened again, and nothing on screen is lost', async ({
  page,
}) => {
  await openDemo(page);
  await page.evaluate(
    () =>
      new Promise((resolve) => Object.assign(indexedDB.deleteDatabase('warp-beam'), { onsuccess: resolve })),
  );
  await word(page, 'wrist girth').focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('alert')).toContainText('Yours is still here, unsaved.');
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await saved(page);
  const girth = await word(page, 'wrist girth').textContent();
  await page.reload();
  await expect(word(page, 'wrist girth')).toHaveText(girth!);
});

test('without BroadcastChannel and randomUUID everything still works', async ({ page }) => {
  await page.addInitScript(() => {
    Reflect.deleteProperty(window, 'BroadcastChannel');
    Reflect.deleteProperty(Crypto.prototype, 'randomUUID');
  });
  await openDemo(page);
  await page.getByRole('button', { name: 'Designs' }).click();
  await page.getByRole('button', { name: 'New' }).click();
  await expect(page.getByLabel('Name of this design')).toHaveValue('New band');
  await saved(page);
});

test('deleting the open design goes on to the next one and blames nobody', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Designs' }).click();
  await page.getByRole('button', { name: 'Delete Dome night band', exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByLabel('Name of this design')).not.toHaveValue('Dome night band');
  await expect(page.getByText('Another tab')).toHaveCount(0);
});

test('Enter takes a typed value and closes its picker; stray keys stay out; hardware keeps its size in inches', async ({
  page,
}) => {
  await openDemo(page);
  await word(page, 'Fit').click();
  await typeLength(page, 'Custom slack', '11 mm');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(word(page, 'Fit')).toContainText('11 mm');
  await word(page, 'wrist girth').click();
  const field = page.getByLabel('Girth of the wrist');
  await field.fill('');
  await field.pressSequentially('1b7g2?');
  await expect(field).toHaveValue('172');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Inches' }).click();
  await expect(word(page, 'Closure')).toContainText('5/8 in (15 mm)');
});
