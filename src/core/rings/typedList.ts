import { fail, type Issue, ok, type Result } from '../result.ts';
import type { Bight, Letter } from './types.ts';

/** One line of a run list as somebody wrote it. */
export interface TypedRun {
  readonly k: number;
  readonly from: Bight;
  readonly to: Bight;
  readonly letters: readonly Letter[];
  /** Line of the text, from 1. */
  readonly line: number;
}

const LINE = /^\s*(?:(\d+)[.:)]?\s+)?([LR])\s*(\d+)\s*(?:→|->|–|-|to)\s*([LR])\s*(\d+)\s*[:,]?\s*(.*)$/i;
const MOST_COUNT = 400;

/** Reads a run list line by line: `4 R1→L3 O1 U2`. Lines that begin with # and blank ones are left out. */
export function parseRuns(text: string): Result<TypedRun[]> {
  const runs: TypedRun[] = [];
  for (const [i, raw] of text.split(/\r?\n/).entries()) {
    if (/^\s*(#|$)/.test(raw)) continue;
    const match = LINE.exec(raw);
    if (!match)
      return fail(wrong(i + 1, `Write a half cycle like “4 R1→L3 O1 U1”, not “${raw.trim().slice(0, 40)}”.`));
    const [, k, fromEdge, from, toEdge, to, words] = match;
    const letters = parseLetters(words!, i + 1);
    if (!letters.ok) return letters;
    const bight = (edge: string, number: string): Bight => ({
      edge: edge.toUpperCase() as Bight['edge'],
      number: Number(number),
    });
    runs.push({
      k: k === undefined ? runs.length + 1 : Number(k),
      from: bight(fromEdge!, from!),
      to: bight(toEdge!, to!),
      letters: letters.value,
      line: i + 1,
    });
  }
  if (runs.length === 0) return fail(wrong(1, 'There is no half cycle in this list.'));
  return ok(runs);
}

/** `O1 U2`, `OUU`, `free` or nothing. */
export function parseLetters(words: string, line = 1): Result<Letter[]> {
  const text = words.trim();
  if (text === '' || /^free$/i.test(text)) return ok([]);
  const letters: Letter[] = [];
  const rest = text.replace(/\+?([OU])\s*(\d*)\s*,?/gi, (_all, letter: string, count: string) => {
    const times = count === '' ? 1 : Number(count);
    for (let i = 0; i < Math.min(times, MOST_COUNT); i++) letters.push(letter.toUpperCase() as Letter);
    return '';
  });
  if (rest.trim() !== '' || letters.length >= MOST_COUNT)
    return fail(wrong(line, `Write over and under like “O1 U2”, not “${text.slice(0, 40)}”.`));
  return ok(letters);
}

const wrong = (line: number, message: string): Issue => ({
  code: 'ring.list',
  path: `/line/${line}`,
  message: `Line ${line}: ${message}`,
});
