import { draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import type { Pattern } from './types.ts';

/**
 * One loop: its right leg comes up through the loop before, its top will hold both legs of the next, its left leg
 * goes back down through the loop before, and the strand runs on behind to feed the next loop.
 */
export const chainLoop = (y: number): Point[] => [
  [0.8, y, -0.2],
  [0.8, y + 0.7, 1],
  [0.9, y + 1.3, 1],
  [1.8, y + 2.5, 0],
  [1.8, y + 4, 0],
  [-1.8, y + 4, 0],
  [-1.8, y + 2.5, 0],
  [-0.9, y + 1.3, 1],
  [-0.8, y + 0.7, 1],
  [-0.8, y, -0.5],
  [-0.3, y - 0.2, -1],
  [-0.1, y + 1, -1],
  [0.3, y + 2.5, -1],
];

export const chainSinnet: Pattern = {
  id: 'chain-sinnet',
  family: 'Chain sinnet',
  shows: ['chain', 'round'],
  name: 'Chain sinnet',
  words: 'Each loop is drawn through the one before. The last is locked by passing the end through it.',
  draw: () =>
    draw({
      kind: 'weave',
      id: 'chain-sinnet',
      period: 3,
      rows: 1,
      strands: [{ name: 'S', path: chainLoop(0) }],
    }),
  squash: 0.88,
  load: 0,
  rowIs: {
    name: 'loop',
    words:
      'Reach through the last loop, draw the running cord up through it as the next one, and draw the last one down on its legs.',
  },
  pullsOut: true,
  difficulty: 1,
  starts: 'A slipped loop near the end of one long cord.',
  edges: 'Two legs side by side in front, a single run behind.',
  next: 'Reach through the last loop and draw the running part through.',
  mistakes: [
    { mistake: 'the lock left out', looks: 'it pulls out in seconds: that is also how the cord is got back' },
  ],
  // The top of every loop is crossed by both legs and the back run of the next.
  facts: { crossings: 3, periods: { S: 1 } },
};
