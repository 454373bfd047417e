import { outline } from '../../weave/crossings.ts';
import type { StrandSpec, WeaveSpec } from '../../weave/types.ts';
import { pointAt } from '../rows/paths.ts';
import type { RowCut, StrandPass } from '../rows/rows.ts';

type Letter = 'O' | 'U';

/** A passage through one row by its place: from which slot to which, the way between, and what it meets. */
interface Track {
  readonly from: number;
  to: number;
  points: (readonly [number, number])[];
  visits: { readonly at: number; letter: Letter; readonly crossing: number; readonly isCore: boolean }[];
}

/** What is done wrong in one row of a stretch. */
export type Slip =
  | { readonly kind: 'none' }
  /** The row before is tied once more. */
  | { readonly kind: 'again' }
  /** The row is tied as its mirror image. */
  | { readonly kind: 'mirrored' }
  /** The n-th move passes its first (or last) core on the wrong side. */
  | { readonly kind: 'core'; readonly move: number; readonly which: 'first' | 'last' }
  /** Every core is passed on the side on which the row before passed it. */
  | { readonly kind: 'alike' }
  /** Two ends cross the other way over. */
  | { readonly kind: 'crossing' }
  /** The moving strand stops one short. */
  | { readonly kind: 'short' };

export interface FaultyStretch {
  readonly spec: WeaveSpec;
  /** Slot at which each strand's passages begin, by strand and lane; slots count from the left as drawn. */
  readonly slots: Readonly<Record<string, readonly number[]>>;
  /** Row of the stretch in which the slip is, from 0. */
  readonly row: number;
}

/**
 * A stretch of a weave as a diagram of its own, with a slip in one row: rows are cut out of the weave's diagram and
 * laid below each other, each end going on from the place where the row before left it. Missing where the slip cannot
 * be made in this weave.
 */
export function stretch(
  cut: RowCut,
  slip: Slip,
  length = 6,
  at = Math.floor(length / 2),
): FaultyStretch | undefined {
  const { spec } = cut;
  const R = spec.rows;
  const order = Array.from({ length }, (_, i) => i % R);
  if (slip.kind === 'again' && cut.passes(0).length < 2) return undefined;
  if (slip.kind === 'again') order.splice(at, 0, order[at - 1]!);
  if (slip.kind === 'again' && order.length % R === 0) return undefined;
  const rows = order.map((r) => tracks(cut, r));
  if (!spoil(rows, at, slip)) return undefined;
  return { ...joinPasses(spec, rows), row: slip.kind === 'none' ? -1 : at };
}

function tracks(cut: RowCut, row: number): Track[] {
  const { spec } = cut;
  const passes = cut.passes(row);
  const enter = passes.toSorted((a, b) => a.fromX - b.fromX);
  const leave = passes.toSorted((a, b) => a.toX - b.toX);
  return enter.map((pass, from) => ({
    from,
    to: leave.indexOf(pass),
    points: walk(pass, spec),
    visits: pass.visits.map((v) => ({
      at: v.at,
      letter: v.isOver ? 'O' : 'U',
      crossing: v.crossing,
      isCore: spec.strands[v.other.strand]!.role === 'core',
    })),
  }));
}

/** Way-points of a passage within its row, its start and end with it; y from the row's start. */
function walk(pass: StrandPass, spec: WeaveSpec): [number, number][] {
  const strand = spec.strands[pass.strand]!;
  const path = outline(strand, spec);
  const edges = path.length - 1;
  const place = (at: number): [number, number] => {
    const turn = Math.floor(at / edges);
    const [x, y] = pointAt(path, at - turn * edges);
    return [x, y + turn * strand.periods * spec.period - pass.rowY];
  };
  const out = [place(pass.fromAt)];
  for (let i = Math.floor(pass.fromAt) + 1; i < pass.toAt; i++) out.push(place(i));
  out.push(place(pass.toAt));
  return out;
}

const opposite = (letter: Letter): Letter => (letter === 'O' ? 'U' : 'O');

