import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { CLOSURES } from './closures/index.ts';
import { PRODUCTS } from './fit/products.ts';
import { PATTERNS } from './patterns/index.ts';
import { STYLES } from './plan/setups/index.ts';

const SRC = join(import.meta.dirname, '..');
/** Every source that is no test, no generated file and no demo data. */
const sources = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter(
  (f) => /\.tsx?$/.test(f) && !/\.(test|gen)\.|^server\//.test(f),
);

const KINDS = [
  { name: 'patterns', home: 'core/patterns/', ids: PATTERNS.map((p) => p.id) },
  { name: 'closures', home: 'core/closures/', ids: CLOSURES.map((c) => c.id) },
  { name: 'products', home: 'core/fit/products.ts', ids: PRODUCTS.map((p) => p.id) },
  { name: 'styles of set-up', home: 'core/plan/setups/', ids: Object.keys(STYLES) },
];

describe.each(KINDS)('single $name', ({ home, ids }) => {
  it('decide nothing outside their own room: what is special about one is a field of its record', () => {
    const one = `'(?:${ids.join('|')})'`;
    // What holds an id of its kind; kinds of add-ons and looks of shapes may be called alike.
    const holder = '(?:[iI]d|(?:closure|spec)\\.kind|pattern|closure|product|style)';
    const decides = new RegExp(
      `${holder}\\s*[!=]==\\s*${one}|${one}\\s*[!=]==\\s*[\\w.]*${holder}\\b|${holder}\\.(?:includes|startsWith|endsWith)\\(`,
    );
    const found = sources
      .filter((f) => !f.replaceAll('\\', '/').startsWith(home))
      .flatMap((f) =>
        readFileSync(join(SRC, f), 'utf8')
          .split('\n')
          .flatMap((line, i) => (decides.test(line) ? [`${f}:${i + 1} ${line.trim()}`] : [])),
      );
    expect(found).toEqual([]);
  });
});

describe('words of the interface', () => {
  it('are never searched to decide something', () => {
    // A field of prose, searched for a word.
    const prose =
      /\b(?:mistake|looks|sign|label|message|name|words|title|role|what|family)\)?\.(?:includes|startsWith|endsWith|match)\(\s*['"/]/;
    const found = sources.flatMap((f) =>
      readFileSync(join(SRC, f), 'utf8')
        .split('\n')
        .flatMap((line, i) => (prose.test(line) ? [`${f}:${i + 1} ${line.trim()}`] : [])),
    );
    expect(found).toEqual([]);
  });
});
