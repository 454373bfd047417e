import type { Point, Rope, RopeStrand } from '../weave/types.ts';
import { closestIn, createSegments, GAP, P0, Q0, S, SQUARE, U, V } from './segments.ts';

/** Pressure is evened along a strand over this length to each side, in diameters: cord is stiff, edges are short. */
const EVEN_D = 0.5;

/**
 * How hard, and from where, each point of a tight rope is pressed flat: per strand a flat x, y, z per point (stride 3),
 * the direction in which the cord is squeezed, as long as the squeeze is strong, in strand tensions per diameter of cord.
 * What presses alike from all sides flattens nothing: it is the difference between the two principal line pressures across
 * the cord. Contact forces are the engine's own penalties at `stiffness`, in its metric squashed by `squash` along y.
 */
export function pressOf(
  rope: Rope,
  medium: { readonly stiffness: number; readonly squash: number },
): Float64Array[] {
  const edges = edgesOf(rope);
  const tensors = rope.strands.map((s) => new Float64Array((s.points.length / 3) * 6));
  const io = createSegments();
  const inv = 1 / medium.squash;
  for (let a = 0; a < edges.length; a++) {
    const p = edges[a]!;
    // Only edges of the rope itself are pressed; their images are what presses.
    if (p.image !== 0) continue;
    for (const q of edges) {
      const lim = p.radius + q.radius;
      if (Math.abs(p.at[0]! - q.at[0]!) > lim + 2 || Math.abs(p.at[1]! - q.at[1]!) > lim + 2) continue;
      if (isNear(p, q, lim)) continue;
      for (let k = 0; k < 3; k++) {
        const stretch = k === 1 ? inv : 1;
        io[P0 + k] = p.at[k]! * stretch;
        io[U + k] = p.along[k]! * stretch;
        io[Q0 + k] = q.at[k]! * stretch;
        io[V + k] = q.along[k]! * stretch;
      }
      closestIn(io);
      const gap = Math.sqrt(io[SQUARE]!);
      if (gap >= lim || gap < 1e-6) continue;
      const g = (medium.stiffness * (lim - gap)) / gap;
      const force: Point = [g * io[GAP]!, g * io[GAP + 1]! * inv, g * io[GAP + 2]!];
      const strong = Math.hypot(...force);
      const share = io[S]!;
      const tensor = tensors[p.strand]!;
      for (const [point, part] of [
        [p.point, 1 - share],
        [p.next, share],
      ] as const)
        addOuter(tensor, 6 * point, force, part / strong);
    }
  }
  return rope.strands.map((s, i) => squeezesOf(s, evenAlong(tensors[i]!, s), rope));
}

interface Edge {
  readonly strand: number;
  readonly point: number;
  readonly next: number;
  readonly image: number;
  readonly radius: number;
  readonly at: Point;
  readonly along: Point;
  /** Its place along the strand, in diameters, and how long the strand is before it closes or repeats (∞ for an open one). */
  readonly arc: number;
  readonly whole: number;
}

/** Every edge, and its images up to as many periods away as strands reach. */
function edgesOf(rope: Rope): Edge[] {
  const out: Edge[] = [];
  const y = rope.strands.flatMap((s) => Array.from(s.points).filter((_, i) => i % 3 === 1));
  const reach = rope.strands.some((s) => s.kind === 'periodic')
    ? Math.ceil((Math.max(...y) - Math.min(...y) + 2) / rope.period)
    : 0;
  for (const [strand, s] of rope.strands.entries()) {
    const n = s.points.length / 3;
    const arcs = arcsOf(s, rope.period, rope.turn ?? 0);
    for (let k = -reach; k <= reach; k++)
      for (let i = 0; i < (s.kind === 'open' ? n - 1 : n); i++) {
        const from = pointAt(s, i, k, rope);
        const wraps = i + 1 === n && s.kind === 'periodic' ? s.periods : 0;
        const to = pointAt(s, (i + 1) % n, k + wraps, rope);
        out.push({
          strand,
          point: i,
          next: (i + 1) % n,
          image: k,
          radius: s.radius,
          at: from,
          along: [to[0] - from[0], to[1] - from[1], to[2] - from[2]],
          // An image by fewer periods than the strand takes to close is another passage abreast, not the strand itself.
          arc: k === 0 ? arcs[i]! : k % s.periods === 0 ? arcs[i]! + (k / s.periods) * arcs[n]! : Number.NaN,
          whole: s.kind === 'closed' ? arcs[n]! : Number.POSITIVE_INFINITY,
        });
      }
  }
  return out;
}

/** Point i of a strand's image k periods on, turned about the y axis with a weave that winds. */
function pointAt(s: RopeStrand, i: number, k: number, rope: Rope): Point {
  const [x, y, z] = [s.points[3 * i]!, s.points[3 * i + 1]! + k * rope.period, s.points[3 * i + 2]!];
  const angle = k * (rope.turn ?? 0);
  const [c, d] = [Math.cos(angle), Math.sin(angle)];
  return [c * x + d * z, y, c * z - d * x];
}

