import useSWR from 'swr';
import type { Database } from '../../storage/db.ts';
import { useDatabase } from './services.tsx';

/** Places where a hint waits for whoever is new. */
export type HintId = 'bench-words' | 'bench-why' | 'tie-next' | 'practice-keys';

export const HINTS_KEY = 'hintsSeen';

/** The hints that were dismissed in this browser; read before anything is shown, so that a hint moves nothing when it comes. */
export async function readHints(db: Database): Promise<readonly string[]> {
  const kept: unknown = await db.get('settings', HINTS_KEY);
  return Array.isArray(kept) ? kept.filter((id) => typeof id === 'string') : [];
}

/** Hints that were dismissed in this browser; dismissed ones stay away until they are asked for again. */
export function useHints() {
  const db = useDatabase();
  const { data, mutate } = useSWR(HINTS_KEY, () => readHints(db));
  const keep = async (seen: readonly string[]) => {
    await mutate(seen, { revalidate: false });
    await db.put('settings', seen, HINTS_KEY, 'relaxed').catch(() => undefined);
  };
  return {
    /** False while it is not known: a hint never flashes up and goes. */
    isDue: (id: HintId): boolean => data !== undefined && !data.includes(id),
    anySeen: data !== undefined && data.length > 0,
    dismiss: (id: HintId) => void keep([...new Set([...(data ?? []), id])]),
    showAgain: () => void keep([]),
  };
}
