import { describe, expect, it } from 'vitest';
import { CLOSURES } from './closures/index.ts';
import { PRODUCTS } from './fit/products.ts';
import { plan } from './plan/plan.ts';
import { withArticle } from './words.ts';

describe('articles', () => {
  it.each([
    ['adjustable shackle', 'an adjustable shackle'],
    ['open cuff', 'an open cuff'],
    ['two spring bars', 'two spring bars'],
    ['knot and loop', 'a knot and loop'],
    ['one-piece strap', 'a one-piece strap'],
    ['usual bow', 'a usual bow'],
  ])('“%s” is spoken as “%s”', (name, spoken) => expect(withArticle(name)).toBe(spoken));

  it('no message about a closure that does not suit says “a a…”, “a o…” or “a two…”', () => {
    for (const product of PRODUCTS)
      for (const closure of CLOSURES) {
        const made = plan({
          format: 'warp-beam/design',
          version: 2,
          name: 'Words',
          product: product.id,
          wearer: { name: 'Lin', girthMm: product.girth.usualMm },
          ease: { school: 'thickness', slackMm: 8 },
          pattern: { id: 'solomon-bar' },
          cord: 'nylon-4',
          setup: { style: 'folded' },
          cords: [{ colour: 'dusk' }],
          closure: { kind: closure.id, sizeMm: 999 },
        });
        const said = made.ok ? '' : made.issues.map((i) => i.message).join(' ');
        expect(said).not.toMatch(/\ba (?:[aeio]|two|three)/i);
        expect(said).not.toMatch(/\(0 in\)/);
      }
  });
});
