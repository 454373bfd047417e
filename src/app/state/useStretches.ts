import { useEffect, useState } from 'react';
import type { SolvedWeave } from '../../core/patterns/types.ts';
import type { FaultyStretch } from '../../core/steps/slips/faults.ts';
import type { Pull } from '../../core/steps/slips/pull.ts';
import { format } from '../../core/weave/format.ts';
import { solveInWorker } from '../../workers/outside/solve.ts';

/** How finely strands are divided, in diameters: coarse, these are looked at, not measured. */
const COARSE_D = 0.4;
/** Workers at once: one processor is left to the page. */
const AT_ONCE = Math.min(4, Math.max(1, (navigator.hardwareConcurrency || 2) - 1));

export interface Asked {
  readonly id: string;
  readonly stretch: FaultyStretch;
  readonly pull: Pull;
  /** Finer division for a large picture, in diameters of the cord. */
  readonly stepD?: number;
}

type Solved = SolvedWeave | 'failed';

interface Pulling {
  readonly solving: Promise<Solved>;
  readonly cancel: () => void;
  waitedFor: number;
}

/** Solved stretches by how and what was pulled tight, kept while the application is open; and those that are being pulled. */
const kept = new Map<string, SolvedWeave>();
const pulling = new Map<string, Pulling>();

const NONE: ReadonlyMap<string, Solved> = new Map();

function begin(key: string, { id, stretch, pull, stepD = COARSE_D }: Asked): Pulling {
  const notation = format(stretch.spec);
  const { result, cancel } = solveInWorker({ id, notation, h: stepD, ...pull }, () => undefined);
  const solving = result.then((got): Solved => {
    pulling.delete(key);
    if (!got.ok) return 'failed';
    kept.set(key, got.value);
    return got.value;
  });
  const begun = { solving, cancel, waitedFor: 0 };
  pulling.set(key, begun);
  return begun;
}

/** Nobody waits for it here any more; where nobody does anywhere, not in a moment either, it is given up. */
function leave(key: string, one: Pulling): void {
  one.waitedFor--;
  setTimeout(() => {
    if (one.waitedFor > 0 || pulling.get(key) !== one) return;
    pulling.delete(key);
    one.cancel();
  });
}

/** Pulls stretches tight off the page, a few at once; each appears when it is done. Those that cannot be are left out. */
export function useStretches(asked: readonly Asked[]): ReadonlyMap<string, Solved> {
  const [done, setDone] = useState<{
    readonly of: readonly Asked[];
    readonly solved: ReadonlyMap<string, Solved>;
  }>();
  useEffect(() => {
    let isCurrent = true;
    const leaving = new Set<() => void>();
    const waiting = [...asked];
    const solveNext = async () => {
      for (let next = waiting.shift(); next && isCurrent; next = waiting.shift()) {
        const { id, stretch, pull, stepD } = next;
        const key = `${stepD} ${JSON.stringify(pull)} ${format(stretch.spec)}`;
        let result: Solved | undefined = kept.get(key);
        if (!result) {
          const one = pulling.get(key) ?? begin(key, next);
          one.waitedFor++;
          const left = () => leave(key, one);
          leaving.add(left);
          result = await one.solving;
          leaving.delete(left);
        }
        if (!isCurrent) return;
        const got = result;
        setDone((old) => ({ of: asked, solved: new Map(old?.of === asked ? old.solved : []).set(id, got) }));
      }
    };
    for (let i = 0; i < AT_ONCE; i++) void solveNext();
    return () => {
      isCurrent = false;
      for (const left of leaving) left();
    };
  }, [asked]);
  // What was solved for others that were asked before is none of these.
  return done?.of === asked ? done.solved : NONE;
}
