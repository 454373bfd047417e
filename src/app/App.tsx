import { Suspense, useCallback, useEffect, useState } from 'react';
import { Navigate, Route, Routes, useMatch } from 'react-router';
import type { Issue } from '../core/result.ts';
import type { UnitSystem } from '../core/units/index.ts';
import type { Database } from '../storage/db.ts';
import { type Settings, writeSetting } from '../storage/settings.ts';
import { ABOUT_PATH, BACKUP_PATH, designPath, OPEN_PATH, START_PATH, WORDS_PATH } from './paths.ts';
import { Header } from './shell/Header.tsx';
import { NewVersion } from './shell/NewVersion.tsx';
import { SaveBanner } from './shell/SaveMark.tsx';
import { ThumbBar } from './shell/ThumbBar.tsx';
import { useShortcuts } from './shell/useShortcuts.ts';
import { openBench } from './state/bench.ts';
import { useWorkshopFromStore, WorkshopContext } from './state/knowledge.tsx';
import type { OpenedRing } from './state/ring.ts';
import { useDatabase, useDesigns } from './state/services.tsx';
import { useFolderCopies } from './state/useFolderCopies.ts';
import { Boundary } from './ui/Boundary.tsx';
import { fetchModule, lazily } from './ui/lazily.ts';
import { UnitsContext } from './ui/units.tsx';

/** Rings have a chunk of their own: it is fetched when one is opened. */
const openRing = async (db: Database, id: string): Promise<OpenedRing> =>
  (await fetchModule(() => import('./state/ring.ts'))).openRing(db, id);

const benchPage = () => import('./screens/bench/BenchPage.tsx');
/** Fetched before it is drawn. */
const fetchBench = () => void benchPage().catch(() => undefined);
// A design’s address names the Bench: it is fetched while the store is being opened. A first visit starts elsewhere.
if (window.location.pathname.startsWith(designPath(''))) fetchBench();

const BenchPage = lazily(benchPage);
const StartPage = lazily(() => import('./screens/start/StartPage.tsx'));
const WeavesPage = lazily(() => import('./screens/weaves/WeavesPage.tsx'));
const WeavePage = lazily(() => import('./screens/weaves/WeavePage.tsx'));
const TieListPage = lazily(() => import('./screens/tie/TieListPage.tsx'));
const RingsPage = lazily(() => import('./screens/rings/RingsPage.tsx'));
const RingPage = lazily(() => import('./screens/rings/RingPage.tsx'));
const StashPage = lazily(() => import('./screens/stash/StashPage.tsx'));
const LogPage = lazily(() => import('./screens/log/LogPage.tsx'));
const PracticePage = lazily(() => import('./screens/practice/PracticePage.tsx'));
const BackupPage = lazily(() => import('./screens/backup/BackupPage.tsx'));
const AboutPage = lazily(() => import('./screens/about/AboutPage.tsx'));
const WordsPage = lazily(() => import('./screens/words/WordsPage.tsx'));
const OpenLinkPage = lazily(() => import('./screens/open/OpenLinkPage.tsx'));
const OrdersPage = lazily(() => import('./screens/orders/OrdersPage.tsx'));
const CommandBox = lazily(() => import('./shell/CommandBox.tsx'));
const TiePage = lazily(() => import('./screens/tie/TiePage.tsx'));

