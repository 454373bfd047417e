import useSWR, { useSWRConfig } from 'swr';
import { type Compared, compareBackup } from '../../storage/backup/compare.ts';
import { readContents } from '../../storage/backup/contents.ts';
import type { RecordKind } from '../../storage/backup/kinds.ts';
import { backupFiles, openBackup } from '../../storage/backup/pack.ts';
import { type Before, bringBack, takeBack } from '../../storage/backup/restore.ts';
import { zipInWorker } from '../../workers/outside/zip.ts';
import { LAST_BACKUP, LAST_BACKUP_KEY, useLastBackup } from './lastBackup.ts';
import { useDatabase } from './services.tsx';

/** What a chosen backup holds against what is here. */
export interface OpenedBackup {
  readonly madeAt: number;
  readonly compared: readonly Compared[];
}

/** How much the browser holds for this application, and whether it promises to keep it. */
export interface StorageRoom {
  readonly usedBytes: number | undefined;
  readonly mostBytes: number | undefined;
  readonly isPromised: boolean;
}

/** Everything in one file, and back. */
export function useBackup() {
  const db = useDatabase();
  const { mutate } = useSWRConfig();
  const lastAt = useLastBackup();
  const { data: room, mutate: mutateRoom } = useSWR('storage-room', async (): Promise<StorageRoom> => {
    const estimate = await navigator.storage?.estimate?.().catch(() => undefined);
    const isPromised = (await navigator.storage?.persisted?.().catch(() => false)) ?? false;
    return { usedBytes: estimate?.usage, mostBytes: estimate?.quota, isPromised };
  });
  /** Every list on every screen is read again. */
  const readAgain = () => mutate(() => true);
  return {
    lastAt,
    room,
    pack: async (): Promise<Uint8Array> => {
      const now = Date.now();
      const packed = await zipInWorker(backupFiles(await readContents(db), now));
      await db.put('settings', now, LAST_BACKUP, 'relaxed');
      await mutate(LAST_BACKUP_KEY, now, { revalidate: false });
      return packed;
    },
    open: async (file: File): Promise<OpenedBackup | string> => {
      const opened = openBackup(new Uint8Array(await file.arrayBuffer()));
      if (!opened.ok) return opened.issues[0]!.message;
      const { madeAt, contents } = opened.value;
      return { madeAt, compared: compareBackup(contents, await readContents(db)) };
    },
    bring: async (
      opened: OpenedBackup,
      kinds: ReadonlySet<RecordKind['id']>,
      replaces: boolean,
    ): Promise<readonly Before[]> => {
      const before = await bringBack(db, opened.compared, kinds, replaces);
      await readAgain();
      return before;
    },
    undo: async (before: readonly Before[]): Promise<void> => {
      await takeBack(db, before);
      await readAgain();
    },
    askToKeep: async (): Promise<boolean> => {
      const isPromised = (await navigator.storage?.persist?.().catch(() => false)) ?? false;
      await mutateRoom();
      return isPromised;
    },
  };
}
