import useSWR from 'swr';
import { readStall, type StallFigures } from '../../core/formats/stall.ts';
import { USUAL_STALL } from '../../core/stall/usual.ts';
import { useDatabase } from './services.tsx';

export const STALL_KEY = 'stall-figures';

/** What the stall reckons with: the maker's own figures, or the usual ones; and a way to keep others. */
export function useStall() {
  const db = useDatabase();
  const { data, mutate } = useSWR(STALL_KEY, async () => {
    const read = readStall(await db.get('settings', 'stall'));
    return read.ok ? read.value : undefined;
  });
  return {
    figures: data ?? USUAL_STALL,
    isOwn: data !== undefined,
    /** Keeps figures that can be read back; what prevents it comes back in words. */
    keep: async (next: StallFigures): Promise<string | undefined> => {
      const read = readStall(next);
      if (!read.ok) return read.issues[0]!.message;
      // Shown at once: what is changed while this is saved is changed on top of it.
      await mutate(read.value, { revalidate: false });
      try {
        await db.put('settings', read.value, 'stall');
      } catch (error) {
        await mutate();
        return `It could not be saved: ${(error as Error).message}`;
      }
      return undefined;
    },
  };
}
