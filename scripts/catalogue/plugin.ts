import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Plugin } from 'vite';
import { isRead, keysOf, readSources } from './files.ts';
import { translateInto } from './language.ts';
import { rewrite } from './rewrite.ts';

/** How English counts things and puts articles before them; a language may bring its own. */
const GRAMMAR = /\/src\/core\/words\.ts$/;

/**
 * Builds the application in the language that WARP_BEAM_LANGUAGE names, from languages/<tag>.json; in English without one.
 * Texts are put in as it is built: nothing is looked up while it runs. Its grammar, where it has one of its own, is
 * languages/<tag>.words.ts, with the functions of core/words.ts.
 */
export function inLanguage(root: string, language = process.env.WARP_BEAM_LANGUAGE): Plugin[] {
  if (!language) return [];
  const keys = keysOf(readSources(root));
  const grammar = join(root, 'languages', `${language}.words.ts`);
  const translate = translateInto(language, (tag) => join(root, 'languages', `${tag}.json`));
  return [
    {
      name: 'in-language',
      enforce: 'pre',
      transform(source, id) {
        const [path = ''] = id.split('?');
        if (GRAMMAR.test(path) && existsSync(grammar))
          return { code: readFileSync(grammar, 'utf8'), map: null };
        return isRead(path) ? { code: rewrite(path, source, translate, keys).code, map: null } : undefined;
      },
    },
  ];
}
