import { describe, expect, it } from 'vitest';
import { hardToTell } from '../colour/apart.ts';
import { PALETTE } from '../colour/palette.ts';
import { CORDS, findCord } from '../cord/cords.ts';
import { solvedFacts, WEAVES } from '../patterns/index.ts';
import { weaveMetrics } from '../usage/metrics.ts';
import { whyText } from '../why/why.ts';
import { LIBRARY_ONLY } from './knowledge.ts';
import { planned } from './testing/onTheEdge.ts';

describe('a strap too wide for its lugs', () => {
  it('is offered the thickest cord of its fibre in which it is narrow enough', () => {
    for (const lug of [10, 12, 14, 18]) {
      const p = planned({
        product: 'watch-two-piece',
        cord: 'nylon-6',
        measures: { lug, lugToLug: 46, gap: 9, springBar: 1.8 },
      });
      const check = p.checks.find((c) => c.id === 'lug.width')!;
      expect(check.ok).toBe(false);
      const width = (id: string) => weaveMetrics(solvedFacts('solomon-bar')!, findCord(id)!).widthMm;
      const fits = CORDS.filter((c) => c.fibre === 'nylon' && width(c.id) <= lug);
      const thickest = fits.toSorted((a, b) => b.nominalMm - a.nominalMm)[0]!;
      expect((check.fix!.patch as { cord: string }).cord, `${lug} mm`).toBe(thickest.id);
    }
  });
});

describe('a strap too wide for its lugs in the thinnest cord there is', () => {
  it('is offered the first of the weaves that fit, the widest', () => {
    const p = planned({
      product: 'watch-two-piece',
      cord: 'polyester-4',
      measures: { lug: 12, lugToLug: 46, gap: 6, springBar: 1.8 },
    });
    const check = p.checks.find((c) => c.id === 'lug.width')!;
    expect(check.ok).toBe(false);
    const { pattern } = check.fix!.patch as { pattern: { id: string } };
    const first = / these fit: ([^(]+) \(/.exec(whyText(check.message))![1]!;
    expect(LIBRARY_ONLY.name(pattern.id)!.toLowerCase()).toBe(first);
  });
});

/** What every weave measures in a cord; sliders are no bands. */
const measured = (cordId: string) =>
  WEAVES.filter((w) => w.use !== 'slider').map((w) => {
    const { widthMm, thicknessMm } = weaveMetrics(solvedFacts(w.id)!, findCord(cordId)!);
    return { id: w.id, cord: cordId, widthMm, thicknessMm };
  });
const NYLON = CORDS.filter((c) => c.fibre === 'nylon').map((c) => c.id);

describe('a strap that is too thick to pass under the case', () => {
  it('is offered the widest weave that passes, in the cord that it passes in, and says which', () => {
    for (const gap of [1.5, 2.5, 4]) {
      const p = planned({
        product: 'watch-pass-under',
        measures: { hand: 200, lug: 20, lugToLug: 46, gap, springBar: 1.8 },
      });
      const check = p.checks.find((c) => c.id === 'lug.gap')!;
      expect(check.ok).toBe(false);
      const widest = NYLON.flatMap(measured)
        .filter((s) => s.widthMm <= 20 && s.thicknessMm <= gap)
        .toSorted((x, y) => y.widthMm - x.widthMm)[0]!;
      expect(check.fix!.patch, `${gap} mm`).toMatchObject({ pattern: { id: widest.id }, cord: widest.cord });
      expect(whyText(check.message)).toContain(
        `case. ${LIBRARY_ONLY.name(widest.id)} in ${findCord(widest.cord)!.name} does`,
      );
    }
  });
});

describe('a cuff that comes out too wide or too narrow', () => {
  it('is offered the weave nearest to what was wanted, in its own cord if one is within 3 mm', () => {
    const offered = (
      [
        [8, 'nylon-4'],
        [22, 'nylon-4'],
        [40, 'nylon-4'],
        [60, 'micro-1.2'],
        [120, 'nylon-4'],
      ] as const
    ).map(([width, cord]) => {
      const p = planned({ product: 'cuff', cord, measures: { width, hand: 200 } });
      const check = p.checks.find((c) => c.id === 'cuff.width')!;
      if (check.ok) return 'it is as wide as wanted';
      const near = (cords: readonly string[]) =>
        cords
          .flatMap(measured)
          .filter((s) => Math.abs(s.widthMm - width) <= 3)
          .toSorted((x, y) => Math.abs(x.widthMm - width) - Math.abs(y.widthMm - width))[0];
      const own = near([cord]);
      const best = own ?? near(NYLON);
      expect(check.fix?.patch, `${width} mm`).toEqual(
        best && expect.objectContaining({ pattern: { id: best.id }, cord: best.cord }),
      );
      return own ? 'in its own cord' : best ? 'in another cord' : 'none';
    });
    expect(offered).toEqual([
      'in its own cord',
      'it is as wide as wanted',
      'in its own cord',
      'in another cord',
      'none',
    ]);
  });
});

describe('colours of two cords', () => {
  it('are noted where they are hard to tell apart, first of all pairs, and never fail', () => {
    const solid = PALETTE.filter((c) => c.look === 'solid');
    let [hard, easy] = [0, 0];
    for (const a of solid)
      for (const b of solid) {
        if (a.id === b.id) continue;
        const p = planned({ cords: [{ colour: a.id }, { colour: b.id }] });
        const check = p.checks.find((c) => c.id === 'colours.apart')!;
        const sights = hardToTell(a, b);
        expect(check.ok).toBe(true);
        expect(check.isNote, `${a.id} ${b.id}`).toBe(sights.length > 0);
        if (sights.length > 0) {
          hard++;
          expect(whyText(check.message)).toContain(
            `${a.name} and ${b.name} are hard to tell apart (${sights[0]}`,
          );
        } else easy++;
      }
    expect([hard > 0, easy > 0]).toEqual([true, true]);
    expect(
      planned({ setup: { style: 'folded' }, cords: [{ colour: 'dusk' }] }).checks.some(
        (c) => c.id === 'colours.apart',
      ),
    ).toBe(false);
  });
});
