import type { ContactSums, Contacts } from './contacts.ts';
import type { Medium } from './medium.ts';
import { closestIn, createSegments, GAP, P0, Q0, S, SQUARE, T, U, V } from './segments.ts';
import type { State } from './state.ts';

/**
 * Forces for a weave that winds: its image one period on is also turned about the y axis by `state.turn`. The twist is
 * free, as the period is: both are affine, so a point at height y turns by y/P of it. General and plain rather than
 * fast; flat weaves take the loops in forces.ts and contacts.ts.
 */

/** Position of a point in the image k periods on, into out[0…2]. */
function place(state: State, i: number, k: number, out: Float64Array): void {
  const { x, turn, period } = state;
  const [c, s] = [Math.cos(k * turn), Math.sin(k * turn)];
  out[0] = c * x[3 * i]! + s * x[3 * i + 2]!;
  out[1] = x[3 * i + 1]! + k * period;
  out[2] = c * x[3 * i + 2]! - s * x[3 * i]!;
}

/** Adds a force at a placed point: back-turned to the point itself, and its moment to the twist. */
function push(
  state: State,
  i: number,
  k: number,
  at: Float64Array,
  fx: number,
  fy: number,
  fz: number,
): void {
  const { f, turn, period } = state;
  const [c, s] = [Math.cos(k * turn), Math.sin(k * turn)];
  f[3 * i]! += c * fx - s * fz;
  f[3 * i + 1]! += fy;
  f[3 * i + 2]! += c * fz + s * fx;
  state.turnF += (at[1]! / period) * (fx * at[2]! - fz * at[0]!);
}

const p = new Float64Array(3);
const q = new Float64Array(3);
const p2 = new Float64Array(3);
const q2 = new Float64Array(3);
const io = createSegments();

/** Tension and bend limit; returns energy, and the strain force in sums. */
export function addTwistedEdges(state: State, medium: Medium, sums: ContactSums): void {
  const { count, next, prev, wrap, strand, radius, weight, core, meanEdge } = state;
  const inv = 1 / medium.squash;
  for (let i = 0; i < count; i++) {
    const j = next[i]!;
    if (j < 0) continue;
    const s = strand[i]!;
    place(state, i, 0, p);
    place(state, j, wrap[i]!, q);
    const [dx, dy, dz] = [q[0]! - p[0]!, q[1]! - p[1]!, q[2]! - p[2]!];
    const c = weight[s]! / meanEdge[s]!;
    sums.energy += 0.5 * c * (dx * dx + dy * dy + dz * dz);
    if (!core[s]!) sums.strain -= c * dy * dy;
    push(state, i, 0, p, c * dx, c * dy, c * dz);
    push(state, j, wrap[i]!, q, -c * dx, -c * dy, -c * dz);
    const before = prev[i]!;
    if (before < 0) continue;
    const h = meanEdge[s]!;
    const ratio = Math.min(0.95, h / (2 * radius[s]!));
    const least = 2 * h * Math.sqrt(1 - ratio * ratio);
    place(state, before, -wrap[before]!, p2);
    const [ex, ey, ez] = [q[0]! - p2[0]!, (q[1]! - p2[1]!) * inv, q[2]! - p2[2]!];
    const chord = Math.hypot(ex, ey, ez);
    if (chord >= least) continue;
    const over = least - chord;
    const g = (medium.stiffness * over) / Math.max(chord, 1e-6);
    sums.energy += 0.5 * medium.stiffness * over * over;
    sums.strain += g * ey * ey;
    push(state, j, wrap[i]!, q, g * ex, g * ey * inv, g * ez);
    push(state, before, -wrap[before]!, p2, -g * ex, -g * ey * inv, -g * ez);
  }
}

export function addTwistedContacts(list: Contacts, state: State, medium: Medium, sums: ContactSums): void {
  const { next, wrap, strand, radius } = state;
  const inv = 1 / medium.squash;
  const { travel, wake } = list;
  for (let c = 0; c < list.length; c++) {
    if (travel < wake[c]!) continue;
    const [a, b, image] = [list.a[c]!, list.b[c]!, list.image[c]!];
    const [a2, b2] = [next[a]!, next[b]!];
    const lim = radius[strand[a]!]! + radius[strand[b]!]!;
    place(state, a, 0, p);
    place(state, a2, wrap[a]!, p2);
    place(state, b, image, q);
    place(state, b2, image + wrap[b]!, q2);
    for (let k = 0; k < 3; k++) {
      const stretch = k === 1 ? inv : 1;
      io[P0 + k] = p[k]! * stretch;
      io[U + k] = (p2[k]! - p[k]!) * stretch;
      io[Q0 + k] = q[k]! * stretch;
      io[V + k] = (q2[k]! - q[k]!) * stretch;
    }
    closestIn(io);
    const dist = Math.sqrt(io[SQUARE]!);
    if (dist >= lim) {
      wake[c] = travel + (dist - lim) / 2;
      continue;
    }
    if (dist < sums.closest * lim) sums.closest = dist / lim;
    const over = lim - dist;
    sums.energy += 0.5 * medium.stiffness * over * over;
    const g = (medium.stiffness * over) / Math.max(dist, 1e-6);
    const [s, t] = [io[S]!, io[T]!];
    const [fx, fy, fz] = [g * io[GAP]!, g * io[GAP + 1]! * inv, g * io[GAP + 2]!];
    sums.strain += g * io[GAP + 1]! * io[GAP + 1]!;
    push(state, a, 0, p, -(1 - s) * fx, -(1 - s) * fy, -(1 - s) * fz);
    push(state, a2, wrap[a]!, p2, -s * fx, -s * fy, -s * fz);
    push(state, b, image, q, (1 - t) * fx, (1 - t) * fy, (1 - t) * fz);
    push(state, b2, image + wrap[b]!, q2, t * fx, t * fy, t * fz);
  }
}

/** Turns every point by y/P of an angle, and the images with them. */
export function twist(state: State, angle: number): void {
  const { x, count, period } = state;
  state.turn += angle;
  for (let i = 0; i < count; i++) {
    const a = (angle * x[3 * i + 1]!) / period;
    const [c, s] = [Math.cos(a), Math.sin(a)];
    const [u, v] = [x[3 * i]!, x[3 * i + 2]!];
    x[3 * i] = c * u + s * v;
    x[3 * i + 2] = c * v - s * u;
  }
}
