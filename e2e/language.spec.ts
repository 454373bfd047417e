import { execFile } from 'node:child_process';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { createApp } from '../src/server/app.ts';
import { expect, follow, test } from './help.ts';

const ROOT = join(import.meta.dirname, '..');
const BUILT = join(ROOT, 'test-results/mirrored');

/** What people typed, and what is no language: names of pieces and wearers, units, a weave’s notation. */
const OWN =
  /^(?:Ines|Halley|Dome night band|Halley’s collar|someone|Sodium|Saved|min|mm|cm|buckle|ring|edges|weave |core [A-Z])/;

/** Words on the page that stand in no brackets. */
const bareWords = () => {
  const bare: string[] = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  let open = 0;
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    if (node.parentElement?.closest('script,style,textarea')) continue;
    let outside = '';
    for (const sign of node.textContent ?? '') {
      if (sign === '⟦') open++;
      else if (sign === '⟧') open--;
      else if (open === 0) outside += sign;
    }
    if (/\p{L}{3,}/u.test(outside)) bare.push(outside.trim());
  }
  return bare;
};

test('every word of the application comes from the catalogue, and its sentences bear another order', async ({
  page,
}) => {
  // Another build, beside another test: some 40 s.
  test.setTimeout(300_000);
  await promisify(execFile)('npx', ['vite', 'build', '--outDir', BUILT, '--logLevel', 'error'], {
    cwd: ROOT,
    env: { ...process.env, WARP_BEAM_LANGUAGE: 'mirrored' },
  });
  const app = await createApp(BUILT);
  const address = await app.listen({ port: 0, host: '127.0.0.1' });
  try {
    await page.goto(`${address}/d/demo-ines-dome-night?stall`);
    await expect(page.getByTestId('cut-A')).toBeVisible();
    for (const path of [
      undefined,
      '/start',
      '/weaves',
      '/weaves/solomon-bar',
      '/practice',
      '/words',
      '/backup',
    ]) {
      if (path) await follow(page, path);
      const bare = (await page.evaluate(bareWords)).filter((word) => !OWN.test(word));
      expect(bare, path ?? 'the Bench').toEqual([]);
    }
    // “For 16.0 cm: cut 2.30 m, tie 30 rows”, its three parts from last to first.
    await follow(page, '/start');
    await expect(page.getByTestId('start-answer')).toHaveText(/^⟦For \d+: cut .* m.*, tie [\d.]+ cm rows⟧$/);
  } finally {
    await app.close();
  }
});
