import type { SolvedWeave } from '../patterns/types.ts';
import type { Point } from '../weave/types.ts';

export type Face = 'front' | 'back' | 'left' | 'right';

/** What one face shows of each strand. */
interface FaceShare {
  readonly face: Face;
  /** Share of the covered area that is this strand's, by strand name; adds up to 1. */
  readonly shares: Readonly<Record<string, number>>;
  /** Strands met along the face's middle line over one period, in order. */
  readonly along: readonly string[];
}

/** Grid cells per cord diameter. */
const FINE = 12;

interface Raster {
  readonly columns: number;
  readonly rows: number;
  /** Index of the strand on top, −1 where nothing lies. */
  readonly top: Int16Array;
}

const AXES: Record<
  Face,
  { across: (p: readonly number[], i: number) => number; depth: (p: readonly number[], i: number) => number }
> = {
  front: { across: (p, i) => p[i]!, depth: (p, i) => p[i + 2]! },
  back: { across: (p, i) => -p[i]!, depth: (p, i) => -p[i + 2]! },
  left: { across: (p, i) => p[i + 2]!, depth: (p, i) => -p[i]! },
  right: { across: (p, i) => -p[i + 2]!, depth: (p, i) => p[i]! },
};

/** Which strand lies on top where, over one period: every cord lies about its tight centre line, pressed flat as it is there. */
export function faceShares(solved: SolvedWeave, face: Face): FaceShare {
  const raster = rasterize(solved, face);
  const counts = new Array<number>(solved.strands.length).fill(0);
  let covered = 0;
  for (const s of raster.top) {
    if (s < 0) continue;
    counts[s]!++;
    covered++;
  }
  const shares = Object.fromEntries(
    solved.strands.map((s, i) => [s.name, counts[i]! / Math.max(1, covered)]),
  );
  return { face, shares, along: middleLine(solved, raster) };
}

function rasterize(solved: SolvedWeave, face: Face): Raster {
  const { across, depth } = AXES[face];
  const half = (face === 'front' || face === 'back' ? solved.widthD : solved.thicknessD) / 2;
  const columns = Math.max(1, Math.ceil(2 * half * FINE));
  const rows = Math.max(1, Math.round(solved.periodD * FINE));
  const top = new Int16Array(columns * rows).fill(-1);
  const height = new Float64Array(columns * rows).fill(Number.NEGATIVE_INFINITY);
  solved.strands.forEach((strand, s) => {
    const p = solved.points[s]!;
    const n = p.length / 3;
    const flats = solved.flat?.[s];
    const raster = { columns, rows, top, height };
    const seen = (p: readonly number[], i: number): Point => [across(p, i), p[i + 1]!, depth(p, i)];
    for (let i = 0; i < n; i++) {
      const j = (i + 1) % n;
      const turns = j === 0 ? strand.periods * solved.periodD : 0;
      const [from, to] = [seen(p, 3 * i), seen(p, 3 * j)];
      const along: Point = [to[0] - from[0], to[1] - from[1] + turns, to[2] - from[2]];
      const body = bodyOf(strand.radiusD, along, flats ? seen(flats, 3 * i) : [0, 0, 0]);
      const steps = 3;
      for (let k = 0; k < steps; k++) {
        const at = (c: 0 | 1 | 2) => from[c] + (along[c] * k) / steps;
        stamp(raster, s, (at(0) + half) * FINE, at(1) * FINE, at(2), body);
      }
    }
  });
  return { columns, rows, top };
}

/** A body with the cord's section about one of its points: x across the face, y along the piece, z towards the eye. */
interface Body {
  /** Half extents of its box, in diameters. */
  readonly reachX: number;
  readonly reachY: number;
  /** xx, yy, zz, xy, xz, yz of the quadratic form that is 1 on its surface. */
  readonly form: readonly [number, number, number, number, number, number];
}

/** A ball of radius r about a strand that runs `along`, pressed flat as `thinner` says (see cord/section.ts). */
function bodyOf(r: number, along: Point, thinner: Point): Body {
  const flat = Math.hypot(...thinner);
  const length = Math.hypot(...along);
  const ball = 1 / (r * r);
  if (flat < 1e-3 || length < 1e-9) return { reachX: r, reachY: r, form: [ball, ball, ball, 0, 0, 0] };
  const [a, b] = [r * Math.exp(flat), r * Math.exp(-flat)];
  const v = thinner.map((c) => c / flat) as unknown as Point;
  const t = along.map((c) => c / length) as unknown as Point;
  const u: Point = [t[1] * v[2] - t[2] * v[1], t[2] * v[0] - t[0] * v[2], t[0] * v[1] - t[1] * v[0]];
  const form = (i: number, j: number) =>
    (u[i]! * u[j]!) / (a * a) + (v[i]! * v[j]!) / (b * b) + t[i]! * t[j]! * ball;
  const reach = (i: number) => Math.hypot(a * u[i]!, b * v[i]!, r * t[i]!);
  return {
    reachX: reach(0),
    reachY: reach(1),
    form: [form(0, 0), form(1, 1), form(2, 2), form(0, 1), form(0, 2), form(1, 2)],
  };
}

/** Presses a body into the height map; y wraps round the period. */
function stamp(
  { top, height, columns, rows }: Raster & { readonly height: Float64Array },
  s: number,
  cx: number,
  cy: number,
  z: number,
  body: Body,
) {
  const [xx, yy, zz, xy, xz, yz] = body.form;
  const [reachX, reachY] = [Math.ceil(body.reachX * FINE), Math.ceil(body.reachY * FINE)];
  for (let y = Math.floor(cy) - reachY; y <= Math.floor(cy) + reachY; y++) {
    const row = ((y % rows) + rows) % rows;
    const dy = (y + 0.5 - cy) / FINE;
    const first = Math.max(0, Math.floor(cx) - reachX);
    for (let x = first; x <= Math.min(columns - 1, Math.floor(cx) + reachX); x++) {
      const dx = (x + 0.5 - cx) / FINE;
      // Its upper surface here: the greater root of zz·h² + 2·half·h + rest = 0.
      const half = xz * dx + yz * dy;
      const rest = xx * dx * dx + 2 * xy * dx * dy + yy * dy * dy - 1;
      const root = half * half - zz * rest;
      if (root < 0) continue;
      const h = z + (Math.sqrt(root) - half) / zz;
      const at = row * columns + x;
      if (h > height[at]!) {
        height[at] = h;
        top[at] = s;
      }
    }
  }
}

function middleLine(solved: SolvedWeave, { columns, rows, top }: Raster): string[] {
  const out: string[] = [];
  for (let y = 0; y < rows; y++) {
    const s = top[y * columns + (columns >> 1)]!;
    const name = s < 0 ? undefined : solved.strands[s]!.name;
    if (name !== undefined && out.at(-1) !== name) out.push(name);
  }
  if (out.length > 1 && out[0] === out.at(-1)) out.pop();
  return out;
}
