import { useEffect, useState } from 'react';
import { factsOf } from '../../../core/patterns/facts.ts';
import { PATTERNS } from '../../../core/patterns/index.ts';
import type { Makeable } from '../../../core/plan/atHand.ts';
import { findMakeable } from '../../../workers/outside/makeable.ts';
import { learnedOf, useWorkshop } from '../../state/knowledge.tsx';
import type { HandAsk } from './HandFilter.tsx';

/** What is known of an ask: nothing is asked, it is being worked out (the last answer is shown meanwhile), or every weave that can be made, by id. */
export function useMakeable(
  ask: HandAsk | undefined,
  cordId: string,
): ReadonlyMap<string, Makeable> | undefined {
  const { own, swatches, know } = useWorkshop();
  const [found, setFound] = useState<ReadonlyMap<string, Makeable>>();
  useEffect(() => {
    if (!ask) return setFound(undefined);
    const { closureId, ...rest } = ask;
    const ids = [...own.map((w) => w.id), ...PATTERNS.filter((p) => !p.use).map((p) => p.id)];
    return findMakeable(
      {
        hand: { ...rest, cordId, ...(closureId ? { closureId } : {}) },
        ids,
        learned: learnedOf(know, ids, cordId),
        own: own.map(({ id, name, solved }) => ({ id, name, solved: factsOf(solved) })),
        swatches,
      },
      (list) => setFound(new Map(list)),
    );
  }, [ask, cordId, own, swatches, know]);
  return found;
}
