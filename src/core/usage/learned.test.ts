import { describe, expect, it } from 'vitest';
import { findCord } from '../cord/cords.ts';
import type { Forecast } from '../log/predict.ts';
import { solvedFacts } from '../patterns/index.ts';
import { whyText } from '../why/why.ts';
import { learnedWords, withLearned } from './learned.ts';
import { weaveMetrics } from './metrics.ts';

const engine = weaveMetrics(solvedFacts('solomon-bar')!, findCord('nylon-4')!);
const forecast = (more: Partial<Forecast>): Forecast =>
  ({
    s: 0,
    h: 0,
    varS: 0.0004,
    varH: 0.0001,
    scale: 1,
    nu: 14,
    ends: 0,
    pieces: { all: 6, ofWeave: 2 },
    ...more,
  }) as Forecast;

describe('a weave as the maker’s own pieces tell it', () => {
  it('takes the factor of cord on working ends alone, and the factor of rows on their height', () => {
    const learned = withLearned(engine, forecast({ s: Math.log(1.04), h: Math.log(0.97) }));
    for (const [i, strand] of learned.strands.entries())
      expect(strand.perLength / engine.strands[i]!.perLength).toBeCloseTo(
        strand.role === 'core' ? 1 : 1.04,
        9,
      );
    expect(learned.strands.some((s) => s.role === 'core')).toBe(true);
    expect(learned.rowHeightMm / engine.rowHeightMm).toBeCloseTo(0.97, 9);
  });

  it('lays two ends by their own, and no ends of a weave that has more than two', () => {
    const of = (metrics: typeof engine, more: Partial<Forecast>) => {
      const learned = withLearned(metrics, forecast({ ends: 0.01, ...more }));
      return learned.strands.map((s, i) => Math.log(s.perLength / metrics.strands[i]!.perLength));
    };
    // Two cores, then the two ends: 1 % up and 1 % down.
    const apart = of(engine, { varEnds: 4e-5 });
    expect(apart.map((x) => Number(x.toFixed(6)))).toEqual([0, 0, 0.01, -0.01]);
    expect(withLearned(engine, forecast({ ends: 0.01, varEnds: 4e-5 })).shared.apart).toBe(4e-5);
    // As kept by pieces that were begun before ends were told apart.
    expect(of(engine, {}).every((x) => Math.abs(x) < 1e-12)).toBe(true);
    const four = weaveMetrics(solvedFacts('double-bar')!, findCord('nylon-4')!);
    expect(of(four, { varEnds: 4e-5 }).every((x) => Math.abs(x) < 1e-12)).toBe(true);
    expect(withLearned(four, forecast({ ends: 0.01, varEnds: 4e-5 })).shared.apart).toBeUndefined();
  });

  it('tells which of two ends takes more, from half a per cent', () => {
    const words = (ends: number) =>
      whyText(withLearned(engine, forecast({ ends, varEnds: 4e-5 })).source)
        .split('; ')
        .at(-1);
    // Ends that are 1 % above and below what both have in common are 2 % apart.
    expect(words(0.01)).toBe('of your two ends A uses 2 % more than B');
    expect(words(-0.01)).toBe('of your two ends B uses 2 % more than A');
    // ln 1.005 = 0.00499, half of it each way.
    expect(words(0.0025)).toContain('A uses 0.5 % more than B');
    expect(words(0.00249)).not.toContain('of your two ends');
  });

  it('is off in size by two standard deviations of its rows, but never by more than without a log', () => {
    // 2 · 1 % is less than the engine’s own spread; 2 · 30 % is not.
    expect(engine.spread).toBeGreaterThan(0.02);
    expect(withLearned(engine, forecast({ varH: 0.01 ** 2 })).spread).toBeCloseTo(0.02, 9);
    expect(withLearned(engine, forecast({ varH: 0.3 ** 2 })).spread).toBe(engine.spread);
  });

  it('keeps what is unsure of the hand apart from what one piece adds', () => {
    const { shared } = withLearned(engine, forecast({ varS: 0.0009, scale: 1.5, nu: 20 }));
    expect(shared.lasting).toBe(0.0009);
    expect(shared.nu).toBe(20);
    const calm = withLearned(engine, forecast({ scale: 1 })).shared;
    expect(shared.piece / calm.piece).toBeCloseTo(1.5, 6);
  });

  it('is told in words: more, less, or as calculated within half a per cent', () => {
    const words = (s: number, all = 6, ofWeave = 2) =>
      whyText(learnedWords({ s, pieces: { all, ofWeave, ofFamily: ofWeave } }));
    expect(words(Math.log(0.96))).toBe(
      'you use about 4 % less cord than calculated, from 6 pieces, 2 of this weave',
    );
    expect(words(Math.log(1.04), 1, 0)).toBe(
      'you use about 4 % more cord than calculated, from 1 piece, none of this weave yet',
    );
    expect(words(Math.log(1.0049))).toBe(
      'you use as much cord as calculated, from 6 pieces, 2 of this weave',
    );
    expect(words(Math.log(0.9951))).toContain('as much cord as calculated');
    expect(words(Math.log(1.0051))).toContain('1 % more');
    expect(words(Math.log(0.9949))).toContain('1 % less');
    expect(words(Math.log(1.04), 3, 1)).toContain('from 3 pieces, 1 of this weave');
  });
});
