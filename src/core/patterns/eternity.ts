import { notated } from './notated.ts';
import type { Pattern } from './types.ts';

/**
 * One cord: a loop, a bight of the standing part up through it; the end through the bight under its right leg and over its
 * left, round above it, and up through the loop that is twisted by half a turn. Lower edge over two legs 2, upper edge under
 * two legs 2, loop closed 1, twist 1, end through the twisted loop 2, end through the bight 2: 10, all with itself.
 */
const ONE = `open eternity
work S: -1.5,-12 -1.4,-4 -1.4,-2 -1.4,1 -1.6,4 -2,6 -1.6,9 1.6,9 2,6 1.6,4 1.4,1 1.4,-2 1.6,-4.6 3.2,-5 4.6,-2.4 4.4,1.6 2.4,3.2 -2.4,3 -4.4,1 -4.2,-2 -2.4,-2.9 2.4,-3.1 5.6,-3.2 7.2,-1.8 8,1 9.2,4.2 12,4.6 14.2,2 12,-1 9.4,-0.6 7.4,2.2 5,5.6 2,6.2 -2,6.9 -4.6,7.6 -4.6,10 -2,11.4 8,11 11,7 11.2,4.6 11,1.6 10.8,-0.9 11,-3.4 14,-4 17,-1 17,8 14,12 5,13.5 2,15 2,20 | UOUOO UUUUO OOUOU OUOUO`;

/**
 * Two colours: each cord lies in a figure of eight on its side, the other is the same turned by half in the plane and laid into
 * it, over and under by turns. Each with itself 3, with the other 10: 16.
 */
const TWO = `open eternity-two
work A: 0,-15 0,8.25 10.5,8.25 10.5,-3 -7.5,-3 -7.5,4.5 3.3,4.5 3.3,18 | UOUOU OUOUO UOUOU O
work B: 6.6,18 6.6,-5.25 -3.9,-5.25 -3.9,6 14.1,6 14.1,-1.5 3.3,-1.5 3.3,-15 | UOUOU OUOUO UOUOU O`;

const COMMON = {
  family: 'Knots',
  isFocal: true,
  squash: 1,
  load: 0,
  patience: 6,
  edges: '',
  next: '',
} as const;

export const eternities: readonly Pattern[] = [
  {
    ...COMMON,
    id: 'eternity',
    name: 'Eternity knot',
    words:
      'Make a loop, end over standing part, and pull a bight of the standing part up through it. The end goes into the bight under its right leg and over its left; twist the loop beside it by half a turn, and bring the end round above and up through it.',
    draw: () => notated(ONE),
    difficulty: 4,
    starts: 'In the middle of a plain band, with one cord.',
    mistakes: [
      {
        mistake: 'the loop twisted the other way, the end up through it all the same',
        looks: 'it falls apart: pulled at both ends it is plain cord again',
      },
    ],
    facts: { crossings: 10 },
  },
  {
    ...COMMON,
    id: 'eternity-two',
    name: 'Eternity knot, two colours',
    words:
      'Lay one cord in a figure of eight on its side. Lay the other, coming from the opposite end, into it, over and under by turns. Draw both down evenly: it is a flat mat.',
    draw: () => notated(TWO),
    difficulty: 4,
    starts: 'In the middle of a plain band, one cord from each side.',
    mistakes: [
      {
        kind: 'crossing',
        mistake: 'the second cord over two parts at once',
        looks: 'a compact lump with a straight bar across, not a flat mat',
      },
    ],
    facts: { crossings: 16 },
  },
];
