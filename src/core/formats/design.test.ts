import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plan } from '../plan/plan.ts';
import { cutListRows, cutListText } from './cutList.ts';
import { formatDesign, MAX_DESIGN_CHARS, parseDesign } from './design.ts';
import { planJson } from './planJson.ts';

const dir = new URL('../../../examples/', import.meta.url);
const examples = readdirSync(dir)
  .filter((f) => f.endsWith('.json'))
  .map((f) => [f, readFileSync(new URL(f, dir), 'utf8')] as const);
const first = () => JSON.parse(examples[0]![1]);

describe('design documents', () => {
  it.each(examples)('%s is read, planned and written back the same', (_file, text) => {
    const read = parseDesign(text);
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    expect(parseDesign(formatDesign(read.value))).toEqual(read);
    const planned = plan(read.value);
    expect(planned.ok).toBe(true);
    if (!planned.ok) return;
    const json = planJson(planned.value);
    expect(new Set(json.cords.map((c) => c.band)).size).toBe(planned.value.bands.length);
    for (const cord of json.cords) {
      expect(cord.parts.reduce((sum, p) => sum + p.lengthMm, 0)).toBeCloseTo(cord.cutLengthMm, 0);
    }
    expect(cutListRows(planned.value).length).toBe(json.cords.flatMap((c) => c.parts).length);
    expect(cutListText(read.value, planned.value, 'imperial')).toContain(' in');
  });

  it.each<[string, () => string, string, string]>([
    ['no JSON', () => '{"format": ', 'file.json', ''],
    ['a list', () => '[]', 'file.foreign', '/'],
    ['another program’s file', () => '{"format":"recipe"}', 'file.foreign', '/format'],
    ['a newer version', () => JSON.stringify({ ...first(), version: 99 }), 'file.newer', '/version'],
    ['an oversized file', () => ' '.repeat(MAX_DESIGN_CHARS + 1), 'file.large', ''],
    [
      'a missing wearer',
      () => JSON.stringify({ ...first(), wearer: undefined }),
      'schema.required',
      '/wearer',
    ],
    [
      'a girth as text',
      () => JSON.stringify({ ...first(), wearer: { name: 'Ines', girthMm: '165' } }),
      'schema.type',
      '/wearer/girthMm',
    ],
    [
      'an unknown field',
      () => JSON.stringify({ ...first(), colour: 'red' }),
      'schema.additionalProperties',
      '/colour',
    ],
  ])('%s is refused with its place', (_name, text, code, path) => {
    const read = parseDesign(text());
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.issues.map((i) => [i.code, i.path])).toContainEqual([code, path]);
  });

  it('brings a document of version 1 up to date and keeps all that it said', () => {
    const { measures: _none, ...old } = first();
    const read = parseDesign(
      JSON.stringify({ ...old, version: 1, closure: { kind: 'side-release', sizeMm: 15, lengthMm: 41 } }),
    );
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    expect(read.value).toMatchObject({
      version: 2,
      name: old.name,
      closure: { kind: 'side-release', sizeMm: 15, lengthMm: 41 },
    });
  });

  it('never throws on any JSON', () => {
    fc.assert(
      fc.property(fc.json(), (text) => {
        const read = parseDesign(text);
        expect(read.ok || read.issues.length > 0).toBe(true);
      }),
    );
  });
});
