import type { Contacts } from './contacts.ts';
import { evaluate } from './forces.ts';
import type { Energies, Medium } from './medium.ts';
import type { State } from './state.ts';
import { twist } from './twisted.ts';

/** FIRE descent (Bitzek et al., 2006): molecular dynamics that brakes whenever it climbs. */
export interface Fire {
  dt: number;
  mix: number;
  goodSteps: number;
  /** Root mean square force per point of the last step, in strand tensions. */
  residual: number;
  /** Force on the period, dE/dP, in strand tensions. */
  periodForce: number;
  readonly energies: Energies;
}

const DT_MAX = 0.35;
const MAX_STEP = 0.08;

export const createFire = (): Fire => ({
  dt: 0.05,
  mix: 0.1,
  goodSteps: 0,
  residual: Number.POSITIVE_INFINITY,
  periodForce: Number.POSITIVE_INFINITY,
  energies: { energy: 0, closest: 1 },
});

/**
 * One step. No point moves by more than 0.08 d nor by more than 0.4 of the least distance between strands.
 * The strain moves as one more coordinate of mass n·P²/40: light enough to lead, as the points
 * follow an affine strain without being pushed.
 */
export function step(state: State, list: Contacts, medium: Medium, fire: Fire): void {
  const { x, v, f, count, held } = state;
  evaluate(state, list, medium, fire.energies);
  for (let i = 0; i < count; i++) {
    if (held[i]) f[3 * i] = f[3 * i + 1] = f[3 * i + 2] = 0;
  }
  const mass = Math.max(1e-9, (count * state.period * state.period) / 40);
  const sf = state.strainF / Math.sqrt(mass);
  const tf = state.turnF / Math.sqrt(count);
  let power = sf * state.strainV + tf * state.turnV;
  let ff = sf * sf + tf * tf;
  let vv = state.strainV * state.strainV + state.turnV * state.turnV;
  for (let i = 0; i < 3 * count; i++) {
    power += f[i]! * v[i]!;
    ff += f[i]! * f[i]!;
    vv += v[i]! * v[i]!;
  }
  fire.residual = Math.sqrt(ff / count);
  fire.periodForce = state.period > 0 ? state.strainF / state.period : 0;
  if (Math.abs(state.turnF) > Math.abs(fire.periodForce)) fire.periodForce = state.turnF;
  if (power > 0) {
    const scale = ff > 0 ? fire.mix * Math.sqrt(vv / ff) : 0;
    for (let i = 0; i < 3 * count; i++) v[i] = (1 - fire.mix) * v[i]! + scale * f[i]!;
    state.strainV = (1 - fire.mix) * state.strainV + scale * sf;
    state.turnV = (1 - fire.mix) * state.turnV + scale * tf;
    if (++fire.goodSteps > 5) {
      fire.dt = Math.min(fire.dt * 1.1, DT_MAX / Math.sqrt(Math.max(1, medium.stiffness / 30)));
      fire.mix *= 0.99;
    }
  } else {
    v.fill(0);
    state.strainV = 0;
    state.turnV = 0;
    fire.dt *= 0.5;
    fire.mix = 0.1;
    fire.goodSteps = 0;
  }
  fire.dt = Math.max(fire.dt, 1e-4);
  let fastest = 0;
  for (let i = 0; i < 3 * count; i++) {
    v[i]! += fire.dt * f[i]!;
    const size = Math.abs(v[i]!);
    if (size > fastest) fastest = size;
  }
  state.strainV += fire.dt * sf;
  state.turnV += fire.dt * tf;
  const limit = Math.min(MAX_STEP, 0.4 * fire.energies.closest);
  const cut = fastest * fire.dt > limit ? limit / (fastest * fire.dt) : 1;
  const dt = fire.dt * cut;
  for (let i = 0; i < 3 * count; i++) x[i]! += dt * v[i]!;
  let moved = dt * fastest * Math.sqrt(3);
  if (state.period > 0) {
    let strain = (dt * state.strainV) / Math.sqrt(mass);
    strain = Math.max(-0.01, Math.min(0.01, strain));
    state.period *= 1 + strain;
    let reach = 0;
    for (let i = 0; i < count; i++) {
      x[3 * i + 1]! *= 1 + strain;
      reach = Math.max(reach, Math.abs(x[3 * i + 1]!));
    }
    moved += Math.abs(strain) * 2 * (reach + state.period);
  }
  if (state.isTurning) moved += turnBy((dt * state.turnV) / Math.sqrt(count), state);
  list.travel += moved / medium.squash;
}

/** Turns the weave by a small angle; returns how far that can move a point or an image of one. */
function turnBy(angle: number, state: State): number {
  const small = Math.max(-0.01, Math.min(0.01, angle));
  twist(state, small);
  let reach = 0;
  for (let i = 0; i < state.count; i++) {
    const [x, y, z] = [state.x[3 * i]!, state.x[3 * i + 1]!, state.x[3 * i + 2]!];
    reach = Math.max(reach, Math.hypot(x, z) * (Math.abs(y) / state.period + 2));
  }
  return Math.abs(small) * reach;
}
