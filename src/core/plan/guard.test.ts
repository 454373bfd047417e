import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CLOSURES } from '../closures/index.ts';
import { offeredFor } from '../closures/offered.ts';
import { CORDS } from '../cord/cords.ts';
import { PRODUCTS } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import { readDesign } from '../formats/design.ts';
import { WEAVES } from '../patterns/index.ts';
import { adapt, asProduct } from './adapt.ts';
import { ADDON_KINDS } from './addons.ts';
import { defects, guard } from './guard.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { STYLES, type Style } from './setups/index.ts';
import type { Plan } from './types.ts';

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Guarded',
  product: 'bracelet',
  wearer: { name: 'Okoro', girthMm: 165 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'folded' },
  cords: [{ colour: 'dusk' }],
  closure: { kind: 'side-release' },
};

const ease: fc.Arbitrary<Design['ease']> = fc.oneof(
  fc.record({ school: fc.constant('thickness' as const), slackMm: fc.integer({ min: -20, max: 200 }) }),
  fc.record({ school: fc.constant('flat' as const), addMm: fc.integer({ min: -20, max: 200 }) }),
  fc.record(
    {
      school: fc.constant('fingers' as const),
      fingers: fc.integer({ min: 1, max: 4 }),
      fingerMm: fc.double({ min: 5, max: 40, noNaN: true }),
    },
    { requiredKeys: ['school', 'fingers'] },
  ),
  fc.constant({ school: 'try-on' as const }),
);

const addon = fc.record(
  {
    kind: fc.constantFrom(...(Object.keys(ADDON_KINDS) as (keyof typeof ADDON_KINDS)[])),
    at: fc.oneof(
      fc.record({ row: fc.integer({ min: 1, max: 200 }) }),
      fc.record({ mm: fc.double({ min: 0, max: 900, noNaN: true }) }),
      fc.constant({ centre: true as const }),
    ),
    sizeMm: fc.double({ min: 2, max: 120, noNaN: true }),
  },
  { requiredKeys: ['kind', 'at'] },
);

/** Designs as odd as the schema lets them be, most of them with a set-up that suits. */
const designs = fc
  .record({
    product: fc.constantFrom(...PRODUCTS),
    share: fc.double({ min: 0, max: 1, noNaN: true }),
    ease,
    weave: fc.constantFrom(...WEAVES),
    cord: fc.constantFrom(...CORDS),
    style: fc.constantFrom(...(Object.keys(STYLES) as Style[])),
    closure: fc.nat(CLOSURES.length),
    options: fc.record(
      {
        openMm: fc.double({ min: 40, max: 3000, noNaN: true }),
        gapMm: fc.double({ min: 0, max: 500, noNaN: true }),
        lengthMm: fc.double({ min: 1, max: 200, noNaN: true }),
        pastMm: fc.double({ min: 1, max: 200, noNaN: true }),
      },
      { requiredKeys: [] },
    ),
    addons: fc.array(addon, { maxLength: 3 }),
    spacing: fc.double({ min: 0, max: 1, noNaN: true }),
    tailMm: fc.double({ min: 0, max: 1000, noNaN: true }),
    roundToMm: fc.double({ min: 1, max: 500, noNaN: true }),
    wet: fc.constantFrom('ignore' as const, 'add' as const, 'pre-shrink' as const),
    isAdapted: fc.constantFrom(true, true, true, false),
    /** Options and add-ons at the ends of their ranges are refused more often than not: half of the designs have none. */
    isPlain: fc.boolean(),
  })
  .map((d): Design => {
    const { leastMm, mostMm } = d.product.girth;
    const offered = CLOSURES.filter((c) => offeredFor(d.product).includes(c.id));
    const closure = offered[d.closure % offered.length]!;
    const known = new Set<string>(closure.options.map((o) => o.key));
    const options = Object.fromEntries(Object.entries(d.options).filter(([key]) => known.has(key)));
    const design: Design = {
      ...asProduct(BASE, d.product.id, LIBRARY_ONLY),
      wearer: { name: 'Okoro', girthMm: leastMm + d.share ** 2 * (mostMm - leastMm) },
      ease: d.ease,
      pattern: { id: d.weave.id },
      cord: d.cord.id,
      closure: { kind: closure.id, ...(d.isPlain ? {} : options) },
      setup: { style: d.style, spacing: d.spacing },
      tailMm: d.tailMm,
      roundToMm: d.roundToMm,
      wet: d.wet,
      ...(d.addons.length > 0 && !d.isPlain ? { addons: d.addons } : {}),
    };
    return d.isAdapted ? adapt(design, {}, LIBRARY_ONLY) : design;
  });

describe('the last look at a plan', () => {
  it('never has anything to catch: every design plans soundly or is refused with a reason', () => {
    let planned = 0;
    fc.assert(
      fc.property(designs, (design) => {
        expect(readDesign(design).ok).toBe(true);
        const made = plan(design);
        if (made.ok) planned++;
        else expect(made.issues.map((i) => `${i.code} ${i.message}`).join()).not.toContain('plan.defect');
      }),
      { numRuns: 1200 },
    );
    expect(planned).toBeGreaterThan(300);
  });

  const sound = (() => {
    const made = plan(BASE);
    if (!made.ok) throw new Error('the plain band');
    return made.value;
  })();
  const spoilt: [string, (p: Plan) => Plan][] = [
    [
      'a length that is not a number',
      (p) => ({ ...p, figures: { ...p.figures, woven: { ...p.figures.woven, value: Number.NaN } } }),
    ],
    ['an endless length', (p) => ({ ...p, closed: { ...p.closed, closedMm: Number.POSITIVE_INFINITY } })],
    [
      'a negative figure',
      (p) => ({ ...p, figures: { ...p.figures, hardware: { ...p.figures.hardware, value: -35 } } }),
    ],
    ['a negative stretch of cord', (p) => withPart(p, -1, 0)],
    ['parts that do not add up', (p) => withPart(p, 1, 0)],
    [
      'a cord that uses less than nothing',
      (p) => ({ ...p, cords: p.cords.map((c) => ({ ...c, usedLengthMm: -1 })) }),
    ],
    [
      'a mark off its cord',
      (p) => ({
        ...p,
        cords: p.cords.map((c) => ({ ...c, marks: [{ what: 'fold', atMm: c.cutLengthMm + 1, why: [] }] })),
      }),
    ],
    [
      'a way of fitting without a length',
      (p) => ({ ...p, schools: p.schools.map((s) => ({ ...s, finishedMm: Number.NaN })) }),
    ],
  ];
  const withPart = (p: Plan, byMm: number, index: number): Plan => ({
    ...p,
    cords: p.cords.map((c) => ({
      ...c,
      parts: c.parts.map((x, i) =>
        i === index ? { ...x, lengthMm: byMm < 0 ? byMm : x.lengthMm + byMm } : x,
      ),
    })),
  });

  it('lets a sound plan through as it is', () => expect(guard(sound)).toEqual({ ok: true, value: sound }));

  it.each(spoilt)('stops %s with a message', (_what, spoil) => {
    const result = guard(spoil(sound));
    expect(defects(spoil(sound)).length).toBeGreaterThan(0);
    expect(result).toMatchObject({ ok: false, issues: [{ code: 'plan.defect' }] });
  });

  it('lets a band be tighter than the body: slack may be less than nothing', () => {
    const tight = plan({ ...BASE, ease: { school: 'thickness', slackMm: -5 } });
    expect(tight.ok && tight.value.figures.slack.value).toBeCloseTo(-5, 6);
  });
});
