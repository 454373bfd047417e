import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { parseLength } from '../src/core/units/index.ts';
import {
  boxOf,
  expect,
  exportedPlan,
  openChecks,
  openDemo,
  saved,
  shownMm,
  showsMm,
  test,
  typeLength,
  violations,
  word,
} from './help.ts';

test('a new maker plans a bracelet and reads what to cut', async ({ page }) => {
  await page.goto('/?stall');
  await page.getByRole('button', { name: 'Designs' }).click();
  await page.getByRole('button', { name: 'New' }).click();
  await expect(page.getByLabel('Name of this design')).toHaveValue('New band');

  await word(page, 'Wearer').click();
  await page.getByLabel('Who will wear it?').fill('Okoro');
  await page.keyboard.press('Enter');
  await word(page, 'wrist girth').click();
  await typeLength(page, 'Girth of the wrist', '7 1/2');
  await page.keyboard.press('Enter');
  await expect(word(page, 'wrist girth')).toHaveText('19.1 cm');

  await word(page, 'Set-up').click();
  await page.getByRole('radio', { name: 'two colours fused' }).click();
  await page.keyboard.press('Escape');
  await word(page, 'Colour in front').click();
  await page.getByRole('radio', { name: 'Aurora' }).click();
  await page.keyboard.press('Escape');
  await word(page, 'Cord').click();
  await page.getByRole('radio', { name: '3 mm nylon' }).click();
  await page.keyboard.press('Escape');

  const { plan } = await exportedPlan(page);
  expect(plan.cords.map((c) => c.name)).toEqual(['Aurora', 'Graphite']);
  for (const cord of plan.cords) {
    await showsMm(page, `cut-${cord.letter}`, cord.cutLengthMm, 6);
    await showsMm(page, `card-cut-${cord.letter}`, cord.cutLengthMm, 6);
  }
  await showsMm(page, 'dim-closed', plan.finishedLengthMm, 0);

  await page.getByRole('button', { name: 'Inches' }).click();
  await expect(word(page, 'wrist girth')).toHaveText('7 1/2 in');
  for (const cord of plan.cords) {
    const inches = await shownMm(page, `cut-${cord.letter}`);
    expect(inches).toBeGreaterThanOrEqual(cord.cutLengthMm - 0.01);
    expect(inches).toBeLessThan(cord.cutLengthMm + 6.4);
  }
  await expect(page.getByTestId('ruler-in')).toBeVisible();
});

test('a design is edited by dragging and by keyboard alone', async ({ page }) => {
  await test.step('dragging the wrist updates everything live and is one step to undo', async () => {
    await openDemo(page);
    const girth = word(page, 'wrist girth');
    await expect(girth).toHaveText('16.5 cm');
    const before = await shownMm(page, 'dim-closed');
    const box = await boxOf(girth);
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    for (let i = 1; i <= 20; i++)
      await page.mouse.move(box.x + box.width / 2 + i * 3, box.y + box.height / 2);
    await expect(girth).toHaveText('18.5 cm');
    await expect.poll(() => shownMm(page, 'dim-closed')).toBeCloseTo(before + 20, 0);
    await page.mouse.up();
    await expect(page.getByLabel('Girth of the wrist')).toBeHidden();
    await page.keyboard.press('Control+z');
    await expect(girth).toHaveText('16.5 cm');
    await page.keyboard.press('Control+Shift+z');
    await expect(girth).toHaveText('18.5 cm');
  });
  await test.step('the whole sentence is edited by keyboard alone', async () => {
    await openDemo(page);
    await page.keyboard.press('g');
    await expect(page.getByLabel('Girth of the wrist')).toBeFocused();
    await page.keyboard.type('180');
    await page.keyboard.press('Enter');
    await expect(word(page, 'wrist girth')).toHaveText('18.0 cm');
    await word(page, 'wrist girth').focus();
    await page.keyboard.press('ArrowRight');
    await expect(word(page, 'wrist girth')).toHaveText('18.1 cm');
    await page.keyboard.press('e');
    await expect(page.getByRole('radio', { name: /^easy/ })).toBeFocused();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Escape');
    await expect(word(page, 'Fit')).toHaveText('loose fit');
    await page.keyboard.press('Tab');
    await expect(word(page, 'Weave')).toBeFocused();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toContainText('undo, redo');
  });
});

