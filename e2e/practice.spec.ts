import type { Page } from '@playwright/test';
import { boxOf, expect, test, violations } from './help.ts';

const KINDS: readonly [name: string, heading: RegExp, key: string, why: RegExp][] = [
  ['Which side next', /^Which side begins the next row\?/, 'ArrowLeft', /the next (row )?begins/],
  ['Which row is it', /^Which row is framed/, '2', /^.*Counted up from row \d+, it is row \d+\./s],
  ['Where is the slip', /^In which row is the slip\?/, '2', /Row \d+: .* One sees it because/s],
  [
    'Next half cycle',
    /^From [LR]\d+ to [LR]\d+: over and under what\?/,
    '1',
    /it meets \d cords? already there/,
  ],
  ['From words to picture', /^Which picture is told here\?/, '1', /It is [A-D], a row of/],
  ['Which weave', /^Which weave is this\?/, '2', /It is /],
];

async function choose(page: Page, kind: string) {
  await page.getByRole('button', { name: /^Practise/ }).click();
  await page.getByRole('option', { name: kind, exact: true }).click();
}

test('a round of practice by keyboard: each kind is asked, answered, explained and kept', async ({
  page,
}) => {
  await page.goto('/practice');
  const known = page.getByTestId('known');
  await expect(known).toContainText('0 known, 0 shaky');
  for (const [n, [kind, heading, key, why]] of KINDS.entries()) {
    await choose(page, kind);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(heading);
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press(key);
    await expect(page.getByTestId('verdict')).toHaveText(/Right|Not quite/);
    // Why it is so, in words of the same diagram.
    await expect(page.getByRole('status').first()).toContainText(why);
    if (n === 3) expect(await violations(page)).toEqual([]);
    await expect(page.getByRole('region', { name: kind, exact: true })).toContainText(/[01] of 1 right/);
  }
  await page.keyboard.press('Space');
  await expect(page.getByTestId('verdict')).toHaveCount(0);
  await expect(known).toContainText('0 known, 6 shaky');
  await page.reload();
  await expect(known).toContainText('0 known, 6 shaky');
  await page.getByRole('button', { name: 'Forget all answers' }).click();
  await expect(known).toContainText('0 known, 0 shaky');
});

test('in a class nothing is kept, and a slip is found by a press', async ({ page }) => {
  await test.step('in a class answers are told, and nothing of them is kept', async () => {
    await page.goto('/practice');
    await page.getByLabel('in a class: don’t keep answers').check();
    await choose(page, 'Which weave');
    await page.getByRole('main').getByRole('button').filter({ hasText: /^1/ }).click();
    await expect(page.getByTestId('verdict')).toBeVisible();
    await expect(page.getByTestId('known')).toContainText('0 known, 0 shaky');
  });
  await test.step('a slip is pulled tight and found by a press on its row; turned over, it is the same length', async () => {
    await choose(page, 'Where is the slip');
    const picture = page.getByRole('img', { name: /tight rows, one of them tied wrong/ });
    await expect(picture).toBeVisible();
    await picture.locator('rect').nth(1).click();
    await expect(page.getByTestId('verdict')).toBeVisible();
    const back = page.getByRole('img', { name: 'The same rows, turned over' });
    const [a, b] = [await boxOf(picture), await boxOf(back)];
    expect(Math.abs(a.height - b.height)).toBeLessThan(0.25 * a.height);
  });
});
