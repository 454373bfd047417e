import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import type { SolvedFacts } from '../patterns/types.ts';
import type { WeaveMetrics } from '../usage/metrics.ts';
import { whyText } from '../why/why.ts';
import { plan } from './plan.ts';
import { hiddenPlace } from './splices.ts';
import { BASE } from './testing/onTheEdge.ts';
import type { CordCut, Plan } from './types.ts';

const planned = (changes: Partial<Design> = {}) =>
  plan({ ...BASE, roundToMm: 1, sequence: { text: '6A 4B 19A', way: 'splice' }, ...changes });
const made = (changes: Partial<Design> = {}): Plan => {
  const result = planned(changes);
  if (!result.ok) throw new Error(result.issues[0]!.message);
  return result.value;
};

describe('a place where a splice is hidden', () => {
  const facts = (periods: number, backs: { yD: number; arcD: number }[]) =>
    ({
      periodD: 2,
      rowsPerPeriod: 1,
      strands: [{ name: 'A', periods, lengthD: 6 * periods, backs }],
    }) as unknown as SolvedFacts;
  const metrics = { strands: [{ name: 'A', perLength: 3 }] } as unknown as WeaveMetrics;

  it('is where the strand lies under, nearest to the middle of the row, with the cord up to there', () => {
    // A period is a row of two diameters with six of cord; the strand lies under a quarter into each, after a quarter of its cord.
    const plain = facts(1, [{ yD: 0.5, arcD: 1.5 }]);
    const at = (row: number) => hiddenPlace(plain, metrics, 'A', 0, row, 10);
    // In rows of 10 mm that use 30 mm each.
    expect(at(0)).toEqual({ row: 0, alongMm: 2.5, cordMm: 7.5 });
    expect(at(3)).toEqual({ row: 3, alongMm: 32.5, cordMm: 97.5 });
  });

  it('is counted from where a lane begins, a period further on for the second of two', () => {
    const two = facts(2, [{ yD: 2.5, arcD: 7 }]);
    // The second lane begins 2 diameters and 6 of cord further on: it lies under at 0.5, 4.5, 8.5 … from its own start.
    const at = (row: number) => hiddenPlace(two, metrics, 'A', 1, row, 10);
    expect(at(0)).toEqual({ row: 0, alongMm: 2.5, cordMm: 5 });
    expect(at(2)).toEqual({ row: 2, alongMm: 22.5, cordMm: 65 });
    // 7 is in the middle of the fourth row: 8.5 is nearer than 4.5.
    expect(at(3)).toMatchObject({ row: 4, alongMm: 42.5 });
    expect(at(3)!.cordMm).toBeCloseTo(125, 9);
  });

  it('of several the nearest one, never before the first row, and none where it never lies under', () => {
    const several = facts(1, [
      { yD: 0.2, arcD: 0.6 },
      { yD: 1.1, arcD: 3.3 },
    ]);
    expect(hiddenPlace(several, metrics, 'A', 0, 0, 10)!.alongMm).toBeCloseTo(5.5, 9);
    const late = facts(1, [{ yD: 1.9, arcD: 5.7 }]);
    // 0.1 before its start would be nearer.
    expect(hiddenPlace(late, metrics, 'A', 0, 0, 10)!.alongMm).toBeCloseTo(9.5, 9);
    expect(hiddenPlace(facts(1, []), metrics, 'A', 0, 0, 10)).toBeUndefined();
    expect(hiddenPlace(several, metrics, 'B', 0, 0, 10)).toBeUndefined();
  });
});

