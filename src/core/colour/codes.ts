import { fail, ok, type Result } from '../result.ts';
import { formatSequence, type Item } from './sequence.ts';

/** International Morse code (ITU-R M.1677), letters and digits. */
const MORSE: Readonly<Record<string, string>> = {
  A: '.-',
  B: '-...',
  C: '-.-.',
  D: '-..',
  E: '.',
  F: '..-.',
  G: '--.',
  H: '....',
  I: '..',
  J: '.---',
  K: '-.-',
  L: '.-..',
  M: '--',
  N: '-.',
  O: '---',
  P: '.--.',
  Q: '--.-',
  R: '.-.',
  S: '...',
  T: '-',
  U: '..-',
  V: '...-',
  W: '.--',
  X: '-..-',
  Y: '-.--',
  Z: '--..',
  0: '-----',
  1: '.----',
  2: '..---',
  3: '...--',
  4: '....-',
  5: '.....',
  6: '-....',
  7: '--...',
  8: '---..',
  9: '----.',
};

const rows = (count: number, cord: number): Item => ({ count, unit: 'rows', cord });

/**
 * A word as rows of two cords: a dot is one row of B, a dash three; one row of A between signs, three between letters, seven
 * between words.
 */
export function morse(text: string): Result<string> {
  const words = text.trim().toUpperCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return fail({ code: 'code.empty', path: '', message: 'Write a short word.' });
  const unknown = [...words.join('')].find((c) => !MORSE[c]);
  if (unknown)
    return fail({
      code: 'code.sign',
      path: '',
      message: `“${unknown}” has no Morse sign here: letters A to Z and digits have.`,
    });
  const items: Item[] = [];
  words.forEach((word, w) => {
    if (w > 0) items.push(rows(7, 0));
    [...word].forEach((letter, l) => {
      if (l > 0) items.push(rows(3, 0));
      [...MORSE[letter]!].forEach((sign, s) => {
        if (s > 0) items.push(rows(1, 0));
        items.push(rows(sign === '.' ? 1 : 3, 1));
      });
    });
  });
  return ok(formatSequence(items));
}

/** A number or date in base 10: each digit as so many rows of B (ten for a nought), two rows of A between digits. */
export function digits(text: string): Result<string> {
  const found = text.replace(/\D/g, '');
  if (!found) return fail({ code: 'code.empty', path: '', message: 'Write a date or a number: 25.11.2026.' });
  if (found.length > 12)
    return fail({ code: 'code.long', path: '', message: 'A band has room for twelve digits at most.' });
  const items: Item[] = [];
  [...found].forEach((digit, i) => {
    if (i > 0) items.push(rows(2, 0));
    items.push(rows(digit === '0' ? 10 : Number(digit), 1));
  });
  return ok(formatSequence(items));
}

/** A sequence put in the middle of a band of A, as evenly as its rows allow. */
export function centre(text: string, sequenceRows: number, bandRows: number): string {
  const left = Math.floor((bandRows - sequenceRows) / 2);
  const right = bandRows - sequenceRows - left;
  return [left > 0 ? `${left}A` : '', text, right > 0 ? `${right}A` : ''].filter(Boolean).join(' ');
}
