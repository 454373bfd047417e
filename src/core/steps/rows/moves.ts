import type { WeaveSpec } from '../../weave/types.ts';
import { cutRows, type RowCut, type StrandPass, type Visit } from './rows.ts';

/**
 * How the maker sees the work: it hangs and grows downwards. The side that lies to the right as drawn is then at the
 * maker's left, unless everything is mirrored.
 */
export interface Frame {
  readonly isMirrored: boolean;
  /** Row of the diagram that is tied first. */
  readonly offset: number;
}

export const shownX = (frame: Frame, x: number): number => (frame.isMirrored ? x : -x);

export type Side = 'left' | 'right';
/** What the sides are called. */
export const SIDE_NAMES: Readonly<Record<Side, string>> = { left: 'left', right: 'right' };

/** What is passed over or under, as the maker names it. */
export type Target =
  | { readonly kind: 'core'; readonly number: number }
  | { readonly kind: 'end'; readonly number: number }
  | { readonly kind: 'own' }
  | { readonly kind: 'last row' }
  /** An edge of the bar that a second pass goes over. */
  | { readonly kind: 'below' };

/** Neighbouring crossings of the same sort: over these, or under these. */
export interface Leg {
  readonly isOver: boolean;
  readonly targets: readonly Target[];
  /** The same, as crossings of the diagram. */
  readonly visits: readonly Visit[];
}

/** One end's way through a row, as far as it meets what already lies there. */
export interface Move {
  readonly pass: StrandPass;
  /** Its number from the left as the row begins, 1 the leftmost. */
  readonly end: number;
  readonly legs: readonly Leg[];
  /** Its number from the left when the row is done. */
  readonly to: number;
  /** Where it comes out, where that is beyond all cores. */
  readonly out: Side | undefined;
}

export interface RowMoves {
  readonly moves: readonly Move[];
  /** Cores and ends in all, for naming them. */
  readonly cores: number;
  readonly ends: number;
  /** Passages by their number from the left as the row begins. */
  readonly order: readonly StrandPass[];
  /** From which side the first end of this row comes. */
  readonly from: Side;
}

/** Working strands in the groups in which they are tied: usually all at once. */
export interface TyingOrder {
  readonly cut: RowCut;
  readonly frame: Frame;
  /** Rows after which the same moves come again. */
  readonly rows: number;
  readonly row: (row: number) => RowMoves;
}

const working = (spec: WeaveSpec): string[] =>
  spec.strands.filter((s) => s.role !== 'core').map((s) => s.name);

/**
 * The rows of a weave as moves. `pass` counts from 0 the times that the piece is worked over, where a weave is tied in
 * more than one; `tiedIn` names the strands of each.
 */
export function movesOf(
  spec: WeaveSpec,
  frame: Frame = { isMirrored: false, offset: 0 },
  tiedIn: readonly (readonly string[])[] = [working(spec)],
  pass = 0,
): TyingOrder | undefined {
  const cut = cutRows(spec, tiedIn[pass]!, tiedIn.slice(0, pass + 1).flat());
  if (!cut || cut.crossings.length === 0) return undefined;
  const cache = new Map<number, RowMoves>();
  return {
    cut,
    frame,
    rows: spec.rows,
    row: (row) => {
      const key = (((row + frame.offset) % cut.rows) + cut.rows) % cut.rows;
      const kept = cache.get(key) ?? rowMoves(cut, frame, key);
      cache.set(key, kept);
      return kept;
    },
  };
}

function rowMoves(cut: RowCut, frame: Frame, row: number): RowMoves {
  const { spec } = cut;
  const passes = cut.passes(row);
  const order = passes.toSorted((a, b) => shownX(frame, a.fromX) - shownX(frame, b.fromX));
  const after = passes.toSorted((a, b) => shownX(frame, a.toX) - shownX(frame, b.toX));
  const cores = coreOrder(spec, frame);
  const movers = moversOf(passes, frame, spec);
  const widest = Math.max(0, ...cores.map((c) => Math.abs(shownX(frame, spec.strands[c]!.path[0]![0]))));
  const moves = movers.map((pass, i): Move => {
    const later = movers.slice(i + 1);
    const x = shownX(frame, pass.toX);
    return {
      pass,
      end: order.indexOf(pass) + 1,
      legs: legsOf(pass, visitsToTell(pass, later), order, cores, spec),
      to: after.indexOf(pass) + 1,
      out: cores.length > 0 && Math.abs(x) > widest ? (x < 0 ? 'left' : 'right') : undefined,
    };
  });
  return {
    moves,
    cores: cores.length,
    ends: passes.length,
    order,
    from: sideOf(movers[0], frame, spec),
  };
}

