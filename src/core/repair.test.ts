import { describe, expect, it } from 'vitest';
import { readDesign, repairDesign } from './formats/design.ts';
import { LIMITS } from './formats/limits.gen.ts';
import { quote, schemaIssues } from './validation.ts';

const GOOD = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Dome night band',
  product: 'bracelet',
  wearer: { name: 'Ines', girthMm: 165 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'folded' },
  cords: [{ colour: 'dusk' }],
  closure: { kind: 'side-release' },
};
const bead = { kind: 'bead', at: { centre: true } };

describe('repair', () => {
  it.each([
    [
      '41 add-ons',
      { addons: Array.from({ length: 41 }, () => bead) },
      '/addons',
      'cut from 41 entries to 40',
    ],
    ['a name of 126 letters', { name: 'x'.repeat(126) }, '/name', 'cut from 126 characters to 120'],
    ['a property of somebody else’s', { colour: 'red' }, '/colour', 'left out, as it is not known'],
  ])('mends %s, and says what it did', (_what, change, path, words) => {
    const broken = { ...GOOD, ...change };
    expect(readDesign(broken).ok).toBe(false);
    const mended = repairDesign(broken)!;
    expect(mended.done).toEqual([{ path, words }]);
    expect(readDesign(mended.data).ok).toBe(true);
    // The stored one is not touched.
    expect(readDesign(broken).ok).toBe(false);
  });

  it('cuts a sequence between two runs, never inside one', () => {
    const text = '1A 1B '.repeat(700);
    const mended = repairDesign({ ...GOOD, setup: { style: 'separate' }, sequence: { text } })!;
    const cut = (mended.data as { sequence: { text: string } }).sequence.text;
    expect(cut.length).toBeLessThanOrEqual(LIMITS.design['/sequence/text']);
    expect(cut).toMatch(/^(1A 1B )*1[AB]( 1B)?$/);
    expect(text.startsWith(cut)).toBe(true);
  });

  it('guesses nothing: what is wrong in any other way stays wrong', () => {
    expect(repairDesign({ ...GOOD, wearer: { name: 'Ines', girthMm: 'wide' } })).toBeUndefined();
    expect(repairDesign({ ...GOOD, name: 'x'.repeat(200), cord: 4 })).toBeUndefined();
    expect(repairDesign({ ...GOOD, version: 9 })).toBeUndefined();
    expect(repairDesign(GOOD)).toBeUndefined();
  });
});

describe('messages about files', () => {
  it('never quote more than 80 characters of what was read, nor control characters', () => {
    const long = readDesign({ ...GOOD, format: 'z'.repeat(5000) });
    const odd = readDesign({ ...GOOD, [`\u0007${'k'.repeat(3000)}`]: 1, version: 'v'.repeat(900) });
    const issues = [long, odd].flatMap((r) => (r.ok ? [] : r.issues));
    expect(issues.length).toBeGreaterThan(2);
    for (const i of issues) {
      expect(i.message.length).toBeLessThan(220);
      expect(i.path.length).toBeLessThanOrEqual(80);
      expect(i.path + i.message).not.toMatch(/\p{Cc}/u);
    }
    expect(quote('short')).toBe('short');
    expect(quote('x'.repeat(81))).toHaveLength(80);
  });

  it('say the limit of a list or text', () => {
    const issues = schemaIssues([
      { keyword: 'maxItems', instancePath: '/addons', params: { limit: 40 } },
      { keyword: 'maxLength', instancePath: '/name', params: { limit: 120 } },
    ]);
    expect(issues.map((i) => i.message)).toEqual([
      'This can hold at most 40.',
      'This can be at most 120 characters long.',
    ]);
  });
});
