import { draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import { coreLines } from './solomonBar.ts';
import type { Pattern } from './types.ts';

/** One end's figure of eight: over its own core, under the other, round, over that one, under its own, and out. */
function turn(side: 1 | -1, y: number): Point[] {
  const x = (v: number) => side * v;
  return [
    [x(4), y - 0.2, 0],
    [x(1), y, 1],
    [x(0), y + 0.1, 0],
    [x(-1), y + 0.2, -1],
    [x(-2.4), y + 0.6, 0],
    [x(-1), y + 1.1, 1],
    [x(0), y + 1.2, 0],
    [x(1), y + 1.3, -1],
    [x(4), y + 1.6, 0],
  ];
}

export const fishtail: Pattern = {
  id: 'fishtail',
  family: 'Fishtail',
  shows: ['columns'],
  name: 'Fishtail',
  words:
    'An end goes over its core, down through the middle, under the other core, round it and back over it, down the middle and under its own. The other end does the mirror image.',
  draw: () =>
    draw({
      kind: 'weave',
      id: 'fishtail',
      period: 5,
      rows: 2,
      strands: [...coreLines(2), { name: 'L', path: turn(-1, 0) }, { name: 'R', path: turn(1, 2.5) }],
    }),
  squash: 0.72,
  load: 1,
  difficulty: 2,
  tightens: ['the end that has just come round its core', 'the other one'],
  starts: 'Two cords on the first bar; the outer ends work, the inner ones are the cores.',
  edges: 'Ends wrap each core in turn; the middle shows a row of crossings.',
  next: 'The end that did not move last.',
  tells: { kind: 'strand', sign: 'end that moved last', next: 'other' },
  mistakes: [{ mistake: 'an end passed over both cores', looks: 'a straight bar lies across the middle' }],
  // Each end passes each core twice a turn.
  facts: { crossings: 8, periods: { L: 1, R: 1 } },
};
