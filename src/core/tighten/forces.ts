import type { Pins } from '../weave/types.ts';
import { addContacts, type ContactSums, type Contacts, refreshContacts } from './contacts.ts';
import type { Energies, Medium } from './medium.ts';
import { edgeLength, type State } from './state.ts';
import { addTwistedContacts, addTwistedEdges } from './twisted.ts';

const sums: ContactSums = { energy: 0, strain: 0, closest: 1 };

/**
 * Forces on every point and on the strain ε (y → y·(1+ε) with the period), for
 * E = Σ (w/2h)·|edge|² + bend limit + mandrel + contacts + load·P, h being the strand's current mean edge held constant.
 * Cores pull themselves straight but their pull along the piece is the maker's hand, so it is left out of ε.
 */
export function evaluate(state: State, list: Contacts, medium: Medium, out: Energies): void {
  const { count, x, f, next, prev, wrap, strand, radius, weight, core, meanEdge, period } = state;
  f.fill(0);
  refreshMeanEdges(state);
  refreshContacts(list, state, medium.squash);
  if (state.isTurning) {
    evaluateTurning(state, list, medium, out);
    return;
  }
  let energy = medium.load * period;
  let strain = -medium.load * period;
  for (let i = 0; i < count; i++) {
    const j = next[i]!;
    if (j < 0) continue;
    const s = strand[i]!;
    const dx = x[3 * j]! - x[3 * i]!;
    const dy = x[3 * j + 1]! + wrap[i]! * period - x[3 * i + 1]!;
    const dz = x[3 * j + 2]! - x[3 * i + 2]!;
    const c = weight[s]! / meanEdge[s]!;
    energy += 0.5 * c * (dx * dx + dy * dy + dz * dz);
    if (!core[s]!) strain -= c * dy * dy;
    f[3 * i]! += c * dx;
    f[3 * i + 1]! += c * dy;
    f[3 * i + 2]! += c * dz;
    f[3 * j]! -= c * dx;
    f[3 * j + 1]! -= c * dy;
    f[3 * j + 2]! -= c * dz;
  }
  // Bend limit: the chord over two edges is at least that of a circle of the strand's own radius.
  const inv = 1 / medium.squash;
  for (let i = 0; i < count; i++) {
    const j = next[i]!;
    const p = prev[i]!;
    if (j < 0 || p < 0) continue;
    const s = strand[i]!;
    const h = meanEdge[s]!;
    const ratio = Math.min(0.95, h / (2 * radius[s]!));
    const least = 2 * h * Math.sqrt(1 - ratio * ratio);
    const dx = x[3 * j]! - x[3 * p]!;
    const dy = (x[3 * j + 1]! - x[3 * p + 1]! + (wrap[i]! + wrap[p]!) * period) * inv;
    const dz = x[3 * j + 2]! - x[3 * p + 2]!;
    const chord = Math.sqrt(dx * dx + dy * dy + dz * dz);
    if (chord >= least) continue;
    const over = least - chord;
    const g = (medium.stiffness * over) / Math.max(chord, 1e-6);
    energy += 0.5 * medium.stiffness * over * over;
    strain += g * dy * dy;
    f[3 * j]! += g * dx;
    f[3 * j + 1]! += g * dy * inv;
    f[3 * j + 2]! += g * dz;
    f[3 * p]! -= g * dx;
    f[3 * p + 1]! -= g * dy * inv;
    f[3 * p + 2]! -= g * dz;
  }
  if (state.mandrel > 0) {
    for (let i = 0; i < count; i++) {
      const least = state.mandrel + radius[strand[i]!]!;
      const out = Math.hypot(x[3 * i]!, x[3 * i + 2]!);
      if (out >= least || out < 1e-9) continue;
      const g = medium.stiffness * (least - out);
      energy += 0.5 * g * (least - out);
      f[3 * i]! += (g * x[3 * i]!) / out;
      f[3 * i + 2]! += (g * x[3 * i + 2]!) / out;
    }
  }
  if (medium.flatWithin !== undefined) energy += addPlates(state, medium.stiffness, medium.flatWithin);
  if (state.pins) energy += addPins(state, state.pins, medium.stiffness);
  sums.energy = 0;
  sums.strain = 0;
  sums.closest = 1;
  addContacts(list, state, medium.stiffness, medium.squash, sums);
  state.strainF = period > 0 ? strain + sums.strain : 0;
  out.energy = energy + sums.energy;
  out.closest = sums.closest;
}

