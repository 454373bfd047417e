/**
 * Does it stay as quick with much in the store? A browser with the demo, then with 2,000 designs, finished pieces and
 * ledger entries beside it: what is drawn, how long a screen takes, what is found, and the memory, as ratios in one run.
 *   node --import tsx bench/sizes.ts [--of 2000]     Needs a build (npm run build) and Debian's Chromium.
 */
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM, CHROMIUM_FLAGS } from '../playwright.config.ts';
import { loadWeave, WEAVES } from '../src/core/patterns/index.ts';
import { createApp } from '../src/server/app.ts';

const { values } = parseArgs({ options: { of: { type: 'string', default: '2000' } } });
const MANY = Number(values.of);
/** Entries that bring a hank in; the others take cord from these. */
const HANKS = Math.round(MANY / 4);

const app = await createApp(join(import.meta.dirname, '../dist'));
const address = await app.listen({ port: 0, host: '127.0.0.1' });
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: [...CHROMIUM_FLAGS, '--enable-precise-memory-info', '--js-flags=--expose-gc'],
});
/** The demo's piece that the longest one is made from. */
const SHORT = 'demo-okoro-guide-band';
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

/** The store as the application has it. */
const OPEN = `const db = await new Promise((done, fail) => {
    const asked = indexedDB.open('warp-beam');
    asked.onsuccess = () => done(asked.result);
    asked.onerror = () => fail(asked.error);
  });`;

/** Copies of what is there, under names and ids of their own, straight into the store. As text: the page runs it. */
const FILL = (many: number, hanks: number): string => `(async () => {
  ${OPEN}
  const all = (store) => new Promise((done) => { db.transaction(store).objectStore(store).getAll().onsuccess = (e) => done(e.target.result); });
  const [designs, makes, ledger] = [await all('designs'), await all('makes'), await all('stash')];
  const tx = db.transaction(['designs', 'makes', 'stash'], 'readwrite');
  for (let i = 0; i < ${many}; i++) {
    const d = designs[i % designs.length];
    const name = d.name + ' no. ' + i;
    tx.objectStore('designs').put({ ...d, id: 'many-' + i, name, updatedAt: d.updatedAt - i, design: { ...d.design, name } });
    const m = makes[i % makes.length];
    if (m) tx.objectStore('makes').put({ ...m, id: 'many-' + i, make: { ...m.make, id: 'many-' + i, name: m.make.name + ' no. ' + i, finishedAt: m.make.finishedAt - i * 3.6e6 } });
  }
  const lot = ledger.find((e) => e.entry.what === 'add' && e.entry.lot.kind === 'cord').entry;
  for (let i = 0; i < ${many}; i++) {
    const at = lot.at + 1000 * i;
    const entry = i < ${hanks}
      ? { ...lot, id: 'many-' + i, at, lot: { ...lot.lot, id: 'lot-' + i } }
      : { what: 'take', id: 'many-' + i, at, lotId: 'lot-' + (i % ${hanks}), amount: 100, purpose: 'a band' };
    tx.objectStore('stash').add({ entry });
  }
  await new Promise((done, fail) => { tx.oncomplete = done; tx.onerror = () => fail(tx.error); });
  db.close();
})()`;

/** Weaves of one's own, as many as somebody who draws might have: those of the library under other names. */
const OWN_WEAVES = 60;
const ownWeaves = await Promise.all(
  Array.from({ length: OWN_WEAVES }, async (_, i) => {
    const weave = WEAVES[i % WEAVES.length]!;
    return {
      id: `own-${i}`,
      name: `${weave.name}, mine ${i + 1}`,
      updatedAt: i,
      solved: { ...(await loadWeave(weave.id))!, id: `own-${i}` },
    };
  }),
);
const DRAWN = `(async () => {
  ${OPEN}
  const tx = db.transaction('weaves', 'readwrite');
  for (const weave of ${JSON.stringify(ownWeaves)}) tx.objectStore('weaves').put(weave);
  await new Promise((done, fail) => { tx.oncomplete = done; tx.onerror = () => fail(tx.error); });
  db.close();
})()`;

interface Seen {
  readonly ms: number;
  readonly nodes: number;
  readonly longestTaskMs: number;
}

/** How long until it is there, how much is drawn, and the longest stretch in which nothing else could happen. */
async function look(go: () => Promise<void>): Promise<Seen> {
  await page.evaluate(
    'window.longest = 0; new PerformanceObserver((l) => { for (const e of l.getEntries()) window.longest = Math.max(window.longest, e.duration); }).observe({ type: "longtask" })',
  );
  const from = performance.now();
  await go();
  const ms = performance.now() - from;
  await page.waitForTimeout(500);
  const nodes = Number(await page.evaluate('document.querySelectorAll("*").length'));
  return { ms, nodes, longestTaskMs: Number(await page.evaluate('window.longest')) };
}

/** Inside the application, without loading it again. */
const place = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name }).click();

