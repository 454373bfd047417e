import { type Coding, type Letter, mod, type RingShape } from './types.ts';

/**
 * Whether the right-going half cycle is on top in a crossing. The left-going one is under it there, so no coding can
 * contradict itself. Row coding: ⌈r/N⌉ odd; column coding: ⌈c/N⌉ odd with c in 1 … 2B; `first` U turns every crossing.
 */
export function rightOver({ coding, bights, first }: RingShape, row: number, column: number): boolean {
  const at = coding.by === 'row' ? row : mod(column - 1, 2 * bights) + 1;
  return (Math.ceil(at / coding.n) % 2 === 1) === (first === 'O');
}

/** The row word of right-going half cycles, w(1) … w(L − 1); only where the coding is by rows. */
export const rowWord = (shape: RingShape): Letter[] =>
  Array.from({ length: shape.leads - 1 }, (_, i) => (rightOver(shape, i + 1, i + 1) ? 'O' : 'U'));

export const turned = (letter: Letter): Letter => (letter === 'O' ? 'U' : 'O');

/** Plain, or what the two ways of coding are called by the number of rows or columns of one kind. */
export function codingWords({ by, n }: Coding): string {
  if (n === 1) return 'plain';
  if (by === 'row') return n === 2 ? 'gaucho, over two and under two' : `gaucho, over ${n} and under ${n}`;
  return `herringbone, ${n} columns of one kind`;
}

/** Over and under by turns at every crossing, in both directions and through every bight. */
export const isPlain = ({ n }: Coding): boolean => n === 1;

/** Both directions read the same word where (L − 1)/N is an even whole number. */
export const readsBothWays = ({ leads, coding }: RingShape): boolean =>
  coding.by === 'row' && (leads - 1) % (2 * coding.n) === 0;
