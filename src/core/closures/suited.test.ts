import { describe, expect, it } from 'vitest';
import { solvedFacts, WEAVES } from '../patterns/index.ts';
import { findClosure } from './index.ts';

describe('closures that suit few weaves', () => {
  it.each([
    ['chain-loop', ['chain-sinnet']],
    ['wrapped-band', ['plain-band-2']],
  ] as const)('%s: %s', (kind, weaves) => {
    const { unsuited } = findClosure(kind)!;
    expect(WEAVES.filter((w) => unsuited!(solvedFacts(w.id)!) === undefined).map((w) => w.id)).toEqual(
      weaves,
    );
  });

  it('a loop worked back from a braid needs three strands and no core', () => {
    const { unsuited } = findClosure('braid-loop')!;
    for (const w of WEAVES) {
      const { strands } = solvedFacts(w.id)!;
      const isBraid =
        strands.every((s) => s.role !== 'core') && strands.reduce((n, s) => n + s.periods, 0) >= 3;
      expect(unsuited!(solvedFacts(w.id)!) === undefined, w.id).toBe(isBraid);
    }
  });

  it('a loop of the fold needs two cords that run through', () => {
    const { unsuited } = findClosure('knot-loop')!;
    expect(unsuited!(solvedFacts('chain-sinnet')!)).toBeDefined();
    expect(unsuited!(solvedFacts('plain-band')!)).toBeDefined();
    expect(unsuited!(solvedFacts('plain-band-2')!)).toBeUndefined();
    expect(unsuited!(solvedFacts('solomon-bar')!)).toBeUndefined();
  });
});
