import { useEffect } from 'react';
import { mutate } from 'swr';
import type { Database } from '../../storage/db.ts';
import { restoreRings } from '../../storage/ringList.ts';
import { fillLedger } from '../../storage/stash.ts';
import { demoRings } from './demoRings.ts';
import { demoLedger } from './demoStash.ts';
import { RINGS_KEY, STASH_KEY, useDatabase } from './services.tsx';

/** The stall's rings, and its shelf where there is none yet: once, in a browser that the demo is new to. */
export async function bringRestOfDemo(db: Database): Promise<void> {
  if ((await db.get('settings', 'restOfDemo')) !== true) return;
  await restoreRings(db, demoRings(Date.now()));
  await fillLedger(db, demoLedger());
  await db.delete('settings', 'restOfDemo');
  // Whoever is looking at them already sees them now.
  await Promise.all([mutate(RINGS_KEY), mutate(STASH_KEY)]);
}

/** The same for a screen that shows them. */
export function useRestOfDemo(): void {
  const db = useDatabase();
  useEffect(() => void bringRestOfDemo(db).catch(() => undefined), [db]);
}
