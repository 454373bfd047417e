import { fail, ok, type Result } from '../../core/result.ts';
import { crc32 } from '../../storage/crc32.ts';

/** So much of a design goes into one code: more is hard to read off a screen. */
const CHARS_A_CODE = 320;
/** More codes than these are no fun to photograph. */
export const MOST_CODES = 12;
const MARK = 'warpbeam';
const PART = /^warpbeam:(\d{1,2})\/(\d{1,2}):([0-9a-f]{8}):([A-Za-z0-9_-]+)$/;

/**
 * A link's code in parts, each for one QR code: its number, how many there are, the checksum of the whole, and its piece.
 */
export function codesOf(code: string): string[] {
  const count = Math.max(1, Math.ceil(code.length / CHARS_A_CODE));
  // As even as can be, so that all of them are as large.
  const each = Math.ceil(code.length / count);
  const sum = crc32(new TextEncoder().encode(code));
  return Array.from(
    { length: count },
    (_, i) => `${MARK}:${i + 1}/${count}:${sum}:${code.slice(i * each, (i + 1) * each)}`,
  );
}

interface Gathered {
  readonly sum: string;
  readonly count: number;
  /** By their number; those that were not seen yet are missing. */
  readonly parts: ReadonlyMap<number, string>;
}

/** Codes that were read, in any order and as often as one likes, put to what was read before. */
export function gather(texts: readonly string[], before?: Gathered): Result<Gathered> {
  let now = before;
  let isOther = false;
  for (const text of texts) {
    const match = PART.exec(text);
    if (!match) continue;
    const [, number, count, sum, piece] = match;
    if (!now || now.sum !== sum) {
      isOther = now !== undefined && texts.some((t) => t.includes(`:${now?.sum}:`));
      now = { sum: sum!, count: Number(count), parts: new Map() };
    }
    now = { ...now, parts: new Map([...now.parts, [Number(number), piece!]]) };
  }
  const no = (message: string) => fail({ code: 'codes', path: '', message });
  if (isOther) return no('These are codes of two designs. Photograph one row at a time.');
  if (!now) return no('No code of a design is in this picture. Get nearer, hold still, and try again.');
  return ok(now);
}

/** Numbers of codes that are still missing. */
export const missing = ({ count, parts }: Gathered): number[] =>
  Array.from({ length: count }, (_, i) => i + 1).filter((n) => !parts.has(n));

/** The link's code, once all are there. */
export function joined(gathered: Gathered): Result<string> {
  const code = Array.from({ length: gathered.count }, (_, i) => gathered.parts.get(i + 1) ?? '').join('');
  return crc32(new TextEncoder().encode(code)) === gathered.sum
    ? ok(code)
    : fail({ code: 'codes', path: '', message: 'The codes don’t fit together. Photograph them once more.' });
}

export type { Gathered };
