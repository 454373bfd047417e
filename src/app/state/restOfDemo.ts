import { useEffect } from 'react';
import { mutate } from 'swr';
import type { Database } from '../../storage/db.ts';
import { restoreRings } from '../../storage/ringList.ts';
import { fillLedger } from '../../storage/stash.ts';
import { demoRings } from './demoRings.ts';
import { fillStall } from './demoStall.ts';
import { demoLedger } from './demoStash.ts';
import { CLASSES_KEY, ORDERS_KEY, RINGS_KEY, STASH_KEY, useDatabase } from './services.tsx';
import { STALL_KEY } from './stall.ts';

/** The stall's rings, orders and class, and its shelf where there is none yet: once, in a browser that the demo is new to. */
export async function bringRestOfDemo(db: Database): Promise<void> {
  if ((await db.get('settings', 'restOfDemo')) !== true) return;
  await restoreRings(db, demoRings(Date.now()));
  await fillLedger(db, demoLedger());
  await fillStall(db, Date.now());
  await db.delete('settings', 'restOfDemo');
  // Whoever is looking at them already sees them now.
  await Promise.all([RINGS_KEY, STASH_KEY, ORDERS_KEY, CLASSES_KEY, STALL_KEY].map((key) => mutate(key)));
}

/** The same for a screen that shows them. */
export function useRestOfDemo(): void {
  const db = useDatabase();
  useEffect(() => void bringRestOfDemo(db).catch(() => undefined), [db]);
}
