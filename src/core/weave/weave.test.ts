import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../random.ts';
import { build } from './build.ts';
import { findCrossings } from './crossings.ts';
import { draw } from './draw.ts';
import { format } from './format.ts';
import { parse } from './parse.ts';
import type { StrandSpec, WeaveSpec } from './types.ts';

const SOLOMON = `weave bar period 6 rows 2
core C1: -1,0
core C2: 1,0
work A: -4.5,-1.5 -3,0.5 3,-0.5 4.5,1.5 3,3.5 -3,2.5 | UOOOU UOOOU
work B: 4.5,-1.5 3,0.5 -3,-0.5 -4.5,1.5 -3,3.5 3,2.5 | OUUUO OUUUO
`;

const spec = (text: string): WeaveSpec => {
  const read = parse(text);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  return read.value;
};
const issue = (text: string) => {
  const read = parse(text);
  const found = read.ok ? findCrossings(read.value) : read;
  if (found.ok) throw new Error('no issue');
  return found.issues[0]!;
};

const coordinate = fc.integer({ min: -4000, max: 4000 }).map((v) => v / 100);
const strands: fc.Arbitrary<Omit<StrandSpec, 'name' | 'line'>> = fc.record({
  role: fc.constantFrom('core' as const, 'work' as const, 'spine' as const),
  periods: fc.integer({ min: 1, max: 9 }),
  radius: fc.integer({ min: 1, max: 30 }).map((v) => v / 10),
  weight: fc.integer({ min: 1, max: 100 }).map((v) => v / 4),
  path: fc.uniqueArray(fc.tuple(coordinate, coordinate), {
    minLength: 1,
    maxLength: 8,
    selector: (p) => p.join(),
  }),
  word: fc.stringMatching(/^[OU]{0,17}$/),
});

describe('notation', () => {
  it('is read back as it was written', () => {
    const weaves = fc.record({
      rows: fc.integer({ min: 1, max: 12 }),
      period: fc.integer({ min: 1, max: 2000 }).map((v) => v / 8),
      turn: fc.option(fc.integer({ min: -180, max: 180 }), { nil: undefined }),
      strands: fc.array(strands, { minLength: 1, maxLength: 6 }),
    });
    fc.assert(
      fc.property(weaves, ({ rows, period, turn, strands: list }) => {
        const made: WeaveSpec = {
          kind: 'weave',
          id: 'any-weave',
          rows,
          ...(turn === undefined ? {} : { turn }),
          period,
          strands: list.map((s, i) => ({ ...s, name: `S${i}`, line: i + 2 })),
        };
        expect(spec(format(made))).toEqual(made);
      }),
    );
  });

  it('takes comments, blank lines and loose spacing', () => {
    const loose = `# a bar\n\n  weave bar  period 6 rows 2 # two rows\n${SOLOMON.split('\n').slice(1).join('\n\n')}`;
    expect(format(spec(loose))).toBe(format(spec(SOLOMON)));
  });

  it.each([
    ['', 1, 1, /weave NAME/],
    ['bar x', 1, 1, /Expected “weave”, “knot” or “open”, found “bar”/],
    ['weave x', 1, 7, /period/],
    ['weave x period 6 rows 1.5\nwork A: 0,0', 1, 23, /whole number/],
    ['weave x period 6\nwork A 0,0', 2, 8, /Expected “k=”.*found “0”/],
    ['weave x period 6\nwork A: 0,0 1', 2, 14, /Expected “,” before the line ends/],
    ['weave x period 6\nwork A: 0,0 0,0', 2, 15, /lie on each other/],
    ['weave x period 6\nwork A: 0,0 | OXU', 2, 16, /letters O and U/],
    ['weave x period 6\nwork A: 0,0\nwork A: 1,1', 3, 1, /twice/],
    ['weave x period 6\nwork A r=9: 0,0', 2, 10, /radius/],
    ['weave x period 6\nwork A: 0,0 ?', 2, 13, /no meaning/],
    ['weave x period 6\nwork A: 0,9999', 2, 11, /further out/],
  ])('%j fails at line %i, column %i', (text, line, column, message) => {
    const found = issue(text);
    expect(found.path).toBe(`line ${line}, column ${column}`);
    expect(found.message).toMatch(message);
  });

  it('refuses endless text in bounded time', () => {
    expect(issue(`weave x period 6\nwork A: ${'1,2 3,4 '.repeat(9000)}`).code).toBe('notation.long');
  });

  it('never throws on any text', () => {
    const pieces = fc.constantFrom(
      'weave',
      'knot',
      'x',
      'period',
      '6',
      'work',
      'core',
      'A',
      ':',
      '0,0',
      '|',
      'OU',
      '\n',
      'k=',
      ' ',
    );
    fc.assert(
      fc.property(fc.array(pieces, { maxLength: 30 }), (list) => {
        const read = parse(list.join(' '));
        if (!read.ok) expect(read.issues[0]!.message).toBeTruthy();
      }),
    );
  });
});

