import { readdirSync, readFileSync } from 'node:fs';
import { deflateSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { type Design, parseDesign } from '../../core/formats/design.ts';
import { seeded } from '../../core/random.ts';
import { linkTo, SAFE_CHARS, textOfLink } from './link.ts';

const designs = readdirSync('examples')
  .filter((name) => name.endsWith('.json'))
  .flatMap((name): Design[] => {
    const read = parseDesign(readFileSync(`examples/${name}`, 'utf8'));
    return read.ok ? [read.value] : [];
  });
const fragment = (link: string) => link.slice(link.indexOf('#'));
const said = (hash: string) => {
  const r = textOfLink(hash);
  return r.ok ? '' : r.issues[0]!.message;
};

describe('a design as a link', () => {
  it('comes out as it went in, and is short enough for a message', () => {
    expect(designs.length).toBeGreaterThan(4);
    for (const design of designs) {
      const link = linkTo(design, 'http://127.0.0.1:4319');
      expect(link).toMatch(/^http:\/\/127\.0\.0\.1:4319\/open#[A-Za-z0-9_-]+$/);
      expect(link.length).toBeLessThan(SAFE_CHARS);
      const text = textOfLink(fragment(link));
      expect(text.ok && parseDesign(text.value)).toEqual({ ok: true, value: design });
    }
  });

  it('that was cut off or changed anywhere is refused in words, and never throws', () => {
    const hash = fragment(linkTo(designs[0]!, ''));
    const uniform = seeded(3);
    expect(said('')).toMatch(/contains no design/);
    expect(said('#')).toMatch(/contains no design/);
    expect(said('#ab cd%')).toMatch(/characters that don’t belong/);
    for (let n = 2; n < hash.length - 1; n += 7)
      expect(said(hash.slice(0, n))).toMatch(/cut off|don’t belong/);
    for (let k = 0; k < 300; k++) {
      const at = 1 + Math.floor(uniform() * (hash.length - 1));
      const other = 'Az09_-'[Math.floor(6 * uniform())]!;
      const text = textOfLink(hash.slice(0, at) + other + hash.slice(at + 1));
      // What still unpacks is checked as a document like any other.
      if (text.ok) expect(() => parseDesign(text.value)).not.toThrow();
    }
  });

  it('that would unpack to something huge is refused before it is', () => {
    const bomb = deflateSync(new Uint8Array(30_000_000), { level: 9 });
    const code = btoa(Array.from(bomb, (b) => String.fromCharCode(b)).join(''))
      .replaceAll('+', '-')
      .replaceAll('/', '_');
    expect(code.length).toBeLessThan(50_000);
    expect(said(`#${code.replace(/=+$/, '')}`)).toMatch(/damaged or was cut off/);
    expect(said(`#${'A'.repeat(500_001)}`)).toMatch(/too long/);
  });
});
