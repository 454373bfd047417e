/**
 * A ring of L leads (cords met on a line from edge to edge) and B bights on each edge, wound round a mandrel in one
 * direction. Its grid: row r = 0 … L from the left edge to the right one, column c mod 2B in the winding direction. Every
 * (r, c) with 0 < r < L and r + c even is a crossing of one right-going and one left-going half cycle: (L − 1)·B in all.
 */
export interface RingShape {
  readonly leads: number;
  readonly bights: number;
  readonly coding: Coding;
  /** What a right-going half cycle does at row 1; the other letter makes the mirror image. */
  readonly first: Letter;
}

/** O(ver): towards the maker, away from the mandrel. U(nder): towards it. */
export type Letter = 'O' | 'U';

/** Which crossings are alike: N rows of one kind, or N columns. `row1` and `col1` are the plain ring, O1 U1. */
export interface Coding {
  readonly by: 'row' | 'col';
  readonly n: number;
}

export type Way = 'right' | 'left';

/** A bight on the left or the right edge, numbered from 1. */
export interface Bight {
  readonly edge: 'L' | 'R';
  readonly number: number;
}

/** One way from edge to edge, in the order of laying. */
export interface HalfCycle {
  /** 1 … 2B. */
  readonly k: number;
  /** 1 … gcd(L, B). */
  readonly strand: number;
  readonly way: Way;
  readonly from: Bight;
  readonly to: Bight;
  /** The column in which it begins, 0 … 2B − 1. */
  readonly column: number;
}

/** A cord that is met: where, which half cycle is there already, and whether the one in hand goes over it. */
export interface Meeting {
  readonly row: number;
  readonly column: number;
  readonly other: number;
  readonly isOver: boolean;
}

/** Sizes that are worked with at most; a ring beyond them is refused, not left to run for minutes. */
export const MOST_LEADS = 40;
export const MOST_BIGHTS = 200;

export const PLAIN: Coding = { by: 'row', n: 1 };

export const codingName = ({ by, n }: Coding): string => `${by}${n}`;

/** `row2`, `col3`; nothing for anything else. */
export function parseCoding(text: string): Coding | undefined {
  const match = /^(row|col)([1-9])$/.exec(text.trim().toLowerCase());
  return match ? { by: match[1] as Coding['by'], n: Number(match[2]) } : undefined;
}

export const bightName = ({ edge, number }: Bight): string => `${edge}${number}`;

export function gcd(a: number, b: number): number {
  let [x, y] = [a, b];
  while (y > 0) [x, y] = [y, x % y];
  return x;
}

/** How many cords one pass needs. */
export const strandsOf = ({ leads, bights }: Pick<RingShape, 'leads' | 'bights'>): number =>
  gcd(leads, bights);

/** n mod m in 0 … m − 1. */
export const mod = (n: number, m: number): number => ((n % m) + m) % m;
