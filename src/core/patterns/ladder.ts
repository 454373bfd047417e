import { type DrawnStrand, draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import { coreLines } from './solomonBar.ts';
import type { Pattern } from './types.ts';

/** Plain weave with one end: over and under by turns, every row the opposite of the one before. */
function oneEnd(cores: number): DrawnStrand {
  const x = (i: number) => (i - (cores - 1) / 2) * 2;
  const path: Point[] = [];
  for (const row of [0, 1]) {
    const order = Array.from({ length: cores }, (_, i) => (row === 0 ? i : cores - 1 - i));
    const side = row === 0 ? 1 : -1;
    path.push([-side * (cores + 0.5), row * 1.6 - 0.3, 0]);
    for (const i of order) path.push([x(i), row * 1.6, (i + row) % 2 === 0 ? 1 : -1]);
    path.push([side * (cores + 0.5), row * 1.6 + 0.3, 0]);
  }
  return { name: 'W', path };
}

/**
 * Two ends that swap sides in every row: where the one from the left goes over a core, the one from the right goes
 * under it. `over` says it for the end from the left. As they swap, both are one strand.
 */
function twoEnds(over: readonly boolean[]): DrawnStrand {
  const cores = over.length;
  const x = (i: number) => (i - (cores - 1) / 2) * 2;
  const edge = cores + 0.7;
  const slope = (i: number) => 1.6 * (i / (cores - 1) - 0.5) + 0.06;
  const left = over.map((isOver, i): Point => [x(i), slope(i), isOver ? 1 : -1]);
  const right = over.map((isOver, i): Point => [x(i), 4 - slope(i), isOver ? -1 : 1]).toReversed();
  const path: Point[] = [
    [-edge, -1.3, 0],
    ...left,
    [edge, 1.3, 0],
    [edge, 2.7, 0],
    ...right,
    [-edge, 5.3, 0],
  ];
  return { name: 'W', periods: 2, path };
}

const COMMON = {
  family: 'Ladder weave',
  shows: ['ribs'],
  squash: 0.72,
  load: 1,
  tightens: ['the working end, core by core, from the side that it came from'],
  starts: 'Cores laid side by side over the first bar; the working end or ends begin beside it.',
  mistakes: [
    { kind: 'wrong-core', mistake: 'a core missed', looks: 'two overs lie beside each other in one row' },
    { kind: 'loose', mistake: 'rows not beaten up', looks: 'cores show as rungs between the rows' },
  ],
} as const;

/** Every row meets each core once: 2m crossings in the two rows after which it repeats. */
const single = [3, 4, 5, 6].map(
  (cores): Pattern => ({
    ...COMMON,
    id: `ladder-${cores}`,
    name: `Ladder weave, ${cores} cores`,
    words:
      'One end weaves over and under the cores by turns, and comes back the opposite way. Beat every row up.',
    draw: () =>
      draw({
        kind: 'weave',
        id: `ladder-${cores}`,
        period: 3.2,
        rows: 2,
        strands: [...coreLines(cores), oneEnd(cores)],
      }),
    difficulty: 1,
    edges: cores % 2 === 1 ? 'Both edges turn alike.' : 'One edge turns over, the other under.',
    next: 'Go over the cores that the last row went under.',
    tells: { kind: 'strand', sign: 'working end', next: 'same' },
    facts: { crossings: 2 * cores, periods: { W: 1 } },
  }),
);

const double = [
  { id: 'ladder-two-3', name: 'Ladder weave, 3 cores, two ends', over: [true, false, true] },
  {
    id: 'ladder-two-4',
    name: 'Ladder weave, doubled middle core, two ends',
    over: [true, false, false, true],
  },
  { id: 'ladder-two-5', name: 'Ladder weave, 5 cores, two ends', over: [true, false, true, false, true] },
].map(
  ({ id, name, over }): Pattern => ({
    ...COMMON,
    id,
    name,
    words:
      'In every row two ends swap sides: where the one from the left goes over a core, the one from the right goes under it. Beat every row up.',
    draw: () =>
      draw({ kind: 'weave', id, period: 4, rows: 1, strands: [...coreLines(over.length), twoEnds(over)] }),
    difficulty: 2,
    edges: 'Both edges turn alike; each end turns at both.',
    next: 'Where one end starts over the outermost core the other starts under it, in every row alike.',
    facts: { crossings: 2 * over.length + 1, periods: { W: 2 } },
  }),
);

export const ladders: readonly Pattern[] = [...single, ...double];
