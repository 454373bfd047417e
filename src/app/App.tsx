import { lazy, Suspense, useCallback, useEffect, useState } from 'react';
import { Navigate, Route, Routes, useMatch } from 'react-router';
import type { UnitSystem } from '../core/units/index.ts';
import { type Settings, writeSetting } from '../storage/settings.ts';
import { BenchPage } from './screens/bench/BenchPage.tsx';
import { EmptyBench } from './screens/bench/EmptyBench.tsx';
import { Header } from './shell/Header.tsx';
import { SaveBanner } from './shell/SaveMark.tsx';
import { useShortcuts } from './shell/useShortcuts.ts';
import { type Opened, openBench } from './state/bench.ts';
import { useWorkshopFromStore, WorkshopContext } from './state/knowledge.tsx';
import { useDatabase, useDesigns } from './state/services.tsx';
import { UnitsContext } from './ui/units.tsx';

const WeavesPage = lazy(() => import('./screens/weaves/WeavesPage.tsx'));
const WeavePage = lazy(() => import('./screens/weaves/WeavePage.tsx'));
const TieListPage = lazy(() => import('./screens/tie/TieListPage.tsx'));
const TiePage = lazy(() => import('./screens/tie/TiePage.tsx'));

export function App({ settings }: { readonly settings: Settings }) {
  const db = useDatabase();
  const [units, setUnits] = useState<UnitSystem>(settings.units);
  const workshop = useWorkshopFromStore();
  const id = useMatch('/d/:id')?.params.id;
  const opened = useOpened(id);
  const isTying = useMatch('/tie/:id') !== null;
  const bench = opened?.ok ? opened.bench : undefined;

  const changeUnits = useCallback(
    (next: UnitSystem) => {
      setUnits(next);
      void writeSetting(db, 'units', next);
    },
    [db],
  );
  const toggle = useCallback(
    () => changeUnits(units === 'metric' ? 'imperial' : 'metric'),
    [changeUnits, units],
  );
  useShortcuts(bench, toggle);

  return (
    <WorkshopContext value={workshop}>
      <UnitsContext value={units}>
        {!isTying && <Header bench={bench} onUnits={changeUnits} />}
        {bench && <SaveBanner bench={bench} />}
        <Suspense fallback={<main className="p-8 text-ink-soft">Opening…</main>}>
          <Routes>
            <Route path="/" element={<Home last={settings.lastDesign} />} />
            <Route
              path="/d/:id"
              element={
                <BenchPage key={id} bench={bench} issues={opened && !opened.ok ? opened.issues : undefined} />
              }
            />
            <Route path="/tie" element={<TieListPage />} />
            <Route path="/tie/:id" element={<TiePage />} />
            <Route path="/weaves" element={<WeavesPage />} />
            <Route path="/weaves/:id" element={<WeavePage />} />
            <Route path="*" element={<Navigate to="/" replace />} />
          </Routes>
        </Suspense>
      </UnitsContext>
    </WorkshopContext>
  );
}

/** Opens on the design that was last on the Bench, or the newest one. */
function Home({ last }: { readonly last: string | undefined }) {
  const { data: records } = useDesigns();
  if (!records) return null;
  const record = records.find((r) => r.id === last) ?? records[0];
  return record ? <Navigate to={`/d/${record.id}`} replace /> : <EmptyBench />;
}

/** The design of the address, opened for editing; closed again when the address changes. */
function useOpened(id: string | undefined): Opened | undefined {
  const db = useDatabase();
  const [opened, setOpened] = useState<Opened>();
  useEffect(() => {
    setOpened(undefined);
    if (!id) return;
    let isCurrent = true;
    let result: Opened | undefined;
    void openBench(db, id).then((next) => {
      result = next;
      if (isCurrent) setOpened(next);
      else if (next.ok) next.bench.close();
    });
    void writeSetting(db, 'lastDesign', id);
    return () => {
      isCurrent = false;
      if (result?.ok) result.bench.close();
    };
  }, [db, id]);
  return opened;
}
