import '@fontsource-variable/atkinson-hyperlegible-mono';
import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import './index.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { openDatabase } from '../storage/db.ts';
import { restoreDesigns } from '../storage/designs.ts';
import { readSettings, writeSetting } from '../storage/settings.ts';
import { App } from './App.tsx';
import { demoRecords } from './state/demo.ts';
import { DatabaseContext } from './state/services.tsx';
import { ToastProvider } from './ui/Toast.tsx';

const root = createRoot(document.getElementById('root')!);

try {
  const db = await openDatabase();
  const settings = await readSettings(db);
  if (!settings.demoSeen) {
    await restoreDesigns(db, demoRecords(Date.now()));
    await writeSetting(db, 'demoSeen', true);
  }
  root.render(
    <StrictMode>
      <DatabaseContext value={db}>
        <BrowserRouter>
          <ToastProvider>
            <App settings={settings} />
          </ToastProvider>
        </BrowserRouter>
      </DatabaseContext>
    </StrictMode>,
  );
} catch (error) {
  root.render(
    <main role="alert">
      <h1>Warp Beam cannot reach the browser’s storage</h1>
      <p>{(error as Error).message}</p>
      <p>A private window may forbid it, or a newer Warp Beam may have used it. Nothing was changed.</p>
    </main>,
  );
}