test('numbers say why, and the Beam is drawn as the knots are', async ({ page }) => {
  await test.step('every number says why, and the parts of a cord point at the Beam', async () => {
    await openDemo(page);
    await page.getByTestId('cut-A').click();
    await expect(page.getByTestId('why')).toContainText(/weave \d/);
    await expect(page.getByTestId('why')).toContainText(/spare \d/);
    await page.keyboard.press('Escape');
    const lane = page.getByTestId('lane-A');
    await lane.getByRole('option', { name: /^weave/ }).hover();
    await expect(page.getByTestId('lit-stretch')).toBeVisible();
    await page.getByTestId('figure-inner-girth').click();
    await expect(page.getByTestId('why')).toContainText('π × thickness');
  });
  await test.step('front and back of the bar differ as the knots do', async () => {
    const topStrand = () =>
      page.evaluate(() => {
        const svg = document.querySelector('svg[data-scale]')!.getBoundingClientRect();
        const hits = { A: 0, B: 0 };
        for (let x = 0.3; x < 0.75; x += 0.002) {
          const at = document.elementsFromPoint(svg.x + svg.width * x, svg.y + svg.height * 0.51);
          const strand = (at.find((e) => (e as SVGElement).dataset?.strand) as SVGElement | undefined)
            ?.dataset.strand;
          if (strand === 'A' || strand === 'B') hits[strand]++;
        }
        return hits;
      });
    await page.keyboard.press('Escape');
    await page.getByLabel('The Beam').getByRole('img').scrollIntoViewIfNeeded();
    const front = await topStrand();
    expect(front.A).toBeGreaterThan(50);
    expect(front.B).toBe(0);
    await page.getByRole('button', { name: 'back' }).click();
    const back = await topStrand();
    expect(back.B).toBeGreaterThan(50);
    expect(back.A).toBe(0);
  });
});

test('bad input gets a plain message at its place and loses nothing', async ({ page }) => {
  await openDemo(page);
  const before = await page.getByTestId('cut-A').textContent();
  await word(page, 'wrist girth').click();
  for (const [text, message] of [
    ['3', /3 mm is out of range: choose a length between 60 mm and 35.0 cm/],
    ['3 m', /3.000 m is out of range/],
    ['0', /is out of range/],
    ['-20', /cannot be negative/],
    ['wide', /“wide” is not a number or a unit/],
    ['', /Type a length/],
  ] as const) {
    await typeLength(page, 'Girth of the wrist', text);
    await expect(page.getByRole('alert')).toContainText(message);
    await expect(page.getByTestId('cut-A')).toHaveText(before!);
  }
  await typeLength(page, 'Girth of the wrist', '165');
  await page.keyboard.press('Escape');

  await word(page, 'Closure').click();
  await typeLength(page, 'Closed length', '14 cm');
  await page.keyboard.press('Escape');
  await word(page, 'wrist girth').click();
  await typeLength(page, 'Girth of the wrist', '9 cm');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('alert')).toContainText('The buckle is as long as the whole band');
  await expect(word(page, 'Closure')).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByLabel('The Beam').getByRole('img')).toBeVisible();
  await word(page, 'Closure').click();
  await page.getByRole('button', { name: 'Use the typical length' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('alert')).toBeHidden();
  await saved(page);
});

test('the command box finds actions, places and designs by words, and takes a size', async ({ page }) => {
  await openDemo(page);
  const box = page.getByRole('combobox', { name: 'What do you want to do?' });
  await page.keyboard.press('Control+k');
  await box.fill('wrist 17.5');
  await page.keyboard.press('Enter');
  await expect(word(page, 'wrist girth')).toHaveText('17.5 cm');
  await page.keyboard.press('Control+k');
  await box.fill('6 3/4 in');
  await page.keyboard.press('Enter');
  // 6.75 × 25.4 = 171.45 mm
  await expect(word(page, 'wrist girth')).toHaveText('17.1 cm');
  await page.keyboard.press('Control+k');
  await box.fill('undo');
  await page.keyboard.press('Enter');
  await expect(word(page, 'wrist girth')).toHaveText('17.5 cm');
  await page.keyboard.press('Control+k');
  await box.fill('buckle');
  await expect(page.getByRole('option', { name: /Change the closure/ })).toContainText('B');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Closure' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await box.fill('night and');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of this design')).toHaveValue(/^Night and dawn/);
  await page.keyboard.press('Control+k');
  await box.fill('zzz');
  await expect(page.getByText('Nothing is called that.')).toBeVisible();
  expect(await violations(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await expect(box).toBeHidden();
});

