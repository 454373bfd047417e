import { draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import type { Pattern } from './types.ts';

/** A half hitch of the strand on `side` round the other: over it, behind it, and up through its own loop. */
function hitch(side: 1 | -1, y: number): Point[] {
  const x = (v: number) => side * v;
  return [
    [x(1.2), y - 1.5, 0],
    [x(1.2), y - 0.6, -0.4],
    [x(0), y + 0.6, 1],
    [x(-1.2), y + 0.9, 1.2],
    [x(-2.6), y + 0.6, 0],
    [x(-1.2), y - 0.4, -1.2],
    [x(0), y - 0.3, 0.6],
    [x(0.9), y + 0.3, 1.6],
    [x(1.6), y + 1.2, 0.6],
  ];
}

export const hitchBar: Pattern = {
  id: 'hitch-bar',
  family: 'Alternating hitch bar',
  shows: ['zigzag', 'round'],
  name: 'Alternating hitch bar',
  words:
    'Each strand in turn makes a half hitch round the other: over it, behind it and up through its own loop.',
  draw: () =>
    draw({
      kind: 'weave',
      id: 'hitch-bar',
      period: 6,
      rows: 2,
      strands: [
        { name: 'A', path: [...hitch(-1, 0), [-1.4, 3, 0]] },
        { name: 'B', path: [...hitch(1, 3), [1.4, 6, 0]] },
      ],
    }),
  squash: 0.88,
  load: 0,
  difficulty: 1,
  tightens: ['the strand that is hitched round, straight', 'the hitch, down on the one before'],
  starts: 'One cord folded over the first bar.',
  edges: 'The front shows a zigzag, the back a row of even bumps; either is worn.',
  next: 'The strand that stood still in the last hitch.',
  tells: { kind: 'strand', sign: 'strand that tied the last hitch', next: 'other' },
  mistakes: [{ mistake: 'a hitch started from the other face', looks: 'the bar begins to wind' }],
  // Each hitch meets the other strand twice and itself once.
  facts: { crossings: 6, periods: { A: 1, B: 1 } },
};
