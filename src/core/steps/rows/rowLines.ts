import { outline } from '../../weave/crossings.ts';
import type { Point } from '../../weave/types.ts';
import { shownX, type TyingOrder } from './moves.ts';
import { pointAt } from './paths.ts';
import type { StrandPass } from './rows.ts';

/** Height of a cord at a crossing of the loose picture, in diameters; as where the engine starts from. */
const LIFT = 0.75;

/** Across, down and towards the eye, in cord diameters, as the work hangs. */
/** A passage's way through its row: way-points and crossings, lifted over and under. */
export function walk(pass: StrandPass, { cut, frame }: TyingOrder): Point[] {
  const strand = cut.spec.strands[pass.strand]!;
  const path = outline(strand, cut.spec);
  const edges = path.length - 1;
  const along = strand.periods * cut.spec.period;
  const ats = new Map<number, number | undefined>([
    [pass.fromAt, 0],
    [pass.toAt, 0],
  ]);
  for (let i = Math.ceil(pass.fromAt + 0.02); i < pass.toAt - 0.02; i++) ats.set(i, undefined);
  for (const v of pass.visits) ats.set(v.at, v.isOver ? LIFT : -LIFT);
  const sorted = [...ats].sort((a, b) => a[0] - b[0]);
  return sorted.map(([at, z], i): Point => {
    const turn = Math.floor(at / edges);
    const [x, y] = pointAt(path, at - turn * edges);
    return [shownX(frame, x), y + turn * along - pass.rowY, z ?? between(sorted, i)];
  });
}

/** A strand of the pass before, as it lies under this row: period after period, as far as the picture reaches. */
export function finishedLine(
  { cut, frame }: TyingOrder,
  index: number,
  row: number,
  [top, bottom]: readonly [number, number],
): Point[] {
  const { spec } = cut;
  const strand = spec.strands[index]!;
  const path = outline(strand, spec);
  const along = strand.periods * spec.period;
  const ats = new Map<number, number | undefined>(path.slice(0, -1).map((_, i) => [i, undefined]));
  for (const c of cut.crossings) {
    if (c.over.strand === index) ats.set(c.over.at, LIFT);
    if (c.under.strand === index) ats.set(c.under.at, -LIFT);
  }
  const one = [...ats].sort((a, b) => a[0] - b[0]);
  const edges = path.length - 1;
  const all = [-1, 0, 1, 2].flatMap((turn) => one.map(([at, z]) => [at + turn * edges, z] as const));
  const first = all.findIndex((p) => p[1] !== undefined);
  const last = all.findLastIndex((p) => p[1] !== undefined);
  const known = all.slice(first, last + 1);
  const start =
    cut.fromY + ((((row + frame.offset) % spec.rows) + spec.rows) % spec.rows) * (spec.period / spec.rows);
  const points = known.map(([at, z], i): Point => {
    const turn = Math.floor(at / edges);
    const [x, y] = pointAt(path, at - turn * edges);
    return [shownX(frame, x), y + turn * along - start, z ?? between(known, i)];
  });
  const begin = points.findIndex((p) => p[1] > top - 1);
  const end = points.findIndex((p, i) => i > begin && p[1] > bottom);
  return points.slice(begin, end < 0 ? undefined : end);
}

/** Height between the crossings on either side. */
function between(all: readonly (readonly [number, number | undefined])[], i: number): number {
  let [a, b] = [i, i];
  while (all[a]![1] === undefined) a--;
  while (all[b]![1] === undefined) b++;
  const [p, q] = [all[a]!, all[b]!];
  return p[1]! + ((q[1]! - p[1]!) * (all[i]![0] - p[0])) / (q[0] - p[0]);
}

export function bottomY(order: readonly StrandPass[], tying: TyingOrder): number {
  return Math.max(...order.map((p) => walk(p, tying).at(-1)![1]));
}

/** An end goes on, outwards and down. */
export function tail([x, y, z]: Point, isDone: boolean, base: number, count: number): Point[] {
  const out = count === 2 || Math.abs(x) > 1.5 ? Math.sign(x) : 0;
  const down = isDone ? Math.max(base, y) + 1.6 : y + 1.8;
  return [
    [x + out * 0.5, (y + down) / 2, z * 0.5],
    [x + out * 0.7, down, 0],
  ];
}
