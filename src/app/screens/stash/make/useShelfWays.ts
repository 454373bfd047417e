import { useEffect, useState } from 'react';
import { factsOf } from '../../../../core/patterns/facts.ts';
import { PATTERNS } from '../../../../core/patterns/index.ts';
import type { ShelfAsk, ShelfWay } from '../../../../core/plan/fromShelf.ts';
import { findOnShelf } from '../../../../workers/outside/shelf.ts';
import { learnedOf, useWorkshop } from '../../../state/knowledge.tsx';

export interface FoundWeave {
  readonly id: string;
  readonly name: string;
  readonly ways: readonly ShelfWay[];
}

/** What comes out of the shelf, as it is found; what was found of the ask before is shown until the first of the new one. */
export function useShelfWays(ask: ShelfAsk | undefined): {
  readonly found: readonly FoundWeave[];
  readonly isLooking: boolean;
} {
  const { own, swatches, know } = useWorkshop();
  const [found, setFound] = useState<readonly FoundWeave[]>([]);
  const [isLooking, setLooking] = useState(false);
  useEffect(() => {
    if (!ask) {
      setFound([]);
      setLooking(false);
      return;
    }
    setLooking(true);
    const ids = [...own.map((w) => w.id), ...PATTERNS.filter((p) => !p.use).map((p) => p.id)];
    let fresh: readonly FoundWeave[] = [];
    let waiting = 0;
    // Many come at once: they are drawn together.
    const draw = () => {
      waiting = 0;
      setFound(fresh);
    };
    const stop = findOnShelf(
      {
        ask,
        ids,
        learned: learnedOf(know, ids, ask.cordId),
        own: own.map(({ id, name, solved }) => ({ id, name, solved: factsOf(solved) })),
        swatches,
      },
      {
        onFound: (id, ways) => {
          fresh = [...fresh, { id, name: know.name(id) ?? id, ways }];
          if (waiting === 0) waiting = requestAnimationFrame(draw);
        },
        onDone: () => {
          cancelAnimationFrame(waiting);
          draw();
          setLooking(false);
        },
      },
    );
    return () => {
      cancelAnimationFrame(waiting);
      stop();
    };
  }, [ask, own, swatches, know]);
  return { found, isLooking };
}
