import { Cursor } from '../cursor.ts';
import { fail, type Issue, ok, type Result } from '../result.ts';

/** A run of one colour: so many rows, or so many millimetres. */
interface ColourRun {
  readonly count: number;
  readonly unit: 'rows' | 'mm';
  /** Index of the cord, A = 0. */
  readonly cord: number;
}

/** A repeated part; `times` missing: as often as it fits. */
interface Repeat {
  readonly items: readonly Item[];
  readonly times: number | undefined;
}

export type Item = ColourRun | Repeat;

const MOST_COUNT = 2000;
const MOST_DEPTH = 6;

interface Token {
  readonly kind: 'number' | 'mm' | 'letter' | '(' | ')' | '*';
  readonly text: string;
  readonly span: readonly [number, number];
}

const PATTERN = /\s*(?:(\d+(?:\.\d+)?)|(mm)|([A-Za-z])|([()*]))/gy;

/** Splits `6A 2B`, `(3A 1B)*`, `20mmA` into tokens; anything else is an issue with its place. */
function tokenizeSequence(text: string): Result<Token[]> {
  const tokens: Token[] = [];
  PATTERN.lastIndex = 0;
  while (PATTERN.lastIndex < text.length) {
    if (text.slice(PATTERN.lastIndex).trim() === '') break;
    const start = PATTERN.lastIndex;
    const match = PATTERN.exec(text);
    if (!match) {
      const at = start + (text.slice(start).length - text.slice(start).trimStart().length);
      return fail(
        issue(at, at + 1, `“${text[at]}” means nothing in a sequence; write 6A 2B, (3A 1B)* or 20mmA.`),
      );
    }
    const [, number, mm, letter, sign] = match;
    const word = number ?? mm ?? letter ?? sign!;
    const to = PATTERN.lastIndex;
    const kind = number ? 'number' : mm ? 'mm' : letter ? 'letter' : (sign as '(');
    tokens.push({ kind, text: word, span: [to - word.length, to] });
  }
  return ok(tokens);
}

/** Reads a colour sequence for cords A, B, …; issues carry the span of the text that they are about. */
export function parseSequence(text: string, cords: number): Result<Item[]> {
  const tokens = tokenizeSequence(text);
  if (!tokens.ok) return tokens;
  if (tokens.value.length === 0)
    return fail(issue(0, text.length, 'Write how many rows of which cord: 6A 2B 6A.'));
  const cursor: SequenceCursor = new Cursor(tokens.value, (_, message, token) =>
    token ? issue(...token.span, message) : issue(text.length, text.length, message),
  );
  const items = readItems(cursor, cords, 0);
  if (cursor.more()) wrong(cursor, cursor.peek(), 'This bracket was not opened.');
  return cursor.result(items);
}

type SequenceCursor = Cursor<Token>;

const wrong = (cursor: SequenceCursor, token: Token | undefined, message: string): void =>
  cursor.stop('sequence.syntax', message, token);

function readItems(cursor: SequenceCursor, cords: number, depth: number): Item[] {
  const items: Item[] = [];
  while (cursor.more() && cursor.peek()!.kind !== ')')
    items.push(cursor.peek()!.kind === '(' ? readRepeat(cursor, cords, depth) : readRun(cursor, cords));
  return items;
}

function readRepeat(cursor: SequenceCursor, cords: number, depth: number): Repeat {
  const open = cursor.next();
  if (depth >= MOST_DEPTH) wrong(cursor, open, 'Too many brackets inside each other.');
  const items = readItems(cursor, cords, depth + 1);
  const close = cursor.take((t) => t.kind === ')');
  if (!close) wrong(cursor, open, 'This bracket is not closed.');
  if (items.length === 0) wrong(cursor, close, 'These brackets are empty.');
  const star = cursor.take((t) => t.kind === '*');
  if (!star) return { items, times: 1 };
  // A number of times stands right at the star; after a space it is the next run's.
  const times = cursor.take((t) => t.kind === 'number' && t.span[0] === star.span[1]);
  return { items, times: times && readCount(cursor, times) };
}

