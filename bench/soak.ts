/**
 * Two hours of a maker's haste: random actions over all screens by a seed, with tabs killed, a network that comes and goes and
 * two tabs at once; the page must stay whole and every record readable.
 *   node --import tsx bench/soak.ts [--actions 5000] [--seed 1]     Needs a build (npm run build) and Debian's Chromium.
 */
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { chromium } from '@playwright/test';
import { soak } from '../e2e/soak.ts';
import { CHROMIUM, CHROMIUM_FLAGS } from '../playwright.config.ts';
import { createApp } from '../src/server/app.ts';

const { values } = parseArgs({
  options: { actions: { type: 'string', default: '5000' }, seed: { type: 'string', default: '1' } },
});
const app = await createApp(join(import.meta.dirname, '../dist'));
const address = await app.listen({ port: 0, host: '127.0.0.1' });
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
const { actions, counts, troubles } = await soak(
  context,
  `${address}/?stall`,
  Number(values.seed),
  Number(values.actions),
);
console.log(
  `${actions} actions with seed ${values.seed}: ${Object.entries(counts)
    .map(([k, n]) => `${k} ${n}`)
    .join(', ')}`,
);
for (const t of troubles) console.log(`${t.action}: ${t.did}: ${t.said}`);
console.log(`${troubles.length} ${troubles.length === 1 ? 'trouble' : 'troubles'}`);
await browser.close();
await app.close();
process.exit(troubles.length > 0 ? 1 : 0);
