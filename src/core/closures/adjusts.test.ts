import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { solvedFacts } from '../patterns/index.ts';
import { PLAIN, planned } from '../plan/testing/onTheEdge.ts';
import type { Plan } from '../plan/types.ts';
import { whyText } from '../why/why.ts';
import type { ClosureSpec } from './types.ts';

/** 4 mm nylon in a tight knot. */
const D = 3.68;
const body = (id: string): number => solvedFacts(id)!.bodyD * D;

const made = (closure: ClosureSpec, changes: Partial<Design> = {}): Plan => planned({ ...changes, closure });
const rangeOf = (p: Plan): readonly number[] => p.closed.adjust!.rangeMm;
const opensBy = (p: Plan): number => {
  const { openMm, closedMm } = p.closed;
  return openMm! - closedMm;
};
const figure = (p: Plan, label: string): number => p.more.find((f) => f.label === label)!.value;
const near = (got: readonly number[], want: readonly number[]): void => {
  expect(got).toHaveLength(want.length);
  for (const [i, mm] of want.entries()) expect(got[i]).toBeCloseTo(mm, 6);
};

describe('how far a closed band can be tightened and let out', () => {
  it('two sliding knots lie against each other’s cord already: let out only, as far as it opens', () => {
    const p = made({ kind: 'double-sliding' }, PLAIN);
    near(rangeOf(p), [0, opensBy(p)]);
  });

  it('one sliding knot is drawn up until it meets the far end: the gap less its neck of 4 and its body', () => {
    const p = made({ kind: 'single-sliding' }, PLAIN);
    near(rangeOf(p), [-(p.closed.gapMm! - 4 - body('sliding-1')), opensBy(p)]);
  });

  it('two overhands are drawn up until both knots meet', () => {
    const p = made({ kind: 'run-together' }, PLAIN);
    near(rangeOf(p), [-(p.closed.gapMm! - 2 * body('sliding-1')), opensBy(p)]);
  });

  it('a slider lets the ends in as far as it is long', () => {
    const p = made({ kind: 'slider' }, PLAIN);
    near(rangeOf(p), [-(p.closed.gapMm! - figure(p, 'slider')), opensBy(p)]);
  });

  it('a loop is drawn narrow until two cords fill it, and let out by two', () => {
    const p = made({ kind: 'chain-loop' }, { pattern: { id: 'chain-sinnet' }, cords: [{ colour: 'dusk' }] });
    const lengthMm = p.bands[0]!.start.takesMm - D - body('two-loop-scaffold-2');
    near(rangeOf(p), [-(lengthMm - 2 * D), 2 * D]);
  });

  it('a stopper moves in by its neck of one and a half cords less one, and out by three cords', () => {
    near(rangeOf(made({ kind: 'knot-loop' })), [-0.5 * D, 3 * D]);
  });

  it('wraps slide along two loops: a sixth of the round in, and until one loop is closed', () => {
    const p = made({ kind: 'wrapped-band' }, PLAIN);
    near(rangeOf(p), [-p.finishedLengthMm / 6, p.finishedLengthMm / 2]);
  });
});

describe('the gap between the ends, where less was asked for than its knots need', () => {
  it.each([
    ['single-sliding', 4 + body('sliding-1') + D],
    ['run-together', 2 * (body('sliding-1') + D)],
  ])('%s: as long as they are, and their cords', (kind, most) => {
    expect(made({ kind, gapMm: 5 }, PLAIN).closed.gapMm).toBeCloseTo(most, 6);
    expect(made({ kind, gapMm: most + 5 }, PLAIN).closed.gapMm).toBeCloseTo(most + 5, 6);
  });
});

describe('a toggle bar', () => {
  const checkOf = (p: Plan) => p.checks.find((c) => c.id === 'toggle.holds')!;

  it('is held where the loop is shorter inside than four fifths of it, and else a longer one is offered', () => {
    // The usual bar is 28 mm: a loop of 22.4 mm inside no longer holds it.
    let [held, slips] = [0, Number.POSITIVE_INFINITY];
    for (let lengthMm = 15; lengthMm < 40; lengthMm += 0.25) {
      const p = made({ kind: 'toggle', sizeMm: 28, lengthMm });
      const inside = p.bands[0]!.start.takesMm - D;
      const check = checkOf(p);
      if (check.ok) held = Math.max(held, inside);
      else slips = Math.min(slips, inside);
      expect(check.fix ? whyText(check.fix.label) : 'none').toBe(check.ok ? 'none' : 'choose the 35 mm bar');
    }
    expect(held).toBeLessThan(22.4);
    expect(held).toBeGreaterThan(22);
    expect(slips).toBeGreaterThanOrEqual(22.4);
    expect(slips).toBeLessThan(22.8);
    // There is no longer one than 35 mm.
    expect(checkOf(made({ kind: 'toggle', sizeMm: 35, lengthMm: 60 })).fix).toBeUndefined();
  });
});

describe('an open cuff', () => {
  const cuff = (gapMm?: number) =>
    made({ kind: 'open-cuff', ...(gapMm === undefined ? {} : { gapMm }) }, { product: 'cuff' });
  const opening = (p: Plan) => p.checks.find((c) => c.id === 'cuff.opening')!;

  it('too narrow is opened to two thirds of the wrist’s thin side, in whole millimetres', () => {
    const usual = cuff();
    expect(opening(usual).ok).toBe(true);
    expect(opening(usual).fix).toBeUndefined();
    const narrow = opening(cuff(12));
    expect(narrow.ok).toBe(false);
    const { gapMm } = (narrow.fix!.patch as { closure: { gapMm: number } }).closure;
    expect(Number.isInteger(gapMm)).toBe(true);
    // A wrist of 170 round is 0.252 × 170 = 42.8 thick: two thirds of that are 28.3.
    expect(gapMm).toBe(28);
    expect(Math.abs(gapMm - usual.closed.gapMm!)).toBeLessThan(0.5);
    expect(opening(cuff(gapMm)).ok).toBe(true);
  });
});

describe('hardware as it is drawn', () => {
  it('a hook is as wide as its mouth and two wires', () => {
    const { shape } = made({ kind: 'hook' }).bands[0]!.end;
    if (shape?.shape !== 'plate') throw new Error('plate');
    const { bodyWidthMm, sizeMm, bar } = shape;
    expect(bodyWidthMm).toBeCloseTo(sizeMm + 2 * bar!.widthMm, 9);
  });

  it.each([
    [10, '4 mm'],
    [14, '6 mm'],
    [18, '8 mm'],
    [22, '11 mm'],
  ])('a bead of %d mm has a hole of %s', (sizeMm, hole) => {
    const p = made({ kind: 'bead', sizeMm }, { cord: 'nylon-2' });
    expect(whyText(p.checks.find((c) => c.id === 'bead.hole')!.message)).toContain(`its ${hole} hole`);
  });
});
