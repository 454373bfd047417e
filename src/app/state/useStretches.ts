import { useEffect, useState } from 'react';
import type { SolvedWeave } from '../../core/patterns/types.ts';
import type { FaultyStretch } from '../../core/steps/slips/faults.ts';
import { format } from '../../core/weave/format.ts';
import { solveInWorker } from '../../workers/outside/solve.ts';

/** How finely strands are divided, in diameters: coarse, these are looked at, not measured. */
const COARSE_D = 0.4;
/** Forces that may be left over, in usual ones: rows then lie within a hundredth of where they come to rest, which nobody sees. */
const EASE = 6;
/** Workers at once: one processor is left to the page. */
const AT_ONCE = Math.min(4, Math.max(1, (navigator.hardwareConcurrency || 2) - 1));

export interface Asked {
  readonly id: string;
  readonly stretch: FaultyStretch;
  readonly squash: number;
  readonly load: number;
  /** Finer division for a large picture, in diameters of the cord. */
  readonly stepD?: number;
}

/** Solved stretches by notation, kept while the application is open. */
const kept = new Map<string, SolvedWeave>();

/** Pulls stretches tight off the page, a few at once; each appears when it is done. Those that cannot be are left out. */
export function useStretches(asked: readonly Asked[]): ReadonlyMap<string, SolvedWeave | 'failed'> {
  const [solved, setSolved] = useState<ReadonlyMap<string, SolvedWeave | 'failed'>>(new Map());
  useEffect(() => {
    let isCurrent = true;
    const running = new Set<() => void>();
    const waiting = [...asked];
    const solveNext = async () => {
      for (let next = waiting.shift(); next && isCurrent; next = waiting.shift()) {
        const { id, stretch, squash, load, stepD = COARSE_D } = next;
        const notation = format(stretch.spec);
        const key = `${stepD} ${notation}`;
        let result: SolvedWeave | 'failed' | undefined = kept.get(key);
        if (!result) {
          const { result: solving, cancel } = solveInWorker(
            { id, notation, squash, load, h: stepD, ease: EASE },
            () => undefined,
          );
          running.add(cancel);
          const got = await solving;
          running.delete(cancel);
          result = got.ok ? got.value : 'failed';
          if (got.ok) kept.set(key, got.value);
        }
        if (!isCurrent) return;
        const done = result;
        setSolved((old) => new Map(old).set(id, done));
      }
    };
    for (let i = 0; i < AT_ONCE; i++) void solveNext();
    return () => {
      isCurrent = false;
      for (const cancel of running) cancel();
    };
  }, [asked]);
  return solved;
}
