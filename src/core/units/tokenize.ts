import { fail, ok, type Result } from '../result.ts';
import { quote } from '../validation.ts';

export type Unit = 'mm' | 'cm' | 'm' | 'in' | 'ft';

export interface LengthToken {
  readonly kind: 'number' | 'fraction' | 'slash' | 'unit';
  readonly text: string;
  readonly value: number;
  readonly unit?: Unit;
  readonly span: readonly [number, number];
}

const VULGAR: Record<string, number> = {
  '½': 1 / 2,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
};

const UNIT_WORDS: ReadonlyArray<readonly [RegExp, Unit]> = [
  [/^(?:millimetres?|millimeters?|mm)(?![a-z])/i, 'mm'],
  [/^(?:centimetres?|centimeters?|cm)(?![a-z])/i, 'cm'],
  [/^(?:metres?|meters?|m)(?![a-z])/i, 'm'],
  [/^(?:inches|inch|in\.?|″|”|"|''|′′|’’)(?![a-z])/i, 'in'],
  [/^(?:feet|foot|ft\.?|′|’|')(?![a-z])/i, 'ft'],
];

/** Splits a length as people type it into numbers, fractions and units, each with its place in the text. */
export function tokenizeLength(text: string): Result<readonly LengthToken[]> {
  const tokens: LengthToken[] = [];
  let at = 0;
  while (at < text.length) {
    const rest = text.slice(at);
    const blank = /^[\s\u00a0\u2009\u202f-]+/.exec(rest);
    if (blank && !(rest.startsWith('-') && tokens.length === 0)) {
      at += blank[0].length;
      continue;
    }
    const number = /^(?:\d+(?:[.,]\d*)?|[.,]\d+)/.exec(rest);
    if (number) {
      const span = [at, at + number[0].length] as const;
      tokens.push({ kind: 'number', text: number[0], value: Number(number[0].replace(',', '.')), span });
      at = span[1];
      continue;
    }
    const vulgar = VULGAR[rest[0]!];
    if (vulgar !== undefined) {
      tokens.push({ kind: 'fraction', text: rest[0]!, value: vulgar, span: [at, at + 1] });
      at += 1;
      continue;
    }
    if (rest[0] === '/' || rest[0] === '⁄') {
      tokens.push({ kind: 'slash', text: rest[0]!, value: 0, span: [at, at + 1] });
      at += 1;
      continue;
    }
    const word = UNIT_WORDS.map(([re, unit]) => ({ match: re.exec(rest), unit })).find((w) => w.match);
    if (!word?.match) return unreadable(text, at);
    const [found] = word.match;
    tokens.push({ kind: 'unit', text: found, value: 0, unit: word.unit, span: [at, at + found.length] });
    at += found.length;
  }
  return ok(tokens);
}

function unreadable(text: string, at: number) {
  const piece = /^(?:[a-z]+|.)/iu.exec(text.slice(at))?.[0] ?? text.slice(at, at + 1);
  const message =
    piece === '-'
      ? 'A length cannot be negative.'
      : `“${quote(piece)}” is not a number or a unit. Units are mm, cm, m, in (") and ft (').`;
  return fail({
    code: piece === '-' ? 'length.negative' : 'length.unreadable',
    path: '',
    span: [at, at + piece.length],
    message,
  });
}
