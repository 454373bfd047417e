import { describe, expect, it } from 'vitest';
import { parse } from '../weave/parse.ts';
import { solvedFacts } from './index.ts';
import { mixedRequest, solveMixed } from './mixed.ts';
import type { SolvedFacts } from './types.ts';

const BAR = solvedFacts('solomon-bar')!;
const request = (facts: SolvedFacts, ratios: Record<string, number>) => {
  const made = mixedRequest(facts, ratios);
  if (!made.ok) throw new Error(made.issues[0]!.message);
  return made.value;
};
const solve = (facts: SolvedFacts, ratios: Record<string, number>) => {
  const solved = solveMixed(request(facts, ratios));
  if (!solved.ok) throw new Error(solved.issues[0]!.message);
  return solved.value;
};
const perLength = (facts: SolvedFacts, name: string) => {
  const s = facts.strands.find((x) => x.name === name)!;
  return s.lengthD / (facts.periodD * s.periods);
};

describe('a weave in cords of different thickness', () => {
  it('draws the thickest strand as the reference cord, whatever the band’s own is', () => {
    const { notation, scale } = request(BAR, { C1: 1.5, C2: 1.5 });
    const drawn = parse(notation);
    if (!drawn.ok) throw new Error(drawn.issues[0]!.message);
    // Cores 6 mm, band 4 mm: everything is drawn at two thirds, and comes back times one and a half.
    expect(scale).toBeCloseTo(1.5, 9);
    expect(drawn.value.strands.map((s) => s.radius)).toEqual([0.5, 0.5, 0.3333, 0.3333]);
  });

  it('holds a thinner spine harder, and leaves working strands alone', () => {
    const drawn = parse(request(solvedFacts('laced-bar-spine')!, { T: 0.5, A: 0.5 }).notation);
    if (!drawn.ok) throw new Error(drawn.issues[0]!.message);
    const weight = (name: string) => drawn.value.strands.find((s) => s.name === name)!.weight;
    expect(weight('T')).toBeCloseTo(3, 9);
    expect(weight('A')).toBe(1);
    expect(weight('C1')).toBe(3);
  });

  it('is free of scale: thick cores under thin ends are thin ends over thick cores', () => {
    const thinEnds = solve(BAR, { A: 0.5, B: 0.5 });
    const thickCores = solve(BAR, { C1: 2, C2: 2 });
    // Twice the reference cord is the same picture, twice as large.
    expect(thickCores.periodD / thinEnds.periodD).toBeCloseTo(2, 3);
    expect(thickCores.widthD / thinEnds.widthD).toBeCloseTo(2, 3);
    expect(perLength(thickCores, 'A')).toBeCloseTo(perLength(thinEnds, 'A'), 3);
    // Its picture, too: twice as wide and twice as thick where the strands run.
    const extent = ({ points }: typeof thinEnds, axis: 0 | 2) => {
      const at = points.flatMap((p) => p.filter((_, i) => i % 3 === axis));
      return Math.max(...at) - Math.min(...at);
    };
    for (const axis of [0, 2] as const)
      expect(extent(thickCores, axis) / extent(thinEnds, axis)).toBeCloseTo(2, 2);
  });

  it('packs rows of an end of half the thickness twice as close, squashed or not', () => {
    const thin = solve(BAR, { A: 0.5, B: 0.5 });
    // A row is as high as its ends are thick: two passes of half the diameter.
    expect(thin.periodD / BAR.periodD).toBeGreaterThan(0.48);
    expect(thin.periodD / BAR.periodD).toBeLessThan(0.52);
    // Over two cores as thick as before, an end of half the thickness makes twice the rows of a shorter way each.
    expect(perLength(thin, 'A')).toBeGreaterThan(1.2 * perLength(BAR, 'A'));
    expect(perLength(thin, 'A')).toBeLessThan(2 * perLength(BAR, 'A'));
  });

  it('has thinner cores make a narrower bar that uses less', () => {
    const thin = solve(BAR, { C1: 0.5, C2: 0.5 });
    // Two cores of half a diameter less each: narrower by about one diameter, thinner by about half of one.
    expect(BAR.widthD - thin.widthD).toBeGreaterThan(0.8);
    expect(BAR.widthD - thin.widthD).toBeLessThan(1.2);
    expect(BAR.thicknessD - thin.thicknessD).toBeGreaterThan(0.3);
    expect(perLength(thin, 'A')).toBeLessThan(perLength(BAR, 'A'));
    expect(thin.invariant).toBe(BAR.invariant);
  });

  it('keeps a spine of micro cord on the front of a laced bar', () => {
    // Coarser than for cutting, to be quick: what is asked is which strand winds.
    const solved = solveMixed({
      ...request(solvedFacts('laced-bar-spine')!, { T: 0.4 }),
      h: 0.4,
      patience: 0.5,
    });
    if (!solved.ok) throw new Error(solved.issues[0]!.message);
    const bar = solved.value;
    expect(perLength(bar, 'T')).toBeLessThan(1.1);
    expect(perLength(bar, 'A')).toBeGreaterThan(5);
  });

  it('lets thin lacing slide together until it rests', () => {
    // On long edges the corners of thin strands hooked into each other, and nothing was at rest in the end.
    const solved = solveMixed({ ...request(solvedFacts('laced-bar')!, { A: 0.5, B: 0.5 }), h: 0.3 });
    if (!solved.ok) throw new Error(solved.issues[0]!.message);
    const { residual, periodForce } = solved.value.convergence;
    expect(residual).toBeLessThan(0.01);
    expect(Math.abs(periodForce)).toBeLessThan(0.01);
  });

  it('has another key as soon as a thickness, the weave or its squash is another', () => {
    const ids = [
      request(BAR, { A: 0.5 }).id,
      request(BAR, { A: 0.6 }).id,
      request(BAR, { A: 0.5, B: 0.5 }).id,
      // The same drawing, in another reference cord: the lengths are others.
      request(BAR, { A: 1, B: 2, C1: 2, C2: 2 }).id,
      request({ ...BAR, squash: 0.7 }, { A: 0.5 }).id,
    ];
    expect(new Set(ids).size).toBe(ids.length);
    expect(request(BAR, { A: 0.5 }).id).toBe(ids[0]);
  });

  it('solves micro cord on 4 mm cores without strands passing each other', () => {
    const thin = solve(BAR, { A: 0.3, B: 0.3 });
    expect(thin.convergence.leastEver).toBeGreaterThan(0.5);
    expect(Math.abs(thin.convergence.periodForce)).toBeLessThan(0.05);
    expect(thin.invariant).toBe(BAR.invariant);
  });
});
