import { findCrossings, outline } from '../../weave/crossings.ts';
import type { Crossing, WeaveSpec } from '../../weave/types.ts';

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
export interface LaneAt {
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

const mod = (a: number, n: number): number => ((a % n) + n) % n;

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
  const H = spec.period / spec.rows;
  const from = widestGap(spec, paths, found.value, mine, isTied, H);
  const owns = spec.strands.map((s, index): Own[] => {
    const list = mine.flatMap((i): Own[] => {
      const c = found.value[i]!;
      return (['over', 'under'] as const).flatMap((side) => {
        if (c[side].strand !== index) return [];
        const [x, y] = pointAt(paths[index]!, c[side].at);
        const row = s.periods * spec.rows === 1 ? 0 : Math.floor((y - from) / H + 1e-9);
        return [{ at: c[side].at, row, crossing: i, isOver: side === 'over', x }];
      });
    });
    list.sort((a, b) => a.at - b.at);
    // A strand never goes back to a row that it has left.
    return list.map((v, i) => ({ ...v, row: Math.max(...list.slice(0, i + 1).map((w) => w.row)) }));
  });
  const lcm = spec.strands.reduce((n, s) => (n * s.periods) / gcd(n, s.periods), 1);
  return {
    spec,
    crossings: found.value,
    fromY: from,
    below: spec.strands.flatMap((s, i) => (s.role !== 'core' && isThere(i) && !isTied(i) ? [i] : [])),
    rows: lcm * spec.rows,
    passes: (row) =>
      spec.strands.flatMap((s, index) =>
        isTied(index) ? Array.from({ length: s.periods }, (_, lane) => passOf(index, lane, row)) : [],
      ),
  };

  function passOf(index: number, lane: number, row: number): StrandPass {
    const strand = spec.strands[index]!;
    const total = strand.periods * spec.rows;
    const edges = paths[index]!.length - 1;
    const own = row + lane * spec.rows;
    const around = [-1, 0, 1].flatMap((turn) =>
      owns[index]!.map((v) => ({ ...v, turn, row: v.row + turn * total, at: v.at + turn * edges })),
    );
    const target = mod(own, total);
    const here = around.filter((v) => v.row === target);
    const [fromAt, toAt] = [cutAt(around, target, index), cutAt(around, target + 1, index)];
    return {
      strand: index,
      lane,
      fromAt,
      toAt,
      fromX: xAt(index, fromAt),
      toX: xAt(index, toAt),
      rowY: from + target * H,
      visits: here.map((v) => ({
        crossing: v.crossing,
        isOver: v.isOver,
        at: v.at,
        x: v.x,
        other: otherOf(index, lane, v, v.turn + (own - target) / total),
      })),
    };
  }

  /** Between the last crossing of the rows before and the first of this one; where neither is near, at the row's edge. */
  function cutAt(around: readonly Own[], row: number, index: number): number {
    const before = around.filter((v) => v.row < row).at(-1);
    const after = around.find((v) => v.row >= row);
    const edges = paths[index]!.length - 1;
    const y = from + row * H;
    if (before && after) {
      const crossed = crossesY(index, before.at, after.at, y);
      return crossed ?? (before.at + after.at) / 2;
    }
    return (edges * (y - paths[index]![0]![1])) / (spec.strands[index]!.periods * spec.period);
  }

  function crossesY(index: number, a: number, b: number, y: number): number | undefined {
    for (let k = 0; k < 24; k++) {
      const [t0, t1] = [a + ((b - a) * k) / 24, a + ((b - a) * (k + 1)) / 24];
      if (yAt(index, t0) > y || yAt(index, t1) <= y) continue;
      let [lo, hi] = [t0, t1];
      for (let n = 0; n < 40; n++) {
        const middle = (lo + hi) / 2;
        if (yAt(index, middle) <= y) lo = middle;
        else hi = middle;
      }
      return lo;
    }
    return undefined;
  }

  function unrolled(index: number, at: number): readonly [number, number] {
    const edges = paths[index]!.length - 1;
    const turn = Math.floor(at / edges);
    const [x, y] = pointAt(paths[index]!, at - turn * edges);
    return [x, y + turn * spec.strands[index]!.periods * spec.period];
  }
  function xAt(index: number, at: number): number {
    return unrolled(index, at)[0];
  }
  function yAt(index: number, at: number): number {
    return unrolled(index, at)[1];
  }

  /** `turns`: how often the strand has been through all its own periods before this visit. */
  function otherOf(index: number, lane: number, v: Own, turns: number): LaneAt {
    const c = found.ok ? found.value[v.crossing]! : undefined;
    const [mineSide, theirs] = v.isOver ? [c!.over, c!.under] : [c!.under, c!.over];
    const image = v.isOver ? c!.image : -c!.image;
    const strand = theirs.strand;
    const { periods, role } = spec.strands[strand]!;
    const otherLane = mod(lane - image - turns * spec.strands[index]!.periods, periods);
    if (role === 'core') return { strand, lane: 0, rowsBack: 0 };
    const ownRow = (s: number, crossing: number, isOver: boolean) =>
      owns[s]!.find((o) => o.crossing === crossing && o.isOver === isOver)!.row;
    const mineRow = ownRow(mineSide.strand, v.crossing, v.isOver);
    const rows = isTied(strand) ? ownRow(strand, v.crossing, !v.isOver) + image * spec.rows - mineRow : -1;
    return { strand, lane: otherLane, rowsBack: rows };
  }
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

export function pointAt(path: readonly (readonly [number, number])[], at: number): readonly [number, number] {
  const i = Math.max(0, Math.min(path.length - 2, Math.floor(at)));
  const t = at - i;
  const [a, b] = [path[i]!, path[i + 1]!];
  return [a[0] * (1 - t) + b[0] * t, a[1] * (1 - t) + b[1] * t];
}

function widestGap(
  spec: WeaveSpec,
  paths: readonly (readonly (readonly [number, number])[])[],
  crossings: readonly Crossing[],
  mine: readonly number[],
  isTied: (s: number) => boolean,
  H: number,
): number {
  const ys = mine
    .flatMap((i) => [crossings[i]!.over, crossings[i]!.under])
    .filter((v) => isTied(v.strand))
    .map((v) => mod(pointAt(paths[v.strand]!, v.at)[1], H))
    .sort((a, b) => a - b);
  if (ys.length === 0 || spec.strands.length === 0) return -H / 2;
  let [best, width] = [0, -1];
  for (const [i, y] of ys.entries()) {
    const next = i + 1 < ys.length ? ys[i + 1]! : ys[0]! + H;
    if (next - y > width - 0.05) {
      if (next - y > width + 0.05 || next < H + ys[0]! + 1e-9) {
        best = (y + next) / 2;
        width = next - y;
      }
    }
  }
  return best - H * Math.ceil(best / H - 1e-9);
}
