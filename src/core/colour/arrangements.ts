import type { SolvedWeave } from '../patterns/types.ts';
import { difference } from './apart.ts';
import { type Face, faceShares } from './faces.ts';
import { lanesOfWeave, type WeaveLane } from './lanes.ts';
import type { CordColour } from './palette.ts';
import { groupOf, symmetries } from './symmetry.ts';

/** Which cord each of some lanes is made of: index into the cords, lane by lane. */
type Assignment = readonly number[];

/** More than this are counted, not listed. */
const MOST_LISTED = 400;
/** Assignments that are looked through at most. */
const MOST_TRIED = 300_000;

/** How many distinct ways there are to colour positions with up to k cords (Burnside's lemma): the mean of k^cycles. */
export function countUpTo(group: readonly (readonly number[])[], k: number): number {
  return group.reduce((sum, g) => sum + k ** cycles(g), 0) / group.length;
}

/** Those that use every one of k cords, by inclusion and exclusion. */
export function countUsingAll(group: readonly (readonly number[])[], k: number): number {
  let total = 0;
  let choose = 1;
  for (let left = 0; left <= k; left++) {
    total += (left % 2 === 0 ? 1 : -1) * choose * countUpTo(group, k - left);
    choose = (choose * (k - left)) / (left + 1);
  }
  return total;
}

function cycles(permutation: readonly number[]): number {
  const seen = new Set<number>();
  let count = 0;
  for (let i = 0; i < permutation.length; i++) {
    if (seen.has(i)) continue;
    count++;
    for (let j = i; !seen.has(j); j = permutation[j]!) seen.add(j);
  }
  return count;
}

/** The group's action on some of the lanes only, each way once. Lanes of one role go to lanes of that role. */
export function restrict(group: readonly (readonly number[])[], positions: readonly number[]): number[][] {
  const place = new Map(positions.map((p, i) => [p, i]));
  const seen = new Map<string, number[]>();
  for (const g of group) {
    const part = positions.map((p) => place.get(g[p]!)!);
    seen.set(part.join(), part);
  }
  return [...seen.values()];
}

/** One assignment of each kind that uses all k cords: the first in order of those that are the same band. */
export function distinct(
  group: readonly (readonly number[])[],
  n: number,
  k: number,
  most = MOST_LISTED,
): Assignment[] {
  const out: number[][] = [];
  const tries = Math.min(k ** n, MOST_TRIED);
  for (let code = 0; code < tries && out.length < most; code++) {
    const a = digits(code, n, k);
    if (new Set(a).size === k && isFirst(a, group)) out.push(a);
  }
  return out;
}

function digits(code: number, n: number, k: number): number[] {
  const out = new Array<number>(n);
  let rest = code;
  for (let i = n - 1; i >= 0; i--) {
    out[i] = rest % k;
    rest = Math.floor(rest / k);
  }
  return out;
}

function isFirst(a: readonly number[], group: readonly (readonly number[])[]): boolean {
  for (const g of group) {
    for (let i = 0; i < a.length; i++) {
      const moved = a[g[i]!]!;
      if (moved > a[i]!) break;
      if (moved < a[i]!) return false;
    }
  }
  return true;
}

/** One way to lay the cords, with what each face shows of each. */
export interface Arrangement {
  readonly assignment: Assignment;
  /** Cord of every lane of the weave by key, cores included. */
  readonly strands: Readonly<Record<string, number>>;
  /** Share of each cord on a face; adds up to 1. */
  readonly shares: Readonly<Record<Face, readonly number[]>>;
  /** 1 when all cords show alike on the front, 0 when one covers it. */
  readonly balance: number;
  /** Mean difference of colour (ΔE/100) of two places picked at random on the front. */
  readonly contrast: number;
}

export interface Gallery {
  readonly lanes: readonly WeaveLane[];
  /** How many there are, counted by Burnside's lemma; more than are listed if there are many. */
  readonly total: number;
  readonly symmetries: number;
  readonly items: readonly Arrangement[];
}

const FACES: readonly Face[] = ['front', 'back', 'left', 'right'];

/**
 * Every distinct way to lay k cords as the working strands of a weave (with `cores`, as its cores, too), up to the weave's own
 * symmetry. Cores that take no part are all of the last cord.
 */
export function gallery(
  solved: SolvedWeave,
  colours: readonly CordColour[],
  isWithCores = false,
  most = MOST_LISTED,
): Gallery {
  const lanes = lanesOfWeave(solved);
  const positions = lanes.flatMap((l, i) => (isWithCores || !l.isCore ? [i] : []));
  const group = restrict(groupOf(symmetries(solved), solved), positions);
  const k = Math.min(colours.length, positions.length);
  const shown = laneShares(solved, lanes);
  const items = distinct(group, positions.length, k, most).map((assignment): Arrangement => {
    const cordOf = lanes.map((_, i) => {
      const at = positions.indexOf(i);
      return at < 0 ? k - 1 : assignment[at]!;
    });
    return {
      assignment,
      strands: Object.fromEntries(lanes.map((l, i) => [l.key, cordOf[i]!])),
      ...looks(shown, cordOf, colours),
    };
  });
  return { lanes, total: countUsingAll(group, k), symmetries: group.length, items };
}

/** What each face shows of every lane. The lanes of one strand change places from period to period and show alike. */
export function laneShares(solved: SolvedWeave, lanes: readonly WeaveLane[]): Record<Face, number[]> {
  const periods = new Map(solved.strands.map((s) => [s.name, s.periods]));
  const of = (face: Face) => {
    const { shares } = faceShares(solved, face);
    return lanes.map((l) => shares[l.strand]! / periods.get(l.strand)!);
  };
  return Object.fromEntries(FACES.map((face) => [face, of(face)])) as Record<Face, number[]>;
}

/** Shares by cord, and what follows from them, for one laying of the cords. */
export function looks(
  lanes: Readonly<Record<Face, readonly number[]>>,
  cordOf: readonly number[],
  colours: readonly CordColour[],
): Pick<Arrangement, 'shares' | 'balance' | 'contrast'> {
  const byCord = (face: Face) =>
    colours.map((_, c) => lanes[face].reduce((sum, share, i) => sum + (cordOf[i] === c ? share : 0), 0));
  const shares = Object.fromEntries(FACES.map((face) => [face, byCord(face)])) as Record<Face, number[]>;
  const front = shares.front;
  let contrast = 0;
  for (let i = 0; i < colours.length; i++)
    for (let j = 0; j < colours.length; j++)
      contrast += (front[i]! * front[j]! * difference(colours[i]!.base, colours[j]!.base)) / 100;
  return { shares, balance: 1 - (Math.max(...front) - Math.min(...front)), contrast };
}
