import useSWR from 'swr';
import { useDatabase } from './services.tsx';

/** Where the moment of the last backup is kept. */
export const LAST_BACKUP = 'backedUpAt';
export const LAST_BACKUP_KEY = 'backed-up-at';
/** A backup is old after so many days. */
const OLD_DAYS = 30;
const DAY_MS = 86_400_000;

/** When the last backup was saved from this browser, in ms; null for never, undefined while it is being read. */
export function useLastBackup(): number | null | undefined {
  const db = useDatabase();
  const { data } = useSWR(LAST_BACKUP_KEY, async () => {
    const at = await db.get('settings', LAST_BACKUP);
    return typeof at === 'number' ? at : null;
  });
  return data;
}

/** What to remind of: nothing while a backup is fresh, or nothing was changed since. */
export function backupReminder(
  lastAt: number | null | undefined,
  changedAt: number | undefined,
  now: number,
): string | undefined {
  if (lastAt === undefined || changedAt === undefined) return undefined;
  if (lastAt === null) return 'no backup yet';
  const days = Math.floor((now - lastAt) / DAY_MS);
  return days >= OLD_DAYS && changedAt > lastAt ? `last backup ${days} days ago` : undefined;
}
