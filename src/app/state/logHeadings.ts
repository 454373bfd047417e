import { MAKE_COLUMNS, type MakeColumn } from '../../core/log/table.ts';
import { markOf } from '../../core/mark.ts';
import type { Database } from '../../storage/db.ts';

type Headings = Partial<Record<MakeColumn, string>>;

const keyOf = (fields: readonly string[]): string => `logHeadings ${markOf(JSON.stringify(fields))}`;

/** What the headings of such a table were said to be, the last time one came in; what no longer fits counts as never said. */
export async function readHeadings(db: Database, fields: readonly string[]): Promise<Headings> {
  const kept = (await db.get('settings', keyOf(fields))) as Record<string, unknown> | undefined;
  if (typeof kept !== 'object' || kept === null) return {};
  return Object.fromEntries(
    MAKE_COLUMNS.flatMap((c) => {
      const field = kept[c];
      return typeof field === 'string' && fields.includes(field) ? [[c, field]] : [];
    }),
  );
}

export const writeHeadings = (db: Database, fields: readonly string[], headings: Headings): Promise<void> =>
  db.put('settings', { ...headings }, keyOf(fields));
