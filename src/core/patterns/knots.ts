import { type DrawnStrand, draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import type { Pattern } from './types.ts';

/**
 * The family of coiled overhands: the standing part runs up, turns down in n wraps round itself (and round other
 * cords that pass), and the end comes up through all wraps. n = 1 is the overhand, 2 the double overhand, 3 and 4
 * barrels. `along` are the x of cords that the coil is tied round.
 */
export function coil(wraps: number, along: readonly number[] = []): DrawnStrand[] {
  const left = Math.min(-1.6, ...along.map((x) => x - 1.4));
  const top = 1.8 * wraps;
  const path: Point[] = [
    [0, -9, 0],
    [0, top + 1.2, 0],
    [0.3, top + 1.8, -0.8],
    [2.6, top + 1.4, -0.8],
  ];
  for (let i = 0; i < wraps; i++) {
    const y = top - 1.8 * i;
    path.push([2.6, y, 1.2], [left, y - 0.5, 1.2]);
    if (i < wraps - 1) path.push([left, y - 0.9, -1.2], [2.6, y - 1.3, -1.2]);
  }
  const foot = top - 1.8 * (wraps - 1) - 1.6;
  path.push(
    [left, foot, -1.2],
    [1.2, foot - 0.5, -1.2],
    [1.2, foot + 0.4, 0.2],
    [1.2, top + 3, 0.2],
    [1.2, top + 9, 0],
  );
  const cords = along.map(
    (x, i): DrawnStrand => ({
      name: `C${i + 1}`,
      role: 'core',
      path: [
        [x, -9, 0],
        [x, top + 9, 0],
      ],
    }),
  );
  return [...cords, { name: 'S', path }];
}

/** How far two strands that are tied as one lie from the line between them, and how much looser that is drawn. */
const ABREAST = 0.75;
const ROOM = 1.9;

/** A strand's way led twice, side by side in the plane, at the same heights. */
function abreast(strand: DrawnStrand): DrawnStrand[] {
  const loose = strand.path.map(([x, y, z]) => [x * ROOM, y * ROOM, z] as const);
  return [-1, 1].map((side) => ({
    ...strand,
    name: side < 0 ? 'A' : 'B',
    path: loose.map(([x, y, z], i): Point => {
      const [before, after] = [loose[Math.max(0, i - 1)]!, loose[Math.min(loose.length - 1, i + 1)]!];
      const unit = (p: readonly number[], q: readonly number[]) => {
        const length = Math.hypot(q[0]! - p[0]!, q[1]! - p[1]!) || 1;
        return [(q[0]! - p[0]!) / length, (q[1]! - p[1]!) / length] as const;
      };
      const [u, v] = [
        i > 0 ? unit(before, [x, y]) : unit([x, y], after),
        i < loose.length - 1 ? unit([x, y], after) : unit(before, [x, y]),
      ];
      // The corner of two parallels lies on the bisector, further out the sharper the bend.
      const [nx, ny] = [-(u[1] + v[1]), u[0] + v[0]];
      const scale = (side * ABREAST * 2) / Math.max(0.6, nx * nx + ny * ny);
      return [x + nx * scale, y + ny * scale, z];
    }),
  }));
}

/** n wraps on each side of a strap, round one straight cord: lark's head for n = 1, Prusik wraps for more. */
function prusik(wraps: number): DrawnStrand[] {
  const side = (s: 1 | -1): Point[] => {
    const out: Point[] = [[-7, s * 0.8, 0.6]];
    for (let i = 0; i < wraps; i++) {
      const y = s * (0.8 + 1.5 * i);
      out.push(
        [i === 0 ? -2.2 : -1.6, y, i === 0 ? 0.6 : 1],
        [2, y + s * 0.2, i === 0 ? 0.8 : 1],
        [2, y + s * 0.8, -1],
      );
      if (i < wraps - 1) out.push([-1.6, y + s * 1.1, -1]);
    }
    const last = s * (0.8 + 1.5 * (wraps - 1) + 1.1);
    out.push([-2.6, last, -1], [-3.2, last - s * 0.3, 0.5], [-3.2, s * 1.4, 2]);
    return out;
  };
  return [
    {
      name: 'C1',
      role: 'core',
      path: [
        [0, -1.5 * wraps - 6, 0],
        [0, 1.5 * wraps + 6, 0],
      ],
    },
    { name: 'S', path: [...side(-1), ...side(1).toReversed()] },
  ];
}

const CLOVE: DrawnStrand[] = [
  {
    name: 'C1',
    role: 'core',
    path: [
      [0, -10, 0],
      [0, 9, 0],
    ],
  },
  {
    name: 'S',
    path: [
      [-7, 0, 0.7],
      [2, 0.2, 0.9],
      [2.2, 1.3, -1],
      [-2, 1.6, -1],
      [-2.4, 1.2, 2],
      [2, -2.2, 2],
      [2.2, -3, -1],
      [-2, -3.2, -1],
      [-2.2, -1.8, 0.6],
      [7, -1.3, 0.7],
    ],
  },
];

const HALF_HITCH: DrawnStrand[] = [
  {
    name: 'C1',
    role: 'core',
    path: [
      [0, -9, 0],
      [0, 9, 0],
    ],
  },
  {
    name: 'S',
    path: [
      [-7, 0, 1],
      [2, 0.2, 1],
      [2.2, 1.6, -1],
      [-2, 1.8, -0.9],
      [-2.2, 0.8, -0.6],
      [-2, -3, 0.2],
      [-2, -7, 0],
    ],
  },
];

/**
 * The end of S is led back beside it, both and the other cord are wrapped twice from below, and the end comes up through the
 * bight that it left at the top.
 */
const FOLD_TOP = 6;
export const FOLDED_WRAPPED: DrawnStrand[] = [
  {
    name: 'C1',
    role: 'core',
    path: [
      [-1.3, -9, 0],
      [-1.3, FOLD_TOP + 10, 0],
    ],
  },
  {
    name: 'S',
    path: [
      [0, -9, 0],
      [0, FOLD_TOP, 0],
      [0.1, FOLD_TOP + 1.6, 0],
      [1.6, FOLD_TOP + 1.6, 0],
      [1.7, FOLD_TOP, 0],
      [1.7, 0.2, 0],
      [2.2, -0.6, 0.6],
      [3.2, 0, 1.2],
      [-2.6, 0.7, 1.2],
      [-2.6, 1.2, -1.2],
      [3.2, 2, -1.2],
      [3.2, 2.7, 1.2],
      [-2.6, 3.4, 1.2],
      [-2.6, 3.9, -1.2],
      [0.7, FOLD_TOP - 0.4, -1.2],
      [1, FOLD_TOP + 0.6, 1.2],
      [1.1, FOLD_TOP + 3, 1.2],
      [1.1, FOLD_TOP + 10, 0],
    ],
  },
];

function knot(
  id: string,
  name: string,
  words: string,
  strands: () => DrawnStrand[],
  crossings: number,
  difficulty: Pattern['difficulty'],
): Pattern {
  return {
    id,
    family: 'Knots',
    name,
    words,
    draw: () => draw({ kind: 'open', id, strands: strands() }),
    squash: 1,
    load: 0,
    difficulty,
    starts: 'One end.',
    edges: '',
    next: '',
    mistakes: [],
    facts: { crossings },
  };
}

/** Crossings of a coil of n wraps round itself: top over end, n front and n − 1 back passes over two lines, foot under one. */
const coilCrossings = (n: number, cords = 0) => 1 + 2 * n + 2 * (n - 1) + 1 + cords * (2 * n);

export const knots: readonly Pattern[] = [
  knot('overhand', 'Overhand', 'Round itself once and through.', () => coil(1), coilCrossings(1), 1),
  {
    ...knot(
      'overhand-two',
      'Overhand in two strands',
      'Both strands together, round themselves once and through: the plainest stopper.',
      () => abreast(coil(1)[0]!),
      4 * coilCrossings(1),
      1,
    ),
    isTiedAsOne: true,
  },
  knot(
    'double-overhand',
    'Double overhand',
    'Two wraps round itself, the end through both.',
    () => coil(2),
    coilCrossings(2),
    1,
  ),
  knot(
    'barrel-3',
    'Barrel, 3 wraps',
    'Three wraps, the end through all of them: a stopper.',
    () => coil(3),
    coilCrossings(3),
    2,
  ),
  knot(
    'barrel-4',
    'Barrel, 4 wraps',
    'Four wraps, the end through all of them: a long stopper.',
    () => coil(4),
    coilCrossings(4),
    2,
  ),
  knot(
    'sliding-1',
    'Sliding knot, 1 wrap',
    'An overhand round the other cord: slides, and is held by its own grip.',
    () => coil(1, [-1.2]),
    coilCrossings(1, 1),
    1,
  ),
  knot(
    'sliding-2',
    'Scaffold, 2 wraps',
    'Two wraps round the other cord, the end out through both.',
    () => coil(2, [-1.2]),
    coilCrossings(2, 1),
    2,
  ),
  knot(
    'sliding-3',
    'Scaffold, 3 wraps',
    'Three wraps round the other cord, the end out through all.',
    () => coil(3, [-1.2]),
    coilCrossings(3, 1),
    2,
  ),
  ...[2, 3].map((wraps) =>
    knot(
      `two-loop-scaffold-${wraps}`,
      `Two-loop scaffold, ${wraps} wraps`,
      `${wraps === 2 ? 'Two' : 'Three'} wraps round both loops’ cords, the end out through all beside its own standing part. Both loops slide, held by grip alone.`,
      () => coil(wraps, [-1.2, -3]),
      coilCrossings(wraps, 2),
      2,
    ),
  ),
  // Round the other cord 4; round itself 2 in each of three passes and 1 in the last; the end over the bight 1.
  {
    ...knot(
      'folded-wrapped',
      'Folded-and-wrapped slider',
      'The end folded back along both cords, wrapped twice round everything, and up through the small bight of the fold.',
      () => FOLDED_WRAPPED,
      12,
      2,
    ),
    patience: 3,
  },
  knot(
    'half-hitch',
    'Half hitch',
    'Once round the other cord, the end under its own standing part.',
    () => HALF_HITCH,
    3,
    1,
  ),
  knot(
    'clove-hitch',
    'Clove hitch',
    'Two turns the same way round the other cord, the end under the slanting part.',
    () => CLOVE,
    7,
    1,
  ),
  knot(
    'larks-head',
    'Lark’s head',
    'A fold laid over the other cord, both ends through it.',
    () => prusik(1),
    6,
    1,
  ),
  knot(
    'prusik-2',
    'Prusik wraps, 2',
    'A fold wrapped twice each side, both ends through it.',
    () => prusik(2),
    10,
    2,
  ),
  knot(
    'prusik-3',
    'Prusik wraps, 3',
    'A fold wrapped three times each side, both ends through it.',
    () => prusik(3),
    14,
    2,
  ),
];
