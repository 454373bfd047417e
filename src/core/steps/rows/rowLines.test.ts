import { describe, expect, it } from 'vitest';
import { findPattern } from '../../patterns/index.ts';
import type { Point } from '../../weave/types.ts';
import { USUAL_WAY } from '../types.ts';
import { tyings } from './orders.ts';
import { finishedLine, tail, walk } from './rowLines.ts';

/** The pass over a finished bar, with the strands of that bar. */
const over = (id: string) => {
  const pattern = findPattern(id)!;
  const tying = tyings(pattern.draw(), USUAL_WAY, pattern.tiedIn).at(-1)!;
  return { tying, below: tying.cut.below, height: tying.cut.spec.period / tying.cut.spec.rows };
};
const IN_SIGHT = [-9, 9] as const;
const near = ([x, y, z]: Point, [p, q, r]: Point): boolean => Math.hypot(x - p, y - q, z - r) < 1e-9;

describe('a finished bar below the row that is tied over it', () => {
  it('lies a row higher for every row that is tied', () => {
    for (const id of ['double-bar', 'slider-double']) {
      const { tying, below, height } = over(id);
      expect(below.length, id).toBeGreaterThan(0);
      for (const strand of below)
        for (let row = 0; row < 3; row++) {
          const now = finishedLine(tying, strand, row, IN_SIGHT);
          const next = finishedLine(tying, strand, row + 1, IN_SIGHT).map(
            ([x, y, z]): Point => [x, y + height, z],
          );
          const inside = next.filter(([, y]) => y > IN_SIGHT[0] + 1 && y < IN_SIGHT[1] - 1);
          expect(inside.length, `${id} ${strand}`).toBeGreaterThan(3);
          for (const point of inside)
            expect(
              now.some((p) => near(p, point)),
              `${id} ${strand}`,
            ).toBe(true);
        }
    }
  });

  it('runs through the whole picture, and crosses the row above and below the plane by three quarters of a cord', () => {
    const { tying, below } = over('double-bar');
    for (const strand of below) {
      const line = finishedLine(tying, strand, 0, IN_SIGHT);
      expect(line[0]![1]).toBeLessThan(IN_SIGHT[0] + 3);
      expect(line.at(-1)![1]).toBeGreaterThan(IN_SIGHT[1] - 3);
      // No further than it is seen.
      expect(Math.max(...line.map(([, y]) => y))).toBeLessThanOrEqual(IN_SIGHT[1]);
      const heights = line.map(([, , z]) => z);
      expect(Math.max(...heights)).toBeCloseTo(0.75, 9);
      expect(Math.min(...heights)).toBeCloseTo(-0.75, 9);
    }
  });
});

describe('a passage through its row', () => {
  it('goes on in the next row where it left the one before', () => {
    const { tying, height } = over('solomon-bar');
    for (let row = 0; row < 4; row++) {
      const [here, there] = [tying.row(row), tying.row(row + 1)];
      for (const pass of here.order) {
        const next = there.order.find((p) => p.strand === pass.strand && p.lane === pass.lane)!;
        const [x, y] = walk(pass, tying).at(-1)!;
        const [p, q] = walk(next, tying)[0]!;
        expect(p).toBeCloseTo(x, 6);
        expect(q).toBeCloseTo(y - height, 6);
      }
    }
  });
});

describe('an end beyond its row', () => {
  const close = (x: number, y: number, z: number) => [x, y, z].map((v) => expect.closeTo(v, 9) as number);

  it('goes on outwards by seven tenths of a cord where it is one of two or at an edge, else straight down', () => {
    // Of two: from 1 across, 1.8 down.
    expect(tail([1, 2, 0.5], false, 9, 2)).toEqual([close(1.5, 2.9, 0.25), close(1.7, 3.8, 0)]);
    expect(tail([-1, 2, 0.5], false, 9, 2)).toEqual([close(-1.5, 2.9, 0.25), close(-1.7, 3.8, 0)]);
    // Of four: straight, but at an edge more than one and a half cords out.
    expect(tail([1.5, 2, 0.5], false, 9, 4)[1]).toEqual(close(1.5, 3.8, 0));
    expect(tail([1.6, 2, 0.5], false, 9, 4)[1]).toEqual(close(2.3, 3.8, 0));
  });

  it('hangs 1.6 below the lowest of all once its row is done, so that ends hang side by side', () => {
    expect(tail([1, 2, 0.5], true, 9, 2)[1]).toEqual(close(1.7, 10.6, 0));
    expect(tail([1, 12, 0.5], true, 9, 2)[1]).toEqual(close(1.7, 13.6, 0));
  });
});
