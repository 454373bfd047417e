import { CHROMIUM, FLAGS_FOR_3D } from '../playwright.config.ts';
import { boxOf, expect, test } from './help.ts';

test.use({ launchOptions: { executablePath: CHROMIUM, args: FLAGS_FOR_3D } });

test('a weave is turned by hand: what is seen changes', async ({ page }) => {
  await page.goto('/weaves/solomon-bar');
  await page.getByRole('button', { name: 'turn it' }).click();
  const canvas = page.getByTestId('turntable').locator('canvas');
  await expect(canvas).toBeVisible();
  const before = await canvas.screenshot();
  const { x, y, width, height } = await boxOf(canvas);
  await page.mouse.move(x + width / 2, y + height / 2);
  await page.mouse.down();
  await page.mouse.move(x + width / 2 + 120, y + height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(async () => expect((await canvas.screenshot()).equals(before)).toBe(false)).toPass();
});
