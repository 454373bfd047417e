import { closestIn, createSegments } from './segments.ts';
import type { State } from './state.ts';

/** Pairs of edges that may touch soon (a Verlet list): edge a against edge b shifted by `image` periods. */
export interface Contacts {
  readonly a: Int32Array;
  readonly b: Int32Array;
  readonly image: Int32Array;
  length: number;
  /** A pair cannot touch before the points have travelled this far (see `travel`). */
  readonly wake: Float64Array;
  /** Pairs that wake before the points have travelled as far as `soonUntil`, in the order of the list: only these are looked at until then. */
  readonly soon: Int32Array;
  soonLength: number;
  soonUntil: number;
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
    soon: new Int32Array(capacity),
    soonLength: 0,
    soonUntil: Number.NEGATIVE_INFINITY,
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
  list.soonUntil = Number.NEGATIVE_INFINITY;
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
  /** What is beside an edge, until the next is asked for. */
  readonly beside: Int32Array;
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
  return { columns, column, row, cells, beside: new Int32Array(count) };
}

/** Edges from the i-th on in its own square and the eight round it, in the order of their numbers: lists are always alike. Good until the next call. */
function besideInGrid({ columns, column, row, cells, beside }: Grid, i: number): Int32Array {
  let found = 0;
  for (let r = row[i]! - 1; r <= row[i]! + 1; r++) {
    for (let c = column[i]! - 1; c <= column[i]! + 1; c++) {
      if (c < 0 || c >= columns) continue;
      const cell = cells[r * columns + c];
      if (!cell) continue;
      for (let k = 0; k < cell.length; k++) if (cell[k]! >= i) beside[found++] = cell[k]!;
    }
  }
  return beside.subarray(0, found).sort();
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

const io = createSegments();

export interface ContactSums {
  energy: number;
  /** Σ of −k·overlap·∂D/∂ε: the contacts' part of the strain force. */
  strain: number;
  /** Least centre-line distance over (rᵢ + rⱼ), in the stretched metric. */
  closest: number;
}

/** Points travel this far, in diameters of the stretched metric, between two looks at the whole list. */
const SOON = 0.05;

function refreshSoon(list: Contacts): void {
  const { wake, soon, travel } = list;
  list.soonUntil = travel + SOON;
  list.soonLength = 0;
  for (let c = 0; c < list.length; c++) if (wake[c]! < list.soonUntil) soon[list.soonLength++] = c;
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
  const { a: firsts, b: seconds, image: images } = list;
  let { energy, strain, closest } = sums;
  const inv = 1 / squash;
  const { travel, wake } = list;
  if (travel >= list.soonUntil) refreshSoon(list);
  const { soon, soonLength } = list;
  for (let k = 0; k < soonLength; k++) {
    const c = soon[k]!;
    if (travel < wake[c]!) continue;
    const a = firsts[c]!;
    const b = seconds[c]!;
    const image = images[c]!;
    const a2 = next[a]!;
    const b2 = next[b]!;
    const lim = radius[strand[a]!]! + radius[strand[b]!]!;
    io[0] = x[3 * a]!;
    io[1] = x[3 * a + 1]! * inv;
    io[2] = x[3 * a + 2]!;
    io[3] = x[3 * a2]! - x[3 * a]!;
    io[4] = (x[3 * a2 + 1]! + wrap[a]! * period) * inv - x[3 * a + 1]! * inv;
    io[5] = x[3 * a2 + 2]! - x[3 * a + 2]!;
    const by = (x[3 * b + 1]! + image * period) * inv;
    io[6] = x[3 * b]!;
    io[7] = by;
    io[8] = x[3 * b + 2]!;
    io[9] = x[3 * b2]! - x[3 * b]!;
    io[10] = (x[3 * b2 + 1]! + (wrap[b]! + image) * period) * inv - by;
    io[11] = x[3 * b2 + 2]! - x[3 * b + 2]!;
    closestIn(io);
    const dist = Math.sqrt(io[17]!);
    if (dist >= lim) {
      // Each of the two edges closes the gap by what its points travel at the most.
      wake[c] = travel + (dist - lim) / 2;
      continue;
    }
    if (dist < closest * lim) closest = dist / lim;
    const over = lim - dist;
    energy += 0.5 * stiffness * over * over;
    const g = (stiffness * over) / Math.max(dist, 1e-6);
    const s = io[12]!;
    const t = io[13]!;
    const fx = g * io[14]!;
    const fy = g * io[15]! * inv;
    const fz = g * io[16]!;
    strain += g * io[15]! * io[15]!;
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
  sums.energy = energy;
  sums.strain = strain;
  sums.closest = closest;
}
