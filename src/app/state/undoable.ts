import type { Database } from '../../storage/db.ts';
import { removeKept, restoreKept } from '../../storage/keptList.ts';
import { useToast } from '../ui/Toast.tsx';
import { useDatabase } from './services.tsx';

type Listed = Parameters<typeof removeKept>[1];

/** Takes a record out of a list of documents and offers to put it back. */
export function useRemoval<N extends Listed>(store: N, refresh: () => Promise<unknown>) {
  const db: Database = useDatabase();
  const toast = useToast();
  return async (id: string, said: (name: string) => string): Promise<void> => {
    const removed = await removeKept(db, store, id);
    await refresh();
    if (!removed) return;
    toast({
      text: said(removed.name),
      action: {
        text: 'Undo',
        run: async () => {
          await restoreKept(db, store, [removed]);
          await refresh();
        },
      },
    });
  };
}
