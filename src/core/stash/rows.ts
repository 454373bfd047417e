import { findCord } from '../cord/cords.ts';
import { markOf } from '../mark.ts';
import { fail, type Issue, ok, type Result } from '../result.ts';
import { parseLength } from '../units/index.ts';
import type { Incoming } from './delivery.ts';
import { parseLine, type Shop, UNKNOWN_COLOUR } from './line.ts';
import { readPart } from './parts.ts';
import type { Form, Known } from './types.ts';

/** Columns of a table of what is on the shelf, as it goes out. A table with a column “line” is read as typed lines instead. */
export const STASH_COLUMNS = [
  'what',
  'cord',
  'colour',
  'form',
  'amount',
  'unit',
  'known',
  'place',
  'priceCents',
] as const;
type Column = (typeof STASH_COLUMNS)[number] | 'line';
export type StashRow = Readonly<Partial<Record<Column, string>>>;

const FORMS: readonly Form[] = ['hank', 'spool', 'offcut', 'box'];
const KNOWN_WORDS: Readonly<Record<string, Known>> = {
  'by tape': 'tape',
  tape: 'tape',
  'by weight': 'weight',
  weight: 'weight',
  'by arm spans': 'spans',
  spans: 'spans',
  'full pack': 'pack',
  pack: 'pack',
  counted: 'count',
  count: 'count',
};

export interface RowsRead {
  readonly lots: readonly Incoming[];
  /** The same table gives the same mark, so that it is noticed when it comes in again. */
  readonly mark: string;
}

/**
 * Reads a table of lots, its heading being line 1. Cells that can't be read are named by line and column, and nothing is imported; colours that nobody knows
 * have their own code and the word as their path, so that they can be named once.
 */
export function lotsFromRows(rows: readonly StashRow[], shop: Shop): Result<RowsRead> {
  const issues: Issue[] = [];
  const lots: Incoming[] = [];
  const mark = markOf(JSON.stringify(rows));
  const add = (lot: Incoming) =>
    lots.push({ ...lot, lot: { ...lot.lot, id: `table-${mark}-${lots.length + 1}` } });
  for (const [i, raw] of rows.entries()) {
    const row = Object.fromEntries(Object.entries(raw).map(([k, v]) => [k, (v ?? '').trim()])) as StashRow;
    const wrong = (column: Column, message: string, code = 'stash.row', path = `/${i}/${column}`) =>
      issues.push({ code, path, message: `Line ${i + 2}, column “${column}”: ${message}` });
    if (row.line !== undefined) {
      const read = parseLine(row.line, shop);
      if (!read.ok) wrong('line', read.issues[0]!.message);
      else
        for (let n = 0; n < read.value.count; n++)
          add({ lot: { ...read.value.lot, id: '' }, amount: read.value.amount, known: read.value.known });
      continue;
    }
    const before = issues.length;
    const isCord = Boolean(row.cord || row.colour);
    const amount = amountOf(row, isCord);
    if (amount === undefined) wrong('amount', `“${row.amount ?? ''}” is no ${isCord ? 'length' : 'number'}.`);
    const price = row.priceCents ? Number(row.priceCents) : undefined;
    if (price !== undefined && !(Number.isInteger(price) && price >= 0 && price <= 1e8))
      wrong('priceCents', `“${row.priceCents}” is no price in hundredths.`);
    const known = row.known ? KNOWN_WORDS[row.known.toLowerCase()] : isCord ? 'tape' : 'count';
    if (known === undefined) wrong('known', `“${row.known}” is no way to know an amount.`);
    const form = (row.form || (isCord ? 'hank' : 'box')) as Form;
    if (!FORMS.includes(form)) wrong('form', `“${row.form}” is none of ${FORMS.join(', ')}.`);
    const colour = isCord ? colourId(row.colour ?? '', shop) : undefined;
    if (isCord && colour === undefined)
      wrong('colour', `“${row.colour ?? ''}” is no colour of yours.`, UNKNOWN_COLOUR, row.colour ?? '');
    const cord = row.cord
      ? (findCord(row.cord)?.id ?? shop.cords.find((c) => c.name === row.cord)?.id)
      : 'nylon-4';
    if (isCord && cord === undefined) wrong('cord', `there is no cord “${row.cord}”.`);
    const part = isCord ? undefined : readPart(row.what ?? '');
    if (!isCord && part === undefined)
      wrong('what', `“${row.what ?? ''}” is no cord, for it has no colour, and no buckle, ring or bead.`);
    if (issues.length > before) continue;
    const extra = {
      ...(row.place ? { place: row.place.slice(0, 100) } : {}),
      ...(price === undefined ? {} : { priceCents: price }),
    };
    add({
      lot: isCord
        ? { id: '', kind: 'cord', cord: cord!, colour: colour!, form, ...extra }
        : { id: '', kind: 'hardware', name: row.what!.slice(0, 100), part: part!, form: 'box', ...extra },
      amount: amount!,
      known: known!,
    });
  }
  if (rows.length === 0)
    return fail({ code: 'stash.empty', path: '', message: 'There is no row under the heading.' });
  return issues.length > 0 ? { ok: false, issues: issues.slice(0, 12) } : ok({ lots, mark });
}

/** Amount in mm, or pieces: a bare number in the unit of its column, or a length as it is typed. */
function amountOf(row: StashRow, isCord: boolean): number | undefined {
  const text = row.amount ?? '';
  const bare = Number(text.replace(',', '.'));
  const value =
    text === ''
      ? Number.NaN
      : !isCord || Number.isFinite(bare)
        ? bare *
          (isCord
            ? (({ m: 1000, cm: 10, mm: 1 } as Record<string, number>)[row.unit ?? 'mm'] ?? Number.NaN)
            : 1)
        : lengthOf(text);
  return value > 0 && value <= 1e8 ? value : undefined;
}

function lengthOf(text: string): number {
  const read = parseLength(text);
  return read.ok ? read.value : Number.NaN;
}

function colourId(word: string, { colours, aliases = {} }: Shop): string | undefined {
  const lower = word.toLowerCase();
  const alias = Object.keys(aliases).find((a) => a.toLowerCase() === lower);
  return (
    colours.find((c) => c.id === word || c.name.toLowerCase() === lower)?.id ??
    (alias ? aliases[alias] : undefined)
  );
}
