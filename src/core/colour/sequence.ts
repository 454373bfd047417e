import { type Issue, ok, type Result } from '../result.ts';

/** A run of one colour: so many rows, or so many millimetres. */
export interface ColourRun {
  readonly count: number;
  readonly unit: 'rows' | 'mm';
  /** Index of the cord, A = 0. */
  readonly cord: number;
}

/** A repeated part; `times` missing: as often as it fits. */
export interface Repeat {
  readonly items: readonly Item[];
  readonly times: number | undefined;
}

export type Item = ColourRun | Repeat;

const MOST_COUNT = 2000;
const MOST_DEPTH = 6;

interface Token {
  readonly kind: 'number' | 'mm' | 'letter' | '(' | ')' | '*';
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

const PATTERN = /\s*(?:(\d+(?:\.\d+)?)|(mm)|([A-Za-z])|([()*]))/gy;

/** Splits `6A 2B`, `(3A 1B)*`, `20mmA` into tokens; anything else is an issue with its place. */
export function tokenizeSequence(text: string): Result<Token[]> {
  const tokens: Token[] = [];
  PATTERN.lastIndex = 0;
  while (PATTERN.lastIndex < text.length) {
    if (text.slice(PATTERN.lastIndex).trim() === '') break;
    const start = PATTERN.lastIndex;
    const match = PATTERN.exec(text);
    if (!match) {
      const at = start + (text.slice(start).length - text.slice(start).trimStart().length);
      return {
        ok: false,
        issues: [
          issue(at, at + 1, `“${text[at]}” means nothing in a sequence; write 6A 2B, (3A 1B)* or 20mmA.`),
        ],
      };
    }
    const [, number, mm, letter, sign] = match;
    const word = number ?? mm ?? letter ?? sign!;
    const to = PATTERN.lastIndex;
    const kind = number ? 'number' : mm ? 'mm' : letter ? 'letter' : (sign as '(');
    tokens.push({ kind, text: word, from: to - word.length, to });
  }
  return ok(tokens);
}

/** Reads a colour sequence for cords A, B, …; issues carry the span of the text that they are about. */
export function parseSequence(text: string, cords: number): Result<Item[]> {
  const tokens = tokenizeSequence(text);
  if (!tokens.ok) return tokens;
  const list = tokens.value;
  if (list.length === 0)
    return { ok: false, issues: [issue(0, text.length, 'Write how many rows of which cord: 6A 2B 6A.')] };
  let at = 0;
  const read = (depth: number): Result<Item[]> => {
    const items: Item[] = [];
    while (at < list.length && list[at]!.kind !== ')') {
      const item = list[at]!.kind === '(' ? repeat(depth) : run();
      if (!item.ok) return item;
      items.push(item.value);
    }
    return ok(items);
  };
  const repeat = (depth: number): Result<Item> => {
    const open = list[at++]!;
    if (depth >= MOST_DEPTH) return bad(open, 'Too many brackets inside each other.');
    const items = read(depth + 1);
    if (!items.ok) return items;
    const close = list[at];
    if (close?.kind !== ')') return bad(open, 'This bracket is not closed.');
    if (items.value.length === 0) return bad(close, 'These brackets are empty.');
    at++;
    const next = list[at];
    if (next?.kind === '*') {
      at++;
      // A number of times stands right at the star; after a space it is the next run's.
      if (list[at]?.kind !== 'number' || list[at]!.from !== next.to)
        return ok({ items: items.value, times: undefined });
      const times = count(list[at++]!);
      return times.ok ? ok({ items: items.value, times: times.value }) : times;
    }
    return ok({ items: items.value, times: 1 });
  };
  const run = (): Result<Item> => {
    const first = list[at]!;
    let n = 1;
    if (first.kind === 'number') {
      const read = count(first);
      if (!read.ok) return read;
      n = read.value;
      at++;
    }
    const isMm = list[at]?.kind === 'mm';
    if (isMm) at++;
    const letter = list[at];
    if (letter?.kind !== 'letter') return bad(letter ?? first, 'A cord’s letter should come next, as in 6A.');
    const cord = letter.text.toUpperCase().charCodeAt(0) - 65;
    if (cord >= cords)
      return bad(
        letter,
        `There is no cord ${letter.text.toUpperCase()} here; there ${cords === 1 ? 'is only A' : `are A to ${String.fromCharCode(64 + cords)}`}.`,
      );
    if (!isMm && !Number.isInteger(n)) return bad(first, 'Rows are whole.');
    at++;
    return ok({ count: n, unit: isMm ? 'mm' : 'rows', cord });
  };
  const items = read(0);
  if (!items.ok) return items;
  if (at < list.length) return bad(list[at]!, 'This bracket was not opened.');
  return items;
}

function count(token: Token): Result<number> {
  const n = Number(token.text);
  return n > 0 && n <= MOST_COUNT ? ok(n) : bad(token, `A count must be between 1 and ${MOST_COUNT}.`);
}

const issue = (from: number, to: number, message: string): Issue => ({
  code: 'sequence.syntax',
  path: '/sequence/text',
  span: [from, to],
  message,
});

const bad = (token: Token, message: string): Result<never> => ({
  ok: false,
  issues: [issue(token.from, token.to, message)],
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
export interface Rowed {
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
