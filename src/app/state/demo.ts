import { type Design, readDesign } from '../../core/formats/design.ts';
import type { Database, DesignRecord } from '../../storage/db.ts';
import { restoreDesigns } from '../../storage/designs.ts';
import { writeSetting } from '../../storage/settings.ts';
import { demoFiles } from './demoFiles.ts';

const FILES = import.meta.glob<unknown>('../../../examples/*.json', { eager: true, import: 'default' });

/** What the Bench opens on: a plain bracelet says at once what the program is for. */
const FIRST = 'ines-dome-night';

const rank = (path: string): number => (path.includes(FIRST) ? 0 : 1);

/** The Cold Ridge Observatory's stall: the example designs, with ids of their own so that they are known again. */
export function demoRecords(now: number): DesignRecord[] {
  const files = Object.entries(FILES).sort((a, b) => rank(a[0]) - rank(b[0]));
  return demoFiles(files, readDesign, now).map(({ document, ...kept }) => ({ ...kept, design: document }));
}

/**
 * Puts the demo's designs into a browser and has the rest of it brought where somebody looks for it; what is there
 * already is left alone. Returns the ids of its designs, the one that says most first.
 */
export async function bringDemo(db: Database, now: number): Promise<readonly string[]> {
  const records = demoRecords(now);
  await restoreDesigns(db, records);
  await writeSetting(db, 'demoSeen', true);
  await db.put('settings', true, 'restOfDemo', 'relaxed');
  return records.map((r) => r.id);
}

/** The demo's designs, the one that says most first. */
export const demoDesigns = (): readonly Design[] =>
  demoRecords(0).flatMap(({ design }) => {
    const read = readDesign(design);
    return read.ok ? [read.value] : [];
  });
