import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { parseSync } from 'vite';
import { afterAll, describe, expect, it } from 'vitest';
import { allTexts, keysOf, readSources } from './files.ts';
import { keysIn } from './keys.ts';
import { MIRRORED, readLanguage, translateInto } from './language.ts';
import { messageOf, mirrored, partsOf } from './message.ts';
import { parsed, rewrite } from './rewrite.ts';

const root = join(import.meta.dirname, '../..');
const sources = readSources(root);
const keys = keysOf(sources);
const dir = mkdtempSync(join(tmpdir(), 'warp-beam-language-'));
afterAll(() => rmSync(dir, { recursive: true, force: true }));

/** A file in a language of these texts. */
const said = (source: string, texts: Readonly<Record<string, string>>): string =>
  rewrite('file.tsx', source, (m) => texts[m], keysIn(parsed('file.tsx', source))).code;
const found = (source: string): string[] =>
  rewrite('file.tsx', source, () => undefined, keysIn(parsed('file.tsx', source))).found.map(
    (f) => f.message,
  );

describe('a text with moving parts', () => {
  it('numbers them, doubles braces, and comes back', () => {
    const parts = ['Cut ', 0, ' of {', 1, '}'];
    expect(messageOf(parts)).toBe('Cut {0} of {{{1}}}');
    expect(partsOf(messageOf(parts), 2)).toEqual(parts);
  });

  it('may have them in another order or twice; one that it has not is refused', () => {
    expect(partsOf('{1} von {0}, {1}', 2)).toEqual([1, ' von ', 0, ', ', 1]);
    expect(() => partsOf('{2}', 2)).toThrow('“{2}” has no part {2}.');
    expect(() => partsOf('half {', 2)).toThrow('single {');
  });

  it('is tried out in brackets with its parts turned round', () => {
    expect(mirrored('Cut {0}, tie {1} rows')).toBe('⟦Cut {1}, tie {0} rows⟧');
  });
});

describe('a source file in another language', () => {
  it('puts the parts of a sentence between tags in their new order, with blanks as they are read', () => {
    const source = `const a = (
      <p className="text-lg">
        For {wrist}: cut <b>{cut}</b>,{' '}
        tie {rows} rows
      </p>
    );`;
    expect(found(source)).toEqual(['For {0}: cut {1}, tie {2} rows']);
    const code = said(source, { 'For {0}: cut {1}, tie {2} rows': '{2} rivejä, {1}: {0}' });
    expect(code).toContain('<p className="text-lg">{rows}{" rivejä, "}<b>{cut}</b>{": "}{wrist}</p>');
  });

  it('does so in templates, and in workings, whose quantities stay quantities', () => {
    expect(said(`const a = \`Tie \${n} rows of \${m}\`;`, { 'Tie {0} rows of {1}': '{1}: {0}!' })).toBe(
      `const a = \`\${m}: \${n}!\`;`,
    );
    expect(said(`const a = why\`hitch \${len(4)} + \${x}\`;`, { 'hitch {0} + {1}': '{1} + {0} `x`' })).toBe(
      `const a = why\`\${x} + \${len(4)} \\\`x\\\`\`;`,
    );
  });

  it('looks up what stands inside a part, too', () => {
    const source = `const a = <p>It is {ok ? "Cut it" : \`Add \${n} mm\`} now</p>;`;
    expect(found(source).toSorted()).toEqual(['Add {0} mm', 'Cut it', 'It is {0} now']);
    expect(said(source, { 'Cut it': 'Kapp es', 'It is {0} now': 'Jetzt {0}' })).toBe(
      `const a = <p>{"Jetzt "}{ok ? "Kapp es" : \`Add \${n} mm\`}</p>;`,
    );
  });

  it('looks up names that are read aloud, and what is counted', () => {
    const source = 'const a = <img alt="The band" className="The band" />; plural(n, "row");';
    expect(found(source)).toEqual(['The band', 'row']);
  });

  it('takes one small word that stands between tags, chosen or not, even where it is a key elsewhere', () => {
    const type = `type Way = 'row' | 'left';`;
    expect(found(`${type} const a = <b>{n === 1 ? 'row' : (m && 'rows')}</b>;`)).toEqual(['row', 'rows']);
    expect(found(`${type} const a = <b title={n}>{side === 'left' && <i />}</b>;`)).toEqual([]);
    expect(found(`${type} const a = <b look={n ? 'row' : 'left'} />;`)).toEqual([]);
  });

  it('takes the heading of a column, a label beside its working, and what joins two things', () => {
    expect(found(`column('cord', { header: 'cord' }); size('travel', 12, why\`\${n} mm\`);`)).toEqual([
      'cord',
      'travel',
      '{0} mm',
    ]);
    expect(found(`names.join(' and '); names.join(' · ');`)).toEqual([' and ']);
  });

  it('takes no weave’s notation for a text', () => {
    expect(found('const a = `knot eternity\nrows 4\n1 over 2`;')).toEqual([]);
  });

  it('leaves alone by what the program decides: types, comparisons, cases, names of properties, class names, imports', () => {
    const source = `
      import { x } from 'A path';
      type Sight = 'dim light' | 'usual';
      const list = ['No red', 'No green'] as const;
      if (sight === 'At noon') go('dim light');
      switch (sight) { case 'In snow': }
      const table = { 'By hand': 1 };
      const cell = 'flex items-center rounded';
      table['No red'];
    `;
    expect(found(source)).toEqual([]);
  });
});

