import { describe, expect, it } from 'vitest';
import { FIXED_SD_MM } from '../chance/spread.ts';
import type { Design } from '../formats/design.gen.ts';
import { whyText } from '../why/why.ts';
import { rowsIn } from './layout.ts';
import { BASE, PLAIN, planned as plannedWith } from './testing/onTheEdge.ts';
import { triedOn } from './triedOn.ts';
import type { Plan } from './types.ts';

const planned = (changes: Partial<Design> = {}): Plan => plannedWith({ roundToMm: 1, ...changes });

describe('a cord that nothing is woven of', () => {
  // The cores of a bar, a cord of their own.
  const [work, cores] = planned().cords;

  it('is as uncertain as what a tape and knots are: 8 and 10 mm, and needs just what it needs', () => {
    expect(FIXED_SD_MM).toBeCloseTo(Math.hypot(8, 10), 9);
    expect(cores!.ends.map((e) => [e.wovenMm, e.variance, e.loading, e.surplus])).toEqual(
      cores!.ends.map(() => [0, 0, 0, 0]),
    );
    const needs = cores!.parts
      .filter((p) => p.what !== 'margin' && p.what !== 'rounding')
      .reduce((sum, p) => sum + p.lengthMm, 0);
    expect(cores!.neededMm[0]).toBeCloseTo(needs, 6);
    expect(cores!.neededMm[1]).toBeCloseTo(needs, 6);
    expect(work!.neededMm[1]).toBeGreaterThan(work!.neededMm[0] * 1.1);
  });

  it('has a spare at each end, as many times that as the promise asks for', () => {
    const spare = cores!.parts.filter((p) => p.what === 'margin');
    expect(spare.length).toBeGreaterThan(0);
    const times = Number(/: ([\d.]+) times that/.exec(whyText(spare[0]!.why))![1]);
    const each = spare.reduce((sum, p) => sum + p.lengthMm, 0) / 2;
    expect(Math.abs(each - times * FIXED_SD_MM)).toBeLessThan(0.06 * FIXED_SD_MM);
  });
});

describe('rows of a weave', () => {
  it('are the nearest whole number that fills it, and one at least', () => {
    expect([1, 5, 8.9, 9.1, 60].map((mm) => rowsIn(mm, 6).rows)).toEqual([1, 1, 1, 2, 10]);
    expect(whyText(rowsIn(60, 6).why)).toBe(
      'woven 60 mm ÷ row height 6 mm = 10.00, to the nearest whole row',
    );
  });

  it('take no time where there are none to tie: a plain band has none', () => {
    const plain = planned({
      ...PLAIN,
      closure: { kind: 'double-sliding' },
    });
    expect(whyText(plain.figures.minutes.why)).toContain('+ 0 rows ×');
  });
});

describe('rows added after it was tried on', () => {
  /** The plan with so much spare at its working cord, in mm. */
  function withSpare(mm: number): Plan {
    const p = planned();
    return {
      ...p,
      cords: p.cords.map((c, i) => ({
        ...c,
        parts: c.parts
          .filter((x) => x.what !== 'rounding')
          .map((x, k, list) =>
            x.what === 'margin'
              ? {
                  ...x,
                  lengthMm:
                    i === 0 && k === list.findIndex((y) => y.what === 'margin') ? mm : i === 0 ? 0 : 500,
                }
              : x,
          ),
      })),
    };
  }

  it('are enough to the millimetre of what is spare', () => {
    const p = planned();
    const perMm = p.metrics.strands.filter((s) => s.role !== 'core').reduce((sum, s) => sum + s.perLength, 0);
    const used = p.metrics.rowHeightMm * perMm;
    const isOk = (mm: number) =>
      triedOn(BASE, withSpare(mm), -p.metrics.rowHeightMm).find((r) => r.id === 'rows')!.ok;
    expect([isOk(used + 0.01), isOk(used + 0.5), isOk(used - 0.01)]).toEqual([true, true, false]);
  });
});
