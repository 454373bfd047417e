import { expect, test, violations } from './help.ts';

test('a round of practice by keyboard: answered, explained, kept', async ({ page }) => {
  await page.goto('/practice');
  const known = page.getByTestId('known');
  await expect(known).toContainText('0 known, 0 shaky');
  for (let n = 1; n <= 3; n++) {
    const heading = page.getByRole('heading', { level: 1 });
    await expect(heading).toHaveText(/Which side begins the next row\?|Which weave is this\?/);
    const isSide = (await heading.textContent())!.startsWith('Which side');
    await page.keyboard.press(isSide ? 'ArrowLeft' : '2');
    await expect(page.getByTestId('verdict')).toHaveText(/Right|Not quite/);
    // Why it is so, in words of the same diagram.
    await expect(page.getByRole('status').first()).toContainText(
      isSide ? /the next (row )?begins/ : /It is /,
    );
    if (n === 1) expect(await violations(page)).toEqual([]);
    await page.keyboard.press('Space');
    await expect(page.getByTestId('verdict')).toHaveCount(0);
  }
  await expect(known).toContainText('0 known, 3 shaky');
  await page.reload();
  await expect(known).toContainText('0 known, 3 shaky');
  await page.getByRole('button', { name: 'Forget all answers' }).click();
  await expect(known).toContainText('0 known, 0 shaky');
});
