import type { UnitSystem } from '../core/units/index.ts';
import type { Database } from './db.ts';

export interface Settings {
  readonly units: UnitSystem;
  readonly lastDesign: string | undefined;
  /** Set once the demo has been offered, so that clearing it lasts. */
  readonly demoSeen: boolean;
}

const DEFAULTS: Settings = { units: 'metric', lastDesign: undefined, demoSeen: false };

export async function readSettings(db: Database): Promise<Settings> {
  const [units, lastDesign, demoSeen] = await Promise.all(
    ['units', 'lastDesign', 'demoSeen'].map((k) => db.get('settings', k)),
  );
  return {
    units: units === 'imperial' ? 'imperial' : DEFAULTS.units,
    lastDesign: typeof lastDesign === 'string' ? lastDesign : undefined,
    demoSeen: demoSeen === true,
  };
}

export async function writeSetting<K extends keyof Settings>(
  db: Database,
  key: K,
  value: Settings[K],
): Promise<void> {
  await db.put('settings', value, key, 'relaxed');
}

/** How the maker worked last: unchecked, as it was written. */
export const readWay = (db: Database): Promise<unknown> => db.get('settings', 'way');

export async function writeWay(db: Database, way: object): Promise<void> {
  await db.put('settings', way, 'way', 'relaxed');
}
