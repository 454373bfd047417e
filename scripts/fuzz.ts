/** Spoils good documents in every way that files get spoilt, and feeds them to the readers. Seeded. */
import { readdirSync, readFileSync } from 'node:fs';
import { readPaletteFile } from '../src/app/export/paletteFile.ts';
import { readSequenceFile } from '../src/app/export/sequenceFile.ts';
import { parseSequence } from '../src/core/colour/sequence.ts';
import { formatDesign, parseDesign } from '../src/core/formats/design.ts';
import { readMake } from '../src/core/formats/make.ts';
import { formatPalette, parsePalette } from '../src/core/formats/palette.ts';
import { readTying } from '../src/core/formats/tying.ts';
import { readOwnWeave, readSwatch } from '../src/core/formats/workshop.ts';
import { plan } from '../src/core/plan/plan.ts';
import type { Result } from '../src/core/result.ts';
import { parseLength } from '../src/core/units/index.ts';
import { parse } from '../src/core/weave/parse.ts';

interface Reader {
  readonly name: string;
  readonly seeds: readonly string[];
  readonly read: (text: string) => Result<unknown> | Promise<Result<unknown>>;
}

/** Mulberry32: small, fast, and the same everywhere. */
function random(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = a;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const ODD = [
  '1e300',
  '-1',
  'NaN',
  'Infinity',
  '0',
  'null',
  '""',
  '[]',
  '{}',
  '"\u0000"',
  '"\ud800"',
  '1e-300',
  '9'.repeat(400),
];
const WORDS = ['"__proto__"', '"constructor"', '\ufeff', '\u202e', '½', '(', ')*2000', '💡', '\r\n\r\n', ','];

function mutate(text: string, next: () => number): string {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)]!;
  const at = Math.floor(next() * (text.length + 1));
  const to = Math.min(text.length, at + 1 + Math.floor(next() * 12));
  switch (Math.floor(next() * 8)) {
    case 0:
      return text.slice(0, at) + text.slice(to);
    case 1:
      return text.slice(0, at) + pick(WORDS) + text.slice(at);
    case 2:
      return text.slice(0, at) + String.fromCharCode(Math.floor(next() * 0xffff)) + text.slice(at + 1);
    case 3:
      return text.slice(0, at) + text.slice(at, to).repeat(1 + Math.floor(next() * 200)) + text.slice(to);
    case 4:
      return text.replace(/-?\d+(\.\d+)?/g, (n) => (next() < 0.2 ? pick(ODD) : n));
    case 5:
      return text.replace(/"[^"]*"/g, (s) => (next() < 0.1 ? pick(ODD) : s));
    case 6:
      return text.slice(0, at);
    default:
      return text
        .split(/(?=[,{[])/)
        .sort(() => next() - 0.5)
        .join('');
  }
}

const asJson =
  (read: (data: unknown) => Result<unknown>) =>
  (text: string): Result<unknown> => {
    try {
      return read(JSON.parse(text));
    } catch (error) {
      if (error instanceof SyntaxError)
        return { ok: false, issues: [{ code: 'file.json', path: '', message: 'This is not JSON.' }] };
      throw error;
    }
  };

function readers(): Reader[] {
  const examples = readdirSync('examples')
    .filter((f) => f.endsWith('.json'))
    .map((f) => readFileSync(`examples/${f}`, 'utf8'));
  const design = JSON.parse(examples[0]!);
  const progress = { at: 'gather', way: { hand: 'right', start: 'left', melt: 'flat', facing: 'toward' } };
  const looks = [{ id: 'own-1', name: 'Night', base: '#112233', look: 'solid' as const, accents: [] }];
  const swatch = { patternId: 'solomon-bar', cordId: 'nylon-4', rows: 20, wovenMm: 118, workUsedMm: 1150 };
  const file = (name: string, text: string) => new File([text], name);
  return [
    {
      name: 'design',
      seeds: examples,
      read: (text) => {
        const read = parseDesign(text);
        if (read.ok) {
          plan(read.value);
          if (!parseDesign(formatDesign(read.value)).ok) throw new Error('cannot be read back');
        }
        return read;
      },
    },
    {
      name: 'tying',
      seeds: [JSON.stringify({ format: 'warp-beam/tying', version: 1, startedAt: 1, design, progress })],
      read: asJson(readTying),
    },
    {
      name: 'make',
      seeds: [JSON.stringify({ format: 'warp-beam/make', version: 1, id: 'x', name: 'x', design })],
      read: asJson(readMake),
    },
    { name: 'palette', seeds: [formatPalette(looks)], read: parsePalette },
    { name: 'palette file', seeds: [formatPalette(looks)], read: (t) => readPaletteFile(file('a.json', t)) },
    { name: 'swatch', seeds: [JSON.stringify(swatch)], read: asJson(readSwatch) },
    {
      name: 'own weave',
      seeds: [
        JSON.stringify({ id: 'own-1', name: 'Mine', updatedAt: 1, solved: { points: [[0, 0, 0, 1, 1, 1]] } }),
      ],
      read: asJson(readOwnWeave),
    },
    {
      name: 'sequence',
      seeds: ['6A 2B 6A', '(3A 1B)* 20mmA', '((2A)*3 1B)*4'],
      read: (t) => parseSequence(t, 2),
    },
    {
      name: 'sequence table',
      seeds: ['cord,rows\nA,6\nB,2\nA,6\n'],
      read: (t) => readSequenceFile(file('a.csv', t)),
    },
    { name: 'length', seeds: ['7 1/2 in', '8\' 3"', '19 cm', '2.4 m'], read: (t) => parseLength(t) },
    {
      name: 'notation',
      seeds: [
        'weave x\nperiod 4\nrows 2\nstrand A work\n  path -1 0, 1 2\n  word UO\n',
        readFileSync('docs/notation.md', 'utf8'),
      ],
      read: (t) => parse(t),
    },
  ];
}

/** A reader that takes longer than this over one document is as good as hung, in ms. */
const HUNG_MS = 2_000;

export interface Fuzzed {
  readonly mutants: number;
  readonly accepted: number;
  readonly faults: readonly string[];
}

/** `mutants` spoilt documents, shared evenly among the readers. */
export async function fuzzAll(mutants: number, seed: number): Promise<Fuzzed> {
  const next = random(seed);
  const all = readers();
  const faults: string[] = [];
  let accepted = 0;
  for (let i = 0; i < mutants; i++) {
    const reader = all[i % all.length]!;
    let text = reader.seeds[Math.floor(next() * reader.seeds.length)]!;
    for (let k = Math.floor(next() * 4); k >= 0; k--) text = mutate(text, next).slice(0, 300_000);
    const from = performance.now();
    try {
      const result = await reader.read(text);
      if (result.ok) accepted++;
      else if (result.issues.length === 0 || result.issues.some((x) => !x.message || x.message.length > 400))
        faults.push(`${reader.name} ${i}: no message, or one without end`);
    } catch (error) {
      faults.push(`${reader.name} ${i}: threw ${(error as Error).message.slice(0, 120)}`);
    }
    if (performance.now() - from > HUNG_MS) faults.push(`${reader.name} ${i}: took too long`);
  }
  return { mutants, accepted, faults: faults.slice(0, 20) };
}
