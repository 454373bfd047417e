import { readFileSync } from 'node:fs';
import { expect, openDemo, shownMm, test, violations } from './help.ts';

test('a design goes out as a picture for messages and as a row of codes', async ({ page, browser }) => {
  await test.step('a picture for messages is saved as PNG and as SVG, with its own letters and without a name', async () => {
    await openDemo(page);
    await page.getByRole('button', { name: 'Export', exact: true }).click();
    await expect(
      page.getByRole('img', { name: /^Dome night band: Solomon bar, bracelet for 16\.5 cm/ }),
    ).toBeVisible();
    const saved = async (kind: string) => {
      const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: kind, exact: true }).click(),
      ]);
      return { name: file.suggestedFilename(), bytes: readFileSync((await file.path())!) };
    };
    const png = await saved('PNG');
    expect(png.name).toBe('dome-night-band.png');
    expect(png.bytes.subarray(1, 4).toString()).toBe('PNG');
    expect([png.bytes.readUInt32BE(16), png.bytes.readUInt32BE(20)]).toEqual([1200, 630]);
    const svg = (await saved('SVG')).bytes.toString();
    expect(svg).toContain('font/woff2;base64,');
    expect(svg).toContain('closed by a 15 mm side-release buckle');
    expect(svg).not.toContain('Ines');
  });
  await test.step('a design crosses to another browser as a row of codes, photographed in two goes', async () => {
    await page.getByRole('button', { name: 'Close', exact: true }).click();
    await openDemo(page, 'Halley’s collar');
    const cut = await shownMm(page, 'cut-A');
    await page.getByRole('button', { name: 'Export', exact: true }).click();
    await page.getByRole('button', { name: 'Show codes' }).click();
    const codes = page.getByRole('img', { name: /^Code \d of \d$/ });
    await expect(codes.first()).toBeVisible();
    expect(await violations(page)).toEqual([]);
    const count = await codes.count();
    expect(count).toBeGreaterThan(1);
    const first = await codes.first().screenshot();
    const all = await page.getByTestId('codes').screenshot();

    const other = await (await browser.newContext()).newPage();
    await other.goto('/open');
    await expect(other.getByRole('heading', { level: 1 })).toHaveText('A design from another device');
    expect(await violations(other)).toEqual([]);
    const picture = (buffer: Buffer) => ({ name: 'codes.png', mimeType: 'image/png', buffer });
    const choose = other.getByLabel('Picture of the codes');
    await choose.setInputFiles(picture(await other.getByRole('heading', { level: 1 }).screenshot()));
    await expect(other.getByText('No code of a design is in this picture')).toBeVisible();
    await choose.setInputFiles(picture(first));
    await expect(other.getByTestId('codes-read')).toContainText(`1 of ${count} codes read. Still missing:`);
    await choose.setInputFiles(picture(all));
    await expect(other.getByRole('heading', { level: 1 })).toHaveText('A design for you: Halley’s collar');
    await other.getByRole('button', { name: 'Open a copy' }).click();
    await expect.poll(() => shownMm(other, 'cut-A')).toBe(cut);
  });
});
