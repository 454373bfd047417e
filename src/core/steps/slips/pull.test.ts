import { describe, expect, it } from 'vitest';
import { findPattern, solvedFacts } from '../../patterns/index.ts';
import { solveWeave } from '../../patterns/solve.ts';
import { cutRows } from '../rows/rows.ts';
import { pullOf } from './pull.ts';
import { stretchOf } from './slips.ts';

describe('a stretch pulled tight to be looked at', () => {
  it('keeps the pattern’s own squash, load and patience where cores hold it straight', () => {
    const facts = solvedFacts('solomon-bar')!;
    expect(pullOf(facts, {})).toEqual({ squash: facts.squash, load: facts.load, patience: 1, ease: 6 });
    expect(pullOf(solvedFacts('laced-bar'), findPattern('laced-bar')).patience).toBe(
      findPattern('laced-bar')!.patience,
    );
  });

  it('is held taut and flat without cores: 0.3 for each strand, a twentieth thicker than when tight', () => {
    const facts = solvedFacts('flat-braid-4')!;
    const pull = pullOf(facts, {});
    expect(pull.load).toBeCloseTo(facts.load - 4 * 0.3, 9);
    expect(pull.flatWithin).toBeCloseTo(0.525 * facts.thicknessD, 9);
  });

  it('is held by nothing where it is round, as a snake, nor drawn where strands turn back, as in hitches', () => {
    const snake = solvedFacts('snake')!;
    expect(pullOf(snake, {}).flatWithin).toBeUndefined();
    expect(pullOf(snake, {}).load).toBe(snake.load);
    const hitches = solvedFacts('hitch-bar')!;
    expect(pullOf(hitches, {}).flatWithin).toBeCloseTo(0.525 * hitches.thicknessD, 9);
    expect(pullOf(hitches, {}).load).toBe(hitches.load);
  });

  const facts = solvedFacts('flat-braid-4')!;
  const spec = findPattern('flat-braid-4')!.draw();
  const cut = cutRows(
    spec,
    spec.strands.map((s) => s.name),
  )!;
  /** Row height and thickness of a dozen rows of a braid, two strands of one crossed the other way, in the braid’s own. */
  const shapeOf = (free: object) => {
    const wrong = stretchOf(cut, { kind: 'crossing' })!;
    const solved = solveWeave('wrong', wrong.spec, { ...pullOf(facts, {}), ...free, h: 0.5 });
    if (!solved.ok) throw new Error(solved.issues[0]!.message);
    return {
      row: solved.value.periodD / wrong.spec.rows / (facts.periodD / facts.rowsPerPeriod),
      thick: solved.value.thicknessD / facts.thicknessD,
    };
  };

  it('of a flat braid tied wrong neither bunches up nor draws out', () => {
    const { row, thick } = shapeOf({});
    expect(row).toBeGreaterThan(0.93);
    expect(row).toBeLessThan(1.07);
    expect(thick).toBeLessThan(1.1);
  });

  it('bunches up where nothing holds it', () => {
    const { row, thick } = shapeOf({ load: facts.load, flatWithin: undefined });
    expect(row).toBeLessThan(0.9);
    expect(thick).toBeGreaterThan(1.2);
  });
});
