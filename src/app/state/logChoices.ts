import type { Database } from '../../storage/db.ts';

/** How the log counts. */
export interface LogChoices {
  /** Whether plans go by it. */
  readonly isOn: boolean;
  /** Ids of pieces that do not count. */
  readonly leftOut: readonly string[];
  /** Ids of pieces whose odd entries the maker has said are right. */
  readonly confirmed: readonly string[];
}

const USUAL: LogChoices = { isOn: true, leftOut: [], confirmed: [] };
const strings = (value: unknown): string[] =>
  Array.isArray(value) ? value.filter((x) => typeof x === 'string') : [];

/** What was kept; what is spoilt counts as never said. */
export async function readLogChoices(db: Database): Promise<LogChoices> {
  const kept = (await db.get('settings', 'logChoices')) as Partial<LogChoices> | undefined;
  if (typeof kept !== 'object' || kept === null) return USUAL;
  return { isOn: kept.isOn !== false, leftOut: strings(kept.leftOut), confirmed: strings(kept.confirmed) };
}

export const writeLogChoices = (db: Database, choices: LogChoices): Promise<void> =>
  db.put('settings', choices, 'logChoices');
