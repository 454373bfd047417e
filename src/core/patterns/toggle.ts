import { draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import type { Pattern } from './types.ts';

const LOOSE = 1.3;

/**
 * The left strand: it comes up, turns left over into a loop that its end closes from below, goes right between the two standing
 * parts, and through the other's loop. The right one is the same, turned by half about the knot's length.
 */
const LEFT: readonly Point[] = [
  [-1.2, -12, 0],
  [-1.2, -0.4, 1],
  [-1.2, 1.1, 0.6],
  [-1.2, 2.6, -1],
  [-2, 4, 0],
  [-4, 4.2, 0],
  [-5.4, 2.8, 0.8],
  [-5.2, 1.2, 1],
  [-4.2, 0.1, 0.2],
  [-2.4, -0.1, -1],
  [-0.6, 0.3, -1],
  [0, 0.9, 0.6],
  [0.6, 1.5, -0.6],
  [2.2, 2, -1],
  [3.4, 1.9, 0.2],
  [4.4, 1.9, 1],
  [6, 1.9, 1],
  [7.4, 3, 0],
  [7, 6.5, 0],
  [1.8, 9, 0],
  [1.2, 16, 0],
];

/**
 * Crossings: each strand's end with its own standing part (2), the two ends (1), each end with the other's standing
 * part (2) and with the far side of the other's loop (2). Over and under by turns all the way.
 */
export const toggleKnot: Pattern = {
  id: 'toggle',
  family: 'Knots',
  name: 'Toggle of two loops',
  words:
    'Each strand makes a loop, one from below and one from above, and each end goes through the other’s loop.',
  draw: () =>
    draw({
      kind: 'open',
      id: 'toggle',
      strands: ([1, -1] as const).map((side) => ({
        name: side > 0 ? 'A' : 'B',
        path: LEFT.map(([x, y, z]) => [side * x * LOOSE, y * LOOSE, side * z] as const),
      })),
    }),
  squash: 1,
  load: 0,
  difficulty: 3,
  starts: 'Two ends side by side.',
  edges: '',
  next: '',
  mistakes: [],
  facts: { crossings: 7 },
};
