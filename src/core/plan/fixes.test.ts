import { describe, expect, it } from 'vitest';
import { offeredFor } from '../closures/offered.ts';
import { CORDS } from '../cord/cords.ts';
import { findProduct, PRODUCTS, type Product } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import { WEAVES } from '../patterns/index.ts';
import { whyText } from '../why/why.ts';
import { adapt, asProduct, closuresFor } from './adapt.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Fixed',
  product: 'bracelet',
  wearer: { name: 'Ines', girthMm: 165 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'folded' },
  cords: [{ colour: 'dusk' }],
  closure: { kind: 'side-release' },
};

/** Designs with something wrong in them, of every product: the wrong cord, ease, closure size, opening. */
function* troubled(product: Product): Generator<Design> {
  const weaves = WEAVES.filter((_, i) => i % 6 === 0).map((w) => w.id);
  for (const weave of weaves) {
    for (const cord of CORDS.filter((_, i) => i % 3 === 0)) {
      const facts = LIBRARY_ONLY.facts(weave);
      for (const kind of closuresFor(product, facts)) {
        const base = {
          ...asProduct(BASE, product.id, LIBRARY_ONLY),
          pattern: { id: weave },
          cord: cord.id,
        };
        yield adapt({ ...base, closure: { kind } }, {}, LIBRARY_ONLY);
        yield adapt(
          { ...base, closure: { kind }, ease: { school: 'flat', addMm: -10 }, tailMm: 30 },
          {},
          LIBRARY_ONLY,
        );
      }
    }
  }
}

describe('what a failed check offers', () => {
  const tried = new Map<string, number>();

  it.each(PRODUCTS)(
    '$id: puts that very check right, for every closure, weave and cord, and still plans',
    (product) => {
      for (const design of troubled(product)) {
        const before = plan(design);
        if (!before.ok) continue;
        for (const check of before.value.checks) {
          if (check.ok || !check.fix) continue;
          const what = `${design.product}, ${design.closure.kind}, ${design.pattern.id}, ${design.cord}: ${check.id}: ${whyText(check.message)} → ${whyText(check.fix.label)}`;
          const after = plan(adapt(design, check.fix.patch, LIBRARY_ONLY));
          if (!after.ok) throw new Error(`${what}: ${after.issues[0]!.message}`);
          const again = after.value.checks.find((c) => c.id === check.id);
          expect(again?.ok ?? true, what).toBe(true);
          tried.set(check.id, (tried.get(check.id) ?? 0) + 1);
        }
      }
    },
  );

  it('was tried on enough kinds of trouble to mean something', () => {
    expect([...tried.keys()].sort()).toEqual(
      expect.arrayContaining([
        'buckle.width',
        'collar.fingers',
        'cuff.width',
        'fit.slack',
        'lug.gap',
        'lug.width',
        'tail.enough',
      ]),
    );
  });

  it('leaves the maker’s own choices alone: name, wearer, colours of the first cord', () => {
    for (const product of ['watch-two-piece', 'cuff', 'collar']) {
      const design = asProduct(BASE, product, LIBRARY_ONLY);
      const before = plan(design);
      if (!before.ok) throw new Error(product);
      for (const check of before.value.checks.filter((c) => !c.ok && c.fix)) {
        const after = adapt(design, check.fix!.patch, LIBRARY_ONLY);
        expect(after.wearer).toEqual(design.wearer);
        expect(after.name).toBe(design.name);
        expect(after.cords[0]).toEqual(design.cords[0]);
      }
    }
  });
});

describe('products as records', () => {
  it.each(PRODUCTS)(
    '$id has what a maker asks: how each measure is taken, its range, its cautions',
    (product) => {
      for (const m of [product.girth, ...product.measures]) {
        expect(m.how.length, m.id).toBeGreaterThan(20);
        expect(m.leastMm, m.id).toBeLessThan(m.mostMm);
        const usual = m.usualMm ?? 0;
        if (m.usualMm !== undefined) expect(usual >= m.leastMm && usual <= m.mostMm, m.id).toBe(true);
      }
      expect(product.cautions.length).toBeGreaterThan(0);
      expect(offeredFor(product).length).toBeGreaterThan(0);
      if (product.passes) expect(product.measures.some((m) => m.id === product.passes)).toBe(true);
    },
  );

  it('a load is carried by collars, and by nothing that is worn for looks', () => {
    for (const product of PRODUCTS)
      expect(product.carriesLoad ?? false, product.id).toBe(product.id.startsWith('collar'));
  });

  it('a cat’s collar is closed by what breaks away, and by nothing else', () => {
    expect(findProduct('collar-cat')!.closures).toEqual(['breakaway']);
    const made = plan(asProduct(BASE, 'collar-cat', LIBRARY_ONLY));
    expect(made.ok && made.value.cautions.some((c) => c.includes('break away'))).toBe(true);
  });

  it('is usually closed by something that the usual bar can carry', () => {
    for (const product of PRODUCTS) {
      const made = plan(asProduct(BASE, product.id, LIBRARY_ONLY));
      expect(made.ok, product.id).toBe(true);
    }
  });
});
