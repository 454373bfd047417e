import { describe, expect, it } from 'vitest';
import { seeded } from '../../core/random.ts';
import { newDesign } from '../state/newDesign.ts';
import { codesOf, gather, joined, MOST_CODES, missing } from './codes.ts';
import { linkTo, textOfLink } from './link.ts';

const codeOf = (name: string): string =>
  linkTo({ ...newDesign(name), notes: undefined } as never, '').split('#')[1]!;

describe('a design as a row of codes', () => {
  const random = seeded(3);
  const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_';
  const long = Array.from({ length: 1500 }, () => letters[Math.floor(random() * 64)]!).join('');

  it('is whole again whatever order they are read in, each as often as one likes', () => {
    const codes = codesOf(long);
    expect(codes).toHaveLength(5);
    const first = gather([codes[3]!, 'https://elsewhere', codes[0]!]);
    if (!first.ok) throw new Error('first');
    expect(missing(first.value)).toEqual([2, 3, 5]);
    expect(joined(first.value).ok).toBe(false);
    const all = gather([codes[4]!, codes[1]!, codes[3]!, codes[2]!], first.value);
    expect(all.ok && missing(all.value)).toEqual([]);
    expect(all.ok && joined(all.value)).toEqual({ ok: true, value: long });
  });

  it('is about as long in each, and few for a usual design', () => {
    const sizes = codesOf(long).map((c) => c.length);
    expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThan(10);
    const code = codeOf('Dome night band');
    expect(codesOf(code).length).toBeLessThanOrEqual(2);
    expect(codesOf(code).length).toBeLessThan(MOST_CODES);
    expect(textOfLink(code).ok).toBe(true);
  });

  it('is told from another design’s, and from no code at all', () => {
    const [mine, other] = [codesOf(long), codesOf(codeOf('Another'))];
    expect(gather([])).toMatchObject({ ok: false });
    const mixed = gather([mine[0]!, other[0]!]);
    expect(!mixed.ok && mixed.issues[0]!.message).toContain('two designs');
    // A new row begins afresh.
    const before = gather([mine[0]!]);
    const next = gather([other[0]!], before.ok ? before.value : undefined);
    expect(next.ok && next.value.parts.size).toBe(1);
  });

  it('is refused where a code was read wrongly', () => {
    const codes = codesOf(long);
    const last = codes[4]!;
    const spoilt = `${last.slice(0, -1)}${last.endsWith('A') ? 'B' : 'A'}`;
    const read = gather([...codes.slice(0, 4), spoilt]);
    expect(read.ok && joined(read.value).ok).toBe(false);
  });
});
