import { describe, expect, it } from 'vitest';
import { marginFor } from '../chance/joint.ts';
import { PRIOR_NU } from '../chance/spread.ts';
import { offeredFor } from '../closures/offered.ts';
import { findProduct, PRODUCTS } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import { readDesign } from '../formats/design.ts';
import { solvedFacts, WEAVES } from '../patterns/index.ts';
import { willItReach } from '../steps/reach/reach.ts';
import { adapt, asProduct } from './adapt.ts';
import { chanceOf, LEAST_CHANCE, MOST_CHANCE } from './chance.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { STYLES } from './setups/index.ts';
import type { CordCut, Plan } from './types.ts';

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Promised',
  product: 'bracelet',
  wearer: { name: 'Pavel', girthMm: 170 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'folded' },
  cords: [{ colour: 'dusk' }],
  closure: { kind: 'side-release', sizeMm: 15 },
  roundToMm: 1,
};

const planned = (changes: Partial<Design>): Plan => {
  const made = plan({ ...BASE, ...changes });
  if (!made.ok) throw new Error(made.issues[0]!.message);
  return made.value;
};
const two = { setup: { style: 'separate' as const }, cords: [{ colour: 'dusk' }, { colour: 'ember' }] };
const part = (cord: CordCut, what: string) =>
  cord.parts.filter((p) => p.what === what).reduce((sum, p) => sum + p.lengthMm, 0);

describe('the chance that a design asks for', () => {
  it.each([
    [{}, 0.98],
    [{ margin: 'never-short' as const }, 0.999],
    [{ margin: 'thrifty' as const }, 0.9],
    [{ margin: 'thrifty' as const, chance: 0.75 }, 0.75],
  ])('%j is %d', (design, chance) => expect(chanceOf(design)).toBe(chance));

  it('may be asked for from 50 to 99.99 %, in what is typed and in files alike', () => {
    expect([LEAST_CHANCE, MOST_CHANCE]).toEqual([0.5, 0.9999]);
    for (const chance of [LEAST_CHANCE, MOST_CHANCE]) expect(readDesign({ ...BASE, chance }).ok).toBe(true);
  });

  it('outside 50 to 99.99 % is refused at its place', () => {
    for (const chance of [0.49, 1, 0.99995, Number.NaN]) {
      const read = readDesign({ ...BASE, chance });
      expect(read.ok || read.issues[0]!.path).toBe('/chance');
    }
  });
});

