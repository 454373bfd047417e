import { rightOver } from './coding.ts';
import { crossingsOf } from './path.ts';
import { grouped, runList } from './runList.ts';
import { type HalfCycle, type Letter, mod, type RingShape } from './types.ts';

/** A crossing that a half cycle comes to: how many cords are there already, and whether it passes over or under all of them. */
export interface Tuck {
  readonly row: number;
  readonly column: number;
  readonly isOver: boolean;
  readonly count: number;
  /** Whether the pass in hand crosses itself here already. */
  readonly isOwn: boolean;
}

/** A half cycle of one pass: what is tied in one step. */
export interface Lay extends HalfCycle {
  /** Number of the step, 1 … passes × 2B. */
  readonly n: number;
  /** 1 for the pass that is tied first. */
  readonly pass: number;
  /** Which cord abreast, 0 nearest to the left edge. */
  readonly lane: number;
  /** Index of its cord. */
  readonly cord: number;
  /** Crossings with a cord there already, in the order met. */
  readonly tucks: readonly Tuck[];
}

/** Cords abreast, from the left edge on, by the number of each one's cord: [0, 1, 0] is a second colour between two passes of the first. */
export type Lanes = readonly number[];

/** The order in which lanes are tied: all of the first cord, then all of the second… */
export const layOrder = (lanes: Lanes): number[] =>
  lanes.map((_, lane) => lane).sort((a, b) => lanes[a]! - lanes[b]! || a - b);

/**
 * Every half cycle of every pass in the order of laying. The first pass writes the run list; each further one meets all
 * L − 1 crossings of its half cycle, with one cord more where it has been itself.
 */
export function layRing(shape: RingShape, lanes: Lanes): Lay[] {
  const runs = runList(shape);
  return layOrder(lanes).flatMap((lane, done) =>
    runs.map((run): Lay => {
      const own = new Set(run.meets.map((m) => `${m.row},${m.column}`));
      const tucks = crossingsOf(run, shape).flatMap(({ row, column }): Tuck[] => {
        const isOwn = own.has(`${row},${column}`);
        const count = done + (isOwn ? 1 : 0);
        const isOver = rightOver(shape, row, column) === (run.way === 'right');
        return count > 0 ? [{ row, column, isOver, count, isOwn }] : [];
      });
      const { meets: _meets, ...half } = run;
      return { ...half, n: done * runs.length + run.k, pass: done + 1, lane, cord: lanes[lane]!, tucks };
    }),
  );
}

export const tuckLetters = (tucks: readonly Pick<Tuck, 'isOver'>[]): Letter[] =>
  tucks.map((t) => (t.isOver ? 'O' : 'U'));

/** `O3 U3 O2`, or `free` where nothing is met. */
export function layWords({ tucks }: Pick<Lay, 'tucks'>): string {
  const runs = tucksTogether(tucks);
  return runs.length === 0 ? 'free' : runs.map((r) => `${r.letter}${r.count}`).join(' ');
}

/** Tucks with neighbours alike put together, as they are said and shown. */
export const tucksTogether = (
  tucks: readonly Pick<Tuck, 'isOver' | 'count'>[],
): { letter: Letter; count: number }[] =>
  grouped(
    tuckLetters(tucks),
    tucks.map((t) => t.count),
  );

/** Where a pass runs beside those that are there already: beside the one before it, or in the gap between two. */
export function beside(lanes: Lanes, pass: number): { left?: number; right?: number } {
  const order = layOrder(lanes);
  const lane = order[pass - 1]!;
  const laid = order.slice(0, pass - 1);
  const left = laid.filter((l) => l < lane).sort((a, b) => b - a)[0];
  const right = laid.filter((l) => l > lane).sort((a, b) => a - b)[0];
  return {
    ...(left === undefined ? {} : { left: lanes[left]! }),
    ...(right === undefined ? {} : { right: lanes[right]! }),
  };
}

/**
 * How many crossings the ring has when so many steps are done. A half cycle crosses what is at each tuck: of pass q the first
 * comer meets q − 1 cords and the second one q, which makes p² over all passes.
 */
export const crossingsAfter = (lays: readonly Lay[], done: number): number =>
  lays.slice(0, done).reduce((sum, lay) => sum + lay.tucks.reduce((s, t) => s + t.count, 0), 0);

/** Half cycles beside each other two columns apart, and so will be split by one that runs between them. */
export function pairsToSplit(shape: RingShape, laid: readonly HalfCycle[]): [number, number][] {
  const width = 2 * shape.bights;
  const pairs: [number, number][] = [];
  for (const way of ['right', 'left'] as const) {
    const same = laid.filter((h) => h.way === way);
    for (const a of same) {
      const b = same.find((h) => mod(h.column - a.column, width) === 2);
      if (b) pairs.push([a.k, b.k]);
    }
  }
  return pairs;
}
