import type { Rope } from '../weave/types.ts';

/** Waves along a strand that a kick is made of. */
const WAVES = 3;

/**
 * Pushes every strand sideways along smooth random waves of about `size` diameters, so that a state resting on a
 * saddle falls off it. Far below half a diameter, no strand can get past another.
 */
export function kick(rope: Rope, size: number, random: () => number): Rope {
  return {
    ...rope,
    strands: rope.strands.map((strand) => {
      const n = strand.points.length / 3;
      const points = strand.points.slice();
      for (let axis = 0; axis < 3; axis++) {
        for (let wave = 1; wave <= WAVES; wave++) {
          const amplitude = ((random() * 2 - 1) * size) / WAVES;
          const phase = random() * 2 * Math.PI;
          for (let i = 0; i < n; i++)
            points[3 * i + axis]! += amplitude * Math.sin((2 * Math.PI * wave * i) / n + phase);
        }
      }
      return { ...strand, points };
    }),
  };
}