describe('crossings', () => {
  const all = (text: string) => {
    const found = findCrossings(spec(text));
    if (!found.ok) throw new Error(found.issues[0]!.message);
    return found.value;
  };

  it('of a Solomon bar: three of A with B and two with cores for each end, a row', () => {
    const list = all(SOLOMON);
    const between = (a: number, b: number) =>
      list.filter((c) => [c.over.strand, c.under.strand].sort().join() === [a, b].join()).length;
    expect(between(2, 3)).toBe(6);
    for (const core of [0, 1]) for (const end of [2, 3]) expect(between(core, end)).toBe(2);
    expect(list).toHaveLength(14);
  });

  it('are found with a strand’s own images', () => {
    // Three passes of one strand, as in a flat braid of three: two crossings a period.
    const braid = draw({
      kind: 'weave',
      id: 'b',
      period: 4,
      strands: [
        {
          name: 'S',
          periods: 3,
          path: [
            [-2, 0, 0],
            [-1, 1, 1],
            [0, 2, 0],
            [2, 4, 0],
            [1, 7, 1],
            [0, 8, 0],
          ],
        },
      ],
    });
    expect(all(format(braid)).every((c) => c.over.strand === 0 && c.under.strand === 0)).toBe(true);
  });

  it('tell a wrong number of letters, a contradiction and a silence', () => {
    expect(issue(SOLOMON.replace('UOOOU UOOOU', 'UOOO')).message).toMatch(
      /“A” meets 10 crossings, but its word has 4/,
    );
    expect(issue(SOLOMON.replace('UOOOU UOOOU', 'OOOOU UOOOU'))).toMatchObject({
      code: 'notation.contradiction',
      path: 'line 5, column 1',
    });
    expect(issue(SOLOMON.replace(/ \| [OU ]+/g, '')).code).toBe('notation.unsaid');
  });

  it('refuse strands that run on each other, never cross, or cross without end', () => {
    expect(issue('weave x period 6\nwork A: 0,0 2,3\nwork B: 0,0 2,3').code).toBe('notation.coincident');
    const apart = build(spec('weave x period 6\nwork A: 0,0\nwork B: 5,0'), seeded(1));
    expect(!apart.ok && apart.issues[0]!.code).toBe('notation.loose');
    const zigzag = Array.from({ length: 200 }, (_, i) => `${i % 2 ? 9 : -9},${i}`).join(' ');
    const steep = Array.from({ length: 200 }, (_, i) => `${(i % 40) - 20},${i % 2 ? 0 : 200}`).join(' ');
    const endless = findCrossings(spec(`weave x period 400\nwork A: ${zigzag}\nwork B: ${steep}`));
    expect(!endless.ok && endless.issues[0]!.code).toBe('notation.crossings');
  });
});
