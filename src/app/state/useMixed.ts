import { useCallback, useEffect, useRef, useState } from 'react';
import type { MixedRequest } from '../../core/patterns/mixed.ts';
import type { Plan } from '../../core/plan/types.ts';
import type { Issue } from '../../core/result.ts';
import { saveMixed } from '../../storage/weaves.ts';
import { solveInWorker } from '../../workers/outside/solve.ts';
import { useWorkshop } from './knowledge.tsx';
import { useDatabase } from './services.tsx';

/** How far a weave in cords of different thickness is pulled tight. */
export type Mixing =
  | { readonly state: 'none' }
  | { readonly state: 'working'; readonly done: number; readonly stop: () => void }
  | { readonly state: 'stopped'; readonly issues: readonly Issue[]; readonly again: () => void };

/** Pulls a plan's weave tight where its cords differ in thickness and nobody has done so here yet; keeps the result. */
export function useMixed(plan: Pick<Plan, 'mixed'> | undefined): Mixing {
  const db = useDatabase();
  const { refresh, isReady } = useWorkshop();
  const [done, setDone] = useState(0);
  const [stopped, setStopped] = useState<{ readonly id: string; readonly issues: readonly Issue[] }>();
  const wanted = isReady && plan?.mixed && !plan.mixed.isKnown ? plan.mixed.request : undefined;
  const request = useRef<MixedRequest>(undefined);
  request.current = wanted;
  const stop = useRef<() => void>(() => undefined);
  const id = wanted?.id;
  const isStopped = stopped !== undefined && stopped.id === id;
  useEffect(() => {
    const asked = request.current;
    if (!asked || asked.id !== id || isStopped) return;
    let isCurrent = true;
    setDone(0);
    const { id: key, patternId, ...rest } = asked;
    const solving = solveInWorker({ id: patternId, ...rest }, (share) => isCurrent && setDone(share));
    stop.current = solving.cancel;
    void solving.result.then(async (result) => {
      if (!isCurrent) return;
      if (!result.ok) return setStopped({ id: key, issues: result.issues });
      await saveMixed(db, { id: key, name: patternId, updatedAt: Date.now(), solved: result.value });
      await refresh();
    });
    return () => {
      isCurrent = false;
      solving.cancel();
    };
  }, [id, isStopped, db, refresh]);
  const again = useCallback(() => setStopped(undefined), []);
  if (!wanted) return { state: 'none' };
  if (isStopped) return { state: 'stopped', issues: stopped.issues, again };
  return { state: 'working', done, stop: () => stop.current() };
}
