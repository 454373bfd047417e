import { draw } from '../weave/draw.ts';
import { coreLines, halfKnotRun } from './solomonBar.ts';
import type { Pattern } from './types.ts';

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
  draw: () => {
    const run = (row: number, dir: 1 | -1, half: number, z: number, edge: number) =>
      halfKnotRun(row, dir, half, z, edge);
    const shifted = (points: ReturnType<typeof run>) => points.map(([x, y, z]) => [x, y + 1.5, z] as const);
    const inner = 3;
    const outer = 7;
    return draw({
      kind: 'weave',
      id: 'double-bar',
      period: 6,
      rows: 2,
      strands: [
        ...coreLines(2),
        { name: 'A', path: [...run(0, 1, inner, 1, -1), ...run(1, -1, inner, 1, -1)] },
        { name: 'B', path: [...run(0, -1, inner, -1, 1), ...run(1, 1, inner, -1, 1)] },
        { name: 'A2', path: shifted([...run(0, 1, outer, 2.5, -2), ...run(1, -1, outer, 2.5, -2)]) },
        { name: 'B2', path: shifted([...run(0, -1, outer, -2.5, 2), ...run(1, 1, outer, -2.5, 2)]) },
      ],
    });
  },
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
  // Inner bar 14; outer ends 3 with each other and 4 with cores a row; each passes the one bight on either edge.
  tiedIn: [
    ['A', 'B'],
    ['A2', 'B2'],
  ],
  tells: { kind: 'bump', sign: 'last bump', next: 'same' },
  facts: { crossings: 14 + 2 * 3 + 2 * 4 + 2 * 4, periods: { A: 1, B: 1, A2: 1, B2: 1 } },
};