describe('the catalogue', () => {
  const texts = allTexts(sources);

  it('has the sentences of all screens, each once, with the place where it stands', () => {
    expect(texts.size).toBeGreaterThan(3000);
    expect(texts.get('How long must the cord be?')).toMatch(/^src\/app\/screens\/start\/StartPage\.tsx:\d+$/);
    expect(texts.has('Solomon bar')).toBe(true);
    // A hyphen or a colon makes no class names of them.
    for (const text of [
      'metal side-release buckle',
      'two-piece watch strap',
      'pre-shrink the cord',
      'the bar starts to twist: two bumps follow each other on one edge',
    ])
      expect(texts.has(text), text).toBe(true);
  });

  it('has no class names, paths, addresses or names of files', () => {
    const codes = [...texts.keys()].filter((text) =>
      /^\/|\b(?:flex-col|rounded-\w+|px-\d|text-ink)\b|\.(?:csv|svg|json)$|^M ?-?\d/.test(text),
    );
    expect(codes).toEqual([]);
  });

  it('leaves every source as it is where nothing is translated', () => {
    for (const [file, source] of sources)
      if (rewrite(file, source, () => undefined, keys).code !== source) expect(file).toBe('unchanged');
  });

  /** A few hundred files at once would take too long. */
  const roomOf = (file: string) => dirname(file).split('/').slice(0, 4).join('/');
  const rooms = [...new Set([...sources.keys()].map(roomOf))];

  it('has sources in more than forty rooms', () => {
    expect(rooms.length).toBeGreaterThan(40);
    expect(rooms).toContain('src/app/screens/tie');
  });

  it.each(rooms)(
    '%s: is a program still with every part turned round, and nothing is in brackets twice',
    (room) => {
      for (const [file, source] of sources) {
        if (roomOf(file) !== room) continue;
        const { code, found: all } = rewrite(file, source, mirrored, keys);
        const { errors } = parseSync(file, code);
        expect(
          errors.map((e) => e.message),
          file,
        ).toEqual([]);
        expect(code.split('⟦').length - 1, file).toBe(all.length + source.split('⟦').length - 1);
      }
    },
  );
});

describe('a language file', () => {
  const write = (content: unknown): string => {
    const path = join(dir, 'fi.json');
    writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content));
    return path;
  };
  const file = { format: 'warp-beam/language', version: 1, language: 'fi' };

  it('translates what it has; what is empty stays English', () => {
    const path = write({ ...file, texts: { 'Tie {0} rows': 'Solmi {0} riviä', Cut: '' } });
    const translate = translateInto('fi', () => path);
    expect(translate('Tie {0} rows')).toBe('Solmi {0} riviä');
    expect(translate('Cut')).toBeUndefined();
    expect(translateInto(MIRRORED, () => path)('Cut')).toBe('⟦Cut⟧');
  });

  it('is refused in words where it is none, or names a part that its text has not', () => {
    expect(() => readLanguage(join(dir, 'none.json'))).toThrow('There is no language file');
    expect(() => readLanguage(write({ ...file, version: 2, texts: {} }))).toThrow(
      'no language file of version 1',
    );
    expect(() => readLanguage(write({ ...file, texts: { 'Tie {0}': 'Solmi {1}' } }))).toThrow(
      '“Solmi {1}” has no part {1}.',
    );
    expect(() => readLanguage(write({ ...file, texts: { Cut: 4 } }))).toThrow(/Cut.* must be string/);
  });
});
