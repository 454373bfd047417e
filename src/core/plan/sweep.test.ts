import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CLOSURES } from '../closures/index.ts';
import { offeredFor } from '../closures/offered.ts';
import { PRODUCTS } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import { solvedFacts, WEAVES } from '../patterns/index.ts';
import { whyText } from '../why/why.ts';
import { adapt, asProduct } from './adapt.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { STYLES } from './setups/index.ts';
import { strandSpans } from './spans.ts';
import type { Plan } from './types.ts';

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Sweep',
  product: 'bracelet',
  wearer: { name: 'Ines', girthMm: 165 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-3',
  setup: { style: 'folded' },
  cords: [{ colour: 'dusk' }],
  closure: { kind: 'side-release', sizeMm: 15 },
};

const designFor = (product: string, closure: string, pattern: string): Design =>
  adapt(
    { ...asProduct(BASE, product, LIBRARY_ONLY), pattern: { id: pattern }, closure: { kind: closure } },
    {},
    LIBRARY_ONLY,
  );

/** What holds for every plan, whatever it is a plan of. */
function holds(p: Plan, what: string): void {
  for (const cord of p.cords) {
    const sum = cord.parts.reduce((total, x) => total + x.lengthMm, 0);
    expect(Math.abs(sum - cord.cutLengthMm), `${what}: parts of ${cord.letter}`).toBeLessThan(1e-6);
    expect(Math.min(...cord.parts.map((x) => x.lengthMm)), what).toBeGreaterThan(-1e-6);
    expect(cord.usedLengthMm, what).toBeLessThanOrEqual(cord.cutLengthMm + 1e-6);
    for (const mark of cord.marks) {
      expect(mark.atMm, `${what}: ${mark.what}`).toBeGreaterThanOrEqual(0);
      expect(mark.atMm, `${what}: ${mark.what}`).toBeLessThanOrEqual(cord.cutLengthMm + 1e-6);
    }
  }
  if (p.closed.openMm !== undefined)
    expect(p.closed.openMm, what).toBeGreaterThanOrEqual(p.closed.closedMm - 1e-6);
  // Round the body lie: what is woven, the case, and what is between the ends.
  const round = p.bands.reduce((total, b) => total + b.wovenMm, 0) + p.caseMm + p.closed.gapMm;
  expect(Math.abs(round - p.finishedLengthMm), `${what}: goes round`).toBeLessThan(1e-6);
  const ends = p.bands
    .flatMap((b) => [b.start, b.end])
    .reduce((total, e) => total + e.takesMm + e.standoffMm, 0);
  expect(Math.abs(ends - p.closed.gapMm), `${what}: ends take the gap`).toBeLessThan(1e-6);
  const letters = p.cords.map((c) => c.letter);
  expect(new Set(letters).size, `${what}: ${letters}`).toBe(letters.length);
}

describe('every product × closure × weave', () => {
  it.each(PRODUCTS.map((p) => p.id))(
    '%s plans or refuses with a reason, and its numbers add up',
    (product) => {
      let made = 0;
      for (const closure of CLOSURES) {
        for (const weave of WEAVES) {
          const what = `${product}, ${closure.id}, ${weave.id}`;
          const result = plan(designFor(product, closure.id, weave.id));
          if (!result.ok) {
            for (const issue of result.issues) expect(issue.message.length, what).toBeGreaterThan(20);
            continue;
          }
          made++;
          holds(result.value, what);
          const passages = solvedFacts(weave.id)!.strands.reduce((n, s) => n + s.periods, 0);
          for (const band of result.value.bands.keys())
            expect(strandSpans(result.value, band).size, what).toBe(passages);
        }
      }
      expect(made).toBeGreaterThan(20);
    },
  );

  it('is planned in every set-up that suits it, and in the next that does where one does not', () => {
    for (const closure of CLOSURES) {
      for (const style of Object.keys(STYLES) as (keyof typeof STYLES)[]) {
        const facts = solvedFacts('solomon-bar')!;
        const cords = [{ colour: 'ember' }, { colour: 'dusk' }].slice(0, STYLES[style].cords(facts));
        const product = PRODUCTS.find((p) => offeredFor(p).includes(closure.id))!;
        const result = plan({
          ...asProduct(BASE, product.id, LIBRARY_ONLY),
          closure: { kind: closure.id },
          setup: { style },
          cords,
        });
        const what = `${closure.id}, ${style}`;
        if (!result.ok) {
          // Never because of the set-up.
          expect(
            result.issues.map((i) => i.path),
            what,
          ).not.toContain('/setup/style');
          continue;
        }
        holds(result.value, what);
        const isSaid = result.value.checks.some((c) => c.id === 'setup.instead');
        expect(isSaid, what).toBe(result.value.style !== style);
      }
    }
  });
});

