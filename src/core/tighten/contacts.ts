import { closestInto } from './segments.ts';
import type { State } from './state.ts';

/** Pairs of edges that may touch soon (a Verlet list): edge a against edge b shifted by `image` periods. */
export interface Contacts {
  readonly a: Int32Array;
  readonly b: Int32Array;
  readonly image: Int32Array;
  length: number;
  /** A pair cannot touch before the points have travelled this far (see `travel`). */
  readonly wake: Float64Array;
  /** Sum over all steps of the farthest that any point, or image of one, has moved; stretched metric. */
  travel: number;
  /** Positions and period at which the list was built. */
  readonly built: Float64Array;
  builtPeriod: number;
  /** Middle of the edge that leaves each point, and half its length, as the list was made; stretched metric. */
  readonly midX: Float64Array;
  readonly midY: Float64Array;
  readonly midZ: Float64Array;
  readonly half: Float64Array;
  capacityHit: boolean;
}

const SKIN = 0.35;

export function createContacts(count: number): Contacts {
  const capacity = Math.max(4096, count * 90);
  return {
    a: new Int32Array(capacity),
    b: new Int32Array(capacity),
    image: new Int32Array(capacity),
    length: 0,
    wake: new Float64Array(capacity),
    travel: 0,
    built: new Float64Array(3 * count).fill(Number.NaN),
    builtPeriod: Number.NaN,
    midX: new Float64Array(count),
    midY: new Float64Array(count),
    midZ: new Float64Array(count),
    half: new Float64Array(count),
    capacityHit: false,
  };
}

/** Rebuilds the list when something has moved by half the skin since it was made. */
export function refreshContacts(list: Contacts, state: State, squash: number): void {
  const moved = list.built;
  let fresh = Math.abs(state.period - list.builtPeriod) < SKIN * 0.1;
  for (let i = 0; fresh && i < state.count; i++) {
    const dx = state.x[3 * i]! - moved[3 * i]!;
    const dy = (state.x[3 * i + 1]! - moved[3 * i + 1]!) / squash;
    const dz = state.x[3 * i + 2]! - moved[3 * i + 2]!;
    fresh = dx * dx + dy * dy + dz * dz < (SKIN / 2) * (SKIN / 2);
  }
  if (!fresh) rebuild(list, state, squash);
}

function rebuild(list: Contacts, state: State, squash: number): void {
  const { count, x, next, strand, radius, wrap, period } = state;
  const inv = 1 / squash;
  list.built.set(x);
  list.builtPeriod = period;
  list.length = 0;
  list.capacityHit = false;
  const { midX, midY, midZ, half } = list;
  for (let i = 0; i < count; i++) {
    const j = next[i]!;
    if (j < 0) continue;
    const yj = x[3 * j + 1]! + wrap[i]! * period;
    midX[i] = (x[3 * i]! + x[3 * j]!) / 2;
    midY[i] = ((x[3 * i + 1]! + yj) / 2) * inv;
    midZ[i] = (x[3 * i + 2]! + x[3 * j + 2]!) / 2;
    half[i] =
      Math.hypot(x[3 * j]! - x[3 * i]!, (yj - x[3 * i + 1]!) * inv, x[3 * j + 2]! - x[3 * i + 2]!) / 2;
  }
  const periodM = period * inv;
  // Turned images lie elsewhere across the piece: of those every edge is looked at.
  const grid = state.isTurning ? undefined : gridOf(list, state);
  for (let i = 0; i < count; i++) {
    if (next[i]! < 0) continue;
    const si = strand[i]!;
    const near = grid ? besideInGrid(grid, i) : undefined;
    const candidates = near ? near.length : count - i;
    for (let c = 0; c < candidates; c++) {
      const j = near ? near[c]! : i + c;
      if (next[j]! < 0) continue;
      const sj = strand[j]!;
      const reach = radius[si]! + radius[sj]! + half[i]! + half[j]! + SKIN;
      const dx = midX[j]! - midX[i]!;
      const dz = midZ[j]! - midZ[i]!;
      const flat = state.isTurning ? reach * reach : reach * reach - dx * dx - dz * dz;
      if (flat <= 0) continue;
      const dy = midY[j]! - midY[i]!;
      if (period <= 0) {
        if (dy * dy < flat && i !== j && apart(state, i, j, 0)) push(list, i, j, 0);
        continue;
      }
      const span = Math.sqrt(flat);
      const from = Math.ceil((-span - dy) / periodM);
      const to = Math.floor((span - dy) / periodM);
      for (let m = from; m <= to; m++) {
        if (i === j && m <= 0) continue;
        if (state.isTurning && !isNearTurned(midX, midZ, i, j, m * state.turn, reach)) continue;
        if (apart(state, i, j, m)) push(list, i, j, m);
      }
    }
  }
}

/** Edges by the square that their middle is in, across the piece; squares are as wide as the farthest that two edges can touch. */
interface Grid {
  readonly columns: number;
  readonly column: Int32Array;
  readonly row: Int32Array;
  readonly cells: readonly (readonly number[])[];
}

function gridOf({ midX, midZ, half }: Contacts, { count, next, strand, radius }: State): Grid {
  let [widest, leastX, mostX, leastZ, mostZ] = [0, Infinity, -Infinity, Infinity, -Infinity];
  for (let i = 0; i < count; i++) {
    if (next[i]! < 0) continue;
    widest = Math.max(widest, 2 * (radius[strand[i]!]! + half[i]!) + SKIN);
    leastX = Math.min(leastX, midX[i]!);
    mostX = Math.max(mostX, midX[i]!);
    leastZ = Math.min(leastZ, midZ[i]!);
    mostZ = Math.max(mostZ, midZ[i]!);
  }
  const columns = Math.max(1, Math.floor((mostX - leastX) / widest) + 1);
  const rows = Math.max(1, Math.floor((mostZ - leastZ) / widest) + 1);
  const cells: number[][] = Array.from({ length: columns * rows }, () => []);
  const [column, row] = [new Int32Array(count), new Int32Array(count)];
  for (let i = 0; i < count; i++) {
    if (next[i]! < 0) continue;
    column[i] = Math.floor((midX[i]! - leastX) / widest);
    row[i] = Math.floor((midZ[i]! - leastZ) / widest);
    cells[row[i]! * columns + column[i]!]!.push(i);
  }
  return { columns, column, row, cells };
}

