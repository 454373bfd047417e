import { useRef, useState } from 'react';
import { findPattern, solvedFacts } from '../../core/patterns/index.ts';
import { MOST_OFF, offBy, TRIED } from '../../core/selfTest/compare.ts';
import { solveInWorker } from '../../workers/outside/solve.ts';

/** How one knot came out. */
export interface Tried {
  readonly id: string;
  readonly name: string;
  readonly state: 'waiting' | 'pulling' | 'well' | 'wrong';
  readonly detail: string;
}

const WAITING: readonly Tried[] = TRIED.map((id) => ({
  id,
  name: findPattern(id)?.name ?? id,
  state: 'waiting',
  detail: '',
}));

/** Pulls three knots of the library tight here, one after the other, and sets them against the ones that were shipped. */
export function useSelfTest() {
  const [tried, setTried] = useState<readonly Tried[]>(WAITING);
  const [isRunning, setRunning] = useState(false);
  const busy = useRef(false);
  const put = (id: string, change: Partial<Tried>) =>
    setTried((list) => list.map((t) => (t.id === id ? { ...t, ...change } : t)));
  async function run(): Promise<void> {
    if (busy.current) return;
    busy.current = true;
    setRunning(true);
    setTried(WAITING);
    for (const id of TRIED) {
      put(id, { state: 'pulling' });
      put(id, await tryOut(id));
    }
    busy.current = false;
    setRunning(false);
  }
  return { tried, isRunning, run };
}

async function tryOut(id: string): Promise<Pick<Tried, 'state' | 'detail'>> {
  const shipped = solvedFacts(id);
  if (!shipped) return { state: 'wrong', detail: 'it was not shipped' };
  try {
    const { notation, squash, load, h } = shipped;
    const solved = await solveInWorker({ id, notation, squash, load, h }, () => undefined).result;
    if (!solved.ok) return { state: 'wrong', detail: solved.issues[0]!.message };
    const off = offBy(solved.value, shipped);
    return off <= MOST_OFF
      ? { state: 'well', detail: `within ${(100 * off).toFixed(2)} % of the one that was shipped` }
      : {
          state: 'wrong',
          detail: `${Number.isFinite(off) ? `${(100 * off).toFixed(1)} %` : 'a whole knot'} off the one that was shipped`,
        };
  } catch (error) {
    return { state: 'wrong', detail: (error as Error).message };
  }
}
