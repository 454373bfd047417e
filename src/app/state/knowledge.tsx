import { createContext, useContext, useMemo } from 'react';
import useSWR from 'swr';
import { knotsOf, type Pictures } from '../../core/drawing/pictures.ts';
import type { OwnWeave } from '../../core/formats/workshop.ts';
import { loadWeave } from '../../core/patterns/index.ts';
import type { SolvedWeave } from '../../core/patterns/types.ts';
import { type Knowledge, knowledgeOf, LIBRARY_ONLY } from '../../core/plan/knowledge.ts';
import type { Plan } from '../../core/plan/types.ts';
import type { Swatch } from '../../core/usage/swatch.ts';
import { type BadRecord, listMixed, listSwatches, listWeaves } from '../../storage/weaves.ts';
import { useDatabase } from './services.tsx';

interface Workshop {
  readonly know: Knowledge;
  readonly own: readonly OwnWeave[];
  readonly swatches: readonly Swatch[];
  /** Weaves in cords of different thickness that were pulled tight here. */
  readonly mixed: readonly OwnWeave[];
  /** Stored weaves and swatches that cannot be read. */
  readonly bad: { readonly weaves: readonly BadRecord[]; readonly swatches: readonly BadRecord[] };
  /** Reads both again after something was saved. */
  readonly refresh: () => Promise<unknown>;
  readonly isReady: boolean;
}

export const WorkshopContext = createContext<Workshop>({
  know: LIBRARY_ONLY,
  own: [],
  swatches: [],
  mixed: [],
  bad: { weaves: [], swatches: [] },
  refresh: async () => undefined,
  isReady: false,
});

export const useWorkshop = (): Workshop => useContext(WorkshopContext);

/** The library together with the maker's own weaves and swatches. */
export function useWorkshopFromStore(): Workshop {
  const db = useDatabase();
  const { data, mutate } = useSWR('workshop', async () => ({
    weaves: await listWeaves(db),
    swatches: await listSwatches(db),
    mixed: await listMixed(db),
  }));
  return useMemo(() => {
    const own = data?.weaves.good ?? [];
    const swatches = data?.swatches.good ?? [];
    const mixed = data?.mixed ?? [];
    return {
      own,
      swatches,
      mixed,
      bad: { weaves: data?.weaves.bad ?? [], swatches: data?.swatches.bad ?? [] },
      isReady: data !== undefined,
      refresh: () => mutate(),
      know: knowledgeOf(own, swatches, mixed),
    };
  }, [data, mutate]);
}

const FOREVER = { revalidateOnFocus: false, revalidateIfStale: false, revalidateOnReconnect: false };

/** A weave's centre lines: the library's are fetched once, the maker's own are at hand. */
export function useWeave(id: string | undefined): SolvedWeave | undefined {
  const { own, mixed } = useWorkshop();
  const mine = (own.find((w) => w.id === id) ?? mixed.find((w) => w.id === id))?.solved;
  const { data } = useSWR(id && !mine ? ['weave', id] : null, () => loadWeave(id!), FOREVER);
  return mine ?? data;
}

const NO_KNOTS: Pictures['knots'] = new Map();

/** All that a piece is drawn from: its weave, and the knots of its closure. Missing until everything is there. */
export function usePictures(
  patternId: string | undefined,
  plan: Pick<Plan, 'bands' | 'mixed'> | undefined,
): Pictures | undefined {
  const weave = useWeave(patternId && plan?.mixed?.isKnown ? plan.mixed.request.id : patternId);
  const ids = useMemo(() => (plan ? knotsOf(plan) : []), [plan]);
  const { data: knots } = useSWR(
    ids.length > 0 ? ['knots', ...ids] : null,
    async () => {
      const loaded = await Promise.all(ids.map(loadWeave));
      return new Map(loaded.flatMap((w) => (w ? [[w.id, w] as const] : [])));
    },
    { ...FOREVER, keepPreviousData: true },
  );
  const loaded = ids.length > 0 ? knots : NO_KNOTS;
  return useMemo(() => (weave && loaded ? { weave, knots: loaded } : undefined), [weave, loaded]);
}
