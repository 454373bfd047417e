import { fail, ok, type Result } from '../result.ts';
import { fold } from '../stash/ledger.ts';
import type { Entry } from '../stash/types.ts';
import { type DocumentKind, parseDocument, readDocument } from './envelope.ts';
import validate from './stash.validate.gen.js';

const FORMAT = 'warp-beam/stash';
const VERSION = 1;
export const MAX_STASH_CHARS = 20_000_000;

const KIND: DocumentKind = {
  format: FORMAT,
  version: VERSION,
  name: 'a Warp Beam stash',
  maxChars: MAX_STASH_CHARS,
  validate,
};

/** A ledger as a document. */
export const formatStash = (entries: readonly Entry[]): string =>
  `${JSON.stringify({ format: FORMAT, version: VERSION, entries }, null, 1)}\n`;

/** Reads a ledger from text: its form, and that it never holds less than nothing. */
export function parseStash(text: string): Result<readonly Entry[]> {
  const read = parseDocument<{ entries: Entry[] }>(text, KIND);
  if (!read.ok) return read;
  const folded = fold(read.value.entries);
  return folded.ok ? ok(read.value.entries) : folded;
}

/** Whether one entry could be read back. */
export function checkEntry(entry: Entry): Result<Entry> {
  const read = readDocument({ format: FORMAT, version: VERSION, entries: [entry] }, KIND);
  return read.ok
    ? ok(entry)
    : fail({
        code: 'stash.entry',
        path: '',
        message: 'This entry can’t be kept: a length, name or place is out of range.',
      });
}
