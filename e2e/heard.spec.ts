import type { Locator, Page } from '@playwright/test';
import { formatLength } from '../src/core/units/index.ts';
import { expect, exportedPlan, follow, openDemo, test, word } from './help.ts';

/** What is read aloud of a part of the page, a line for each thing, in its order. */
async function heard(part: Locator): Promise<string[]> {
  const tree = await part.ariaSnapshot();
  return tree
    .split('\n')
    .map((line) =>
      line
        .trim()
        .replace(/^- /, '')
        .replaceAll(/^'|'(?=:|$)|"/g, ''),
    )
    .filter((line) => !line.startsWith('/url'));
}

/** Presses a control as somebody does who only hears it: found by role and name, and pressed by key. */
async function press(control: Locator, key = 'Enter'): Promise<void> {
  await control.focus();
  await expect(control).toBeFocused();
  await control.press(key);
}

const cut = (mm: number) => formatLength(mm, { system: 'metric', kind: 'cut', rounding: 'up' });
const main = (page: Page) => page.getByRole('main');

/** The order on the bar of the Dome night band from left to right as it hangs: the same on the Bench, in Tie and on the printed card. */
const ON_THE_BAR = ['A, working end, over', 'B, core', 'B, core, over', 'A, working end'];
const onTheBar = async (page: Page) =>
  (await heard(page.getByRole('region', { name: 'Order on the bar' })))
    .filter((line) => line.startsWith('listitem '))
    .map((line) => line.replace('listitem ', ''));

test('planning is heard: what the piece is, what is cut, and why', async ({ page }) => {
  await openDemo(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Dome night band, on the Bench');
  const sentence = await heard(page.getByRole('region', { name: 'The design in a sentence' }));
  expect(sentence).toEqual(
    expect.arrayContaining([
      expect.stringContaining('button Product: bracelet'),
      expect.stringContaining('button wrist girth: 16.5 cm'),
      expect.stringContaining('button Weave: Solomon bar'),
      expect.stringContaining('button Closure: a 15 mm side-release buckle'),
    ]),
  );
  await expect.poll(() => onTheBar(page)).toEqual(ON_THE_BAR);
  // Another weave, without seeing anything: the word opens on a field, typing finds, Enter takes it.
  await press(word(page, 'Weave'));
  await expect(page.getByRole('combobox', { name: 'Weave' })).toBeFocused();
  await page.keyboard.type('spiral');
  await expect(page.getByRole('listbox', { name: 'Weave' }).getByRole('option').first()).toHaveAccessibleName(
    /^Spiral bar/,
  );
  await page.keyboard.press('Enter');
  await expect(word(page, 'Weave')).toHaveAccessibleName('Weave: Spiral bar');
  await page.keyboard.press('Escape');
  const { plan } = await exportedPlan(page);
  const card = await heard(page.getByRole('complementary', { name: 'The card' }));
  // By letter, colour and length; the letter is what steps and labels call it by.
  for (const c of plan.cords) expect(card).toContain(`listitem: ${c.letter} ${c.name} ${cut(c.cutLengthMm)}`);
  expect(card.join('\n')).toMatch(/button Cutting: about 98 % sure to reach/);
  // The order on the bar: two ends and two cores, each told by its cord.
  expect(card.filter((line) => /^listitem [AB], (working end|core)(, over)?$/.test(line))).toHaveLength(4);
  await press(page.getByRole('button', { name: /^Cut length of A Ember: .*, why\?$/ }));
  const why = page.getByRole('status').filter({ hasText: 'Cut length of A Ember' });
  await expect(why).toContainText(/hand|row/);
  await page.keyboard.press('Escape');
  await expect(why).toHaveCount(0);
  await expect(page.getByRole('img', { name: /^Dome night band: \d+ rows, .* closed$/ })).toBeVisible();
});

test('tying is heard: each step, which side comes next, and the move that the picture shows', async ({
  page,
}) => {
  await openDemo(page);
  await press(page.getByRole('button', { name: 'Start tying' }));
  const spoken = page.getByRole('region', { name: 'Step' }).getByRole('status');
  await expect(spoken).toHaveText(/^Lay everything out\. Step 1 of \d+\.$/);
  const steps = Number((await spoken.textContent())!.match(/of (\d+)/)![1]);
  const next = page.getByRole('button', { name: /^(Row done|Done, next|I have read this)/ });
  const phases = page.getByRole('list', { name: 'Phases' });
  for (let i = 0; i < 40; i++) {
    const text = (await spoken.textContent())!;
    if (text.startsWith('Row 1 of')) break;
    if (text.startsWith('Hitch to')) await expect.poll(() => onTheBar(page)).toEqual(ON_THE_BAR);
    await press(next);
  }
  await expect(spoken).toHaveText('Row 1 of 26. From the left.');
  await expect(phases.locator('[aria-current=step]')).toHaveText('tie');
  const count = await heard(page.getByRole('region', { name: 'Count' }));
  expect(count).toContain('paragraph: 1 of 26, 26 to go');
  expect(count.join(' ')).toContain('next from the left');
  // Every move is a picture whose name is the move in words; the same words are in the step.
  const moves = await page.getByRole('figure').getByRole('img').all();
  expect(moves.length).toBe(2);
  const names = await Promise.all(moves.map((m) => m.getAttribute('aria-label')));
  expect(names[0]).toMatch(/^Left end: over both cores, out at the right\.$/);
  expect(names[1]).toMatch(/^Right end: .*out at the left\.$/);
  await press(next);
  await expect(spoken).toHaveText('Row 2 of 26. From the right.');
  expect(steps).toBeGreaterThan(26);
  expect((await heard(main(page))).filter((line) => /^(button|img|link|figure)(:|$)/.test(line))).toEqual([]);
});

test('cutting is heard: which hank, how long, for whom, and the next one as soon as one is cut', async ({
  page,
}) => {
  await page.goto('/orders?stall');
  await expect(page.getByRole('list', { name: 'Orders' }).getByRole('listitem')).toHaveCount(20);
  await follow(page, '/stash?tab=cuts');
  const order = page.getByRole('checkbox', { name: /^Okoro/ }).first();
  await press(order, 'Space');
  await expect(order).toBeChecked();
  await press(page.getByRole('button', { name: /^Plan the cuts of \d+ pieces?$/ }));
  const table = page.getByRole('complementary', { name: 'At the table' });
  const spoken = table.getByRole('status');
  await expect(spoken).toContainText(/for /);
  const first = (await spoken.textContent())!;
  expect(first).toMatch(/\d+(\.\d+)? (m|cm) ?for /);
  const count = (await table.getByRole('heading', { level: 2 }).textContent())!.match(/cut 1 of (\d+)/);
  for (let n = 1; n <= Number(count![1]); n++) {
    await expect(table.getByRole('heading', { level: 2 })).toContainText(`cut ${n} of`);
    await press(table.getByRole('button', { name: 'Cut it Space' }));
  }
  await expect(spoken).toHaveText('Everything is cut.');
});
