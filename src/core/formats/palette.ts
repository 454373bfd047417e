import type { CordColour } from '../colour/palette.ts';
import { ok, type Result } from '../result.ts';
import { type DocumentKind, parseDocument } from './envelope.ts';
import validate from './palette.validate.gen.js';

const FORMAT = 'warp-beam/palette';
const VERSION = 1;

/** A palette of 200 cords is about 40 kB; a file larger than this is not read at all. */
export const MAX_PALETTE_CHARS = 200_000;

const KIND: DocumentKind = {
  format: FORMAT,
  version: VERSION,
  name: 'a Warp Beam palette',
  maxChars: MAX_PALETTE_CHARS,
  validate,
};

/** Cords of one's own as a document. */
export const formatPalette = (looks: readonly CordColour[]): string =>
  `${JSON.stringify({ format: FORMAT, version: VERSION, looks }, null, 2)}\n`;

/** Reads a palette from text; issues say where and why, and nothing is taken of a file that is wrong anywhere. */
export function parsePalette(text: string): Result<CordColour[]> {
  const read = parseDocument<{ looks: CordColour[] }>(text, KIND);
  return read.ok ? ok(read.value.looks) : read;
}
