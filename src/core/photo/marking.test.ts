import { describe, expect, it } from 'vitest';
import {
  leastMarks,
  type Marked,
  marksOfPoints,
  nextMark,
  roleOf,
  UNMARKED,
  withMark,
  withoutLast,
  withoutMark,
} from './marking.ts';
import type { Point } from './types.ts';

const HOW = { reference: 'card', isRaised: false, snaps: true } as const;
const corners: Point[] = [
  [0, 0],
  [90, 0],
  [90, 50],
  [0, 50],
];

describe('marks in a picture', () => {
  it('of a band are four corners, two edges at each end, then any number along it', () => {
    expect(leastMarks('band')).toBe(8);
    expect(Array.from({ length: 9 }, (_, i) => roleOf(i, 'band').is)).toEqual([
      'corner',
      'corner',
      'corner',
      'corner',
      'end',
      'end',
      'end',
      'end',
      'between',
    ]);
    expect(roleOf(6, 'band')).toEqual({ is: 'end', end: 2, tip: 1 });
  });

  it('of a cord have one point at each end', () => {
    expect(leastMarks('cord')).toBe(6);
    expect(roleOf(5, 'cord')).toEqual({ is: 'end', end: 2, tip: 1 });
    const marks = marksOfPoints([...corners, [0, 100], [90, 100], [45, 120]], 'cord', HOW)!;
    expect(marks.ends).toEqual([
      [
        [0, 100],
        [0, 100],
      ],
      [
        [90, 100],
        [90, 100],
      ],
    ]);
    expect(marks.between).toEqual([[45, 120]]);
  });

  it('are none while some are missing', () => {
    expect(marksOfPoints(corners, 'band', HOW)).toBeUndefined();
  });

  const ends: Point[] = [
    [0, 95],
    [0, 105],
    [200, 95],
    [200, 105],
  ];
  const pressed = (list: readonly Point[]) =>
    list.reduce((marked, p) => withMark(marked, p, 'band'), UNMARKED);
  const along = (marked: Marked) => marked.points.slice(8).map((p) => p[0]);

  it('along the piece are put in order, however they were pressed', () => {
    const all = pressed([...corners, ...ends, [150, 102], [50, 101], [100, 99]]);
    expect(along(all)).toEqual([50, 100, 150]);
  });

  it('are taken back in the order in which they were made, also after one was taken out', () => {
    const all = pressed([...corners, ...ends, [150, 102], [50, 101], [100, 99]]);
    expect(along(withoutLast(all))).toEqual([50, 150]);
    expect(along(withoutLast(withoutLast(all)))).toEqual([150]);
    // The one at 50 is out: the last one made is still that at 100.
    const out = withoutMark(all, 8);
    expect(along(out)).toEqual([100, 150]);
    expect(along(withoutLast(out))).toEqual([150]);
    let left = all;
    for (let n = 11; n > 0; n--) {
      expect(left.points).toHaveLength(n);
      left = withoutLast(left);
    }
    expect(withoutLast(left)).toEqual(UNMARKED);
  });

  it('are asked for one after the other', () => {
    expect(nextMark(2, 'band', 'card')).toBe(
      'Press the four corners of a bank card, in any order: each where its edges would meet. 2 of 4.',
    );
    expect(nextMark(0, 'band', 'a4')).not.toContain('would meet');
    expect(nextMark(4, 'band', 'card')).toMatch(/one edge of the piece where its first row begins/);
    expect(nextMark(7, 'band', 'card')).toMatch(/the other edge of the piece where its last row ends/);
    expect(nextMark(5, 'cord', 'card')).toBe('Press the other end of the cord.');
    expect(nextMark(8, 'band', 'card')).toMatch(/along the middle of the piece, every 4 to 5 cm/);
  });
});
