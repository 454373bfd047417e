import '@fontsource-variable/atkinson-hyperlegible-mono';
import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import './index.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { SWRConfig } from 'swr';
import { type Database, openDatabase } from '../storage/db.ts';
import { readSettings, type Settings, writeSetting } from '../storage/settings.ts';
import { App } from './App.tsx';
import { STALL } from './paths.ts';
import { HINTS_KEY, readHints } from './state/hints.ts';
import { DatabaseContext } from './state/services.tsx';
import { ToastProvider } from './ui/Toast.tsx';

const root = createRoot(document.getElementById('root')!);

/** Places where somebody new is not shown the demo unasked: the start with its ways in, a link from a friend, a backup. */
const OWN_START = /^\/(?:start|open|backup|words|this-browser)?$/;

interface Opened {
  readonly db: Database;
  readonly settings: Settings;
  readonly hints: readonly string[];
}

async function open(): Promise<Opened> {
  const db = await openDatabase();
  const [settings, hints] = await Promise.all([readSettings(db), readHints(db)]);
  const { pathname, search } = window.location;
  if (!settings.demoSeen) {
    if (OWN_START.test(pathname) && !new URLSearchParams(search).has(STALL)) {
      await writeSetting(db, 'demoSeen', true);
    } else await (await import('./state/demo.ts')).bringDemo(db, Date.now());
  }
  await restOfDemo(db);
  return { db, settings, hints };
}

/** The Bench comes first: the rest of the demo is fetched where somebody asks for it, here or by the screens themselves. */
async function restOfDemo(db: Database): Promise<void> {
  if (!/^\/(?:rings|stash)/.test(window.location.pathname)) return;
  await (await import('./state/restOfDemo.ts')).bringRestOfDemo(db);
}

async function start(): Promise<void> {
  root.render(<p className="p-8 text-ink-soft">Opening…</p>);
  try {
    const { db, settings, hints } = await open();
    root.render(
      <StrictMode>
        <DatabaseContext value={db}>
          <SWRConfig value={{ fallback: { [HINTS_KEY]: hints } }}>
            <BrowserRouter>
              <ToastProvider>
                <App settings={settings} />
              </ToastProvider>
            </BrowserRouter>
          </SWRConfig>
        </DatabaseContext>
      </StrictMode>,
    );
  } catch (error) {
    root.render(<NoStorage reason={(error as Error).message} />);
  }
}

function NoStorage({ reason }: { readonly reason: string }) {
  return (
    <main role="alert" className="mx-auto max-w-xl p-8">
      <h1 className="mb-2 font-bold font-title text-2xl">Warp Beam can’t reach the browser’s storage</h1>
      <p>{reason}</p>
      <p className="mt-2 text-ink-soft">
        A private window may not allow it, or a newer Warp Beam may have used it. Nothing was changed.
      </p>
      <button
        type="button"
        className="mt-4 rounded-md bg-amber px-4 py-2 font-semibold text-[#1b211f]"
        onClick={() => void start()}
      >
        Try again
      </button>
    </main>
  );
}

void start();
