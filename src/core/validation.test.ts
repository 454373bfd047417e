import { describe, expect, it } from 'vitest';
import { seeded } from './random.ts';
import { fail, ok } from './result.ts';
import { type ErrorObject, schemaIssues } from './validation.ts';
import { cut, len, num, percent, why, whyText } from './why/why.ts';

const error = (keyword: string, instancePath: string, params: Record<string, unknown>): ErrorObject => ({
  keyword,
  instancePath,
  params,
});

describe('what a schema finds', () => {
  it('is said in plain words, each at its place', () => {
    const issues = schemaIssues([
      error('required', '/wearer', { missingProperty: 'girthMm' }),
      error('additionalProperties', '', { additionalProperty: 'colour' }),
      error('enum', '/setup/style', { allowedValues: ['folded', 'fused'] }),
      error('const', '/version', { allowedValue: 1 }),
      error('type', '/cord', { type: 'string' }),
      { ...error('minimum', '/tailMm', { limit: 0 }), message: 'must be >= 0' },
    ]);
    expect(issues.map((i) => [i.path, i.message])).toEqual([
      ['/wearer/girthMm', 'This is missing.'],
      ['/colour', 'Unknown property.'],
      ['/setup/style', 'Choose one of "folded", "fused".'],
      ['/version', 'This must be 1.'],
      ['/cord', 'This must be of type string.'],
      ['/tailMm', 'This must be at least 0.'],
    ]);
  });

  it('leaves out that no alternative fitted where an alternative says why, and says nothing twice', () => {
    const type = error('type', '/ease/slackMm', { type: 'number' });
    const issues = schemaIssues([type, error('oneOf', '/ease', {}), type]);
    expect(issues).toHaveLength(1);
    expect(schemaIssues([error('oneOf', '/ease', {})])).toHaveLength(1);
  });

  it('is cut off after a dozen', () => {
    const many = Array.from({ length: 50 }, (_, i) =>
      error('required', `/cords/${i}`, { missingProperty: 'colour' }),
    );
    expect(schemaIssues(many)).toHaveLength(12);
  });
});

describe('a working', () => {
  it('keeps its quantities as numbers until it is shown', () => {
    const inner = why`hitch ${len(26.2)}`;
    const parts = why`${inner} + woven ${len(169)} × ${num(4.915)} + ${percent(0.08)} = ${cut(1113)}`;
    expect(whyText(parts)).toBe('hitch 26.2 mm + woven 16.9 cm × 4.92 + 8 % = 1.12 m');
    expect(whyText(parts, 'imperial')).toBe('hitch 1 1/32 in + woven 6 5/8 in × 4.92 + 8 % = 3 ft 8 in');
  });

  it('rounds a cut up and never down, in either system', () => {
    for (const mm of [1000.01, 1009.99, 1234.5]) {
      expect(Number(/[\d.]+/.exec(whyText(why`${cut(mm)}`))![0]) * 1000).toBeGreaterThanOrEqual(mm - 1e-6);
    }
  });

  it('drops nothing: empty text and leading quantities stand where they were written', () => {
    expect(whyText(why`${num(3, 0)}${num(4, 0)} rows`)).toBe('34 rows');
  });
});

describe('small things', () => {
  it('a seed gives the same numbers again, in [0, 1), and another seed others', () => {
    const draw = (seed: number) => Array.from({ length: 200 }, seeded(seed));
    expect(draw(5)).toEqual(draw(5));
    expect(draw(5)).not.toEqual(draw(6));
    const mean = draw(7).reduce((a, b) => a + b, 0) / 200;
    expect(mean).toBeGreaterThan(0.4);
    expect(mean).toBeLessThan(0.6);
    expect(draw(8).every((v) => v >= 0 && v < 1)).toBe(true);
  });

  it('a result is a value or issues', () => {
    expect(ok(3)).toEqual({ ok: true, value: 3 });
    const issue = { code: 'x', path: '/y', message: 'z' };
    expect(fail(issue, issue)).toEqual({ ok: false, issues: [issue, issue] });
  });
});
