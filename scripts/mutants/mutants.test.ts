import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { distances } from './graph.ts';
import { type Mutant, mutantsOf } from './mutate.ts';
import { switched } from './switched.ts';

const shown = (source: string) => mutantsOf('a.ts', source).map((m) => `${m.was} → ${m.becomes}`);
const put = (source: string, m: Mutant): string => source.slice(0, m.from) + m.becomes + source.slice(m.to);
/** What a source comes to, with one mutant on where it has switches; and which were met. */
function cameTo(source: string, active = -1) {
  const code = ts.transpile(source, { module: ts.ModuleKind.CommonJS, target: ts.ScriptTarget.ES2022 });
  const met = new Set<number>();
  const module = { exports: {} as { value?: unknown } };
  const on = (index: number) => {
    met.add(index);
    return index === active;
  };
  new Function('module', 'exports', '__m', code)(module, module.exports, on);
  return { value: module.exports.value, met };
}

/** Expressions in each other and beside each other, a key, a default, a pattern, an early way out. */
const SOURCES = [
  'export const value = 2 + 3 * (7 - 1) / 4;',
  'const f = (a: number, b = 4): number => (a > b && b !== 2 ? Math.min(a, b) : -a); export const value = [f(1), f(9), f(2, 2)];',
  'const TABLE = { 1: 0.5, 2: true } as const; export const value = [TABLE[1], TABLE[2], !TABLE[2]];',
  'const list = [3, 1, 2] as const; const [first, second] = list; export const value = list.map((n, i) => (i === 0 ? first : n + second));',
  'let sum = 0; for (let i = 0; i < 3; i++) { if (i % 2 === 1) continue; sum += i * 10; } export const value = sum;',
];

describe('small mutations of a source', () => {
  it('are of numbers, signs, comparisons, conditions, roundings and truths; not of words, types and imports', () => {
    expect(shown('const a = b > 0.5 ? Math.ceil(-c) : !d;')).toEqual([
      '> → >=',
      '0.5 → 0.55',
      'Math.ceil → Math.floor',
      '-c → c',
      '!d → d',
    ]);
    expect(
      shown(`const a: 1 | 2 = x as 3; import y from "./y.ts"; type T = 4; const t = \`\${1 + 1} rows\`;`),
    ).toEqual([]);
    expect(shown('const a = 9 + 10;')).toEqual(['+ → -', '9 → 10', '10 → 11']);
  });

  it('behind switches do one by one what they do in the text, and all of them off nothing', () => {
    for (const source of SOURCES) {
      const mutants = mutantsOf('a.ts', source).map((m, index) => ({ ...m, index }));
      expect(mutants.length).toBeGreaterThan(4);
      const all = switched(source, mutants);
      const plain = cameTo(all);
      expect(plain.value).toEqual(cameTo(source).value);
      for (const m of mutants) {
        const { value, met } = cameTo(all, m.index);
        const becomes = cameTo(put(source, m)).value;
        expect(value, `${m.was} → ${m.becomes} in ${source}`).toEqual(becomes);
        // What is never met changes nothing.
        if (!met.has(m.index)) expect(becomes).toEqual(plain.value);
      }
    }
  });
});

describe('files that load each other', () => {
  it('are as many steps apart as there are imports between them', () => {
    const sources = new Map([
      ['core/a.test.ts', "import { b } from './room/b.ts';\nimport type { C } from './c.ts';"],
      ['core/room/b.ts', "export { d } from '../d.ts';\nconst e = await import('./e.ts');"],
      ['core/c.ts', "import { d } from './d.ts';"],
    ]);
    expect(Object.fromEntries(distances('core/a.test.ts', sources))).toEqual({
      'core/a.test.ts': 0,
      'core/room/b.ts': 1,
      'core/c.ts': 1,
      'core/d.ts': 2,
      'core/room/e.ts': 2,
    });
  });
});
