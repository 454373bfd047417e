/**
 * Kills a whole browser by signal in the middle of editing, on a real profile and a loaded machine, and looks what the
 * next start still knows. At most the last edit may be lost.   node --import tsx bench/kills.ts [--kills 200]
 * Needs a build (npm run build) and Debian's Chromium.
 */
import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { type Browser, chromium, type Page } from '@playwright/test';
import { CHROMIUM, CHROMIUM_FLAGS } from '../playwright.config.ts';
import { createApp } from '../src/server/app.ts';

const at = process.argv.indexOf('--kills');
const KILLS = at < 0 ? 200 : Number(process.argv[at + 1]);
/** Keeps the cores busy, so that nothing is written in time by luck. */
const LOAD = 2;
/** The last edit may be in the store before its telling has come through: several steps of a held key, in mm. */
const MOST_AHEAD = 14;

const app = await createApp(join(import.meta.dirname, '../dist'));
const address = await app.listen({ port: 0, host: '127.0.0.1' });
const busy = Array.from({ length: LOAD }, () => new Worker('for (;;) Math.sqrt(2)', { eval: true }));
const profile = mkdtempSync(join(tmpdir(), 'warp-beam-kills-'));

interface Running {
  readonly process: ChildProcess;
  readonly browser: Browser;
  readonly page: Page;
}

/** A browser of its own process group on the same profile, so that one signal takes all of it. */
async function open(): Promise<Running> {
  const child = spawn(
    CHROMIUM,
    [
      ...CHROMIUM_FLAGS,
      '--headless',
      '--remote-debugging-port=0',
      `--user-data-dir=${profile}`,
      'about:blank',
    ],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  );
  const socket = await new Promise<string>((resolve, reject) => {
    let heard = '';
    child.stderr!.on('data', (d) => {
      heard += d;
      const found = /ws:\/\/\S+/.exec(heard);
      if (found) resolve(found[0]);
    });
    child.on('exit', () => reject(new Error(`Chromium ended: ${heard.slice(-300)}`)));
  });
  const browser = await chromium.connectOverCDP(socket);
  const page = browser.contexts()[0]!.pages()[0]!;
  await page.goto(`${address}/?stall`);
  await page.getByLabel('Name of this design').waitFor();
  return { process: child, browser, page };
}

const girth = 'button[data-word="g"]';
/** The girth on screen, in mm, and whether the page says that it is saved, read in one go. */
const look = (page: Page): Promise<{ mm: number; isSaved: boolean }> =>
  page.evaluate((selector) => {
    const text = document.querySelector(selector)!.textContent!;
    const isSaved = document.querySelector('[data-testid="save-state"]')!.textContent === 'Saved';
    return { mm: Math.round(Number.parseFloat(text) * (text.includes('cm') ? 10 : 1)), isSaved };
  }, girth);

/** One key each few milliseconds, up and down between two girths; every value is told as soon as it is on screen. */
const edit = (page: Page, everyMs: number): Promise<unknown> =>
  // As text: what the loader adds to functions is not known to the page.
  page.evaluate(`{
    const word = document.querySelector('${girth}');
    const mark = document.querySelector('[data-testid="save-state"]');
    const read = () => Math.round(parseFloat(word.textContent) * 10);
    let before = '';
    let step = 1;
    setInterval(() => {
      if (read() > 320) step = -1;
      if (read() < 130) step = 1;
      const key = step > 0 ? 'ArrowRight' : 'ArrowLeft';
      word.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
    }, ${everyMs});
    new MutationObserver(() => {
      const isSaved = mark.textContent === 'Saved';
      const now = word.textContent + isSaved;
      if (now !== before) window.tellEdit(read(), isSaved);
      before = now;
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  }`);

/** Girths in the order in which they were on screen, and the last one that was said to be saved. */
let [told, saved]: [number[], number | undefined] = [[], undefined];
const tally = { kills: 0, lostNone: 0, lostOne: 0, lostMore: 0, savedWrong: 0, edits: 0 };
for (let kill = 0; kill < KILLS; kill++) {
  const running = await open();
  const now = (await look(running.page)).mm;
  if (told.length > 0) {
    // A value or a few further in the same direction: the store had them before the page could tell.
    const last = told.at(-1)!;
    const ahead = (now - last) * Math.sign(last - (told.at(-2) ?? last - 1));
    const at = ahead > 0 && ahead <= MOST_AHEAD ? told.length - 1 : told.lastIndexOf(now);
    const lost = at >= 0 ? told.length - 1 - at : told.length;
    tally.kills++;
    tally[lost === 0 ? 'lostNone' : lost === 1 ? 'lostOne' : 'lostMore']++;
    if (saved !== undefined && at >= 0 && at < told.indexOf(saved)) tally.savedWrong++;
    if (lost > 1) console.log(`kill ${kill}: ${lost} edits lost; ${told.slice(-6)} became ${now}`);
  }
  [told, saved] = [[now], undefined];
  await running.page.exposeFunction('tellEdit', (mm: number, isSaved: boolean) => {
    if (mm !== told.at(-1)) {
      told.push(mm);
      tally.edits++;
    }
    if (isSaved) saved = mm;
  });
  await edit(running.page, 15 + (kill % 4) * 30);
  // Any moment: from the first edits to a long run of them.
  await new Promise((resolve) => setTimeout(resolve, 150 + ((kill * 7919) % 1700)));
  process.kill(-running.process.pid!, 'SIGKILL');
  await running.browser.close().catch(() => undefined);
  await new Promise((resolve) => setTimeout(resolve, 300));
}
for (const worker of busy) await worker.terminate();
await app.close();
rmSync(profile, { recursive: true, force: true });
console.log(tally);
process.exitCode = tally.lostMore + tally.savedWrong > 0 ? 1 : 0;
