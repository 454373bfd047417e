import { draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import type { Pattern } from './types.ts';

const ROW = 6;

/** One core's way through a row, in at the right: under the end that crosses, up over it and down through its left loop. */
const OUTER_BELOW: readonly Point[] = [
  [4.4, -3, -0.6],
  [4.4, 1.4, -1.2],
  [-0.2, 1.5, 1.2],
  [-0.2, -0.9, 1.2],
  [-1.8, -0.9, -1.2],
  [-1.8, 2.9, -1],
];
const INNER_BELOW: readonly Point[] = [
  [2.9, -3, -0.6],
  [2.9, 0.9, -1.2],
  [1.3, 0.9, 1.2],
  [1.3, -1.5, 1.2],
  [-3.3, -1.5, -1.2],
  [-3.3, 2.9, -1],
];
/** The end that crosses, left to right, and the one that closes the row behind everything. */
const CROSSES: readonly Point[] = [
  [-8, -2.4, -1],
  [-6.6, 0.3, -1.2],
  [-5.6, 0.3, 0],
  [5.6, -0.3, 0],
  [6.6, -0.3, -1.2],
];
const CLOSES: readonly Point[] = [
  [8, -2.2, 1],
  [6.6, 0.8, 1.2],
  [5.4, 1.9, -2.2],
  [-4.2, 1.9, -2.2],
  [-5.8, -1.6, -2.2],
  [-6.6, -1.6, 1.2],
];

/** The second row is the first one's mirror image. */
const mirrored = (row: readonly Point[]): Point[] => row.map(([x, y, z]) => [-x, y + ROW, z]);

/**
 * A row: the crossing end with each core three times, the closing one with each core once, the two ends three times:
 * 6 + 2 + 3 = 11, twice a period. The cores swap the inner and the outer part of their turn from row to row.
 */
export const coresThrough: Pattern = {
  id: 'cores-through-bar',
  family: 'Cores-through bar',
  shows: ['bumps', 'columns'],
  name: 'Cores-through bar',
  words:
    'One end crosses over both cores. The cores turn up round it and down through its loop, so that they change sides. The other end goes over the first, behind the cores and up through the loop beside them.',
  draw: () =>
    draw({
      kind: 'weave',
      id: 'cores-through-bar',
      period: 2 * ROW,
      rows: 2,
      strands: [
        { name: 'C1', weight: 0.7, path: [...OUTER_BELOW, ...mirrored(INNER_BELOW)] },
        { name: 'C2', weight: 0.7, path: [...INNER_BELOW, ...mirrored(OUTER_BELOW)] },
        { name: 'A', path: [...CROSSES, ...mirrored(CROSSES)] },
        { name: 'B', path: [...CLOSES, ...mirrored(CLOSES)] },
      ],
    }),
  squash: 0.88,
  load: 0,
  patience: 5,
  isToldWhole: true,
  isSideless: true,
  difficulty: 4,
  tightens: ['the end that lies across the cores', 'both cores', 'the end that closes the row'],
  starts:
    'Two cords, each hooked through the middle of the other: two middle ends and two outer ones. Lock the last row with one plain row of a Solomon bar.',
  edges: 'Two cores show as round bights at one edge, then two at the other: the bar staggers.',
  next: 'The side on which the two cores hang now.',
  mistakes: [
    {
      mistake: 'the cores pulled hard before the ends are',
      looks: 'it capsizes: the bar turns into a coil on straight cores',
    },
    {
      kind: 'same-side',
      mistake: 'started from the same side twice',
      looks: 'two bights of cores at one edge',
    },
  ],
  rests: {
    as: 'Ends drawn tight first, cores after: the cores step from side to side.',
    other: 'Pulled lengthwise by its cores it capsizes into a coil on straight cores.',
  },
  facts: { crossings: 22, periods: { C1: 1, C2: 1, A: 1, B: 1 } },
};
