import { useEffect, useState } from 'react';
import type { SolvedWeave } from '../../../core/patterns/types.ts';
import type { Stretch } from '../../../core/steps/faults.ts';
import { format } from '../../../core/weave/format.ts';
import { solveInWorker } from '../../../workers/outside/solve.ts';

/** Coarse edges: these are looked at, not measured. */
const H = 0.4;

export interface Asked {
  readonly id: string;
  readonly stretch: Stretch;
  readonly squash: number;
  readonly load: number;
}

/** Solved stretches by notation, kept while the application is open. */
const kept = new Map<string, SolvedWeave>();

/** Pulls stretches tight one after another off the page; each appears when it is done. Those that cannot be are left out. */
export function useStretches(asked: readonly Asked[]): ReadonlyMap<string, SolvedWeave | 'failed'> {
  const [solved, setSolved] = useState<ReadonlyMap<string, SolvedWeave | 'failed'>>(new Map());
  useEffect(() => {
    let isCurrent = true;
    let cancel: (() => void) | undefined;
    void (async () => {
      for (const { id, stretch, squash, load } of asked) {
        const notation = format(stretch.spec);
        let result: SolvedWeave | 'failed' | undefined = kept.get(notation);
        if (!result) {
          const solving = solveInWorker({ id, notation, squash, load, h: H }, () => undefined);
          cancel = solving.cancel;
          const got = await solving.result;
          result = got.ok ? got.value : 'failed';
          if (got.ok) kept.set(notation, got.value);
        }
        if (!isCurrent) return;
        const done = result;
        setSolved((old) => new Map(old).set(id, done));
      }
    })();
    return () => {
      isCurrent = false;
      cancel?.();
    };
  }, [asked]);
  return solved;
}
