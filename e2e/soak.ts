import type { BrowserContext, Page } from '@playwright/test';
import { seeded } from '../src/core/random.ts';
import { KINDS } from '../src/storage/backup/kinds.ts';

/** What went wrong, and after which actions. */
export interface Trouble {
  readonly action: number;
  readonly did: string;
  readonly said: string;
}

export interface Soaked {
  readonly actions: number;
  readonly counts: Readonly<Record<string, number>>;
  readonly troubles: readonly Trouble[];
}

const PLACES = ['Bench', 'Rings', 'Tie', 'Weaves', 'Stash', 'Orders', 'Log', 'Practice'];
/** Leave the page for a file, a print or the operating system: nothing that a soak can follow. */
const LEFT_ALONE =
  /print|export|save|download|import|choose a|bring|photo|camera|folder|table|ledger|book|erase|clear all|tare|scale/i;
const LINES = [
  '3 × 15 m Dusk 4 mm, 6.20 each',
  '2.4 m Ember',
  '40 buckles 15 mm',
  '-3 m Dusk',
  '∞ m Ember',
  '',
];
/** “nan” is small: as a name it must not look like a number that went wrong. */
const LENGTHS = ['17.3 cm', '6 1/2 in', '0', '99 m', 'nan', '165'];
/** What no person should ever read. */
const NONSENSE = /\bNaN\b|\bInfinity\b|\bundefined\b|\[object /;
const CHECK_EVERY = 10;

/** Everything in the store, as the page reads it; as text, for the page runs it. */
const CONTENTS = `(async () => {
  const db = await new Promise((done, fail) => {
    const asked = indexedDB.open('warp-beam');
    asked.onsuccess = () => done(asked.result);
    asked.onerror = () => fail(asked.error);
  });
  const out = {};
  for (const name of db.objectStoreNames) {
    if (name === 'settings' || name === 'mixed' || name === 'unsaved') continue;
    out[name] = await new Promise((done) => { db.transaction(name).objectStore(name).getAll().onsuccess = (e) => done(e.target.result); });
  }
  db.close();
  return out;
})()`;

/** Every record in the store can be read back; the ledger adds up, never below nothing. */
async function unreadable(page: Page): Promise<string | undefined> {
  const contents = (await page.evaluate(CONTENTS)) as Record<string, unknown[]>;
  for (const { id, read } of KINDS) {
    const values = contents[id] ?? [];
    const records = id === 'stash' ? [values.map((v) => (v as { entry: unknown }).entry)] : values;
    for (const value of records) {
      const result = read(value);
      if (!result.ok) return `${id}: ${result.issues[0]!.message}`;
    }
  }
  return undefined;
}

/**
 * Random actions over all screens, by a seed: as a maker would do them, badly, in haste, in two tabs, without a network, with
 * tabs closed in the middle. After each the page must still be whole; now and then everything in the store is read back.
 */
export async function soak(
  context: BrowserContext,
  start: string,
  seed: number,
  many: number,
): Promise<Soaked> {
  const random = seeded(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const troubles: Trouble[] = [];
  const counts: Record<string, number> = {};
  let [did, action, isOffline] = ['start', 0, false];
  const watch = (page: Page): Page => {
    page.setDefaultTimeout(3000);
    page.on('pageerror', (e) => troubles.push({ action, did, said: `error: ${e.message}` }));
    page.on('dialog', (d) => void d.dismiss().catch(() => undefined));
    return page;
  };
  let page = watch(await context.newPage());
  await page.goto(start);
  await page.getByTestId('cut-A').first().waitFor({ timeout: 60_000 });

  // From here on it opens without the network.
  await page.evaluate('navigator.serviceWorker.ready.then(() => undefined)');
  const press = async (role: 'button' | 'radio' | 'option' | 'link' | 'checkbox') => {
    const all = page.getByRole(role).filter({ visible: true });
    const count = await all.count();
    if (count === 0) return;
    const one = all.nth(Math.floor(random() * count));
    const name = `${(await one.getAttribute('aria-label')) ?? ''} ${(await one.textContent()) ?? ''}`;
    if (LEFT_ALONE.test(name) || (await one.isDisabled())) return;
    did += ` “${name.trim().slice(0, 40)}”`;
    await one.click({ timeout: 1500 });
  };
  const acts: Readonly<Record<string, () => Promise<void>>> = {
    place: async () => {
      const name = pick(PLACES);
      did += ` ${name}`;
      await page
        .getByRole('navigation', { name: 'Places' })
        .getByRole('link', { name })
        .click({ timeout: 1500 });
    },
    button: () => press('button'),
    again: () => press('button'),
    radio: () => press('radio'),
    option: () => press('option'),
    checkbox: () => press('checkbox'),
    link: () => press('link'),
    key: async () => {
      const key = pick([
        'k',
        'g',
        'b',
        '1',
        'e',
        'c',
        'Escape',
        'Escape',
        'Enter',
        'ArrowRight',
        'ArrowLeft',
        ' ',
        'Tab',
        'u',
        '?',
        'Control+z',
        'Control+Shift+z',
      ]);
      did += ` ${key}`;
      await page.keyboard.press(key);
    },
    type: async () => {
      const fields = page.getByRole('textbox').filter({ visible: true });
      const count = await fields.count();
      if (count === 0) return;
      const text = pick([...LINES, ...LENGTHS]);
      did += ` ${text}`;
      await fields.nth(Math.floor(random() * count)).fill(text, { timeout: 1500 });
      if (random() < 0.5) await page.keyboard.press('Enter');
    },
    reload: async () => void (await page.reload()),
    back: async () => void (await page.goBack()),
    kill: async () => {
      const url = page.url();
      const next = watch(await context.newPage());
      await page.close({ runBeforeUnload: false });
      page = next;
      await page.goto(url);
    },
    'another tab': async () => {
      const other = watch(await context.newPage());
      await other.goto(page.url());
      await other.waitForTimeout(300);
      await other.keyboard.press('g');
      await other.keyboard.press('Escape');
      await other.keyboard.press('ArrowRight');
      await other.close();
    },
    network: async () => {
      isOffline = !isOffline;
      await context.setOffline(isOffline);
    },
  };
  const names = Object.keys(acts);
  // Mostly small things; the rough ones now and then.
  const rough = new Set(['reload', 'back', 'kill', 'another tab', 'network']);
  while (action < many) {
    action++;
    const name = random() < 0.08 ? pick([...rough]) : pick(names.filter((n) => !rough.has(n)));
    did = name;
    counts[name] = (counts[name] ?? 0) + 1;
    // What can't be pressed just now is covered, gone or moving: a person would try something else.
    await acts[name]!().catch((error: Error) => {
      if (!/Timeout|detached|intercepts|closed|ERR_ABORTED|ERR_INTERNET/.test(error.message))
        troubles.push({ action, did, said: error.message.split('\n')[0]! });
    });
    // Nothing was ever opened in this tab, or one went back to before it was.
    if (page.url() === 'about:blank') await page.goto(start).catch(() => undefined);
    const text = await page.evaluate('document.body.innerText').catch(() => undefined);
    if (typeof text !== 'string') continue;
    const bad = NONSENSE.exec(text);
    if (bad) {
      const at = Math.max(0, bad.index - 60);
      troubles.push({
        action,
        did,
        said: `“…${text.slice(at, bad.index + 60).replaceAll('\n', ' ')}…” at ${page.url()}`,
      });
    }
    const gone = await page
      .getByText(/can’t be shown/)
      .filter({ visible: true })
      .count();
    if (gone > 0) troubles.push({ action, did, said: `a part can’t be shown at ${page.url()}` });
    if (action % CHECK_EVERY === 0 || action === many) {
      const spoilt = await unreadable(page).catch(() => undefined);
      if (spoilt) troubles.push({ action, did, said: spoilt });
      const heading = page.locator('h1, [data-testid="step-title"], [role="dialog"]').first();
      await heading.waitFor({ state: 'attached', timeout: 30_000 }).catch(() => {
        troubles.push({ action, did, said: `nothing is on the page at ${page.url()}` });
      });
    }
  }
  await context.setOffline(false);
  return { actions: many, counts, troubles };
}
