import { draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import type { Pattern } from './types.ts';

/** Row length and how far its columns lie from the middle, before it is drawn looser by `LOOSE`. */
const ROW = 10;
const COLUMN = 4;
const LOOSE = 1.125;

/** A clove hitch round a carrier at x = 0, begun from outside (left) and ended in the middle. */
const HITCH: readonly Point[] = [
  [-2.6, 1.2, 0.3],
  [2, 1, 0.9],
  [2.2, -0.9, -1.2],
  [-2, -1.2, -1.2],
  [-2.4, -0.8, 2],
  [2, 3.6, 2],
  [2.2, 4.6, -1.2],
  [-2, 4.9, -1.2],
  [-2.2, 2.9, 0.4],
  [2.4, 2.6, 0.7],
];

/** The left column's hitching strand: from outside in, on to the middle, and in the next row from the middle out. */
const INNER: readonly Point[] = [
  [-7.2, -1, 0],
  ...HITCH.map(([x, y, z]): Point => [x - COLUMN, y, z]),
  [-1.1, 4, 0],
  [-1.1, 8.8, 0],
  ...HITCH.map(([x, y, z]): Point => [-x - COLUMN, y + ROW, z]),
  [-7.2, 14, 0],
];

/** A carrier that begins at a side: straight through its hitch, then behind the hitching strands to the other side. */
function carrier(first: 1 | -1): Point[] {
  return [0, 1].flatMap((row): Point[] => {
    const side = row === 0 ? first : -first;
    // Whichever comes from the left lies over the other.
    const z = side < 0 ? -1.3 : -2.5;
    return [
      [side * COLUMN, ROW * row - 1.9, 0],
      [side * COLUMN, ROW * row + 5.6, 0],
      [side * 2.4, ROW * row + 6.2, z],
      [-side * 2.4, ROW * row + 7.5, z],
    ];
  });
}

const loosely = (path: readonly Point[]): Point[] => path.map(([x, y, z]) => [LOOSE * x, LOOSE * y, z]);
const otherSide = (path: readonly Point[]): Point[] => path.map(([x, y, z]) => [-x, y, z]);

/**
 * A hitch: 5 with its carrier, 2 of its diagonal over its own ends, 4 hitches a period = 28; the carriers with each other
 * once a row = 2; and after the first row two carriers behind two hitching strands = 4.
 */
export const cloveHitchBar: Pattern = {
  id: 'clove-hitch-bar',
  family: 'Clove-hitch bar',
  shows: ['columns'],
  name: 'Clove-hitch bar',
  words:
    'Each inner strand ties a clove hitch round the carrier on its side. Then the two carriers cross behind the inner strands, the left one over the right one, and are hitched on the other side.',
  draw: () =>
    draw({
      kind: 'weave',
      id: 'clove-hitch-bar',
      period: 2 * ROW * LOOSE,
      rows: 2,
      strands: [
        { name: 'O1', weight: 3, path: loosely(carrier(-1)) },
        { name: 'O2', weight: 3, path: loosely(carrier(1)) },
        { name: 'I1', path: loosely(INNER) },
        { name: 'I2', path: loosely(otherSide(INNER)) },
      ],
    }),
  squash: 0.88,
  // The hand that holds the carriers taut draws the bar lengthwise. Without it the flat state is barely stable and takes six times as long to find.
  load: -2,
  isToldWhole: true,
  isSideless: true,
  difficulty: 4,
  tightens: ['the carriers', 'each hitch down on its carrier', 'the inner strands between them'],
  starts:
    'An uneven pair of doubled cords joined by a hitch that leaves a loop: two short ends are the carriers, two ends about four times as long tie the hitches.',
  edges:
    'Slanting bars point in and out by turns; a carrier shows as a short bar in the middle once in two rows.',
  next: 'Where the inner ends come out: outside they begin there, in the middle they begin in the middle.',
  mistakes: [
    {
      mistake: 'carriers not held tight while they are hitched round',
      looks: 'the hitches capsize and the carriers wind round the others',
    },
    {
      kind: 'crossing',
      mistake: 'carriers crossed in front of the inner strands',
      looks: 'the columns turn on edge and the bar gets lumpy',
    },
  ],
  rests: {
    as: 'Carriers held hard: the hitches sit in two flat columns.',
    other: 'With all strands drawn alike the hitches capsize.',
  },
  facts: { crossings: 34, periods: { O1: 1, O2: 1, I1: 1, I2: 1 } },
};