function readRun(cursor: SequenceCursor, cords: number): ColourRun {
  const first = cursor.peek();
  const number = cursor.take((t) => t.kind === 'number');
  const count = number ? readCount(cursor, number) : 1;
  const isMm = cursor.take((t) => t.kind === 'mm') !== undefined;
  const letter = cursor.take((t) => t.kind === 'letter');
  if (!letter) wrong(cursor, cursor.peek() ?? first, 'A cord’s letter should come next, as in 6A.');
  const name = letter?.text.toUpperCase() ?? 'A';
  const cord = name.charCodeAt(0) - 65;
  if (cord >= cords) {
    const there = cords === 1 ? 'is only A' : `are A to ${String.fromCharCode(64 + cords)}`;
    wrong(cursor, letter, `There is no cord ${name} here; there ${there}.`);
  }
  if (!isMm && !Number.isInteger(count)) wrong(cursor, first, 'Rows are whole.');
  return { count, unit: isMm ? 'mm' : 'rows', cord };
}

function readCount(cursor: SequenceCursor, token: Token): number {
  const count = Number(token.text);
  if (count > 0 && count <= MOST_COUNT) return count;
  wrong(cursor, token, `A count must be between 1 and ${MOST_COUNT}.`);
  return 1;
}

const issue = (from: number, to: number, message: string): Issue => ({
  code: 'sequence.syntax',
  path: '/sequence/text',
  span: [from, to],
  message,
});

/** The text of a sequence, in its shortest form. */
export const formatSequence = (items: readonly Item[]): string => items.map(formatItem).join(' ');

function formatItem(item: Item): string {
  if ('items' in item) {
    const inner = `(${formatSequence(item.items)})`;
    return item.times === undefined ? `${inner}*` : item.times === 1 ? inner : `${inner}*${item.times}`;
  }
  return `${item.count}${item.unit === 'mm' ? 'mm' : ''}${String.fromCharCode(65 + item.cord)}`;
}

/** Rows of one colour that follow each other; rows count from 0, `to` is not included. */
export interface ColourStretch {
  readonly cord: number;
  readonly from: number;
  readonly to: number;
}

/** What a sequence makes of so many rows. */
interface Rowed {
  readonly stretches: readonly ColourStretch[];
  /** Rows that the sequence leaves over (the last colour goes on in them), or that do not find room (negative). */
  readonly overRows: number;
}

/** Lays a sequence on the rows of a band: millimetres to the nearest row, at least one; a starred part as often as it fits. */
export function layOnRows(items: readonly Item[], rows: number, rowHeightMm: number): Rowed {
  const flat: { cord: number; rows: number }[] = [];
  const inRows = (r: ColourRun) =>
    r.unit === 'rows' ? r.count : Math.max(1, Math.round(r.count / rowHeightMm));
  const length = (list: readonly Item[]): number =>
    list.reduce((sum, i) => sum + ('items' in i ? length(i.items) * (i.times ?? 0) : inRows(i)), 0);
  const used = length(items);
  const put = (list: readonly Item[], free: number) => {
    for (const item of list) {
      if (!('items' in item)) {
        flat.push({ cord: item.cord, rows: inRows(item) });
        continue;
      }
      const each = length(item.items);
      const times = item.times ?? (each > 0 ? Math.max(0, Math.ceil((free - used) / each)) : 0);
      for (let n = 0; n < times && flat.length < MOST_COUNT; n++) put(item.items, free);
    }
  };
  put(items, rows);
  const stretches: ColourStretch[] = [];
  let at = 0;
  for (const { cord, rows: n } of flat) {
    if (at >= rows) break;
    const to = Math.min(rows, at + n);
    const last = stretches.at(-1);
    if (last?.cord === cord) stretches[stretches.length - 1] = { ...last, to };
    else stretches.push({ cord, from: at, to });
    at = to;
  }
  const total = flat.reduce((sum, f) => sum + f.rows, 0);
  const isEndless = items.some((i) => 'items' in i && i.times === undefined);
  const last = stretches.at(-1);
  if (at < rows && last) stretches[stretches.length - 1] = { ...last, to: rows };
  return { stretches, overRows: isEndless && total >= rows ? 0 : rows - total };
}

/** Stretches as a sequence of rows. */
export const sequenceOf = (stretches: readonly ColourStretch[]): Item[] =>
  stretches.map((s) => ({ count: s.to - s.from, unit: 'rows' as const, cord: s.cord }));
