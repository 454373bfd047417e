import { existsSync, readFileSync } from 'node:fs';
import { mirrored, partsOf, type Translate } from './message.ts';

/** A language file: every text of the application in English, and what it reads in that language; empty where it is English still. */
export interface Language {
  readonly format: 'warp-beam/language';
  readonly version: 1;
  /** Its tag, as `de` or `pt-BR`. */
  readonly language: string;
  readonly texts: Readonly<Record<string, string>>;
}

/** For trying out: no language, but every text in brackets and its parts turned round. */
export const MIRRORED = 'mirrored';

/** Reads a language file. Throws in words where it is none, or a translation names a part that its text does not have. */
export function readLanguage(path: string): Language {
  if (!existsSync(path)) throw new Error(`There is no language file ${path}.`);
  const read = JSON.parse(readFileSync(path, 'utf8')) as Partial<Language>;
  if (read.format !== 'warp-beam/language' || read.version !== 1 || typeof read.texts !== 'object')
    throw new Error(`${path} is no language file of version 1.`);
  for (const [text, said] of Object.entries(read.texts)) {
    if (typeof said !== 'string') throw new Error(`${path}: “${text}” is not translated by a text.`);
    partsOf(said, countOf(text));
  }
  return read as Language;
}

/** How many parts a text has. */
const countOf = (text: string): number =>
  partsOf(text, Number.POSITIVE_INFINITY).filter((part) => typeof part === 'number').length;

/** How texts are looked up for a language: its file’s, or the mirror’s. */
export function translateInto(language: string, pathOf: (language: string) => string): Translate {
  if (language === MIRRORED) return mirrored;
  const { texts } = readLanguage(pathOf(language));
  return (message) => texts[message] || undefined;
}
