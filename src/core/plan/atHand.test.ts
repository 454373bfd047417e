import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { solvedFacts } from '../patterns/index.ts';
import { whyText } from '../why/why.ts';
import { styleProblem, withStyle } from './adapt.ts';
import { type AtHand, comeOutOf, makeableOf } from './atHand.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { ORDER } from './setups/index.ts';

const HAND: AtHand = { pieces: 1, lengthMm: 3000, cordId: 'nylon-4', girthMm: 170 };
const made = (id: string, patch: Partial<AtHand> = {}) => makeableOf(id, { ...HAND, ...patch }, LIBRARY_ONLY);

describe('cuts out of pieces', () => {
  it('are found by hand: what fits in two pieces of a metre, and what does not', () => {
    expect(comeOutOf([600, 500, 500, 400], 2, 1000)).toBe(true);
    // The longest first into the first piece that has room would put 400 beside 600 and leave 500 + 500 + 300.
    expect(comeOutOf([600, 500, 500, 300], 2, 1000)).toBe(true);
    expect(comeOutOf([600, 600, 500], 2, 1000)).toBe(false);
    expect(comeOutOf([1000], 1, 1000)).toBe(true);
    expect(comeOutOf([1001], 3, 1000)).toBe(false);
    // 400 + 350 + 250 and 500 + 300 + 200: only one way round.
    expect(comeOutOf([500, 400, 350, 300, 250, 200], 2, 1000)).toBe(true);
    expect(comeOutOf([], 0, 1000)).toBe(true);
  });

  it('come out of any pieces that they were cut from', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.integer({ min: 50, max: 400 }), { maxLength: 3 }), {
          minLength: 1,
          maxLength: 3,
        }),
        (pieces) => {
          const length = Math.max(...pieces.map((cuts) => cuts.reduce((a, b) => a + b, 0)), 1);
          const cuts = pieces.flat().sort((a, b) => b - a);
          expect(comeOutOf(cuts, pieces.length, length)).toBe(true);
          const total = cuts.reduce((a, b) => a + b, 0);
          expect(comeOutOf(cuts, 1, total - 1)).toBe(cuts.length === 0);
        },
      ),
    );
  });
});

describe('what can be made of the cord at hand', () => {
  it('is planned as on the Bench, and its cuts come out of it', () => {
    const bar = made('solomon-bar')!;
    const planned = plan(bar.design);
    const cuts = planned.ok ? planned.value.cords.map((c) => c.cutLengthMm).sort((a, b) => b - a) : [];
    expect(bar.cuts.map((c) => c.lengthMm)).toEqual(cuts);
    // Each says how it comes about, and its parts add up to it.
    for (const cut of bar.cuts) expect(whyText(cut.why)).toMatch(/=/);
    expect(cuts.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(3000);
  });

  it('is nothing when a centimetre is missing', () => {
    const need = made('solomon-bar')!.cuts.reduce((sum, c) => sum + c.lengthMm, 0);
    expect(made('solomon-bar', { lengthMm: need })).toBeDefined();
    expect(made('solomon-bar', { lengthMm: need - 1 })).toBeUndefined();
    // Two pieces: each must hold whole cuts.
    expect(made('solomon-bar', { pieces: 2, lengthMm: need / 2 - 1 })).toBeUndefined();
  });

  it('is the set-up of all that suit which needs least cord', () => {
    // The last one that is tried for the laced bar, the first for the fishtail: order alone chooses neither.
    for (const id of ['laced-bar', 'fishtail']) {
      const least = made(id, { pieces: 9, lengthMm: 9000, closureId: 'side-release' })!;
      const need = least.cuts.reduce((sum, c) => sum + c.lengthMm, 0);
      const styles = ORDER.filter((style) => styleProblem(least.design, style, LIBRARY_ONLY) === undefined);
      expect(styles.indexOf(least.design.setup.style), id).toBe(id === 'fishtail' ? 0 : styles.length - 1);
      for (const style of styles) {
        const other = plan(withStyle(least.design, style, solvedFacts(id)!));
        const cuts = other.ok ? other.value.cords.reduce((sum, c) => sum + c.cutLengthMm, 0) : 0;
        if (style === least.design.setup.style) expect(cuts, `${id} ${style}`).toBe(need);
        else expect(cuts, `${id} ${style}`).toBeGreaterThan(need);
      }
    }
  });

  it('has the closure that was asked for, or none', () => {
    expect(made('solomon-bar', { closureId: 'knot-loop' })!.design.closure.kind).toBe('knot-loop');
    // A chain has one strand: no fold for a loop.
    expect(made('chain-sinnet', { closureId: 'knot-loop' })).toBeUndefined();
    expect(made('diamond')).toBeUndefined();
  });

  it('needs more for a larger wrist', () => {
    const need = (girthMm: number) => made('fishtail', { lengthMm: 9000, girthMm })!.cuts[0]!.lengthMm;
    expect(need(210)).toBeGreaterThan(need(150));
  });
});
