import { draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import type { Pattern } from './types.ts';

/** Half a period: from one strand's wrap to the other's. */
const WRAP = 6;

/** A wrap as far as its way back to its own side: behind the other strand, round its far side, back over it. */
const ROUND: readonly Point[] = [
  [2, -8, 0],
  [2, -0.5, 0],
  [1.2, 0.3, -0.7],
  [-1.9, 0.6, -1],
  [-4.2, 0.7, -1],
  [-4.3, 1.6, 1],
  [-2, 1.7, 1],
];
/** Down through the other's last wrap beside the strand's own standing part, and up again in front of that wrap. */
const THROUGH: readonly Point[] = [
  [0.1, 1.6, 1],
  [0.35, 0.9, 0.3],
  [0.35, -6.8, 0.2],
  [0.6, -7.5, 1],
  [1.15, -6.9, 2],
  [1.25, 2, 2],
];
/** The same with more room, as two columns are drawn. */
const THROUGH_WIDE: readonly Point[] = [
  [0.3, 1.6, 1],
  [0.5, 0.9, 0.3],
  [0.5, -6.8, 0.2],
  [0.7, -7.5, 1],
  [1.25, -6.9, 2],
  [1.35, 2, 2],
];

/** The other strand's wrap: turned by half about the piece's length, half a period on. */
const turned = (path: readonly Point[]): Point[] => path.map(([x, y, z]) => [-x, y + WRAP, -z]);
const scaled = (path: readonly Point[], by: number): Point[] => path.map(([x, y, z]) => [by * x, by * y, z]);
const mirrored = (path: readonly Point[]): Point[] => path.map(([x, y, z]) => [-x, y, z]);

const COMMON = {
  family: 'Snake',
  isToldWhole: true,
  shows: ['chain', 'round'],
  squash: 0.88,
  load: 0,
  difficulty: 3,
  next: 'The strand that made the wrap before last: the two take turns.',
  tells: { kind: 'strand', sign: 'strand that made the last wrap', next: 'other' },
} as const;

const WRAP_WORDS =
  'Behind the other strand, round it and back over it, down through its last wrap beside your own standing part, and up in front.';

/** A wrap: twice with the other's standing part, four times with its last wrap, twice with its own first part; two a period. */
const snake: Pattern = {
  ...COMMON,
  id: 'snake',
  name: 'Snake',
  words: `${WRAP_WORDS} Turn the work over and do the same with the other strand.`,
  draw: () =>
    draw({
      kind: 'weave',
      id: 'snake',
      period: 2 * WRAP * 1.3,
      rows: 2,
      strands: [
        { name: 'A', path: scaled(turned([...ROUND, ...THROUGH]), 1.3) },
        { name: 'B', path: scaled([...ROUND, ...THROUGH], 1.3) },
      ],
    }),
  patience: 2,
  tightens: ['the end that went through, down its own side', 'the loop that holds it'],
  starts: 'One cord folded at its middle: the fold is the loop, its two ends are the strands.',
  edges: 'Nearly round, four faces alike: a chain of one colour between rounded bights of the other.',
  mistakes: [
    {
      mistake: 'both ends left going up through the wrap',
      looks: 'every wrap is a knot by itself and the piece winds',
    },
    { kind: 'loose', mistake: 'a wrap not drawn down on the one before', looks: 'a gap in the chain' },
  ],
  facts: { crossings: 16, periods: { A: 1, B: 1 } },
};

/** Columns lie this far from the middle, and wraps are this much wider. */
const COLUMN = 7.1;
const WIDE = 1.4;
/** All is drawn to this scale, flat or rope-like: the looser, the longer slack runs out of it. */
const LOOSE = { flat: 0.84, rope: 0.714 } as const;

/** From over the inner strand to the other column's last loop and back. Through from the front, or poked up from behind. */
const FROM_FRONT: readonly Point[] = [
  [0.4, 4.8, 2.2],
  [-3.1, 3.5, 2.8],
  [-6.4, 3.2, 2.6],
  [-7.1, 2.4, 0.3],
  [-7.1, -0.9, -0.5],
  [-6.6, -1.9, -2.6],
  [-2.1, -2.4, -2.8],
  [-0.6, -1, -2.6],
  [0.2, 7.2, -2],
];
const FROM_BEHIND: readonly Point[] = [
  [-0.6, 6, 0.4],
  [-0.6, -1, -2.6],
  [-2.1, -2.4, -2.8],
  [-6.6, -1.9, -2.6],
  [-7.1, -0.9, -0.5],
  [-7.1, 2.4, 0.3],
  [-6.4, 3.2, 2.6],
  [-3.1, 3.5, 2.8],
  [0.5, 4.9, 2.2],
  [0.9, 7.2, -0.3],
];

/** Two snakes side by side, each the other's mirror image; the right outer strand is laced into the left column on its way. */
function mated(id: string, laced: readonly Point[], loose: number) {
  const wrap = [...ROUND, ...THROUGH_WIDE];
  const left = (path: readonly Point[]): Point[] => path.map(([x, y, z]) => [WIDE * x - COLUMN, y, z]);
  const [inner, outer] = [left(wrap), left(turned(wrap))];
  const right = mirrored(outer);
  const detour = [...right.slice(0, 5), ...laced, ...right.slice(5)];
  return draw({
    kind: 'weave',
    id,
    period: 2 * WRAP * loose,
    rows: 1,
    strands: [
      { name: 'OL', path: scaled(outer, loose) },
      { name: 'IL', path: scaled(inner, loose) },
      { name: 'IR', path: scaled(mirrored(inner), loose) },
      { name: 'OR', path: scaled(detour, loose) },
    ],
  });
}

const { tells: _tells, ...TWO_COLUMNS } = COMMON;
const MATED_COMMON = {
  ...TWO_COLUMNS,
  isSideless: true,
  difficulty: 5,
  tightens: ['the inner wraps of both columns', 'the outer ones', 'the end that links the columns'],
  starts: 'Two cords folded at their middles side by side: two inner strands and two outer ones.',
  mistakes: [
    {
      mistake: 'the lace left out of a row',
      looks: 'the two columns gape at that row',
    },
    { kind: 'loose', mistake: 'a wrap not drawn down', looks: 'one column runs ahead of the other' },
  ],
} as const;

/** Two columns of 16; the lace meets the inner left strand 6 times and its own strand twice (flat) or once (rope-like). */
const matedSnakes: readonly Pattern[] = [
  {
    ...MATED_COMMON,
    id: 'mated-snake',
    name: 'Mated snake, flat',
    shows: ['chain', 'columns'],
    words: `In both columns at once: first both inner strands, then both outer ones. ${WRAP_WORDS} The right outer strand, on its way back, goes behind, up through the left column’s last loop from behind, and back over to its own side.`,
    draw: () => mated('mated-snake', FROM_BEHIND, LOOSE.flat),
    patience: 3,
    edges: 'Two clear chains side by side, and the lace’s bights between them; it lies flat.',
    rests: {
      as: 'The lace poked up through the loop from behind: the columns lie flat side by side.',
      other: 'Led through from the front it is another knot: columns that nest into a rope (its own entry).',
    },
    facts: { crossings: 40, periods: { OL: 1, IL: 1, IR: 1, OR: 1 } },
  },
  {
    ...MATED_COMMON,
    id: 'mated-snake-rope',
    name: 'Mated snake, rope-like',
    shows: ['chain', 'columns', 'round'],
    words: `In both columns at once: first both inner strands, then both outer ones. ${WRAP_WORDS} The right outer strand, on its way back, goes in front, down through the left column’s last loop, and back behind to its own side.`,
    draw: () => mated('mated-snake-rope', FROM_FRONT, LOOSE.rope),
    patience: 3,
    edges: 'One chain and slanting bars beside it: four strands turned into each other.',
    facts: { crossings: 39, periods: { OL: 1, IL: 1, IR: 1, OR: 1 } },
  },
];

export const snakes: readonly Pattern[] = [snake, ...matedSnakes];
