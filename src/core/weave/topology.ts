import type { Rope, RopeStrand } from './types.ts';
import { wind } from './wind.ts';

/**
 * An Alexander-type determinant of a rope's diagram: a number that does not change while no strand passes through
 * another, and that nearly every wrong pass changes.
 *
 * Wirtinger arcs aᵢ give, at every crossing, (1 − t_under)·a_over + t_over·a_in − a_out = 0, one variable t for each
 * strand and one, s, for a shift by a period. The determinant is an invariant up to units ±t^a·s^b; t and s are
 * taken at roots of unity of even order N modulo a prime p, so its N-th power knows no units. Knots: one column of
 * the first strand is left out. Open strands: the column of each strand's first arc is.
 */
const PRIME = 65_999_821; // prime, ≡ 1 mod 60, below 2^26 so that products of residues stay exact
const ORDER = 60;

interface Visit {
  readonly at: number;
  readonly crossing: number;
  readonly isOver: boolean;
}

interface Cross {
  readonly a: number;
  readonly b: number;
  readonly atA: number;
  readonly atB: number;
  readonly image: number;
  readonly aOver: boolean;
  readonly turn: number;
}

/** The invariant of a rope, 0 … p − 1. Two ropes with different values are different knots. */
export function knotInvariant(wound: Rope, tilt = 0.0873): number {
  // A winding weave is periodic once it is unwound, which changes no knot.
  const rope = wound.turn === undefined ? wound : wind(wound, -wound.turn);
  const flat = rope.strands.map((s) => project(s, tilt));
  const crossings = diagram(rope, flat);
  const periodic = rope.period > 0;
  const root = primitiveRoot();
  const t = rope.strands.map((_, i) => power(root, 7 + 6 * i));
  const s = periodic ? power(root, 11) : 1;
  const arcs = numberArcs(rope, crossings);
  const rows: number[][] = [];
  const blank = () => new Array<number>(arcs.count).fill(0);
  for (const [index, c] of crossings.entries()) {
    const over = c.aOver ? c.a : c.b;
    const under = c.aOver ? c.b : c.a;
    const image = c.aOver ? -c.image : c.image;
    const row = blank();
    // Seen from the under strand, the over strand is its image shifted by −image periods of b against a.
    const [o, oShift] = arcs.over.get(index)!;
    const [arcIn, inShift, arcOut, outShift] = arcs.under.get(index)!;
    const sign = c.aOver ? c.turn : -c.turn;
    const tOver = sign > 0 ? t[over]! : inverse(t[over]!);
    // For a left-handed crossing the relation is read the other way: t_over⁻¹, and (1 − t_under)·t_over⁻¹ negated.
    const first = sign > 0 ? mod(1 - t[under]!) : mod((t[under]! - 1) * tOver);
    add(row, o, first * shift(s, oShift + image));
    add(row, arcIn, tOver * shift(s, inShift));
    add(row, arcOut, -shift(s, outShift));
    rows.push(row);
  }
  for (const [arc, periods] of arcs.free) {
    const row = blank();
    add(row, arc, 1 - shift(s, periods));
    rows.push(row);
  }
  const dropped = new Set(arcs.firstOpen.length > 0 ? arcs.firstOpen : periodic ? [] : [0]);
  const square = rows
    .slice(0, arcs.count - dropped.size)
    .map((row) => row.filter((_, column) => !dropped.has(column)));
  if (square.some((row) => row.length !== square.length)) return 0;
  return power(determinant(square), ORDER);
}

function project(strand: RopeStrand, tilt: number): Float64Array {
  const out = strand.points.slice();
  const [c, sn] = [Math.cos(tilt), Math.sin(tilt)];
  for (let i = 0; i < out.length; i += 3) {
    const [x, z] = [strand.points[i]!, strand.points[i + 2]!];
    out[i] = c * x + sn * z;
    out[i + 2] = c * z - sn * x;
  }
  return out;
}

/** All crossings of the projected polylines, with images, in the plane seen along z. */
function diagram(rope: Rope, flat: readonly Float64Array[]): Cross[] {
  const out: Cross[] = [];
  const edges = rope.strands.map((s) => s.points.length / 3 - (s.kind === 'open' ? 1 : 0));
  const point = (s: number, i: number, axis: number) => {
    const n = flat[s]!.length / 3;
    const turn = Math.floor(i / n);
    const base = flat[s]![3 * (i - turn * n) + axis]!;
    return axis === 1 ? base + turn * rope.strands[s]!.periods * rope.period : base;
  };
  const P = rope.period;
  for (let a = 0; a < flat.length; a++) {
    for (let b = a; b < flat.length; b++) {
      for (let i = 0; i < edges[a]!; i++) {
        const [ax, ay] = [point(a, i, 0), point(a, i, 1)];
        const [ux, uy] = [point(a, i + 1, 0) - ax, point(a, i + 1, 1) - ay];
        for (let j = 0; j < edges[b]!; j++) {
          const [bx, by] = [point(b, j, 0), point(b, j, 1)];
          const [vx, vy] = [point(b, j + 1, 0) - bx, point(b, j + 1, 1) - by];
          if (Math.max(ax, ax + ux) < Math.min(bx, bx + vx) || Math.max(bx, bx + vx) < Math.min(ax, ax + ux))
            continue;
          const low = P > 0 ? Math.ceil((Math.min(ay, ay + uy) - Math.max(by, by + vy)) / P) : 0;
          const high = P > 0 ? Math.floor((Math.max(ay, ay + uy) - Math.min(by, by + vy)) / P) : 0;
          for (let m = low; m <= high; m++) {
            if (a === b && !isFirst(rope.strands[a]!, edges[a]!, i, j, m)) continue;
            const det = ux * vy - uy * vx;
            if (Math.abs(det) < 1e-14) continue;
            const [wx, wy] = [bx - ax, by + m * P - ay];
            const p = (wx * vy - wy * vx) / det;
            const q = (wx * uy - wy * ux) / det;
            if (p < 0 || p >= 1 || q < 0 || q >= 1) continue;
            const za = point(a, i, 2) * (1 - p) + point(a, i + 1, 2) * p;
            const zb = point(b, j, 2) * (1 - q) + point(b, j + 1, 2) * q;
            out.push({ a, b, atA: i + p, atB: j + q, image: m, aOver: za > zb, turn: Math.sign(det) });
          }
        }
      }
    }
  }
  return out;
}

