import { createContext, useContext, useMemo } from 'react';
import useSWR from 'swr';
import { knotsOf, type Pictures } from '../../core/drawing/pictures.ts';
import type { OwnWeave } from '../../core/formats/workshop.ts';
import type { WorkedLog } from '../../core/log/log.ts';
import { loadWeave } from '../../core/patterns/index.ts';
import type { SolvedWeave } from '../../core/patterns/types.ts';
import { type Knowledge, knowledgeOf, LIBRARY_ONLY } from '../../core/plan/knowledge.ts';
import type { Plan } from '../../core/plan/types.ts';
import type { Swatch } from '../../core/usage/swatch.ts';
import type { Database } from '../../storage/db.ts';
import { listMakes } from '../../storage/pieces.ts';
import { type BadRecord, listMixed, listSwatches, listWeaves } from '../../storage/weaves.ts';
import type { LearnedBy } from '../../workers/protocol.ts';
import { useDatabase } from './services.tsx';
import type { KeptLog } from './workedLog.ts';

interface Workshop {
  readonly know: Knowledge;
  readonly own: readonly OwnWeave[];
  readonly swatches: readonly Swatch[];
  /** Weaves in cords of different thickness that were pulled tight here. */
  readonly mixed: readonly OwnWeave[];
  /** Stored weaves and swatches that cannot be read. */
  readonly bad: { readonly weaves: readonly BadRecord[]; readonly swatches: readonly BadRecord[] };
  /** What the maker's finished pieces taught; nothing before the first one, or while it is switched off. */
  readonly log?: WorkedLog;
  /** Why the log could not be worked through. */
  readonly logProblem?: string;
  /** Reads all of it again after something was saved. */
  readonly refresh: () => Promise<unknown>;
  readonly isReady: boolean;
}

export const WORKSHOP_KEY = 'workshop';

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
  const { data, mutate } = useSWR(WORKSHOP_KEY, async () => ({
    weaves: await listWeaves(db),
    swatches: await listSwatches(db),
    mixed: await listMixed(db),
    kept: await keptLogOf(db),
  }));
  return useMemo(() => {
    const own = data?.weaves.good ?? [];
    const swatches = data?.swatches.good ?? [];
    const mixed = data?.mixed ?? [];
    const kept = data?.kept;
    const said = kept && 'log' in kept ? kept : undefined;
    return {
      own,
      swatches,
      mixed,
      bad: { weaves: data?.weaves.bad ?? [], swatches: data?.swatches.bad ?? [] },
      isReady: data !== undefined,
      refresh: () => mutate(),
      ...(kept && 'log' in kept ? { log: kept.log } : {}),
      ...(kept && 'problem' in kept ? { logProblem: kept.problem } : {}),
      know: knowledgeOf(own, swatches, mixed, said?.learned, said?.minutes),
    };
  }, [data, mutate]);
}

/**
 * The log, worked through; the code for it is fetched once there is a finished piece. Where it fails plans use the
 * calculation alone, and the Log says why.
 */
async function keptLogOf(db: Database): Promise<KeptLog | { readonly problem: string } | undefined> {
  const makes = await listMakes(db);
  if (makes.length === 0) return undefined;
  try {
    const { workKeptLog } = await import('./workedLog.ts');
    return await workKeptLog(db, makes);
  } catch (error) {
    return { problem: (error as Error).message };
  }
}

/** What the log says of weaves in one cord, as it goes to a worker. */
export const learnedOf = (know: Knowledge, weaves: readonly string[], cord: string): LearnedBy =>
  Object.fromEntries(
    weaves.flatMap((id) => {
      const [forecast, minutes] = [know.learned?.(id, cord), know.minutes?.(id)];
      return forecast || minutes ? [[id, { forecast, minutes }] as const] : [];
    }),
  );

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
