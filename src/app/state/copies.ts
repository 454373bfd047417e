import { format } from 'date-fns';
import useSWR from 'swr';
import { readContents } from '../../storage/backup/contents.ts';
import { backupFiles } from '../../storage/backup/pack.ts';
import type { Database } from '../../storage/db.ts';
import { zipInWorker } from '../../workers/outside/zip.ts';
import { useDatabase } from './services.tsx';

/** What the File System Access API offers beyond what TypeScript knows of it. */
interface Folder extends FileSystemDirectoryHandle {
  readonly queryPermission?: (ask: { readonly mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (ask: { readonly mode: 'readwrite' }) => Promise<PermissionState>;
}
type Picker = (ask: { readonly id: string; readonly mode: 'readwrite' }) => Promise<Folder>;

const FOLDER = 'copiesFolder';
const COPIED_AT = 'copiedAt';
/** A copy a day is enough, and so many days are kept. */
const DAY_MS = 86_400_000;
const MOST_COPIES = 10;
const OURS = /^warp-beam-\d{4}-\d{2}-\d{2}\.zip$/;

const pickerOf = (): Picker | undefined =>
  (window as unknown as { showDirectoryPicker?: Picker }).showDirectoryPicker?.bind(window);

/** Where copies go, when the last one went, and whether the browser lets us. */
export interface Copies {
  readonly folder: string;
  readonly lastAt: number | undefined;
  /** The browser asks again before it lets anything be written there. */
  readonly mustAsk: boolean;
}

async function folderOf(db: Database): Promise<Folder | undefined> {
  const kept = await db.get('settings', FOLDER);
  return typeof FileSystemDirectoryHandle === 'function' && kept instanceof FileSystemDirectoryHandle
    ? kept
    : undefined;
}

const mayWrite = async (folder: Folder): Promise<boolean> =>
  (await folder.queryPermission?.({ mode: 'readwrite' })) !== 'prompt';

/** Writes a copy of everything, and clears away the oldest ones beyond the last few; only files that are named as ours. */
async function copyInto(folder: Folder, db: Database, now: number): Promise<void> {
  // Packed first: whatever fails leaves the day's copy as it was.
  const packed = await zipInWorker(backupFiles(await readContents(db), now));
  const file = await folder.getFileHandle(`warp-beam-${format(now, 'yyyy-MM-dd')}.zip`, { create: true });
  const stream = await file.createWritable();
  await stream.write(packed as Uint8Array<ArrayBuffer>);
  await stream.close();
  await db.put('settings', now, COPIED_AT, 'relaxed');
  const names: string[] = [];
  for await (const name of (folder as unknown as { keys: () => AsyncIterable<string> }).keys())
    names.push(name);
  for (const name of tooOld(names)) await folder.removeEntry(name);
}

/** Whether the last copy is a day old, or there is none; a clock that was set back counts as due. */
export const isDue = (lastAt: unknown, now: number): boolean =>
  typeof lastAt !== 'number' || now - lastAt >= DAY_MS || now < lastAt;

/** Which of a folder's files are copies of ours that are no longer kept: all but the last ten by their day. */
export const tooOld = (names: readonly string[]): string[] =>
  names
    .filter((name) => OURS.test(name))
    .toSorted()
    .slice(0, -MOST_COPIES);

/** A copy, if a folder was chosen, the browser lets us write there, and the last copy is a day old. */
export async function copyIfDue(db: Database, now: number): Promise<boolean> {
  const folder = await folderOf(db);
  const last = await db.get('settings', COPIED_AT);
  if (!folder || !isDue(last, now) || !(await mayWrite(folder))) return false;
  await copyInto(folder, db, now);
  return true;
}

/** The maker's folder for automatic copies. */
export function useCopies() {
  const db = useDatabase();
  const { data, mutate } = useSWR('copies', async (): Promise<Copies | null> => {
    const folder = await folderOf(db);
    if (!folder) return null;
    const last = await db.get('settings', COPIED_AT);
    return {
      folder: folder.name || 'the folder you chose',
      lastAt: typeof last === 'number' ? last : undefined,
      mustAsk: !(await mayWrite(folder)),
    };
  });
  return {
    canChoose: pickerOf() !== undefined,
    copies: data,
    /** Throws in words where nothing can be written there. Nothing happens where the maker chose none. */
    choose: async (): Promise<void> => {
      const folder = await pickerOf()?.({ id: 'warp-beam-copies', mode: 'readwrite' }).catch(
        (error: Error) => {
          if (error.name === 'AbortError') return undefined;
          throw error;
        },
      );
      if (!folder) return;
      await copyInto(folder, db, Date.now());
      await db.put('settings', folder, FOLDER);
      await mutate();
    },
    copyNow: async (): Promise<void> => {
      const folder = await folderOf(db);
      if (!folder) return;
      if ((await folder.requestPermission?.({ mode: 'readwrite' })) === 'denied')
        throw new Error('The browser was told not to let Warp Beam write there.');
      await copyInto(folder, db, Date.now());
      await mutate();
    },
    stop: async (): Promise<void> => {
      await db.delete('settings', FOLDER);
      await mutate();
    },
  };
}