/** Counts a strand's meeting with itself once, and edges that share a point not at all. */
function isFirst(strand: RopeStrand, edges: number, i: number, j: number, m: number): boolean {
  const k = strand.kind === 'periodic' ? strand.periods : 0;
  if (k > 0 && m !== 0) {
    if (m < 0) return false;
    return m % k !== 0 || Math.abs(j - i + (m / k) * edges) > 1;
  }
  if (i >= j) return false;
  const gap = j - i;
  return gap > 1 && !(strand.kind === 'closed' && gap === edges - 1);
}

interface Arcs {
  readonly count: number;
  /** Crossing → arc that lies over it, with its shift in periods. */
  readonly over: ReadonlyMap<number, readonly [number, number]>;
  /** Crossing → arc that comes in below and arc that goes out, with shifts. */
  readonly under: ReadonlyMap<number, readonly [number, number, number, number]>;
  /** Arcs of strands that never pass below anything: [arc, periods after which they meet themselves]. */
  readonly free: readonly (readonly [number, number])[];
  readonly firstOpen: readonly number[];
}

function numberArcs(rope: Rope, crossings: readonly Cross[]): Arcs {
  const visits: Visit[][] = rope.strands.map(() => []);
  crossings.forEach((c, crossing) => {
    visits[c.a]!.push({ at: c.atA, crossing, isOver: c.aOver });
    visits[c.b]!.push({ at: c.atB, crossing, isOver: !c.aOver });
  });
  const over = new Map<number, readonly [number, number]>();
  const under = new Map<number, readonly [number, number, number, number]>();
  const free: [number, number][] = [];
  const firstOpen: number[] = [];
  let next = 0;
  rope.strands.forEach((strand, s) => {
    const list = visits[s]!.sort((p, q) => p.at - q.at);
    const k = strand.kind === 'periodic' ? strand.periods : 0;
    const unders = list.filter((v) => !v.isOver).length;
    const first = next;
    if (strand.kind === 'open') firstOpen.push(first);
    const arcCount = strand.kind === 'open' ? unders + 1 : Math.max(1, unders);
    let arc = 0;
    for (const visit of list) {
      // Before its first pass below, a closed strand is on its last arc, begun k periods earlier.
      const current =
        strand.kind !== 'open' && arc === 0 ? arcCount - 1 : arc - (strand.kind === 'open' ? 0 : 1);
      const back = strand.kind !== 'open' && arc === 0 && unders > 0 ? -k : 0;
      if (visit.isOver) over.set(visit.crossing, [first + Math.max(0, current), back]);
      else {
        const out = strand.kind === 'open' ? arc + 1 : arc;
        under.set(visit.crossing, [first + Math.max(0, current), back, first + out, 0]);
        arc++;
      }
    }
    if (unders === 0 && strand.kind !== 'open') free.push([first, k]);
    next += arcCount;
  });
  return { count: next, over, under, free, firstOpen };
}

const mod = (x: number): number => {
  const r = x % PRIME;
  return r < 0 ? r + PRIME : r;
};

function power(base: number, exponent: number): number {
  let [result, b, e] = [1, mod(base), exponent];
  while (e > 0) {
    if (e % 2 === 1) result = (result * b) % PRIME;
    b = (b * b) % PRIME;
    e = Math.floor(e / 2);
  }
  return result;
}

const inverse = (x: number): number => power(x, PRIME - 2);

const shift = (s: number, periods: number): number => power(s, ((periods % ORDER) + ORDER) % ORDER);

function add(row: number[], column: number, value: number): void {
  row[column] = mod(row[column]! + mod(value));
}

/** An element of exact order N modulo p. */
function primitiveRoot(): number {
  for (let g = 2; ; g++) {
    const x = power(g, (PRIME - 1) / ORDER);
    if ([2, 3, 5].every((q) => power(x, ORDER / q) !== 1)) return x;
  }
}

/** Gauss modulo p, on a copy. */
function determinant(matrix: readonly number[][]): number {
  const m = matrix.map((row) => row.slice());
  let det = 1;
  for (let c = 0; c < m.length; c++) {
    const pivot = m.findIndex((row, r) => r >= c && row[c] !== 0);
    if (pivot < 0) return 0;
    if (pivot !== c) {
      [m[c], m[pivot]] = [m[pivot]!, m[c]!];
      det = mod(-det);
    }
    const top = m[c]!;
    det = (det * top[c]!) % PRIME;
    const inv = inverse(top[c]!);
    for (let r = c + 1; r < m.length; r++) {
      const row = m[r]!;
      if (row[c] === 0) continue;
      const f = (row[c]! * inv) % PRIME;
      for (let k = c; k < m.length; k++) if (top[k] !== 0) row[k] = mod(row[k]! - ((f * top[k]!) % PRIME));
    }
  }
  return det;
}
