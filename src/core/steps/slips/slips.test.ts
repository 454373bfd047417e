import { describe, expect, it } from 'vitest';
import { findPattern, WEAVES } from '../../patterns/index.ts';
import { cutRows } from '../rows/rows.ts';
import { slipsFor, stretchOf } from './slips.ts';

describe('rows of a stretch that shows a slip', () => {
  it('are a dozen of a low braid without cores, four of what has more than eight crossings a row, and else six', () => {
    const seen = new Map<number, string[]>();
    for (const weave of WEAVES.filter((w) => !w.isStraight && w.id !== 'chain-sinnet')) {
      const pattern = findPattern(weave.id)!;
      const spec = pattern.draw();
      const tied = pattern.tiedIn?.[0] ?? spec.strands.filter((s) => s.role !== 'core').map((s) => s.name);
      const cut = cutRows(spec, tied)!;
      const rows = stretchOf(cut, { kind: 'none' })?.spec.rows;
      if (rows === undefined) continue;
      const each = cut.crossings.length / spec.rows;
      const hasCores = spec.strands.some((s) => s.role === 'core');
      expect(rows, weave.id).toBe(!hasCores && each < 5 ? 12 : each > 8 ? 4 : 6);
      seen.set(rows, [...(seen.get(rows) ?? []), weave.id]);
    }
    expect(seen.get(12)).toContain('flat-braid-3');
    expect(seen.get(6)).toContain('solomon-bar');
    expect([...seen.keys()].sort((a, b) => a - b)).toEqual([4, 6, 12]);
  });
});

describe('slips that can be made', () => {
  it('have the same side twice only where sides go by turns', () => {
    const pattern = findPattern('solomon-bar')!;
    const cut = cutRows(pattern.draw(), ['A', 'B'])!;
    const kinds = (alternates: boolean) =>
      slipsFor({ cut, pattern, alternates, colours: 2, carriesLoad: false }).map((k) => k.id);
    expect(kinds(true)).toContain('same-side');
    expect(kinds(false)).not.toContain('same-side');
  });
});