async function round() {
  await page.goto(`${address}/stash`);
  await page
    .getByTestId('stash-total')
    .getByText(/of cord in/)
    .waitFor();
  const seen: Record<string, Seen> = {};
  seen.Bench = await look(async () => {
    await place(page, 'Bench');
    await page.getByTestId('cut-A').first().waitFor();
  });
  seen.Designs = await look(async () => {
    await page.getByRole('button', { name: 'Designs' }).click();
    await page
      .getByRole('link', { name: /Dome night band/ })
      .first()
      .waitFor();
  });
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  seen['One step of the girth'] = await look(async () => {
    const word = page.getByRole('button', { name: /^wrist girth:/ });
    const before = await word.textContent();
    await word.focus();
    await page.keyboard.press('ArrowRight');
    await page.waitForFunction(
      `document.querySelector('button[data-word="g"]').textContent !== ${JSON.stringify(before)}`,
    );
  });
  seen.Log = await look(async () => {
    await place(page, 'Log');
    await page.getByTestId('log-table').waitFor();
    await page
      .getByTestId('log-sentence')
      .getByText(/You use/)
      .waitFor();
  });
  seen.Stash = await look(async () => {
    await place(page, 'Stash');
    await page
      .getByTestId('stash-total')
      .getByText(/of cord in/)
      .waitFor();
  });
  seen.Ledger = await look(async () => {
    await page.getByRole('button', { name: 'ledger', exact: true }).click();
    await page.getByRole('list', { name: 'Ledger' }).waitFor();
  });
  seen.Weaves = await look(async () => {
    await place(page, 'Weaves');
    await page
      .getByRole('link', { name: /Solomon bar/ })
      .first()
      .waitFor();
  });
  await page.evaluate('window.gc?.()');
  const heapMB = Number(await page.evaluate('performance.memory.usedJSHeapSize')) / 2 ** 20;
  return { seen, heapMB };
}

/** The longest piece there is, 3 m round in micro cord, beside the demo's: under its own id, straight into the store. */
const LONG = `(async () => {
  ${OPEN}
  const tx = db.transaction('designs', 'readwrite');
  const designs = tx.objectStore('designs');
  designs.get('${SHORT}').onsuccess = (e) => {
    const d = e.target.result;
    const design = { ...d.design, name: 'Three metres', product: 'band', wearer: { name: 'The dome', girthMm: 3000 }, cord: 'micro-1.2' };
    designs.put({ ...d, id: 'long', name: design.name, design });
  };
  await new Promise((done, fail) => { tx.oncomplete = done; tx.onerror = () => fail(tx.error); });
  db.close();
})()`;

/** Tie opened on a piece, and twenty steps of it. */
async function tie(id: string) {
  await page.goto(`${address}/d/${id}`);
  const start = page.getByRole('button', { name: /^(Start|Continue) tying/ }).first();
  await start.waitFor();
  const opened = await look(async () => {
    await start.click();
    await page.getByTestId('step-title').waitFor();
  });
  const title = page.getByTestId('step-title');
  // Where it was left, or among the first rows.
  for (let i = 0; i < 12 && !/^Row \d+ of/.test((await title.textContent()) ?? ''); i++)
    await page.keyboard.press('ArrowRight');
  const said = (await title.textContent()) ?? '';
  const stepped = await look(async () => {
    for (let i = 0; i < 20; i++) await page.keyboard.press(i < 10 ? 'ArrowRight' : 'ArrowLeft');
  });
  await page.evaluate('window.gc?.()');
  const heapMB = Number(await page.evaluate('performance.memory.usedJSHeapSize')) / 2 ** 20;
  return { rows: Number(/of (\d+)/.exec(said)?.[1] ?? 0), opened, stepped, heapMB };
}

await page.goto(`${address}/?stall`);
await page.getByTestId('cut-A').first().waitFor();
await page.goto(`${address}/log`);
await page.getByRole('heading', { level: 1 }).waitFor();
await page.getByRole('button', { name: /Load the stall’s log/ }).click();
await page.getByTestId('log-table').waitFor();
// Once to fetch every part, once to measure.
await round();
const few = await round();
await tie(SHORT);
const alone = await tie(SHORT);
await page.evaluate(FILL(MANY, HANKS));
await page.evaluate(DRAWN);
const many = await round();
await page.evaluate(LONG);
const [short, long] = [await tie(SHORT), await tie('long')];
console.log(
  `With the demo, and with ${MANY} designs, finished pieces and ledger entries (${HANKS} hanks) and ${OWN_WEAVES} weaves of one’s own beside it:\n`,
);
console.log(
  '| what | elements | elements with many | time with many ÷ without | longest task with many ÷ without |',
);
console.log('| --- | --- | --- | --- | --- |');
for (const [name, a] of Object.entries(few.seen)) {
  const b = many.seen[name]!;
  const ratio = (x: number, y: number) => (y > 0 ? (x / y).toFixed(1) : '–');
  console.log(
    `| ${name} | ${a.nodes} | ${b.nodes} | ${ratio(b.ms, a.ms)} (${b.ms.toFixed(0)} ms) | ${ratio(b.longestTaskMs, a.longestTaskMs)} (${b.longestTaskMs.toFixed(0)} ms) |`,
  );
}
console.log(
  `\nMemory: ${few.heapMB.toFixed(0)} MB, then ${many.heapMB.toFixed(0)} MB (${(many.heapMB / few.heapMB).toFixed(1)} ×).`,
);
console.log(
  `Tie on the same piece: opens in ${alone.opened.ms.toFixed(0)} ms with the demo alone, in ${short.opened.ms.toFixed(0)} ms with all the rest beside it.`,
);
const times = (x: number, y: number) =>
  y > 0 ? `${(x / y).toFixed(1)} × (${x.toFixed(0)} ms)` : `${x.toFixed(0)} ms`;
console.log(
  `Tie with ${long.rows} rows against ${short.rows}: opens in ${times(long.opened.ms, short.opened.ms)}, longest task ${times(long.opened.longestTaskMs, short.opened.longestTaskMs)}; longest task of 20 steps ${times(long.stepped.longestTaskMs, short.stepped.longestTaskMs)}; memory ${short.heapMB.toFixed(0)} MB, then ${long.heapMB.toFixed(0)} MB.`,
);
await browser.close();
await app.close();
process.exit(0);
