import { describe, expect, it } from 'vitest';
import { loadWeave, WEAVES } from '../patterns/index.ts';
import { flatOf, flattening, reachOf } from './section.ts';

describe('the section of a squeezed cord', () => {
  it('keeps its area: as much wider across as it is thinner', () => {
    for (const flat of [0, 0.05, 0.128, 0.25]) {
      expect(reachOf(flat, 1)).toBeCloseTo(Math.exp(-flat), 12);
      expect(reachOf(flat, 1) * reachOf(flat, 0)).toBeCloseTo(1, 12);
    }
    expect(reachOf(0.25, Math.SQRT1_2)).toBeCloseTo(Math.sqrt(Math.cosh(0.5)), 12);
  });

  it('is 0.88 as thick under one strand tension per diameter, and never thinner than 0.78', () => {
    expect(flattening(0)).toBe(0);
    expect(Math.exp(-flattening(1))).toBeCloseTo(0.8825, 4);
    expect(Math.exp(-flattening(1e6))).toBeCloseTo(0.7788, 4);
  });

  it('goes on touching its neighbours: along the piece it gets not quite as thin as the row squash', () => {
    const across = flatOf([3, 0, 0, 0, 0, -5], 0.88);
    expect(across[0]).toBeCloseTo(0, 12);
    expect(across[5]).toBeCloseTo(-flattening(5), 12);
    // Aslant, half of each.
    const aslant = Math.hypot(...flatOf([0, 30, 30], 0.88));
    expect(aslant).toBeCloseTo((flattening(Math.hypot(30, 30)) - 0.75 * Math.log(0.88)) / 2, 12);
    const [x, y, z] = flatOf([0, 40, 0], 0.88);
    expect([x, z]).toEqual([0, 0]);
    expect(y).toBeCloseTo(-0.75 * Math.log(0.88), 12);
    expect(Math.exp(-y!)).toBeGreaterThan(0.88);
    // Half as hard as the row squash asks for: the squeeze decides.
    expect(flatOf([0, 0.2, 0], 0.72)[1]).toBeCloseTo(flattening(0.2), 12);
    expect(flatOf([0, 0, 0], 0.72)).toEqual([0, 0, 0]);
  });

  it('is known at every point of every weave, and square to the strand', async () => {
    for (const { id } of WEAVES) {
      const solved = (await loadWeave(id))!;
      solved.points.forEach((points, s) => {
        const flats = solved.flat![s]!;
        expect(flats, id).toHaveLength(points.length);
        for (let i = 3; i + 3 < points.length; i += 3) {
          const [f, along] = [0, 1, 2].reduce(
            ([f, a], c) => [
              [...f, flats[i + c]!],
              [...a, points[i + 3 + c]! - points[i + c]!],
            ],
            [[], []] as [number[], number[]],
          );
          const strong = Math.hypot(...f);
          expect(strong, id).toBeLessThan(0.252);
          const dot = f.reduce((sum, v, c) => sum + v * along[c]!, 0);
          expect(Math.abs(dot) / Math.hypot(...along), id).toBeLessThan(0.004);
        }
      });
    }
  });
});
