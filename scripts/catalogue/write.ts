/**
 * The catalogue of all texts, ready to be translated:  npm run catalogue -- de
 * Writes languages/de.json with every text of the application. What was translated stays; texts that are gone go.
 */
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Language } from '../../src/core/formats/language.gen.ts';
import { allTexts, readSources } from './files.ts';
import { readLanguage } from './language.ts';

const root = join(import.meta.dirname, '../..');
const [tag] = process.argv.slice(2);
if (!tag || !/^[a-z]{2,3}(?:-[A-Za-z0-9]+)*$/.test(tag)) {
  console.error('Name the language by its tag: npm run catalogue -- de');
  process.exit(1);
}
const path = join(root, 'languages', `${tag}.json`);
const before: Readonly<Record<string, string>> = existsSync(path) ? readLanguage(path).texts : {};
const texts = Object.fromEntries(
  [...allTexts(readSources(root)).keys()].map((text) => [text, before[text] ?? '']),
);
const language: Language = { format: 'warp-beam/language', version: 1, language: tag, texts };
mkdirSync(join(root, 'languages'), { recursive: true });
writeFileSync(path, `${JSON.stringify(language, null, 1)}\n`);
const said = Object.values(texts).filter((text) => text !== '').length;
const gone = Object.keys(before).filter((text) => !(text in texts)).length;
console.log(`${path}: ${Object.keys(texts).length} texts, ${said} translated, ${gone} gone.`);
