import { draw } from '../weave/draw.ts';
import type { Point } from '../weave/types.ts';
import type { Pattern } from './types.ts';

const STEP = 2.5;
const GAP = 2;

/**
 * n strands; the leftmost goes over ⌊n/2⌋ others to the middle, then the rightmost over ⌈n/2⌉ − 1. That shifts the
 * strands in one cycle of n, so they are one strand that closes after n periods.
 */
function braidPath(n: number): Point[] {
  const x = (place: number) => (place - (n - 1) / 2) * GAP;
  const toMiddle = Math.floor(n / 2);
  const fromRight = Math.ceil(n / 2) - 1;
  const path: Point[] = [];
  let place = 0;
  for (let period = 0; period < n; period++) {
    for (const side of [0, 1]) {
      const y = period * 2 * STEP + side * STEP;
      const moves = side === 0 ? place === 0 : place === n - 1;
      let to = place;
      if (moves) to = side === 0 ? toMiddle : n - 1 - fromRight;
      else if (side === 0 && place <= toMiddle) to = place - 1;
      else if (side === 1 && place >= n - 1 - fromRight) to = place + 1;
      path.push([x(place), y, 0]);
      if (moves) {
        for (const t of [0.08, 0.92]) path.push([x(place) + (x(to) - x(place)) * t, y + STEP * t, 1]);
      }
      place = to;
    }
  }
  return path;
}

export const flatBraids: readonly Pattern[] = [3, 4, 5, 6, 7, 8, 9].map((n) => ({
  id: `flat-braid-${n}`,
  family: 'Flat braid',
  shows: ['braid'],
  name: `Flat braid of ${n}`,
  words: 'The outermost strand goes over to the middle, from the left and from the right by turns.',
  draw: () =>
    draw({
      kind: 'weave',
      id: `flat-braid-${n}`,
      period: 2 * STEP,
      rows: 2,
      strands: [{ name: 'S', periods: n, path: braidPath(n) }],
    }),
  squash: 0.88,
  load: 0,
  difficulty: n <= 4 ? 1 : n <= 6 ? 2 : 3,
  tightens: ['all strands of one side together', 'those of the other side'],
  starts:
    n % 2 === 0
      ? `${n / 2} cords hitched at their middles, side by side.`
      : `${n} ends from one bar, one of them doubled or knotted.`,
  edges: 'A chain of slanting strands; both edges alike when n is odd.',
  next: 'The outermost strand of the side that was not moved last.',
  tells: { kind: 'strand', sign: 'strand that moved last', next: 'other' },
  mistakes: [
    {
      kind: 'same-side',
      mistake: 'the same side twice',
      looks: 'two strands lie the same way beside each other',
    },
    { kind: 'crossing', mistake: 'a strand passed under', looks: 'the slant breaks at one place' },
  ],
  // One strand over ⌊n/2⌋, one over ⌈n/2⌉ − 1: n − 1 crossings.
  facts: { crossings: n - 1, periods: { S: n } },
}));
