import { draw } from '../weave/draw.ts';
import type { WeaveSpec } from '../weave/types.ts';
import { coreLines, halfKnotRun } from './solomonBar.ts';
import type { Pattern } from './types.ts';

/** Two layers of half knots over two cores, their ends of this radius (0.5 is the cores' own). */
export function doublePass(id: string, radius: number): WeaveSpec {
  const run = (row: number, dir: 1 | -1, half: number, z: number, edge: number) =>
    halfKnotRun(row, dir, half, z, edge);
  const shifted = (points: ReturnType<typeof run>) => points.map(([x, y, z]) => [x, y + 1.5, z] as const);
  const inner = 3;
  const outer = 7;
  return draw({
    kind: 'weave',
    id,
    period: 6,
    rows: 2,
    strands: [
      ...coreLines(2),
      { name: 'A', radius, path: [...run(0, 1, inner, 1, -1), ...run(1, -1, inner, 1, -1)] },
      { name: 'B', radius, path: [...run(0, -1, inner, -1, 1), ...run(1, 1, inner, -1, 1)] },
      { name: 'A2', radius, path: shifted([...run(0, 1, outer, 2.5, -2), ...run(1, -1, outer, 2.5, -2)]) },
      { name: 'B2', radius, path: shifted([...run(0, -1, outer, -2.5, 2), ...run(1, 1, outer, -2.5, 2)]) },
    ],
  });
}

/** Inner bar 14; outer ends 3 with each other and 4 with cores a row; each passes the one bight on either edge. */
const CROSSINGS = 14 + 2 * 3 + 2 * 4 + 2 * 4;

/**
 * A second Solomon bar over a finished one: the outer ends cross over and under everything between the rows of the
 * inner bar. Drawn half a row on, with the outer edges beyond the inner bumps.
 */
export const doubleBar: Pattern = {
  id: 'double-bar',
  family: 'Solomon bar',
  shows: ['zigzag', 'bumps'],
  name: 'Double-pass bar',
  words:
    'A finished Solomon bar becomes the core of a second one: the ends go back over it, each new row lying between two rows below.',
  draw: () => doublePass('double-bar', 0.5),
  squash: 0.88,
  load: 0,
  difficulty: 2,
  tightens: ['both outer ends at once, evenly'],
  starts: 'The long ends left over from the first bar, or a new cord laid under it at its middle.',
  edges: 'Two rows of bumps, the outer ones wide and round.',
  next: 'As on the first bar: the end under the last bump goes over next.',
  mistakes: [
    { mistake: 'an outer row on top of an inner one', looks: 'the bar grows a lump and the rows lose count' },
  ],
  tiedIn: [
    ['A', 'B'],
    ['A2', 'B2'],
  ],
  tells: { kind: 'bump', sign: 'last bump', next: 'same' },
  facts: { crossings: CROSSINGS, periods: { A: 1, B: 1, A2: 1, B2: 1 } },
};

/** A slider that is gone over twice: thicker, and it keeps its shape where it is pushed to and fro a lot. */
export const doubleSlider: Pattern = {
  ...doubleBar,
  id: 'slider-double',
  family: 'Square-knot slider',
  use: 'slider',
  shows: [],
  name: 'Square-knot slider, double pass',
  words:
    'A short Solomon bar in thinner cord over two overlapped cords, which slide in it; then back over it, each new row between two rows below.',
  draw: () => doublePass('slider-double', 0.33),
  starts: 'The middle of a thin cord laid under the overlapped cords.',
};
