import { useEffect } from 'react';
import { useDatabase } from './services.tsx';

/** Looks for the first time once the page has come to rest, and then so often, in ms. */
const REST_MS = 6000;
const LOOK_MS = 1_800_000;

/** Has a copy of everything written into the maker's folder once a day, while the application is open. */
export function useFolderCopies(): void {
  const db = useDatabase();
  useEffect(() => {
    if (!('showDirectoryPicker' in window)) return;
    const look = async () => {
      const { copyIfDue } = await import('./copies.ts');
      await copyIfDue(db, Date.now());
    };
    // A folder that is gone, or a full disk, is told where copies are looked after; tying goes on.
    const quietly = () => void look().catch(() => undefined);
    const first = setTimeout(quietly, REST_MS);
    const again = setInterval(quietly, LOOK_MS);
    return () => {
      clearTimeout(first);
      clearInterval(again);
    };
  }, [db]);
}
