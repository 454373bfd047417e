import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { whyText } from '../why/why.ts';
import { makeableOf } from './atHand.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { plan } from './plan.ts';
import { BASE } from './testing/onTheEdge.ts';
import type { Plan } from './types.ts';

const planned = (changes: Partial<Design> = {}): Plan => {
  const made = plan({ ...BASE, ...changes });
  if (!made.ok) throw new Error(made.issues[0]!.message);
  return made.value;
};
const marksOf = (p: Plan, label: RegExp): number[] =>
  p.bands[0]!.marks.filter((m) => label.test(m.label)).map((m) => m.atMm);

describe('marks along a band', () => {
  it('stop four rows before a second half whose bar the cores are led round', () => {
    const p = planned({ closure: { kind: 'side-release', attach: 'returned' } });
    const { startMm, wovenMm } = p.bands[0]!;
    const at = marksOf(p, /^stop here for the/);
    expect(at).toHaveLength(1);
    expect(at[0]).toBeCloseTo(startMm + wovenMm - 4 * p.metrics.rowHeightMm, 9);
    // A braid has no cores to lead round it.
    const braid = planned({
      pattern: { id: 'flat-braid-4' },
      setup: { style: 'folded' },
      cords: [{ colour: 'dusk' }],
      closure: { kind: 'side-release' },
    });
    expect(marksOf(braid, /^stop here for the/)).toEqual([]);
    const hitched = planned({ closure: { kind: 'side-release', attach: 'hitched' } });
    expect(marksOf(hitched, /^stop here for the/)).toEqual([]);
  });

  it('say where the colours change places: after six rows and after ten', () => {
    const p = planned({ sequence: { text: '6A 4B 19A', way: 'swap' } });
    const { startMm } = p.bands[0]!;
    const row = p.bands[0]!.wovenMm / p.bands[0]!.rows;
    const changes = p.bands[0]!.marks.filter((m) => m.atMm > startMm + row && m.atMm < startMm + 20 * row);
    expect(p.sequence!.stretches.map((s) => s.from)).toEqual([0, 6, 10]);
    expect(changes.map((m) => Math.round((m.atMm - startMm) / row))).toEqual([6, 10]);
  });
});

describe('the woven length', () => {
  it('is less the case where a closure goes round both sides of it, and says so only there', () => {
    const words = (p: Plan) => whyText(p.figures.woven.why);
    expect(words(planned())).not.toContain('case');
    const strap = planned({
      product: 'watch-two-piece',
      measures: { lugWidth: 20, lugToLug: 46 },
      closure: { kind: 'spring-bars' },
    });
    expect(words(strap)).toContain('− case 46 mm');
    // Finished, less the case, less what stands between it and the rows at both bars.
    const { start, end } = strap.bands[0]!;
    const bars = start.takesMm + start.standoffMm + end.takesMm + end.standoffMm;
    expect(strap.wovenLengthMm).toBeCloseTo(strap.finishedLengthMm - 46 - bars, 6);
  });
});

describe('cuts from the cord at hand', () => {
  it('are those of a design that is called as its weave is', () => {
    const hand = { pieces: 2, lengthMm: 4000, cordId: 'nylon-4', girthMm: 170 };
    expect(makeableOf('solomon-bar', hand, LIBRARY_ONLY)!.design.name).toBe('Solomon bar');
  });

  it('are told longest first, as they are cut', () => {
    const hand = { pieces: 2, lengthMm: 4000, cordId: 'nylon-4', girthMm: 170 };
    // A double bar needs more for its second pass than for its first.
    for (const id of ['solomon-bar', 'double-bar', 'ladder-3']) {
      const lengths = makeableOf(id, hand, LIBRARY_ONLY)!.cuts.map((c) => c.lengthMm);
      expect(lengths).toEqual(lengths.toSorted((a, b) => b - a));
    }
  });
});