test('thin ends over thick cores: the weave is pulled tight for them, and every number follows', async ({
  page,
}) => {
  await openDemo(page);
  const rows = async () =>
    Number((await page.getByText(/woven .* rows/).textContent())!.match(/(\d+) rows/)![1]);
  const before = await rows();
  await word(page, 'Colour in front').click();
  await page.getByRole('button', { name: 'Use separate cords' }).click();
  await page.getByRole('radio', { name: '2 mm nylon', exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Ember in 2 mm nylon').first()).toBeVisible();
  // Until it is tight nobody can start to tie by numbers for one thickness; then the rows are half as high.
  await expect.poll(rows).toBeGreaterThan(1.8 * before);
  await expect(page.getByRole('button', { name: 'Start tying' })).toBeEnabled();
  await saved(page);
  // It is kept: after a reload the numbers are there at once.
  const kept = await rows();
  await page.reload();
  await expect.poll(rows).toBe(kept);
  await expect(page.getByText('Pulling the weave tight')).toBeHidden();
});

test('no tape at hand: a string gives the girth, with how far it may be off', async ({ page }) => {
  await openDemo(page);
  await word(page, 'wrist girth').click();
  await page.getByRole('button', { name: 'No tape measure?' }).click();
  await page.getByRole('radio', { name: 'a string' }).click();
  await page.getByLabel('The string measures').fill('17.5 cm');
  await page.getByLabel('Thickness of the string').fill('2 mm');
  // π × 2 mm are 6.3 mm.
  await expect(page.getByTestId('girth-found')).toContainText('16.9 cm ± 3 mm');
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.getByTestId('girth-known')).toContainText('± 3 mm');
  expect(await violations(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(word(page, 'wrist girth')).toContainText('16.9 cm');
  await openChecks(page);
  await expect(page.getByText('may be 6 mm off')).toBeVisible();
  // A tape puts it right.
  await word(page, 'wrist girth').click();
  await page.getByLabel('Girth of the wrist').fill('16.7 cm');
  await expect(page.getByTestId('girth-known')).toHaveCount(0);
  await page.getByRole('button', { name: 'No tape measure?' }).click();
  const [strip] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the strip for A4' }).click(),
  ]);
  expect(readFileSync((await strip.path())!, 'utf8')).toContain('width="210mm" height="297mm"');
});

/** The lanes of the warp as they are drawn, and the cut beside each. */
const lanesOf = (page: Page) =>
  page.getByTestId(/^lane-/).evaluateAll((list) =>
    list.map((lane) => {
      const bar = lane.querySelector('[role=listbox]')!;
      const cut = lane.querySelector('[data-testid^=cut-]')!;
      const parts = [...bar.children].map((part) => part.getBoundingClientRect());
      return {
        px: bar.getBoundingClientRect().width,
        partsPx: parts.reduce((sum, box) => sum + box.width, 0),
        cut: cut.textContent!,
        right: cut.getBoundingClientRect().right,
        end: lane.getBoundingClientRect().right,
      };
    }),
  );

test('the lanes of the warp are to one scale, and every cut stands beside its lane', async ({ page }) => {
  const mm = (cut: string) => {
    const read = parseLength(cut);
    return read.ok ? read.value : Number.NaN;
  };
  for (const design of ['Guide’s cinch', 'Four-cord braid', 'Equinox band', 'Dome night band']) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await openDemo(page, design);
    for (const width of [1280, 390]) {
      await page.setViewportSize({ width, height: 800 });
      // They are drawn once more when the page has become narrower.
      await expect(async () => {
        const lanes = await lanesOf(page);
        expect(lanes.length, design).toBeGreaterThan(0);
        const [first] = lanes;
        for (const lane of lanes) {
          const at = `${design} at ${width} px: ${lane.cut}`;
          // A cut is shown to the centimetre; bars are drawn from the same rounded cuts.
          expect(Math.abs(lane.px / first!.px - mm(lane.cut) / mm(first!.cut)), at).toBeLessThan(0.015);
          expect(Math.abs(lane.partsPx - lane.px), at).toBeLessThan(1);
          expect(lane.right, at).toBeLessThanOrEqual(lane.end + 0.5);
        }
      }).toPass();
    }
  }
});
