import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { displayStepMm, formatLength, type LengthFormat, parseLength } from './index.ts';

const mm = (text: string, bare?: 'in' | 'mm') => {
  const read = parseLength(text, bare);
  return read.ok ? read.value : read.issues[0]!;
};

describe('parseLength', () => {
  it.each([
    ['7 1/2', 190.5],
    ['7.5 in', 190.5],
    ['7½"', 190.5],
    ['7-1/2 inches', 190.5],
    ['½ in', 12.7],
    [`8' 3"`, 99 * 25.4],
    [`8'3`, 99 * 25.4],
    ['8 ft 3 1/2 in', 99.5 * 25.4],
    ["6'", 72 * 25.4],
    ['19 cm', 190],
    ['2.4 m', 2400],
    ['2,4 m', 2400],
    ['190', 190],
    [' 190mm ', 190],
    ['0', 0],
  ])('reads %s', (text, expected) => {
    expect(mm(text)).toBeCloseTo(expected, 9);
  });

  it('takes a bare number in the unit that is shown', () => {
    expect(mm('7.5', 'in')).toBeCloseTo(190.5, 9);
    expect(mm('19 cm', 'in')).toBeCloseTo(190, 9);
  });

  it.each([
    ['', 'length.empty', [0, 0]],
    ['16,5 cn', 'length.unreadable', [5, 7]],
    ['-12', 'length.negative', [0, 1]],
    ['cm', 'length.number', [0, 2]],
    ['7 1/', 'length.fraction', [3, 4]],
    ['7 1/0', 'length.fraction', [4, 5]],
    ['7.5 1/2', 'length.fraction', [0, 3]],
    ['/2', 'length.fraction', [0, 1]],
    ['19 cm 4', 'length.extra', [6, 7]],
    ['3 in 2 in', 'length.extra', [5, 9]],
    ['1e9', 'length.unreadable', [1, 2]],
  ])('says where %j goes wrong', (text, code, span) => {
    expect(mm(text)).toMatchObject({ code, span });
  });

  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (text) => {
        const read = parseLength(text);
        if (read.ok) expect(read.value).toBeGreaterThanOrEqual(0);
        else expect(read.issues[0]!.message.length).toBeGreaterThan(0);
      }),
    );
  });
});

describe('formatLength', () => {
  it.each<[number, LengthFormat, string]>([
    [165, { system: 'metric' }, '16.5 cm'],
    [165.1, { system: 'imperial' }, '6 1/2 in'],
    [22.04, { system: 'metric', kind: 'small' }, '22 mm'],
    [9.53, { system: 'imperial', kind: 'small' }, '3/8 in'],
    [2604, { system: 'metric', kind: 'cut', rounding: 'up' }, '2.61 m'],
    [2600, { system: 'metric', kind: 'cut', rounding: 'up' }, '2.60 m'],
    [2604, { system: 'imperial', kind: 'cut', rounding: 'up' }, '8 ft 6 3/4 in'],
    [999.6, { system: 'metric' }, '1.000 m'],
    [0, { system: 'imperial' }, '0 in'],
    [914.4, { system: 'imperial' }, '3 ft'],
    [-3, { system: 'metric' }, '−3 mm'],
  ])('writes %f mm', (value, format, expected) => {
    expect(formatLength(value, format)).toBe(expected);
  });

  const formats = fc.record({
    system: fc.constantFrom('metric' as const, 'imperial' as const),
    kind: fc.constantFrom('body' as const, 'small' as const, 'cut' as const),
    rounding: fc.constantFrom('nearest' as const, 'up' as const),
  });

  it('is read back to within the step that it shows', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 9000, noNaN: true }), formats, (value, format) => {
        const read = parseLength(formatLength(value, format));
        const step = displayStepMm(value, format);
        expect(read.ok).toBe(true);
        if (read.ok) expect(Math.abs(read.value - value)).toBeLessThanOrEqual(step + 1e-4);
      }),
    );
  });

  it('never rounds a cut down', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 9000, noNaN: true }), formats, (value, format) => {
        const read = parseLength(formatLength(value, { ...format, rounding: 'up' }));
        expect(read.ok && read.value).toBeGreaterThanOrEqual(value - 1e-4);
      }),
    );
  });
});