describe('a fresh cut', () => {
  const pieces: [string, Partial<Design>][] = [
    ['one cord', {}],
    ['separate cords', two],
    [
      'a braid in a knot and loop',
      { pattern: { id: 'flat-braid-4' }, setup: { style: 'separate' }, closure: { kind: 'knot-loop' } },
    ],
    ['a ladder weave', { ...two, pattern: { id: 'ladder-3' } }],
    ['a fishtail', { pattern: { id: 'fishtail' } }],
    [
      'a double sliding band',
      { pattern: { id: 'flat-braid-4' }, setup: { style: 'separate' }, closure: { kind: 'double-sliding' } },
    ],
    ['two colours that change places', { ...two, sequence: { text: '6A 4B 19A' } }],
  ];
  it.each(pieces)('of %s reaches with the chance that was promised', (_name, changes) => {
    for (const chance of [0.9, 0.98, 0.999]) {
      const made = planned({ ...changes, chance });
      const reach = willItReach({ plan: made, band: 0, rowsDone: 0, left: [], woven: [] });
      expect(reach.chance).toBeGreaterThan(chance - 0.005);
      expect(reach.chance).toBeLessThan(chance + 0.01);
      expect(reach.verdict).toBe('reaches');
    }
  });

  const styles = Object.keys(STYLES) as (keyof typeof STYLES)[];
  it.each(PRODUCTS)(
    'of $id has the promised chance to half a point, in every closure, weave and set-up',
    (product) => {
      let seen = 0;
      for (const closure of offeredFor(product))
        for (const [i, weave] of WEAVES.entries())
          for (const style of styles) {
            // Every weave with every closure, the set-ups by turns.
            if ((i + closure.length) % styles.length !== styles.indexOf(style)) continue;
            const cords = [{ colour: 'dusk' }, { colour: 'ember' }];
            const design = {
              ...asProduct(BASE, product.id, LIBRARY_ONLY),
              pattern: { id: weave.id },
              closure: { kind: closure },
              setup: { style },
              cords: cords.slice(0, STYLES[style].cords(solvedFacts(weave.id)!)),
            };
            const made = plan(design);
            if (!made.ok) continue;
            for (const [band, { wovenMm }] of made.value.bands.entries()) {
              // On a few centimetres the millimetre of rounding up is worth more than half a point.
              if (wovenMm < 60) continue;
              const reach = willItReach({ plan: made.value, band, rowsDone: 0, left: [], woven: [] });
              if (reach.ends.length === 0) continue;
              seen++;
              expect(Math.abs(reach.chance - 0.98), JSON.stringify(design)).toBeLessThan(0.005);
            }
          }
      expect(seen).toBeGreaterThan(10);
    },
  );

  it.each([0.4, 1, 2.5])(
    'keeps its promise when a log says that all spreads are %d times ours, and that ends differ',
    (scale) => {
      const pieces = { all: 12, ofWeave: 4, ofFamily: 8 };
      const said = { s: 0.03, h: -0.02, varS: 2e-4, varH: 4e-4, covSH: -1e-4, scale, nu: 30, pieces };
      let seen = 0;
      for (const closure of offeredFor(findProduct('bracelet')!))
        for (const weave of WEAVES.filter((_, i) => i % 4 === 0))
          for (const ends of [0.012, -0.012]) {
            const learned = { ...said, ends, varEnds: 3e-5 };
            const know = { ...LIBRARY_ONLY, learned: () => learned };
            const fit = adapt({ ...BASE, pattern: { id: weave.id }, closure: { kind: closure } }, {}, know);
            const made = plan(fit, know);
            if (!made.ok) continue;
            const reach = willItReach({ plan: made.value, band: 0, rowsDone: 0, left: [], woven: [] });
            if (reach.ends.length === 0) continue;
            seen++;
            expect(Math.abs(reach.chance - 0.98), `${closure}, ${weave.id}`).toBeLessThan(0.005);
          }
      expect(seen).toBeGreaterThan(100);
    },
  );

  // Their halves from the fold need different lengths and are cut alike: the longer one hardly ever runs out.
  it.each([
    ['wide-bar-4', two],
    ['wide-bar-3', two],
    ['slider-bar-half', {}],
  ] as const)('of %s in uneven halves keeps a thrifty promise, too, and asks for no more', (id, changes) => {
    for (const chance of [0.75, 0.9]) {
      const made = planned({ ...changes, pattern: { id }, cord: 'nylon-4', chance });
      const reach = willItReach({ plan: made, band: 0, rowsDone: 0, left: [], woven: [] });
      expect(Math.abs(reach.chance - chance)).toBeLessThan(0.005);
      expect(Math.max(...made.cords.flatMap((c) => c.ends.map((e) => e.surplus)))).toBeGreaterThan(0.1);
    }
  });

  it('is the sum of fixed parts, hand length and weave × e^(q·σ), worked by hand for one cord', () => {
    const [cord] = planned({}).cords as [CordCut];
    const [end] = cord.ends;
    const q = marginFor(0.98, { loadings: cord.ends.map((e) => e.loading), nu: PRIOR_NU });
    const half = end!.wovenMm * (Math.exp(q * Math.sqrt(end!.variance)) - 1);
    // Both halves are as long as the one that needs more: hardly any difference in a Solomon bar.
    expect(part(cord, 'margin') / (2 * half)).toBeCloseTo(1, 1);
    expect(part(cord, 'tail')).toBe(150);
    const sum = cord.parts.reduce((total, p) => total + p.lengthMm, 0);
    expect(sum).toBeCloseTo(cord.cutLengthMm, 6);
    expect(part(cord, 'rounding')).toBeLessThan(1);
  });

  it('grows with the chance, shrinks with a tool, and with what the maker holds', () => {
    const total = (changes: Partial<Design>) => planned(changes).figures.total.value;
    expect(total({ chance: 0.999 })).toBeGreaterThan(total({ chance: 0.98 }));
    expect(total({ chance: 0.98 })).toBeGreaterThan(total({ chance: 0.9 }));
    // 75 mm less 40 mm at both ends.
    expect(total({}) - total({ hands: 'tool' })).toBeCloseTo(70, 0);
    expect(total({ tailMm: 90 }) - total({})).toBeCloseTo(30, 0);
  });

  it('of cores has only the tape to fear', () => {
    const [, core] = planned(two).cords as [CordCut, CordCut];
    expect(core.ends.every((e) => e.wovenMm === 0)).toBe(true);
    expect(part(core, 'margin')).toBeGreaterThan(40);
    expect(part(core, 'margin')).toBeLessThan(90);
  });

  it('is likely to need between less and more than its mean, never more than its cut at 99.9 %', () => {
    const [cord] = planned({ chance: 0.999 }).cords as [CordCut];
    const mean = cord.cutLengthMm - part(cord, 'margin') - part(cord, 'rounding');
    expect(cord.neededMm[0]).toBeLessThan(mean);
    expect(cord.neededMm[1]).toBeGreaterThan(mean);
    expect(cord.neededMm[1]).toBeLessThan(cord.cutLengthMm);
  });
});
