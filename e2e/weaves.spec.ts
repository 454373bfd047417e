import { readFileSync } from 'node:fs';
import { PATTERNS, solvedFacts, WEAVES } from '../src/core/patterns/index.ts';
import {
  expect,
  follow,
  followPart,
  openDemo,
  select,
  shownMm,
  showsMm,
  test,
  violations,
  word,
} from './help.ts';

test('the library is looked through, filtered and opened', async ({ page }) => {
  await page.goto('/weaves');
  await expect(page.getByRole('status').first()).toContainText(
    `${WEAVES.length} weaves and ${PATTERNS.length - WEAVES.length} knots`,
  );
  // Pictures are drawn as they come into view.
  const last = page.getByRole('region', { name: 'Knots and hitches' }).getByRole('listitem').last();
  await expect(last.getByRole('img')).toHaveCount(0);
  await last.scrollIntoViewIfNeeded();
  await expect(last.getByRole('img', { name: /, front$/ })).toBeVisible();
  await select(page, 'Width', 'over 26 mm');
  await select(page, 'Cores', '4');
  await expect(page.getByRole('link', { name: 'Solomon bar on 4 cores' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Flat braid of 3' })).toBeHidden();
  await select(page, 'Skill', 'some practice');
  await page.getByRole('link', { name: 'Ladder weave, doubled middle core' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Ladder weave, doubled middle core, two ends',
  );
  expect(await violations(page)).toEqual([]);
});

test('a band whose name nobody knows is found by its look, and compared with two others at one scale', async ({
  page,
}) => {
  await page.goto('/weaves');
  await select(page, 'What I see', 'two columns or more');
  await expect(page.getByRole('link', { name: 'Clove-hitch bar' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Solomon bar', exact: true })).toBeHidden();
  await select(page, 'Sorted', 'least cord first');
  await page.getByRole('searchbox', { name: 'Find a weave' }).fill('snake');
  await page.getByLabel('compare').nth(0).check();
  await page.getByLabel('compare').nth(1).check();
  const side = page.getByRole('region', { name: 'Side by side' });
  await expect(side.getByRole('heading', { name: 'Mated snake, flat' })).toBeVisible();
  const cord = side.getByTestId('figure-cord-in-the-weave').first();
  const before = await cord.textContent();
  await side.getByLabel('for a wrist of').fill('20 cm');
  await expect(cord).not.toHaveText(before!);
  await cord.click();
  await expect(page.getByText(/× the finished length .* all strands together/)).toBeVisible();
  await page.keyboard.press('Escape');
  expect(await violations(page)).toEqual([]);
  await page.getByRole('searchbox', { name: 'Find a weave' }).fill('button');
  await select(page, 'What I see', 'any');
  await expect(page.getByRole('link', { name: 'Diamond' })).toBeVisible();
});

test('a weave in notation: what is wrong with it, and how it is tied on the Bench', async ({ page }) => {
  await test.step('a weave that falls apart is refused while it is drawn, and says which strand nothing holds', async () => {
    await page.goto('/weaves/new');
    await page
      .getByLabel('Notation of this weave')
      .fill('weave lies period 6 rows 2\nwork A: -2,0 2,3 | OO\nwork B: 2,0 -2,3 | UU\n');
    await expect(page.getByRole('alert').first()).toContainText('It falls apart: nothing holds A');
  });
  await test.step('notation is changed, its mistakes are shown in place, and the result is tied on the Bench', async () => {
    await page.goto('/weaves/new');
    const notation = page.getByLabel('Notation of this weave');
    const text = await notation.inputValue();
    await notation.fill(text.replace('UOOOU UOOOU', 'UOOOU UOXOU'));
    await expect(page.getByRole('alert')).toContainText(
      'line 4, column 64: Expected letters O and U, found “X”',
    );
    await notation.fill(text.replace('UOOOU UOOOU', 'OOOOU UOOOU'));
    await expect(page.getByRole('alert')).toContainText('both say O where they cross');
    // The spiral: in the second row the ends change their parts.
    await notation.fill(text.replace('UOOOU UOOOU', 'UOOOU OUUUO').replace('OUUUO OUUUO', 'OUUUO UOOOU'));
    await page.getByLabel('Keep it as').fill('Halley’s spiral');
    await page.getByRole('button', { name: 'Save as my weave' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Halley’s spiral');
    await openDemo(page);
    await word(page, 'Weave').click();
    await page.getByRole('option', { name: /Halley’s spiral/ }).click();
    await page.keyboard.press('Escape');
    await expect(word(page, 'Weave')).toHaveText('Halley’s spiral');
    await expect.poll(() => shownMm(page, 'cut-A')).toBeGreaterThan(900);
    await page.reload();
    await expect(word(page, 'Weave')).toHaveText('Halley’s spiral');
    await expect(page.getByLabel('The Beam').getByRole('img')).toBeVisible();
  });
});

test('what a weave takes: as calculated, and by a swatch', async ({ page }) => {
  await test.step('a weave tells what it takes, with a range, and how that is known', async () => {
    await page.goto('/weaves/solomon-bar');
    const facts = solvedFacts('solomon-bar')!;
    const a = facts.strands.find((s) => s.name === 'A')!;
    await expect(page.getByTestId('usage-A')).toHaveText((a.lengthD / facts.periodD).toFixed(2));
    await page.getByTestId('usage-A').click();
    await expect(page.getByTestId('why')).toContainText('rope engine');
    await expect(page.getByTestId('why')).toContainText('proven to be the knot that was drawn');
  });
  await test.step('a swatch is refused when it cannot be, kept when it can, and the plan then uses its numbers', async () => {
    await openDemo(page);
    const rowsBefore = await page.getByTestId('dim-woven').textContent();
    await follow(page, '/weaves/solomon-bar');
    await page.getByLabel('Rows tied').fill('20');
    await page.getByLabel('Woven length').fill('13 mm');
    await page.getByLabel('Cord used by all working ends').fill('1.3 m');
    await page.getByRole('button', { name: 'Keep swatch' }).click();
    await expect(page.getByRole('alert')).toContainText('times the row height that geometry allows');
    await page.getByLabel('Woven length').fill('14 cm');
    await page.getByRole('button', { name: 'Keep swatch' }).click();
    await expect(page.getByRole('button', { name: 'Change swatch' })).toBeVisible();
    await openDemo(page);
    await expect(page.getByTestId('figure-row-height')).toHaveText('7 mm');
    await expect(page.getByTestId('dim-woven')).not.toHaveText(rowsBefore!);
    await page.getByTestId('figure-row-height').click();
    await expect(page.getByTestId('why')).toContainText('your swatch: 20 rows measured 14.0 cm');
  });
});

test('a design takes a weave of one’s own along to another browser', async ({ page, browser }) => {
  await page.goto('/weaves/new');
  const notation = page.getByLabel('Notation of this weave');
  await notation.fill((await notation.inputValue()).replace('rows 2', 'rows 2 # mine'));
  await page.getByLabel('Keep it as').fill('Dome bar');
  await page.getByRole('button', { name: 'Save as my weave' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Dome bar');
  await openDemo(page);
  await word(page, 'Weave').click();
  await page.getByRole('option', { name: /Dome bar/ }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Export', exact: true }).click();
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save The design' }).click(),
  ]);
  const file = await saved.path();

  const other = await (await browser.newContext()).newPage();
  await other.goto('/?stall');
  await other.getByRole('button', { name: 'Designs' }).click();
  await other.getByLabel('Import a design file').setInputFiles(file!);
  await expect(word(other, 'Weave')).toHaveText('Dome bar');
  await showsMm(other, 'cut-A', await shownMm(page, 'cut-A'), 6);
});

test('a weave goes out as files, and is solved live for other cords', async ({ page }) => {
  await test.step('a weave goes out as text, pictures, centre lines and a solid', async () => {
    await page.goto('/weaves/flat-braid-3');
    await expect(page.getByRole('img', { name: /front/ })).toBeVisible();
    const save = async (name: string) => {
      const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name }).click(),
      ]);
      return readFileSync((await file.path())!, 'utf8');
    };
    expect(await save('Notation, text')).toContain('weave flat-braid-3 period');
    expect(await save('Picture of the back, SVG')).toContain('<svg');
    const lines = JSON.parse(await save('Centre lines, JSON'));
    expect(lines.strands[0].points.length).toBeGreaterThan(20);
    expect((await save('Centre lines, CSV')).split('\n')[0]).toBe('strand,point,xD,yD,zD');
    expect(await save('Shape in the round, OBJ')).toMatch(/^o S$/m);
  });
  await test.step('another ratio of cords is solved live and can be cancelled', async () => {
    await followPart(page, '/weaves/double-bar');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Double-pass bar');
    await expect(page.getByRole('img', { name: /front/ })).toBeVisible();
    await select(page, 'How thick C1 is', '2 × as thick');
    await page.getByRole('button', { name: 'Cancel' }).click();
    await expect(page.getByRole('alert')).toContainText('Stopped before the knot was tight');
  });
});

test('places of the library are reached without a violation, and one that is not there says so', async ({
  page,
}) => {
  await page.goto('/weaves/no-such-weave');
  await expect(page.getByRole('alert')).toContainText('There is no weave called “no-such-weave”');
  for (const [path, name] of [
    ['/weaves/new', 'A weave of your own'],
    ['/weaves/overhand', 'Overhand'],
    ['/weaves', 'Weaves'],
  ] as const) {
    await followPart(page, path);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
    expect(await violations(page), path).toEqual([]);
  }
});

test('what lies on the table says what can be made of it, and one press plans it', async ({ page }) => {
  await page.goto('/weaves');
  await page.getByRole('button', { name: 'What can I make from what I have?' }).click();
  const hand = page.getByRole('region', { name: 'From the cord at hand' });
  const count = async () => Number((await page.getByRole('status').first().textContent())!.split(' ')[0]);
  await expect(page.getByRole('status').first()).toContainText('can be made of that');
  const before = await count();
  // Less cord, fewer weaves; none at all of twenty centimetres.
  await hand.getByLabel('each as long as').fill('1.5 m');
  await hand.getByLabel('each as long as').press('Tab');
  await expect.poll(count).toBeLessThan(before);
  await hand.getByLabel('each as long as').fill('20 cm');
  await hand.getByLabel('each as long as').press('Tab');
  await expect(page.getByText('Nothing can be made of that.')).toBeVisible();
  await hand.getByLabel('each as long as').fill('3.2 m');
  await hand.getByLabel('each as long as').press('Tab');
  const bar = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('link', { name: 'Solomon bar', exact: true }) });
  const suited = (await bar.getByText(/^cut/).textContent())!;
  await select(page, 'Closed by', 'knot and loop');
  // Another closure, another cut: it is worked out a moment behind the choice.
  await expect(bar.getByText(/^cut/)).not.toHaveText(suited);
  const cut = (await bar.getByText(/^cut/).textContent())!;
  expect(await violations(page)).toEqual([]);
  // The cut says how it comes about, here, too.
  await bar.getByRole('button', { name: /^Cut length of A/ }).click();
  await expect(page.getByTestId('why')).toContainText('weave');
  await page.keyboard.press('Escape');
  await bar.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByLabel('Name of this design')).toHaveValue('Solomon bar');
  // The first cut on the Bench is the first of those that were promised.
  const first = cut
    .replace(/^cut\s*/, '')
    .split(' + ')[0]!
    .trim();
  await expect(page.getByTestId('cut-A').first()).toHaveText(first);
});
