import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { solvedFacts } from '../patterns/index.ts';
import { whyText } from '../why/why.ts';
import { adapt, asProduct, withStyle } from './adapt.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { BASE } from './testing/onTheEdge.ts';

const bar = solvedFacts('solomon-bar')!;

describe('another set-up', () => {
  const colours = (cords: readonly string[], style: Design['setup']['style']) =>
    withStyle({ ...BASE, cords: cords.map((colour) => ({ colour })) }, style, bar).cords.map((c) => c.colour);

  it('keeps its first colours; a second one is graphite, or dusk beside graphite', () => {
    expect(colours(['ember', 'comet'], 'separate')).toEqual(['ember', 'comet']);
    expect(colours(['ember', 'comet'], 'folded')).toEqual(['ember']);
    expect(colours(['ember'], 'separate')).toEqual(['ember', 'graphite']);
    expect(colours(['graphite'], 'separate')).toEqual(['graphite', 'dusk']);
    expect(colours([], 'separate')).toEqual(['dusk', 'graphite']);
  });
});

describe('another weave', () => {
  const loop: Design = { ...BASE, closure: { kind: 'knot-loop', knot: 'diamond' } };

  it('keeps the closure where it can carry it, and else takes the product’s first that it can', () => {
    expect(adapt(loop, { pattern: { id: 'ladder-4' } }, LIBRARY_ONLY).closure).toEqual(loop.closure);
    // A chain is one cord: it has no two ends for a loop.
    const chain = adapt(loop, { pattern: { id: 'chain-sinnet' } }, LIBRARY_ONLY);
    expect(chain.closure).toEqual({ kind: 'side-release' });
    expect(plan(chain).ok).toBe(true);
  });
});

describe('another product', () => {
  it('keeps the girth of the same body up to the ends of what is believed of it', () => {
    for (const girthMm of [60, 170, 350])
      expect(
        asProduct({ ...BASE, wearer: { name: 'Lin', girthMm } }, 'cuff', LIBRARY_ONLY).wearer.girthMm,
      ).toBe(girthMm);
    // A neck is no wrist: it begins with a usual one.
    expect(asProduct(BASE, 'collar', LIBRARY_ONLY).wearer.girthMm).toBe(380);
  });
});

describe('ends that take no part in the closure', () => {
  it('of a braid of four that carries a knot of two are tucked; two are tied', () => {
    const made = plan({
      ...BASE,
      pattern: { id: 'flat-braid-4' },
      cords: [{ colour: 'dusk' }],
      closure: { kind: 'knot-loop', knot: 'overhand-two' },
    });
    if (!made.ok) throw new Error(made.issues[0]!.message);
    const { bands, cords } = made.value;
    const end = bands[0]!.startMm + bands[0]!.wovenMm;
    const beyond = cords.flatMap((c) => c.parts).filter((x) => x.what === 'closure' && x.toMm! > end + 1e-6);
    // The neck and the knot of each of two.
    expect(beyond).toHaveLength(4);
    const tails = cords.flatMap((c) => c.parts).filter((x) => x.what === 'tail');
    expect(tails).toHaveLength(4);
    const tucked = cords.flatMap((c) => c.parts).filter((x) => /^tucked|back under/.test(whyText(x.why)));
    expect(tucked).toHaveLength(2);
  });
});
