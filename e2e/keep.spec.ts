import { readFileSync, writeFileSync } from 'node:fs';
import {
  expect,
  exportedPlan,
  openDemo,
  saved,
  shownMm,
  test,
  typeLength,
  violations,
  word,
} from './help.ts';

const bring = (page: import('@playwright/test').Page, name: string, text: string) =>
  page
    .getByLabel('Import a design file')
    .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });

test('a tab killed in mid-edit loses at most the last keystrokes', async ({ page, context }) => {
  await openDemo(page);
  const url = page.url();
  await word(page, 'Wearer').click();
  await page.getByLabel('Who will wear it?').pressSequentially(' the night guide');
  await expect(word(page, 'Wearer')).toHaveText('Ines the night guide');
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await again.goto(url);
  await expect(word(again, 'Wearer')).toHaveText(/^Ines the night guid/);
  await saved(again);
});

test('two tabs on one design follow each other and never overwrite silently', async ({ page, context }) => {
  await openDemo(page);
  await saved(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await word(other, 'wrist girth').click();
  await typeLength(other, 'Girth of the wrist', '190');
  await other.keyboard.press('Enter');
  await expect(word(page, 'wrist girth')).toHaveText('19.0 cm');
  await expect(page.getByText('Changed in another tab')).toBeVisible();

  // A save that this tab has not heard of: written straight to the store, as if its message had been lost.
  await page.evaluate(async () => {
    const id = location.pathname.split('/').at(-1)!;
    const db = await new Promise<IDBDatabase>((resolve) => {
      const open = indexedDB.open('warp-beam');
      open.onsuccess = () => resolve(open.result);
    });
    const store = db.transaction('designs', 'readwrite').objectStore('designs');
    await new Promise((resolve) => {
      const get = store.get(id);
      get.onsuccess = () => {
        const r = get.result;
        store.put({
          ...r,
          revision: r.revision + 1,
          design: { ...r.design, wearer: { name: 'Pavel', girthMm: 175 } },
        }).onsuccess = resolve;
      };
    });
    db.close();
  });
  await word(page, 'wrist girth').focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('alert')).toContainText('Nothing was overwritten');
  await page.getByRole('button', { name: 'Take theirs' }).click();
  await expect(word(page, 'Wearer')).toHaveText('Pavel');
  await expect(word(page, 'wrist girth')).toHaveText('17.5 cm');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(word(page, 'wrist girth')).toHaveText('19.1 cm');
  await saved(page);
});

test('files that are not designs change nothing and say why', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Designs' }).click();
  const dialog = page.getByRole('dialog');
  const items = dialog.getByRole('listitem');
  await expect(items.first()).toBeVisible();
  const count = await items.count();
  const good = JSON.parse(readFileSync('examples/ines-dome-night.json', 'utf8'));
  for (const [name, text, message] of [
    ['broken.json', '{"format": "warp-beam/design", ', /This is not JSON/],
    ['foreign.json', '{"format": "shopping"}', /its “format” is "shopping"/],
    ['newer.json', JSON.stringify({ ...good, version: 9 }), /newer Warp Beam \(design version 9/],
    [
      'wrong.json',
      JSON.stringify({ ...good, wearer: { name: 'Ines', girthMm: 'wide' } }),
      /\/wearer\/girthMm.*number/,
    ],
    ['huge.json', ' '.repeat(1_100_000), /1.1 MB/],
  ] as const) {
    await bring(page, name, text);
    await expect(dialog.getByRole('alert')).toContainText(`“${name}” was not imported`);
    await expect(dialog.getByRole('alert')).toContainText(message);
  }
  await dialog.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Designs' }).click();
  await expect(items).toHaveCount(count);
});

test('a file whose set-up does not suit its weave is planned with another, and the sentence says which', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Designs' }).click();
  const band = JSON.parse(readFileSync('examples/ines-dome-night.json', 'utf8'));
  expect(band.setup.style).toBe('fused');
  // Two colours fused lie side by side over cores, and a braid has none.
  await bring(
    page,
    'braid.json',
    JSON.stringify({ ...band, name: 'Braid', pattern: { id: 'flat-braid-3' } }),
  );
  await expect(page.getByLabel('Name of this design')).toHaveValue('Braid');
  const setUp = word(page, 'Set-up');
  await expect(setUp).toHaveText(/, not two colours fused$/);
  // Only the colour that is cut is named.
  await expect(page.getByTestId('lane-A2')).toContainText('Ember');
  const colours = page
    .getByRole('region', { name: 'The design in a sentence' })
    .getByRole('button', { name: /^Colour/ });
  await expect(colours).toHaveText(['Ember']);
  // Another colour is picked of what is planned, which is kept with it: one step to undo.
  await colours.click();
  await page.getByRole('radio', { name: 'Aurora' }).click();
  await page.keyboard.press('Escape');
  await expect(setUp).not.toContainText('not two colours fused');
  await page.keyboard.press('Control+z');
  await expect(setUp).toHaveText(/, not two colours fused$/);
});

