import useSWR, { useSWRConfig } from 'swr';
import { readContents } from '../../storage/backup/contents.ts';
import { KINDS, type RecordKind } from '../../storage/backup/kinds.ts';
import { type Before, erase, takeBack } from '../../storage/backup/restore.ts';
import { DB_NAME, DB_VERSION } from '../../storage/db.ts';
import { useDatabase } from './services.tsx';

/** How much of one kind is kept. */
export interface KeptKind {
  readonly id: RecordKind['id'];
  readonly name: string;
  readonly records: number;
  readonly bytes: number;
}

/** What this browser keeps, and how to erase it. */
export function useKeptHere() {
  const db = useDatabase();
  const { mutate } = useSWRConfig();
  const {
    data: kinds,
    error,
    isLoading,
  } = useSWR<readonly KeptKind[], Error>('kept-here', async (): Promise<readonly KeptKind[]> => {
    const contents = await readContents(db);
    return KINDS.map(({ id, name }) => {
      const kept = contents.get(id) ?? [];
      return { id, name, records: kept.length, bytes: new Blob([JSON.stringify(kept)]).size };
    });
  });
  const readAgain = () => mutate(() => true);
  return {
    kinds,
    /** Why it could not be read. */
    problem: error?.message,
    isLoading,
    erase: async (kind: RecordKind['id']): Promise<readonly Before[]> => {
      const before = await erase(db, new Set([kind]));
      await readAgain();
      return before;
    },
    undo: async (before: readonly Before[]): Promise<void> => {
      await takeBack(db, before);
      await readAgain();
    },
    /** The store, what is still on its way into it, and the application itself as it is kept for use without a network. */
    eraseEverything: async (): Promise<void> => {
      await db.use((c) => {
        c.close();
        return new Promise<void>((done, fail) => {
          const asked = indexedDB.deleteDatabase(DB_NAME);
          asked.onsuccess = () => done();
          asked.onerror = () => fail(asked.error);
          asked.onblocked = () =>
            fail(new Error('Another tab has it open. Close the other tabs and try again.'));
        });
      });
      localStorage.clear();
      for (const registration of (await navigator.serviceWorker?.getRegistrations()) ?? [])
        await registration.unregister();
      for (const name of (await globalThis.caches?.keys()) ?? []) await caches.delete(name);
    },
  };
}

/** What somebody needs who looks into a fault: versions and sizes; no name, no design, no measure. */
export function reportText(
  kinds: readonly KeptKind[],
  tried: readonly { readonly name: string; readonly state: string; readonly detail: string }[],
): string {
  return [
    `Warp Beam ${__VERSION__}, store ${DB_VERSION}`,
    `Browser: ${navigator.userAgent}`,
    `Language: ${navigator.language}; processors: ${navigator.hardwareConcurrency}; screen: ${innerWidth} × ${innerHeight} at ${devicePixelRatio}`,
    `Offline copy: ${navigator.serviceWorker?.controller ? 'yes' : 'no'}; workers: ${typeof Worker === 'function' ? 'yes' : 'no'}`,
    '',
    'Kept here:',
    ...kinds.map((k) => `  ${k.id}: ${k.records} records, ${k.bytes} bytes`),
    '',
    'Self-test:',
    ...tried.map((t) => `  ${t.name}: ${t.state}${t.detail ? `, ${t.detail}` : ''}`),
    '',
  ].join('\n');
}
