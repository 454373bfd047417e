import type { Design } from '../formats/design.ts';
import { readDesign } from '../formats/design.ts';
import type { Make } from '../formats/make.ts';
import { markOf } from '../mark.ts';
import type { Knowledge } from '../plan/knowledge.ts';
import { fail, type Issue, ok, type Result } from '../result.ts';
import { dayNumber, isoDay } from '../stall/dates.ts';
import { parseLength } from '../units/index.ts';
import { makeFromOutside } from './outside.ts';
import { sensibleMake } from './sense.ts';

/** Columns of a table of finished pieces, one a row. Lengths in mm, several of one piece with a space between: cuts by cord, leftovers by end. */
export const MAKE_COLUMNS = [
  'id',
  'piece',
  'finished',
  'rows',
  'wovenMm',
  'closedMm',
  'cutMm',
  'leftOverMm',
  'tieMinutes',
  'fit',
  'lot',
  'notes',
] as const;
export type MakeColumn = (typeof MAKE_COLUMNS)[number];
export type MakeRow = Readonly<Partial<Record<MakeColumn, string>>>;

/** Without these no row can be read. */
export const NEEDED_COLUMNS: readonly MakeColumn[] = ['piece', 'finished'];

const DAY_MS = 86_400_000;
const FITS: readonly Make['fit'][] = ['right', 'tight', 'loose', 'not tried'];

const joined = (list: readonly number[]): string => list.map((mm) => String(Math.round(mm))).join(' ');

/** A piece as a row, as it goes out. */
export function rowOfMake(make: Make): Record<MakeColumn, string> {
  const optional = (mm: number | undefined) => (mm === undefined ? '' : String(Math.round(mm)));
  return {
    id: make.id,
    piece: make.name,
    finished: isoDay(Math.floor(make.finishedAt / DAY_MS)),
    rows: String(make.rows.reduce((a, b) => a + b, 0)),
    wovenMm: optional(make.wovenMm),
    closedMm: optional(make.closedMm),
    cutMm: joined(make.cuts.map((c) => c.cutMm)),
    leftOverMm: joined(make.leftovers.map((l) => l.leftMm)),
    tieMinutes: make.spent.tie > 0 ? (make.spent.tie / 60_000).toFixed(1) : '',
    fit: make.fit,
    lot: make.lot ?? '',
    notes: make.notes ?? '',
  };
}

/** Rows of another table under our columns, by the maker's own mapping from ours to its headings. */
export const mappedRows = (
  rows: readonly Readonly<Record<string, string>>[],
  headings: Readonly<Partial<Record<MakeColumn, string>>>,
): MakeRow[] =>
  rows.map((row) =>
    Object.fromEntries(
      MAKE_COLUMNS.flatMap((c) => {
        const heading = headings[c];
        return heading === undefined || row[heading] === undefined ? [] : [[c, row[heading]]];
      }),
    ),
  );

interface Known {
  /** Kept designs by name, in small letters. */
  readonly designs: ReadonlyMap<string, unknown>;
  readonly know: Knowledge;
}

/**
 * Reads finished pieces from a table, its heading being line 1. Cells that can't be read, or say what can't be, are named with line and column; then nothing is
 * imported. A row without an id gets one that follows from what it says, so that the same table is noticed when it comes in again.
 */