/** Two plates above and below, between which the piece is held flat: cords that reach beyond them are pushed back. Returns their energy. */
function addPlates({ x, f, count, radius, strand }: State, stiffness: number, flatWithin: number): number {
  let energy = 0;
  for (let i = 0; i < count; i++) {
    const z = x[3 * i + 2]!;
    const over = Math.abs(z) + radius[strand[i]!]! - flatWithin;
    if (over <= 0) continue;
    energy += 0.5 * stiffness * over * over;
    f[3 * i + 2]! -= Math.sign(z) * stiffness * over;
  }
  return energy;
}

/**
 * Pins push cords away along the mandrel's surface: a point nearer to a pin than both radii is pushed off it, along y and
 * round the axis. Returns their energy. Each point looks at the nearest pin of each row only, as rows are regular.
 */
function addPins(state: State, pins: Pins, stiffness: number): number {
  const { x, f, count, radius, strand } = state;
  let energy = 0;
  const spacing = (2 * Math.PI) / pins.count;
  for (let i = 0; i < count; i++) {
    const out = Math.hypot(x[3 * i]!, x[3 * i + 2]!);
    const least = pins.radius + radius[strand[i]!]!;
    const angle = Math.atan2(-x[3 * i]!, x[3 * i + 2]!);
    for (let side = -1; side <= 1; side += 2) {
      const dy = x[3 * i + 1]! - side * pins.halfWidth;
      if (Math.abs(dy) >= least || out < 1e-9) continue;
      const at = angle / spacing - (side > 0 ? pins.shift * pins.count : 0);
      const du = (at - Math.round(at)) * spacing * out;
      const distance = Math.hypot(dy, du);
      if (distance >= least || distance < 1e-9) continue;
      const g = (stiffness * (least - distance)) / distance;
      energy += 0.5 * g * distance * (least - distance);
      f[3 * i + 1]! += g * dy;
      // Round the axis in the winding direction: (−cos a, 0, −sin a).
      f[3 * i]! -= (g * du * x[3 * i + 2]!) / out;
      f[3 * i + 2]! += (g * du * x[3 * i]!) / out;
    }
  }
  return energy;
}

function evaluateTurning(state: State, list: Contacts, medium: Medium, out: Energies): void {
  sums.energy = medium.load * state.period;
  sums.strain = -medium.load * state.period;
  sums.closest = 1;
  state.turnF = 0;
  addTwistedEdges(state, medium, sums);
  addTwistedContacts(list, state, medium, sums);
  state.strainF = sums.strain;
  out.energy = sums.energy;
  out.closest = sums.closest;
}

export function refreshMeanEdges(state: State): void {
  const { x, next, wrap, first, size, meanEdge, period } = state;
  const isStraight = state.turn === 0;
  for (let s = 0; s < first.length; s++) {
    let total = 0;
    let edges = 0;
    const end = first[s]! + size[s]!;
    for (let i = first[s]!; i < end; i++) {
      const j = next[i]!;
      if (j < 0) continue;
      edges++;
      if (!isStraight) {
        total += edgeLength(state, i);
        continue;
      }
      const dx = x[3 * j]! - x[3 * i]!;
      const dy = x[3 * j + 1]! - x[3 * i + 1]! + wrap[i]! * period;
      const dz = x[3 * j + 2]! - x[3 * i + 2]!;
      total += Math.sqrt(dx * dx + dy * dy + dz * dz);
    }
    meanEdge[s] = total / Math.max(1, edges);
  }
}
