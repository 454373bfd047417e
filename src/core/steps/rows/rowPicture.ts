import type { CordColour } from '../../colour/palette.ts';
import { paintTubes } from '../../drawing/paint.ts';
import type { Scene } from '../../drawing/shape.ts';
import { smoothTube, type Tube } from '../../drawing/tubes.ts';
import type { Point } from '../../weave/types.ts';
import { shownX, type TyingOrder } from './moves.ts';
import { arrow, MAT, quiet } from './moving.ts';
import { bottomY, finishedLine, tail, walk } from './rowLines.ts';
import type { StrandPass } from './rows.ts';

const PAD = 1.1;

interface RowPicture {
  readonly scene: Scene;
  /** Numbers of the ends where they wait, as the words name them; in mm of the scene. */
  readonly labels: readonly { readonly text: string; readonly x: number; readonly y: number }[];
}

interface Ask {
  readonly tying: TyingOrder;
  /** From 0. */
  readonly row: number;
  /** How many of the row's moves are done; a fraction is the way that the next end has gone. */
  readonly done: number;
  /** Which look a passage has, as an index into `looks`; cores by strand with lane 0. */
  readonly cordOf: (strand: string, lane: number) => number;
  readonly looks: readonly CordColour[];
  readonly diameterMm: number;
  /** What lies behind the picture, into which all but the moving end steps back. */
  readonly mat?: string;
}

/**
 * A row while it is being tied, loose, as it hangs before the maker: the row before above it, the ends that have moved
 * led to their places, the others waiting. From the same diagram and moves as the words.
 */
export function rowPicture({ tying, row, done, cordOf, looks, diameterMm: d, mat = MAT }: Ask): RowPicture {
  const { cut, frame } = tying;
  const { spec } = cut;
  const now = tying.row(row);
  const before = row > 0 ? tying.row(row - 1) : undefined;
  const H = spec.period / spec.rows;
  const current = now.moves[Math.ceil(done) - 1];
  // Looks come twice: as they are for the end that moves, and quiet for all else.
  const lookOf = (strand: string, lane: number, pass?: StrandPass) =>
    cordOf(strand, lane) + (pass && pass === current?.pass ? 0 : looks.length);
  const lines = new Map<StrandPass, Point[]>();
  const base = bottomY(now.order, tying);
  for (const pass of now.order) {
    const move = now.moves.findIndex((m) => m.pass === pass);
    const share = move < 0 ? 1 : Math.max(0, Math.min(1, done - move));
    const points: Point[] = [];
    const previous = before?.order.find((p) => p.strand === pass.strand && p.lane === pass.lane);
    const here = walk(pass, tying);
    if (previous) {
      for (const [x, y, z] of walk(previous, tying)) points.push([x, y - H, z]);
    } else points.push([here[0]![0] * 0.9, -0.9 * H, 0], ...here.slice(0, 1));
    points.push(...asFarAs(here, share).slice(1));
    const last = points.at(-1)!;
    points.push(...tail(last, share === 1, base, now.order.length));
    lines.set(pass, points);
  }
  const ys = [...lines.values()].flat().map((p) => p[1]);
  const [top, bottom] = [Math.min(...ys) - 0.4, Math.max(...ys) + 0.6];
  const tubes: Tube[] = spec.strands.flatMap((s, i): Tube[] => {
    const like = { radiusMm: s.radius * d, strand: s.name, role: s.role, arcMm: 0 };
    if (s.role === 'core') {
      const x = shownX(frame, s.path[0]![0]);
      return [
        tube(
          [
            [x, top, 0],
            [x, (top + bottom) / 2, 0],
            [x, bottom, 0],
          ],
          { ...like, lane: 0, cord: lookOf(s.name, 0) },
          d,
        ),
      ];
    }
    if (cut.below.includes(i))
      return [
        tube(finishedLine(tying, i, row, [top, bottom]), { ...like, lane: 0, cord: lookOf(s.name, 0) }, d),
      ];
    return [...lines].flatMap(([pass, points]) =>
      pass.strand === i
        ? [tube(points, { ...like, lane: pass.lane, cord: lookOf(s.name, pass.lane, pass) }, d)]
        : [],
    );
  });
  const { shapes } = paintTubes(tubes, [...looks, ...looks.map((look) => quiet(look, mat))], 'front');
  const labels = now.order.map((pass, i) => {
    const [x, y] = walk(pass, tying)[0]!;
    const out = now.order.length === 2 || now.cores > 0 ? Math.sign(x) * 1.1 : 0;
    return {
      text: now.order.length === 2 ? (i === 0 ? 'L' : 'R') : String(i + 1),
      x: (x + out) * d,
      y: (y + (out === 0 ? 0.25 : -0.4)) * d,
    };
  });
  const xs = tubes.flatMap((t) => Array.from(t.points).filter((_, i) => i % 3 === 1));
  const beside = labels.map((l) => l.x);
  const [minX, maxX] = [Math.min(...xs, ...beside) - PAD * d, Math.max(...xs, ...beside) + PAD * d];
  return {
    scene: {
      minX,
      minY: (top + 0.4) * d,
      widthMm: maxX - minX,
      heightMm: (bottom - top + 1.2) * d,
      shapes: [...shapes, ...(current ? [arrow(lines.get(current.pass)!, d)] : [])],
    },
    labels: now.order.length > 1 ? labels : [],
  };
}

/** The first part of a way, by its length on the picture. */
function asFarAs(points: readonly Point[], share: number): Point[] {
  if (share >= 1) return [...points];
  const lengths = points.slice(1).map((p, i) => Math.hypot(p[0] - points[i]![0], p[1] - points[i]![1]));
  let left = share * lengths.reduce((sum, l) => sum + l, 0);
  const out = [points[0]!];
  for (const [i, length] of lengths.entries()) {
    const [a, b] = [points[i]!, points[i + 1]!];
    const t = length > 0 ? Math.min(1, left / length) : 1;
    if (t > 0) out.push([a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t, a[2] + (b[2] - a[2]) * t]);
    left -= length;
    if (left <= 0) break;
  }
  return out;
}

const tube = (points: readonly Point[], like: Omit<Tube, 'points'>, d: number): Tube =>
  // On screen x runs along the tube's y: the piece hangs.
  smoothTube(
    points.map(([x, y, z]) => [y * d, x * d, z * d] as const),
    like,
    6,
  );