export function makesFromRows(rows: readonly MakeRow[], known: Known): Result<readonly Make[]> {
  if (rows.length === 0)
    return fail({ code: 'log.empty', path: '', message: 'There is no row under the heading.' });
  const issues: Issue[] = [];
  const makes: Make[] = [];
  for (const [i, raw] of rows.entries()) {
    const row = Object.fromEntries(Object.entries(raw).map(([k, v]) => [k, (v ?? '').trim()])) as MakeRow;
    const wrong = (column: MakeColumn, message: string) =>
      issues.push({
        code: 'log.row',
        path: `/${i}/${column}`,
        message: `Line ${i + 2}, column “${column}”: ${message}`,
      });
    const before = issues.length;
    const design = designOf(row.piece ?? '', known, (message) => wrong('piece', message));
    const day = dayNumber(row.finished ?? '');
    if (day === undefined)
      wrong('finished', `there is no day “${row.finished ?? ''}”; write it as 2026-12-05.`);
    const lengths = (column: 'wovenMm' | 'closedMm' | 'cutMm' | 'leftOverMm') =>
      lengthsOf(row[column] ?? '', (word) => wrong(column, `“${word}” is no length.`));
    const number = (column: 'rows' | 'tieMinutes', most: number) => {
      if (!row[column]) return undefined;
      const value = Number(row[column].replace(',', '.'));
      if (!(value > 0 && value <= most)) wrong(column, `“${row[column]}” is no number up to ${most}.`);
      return value;
    };
    const fit = (row.fit || 'not tried') as Make['fit'];
    if (!FITS.includes(fit)) wrong('fit', `“${row.fit}” is none of ${FITS.join(', ')}.`);
    const [woven, closed, cuts, left] = [
      lengths('wovenMm'),
      lengths('closedMm'),
      lengths('cutMm'),
      lengths('leftOverMm'),
    ];
    const rowCount = number('rows', 20_000);
    if (rowCount !== undefined && !Number.isInteger(rowCount)) wrong('rows', 'rows are counted whole.');
    const tieMinutes = number('tieMinutes', 100_000);
    if (issues.length > before || !design) continue;
    const made = makeFromOutside(
      {
        id: row.id || `table-${markOf(JSON.stringify(row))}`,
        design,
        // Midday, so that it is the same day wherever the maker is.
        finishedAt: (day! + 0.5) * DAY_MS,
        fit,
        cutMm: cuts,
        leftMm: left,
        ...(rowCount === undefined ? {} : { rows: rowCount }),
        ...(woven[0] === undefined ? {} : { wovenMm: woven[0] }),
        ...(closed[0] === undefined ? {} : { closedMm: closed[0] }),
        ...(tieMinutes === undefined ? {} : { tieMinutes }),
        ...(row.lot ? { lot: row.lot.slice(0, 60) } : {}),
        ...(row.notes ? { notes: row.notes.slice(0, 4000) } : {}),
      },
      known.know,
    );
    if (!made.ok) {
      wrong('piece', made.issues[0]!.message);
      continue;
    }
    if (cuts.length > made.value.cuts.length)
      wrong('cutMm', `${cuts.length} cuts, but this piece has ${made.value.cuts.length}.`);
    if (left.length > made.value.leftovers.length)
      wrong(
        'leftOverMm',
        `${left.length} leftovers, but it has ${made.value.leftovers.length} working ends.`,
      );
    const sensible = sensibleMake(made.value);
    if (sensible.ok) makes.push(sensible.value);
    else wrong('leftOverMm', sensible.issues[0]!.message);
  }
  return issues.length > 0 ? { ok: false, issues: issues.slice(0, 12) } : ok(makes);
}

function designOf(name: string, { designs }: Known, wrong: (message: string) => void): Design | undefined {
  const kept = designs.get(name.toLowerCase());
  const read = kept === undefined ? undefined : readDesign(kept);
  if (!read) wrong(`there is no design “${name}”. Plan it on the Bench first; then its pieces can come in.`);
  else if (!read.ok) wrong(read.issues[0]!.message);
  return read?.ok ? read.value : undefined;
}

/** Lengths in mm, with a space or semicolon between; with a unit behind each they may be in others. */
function lengthsOf(text: string, wrong: (word: string) => void): number[] {
  const words = text.match(/[\d.,]+\s*(?:mm|cm|m|in|")?/g) ?? [];
  if (text.replaceAll(/[\d.,]+\s*(?:mm|cm|m|in|")?/g, '').replaceAll(/[\s;]/g, '') !== '') wrong(text);
  return words.flatMap((word) => {
    const bare = Number(word.replace(',', '.'));
    const read = Number.isFinite(bare) ? ok(bare) : parseLength(word);
    if (read.ok && read.value >= 0 && read.value <= 1e6) return [read.value];
    wrong(word);
    return [];
  });
}
