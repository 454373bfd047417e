import { expect, follow, followPart, openDemo, test } from './help.ts';

/** Every place with the demo in it. */
const PATHS = [
  '/start',
  '/d/demo-ines-dome-night',
  '/rings',
  '/tie',
  '/weaves/new',
  '/weaves',
  '/weaves/solomon-bar',
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

/** Another part of the place before it, which stays on the page. */
const isPart = (path: string): boolean => /^\/(?:stash\?|orders\/)/.test(path);

/** Narrow as a small phone, and a wide page whose text is twice as large. */
const WAYS = [
  { name: '320 px wide', viewport: { width: 320, height: 640 }, css: '' },
  { name: 'text at 200 %', viewport: { width: 640, height: 800 }, css: 'html { font-size: 200% }' },
];

/** A control or picture of which only its kind is read aloud. */
const NAMELESS =
  /^\s*- (button|link|checkbox|radio|textbox|combobox|slider|switch|tab|option|img)( \[[^\]]*\])*:?$/;

test('no place scrolls sideways at 320 px, or with text at 200 %, and everything on it has a name', async ({
  page,
}) => {
  await openDemo(page);
  for (const path of PATHS) {
    await (isPart(path) ? followPart(page, path) : follow(page, path));
    const tree = (await page.locator('body').ariaSnapshot()).split('\n');
    expect(
      tree.filter((line) => NAMELESS.test(line)),
      path,
    ).toEqual([]);
    for (const { name, viewport, css } of WAYS) {
      await page.setViewportSize(viewport);
      await page.evaluate((text) => {
        const sheet = new CSSStyleSheet();
        sheet.replaceSync(text);
        document.adoptedStyleSheets = [sheet];
      }, css);
      // Pictures come a moment later.
      await page.waitForTimeout(250);
      const over = () =>
        page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      await expect.poll(over, { message: `${path}, ${name}` }).toBeLessThanOrEqual(0);
    }
  }
});
