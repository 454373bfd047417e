import { type DrawnStrand, draw } from '../weave/draw.ts';
import type { Point, WeaveSpec } from '../weave/types.ts';
import type { Pattern } from './types.ts';

/** Rows are drawn three diameters apart, cores two. */
const PITCH = 3;

/** Straight cores side by side; an odd middle one stands a little aside, so that no three strands cross in one point. */
export const coreLines = (count: number, gap = 2): DrawnStrand[] =>
  Array.from({ length: count }, (_, i) => ({
    name: `C${i + 1}`,
    role: 'core',
    path: [[(i - (count - 1) / 2) * gap + (count % 2 === 1 ? 0.3 : 0), 0, 0]],
  }));

/**
 * One end's way through one row: in from the side edge, up to the row's far side, straight across at height `z`
 * while the edges are passed at `edge`, and out on the other side. `dir` +1 runs left to right.
 */
export function halfKnotRun(
  row: number,
  dir: 1 | -1,
  half: number,
  z: number,
  edge: number,
  reach = 1.5,
): Point[] {
  const y = row * PITCH;
  const x = (mm: number) => dir * mm;
  return [
    [x(-half - reach), y - PITCH / 2, edge],
    [x(-half), y + 0.5, edge],
    [x(-half + 0.9), y + 0.5 - 0.45 / half, z],
    [x(half - 0.9), y - 0.5 + 0.45 / half, z],
    [x(half), y - 0.5, edge],
  ];
}

/** Alternating: A always crosses in front, B behind; B closes over A at both edges. */
function alternating(id: string, cores: number, radius = 0.5): WeaveSpec {
  const half = cores + 1;
  const a = [...halfKnotRun(0, 1, half, 1, -1), ...halfKnotRun(1, -1, half, 1, -1)];
  const b = [...halfKnotRun(0, -1, half, -1, 1), ...halfKnotRun(1, 1, half, -1, 1)];
  return draw({
    kind: 'weave',
    id,
    period: 2 * PITCH,
    rows: 2,
    strands: [...coreLines(cores), { name: 'A', radius, path: a }, { name: 'B', radius, path: b }],
  });
}

/** Same side every time: whichever end is at the left crosses in front, so that the two ends are one strand. */
function sameSide(id: string, cores: number): WeaveSpec {
  const half = cores + 1;
  const path = [...halfKnotRun(0, 1, half, 1, -1), ...halfKnotRun(1, -1, half, -1, 1)];
  return draw({
    kind: 'weave',
    id,
    period: PITCH,
    rows: 1,
    turn: 0,
    strands: [...coreLines(cores), { name: 'W', periods: 2, path }],
  });
}

const COMMON = {
  family: 'Solomon bar',
  shows: ['zigzag', 'bumps'],
  squash: 0.88,
  load: 0,
  tightens: ['both ends at once, evenly'],
  starts:
    'A cord hitched at its middle to the first half of the buckle; both ends run to the second half and come back as working ends.',
} as const;

const WORDS =
  'One end crosses over the cores and leaves a bight at its side; the other goes over it, behind the cores and up through that bight.';

/** For c cores each end meets the other three times and every core once a row: 3 + 2c crossings a row. */
export const solomonBars: readonly Pattern[] = [2, 3, 4].map((cores) => ({
  ...COMMON,
  id: cores === 2 ? 'solomon-bar' : `solomon-bar-${cores}`,
  name: cores === 2 ? 'Solomon bar' : `Solomon bar on ${cores} cores`,
  words: `${WORDS} The next row starts from the other side.`,
  draw: () => alternating(cores === 2 ? 'solomon-bar' : `solomon-bar-${cores}`, cores),
  difficulty: 1,
  edges: 'A row of even bumps along each edge, all made by B; one bump for every two rows.',
  next: 'The end that lies under the last bump goes over the cores next.',
  tells: { kind: 'bump', sign: 'last bump', next: 'same' },
  mistakes: [
    {
      kind: 'same-side',
      mistake: 'the same side twice',
      looks: 'the bar starts to twist: two bumps follow each other on one edge',
    },
    { mistake: 'uneven pull', looks: 'one edge bulges and the bar leans to the tighter side' },
    { kind: 'loose', mistake: 'rows not pushed up', looks: 'cores show between the rows' },
  ],
  facts: { crossings: 2 * (3 + 2 * cores), periods: { A: 1, B: 1 } },
}));

export const spiralBar: Pattern = {
  ...COMMON,
  id: 'spiral-bar',
  shows: ['twists', 'round'],
  name: 'Spiral bar',
  words: `${WORDS} Every row starts from the same side, so that the bar winds round its cores.`,
  draw: () => sameSide('spiral-bar', 2),
  difficulty: 1,
  edges: 'The bumps climb round the bar like a stair.',
  next: 'Always the end on the same side as you look at it; turn the work as it winds.',
  mistakes: [
    { kind: 'other-side', mistake: 'the other side once', looks: 'the stair turns back on itself for a row' },
  ],
  facts: { crossings: 7, periods: { W: 2 } },
};

/** A slider's cord over the cords that it holds: two thirds as thick grips and slides best; half and three quarters do. */
const SLIDERS = [
  { id: 'slider-bar', radius: 0.33, cores: 2, words: 'thinner cord' },
  { id: 'slider-bar-half', radius: 0.25, cores: 2, words: 'cord half as thick' },
  { id: 'slider-bar-three-quarters', radius: 0.375, cores: 2, words: 'cord three quarters as thick' },
  { id: 'slider-bar-4', radius: 0.33, cores: 4, words: 'thinner cord over four' },
  { id: 'slider-bar-4-half', radius: 0.25, cores: 4, words: 'cord half as thick over four' },
  {
    id: 'slider-bar-4-three-quarters',
    radius: 0.375,
    cores: 4,
    words: 'cord three quarters as thick over four',
  },
] as const;

export const sliderBars: readonly Pattern[] = SLIDERS.map(({ id, radius, cores, words }) => ({
  ...COMMON,
  id,
  family: 'Square-knot slider',
  use: 'slider',
  name: `Square-knot slider, ${words}`,
  words: `A short Solomon bar in thinner cord over ${cores === 2 ? 'two overlapped cords' : 'the two overlapped cords of both ends'}, which slide in it. ${WORDS}`,
  draw: () => alternating(id, cores, radius),
  difficulty: 1,
  starts: 'The middle of a thin cord laid under the overlapped cords.',
  edges: 'Small bumps on both edges.',
  next: 'The end that lies under the last bump goes over the cords next.',
  mistakes: [{ mistake: 'drawn so hard that nothing slides', looks: 'the cords inside are pinched thin' }],
  // Each end crosses every cord inside and, three times, the other end; two rows.
  facts: { crossings: 2 * (2 * cores + 3), periods: { A: 1, B: 1 } },
}));