function spoil(rows: Track[][], at: number, slip: Slip): boolean {
  const row = rows[at]!;
  const slots = row.length;
  switch (slip.kind) {
    case 'none':
    case 'again':
      return true;
    case 'mirrored':
      rows[at] = row.map((t) => ({
        ...t,
        from: slots - 1 - t.from,
        to: slots - 1 - t.to,
        points: t.points.map(([x, y]) => [-x, y] as const),
      }));
      return slots > 1;
    case 'core': {
      const withCores = row.filter((t) => t.visits.some((v) => v.isCore));
      // The end that lies mostly over the cores moves first.
      const sorted = withCores.toSorted((a, b) => overs(b) - overs(a));
      const cores = sorted[slip.move]?.visits.filter((v) => v.isCore) ?? [];
      const visit = slip.which === 'first' ? cores[0] : cores.at(-1);
      if (!visit || cores.length < 2) return false;
      visit.letter = opposite(visit.letter);
      return true;
    }
    case 'alike':
      if (row.length > 1) return false;
      for (const v of row[0]!.visits) v.letter = opposite(v.letter);
      return row[0]!.visits.every((v) => v.isCore);
    case 'crossing': {
      const last = row.flatMap((t) => t.visits.filter((v) => !v.isCore && meets(row, v.crossing))).at(-1);
      if (!last) return false;
      for (const t of row)
        for (const v of t.visits) if (v.crossing === last.crossing) v.letter = opposite(v.letter);
      return true;
    }
    case 'short':
      return stopShort(row);
  }
}

const overs = (t: Track): number => t.visits.filter((v) => v.isCore && v.letter === 'O').length;

/** Both ends of a crossing lie in this row. */
const meets = (row: readonly Track[], crossing: number): boolean =>
  row.reduce((n, t) => n + t.visits.filter((v) => v.crossing === crossing).length, 0) === 2;

/** Beyond its last crossing the mover and the strand that it would have crossed change places, so that they do not cross. */
function stopShort(row: Track[]): boolean {
  if (row.some((t) => t.visits.some((v) => v.isCore))) return false;
  const mover = row.toSorted((a, b) => b.visits.length - a.visits.length)[0];
  const last = mover?.visits.at(-1);
  if (!mover || !last || mover.visits.length < 2) return false;
  const other = row.find((t) => t !== mover && t.visits.some((v) => v.crossing === last.crossing));
  if (other?.visits.length !== 1) return false;
  mover.visits = mover.visits.slice(0, -1);
  other.visits = [];
  [mover.to, other.to] = [other.to, mover.to];
  // The strand that is not crossed runs on where the mover would have come to lie, beside it.
  const [m, o] = [mover.points, other.points];
  const [mEnd, oEnd] = [m.at(-1)!, o.at(-1)!];
  const keep = Math.max(1, m.length - 2);
  mover.points = [...m.slice(0, keep), [oEnd[0], oEnd[1] - 0.3], oEnd];
  other.points = [o[0]!, [mEnd[0], o[0]![1] + 0.3], mEnd];
  return true;
}

/** Follows every end from slot to slot and writes the strands down. */
function joinPasses(spec: WeaveSpec, rows: readonly Track[][]): Pick<FaultyStretch, 'spec' | 'slots'> {
  const H = spec.period / spec.rows;
  const count = rows[0]!.length;
  const strands: StrandSpec[] = spec.strands
    .filter((s) => s.role === 'core')
    .map((s) => ({ ...s, periods: 1 }));
  const like = spec.strands.find((s) => s.role !== 'core')!;
  const slots: Record<string, number[]> = {};
  const seen = new Set<number>();
  for (let start = 0; start < count; start++) {
    if (seen.has(start)) continue;
    const path: [number, number][] = [];
    const begins: number[] = [];
    let word = '';
    let slot = start;
    let turn = 0;
    do {
      seen.add(slot);
      begins.push(slot);
      for (const [i, row] of rows.entries()) {
        const t = row.find((x) => x.from === slot)!;
        for (const [x, y] of t.points) add(path, [x, y + (turn * rows.length + i) * H]);
        word += t.visits.map((v) => v.letter).join('');
        slot = t.to;
      }
      turn++;
    } while (slot !== start && turn <= count);
    // The last point is the first one, so many periods on.
    path.pop();
    const name = `E${start + 1}`;
    slots[name] = begins;
    strands.push({ ...like, name, periods: turn, path, word });
  }
  return {
    slots,
    spec: {
      ...spec,
      id: `${spec.id}-stretch`,
      period: rows.length * H,
      rows: rows.length,
      strands: strands.map((s, i) => ({ ...s, line: i + 2 })),
    },
  };
}

function add(path: [number, number][], [x, y]: readonly [number, number]): void {
  const last = path.at(-1);
  if (last && Math.hypot(last[0] - x, last[1] - y) < 1e-3) return;
  path.push([Math.round(x * 1e4) / 1e4, Math.round(y * 1e4) / 1e4]);
}
