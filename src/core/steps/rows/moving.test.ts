import { describe, expect, it } from 'vitest';
import { PER_MM } from '../../drawing/shape.ts';
import { arrow, quiet } from './moving.ts';

const numbers = (d: string) => [...d.matchAll(/-?\d+(?:\.\d+)?/g)].map((m) => Number(m[0]) / PER_MM);

describe('the end that moves', () => {
  it('has an arrow at its tip, 1.2 diameters ahead of it and 1.9 wide, the way that it goes', () => {
    // Straight down, in cord of 4 mm.
    const down = numbers(
      arrow(
        [
          [0, 0, 0],
          [0, 2, 0],
        ],
        4,
      ).d,
    );
    const close = (list: number[]) => list.map((mm) => expect.closeTo(mm, 1) as number);
    expect(down).toEqual(close([-3.8, 7.2, 0, 12.8, 3.8, 7.2]));
    const right = numbers(
      arrow(
        [
          [0, 0, 0],
          [2, 0, 0],
        ],
        4,
      ).d,
    );
    expect(right).toEqual(close([7.2, 3.8, 12.8, 0, 7.2, -3.8]));
    expect(
      arrow(
        [
          [0, 0, 0],
          [2, 0, 0],
        ],
        4,
      ).width,
    ).toBeCloseTo(0.48, 9);
  });

  it('stands out: what does not move steps back into the mat by 42 of 100', () => {
    const look = { id: 'x', name: 'x', look: 'solid' as const, base: '#ffffff', accents: ['#000000'] };
    const back = quiet(look, '#000000');
    // 58 of 100 are left of white.
    const value = Number.parseInt(back.base.slice(1, 3), 16);
    expect(back.base).toBe(`#${back.base.slice(1, 3).repeat(3)}`);
    expect(Math.abs(value / 255 - 0.58)).toBeLessThan(0.005);
    expect(back.accents).toEqual(['#000000']);
  });
});
