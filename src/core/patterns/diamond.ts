import { draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import type { Pattern } from './types.ts';

/** Room between the strands of the mat. */
const LOOSE = 1.25;

/**
 * One strand of the diamond seen from above its mat. It comes in from outside, makes its half of the carrick bend, over
 * and under by turns, passes over the other strand's standing part outside it, goes under the mat to the middle, up,
 * and away over everything. The other strand is the same, turned by half.
 */
const ON_MAT: readonly Point[] = [
  [-15, 5, 0],
  [-7, 3, 0],
  [-4.6, 1.6, 1],
  [-2.4, 0, -1],
  [0, -3.2, 1],
  [3.6, -2.2, -1],
  [5.2, 0, 0],
  [3.6, 2.2, 1],
  [0, 3.2, -1],
  [-2.4, 0.2, 1],
  [-4.6, -1.6, -1],
  [-7, -3, -1],
  [-5.4, -5, 0],
  [4.6, -5.4, 1],
  [8, -4.4, 1.4],
  [8.2, -1.8, 1],
  [7.4, -0.3, -1.6],
  [0.9, 0.4, -1.6],
  [0.5, 0.6, 2],
  [-1.1, 2.2, 2],
  [-1.6, 5, 2],
  [-1.8, 15, 2],
];

/**
 * Crossings, all along A and then B alike: 8 of the carrick bend (one of each strand with itself, six between them);
 * each end crosses the other's standing part (2), two edges of the mat and the ends' own ways (12).
 */
export const diamond: Pattern = {
  id: 'diamond',
  family: 'Knots',
  name: 'Diamond',
  also: 'button knot',
  words:
    'A carrick bend of two strands; each end goes round the other’s standing part and up through the middle. Work it round and tight a little at a time.',
  draw: () =>
    draw({
      kind: 'open',
      id: 'diamond',
      strands: [1, -1].map((turn) => ({
        name: turn > 0 ? 'A' : 'B',
        path: ON_MAT.map(([x, y, z]) => [turn * LOOSE * x, turn * LOOSE * y, z] as const),
      })),
    }),
  squash: 1,
  load: 0,
  patience: 6,
  swings: true,
  difficulty: 4,
  starts: 'Two ends, or a folded cord whose fold makes the loop.',
  edges: '',
  next: '',
  mistakes: [],
  facts: { crossings: 22 },
};