/** Edges from the i-th on in its own square and the eight round it, in the order of their numbers: lists are always alike. */
function besideInGrid({ columns, column, row, cells }: Grid, i: number): number[] {
  const out: number[] = [];
  for (let r = row[i]! - 1; r <= row[i]! + 1; r++) {
    for (let c = column[i]! - 1; c <= column[i]! + 1; c++) {
      if (c < 0 || c >= columns) continue;
      for (const j of cells[r * columns + c] ?? []) if (j >= i) out.push(j);
    }
  }
  return out.sort((a, b) => a - b);
}

/** Whether two edges' middles are near across the piece once the second is turned with its image. */
function isNearTurned(
  midX: Float64Array,
  midZ: Float64Array,
  i: number,
  j: number,
  angle: number,
  reach: number,
): boolean {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const dx = c * midX[j]! + s * midZ[j]! - midX[i]!;
  const dz = c * midZ[j]! - s * midX[j]! - midZ[i]!;
  return dx * dx + dz * dz < reach * reach;
}

function push(list: Contacts, a: number, b: number, image: number): void {
  if (list.length >= list.a.length) {
    list.capacityHit = true;
    return;
  }
  list.a[list.length] = a;
  list.b[list.length] = b;
  list.image[list.length] = image;
  list.wake[list.length] = 0;
  list.length++;
}

/** Edges of one strand count as a contact only beyond about π·r of arc; nearer ones are the bend limit's. */
function apart(state: State, i: number, j: number, image: number): boolean {
  const s = state.strand[i]!;
  if (s !== state.strand[j]!) return true;
  const n = state.size[s]!;
  const k = state.periods[s]!;
  let between = j - i;
  if (k > 0) {
    if (image % k !== 0) return true;
    between += (image / k) * n;
  } else if (state.closed[s]!) {
    if (between > n / 2) between -= n;
  }
  return Math.abs(between) * state.meanEdge[s]! > Math.PI * state.radius[s]! * 1.05;
}

const hit = new Float64Array(5);

export interface ContactSums {
  energy: number;
  /** Σ of −k·overlap·∂D/∂ε: the contacts' part of the strain force. */
  strain: number;
  /** Least centre-line distance over (rᵢ + rⱼ), in the stretched metric. */
  closest: number;
}

/** Adds contact forces into state.f; distances are taken in a metric stretched by 1/squash along y. */
export function addContacts(
  list: Contacts,
  state: State,
  stiffness: number,
  squash: number,
  sums: ContactSums,
): void {
  const { x, f, next, wrap, strand, radius, period } = state;
  const inv = 1 / squash;
  const { travel, wake } = list;
  for (let c = 0; c < list.length; c++) {
    if (travel < wake[c]!) continue;
    const a = list.a[c]!;
    const b = list.b[c]!;
    const a2 = next[a]!;
    const b2 = next[b]!;
    const lim = radius[strand[a]!]! + radius[strand[b]!]!;
    const ax = x[3 * a]!;
    const ay = x[3 * a + 1]! * inv;
    const az = x[3 * a + 2]!;
    const bx = x[3 * b]!;
    const by = (x[3 * b + 1]! + list.image[c]! * period) * inv;
    const bz = x[3 * b + 2]!;
    const ux = x[3 * a2]! - ax;
    const uy = (x[3 * a2 + 1]! + wrap[a]! * period) * inv - ay;
    const uz = x[3 * a2 + 2]! - az;
    const vx = x[3 * b2]! - bx;
    const vy = (x[3 * b2 + 1]! + (wrap[b]! + list.image[c]!) * period) * inv - by;
    const vz = x[3 * b2 + 2]! - bz;
    const sq = closestInto(hit, ax, ay, az, ux, uy, uz, bx, by, bz, vx, vy, vz);
    const dist = Math.sqrt(sq);
    if (dist >= lim) {
      // Each of the two edges closes the gap by what its points travel at the most.
      wake[c] = travel + (dist - lim) / 2;
      continue;
    }
    if (dist < sums.closest * lim) sums.closest = dist / lim;
    const over = lim - dist;
    sums.energy += 0.5 * stiffness * over * over;
    const g = (stiffness * over) / Math.max(dist, 1e-6);
    const s = hit[0]!;
    const t = hit[1]!;
    const fx = g * hit[2]!;
    const fy = g * hit[3]! * inv;
    const fz = g * hit[4]!;
    sums.strain += g * hit[3]! * hit[3]!;
    f[3 * a]! -= (1 - s) * fx;
    f[3 * a + 1]! -= (1 - s) * fy;
    f[3 * a + 2]! -= (1 - s) * fz;
    f[3 * a2]! -= s * fx;
    f[3 * a2 + 1]! -= s * fy;
    f[3 * a2 + 2]! -= s * fz;
    f[3 * b]! += (1 - t) * fx;
    f[3 * b + 1]! += (1 - t) * fy;
    f[3 * b + 2]! += (1 - t) * fz;
    f[3 * b2]! += t * fx;
    f[3 * b2 + 1]! += t * fy;
    f[3 * b2 + 2]! += t * fz;
  }
}
