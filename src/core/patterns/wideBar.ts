import { type DrawnStrand, draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import type { Pattern } from './types.ts';

const PITCH = 3;
const HALF = 2;
const SPACING = 5.8;

interface End {
  column: number;
  side: -1 | 1;
  /** Crosses in front of the core (and lies below at the column's edges), or behind it. */
  readonly isFront: boolean;
}

/** Where an end of a column enters and leaves its half knot, and on its way between. */
function halfKnot(end: End, row: number, centre: number): Point[] {
  const { side, isFront } = end;
  const y = row * PITCH;
  const [z, edge] = isFront ? [1, -1] : [-1, 1];
  return [
    [centre + side * HALF, y + 0.5, edge],
    [centre + side * 1.1, y + 0.28, z],
    [centre - side * 1.1, y - 0.28, z],
    [centre - side * HALF, y - 0.5, edge],
  ];
}

/**
 * n columns, each tying half knots round one core, mirrored from column to column. After an odd row the ends that
 * meet between two columns cross and go on in the other column; after an even one each goes back into its own.
 * Ends are followed until each is back where it started; those that swap are one strand over two periods.
 */
function wideBarStrands(columns: number): DrawnStrand[] {
  const centre = (c: number) => (c - (columns - 1) / 2) * SPACING;
  const key = (e: End) => `${e.column},${e.side}`;
  // In row 0 the front end of even columns comes from the left, of odd columns from the right.
  const starts = Array.from({ length: columns }, (_, c) => {
    const front: -1 | 1 = c % 2 === 0 ? -1 : 1;
    return [
      { column: c, side: front, isFront: true },
      { column: c, side: -front as -1 | 1, isFront: false },
    ] as End[];
  }).flat();
  const seen = new Set<string>();
  const strands: DrawnStrand[] = [];
  for (const start of starts) {
    if (seen.has(key(start))) continue;
    const path: Point[] = [];
    let end = { ...start };
    let period = 0;
    do {
      seen.add(key(end));
      for (const row of [0, 1]) {
        const y = 2 * period + row;
        path.push(...halfKnot(end, y, centre(end.column)));
        const out: -1 | 1 = -end.side as -1 | 1;
        const neighbour = end.column + out;
        const meets = neighbour >= 0 && neighbour < columns;
        if (row === 0 && meets) {
          // The end that goes to the right passes on top, always.
          path.push([
            (centre(end.column) + centre(neighbour)) / 2 - out * 0.4,
            (y + 0.5) * PITCH - 0.4,
            out > 0 ? 1.2 : -1.2,
          ]);
          path.push([
            (centre(end.column) + centre(neighbour)) / 2 + out * 0.4,
            (y + 0.5) * PITCH + 0.4,
            out > 0 ? 1.2 : -1.2,
          ]);
          end = { ...end, column: neighbour, side: -out as -1 | 1 };
        } else {
          const edgeZ = end.isFront ? -1 : 1;
          path.push([centre(end.column) + out * (HALF + (meets ? 0.6 : 1.5)), (y + 0.5) * PITCH, edgeZ]);
          end = { ...end, side: out };
        }
      }
      period++;
    } while (key(end) !== key(start) && period < 4 * columns);
    strands.push({ name: `W${strands.length + 1}`, periods: period, path });
  }
  const cores = Array.from(
    { length: columns },
    (_, c): DrawnStrand => ({ name: `C${c + 1}`, role: 'core', path: [[centre(c) + 0.35, 0, 0]] }),
  );
  return [...cores, ...strands];
}

export const wideBars: readonly Pattern[] = [2, 3, 4].map((columns) => ({
  id: `wide-bar-${columns}`,
  family: 'Wide Solomon bar',
  shows: ['columns', 'bumps'],
  name: `Wide Solomon bar, ${columns} columns`,
  words:
    'Every column ties half knots round its own core, mirrored from neighbour to neighbour. After every second row the ends that meet between two columns cross, always the same one on top, and go on in the other column.',
  draw: () =>
    draw({
      kind: 'weave',
      id: `wide-bar-${columns}`,
      period: 2 * PITCH,
      rows: 2,
      strands: wideBarStrands(columns),
    }),
  squash: 0.88,
  load: 0,
  difficulty: 3,
  tightens: ['the outer ends', 'the bars between the columns', 'the long ends once more'],
  starts: `${columns + 1} cords hitched side by side; the ends between two columns come from the cords in the middle.`,
  edges: 'Bumps on both outer edges; small crosses between the columns on the back.',
  next: 'All columns start from the side that the last row did not, in the same rhythm.',
  tells: { kind: 'bump', sign: 'last bump of the column at the left', next: 'same' },
  mistakes: [{ mistake: 'a swap left out', looks: 'two columns come apart for a row' }],
  // A half knot on one core has 3 + 2 crossings; every boundary adds one crossing each second row.
  facts: { crossings: 2 * 5 * columns + (columns - 1) },
}));
