import { expect, openDemo, test } from './help.ts';

/** Every place with the demo in it. */
const PATHS = [
  '/start',
  '/d/demo-ines-dome-night',
  '/rings',
  '/tie',
  '/weaves',
  '/weaves/solomon-bar',
  '/weaves/new',
  '/stash',
  '/stash?tab=make',
  '/stash?tab=cuts',
  '/orders',
  '/orders/needs',
  '/orders/days',
  '/orders/kits',
  '/log',
  '/practice',
  '/backup',
  '/this-browser',
  '/words',
  '/open',
];

for (const [name, viewport, css] of [
  ['320 px wide', { width: 320, height: 640 }, ''],
  ['with text at 200 %', { width: 640, height: 800 }, 'html { font-size: 200% }'],
] as const)
  test(`no place scrolls sideways ${name}`, async ({ page }) => {
    test.setTimeout(150_000);
    await page.setViewportSize(viewport);
    await openDemo(page);
    for (const path of PATHS) {
      await page.goto(path);
      await expect(page.locator('h1').first()).toBeAttached();
      await page.evaluate((text) => {
        const sheet = new CSSStyleSheet();
        sheet.replaceSync(text);
        document.adoptedStyleSheets = [sheet];
      }, css);
      // Pictures come a moment later.
      await page.waitForTimeout(400);
      const over = () =>
        page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      await expect.poll(over, { message: path }).toBeLessThanOrEqual(0);
    }
  });
