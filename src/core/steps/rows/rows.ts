import { findCrossings, outline } from '../../weave/crossings.ts';
import type { Crossing, WeaveSpec } from '../../weave/types.ts';
import { crossesY, type Endless, mod, type Path, pointAt, unrolledAt, widestGap } from './paths.ts';

/** A strand meets another (or itself) on its way through one row. */
export interface Visit {
  /** Index into the diagram's crossings. */
  readonly crossing: number;
  readonly isOver: boolean;
  /** Arc parameter along the strand's own outline, unrolled: it may lie before 0 or beyond its edges. */
  readonly at: number;
  readonly other: LaneAt;
  /** Place across the piece as drawn, in cord diameters. */
  readonly x: number;
}

/** One passage of a strand, and how many rows ago (0 or less) it was laid there. */
interface LaneAt {
  readonly strand: number;
  readonly lane: number;
  readonly rowsBack: number;
}

/** What one passage of a strand does within one row. */
export interface StrandPass {
  readonly strand: number;
  readonly lane: number;
  /** Every crossing on its way through the row, in the order of travel. */
  readonly visits: readonly Visit[];
  /** Arc parameters between which the row lies; unrolled. */
  readonly fromAt: number;
  readonly toAt: number;
  readonly fromX: number;
  readonly toX: number;
  /** Start of the row along the strand's own outline, so that passages can be laid side by side. */
  readonly rowY: number;
}

/** The rows of a diagram, cut apart. */
export interface RowCut {
  readonly spec: WeaveSpec;
  readonly crossings: readonly Crossing[];
  /** Where row 0 begins along the diagram. */
  readonly fromY: number;
  /** Working strands of an earlier pass, which lie there finished; indices into the strands. */
  readonly below: readonly number[];
  /** Rows after which every passage does the same again, at the same place. */
  readonly rows: number;
  /** Passages of working strands in a row, by its number from 0; any number wraps round. */
  readonly passes: (row: number) => readonly StrandPass[];
}

interface Own {
  readonly at: number;
  readonly row: number;
  readonly crossing: number;
  readonly isOver: boolean;
  readonly x: number;
}

/** A visit, and how often the strand has been through all its own periods before it. */
interface Turned extends Own {
  readonly turn: number;
}

/** A diagram as it is cut into rows. */
interface Base {
  readonly spec: WeaveSpec;
  readonly crossings: readonly Crossing[];
  readonly paths: readonly Path[];
  readonly isTied: (strand: number) => boolean;
  /** Where row 0 begins, and how high a row is. */
  readonly from: number;
  readonly height: number;
}

/** A diagram with what each strand meets on its way, by rows. */
interface Diagram extends Base {
  /** Visits of each strand over its own periods, those before and those after, in the order of travel. */
  readonly around: readonly (readonly Turned[])[];
  /** Row in which each crossing is met by the strand on top and by the one below, in their own first periods. */
  readonly overRow: readonly (number | undefined)[];
  readonly underRow: readonly (number | undefined)[];
}

/**
 * Cuts a weave's diagram into rows. The cut lies where the strands, looked at along the piece, have their widest gap
 * without a crossing, the later one of two alike. `tied` names the working strands that are tied in this pass (a second
 * pass goes over a finished first one); crossings with strands of later passes are not there yet.
 */
export function cutRows(
  spec: WeaveSpec,
  tied: readonly string[],
  present: readonly string[] = tied,
): RowCut | undefined {
  const found = findCrossings(spec);
  if (!found.ok) return undefined;
  const isThere = (s: number) => spec.strands[s]!.role === 'core' || present.includes(spec.strands[s]!.name);
  const isTied = (s: number) => tied.includes(spec.strands[s]!.name);
  const mine = found.value.flatMap((c, i) =>
    isThere(c.over.strand) && isThere(c.under.strand) && (isTied(c.over.strand) || isTied(c.under.strand))
      ? [i]
      : [],
  );
  const paths = spec.strands.map((s) => outline(s, spec));
  const height = spec.period / spec.rows;
  const from = widestGap(spec, paths, found.value, mine, isTied, height);
  const base = { spec, crossings: found.value, paths, isTied, from, height };
  const owns = spec.strands.map((_, index) => ownVisits(base, mine, index));
  const rowsOf = (isOver: boolean) => {
    const rows: (number | undefined)[] = found.value.map(() => undefined);
    for (const own of owns.flat()) if (own.isOver === isOver) rows[own.crossing] ??= own.row;
    return rows;
  };
  const around = owns.map((list, index) => aroundOf(base, list, index));
  const diagram: Diagram = { ...base, around, overRow: rowsOf(true), underRow: rowsOf(false) };
  const lcm = spec.strands.reduce((n, s) => (n * s.periods) / gcd(n, s.periods), 1);
  return {
    spec,
    crossings: found.value,
    fromY: from,
    below: spec.strands.flatMap((s, i) => (s.role !== 'core' && isThere(i) && !isTied(i) ? [i] : [])),
    rows: lcm * spec.rows,
    passes: (row) =>
      spec.strands.flatMap((s, index) =>
        isTied(index)
          ? Array.from({ length: s.periods }, (_, lane) => passOf(diagram, index, lane, row))
          : [],
      ),
  };
}

