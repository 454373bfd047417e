import { describe, expect, it } from 'vitest';
import { whyText } from '../why/why.ts';
import { larksHeadLegMm, turnRoundBarMm } from './attach.ts';
import { closedLengthMm } from './buckled.ts';
import { SIDE_RELEASE, sideRelease } from './sideRelease.ts';

describe('cord round a bar', () => {
  it('a lark’s head leg on a round wire of no thickness is one turn of a circle of the cord’s diameter, and half a strap', () => {
    expect(larksHeadLegMm({ widthMm: 0, thicknessMm: 0 }, 4).lengthMm).toBeCloseTo(4 * Math.PI + 4, 9);
  });

  it('grows by twice the bar’s width and thickness', () => {
    const [thin, thick] = [
      larksHeadLegMm({ widthMm: 2, thicknessMm: 1 }, 4).lengthMm,
      larksHeadLegMm({ widthMm: 5, thicknessMm: 3 }, 4).lengthMm,
    ];
    expect(thick - thin).toBeCloseTo(2 * (3 + 2), 9);
  });

  it('a turn round a thin bar is a half circle through the cord’s middle', () => {
    expect(turnRoundBarMm({ widthMm: 0, thicknessMm: 0 }, 4).lengthMm).toBeCloseTo(2 * Math.PI, 9);
    expect(turnRoundBarMm({ widthMm: 3, thicknessMm: 2 }, 4).lengthMm).toBeCloseTo(6 + 3 * Math.PI, 9);
  });

  it('says how it came about', () => {
    expect(whyText(larksHeadLegMm({ widthMm: 3, thicknessMm: 2.5 }, 3.68).why)).toContain(
      '2 × (3 mm + 2.5 mm) + π × 3.7 mm',
    );
  });
});

describe('side-release buckles', () => {
  it('are longer and wider the wider their slot', () => {
    for (let i = 1; i < SIDE_RELEASE.length; i++) {
      const [a, b] = [SIDE_RELEASE[i - 1]!, SIDE_RELEASE[i]!];
      expect(closedLengthMm(b)).toBeGreaterThan(closedLengthMm(a));
      expect(b.bodyWidthMm).toBeGreaterThan(a.bodyWidthMm);
      expect(b.bodyWidthMm).toBeGreaterThan(b.sizeMm);
    }
  });

  it('take a measured length and share it between the halves as before', () => {
    const typical = sideRelease(15)!;
    const measured = sideRelease(15, 42)!;
    expect(closedLengthMm(measured)).toBeCloseTo(42, 9);
    expect(measured.startMm / measured.endMm).toBeCloseTo(typical.startMm / typical.endMm, 9);
    expect(sideRelease(17)).toBeUndefined();
  });
});
