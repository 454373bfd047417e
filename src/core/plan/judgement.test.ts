import { describe, expect, it } from 'vitest';
import { offeredFor } from '../closures/offered.ts';
import { findProduct } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import { whyText } from '../why/why.ts';
import { compareClosures } from './compare.ts';
import { plan } from './plan.ts';
import { triedOn } from './triedOn.ts';
import type { Plan } from './types.ts';

const DESIGN: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Judged',
  product: 'bracelet',
  wearer: { name: 'Okoro', girthMm: 178 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'separate' },
  cords: [{ colour: 'ember' }, { colour: 'dusk' }],
  closure: { kind: 'side-release', sizeMm: 15 },
};
const planned = (changes: Partial<Design> = {}): Plan => {
  const result = plan({ ...DESIGN, ...changes });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};

describe('tried on', () => {
  it('leaves alone what no tape can tell', () => {
    expect(triedOn(DESIGN, planned(), 0.6).map((r) => r.id)).toEqual(['leave']);
  });

  it('takes rows out of a loose band, to the nearest row (by hand)', () => {
    const p = planned();
    // 12 mm too loose in rows of 1.6 × 3.68 = 5.89 mm: two rows, 11.8 mm.
    const [rows] = triedOn(DESIGN, p, 12);
    expect(whyText(rows!.what)).toMatch(/^take out 2 rows/);
    expect(rows!.leftMm).toBeCloseTo(12 - 2 * p.metrics.rowHeightMm, 9);
    expect(rows!.ok).toBe(true);
  });

  it('plans the changed band: as much shorter as the rows were', () => {
    const p = planned();
    const [rows] = triedOn(DESIGN, p, 12);
    const after = planned(rows!.patch as Partial<Design>);
    expect(p.finishedLengthMm - after.finishedLengthMm).toBeCloseTo(2 * p.metrics.rowHeightMm, 0);
    expect(after.rows).toBe(p.rows - 2);
  });

  it('says what cord is left: margin and rounding, less what the rows use', () => {
    const p = planned();
    const [rows] = triedOn(DESIGN, p, -12);
    const cord = p.cords[0]!;
    const spare = cord.parts
      .filter((x) => x.what === 'margin' || x.what === 'rounding')
      .reduce((sum, x) => sum + x.lengthMm, 0);
    const perMm = p.metrics.strands.filter((s) => s.role !== 'core').reduce((sum, s) => sum + s.perLength, 0);
    expect(rows!.remaining![0]!.mm).toBeCloseTo(spare - 2 * p.metrics.rowHeightMm * perMm, 6);
  });

  it('says so when there isn’t enough cord', () => {
    const p = planned({ margin: 'thrifty', roundToMm: 1 });
    const rows = triedOn(DESIGN, p, -60).find((r) => r.id === 'rows')!;
    expect(rows.ok).toBe(false);
    expect(whyText(rows.what)).toContain('there isn’t enough cord');
  });

  it('is content with half a step: 3.5 mm either way in holes that are 7 apart', () => {
    const shackle = { kind: 'shackle', sizeMm: 16, hole: 2 };
    const p = planned({ closure: shackle });
    const isOk = (offMm: number) => triedOn({ ...DESIGN, closure: shackle }, p, offMm)[0]!.ok;
    // One hole tighter takes 7: what is left is 3.5, then 3.6.
    expect([isOk(10.5), isOk(10.6)]).toEqual([true, false]);
  });

  it('takes the next hole of a shackle before any row', () => {
    const shackle = { kind: 'shackle', sizeMm: 16, hole: 2 };
    const p = planned({ closure: shackle });
    const [hole] = triedOn({ ...DESIGN, closure: shackle }, p, 7);
    expect(whyText(hole!.what)).toBe('put the pin in hole 1: 7 mm tighter');
    expect(hole!.leftMm).toBeCloseTo(0, 9);
    expect(hole!.patch).toEqual({ closure: { ...shackle, hole: 1 } });
    const [most] = triedOn({ ...DESIGN, closure: shackle }, p, 20);
    expect(most!.leftMm).toBeCloseTo(13, 9);
    expect(most!.ok).toBe(false);
  });

  it('moves the knots of a sliding band by what is wrong, and no further than they go', () => {
    const closure = { kind: 'single-sliding' };
    const p = planned({ closure });
    const [loose] = triedOn({ ...DESIGN, closure }, p, -10);
    expect(loose!.leftMm).toBeCloseTo(0, 9);
    const travel = p.closed.openMm! - p.closed.closedMm;
    const [far] = triedOn({ ...DESIGN, closure }, p, -travel - 15);
    expect(far!.leftMm).toBeCloseTo(-15, 6);
  });
});

describe('closures compared', () => {
  const rows = compareClosures(DESIGN);

  it('list all that the product takes, each planned or refused', () => {
    expect(rows.map((r) => r.id)).toEqual(offeredFor(findProduct('bracelet')!));
    expect(rows.filter((r) => !r.ok).map((r) => r.id)).toEqual(['braid-loop', 'chain-loop', 'wrapped-band']);
  });

  it('agree with the plan of each by itself', () => {
    for (const r of rows) {
      if (!r.ok) continue;
      const p = plan(r.design);
      if (!p.ok) throw new Error(r.id);
      expect(r.cordMm).toBeCloseTo(
        p.value.cords.reduce((sum, c) => sum + c.cutLengthMm, 0),
        6,
      );
      expect(r.closedMm).toBeCloseTo(p.value.closed.closedMm, 9);
      expect(r.design.closure.kind).toBe(r.id);
    }
  });

  it('mark the one in hand and keep its options', () => {
    const chosen = rows.filter((r) => r.ok && r.isChosen);
    expect(chosen).toHaveLength(1);
    expect(chosen[0]!.ok && chosen[0]!.design).toBe(DESIGN);
  });

  it('let a cinch dangle and a double sliding knot not', () => {
    const dangles = (id: string) => rows.find((r) => r.id === id)!;
    const [cinch, double] = [dangles('cinch'), dangles('double-sliding')];
    expect(cinch.ok && cinch.danglesMm).toBeGreaterThan(20);
    expect(double.ok && double.danglesMm).toBe(0);
  });
});
