import { mutate } from 'swr';
import type { Database } from '../../storage/db.ts';
import { restoreRings } from '../../storage/ringList.ts';
import { fillLedger } from '../../storage/stash.ts';
import { demoRings } from './demoRings.ts';
import { demoLedger } from './demoStash.ts';
import { RINGS_KEY, STASH_KEY } from './services.tsx';

/** The stall's rings, and its shelf where there is none yet. */
export async function restOfDemoInto(db: Database): Promise<void> {
  await restoreRings(db, demoRings(Date.now()));
  await fillLedger(db, demoLedger());
  // Whoever is looking at them already sees them now.
  await Promise.all([mutate(RINGS_KEY), mutate(STASH_KEY)]);
}
