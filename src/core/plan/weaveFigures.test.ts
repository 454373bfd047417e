import { describe, expect, it } from 'vitest';
import type { WeaveMetrics } from '../usage/metrics.ts';
import { why, whyText } from '../why/why.ts';
import { weaveFigures } from './weaveFigures.ts';

/** A made-up weave in round numbers: two working ends and two cores, each of which passes twice abreast. */
const METRICS: WeaveMetrics = {
  diameterMm: 4,
  rowHeightMm: 5,
  widthMm: 16,
  thicknessMm: 7,
  strands: [
    { name: 'A', role: 'work', lanes: 1, perLength: 3 },
    { name: 'B', role: 'work', lanes: 1, perLength: 2.5 },
    { name: 'C', role: 'core', lanes: 2, perLength: 1 },
  ],
  isPlain: false,
  spread: 0.1,
  shared: { lasting: 0, piece: 0 },
  source: why`measured by hand`,
};

const figures = (girthMm: number) => weaveFigures(METRICS, 2, girthMm);
const of = (girthMm: number, label: string) => figures(girthMm).find((f) => f.label === label)!;

describe('what a weave comes to as a band', () => {
  it('lies round the wrist at its own middle: the wrist, π times its thickness and 8 mm of ease', () => {
    expect(of(180, 'finished length').value).toBeCloseTo(180 + Math.PI * 7 + 8, 6);
    expect(of(180, 'width').value).toBe(16);
    expect(of(180, 'thickness').value).toBe(7);
  });

  it('takes every strand in all its passages: 3 + 2.5 + 2 × 1 times its length', () => {
    const finished = of(180, 'finished length').value;
    expect(of(180, 'cord in the weave').value).toBeCloseTo(7.5 * finished, 6);
    expect(whyText(of(180, 'cord in the weave').why)).toContain('7.5');
  });

  it('has as many whole rows as its length holds, and takes time by the row', () => {
    // 180 + 21.99 + 8 = 209.99 mm at 5 mm a row.
    expect(of(180, 'rows').value).toBe(42);
    // Of difficulty 2, in two ends: 0.28 min a row.
    expect(of(180, 'time for the rows').value).toBeCloseTo(42 * 0.28, 9);
    expect(of(180, 'time for the rows').value / of(260, 'time for the rows').value).toBeCloseTo(42 / 58, 6);
  });

  it('every figure says where it comes from', () => {
    for (const f of figures(165)) {
      expect(whyText(f.why).length, f.label).toBeGreaterThan(10);
      expect(Number.isFinite(f.value) && f.value > 0, f.label).toBe(true);
    }
  });
});
