import { existsSync, readFileSync } from 'node:fs';
import type { Language } from '../../src/core/formats/language.gen.ts';
import validate from '../../src/core/formats/language.validate.gen.js';
import { mirrored, partsOf, type Translate } from './message.ts';

/** For trying out: no language, but every text in brackets and its parts turned round. */
export const MIRRORED = 'mirrored';

/** Reads a language file. Throws in words where it is none, or a translation names a part that its text does not have. */
export function readLanguage(path: string): Language {
  if (!existsSync(path)) throw new Error(`There is no language file ${path}.`);
  const read: unknown = JSON.parse(readFileSync(path, 'utf8'));
  if (!validate(read)) {
    const [error] = validate.errors ?? [];
    throw new Error(
      `${path} is no language file of version 1: ${error?.instancePath || 'it'} ${error?.message}.`,
    );
  }
  const language = read as Language;
  for (const [text, said] of Object.entries(language.texts)) partsOf(said, countOf(text));
  return language;
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
