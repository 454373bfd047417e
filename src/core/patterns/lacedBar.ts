import { draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import { coreLines } from './solomonBar.ts';
import type { Pattern } from './types.ts';

const LOOSE = 1.2;
const scaled = (path: readonly Point[]): Point[] => path.map(([x, y, z]) => [LOOSE * x, LOOSE * y, z]);

/** Row 0 of the plain one, on the back; row 1 is the same with the piece turned over. */
const ROW = 5;
const LEADS: readonly Point[] = [
  [-4.7, -1.6, 0.2],
  [-3.2, 0.5, -1],
  [3.2, -0.5, -1],
  [4.7, 1.6, 0],
];
const RETURNS: readonly Point[] = [
  [4.7, -1.6, 1.5],
  [3.2, 0.6, 1.8],
  [2.5, 0.5, -2],
  [-2.5, -0.5, -2],
  [-3.4, -0.6, 0.8],
  [-4.7, 1.6, 1],
];
const turned = (row: readonly Point[]): Point[] => row.map(([x, y, z]) => [-x, y + ROW, -z]);

const COMMON = { family: 'Laced bar', shows: ['ribs'], squash: 0.88, load: 0 } as const;

/** A row: each end with each core once (4), the two ends three times; twice a period. */
const plainLaced: Pattern = {
  ...COMMON,
  id: 'laced-bar',
  name: 'Laced two-tone bar',
  words:
    'The leading end goes behind both cores and leaves its loop. The other goes over it, behind both cores beside it, and up through that loop. Turn the piece over and do the same.',
  draw: () =>
    draw({
      kind: 'weave',
      id: 'laced-bar',
      period: 2 * ROW * LOOSE,
      rows: 2,
      strands: [
        ...coreLines(2, 2.6 * LOOSE),
        { name: 'A', path: scaled([...LEADS, ...turned(LEADS)]) },
        { name: 'B', path: scaled([...RETURNS, ...turned(RETURNS)]) },
      ],
    }),
  patience: 3,
  difficulty: 2,
  tightens: ['the end that leads', 'the end that is laced through its bight'],
  starts: 'Cores over the first bar; the middles of two cords, one of each colour, begin beside it.',
  edges: 'Both faces are striped in two colours by turns; the leading colour goes round the edges.',
  next: 'The leading end leads in every row; only the face changes.',
  tells: { kind: 'strand', sign: 'leading end', next: 'same' },
  mistakes: [
    {
      mistake: 'both ends kept behind the cores, row after row',
      looks: 'the cores fall out: nothing holds them in front',
    },
    {
      kind: 'crossing',
      mistake: 'the second end under the first where it starts',
      looks: 'two coils lie on each other, hooked nowhere, and unwind from either end',
    },
  ],
  facts: { crossings: 14, periods: { A: 1, B: 1 } },
};

/** With a spine on top, round which the first end takes a full turn; rows are mirror images. */
const SPINE_ROW = 6.5;
const WRAPS: readonly Point[] = [
  [-5.4, -3, 0],
  [-3.9, -1.4, 1],
  [1.2, -1.3, 3],
  [1.5, -0.6, 2],
  [-0.9, -0.1, 1.05],
  [-3.9, 0, 1],
  [-5.5, 0.8, 0],
  [-3.9, 1.7, -1.1],
  [3.9, 1.5, -1.1],
  [5.3, 2.2, 0],
];
const HOOKS: readonly Point[] = [
  [6.7, 1.2, 1.2],
  [4.5, 2.7, 1.44],
  [3.5, 2.8, -2.2],
  [-3.3, 2.6, -2.2],
  [-4.3, 1, -1.6],
  [-4.7, 0.7, 0.6],
  [-6.7, 0.8, 1.2],
];
const mirrored = (row: readonly Point[]): Point[] => row.map(([x, y, z]) => [-x, y + SPINE_ROW, z]);

/** A row: the wrapping end 3 with its own core, 1 with the far one, 3 with the spine; the other 2 with the cores, 1 with the spine; both ends 3. */
const withSpine: Pattern = {
  ...COMMON,
  id: 'laced-bar-spine',
  name: 'Laced bar with a wrapped spine',
  shows: ['zigzag', 'ribs'],
  words:
    'One end takes a full turn round the spine on top of the cores, then goes behind both cores. The other goes over it, behind both cores, and up through the bend where it went in. The last row goes round the whole bar.',
  draw: () =>
    draw({
      kind: 'weave',
      id: 'laced-bar-spine',
      period: 2 * SPINE_ROW * LOOSE,
      rows: 2,
      strands: [
        ...coreLines(2, 4 * LOOSE),
        { name: 'T', role: 'spine', path: [[0.15 * LOOSE, 0, 2]] },
        { name: 'A', path: scaled([...WRAPS, ...mirrored(WRAPS)]) },
        { name: 'B', path: scaled([...HOOKS, ...mirrored(HOOKS)]) },
      ],
    }),
  patience: 3,
  isToldWhole: true,
  difficulty: 3,
  tightens: ['the spine, straight', 'the end that is wrapped round it', 'the other end'],
  starts: 'Cores over the first bar, the spine laid on top of them; two working ends begin beside it.',
  edges: 'The spine shows down the front between the turns; the other colour is a zigzag on the back.',
  next: 'The end that wrapped the spine changes sides every row and wraps it again.',
  tells: { kind: 'strand', sign: 'end that wrapped the spine', next: 'same' },
  mistakes: [
    {
      mistake: 'the spine drawn out, or cut short',
      looks: 'the cores come free: only the spine binds them',
    },
    {
      kind: 'crossing',
      mistake: 'the second end under the first where it starts',
      looks: 'it lies straight and slides out',
    },
  ],
  facts: { crossings: 26, periods: { A: 1, B: 1 } },
};

export const lacedBars: readonly Pattern[] = [plainLaced, withSpine];