function arcsOf(s: RopeStrand, period: number, turn: number): number[] {
  const rope: Rope = { period, turn, strands: [] };
  const n = s.points.length / 3;
  const out = [0];
  for (let i = 0; i < n; i++) {
    if (i + 1 === n && s.kind === 'open') break;
    const a = pointAt(s, i, 0, rope);
    const b = pointAt(s, (i + 1) % n, i + 1 === n && s.kind === 'periodic' ? s.periods : 0, rope);
    out.push(out[i]! + Math.hypot(b[0] - a[0], b[1] - a[1], b[2] - a[2]));
  }
  return out;
}

/** Neighbours along one strand are held apart by its bend limit, not by contact. */
function isNear(p: Edge, q: Edge, lim: number): boolean {
  if (p.strand !== q.strand) return false;
  const gap = Math.abs(p.arc - q.arc);
  return !Number.isNaN(gap) && Math.min(gap, p.whole - gap) < (lim * Math.PI) / 2;
}

/** Adds a force f as f fᵀ·scale: xx, yy, zz, xy, xz, yz. */
function addOuter(t: Float64Array, at: number, [x, y, z]: Point, scale: number): void {
  t[at]! += scale * x * x;
  t[at + 1]! += scale * y * y;
  t[at + 2]! += scale * z * z;
  t[at + 3]! += scale * x * y;
  t[at + 4]! += scale * x * z;
  t[at + 5]! += scale * y * z;
}

/** Forces per point → line pressures per diameter, evened along the strand. */
function evenAlong(t: Float64Array, s: RopeStrand): Float64Array {
  const n = t.length / 6;
  const meanEdge = edgeMean(s);
  const reach = Math.max(1, Math.round(EVEN_D / meanEdge));
  const out = new Float64Array(t.length);
  for (let i = 0; i < n; i++) {
    let weights = 0;
    for (let k = -reach; k <= reach; k++) {
      const j = s.kind === 'open' ? i + k : (i + k + n) % n;
      if (j < 0 || j >= n) continue;
      const w = 1 - Math.abs(k) / (reach + 1);
      weights += w;
      for (let c = 0; c < 6; c++) out[6 * i + c]! += w * t[6 * j + c]!;
    }
    for (let c = 0; c < 6; c++) out[6 * i + c]! /= weights * meanEdge;
  }
  return out;
}

function edgeMean(s: RopeStrand): number {
  const n = s.points.length / 3;
  let sum = 0;
  for (let i = 0; i + 1 < n; i++)
    sum += Math.hypot(...[0, 1, 2].map((c) => s.points[3 * i + 3 + c]! - s.points[3 * i + c]!));
  return sum / Math.max(1, n - 1);
}

/** The principal direction across the cord, times the difference of the two principal pressures. */
function squeezesOf(s: RopeStrand, t: Float64Array, rope: Rope): Float64Array {
  const n = t.length / 6;
  const out = new Float64Array(3 * n);
  for (let i = 0; i < n; i++) {
    const isLast = i + 1 === n;
    const wraps = isLast && s.kind === 'periodic' ? s.periods : 0;
    const from = pointAt(s, s.kind === 'open' ? Math.max(0, i - 1) : i, 0, rope);
    const to = pointAt(s, isLast ? (s.kind === 'open' ? i : 0) : i + 1, wraps, rope);
    const along = unit([to[0] - from[0], to[1] - from[1], to[2] - from[2]]);
    const [u, v] = normalsOf(along);
    const m = (p: Point, q: Point) => bilinear(t, 6 * i, p, q);
    const [uu, vv, uv] = [m(u, u), m(v, v), m(u, v)];
    const difference = Math.hypot(uu - vv, 2 * uv);
    const angle = Math.atan2(2 * uv, uu - vv) / 2;
    for (let c = 0; c < 3; c++)
      out[3 * i + c] = difference * (Math.cos(angle) * u[c]! + Math.sin(angle) * v[c]!);
  }
  return out;
}

const bilinear = (t: Float64Array, at: number, p: Point, q: Point): number =>
  t[at]! * p[0] * q[0] +
  t[at + 1]! * p[1] * q[1] +
  t[at + 2]! * p[2] * q[2] +
  t[at + 3]! * (p[0] * q[1] + p[1] * q[0]) +
  t[at + 4]! * (p[0] * q[2] + p[2] * q[0]) +
  t[at + 5]! * (p[1] * q[2] + p[2] * q[1]);

function unit(v: Point): Point {
  const length = Math.hypot(...v) || 1;
  return [v[0] / length, v[1] / length, v[2] / length];
}

/** Two directions square to a unit vector and to each other. */
function normalsOf(t: Point): [Point, Point] {
  const helper: Point = Math.abs(t[1]) < 0.9 ? [0, 1, 0] : [1, 0, 0];
  const u = unit(cross(t, helper));
  return [u, cross(t, u)];
}

const cross = (a: Point, b: Point): Point => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