test('designs are copied, renamed, deleted and brought back; the demo is cleared and reloaded', async ({
  page,
}) => {
  await openDemo(page, 'Comet watcher');
  await page.getByRole('button', { name: 'Designs' }).click();
  await page.getByRole('button', { name: 'Copy Comet watcher' }).click();
  const name = page.getByLabel('Name of this design');
  await expect(name).toHaveValue('Comet watcher, copy');
  await name.fill('Band for Halley’s keeper');
  await name.press('Enter');
  await saved(page);
  await page.getByRole('button', { name: 'Designs' }).click();
  await page.getByRole('button', { name: 'Delete Band for Halley’s keeper' }).click();
  await expect(page.getByRole('link', { name: /Halley’s keeper/ })).toBeHidden();
  await page.getByRole('dialog').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /Halley’s keeper/ })).toBeVisible();
  await page.getByRole('button', { name: 'Clear all' }).click();
  const lookAround = page.getByRole('button', { name: 'Look around the stall' });
  await expect(lookAround).toBeVisible();
  await page.reload();
  await expect(lookAround).toBeVisible();
  await lookAround.click();
  await expect(page.getByLabel('Name of this design')).toHaveValue('Dome night band');
});

test('a design and what is cut go out as files, and the design comes back', async ({ page }) => {
  await test.step('cut list and Beam are saved in open formats', async () => {
    await openDemo(page);
    const { plan } = await exportedPlan(page);
    await page.getByRole('button', { name: 'Export', exact: true }).click();
    const save = async (name: string) => {
      const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: `Save ${name}` }).click(),
      ]);
      return { name: file.suggestedFilename(), text: readFileSync((await file.path())!, 'utf8') };
    };
    const csv = await save('The cut list as a table');
    expect(csv.name).toBe('dome-night-band-cuts.csv');
    const lines = csv.text.trim().split('\n');
    expect(lines[0]).toBe('cord,colour,role,part,lengthMm,cutLengthMm');
    expect(lines).toHaveLength(1 + plan.cords.flatMap((c) => c.parts).length);
    const text = await save('The cut list as text');
    expect(text.text).toContain('Ember');
    const svg = await save('The Beam, front');
    expect(svg.text).toContain('viewBox');
    writeFileSync(test.info().outputPath('beam.svg'), svg.text);
    const width = /width="([\d.]+)mm"/.exec(svg.text)!;
    const box = /viewBox="\S+ \S+ ([\d.]+)/.exec(svg.text)!;
    expect(Number(box[1]) / 100).toBeCloseTo(Number(width[1]), 1);
  });
  await test.step('export, clear, import, reload: the same design comes back', async () => {
    await page.getByRole('button', { name: 'Close', exact: true }).click();
    await word(page, 'wrist girth').click();
    await typeLength(page, 'Girth of the wrist', '17.3 cm');
    await page.keyboard.press('Enter');
    const { plan, file } = await exportedPlan(page);
    await page.getByRole('button', { name: 'Designs' }).click();
    await page.getByRole('button', { name: 'Clear all' }).click();
    await expect(page.getByRole('heading', { name: 'How long must the cord be?' })).toBeVisible();
    await page.getByRole('button', { name: 'Designs' }).click();
    await bring(page, 'band.json', readFileSync(file, 'utf8'));
    await expect(word(page, 'wrist girth')).toHaveText('17.3 cm');
    await page.reload();
    await expect(word(page, 'wrist girth')).toHaveText('17.3 cm');
    await expect(page.getByTestId('dim-woven')).toContainText(`${plan.rows} rows`);
  });
});

test('a design goes into a link and comes out of it as a copy, in another browser', async ({
  page,
  browser,
}) => {
  await openDemo(page);
  const cut = await shownMm(page, 'cut-A');
  await page.getByRole('button', { name: 'Export', exact: true }).click();
  await page.getByRole('button', { name: 'Copy link' }).click();
  const link = await page.getByLabel('The link').inputValue();
  expect(link).toContain('/open#');
  const other = await browser.newContext();
  const second = await other.newPage();
  await second.goto(link);
  await expect(second.getByRole('heading', { level: 1 })).toHaveText(/^A design for you: Dome night band/);
  expect(await violations(second)).toEqual([]);
  await second.getByRole('button', { name: 'Open a copy' }).click();
  await expect.poll(() => shownMm(second, 'cut-A')).toBe(cut);
  await expect(second.getByLabel('Name of this design')).toHaveValue('Dome night band');
  // Cut off on its way it says so, and changes nothing.
  await second.goto(link.slice(0, -40));
  await expect(second.getByRole('alert')).toContainText('cut off');
  await other.close();
});