/** Whether an end starts at the left or the right of what it is tied round: its own cores, or the whole piece. */
function sideOf(pass: StrandPass | undefined, frame: Frame, spec: WeaveSpec): Side {
  if (!pass) return 'left';
  const cores = pass.visits.flatMap((v) => {
    const other = spec.strands[v.other.strand]!;
    return other.role === 'core' ? [shownX(frame, other.path[0]![0])] : [];
  });
  const middle = cores.length > 0 ? cores.reduce((a, b) => a + b, 0) / cores.length : 0;
  return shownX(frame, pass.fromX) > middle ? 'right' : 'left';
}

/** Cores from the left, as the maker sees them. */
const coreOrder = (spec: WeaveSpec, frame: Frame): number[] =>
  spec.strands
    .flatMap((s, i) => (s.role === 'core' ? [i] : []))
    .sort(
      (a, b) => shownX(frame, spec.strands[a]!.path[0]![0]) - shownX(frame, spec.strands[b]!.path[0]![0]),
    );

const same = (p: StrandPass, other: { strand: number; lane: number }) =>
  p.strand === other.strand && p.lane === other.lane;

/** A crossing belongs to the row in which its later cord is tied. */
const isNow = (v: Visit): boolean => v.other.rowsBack <= 0;

/** The fewest ends that between them make every crossing of the row, in the order in which they are laid. */
function moversOf(passes: readonly StrandPass[], frame: Frame, spec: WeaveSpec): StrandPass[] {
  const waiting = new Set(passes.flatMap((p) => p.visits.filter(isNow).map((v) => v.crossing)));
  const chosen: StrandPass[] = [];
  const isCore = (v: Visit) => spec.strands[v.other.strand]!.role === 'core';
  const front = (pass: StrandPass) => {
    const cores = pass.visits.filter(isCore);
    return cores.length > 0 ? cores.filter((v) => v.isOver).length / cores.length : 0;
  };
  const overs = (p: StrandPass) => p.visits.filter((v) => isNow(v) && v.isOver).length;
  // Of two alike the one that is drawn first goes first, so that a mirrored row is mirrored in this, too.
  const start = (p: StrandPass) => -p.fromX;
  while (waiting.size > 0) {
    const open = (p: StrandPass) =>
      new Set(
        p.visits
          .filter(isNow)
          .map((v) => v.crossing)
          .filter((c) => waiting.has(c)),
      ).size;
    const best = passes.toSorted(
      (a, b) =>
        open(b) - open(a) ||
        front(b) - front(a) ||
        overs(b) - overs(a) ||
        Math.abs(b.toX - b.fromX) - Math.abs(a.toX - a.fromX) ||
        start(a) - start(b),
    )[0]!;
    if (open(best) === 0) break;
    for (const v of best.visits) waiting.delete(v.crossing);
    chosen.push(best);
  }
  const column = (pass: StrandPass) => {
    const xs = pass.visits
      .filter(isCore)
      .map((v) => shownX(frame, spec.strands[v.other.strand]!.path[0]![0]));
    return xs.length > 0 ? Math.min(...xs) : shownX(frame, pass.fromX);
  };
  return chosen.sort((a, b) => column(a) - column(b) || front(b) - front(a) || start(a) - start(b));
}

/** What of a passage is told with it: not what later ends of the row lay over it, and of its own loop only the second time. */
function visitsToTell(pass: StrandPass, later: readonly StrandPass[]): Visit[] {
  return pass.visits.filter((v, i) => {
    if (!isNow(v)) return false;
    if (v.other.rowsBack < 0) return true;
    if (same(pass, v.other)) return pass.visits.slice(0, i).some((w) => w.crossing === v.crossing);
    return !later.some((p) => same(p, v.other));
  });
}

function legsOf(
  pass: StrandPass,
  visits: readonly Visit[],
  order: readonly StrandPass[],
  cores: readonly number[],
  spec: WeaveSpec,
): Leg[] {
  const legs: { isOver: boolean; targets: Target[]; visits: Visit[] }[] = [];
  for (const v of visits) {
    const target = targetOf(pass, v, order, cores, spec);
    const last = legs.at(-1);
    if (last && last.isOver === v.isOver) {
      last.targets.push(target);
      last.visits.push(v);
    } else legs.push({ isOver: v.isOver, targets: [target], visits: [v] });
  }
  return legs;
}

function targetOf(
  pass: StrandPass,
  visit: Visit,
  order: readonly StrandPass[],
  cores: readonly number[],
  spec: WeaveSpec,
): Target {
  if (spec.strands[visit.other.strand]!.role === 'core')
    return { kind: 'core', number: cores.indexOf(visit.other.strand) + 1 };
  const number = order.findIndex((p) => same(p, visit.other)) + 1;
  if (number === 0) return { kind: 'below' };
  if (visit.other.rowsBack < 0 && same(pass, visit.other)) return { kind: 'last row' };
  return same(pass, visit.other) ? { kind: 'own' } : { kind: 'end', number };
}
