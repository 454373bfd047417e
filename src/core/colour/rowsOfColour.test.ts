import { describe, expect, it } from 'vitest';
import { difference, seen } from './apart.ts';
import { centre, digits, morse } from './codes.ts';
import { layOnRows } from './sequence.ts';

const rows = (count: number, cord: number) => ({ cord, count, unit: 'rows' }) as const;
const mm = (count: number, cord: number) => ({ cord, count, unit: 'mm' }) as const;

describe('a sequence laid on the rows of a band', () => {
  it('says how many rows are left over or missing', () => {
    const items = [rows(3, 0), rows(4, 1)];
    expect(layOnRows(items, 10, 5)).toEqual({
      stretches: [
        { cord: 0, from: 0, to: 3 },
        // The last colour goes on to the end.
        { cord: 1, from: 3, to: 10 },
      ],
      overRows: 3,
    });
    expect(layOnRows(items, 7, 5).overRows).toBe(0);
    // Two rows do not get on.
    expect(layOnRows(items, 5, 5)).toEqual({
      stretches: [
        { cord: 0, from: 0, to: 3 },
        { cord: 1, from: 3, to: 5 },
      ],
      overRows: -2,
    });
  });

  it('turns millimetres into the nearest number of rows, and never into none', () => {
    const to = (count: number) => layOnRows([mm(count, 0), rows(1, 1)], 20, 5).stretches[0]!.to;
    expect([12, 12.5, 13, 17, 1].map(to)).toEqual([2, 3, 3, 3, 1]);
  });

  it('repeats what is starred until the rows are full, and then nothing is over', () => {
    const starred = { items: [rows(2, 0), rows(1, 1)], times: undefined };
    const laid = layOnRows([starred], 7, 5);
    // 2 + 1, 2 + 1, and one of the third time.
    expect(laid.stretches.map((s) => [s.cord, s.from, s.to])).toEqual([
      [0, 0, 2],
      [1, 2, 3],
      [0, 3, 5],
      [1, 5, 6],
      [0, 6, 7],
    ]);
    expect(laid.overRows).toBe(0);
    expect(layOnRows([starred], 6, 5).overRows).toBe(0);
  });

  it('joins neighbours of one colour', () => {
    expect(layOnRows([rows(2, 0), rows(2, 0), rows(1, 1)], 5, 5).stretches).toEqual([
      { cord: 0, from: 0, to: 4 },
      { cord: 1, from: 4, to: 5 },
    ]);
  });

  it('lies in the middle of its band, the odd row behind it', () => {
    expect(centre('1B', 1, 8)).toBe('3A 1B 4A');
    expect(centre('2B', 2, 8)).toBe('3A 2B 3A');
    expect(centre('8B', 8, 8)).toBe('8B');
    expect(centre('7B', 7, 8)).toBe('7B 1A');
  });

  it('writes a nought as ten rows, two rows between digits', () => {
    expect(digits('10')).toEqual({ ok: true, value: '1B 2A 10B' });
    expect(digits('2.5')).toEqual({ ok: true, value: '2B 2A 5B' });
    expect(digits('123456789012').ok).toBe(true);
    expect(digits('1234567890123')).toMatchObject({ ok: false, issues: [{ code: 'code.long' }] });
  });
});

describe('a mixed colour with less sight', () => {
  // By hand from the published matrices (Machado, Oliveira and Fernandes 2009), for (0.2, 0.3, 0.4) in linear light.
  it.each([
    ['protanopia', [0.264285, 0.298471, 0.405588]],
    ['deuteranopia', [0.240471, 0.276732, 0.39807]],
    ['tritanopia', [0.156569, 0.322601, 0.329917]],
  ] as const)('%s', (sight, expected) => {
    for (const [i, value] of seen([0.2, 0.3, 0.4], sight).entries())
      expect(value).toBeCloseTo(expected[i]!, 5);
  });

  it('stays within what a screen shows', () => {
    expect(seen([0, 0, 1], 'deuteranopia')[0]).toBe(0);
    expect(seen([1, 0, 0], 'deuteranopia')[2]).toBe(0);
    expect(seen([1, 0, 0], 'tritanopia')[0]).toBe(1);
  });

  it('differs as the published L*a*b* of the primaries do', () => {
    // sRGB red (53.24, 80.09, 67.20), green (87.73, −86.18, 83.18), blue (32.30, 79.19, −107.86).
    expect(difference('#ff0000', '#00ff00')).toBeCloseTo(Math.hypot(34.49, 166.27, 15.98), 0);
    expect(difference('#ff0000', '#0000ff')).toBeCloseTo(Math.hypot(20.94, 0.9, 175.06), 0);
    expect(difference('#ff0000', '#00ff00', 'dim light')).toBeCloseTo(34.49 / 2, 1);
    // Near black the scale is straight: sRGB 10 is 0.0030353 in linear light, and 903.3 times that is L* 2.742.
    expect(difference('#000000', '#0a0a0a')).toBeCloseTo(2.742, 2);
  });
});

describe('Morse signs', () => {
  /** Rows of the code’s cord in a sign: 1 for a dot, 3 for a dash. */
  const dashes = (text: string): string => {
    const read = morse(text);
    if (!read.ok) throw new Error(text);
    return [...read.value.matchAll(/(\d+)B/g)].map(([, n]) => (n === '3' ? '-' : '.')).join('');
  };

  it('of digits are five long: as many dots as the digit up to five, then as many dashes as it is more', () => {
    for (let n = 0; n <= 9; n++) {
      const sign = n <= 5 ? '.'.repeat(n).padEnd(5, '-') : '-'.repeat(n - 5).padEnd(5, '.');
      expect(dashes(`${n}`), `${n}`).toBe(n === 0 ? '-----' : sign);
    }
  });

  it('of letters are those of the international table', () => {
    // ITU-R M.1677-1, part I, 1.1.1, in groups of the same length.
    const table = {
      '.': 'E',
      '-': 'T',
      '..': 'I',
      '.-': 'A',
      '-.': 'N',
      '--': 'M',
      '...': 'S',
      '..-': 'U',
      '.-.': 'R',
      '.--': 'W',
      '-..': 'D',
      '-.-': 'K',
      '--.': 'G',
      '---': 'O',
      '....': 'H',
      '...-': 'V',
      '..-.': 'F',
      '.-..': 'L',
      '.--.': 'P',
      '.---': 'J',
      '-...': 'B',
      '-..-': 'X',
      '-.-.': 'C',
      '-.--': 'Y',
      '--..': 'Z',
      '--.-': 'Q',
    };
    expect(Object.values(table)).toHaveLength(26);
    for (const [sign, letter] of Object.entries(table)) expect(dashes(letter), letter).toBe(sign);
  });
});
