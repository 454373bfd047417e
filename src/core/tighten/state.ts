import type { Pins, Rope } from '../weave/types.ts';

/**
 * Everything the engine moves, in flat typed arrays. Lengths in cord diameters, tensions in units of one strand's.
 * Point i owns the edge to `next[i]`; an open strand's last point owns none (`next[i] === -1`).
 */
export interface State {
  readonly count: number;
  /** Position: x, y, z per point, stride 3, in cord diameters. */
  readonly x: Float64Array;
  /** Velocity (diameters a unit of time) and force (strand tensions) per point, stride 3. */
  readonly v: Float64Array;
  readonly f: Float64Array;
  /** Per point: the one after and before it on its strand, −1 at an open end. */
  readonly next: Int32Array;
  readonly prev: Int32Array;
  /** Periods by which the edge that leaves a point wraps round (0 for all but a periodic strand's last edge). */
  readonly wrap: Int32Array;
  /** Per point: the strand that it is on. */
  readonly strand: Int32Array;
  /** 1 where a point is held in place. */
  readonly held: Uint8Array;
  /** Per strand: its first point and how many it has. */
  readonly first: Int32Array;
  readonly size: Int32Array;
  /** Per strand: radius in cord diameters, and tension in units of one working strand's. */
  readonly radius: Float64Array;
  readonly weight: Float64Array;
  /** Per strand: periods after which it meets itself (0 for all but periodic ones); 1 where it closes; 1 where it is a core. */
  readonly periods: Int32Array;
  readonly closed: Uint8Array;
  readonly core: Uint8Array;
  /** Mean edge length per strand, refreshed at every force evaluation. */
  readonly meanEdge: Float64Array;
  /** Radius of a hard cylinder about the y axis; 0 for none. */
  readonly mandrel: number;
  readonly pins: Pins | undefined;
  /** Whether the weave winds, and by how much an image one period on is turned about the y axis, in radians. */
  readonly isTurning: boolean;
  turn: number;
  turnV: number;
  turnF: number;
  period: number;
  /** Velocity and force of the strain variable (see forces.ts). */
  strainV: number;
  strainF: number;
}

export function createState(rope: Rope): State {
  const count = rope.strands.reduce((n, s) => n + s.points.length / 3, 0);
  const strands = rope.strands.length;
  const state: State = {
    count,
    x: new Float64Array(3 * count),
    v: new Float64Array(3 * count),
    f: new Float64Array(3 * count),
    next: new Int32Array(count),
    prev: new Int32Array(count),
    wrap: new Int32Array(count),
    strand: new Int32Array(count),
    held: new Uint8Array(count),
    first: new Int32Array(strands),
    size: new Int32Array(strands),
    radius: new Float64Array(strands),
    weight: new Float64Array(strands),
    periods: new Int32Array(strands),
    closed: new Uint8Array(strands),
    core: new Uint8Array(strands),
    meanEdge: new Float64Array(strands),
    mandrel: rope.mandrel ?? 0,
    pins: rope.pins,
    isTurning: rope.turn !== undefined,
    turn: rope.turn ?? 0,
    turnV: 0,
    turnF: 0,
    period: rope.period,
    strainV: 0,
    strainF: 0,
  };
  let at = 0;
  rope.strands.forEach((strand, s) => {
    const n = strand.points.length / 3;
    state.first[s] = at;
    state.size[s] = n;
    state.radius[s] = strand.radius;
    state.weight[s] = strand.weight;
    state.periods[s] = strand.kind === 'periodic' ? strand.periods : 0;
    state.closed[s] = strand.kind === 'open' ? 0 : 1;
    state.core[s] = strand.role === 'core' ? 1 : 0;
    state.x.set(strand.points, 3 * at);
    for (let i = 0; i < n; i++) {
      state.strand[at + i] = s;
      state.next[at + i] = i < n - 1 ? at + i + 1 : state.closed[s] ? at : -1;
      state.prev[at + i] = i > 0 ? at + i - 1 : state.closed[s] ? at + n - 1 : -1;
    }
    if (strand.kind === 'periodic') state.wrap[at + n - 1] = strand.periods;
    if (strand.kind === 'open') {
      state.held[at] = 1;
      state.held[at + n - 1] = 1;
    }
    at += n;
  });
  return state;
}

/** Length of the edge that leaves a point, in cord diameters; 0 where none does. */
export function edgeLength(state: State, i: number): number {
  const { x, next, wrap, period, turn } = state;
  const j = next[i]!;
  if (j < 0) return 0;
  let [u, v] = [x[3 * j]!, x[3 * j + 2]!];
  if (turn !== 0 && wrap[i] !== 0) {
    const [c, s] = [Math.cos(wrap[i]! * turn), Math.sin(wrap[i]! * turn)];
    [u, v] = [c * u + s * v, c * v - s * u];
  }
  const dx = u - x[3 * i]!;
  const dy = x[3 * j + 1]! - x[3 * i + 1]! + wrap[i]! * period;
  const dz = v - x[3 * i + 2]!;
  return Math.sqrt(dx * dx + dy * dy + dz * dz);
}

/** Length of each strand's centre line over its own periods, in cord diameters. */
export function strandLengths(state: State): Float64Array {
  const out = new Float64Array(state.first.length);
  for (let i = 0; i < state.count; i++) out[state.strand[i]!]! += edgeLength(state, i);
  return out;
}

/** The strands of a state as a rope again, so that it can be drawn, resampled or solved further. */
export function toRope(state: State, like: Rope): Rope {
  return {
    period: state.period,
    ...(like.mandrel ? { mandrel: like.mandrel } : {}),
    ...(like.pins ? { pins: like.pins } : {}),
    ...(state.isTurning ? { turn: state.turn } : {}),
    strands: like.strands.map((strand, s) => ({
      ...strand,
      points: state.x.slice(3 * state.first[s]!, 3 * (state.first[s]! + state.size[s]!)),
    })),
  };
}