const sliding = CLOSURES.filter((c) => c.options.some((o) => o.key === 'openMm')).map((c) => c.id);

describe('closing', () => {
  const bodies = fc.record({
    kind: fc.constantFrom(...sliding.filter((id) => id !== 'limited-slip')),
    pattern: fc.constantFrom('solomon-bar', 'flat-braid-4', 'plain-band-2', 'ladder-4'),
    cord: fc.constantFrom('nylon-2', 'nylon-3', 'nylon-4'),
    girthMm: fc.double({ min: 130, max: 260, noNaN: true }),
    openMm: fc.double({ min: 100, max: 320, noNaN: true }),
    slackMm: fc.integer({ min: 0, max: 20 }),
  });
  const design = (b: {
    kind: string;
    pattern: string;
    cord: string;
    girthMm: number;
    openMm: number;
    slackMm: number;
  }) =>
    adapt(
      {
        ...BASE,
        wearer: { name: 'Lin', girthMm: b.girthMm },
        ease: { school: 'thickness', slackMm: b.slackMm },
        pattern: { id: b.pattern },
        cord: b.cord,
        closure: { kind: b.kind, openMm: b.openMm },
      },
      {},
      LIBRARY_ONLY,
    );

  it('never lengthens, and an opening asked for is the opening made', () => {
    fc.assert(
      fc.property(bodies, (b) => {
        const result = plan(design(b));
        if (!result.ok) return;
        const { closedMm, openMm } = result.value.closed;
        expect(openMm!).toBeGreaterThanOrEqual(closedMm - 1e-6);
        expect(openMm!).toBeCloseTo(Math.max(b.openMm, closedMm), 6);
        expect(closedMm).toBeCloseTo(b.girthMm + b.slackMm, 6);
      }),
      { numRuns: 150 },
    );
  });

  it('asks for more cord the wider it opens, never for a longer weave', () => {
    fc.assert(
      fc.property(bodies, fc.double({ min: 1, max: 40, noNaN: true }), (b, more) => {
        const [narrow, wide] = [plan(design(b)), plan(design({ ...b, openMm: b.openMm + more }))];
        if (!narrow.ok || !wide.ok) return;
        expect(wide.value.wovenLengthMm).toBeLessThanOrEqual(narrow.value.wovenLengthMm + 1e-6);
      }),
      { numRuns: 100 },
    );
  });

  it('passes the hand, in every way, unless it says by how much it does not', () => {
    for (const kind of sliding.filter((id) => id !== 'limited-slip')) {
      const result = plan(adapt({ ...BASE, closure: { kind } }, {}, LIBRARY_ONLY));
      if (!result.ok) throw new Error(kind);
      const hand = result.value.measures.hand!.mm;
      const passes = result.value.checks.find((c) => c.id === 'open.passes')!;
      expect(passes.ok).toBe(result.value.closed.openMm! >= hand - 0.5);
      expect(whyText(passes.message)).toContain('hand');
    }
  });
});
