import { describe, expect, it } from 'vitest';
import { mix } from '../../drawing/tone.ts';
import type { Crossing, WeaveSpec } from '../../weave/types.ts';
import { AMBER, arrow, MAT, quiet } from './moving.ts';
import { crossesY, mod, type Path, pointAt, unrolledAt, widestGap } from './paths.ts';
import { tail } from './rowLines.ts';

/** Two diameters to the right over the first one down, then back over three. */
const BENT: Path = [
  [0, 0],
  [2, 1],
  [0, 4],
];

describe('a way along the piece', () => {
  it('has a point at every share of its stretches, and goes straight on beyond them', () => {
    expect(pointAt(BENT, 0)).toEqual([0, 0]);
    expect(pointAt(BENT, 0.5)).toEqual([1, 0.5]);
    expect(pointAt(BENT, 1)).toEqual([2, 1]);
    expect(pointAt(BENT, 1.25)).toEqual([1.5, 1.75]);
    expect(pointAt(BENT, 2.5)).toEqual([-1, 5.5]);
    expect(pointAt(BENT, -0.5)).toEqual([-1, -0.5]);
  });

  it('begins again after its own periods, as far along', () => {
    const endless = { path: BENT, lengthY: 4 };
    expect(unrolledAt(endless, 2.5)).toEqual([1, 4.5]);
    expect(unrolledAt(endless, -0.5)).toEqual([1, -1.5]);
    expect(unrolledAt(endless, 4)).toEqual([0, 8]);
    expect([mod(5, 3), mod(-1, 3), mod(3, 3)]).toEqual([2, 2, 0]);
  });

  it('rises past a height where a ruler says, and nowhere where it does not', () => {
    const endless = { path: BENT, lengthY: 4 };
    // Half way along the second stretch it is at 2.5; in the next period that is at 6.5.
    expect(crossesY(endless, 0, 2, 2.5)).toBeCloseTo(1.5, 9);
    expect(crossesY(endless, 1, 4, 6.5)).toBeCloseTo(3.5, 9);
    expect(crossesY(endless, 0, 2, 4.5)).toBeUndefined();
    expect(crossesY(endless, 0, 2, -0.5)).toBeUndefined();
  });
});

describe('where a row begins', () => {
  const paths: Path[] = [
    [
      [0, 0],
      [0, 10],
    ],
  ];
  const spec = { strands: [{}] } as unknown as WeaveSpec;
  const at = (...ys: number[]) =>
    ys.map((y) => ({ over: { strand: 0, at: y / 10 }, under: { strand: 0, at: y / 10 } }) as Crossing);
  const begin = (ys: number[], height = 10) =>
    widestGap(
      spec,
      paths,
      at(...ys),
      ys.map((_, i) => i),
      () => true,
      height,
    );

  it('is the middle of the widest stretch without a crossing, told from the row before', () => {
    // Between 2 and 7: 4.5, which is −5.5 a row of ten earlier.
    expect(begin([1, 2, 7])).toBeCloseTo(-5.5, 9);
    // Round the end of the row: from 8 on to 11, which is the 1 of the next.
    expect(begin([1, 3, 5, 6.5, 8])).toBeCloseTo(-0.5, 9);
    // Rows of five: 1, 2 and 7 − 5 = 2 leave 2 … 6 free.
    expect(begin([1, 2, 7], 5)).toBeCloseTo(-1, 9);
  });

  it('is the later one of two alike, and half a row before where nothing crosses', () => {
    expect(begin([1, 6])).toBeCloseTo(-1.5, 9);
    expect(begin([])).toBe(-5);
  });
});

describe('an end in a picture', () => {
  it('that waits hangs down from where it is, outwards at the edges', () => {
    expect(tail([2, 3, 0.75], false, 10, 2)).toEqual([
      [2.5, 3.9, 0.375],
      [2.7, 4.8, 0],
    ]);
    expect(tail([-2, 3, 0.75], false, 10, 2)[1]).toEqual([-2.7, 4.8, 0]);
  });

  it('that is done hangs below all others', () => {
    expect(tail([2, 3, 0.5], true, 10, 2)).toEqual([
      [2.5, 7.3, 0.25],
      [2.7, 11.6, 0],
    ]);
    expect(tail([2, 12, 0.5], true, 10, 2)[1]).toEqual([2.7, 13.6, 0]);
  });

  it('of many hangs straight down in the middle, and outwards beyond a diameter and a half', () => {
    expect(tail([1.5, 3, 0], false, 0, 4)[1]![0]).toBe(1.5);
    expect(tail([1.6, 3, 0], false, 0, 4)[1]![0]).toBeCloseTo(2.3, 9);
    expect(tail([1, 3, 0], false, 0, 2)[1]![0]).toBeCloseTo(1.7, 9);
  });

  it('is pointed out by an arrow on its tip, along its last stretch', () => {
    const points = [
      [0, 0, 0],
      [0, 2, 0],
    ] as const;
    // Cord of 2 mm, coordinates in hundredths: 0.95 to each side, 0.2 behind the tip at 2, and the point 1.2 beyond it.
    expect(arrow(points, 2)).toEqual({
      d: 'M-190 360L0 640L190 360Z',
      fill: AMBER,
      stroke: '#05090a',
      width: 0.24,
    });
    const across = arrow(
      [
        [0, 0, 0],
        [3, 0, 0],
      ],
      1,
    );
    expect(across.d).toBe('M280 95L420 0L280 -95Z');
  });

  it('steps back into the mat by two fifths while another one moves', () => {
    expect(mix('#ffffff', '#000000', 0.25)).toBe('#bfbfbf');
    // 255 · 0.58 = 147.9, and 0x1c, 0x4a, 0x42 are 28, 74, 66: with their 0.42 that makes 160, 179, 176.
    const white = { id: 'w', name: 'w', look: 'solid', base: '#ffffff', accents: ['#ffffff'] } as const;
    expect(quiet(white, MAT)).toMatchObject({ base: '#a0b3b0', accents: ['#a0b3b0'] });
  });
});