describe('cords that are spliced', () => {
  const p = made();
  const [band] = p.bands;
  const working = p.cords.filter((c) => c.parts.some((x) => x.what === 'weave'));
  const woven = (strand: string) =>
    p.cords
      .flatMap((c) => c.parts)
      .filter((x) => x.what === 'weave' && x.strand === strand)
      .toSorted((a, b) => a.fromMm! - b.fromMm!);

  it('are numbered as they come: the first is folded, each end goes on alone, and the last colour has the cores', () => {
    expect(p.cords.map((c) => `${c.letter}: ${c.role}`)).toEqual([
      'A1: works first',
      'B1: A, rows 7 to 10',
      'B2: B, rows 7 to 10',
      `A2: A, rows 11 to ${p.rows}`,
      `A3: B, rows 11 to ${p.rows}`,
      'B3: two cores',
    ]);
    expect(p.cords[0]!.marks.map((m) => m.what)).toContain('fold');
    const spliced = working
      .slice(1)
      .map((c) => c.marks.filter((m) => m.what === 'splice').map((m) => m.atMm));
    expect(spliced).toEqual([[0], [0], [0], [0]]);
  });

  it('of an end lie one behind the other along the whole weave, and use what it uses unspliced', () => {
    for (const strand of ['A', 'B']) {
      const parts = woven(strand);
      expect(parts).toHaveLength(3);
      expect(parts[0]!.fromMm).toBeCloseTo(band!.startMm, 9);
      expect(parts[1]!.fromMm).toBeCloseTo(parts[0]!.toMm!, 9);
      expect(parts[2]!.fromMm).toBeCloseTo(parts[1]!.toMm!, 9);
      expect(parts[2]!.toMm).toBeCloseTo(band!.startMm + band!.wovenMm, 9);
      const { perLength } = p.metrics.strands.find((s) => s.name === strand)!;
      expect(parts.reduce((sum, x) => sum + x.lengthMm, 0)).toBeCloseTo(band!.wovenMm * perLength, 6);
      for (const x of parts) {
        const share = x.lengthMm / ((x.toMm! - x.fromMm!) * perLength);
        expect(Math.abs(share - 1)).toBeLessThan(0.25);
      }
    }
  });

  it('lose 3 mm to each side of every splice, where it lies', () => {
    const melts = (c: CordCut) => c.parts.filter((x) => whyText(x.why) === 'melts into the splice');
    expect(working.map((c) => melts(c).map((x) => x.lengthMm))).toEqual([[3, 3], [3, 3], [3, 3], [3], [3]]);
    const at = working.flatMap(melts).map((x) => x.fromMm!);
    for (const s of p.sequence!.splices)
      expect(
        at.filter((mm) => Math.abs(mm - s.atMm) < 1e-6),
        `row ${s.row}`,
      ).toHaveLength(2);
  });

  it('are fused within three rows of their change, and never in one row', () => {
    for (const s of p.sequence!.splices) {
      const off = Math.min(...[6, 10].map((change) => Math.abs(s.row - 0.5 - change)));
      expect(off).toBeLessThanOrEqual(3);
      expect(s.atMm).toBeGreaterThan(band!.startMm + (s.row - 1) * (band!.wovenMm / p.rows) - 1e-6);
    }
    expect(new Set(p.sequence!.splices.map((s) => s.row)).size).toBe(4);
  });
});

describe('where cords can’t be spliced', () => {
  const why = (changes: Partial<Design>) => {
    const result = planned(changes);
    return result.ok ? '' : result.issues[0]!.message;
  };

  it('a change within 25 mm of a closure, or so close to the next one that two would share a row', () => {
    const { rows } = made();
    const change = (text: string) => why({ sequence: { text, way: 'splice' } });
    expect(change('1A 60B')).toContain('The change after row 1 is nearer than 25 mm to a closure.');
    expect(change(`${rows - 1}A 9B`)).toContain(`The change after row ${rows - 1} is nearer than 25 mm`);
    expect(change('6A 60B')).toBe('');
    expect(change('10A 1B 1A 1B 60A')).toContain('so close that two splices would be in one row');
  });

  it('strands that run on into their closure, unless cores do so in their place', () => {
    const sliding = { closure: { kind: 'double-sliding' } };
    const braid = {
      pattern: { id: 'flat-braid-4' },
      sequence: { text: '20A 20B 40A', way: 'splice' as const },
    };
    expect(why(sliding)).not.toContain('run on into the closure');
    expect(why({ ...braid, ...sliding })).toContain(
      'The strands run on into the closure, so they aren’t spliced.',
    );
    expect(why(braid)).not.toContain('run on into the closure');
  });

  it('what carries a load, does not melt, or runs on into its closure without cores', () => {
    expect(
      why({
        product: 'collar',
        wearer: { name: 'Halley', girthMm: 400 },
        ease: { school: 'fingers', fingers: 2 },
        measures: { ringAt: 60, ringFlat: 20 },
      }),
    ).toContain('never spliced');
    expect(why({ cord: 'cotton-4' })).toContain('does not melt');
  });
});