export function App({ settings }: { readonly settings: Settings }) {
  const db = useDatabase();
  const [units, setUnits] = useState<UnitSystem>(settings.units);
  const workshop = useWorkshopFromStore();
  const id = useMatch('/d/:id')?.params.id;
  const { opened, reopen } = useOpened(id);
  const ringId = useMatch('/rings/:id/*')?.params.id;
  const ring = useOpenedDocument(ringId, openRing);
  const isTyingRing = useMatch('/rings/:id/tie') !== null;
  const isTying = useMatch('/tie/:id') !== null || isTyingRing;
  const bench = opened?.ok ? opened.bench : undefined;
  const ringBench = ring.opened?.ok ? ring.opened.bench : undefined;
  const named = ringBench ?? bench;

  const changeUnits = useCallback(
    (next: UnitSystem) => {
      setUnits(next);
      void writeSetting(db, 'units', next).catch(() => undefined);
    },
    [db],
  );
  const toggle = useCallback(
    () => changeUnits(units === 'metric' ? 'imperial' : 'metric'),
    [changeUnits, units],
  );
  useFolderCopies();
  const [commanding, setCommanding] = useState(false);
  const openCommands = useCallback(() => setCommanding(true), []);
  useShortcuts(named, toggle, openCommands);

  return (
    <WorkshopContext value={workshop}>
      <UnitsContext value={units}>
        {!isTying && <Header bench={named} onUnits={changeUnits} onCommands={openCommands} />}
        {!isTying && <ThumbBar />}
        {named && <SaveBanner bench={named} />}
        <NewVersion isTying={isTying} />
        {commanding && (
          <Boundary name="The command box" keys={[commanding]}>
            <Suspense>
              <CommandBox bench={bench} onUnits={changeUnits} onClose={() => setCommanding(false)} />
            </Suspense>
          </Boundary>
        )}
        <Boundary name="This page">
          <div className={isTying ? undefined : 'max-sm:pb-16 print:pb-0'}>
            <Suspense fallback={<main className="p-8 text-ink-soft">Opening…</main>}>
              <Routes>
                <Route path="/" element={<Home last={settings.lastDesign} />} />
                <Route path="/d/:id" element={<BenchPage key={id} opened={opened} onRepaired={reopen} />} />
                <Route path="/tie" element={<TieListPage />} />
                <Route path="/tie/:id" element={<TiePage />} />
                <Route path="/rings" element={<RingsPage />} />
                <Route path="/rings/:id" element={<RingPage opened={ring.opened} />} />
                <Route path="/rings/:id/tie" element={<RingPage opened={ring.opened} isTying />} />
                <Route path="/stash" element={<StashPage />} />
                <Route path={BACKUP_PATH} element={<BackupPage />} />
                <Route path={START_PATH} element={<StartPage />} />
                <Route path={ABOUT_PATH} element={<AboutPage />} />
                <Route path={WORDS_PATH} element={<WordsPage />} />
                <Route path={OPEN_PATH} element={<OpenLinkPage />} />
                <Route path="/practice" element={<PracticePage />} />
                <Route path="/log" element={<LogPage />} />
                <Route path="/orders/:tab?" element={<OrdersPage />} />
                <Route path="/weaves" element={<WeavesPage />} />
                <Route path="/weaves/:id" element={<WeavePage />} />
                <Route path="*" element={<Navigate to="/" replace />} />
              </Routes>
            </Suspense>
          </div>
        </Boundary>
      </UnitsContext>
    </WorkshopContext>
  );
}

/** Opens on the design that was last on the Bench, or the newest one. */
function Home({ last }: { readonly last: string | undefined }) {
  const { data: records } = useDesigns();
  // Somebody who had a design on the Bench goes there: it is fetched while the designs are read.
  useEffect(() => {
    if (last) fetchBench();
  }, [last]);
  if (!records) return null;
  const record = records.find((r) => r.id === last) ?? records[0];
  return record ? <Navigate to={designPath(record.id)} replace /> : <StartPage />;
}

/** The design of the address, and that it was the last one on the Bench. */
function useOpened(id: string | undefined) {
  const db = useDatabase();
  useEffect(() => {
    if (id) void writeSetting(db, 'lastDesign', id).catch(() => undefined);
  }, [db, id]);
  return useOpenedDocument(id, openBench);
}

/** Something that is opened for editing: what became of it, and a way to close it again. */
type Openable =
  | { readonly ok: true; readonly bench: { readonly close: () => void } }
  | { readonly ok: false; readonly issues: readonly Issue[] };

/** The document of the address, opened for editing; closed again when the address changes. */
function useOpenedDocument<T extends Openable>(
  id: string | undefined,
  open: (db: Database, id: string) => Promise<T>,
) {
  const db = useDatabase();
  const [round, setRound] = useState(0);
  const [opened, setOpened] = useState<T | Unreadable>();
  // biome-ignore lint/correctness/useExhaustiveDependencies: another round opens the same document once more
  useEffect(() => {
    setOpened(undefined);
    if (!id) return;
    let isCurrent = true;
    let result: T | Unreadable | undefined;
    void open(db, id)
      .catch(cannotOpen)
      .then((next) => {
        result = next;
        if (isCurrent) setOpened(next);
        else if (next.ok) next.bench.close();
      });
    return () => {
      isCurrent = false;
      if (result?.ok) result.bench.close();
    };
  }, [db, id, open, round]);
  const reopen = useCallback(() => setRound((r) => r + 1), []);
  return { opened, reopen };
}

type Unreadable = { readonly ok: false; readonly issues: readonly Issue[] };

const cannotOpen = (error: Error): Unreadable => ({
  ok: false,
  issues: [
    { code: 'storage', path: '', message: `The browser’s storage could not be read: ${error.message}` },
  ],
});
