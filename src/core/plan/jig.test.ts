import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { len, whyText } from '../why/why.ts';
import { planned } from './testing/onTheEdge.ts';

describe('how far apart the pegs of a jig are', () => {
  it('is from the first bar to the second: hitches and weave', () => {
    const watch = { hand: 200, lug: 24, lugToLug: 46, gap: 6, springBar: 1.8 };
    for (const changes of [
      {},
      {
        closure: { kind: 'limited-slip' },
        product: 'collar-limited-slip',
        wearer: { name: 'Halley', girthMm: 400 },
      },
      { closure: { kind: 'spring-bars' }, product: 'watch-two-piece', measures: watch },
    ] as Partial<Design>[]) {
      const p = planned(changes);
      const [band] = p.bands;
      expect(p.figures.jig.value).toBeCloseTo(band!.startMm + band!.wovenMm + band!.end.standoffMm, 9);
      expect(band!.startMm).toBeGreaterThan(0);
    }
  });
});

describe('the jig of a strap in two halves', () => {
  it('is said for the first, and for the other one beside it', () => {
    for (const hold of ['jig', 'tape', 'hand'] as const) {
      const p = planned({
        product: 'watch-two-piece',
        setup: { style: 'separate', hold },
        measures: { hand: 200, lug: 24, lugToLug: 46, gap: 6, springBar: 1.8 },
      });
      const [, second] = p.bands;
      const far = whyText([len(second!.startMm + second!.wovenMm + second!.end.standoffMm)]);
      expect(whyText(p.figures.jig.why), hold).toContain(`; ${second!.name} ${far}`);
    }
  });
});
