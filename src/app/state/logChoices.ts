import type { LogChoices } from '../../core/log/log.ts';
import type { Database } from '../../storage/db.ts';

/** How the log counts. */
export interface KeptChoices extends LogChoices {
  /** Whether plans use it. */
  readonly isOn: boolean;
}

const USUAL: KeptChoices = { isOn: true, leftOut: [], confirmed: [] };
const strings = (value: unknown): string[] =>
  Array.isArray(value) ? value.filter((x) => typeof x === 'string') : [];

/** What was kept; what is spoilt counts as never said. */
export async function readLogChoices(db: Database): Promise<KeptChoices> {
  const kept = (await db.get('settings', 'logChoices')) as Partial<KeptChoices> | undefined;
  if (typeof kept !== 'object' || kept === null) return USUAL;
  return {
    isOn: kept.isOn !== false,
    leftOut: strings(kept.leftOut),
    confirmed: strings(kept.confirmed),
    ...(typeof kept.since === 'number' && Number.isFinite(kept.since) ? { since: kept.since } : {}),
  };
}

export const writeLogChoices = (db: Database, choices: KeptChoices): Promise<void> =>
  db.put('settings', choices, 'logChoices');