/** What one strand meets over its own periods, in the order of travel, each with the row in which it does. */
function ownVisits(
  { spec, crossings, paths, from, height }: Base,
  mine: readonly number[],
  index: number,
): Own[] {
  const strand = spec.strands[index]!;
  const list = mine.flatMap((i): Own[] => {
    const c = crossings[i]!;
    return (['over', 'under'] as const).flatMap((side) => {
      if (c[side].strand !== index) return [];
      const [x, y] = pointAt(paths[index]!, c[side].at);
      const row = strand.periods * spec.rows === 1 ? 0 : Math.floor((y - from) / height + 1e-9);
      return [{ at: c[side].at, row, crossing: i, isOver: side === 'over', x }];
    });
  });
  list.sort((a, b) => a.at - b.at);
  // A strand never goes back to a row that it has left.
  let last = Number.NEGATIVE_INFINITY;
  return list.map((v) => {
    last = Math.max(last, v.row);
    return { ...v, row: last };
  });
}

/** The visits of a strand, and the same once before and once after its own periods. */
function aroundOf({ spec, paths }: Base, own: readonly Own[], index: number): Turned[] {
  const total = spec.strands[index]!.periods * spec.rows;
  const edges = paths[index]!.length - 1;
  return [-1, 0, 1].flatMap((turn) =>
    own.map((v) => ({ ...v, turn, row: v.row + turn * total, at: v.at + turn * edges })),
  );
}

const endlessOf = ({ paths, spec }: Base, index: number): Endless => ({
  path: paths[index]!,
  lengthY: spec.strands[index]!.periods * spec.period,
});

function passOf(diagram: Diagram, index: number, lane: number, row: number): StrandPass {
  const { spec, from, height } = diagram;
  const total = spec.strands[index]!.periods * spec.rows;
  const own = row + lane * spec.rows;
  const around = diagram.around[index]!;
  const target = mod(own, total);
  const [fromAt, toAt] = [cutAt(diagram, around, target, index), cutAt(diagram, around, target + 1, index)];
  const xAt = (at: number) => unrolledAt(endlessOf(diagram, index), at)[0];
  return {
    strand: index,
    lane,
    fromAt,
    toAt,
    fromX: xAt(fromAt),
    toX: xAt(toAt),
    rowY: from + target * height,
    visits: around
      .filter((v) => v.row === target)
      .map((v) => ({
        crossing: v.crossing,
        isOver: v.isOver,
        at: v.at,
        x: v.x,
        other: otherOf(diagram, index, lane, v, v.turn + (own - target) / total),
      })),
  };
}

/** Between the last crossing of the rows before and the first of this one; where neither is near, at the row's edge. */
function cutAt(diagram: Diagram, around: readonly Own[], row: number, index: number): number {
  const endless = endlessOf(diagram, index);
  const before = around.findLast((v) => v.row < row);
  const after = around.find((v) => v.row >= row);
  const y = diagram.from + row * diagram.height;
  if (before && after) return crossesY(endless, before.at, after.at, y) ?? (before.at + after.at) / 2;
  const { path, lengthY } = endless;
  return ((path.length - 1) * (y - path[0]![1])) / lengthY;
}

/** The passage that is met. `turns`: how often the strand has been through all its own periods before this visit. */
function otherOf(
  { spec, crossings, overRow, underRow, isTied }: Diagram,
  index: number,
  lane: number,
  visit: Own,
  turns: number,
): LaneAt {
  const c = crossings[visit.crossing]!;
  const theirs = visit.isOver ? c.under : c.over;
  const image = visit.isOver ? c.image : -c.image;
  const { strand } = theirs;
  const { periods, role } = spec.strands[strand]!;
  if (role === 'core') return { strand, lane: 0, rowsBack: 0 };
  const rowOf = (isOver: boolean) => (isOver ? overRow : underRow)[visit.crossing]!;
  return {
    strand,
    lane: mod(lane - image - turns * spec.strands[index]!.periods, periods),
    rowsBack: isTied(strand) ? rowOf(!visit.isOver) + image * spec.rows - rowOf(visit.isOver) : -1,
  };
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
