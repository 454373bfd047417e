import { seeded } from '../random.ts';
import { fail, ok, type Result } from '../result.ts';
import { build } from '../weave/build.ts';
import { knotInvariant } from '../weave/topology.ts';
import type { Rope, WeaveSpec } from '../weave/types.ts';
import { createContacts } from './contacts.ts';
import { resample } from './resample.ts';
import { createState, type State, strandLengths, toRope } from './state.ts';
import { createFire, step } from './step.ts';

export interface TightenOptions {
  /** Edge length of the finest stage in cord diameters. */
  readonly h: number;
  readonly seed: number;
  /** Row squash a ≤ 1. */
  readonly squash: number;
  /** End load along the piece in strand tensions. */
  readonly load: number;
}

export const DEFAULTS: TightenOptions = { h: 0.2, seed: 1, squash: 1, load: 0 };

export interface Convergence {
  /** Root mean square force per point, in strand tensions. */
  readonly residual: number;
  /** dE/dP left over, in strand tensions. */
  readonly periodForce: number;
  /** Largest overlap of two cords, as a share of touching distance. */
  readonly overlap: number;
  /** Least distance between two strands at any step, as a share of touching distance. */
  readonly leastEver: number;
  readonly steps: number;
}

export interface Tight {
  readonly rope: Rope;
  readonly lengths: readonly number[];
  readonly convergence: Convergence;
  /** The knot's invariant, the same before and after (see weave/topology). */
  readonly invariant: number;
}

interface Stage {
  readonly h: number;
  readonly stiffness: number;
  readonly steps: number;
  readonly tolerance: number;
}

/** Below this share of touching distance strands may have passed through each other. */
export const PASS_LIMIT = 0.3;

const stages = (h: number, closed: boolean): Stage[] => [
  { h: Math.max(0.6, h), stiffness: 30, steps: 6000, tolerance: 3e-3 },
  { h: Math.max(0.4, h), stiffness: 100, steps: 2000, tolerance: 5e-3 },
  { h, stiffness: closed ? 1000 : 300, steps: 3500, tolerance: 3e-3 },
];

export interface Progress {
  readonly done: number;
  readonly rope: () => Rope;
}

/**
 * Pulls a rope tight in stages from coarse and soft to fine and hard. `onProgress` is called every few dozen steps;
 * when it returns false the run stops with the issue `tighten.cancelled`.
 */
export function run(
  start: Rope,
  options: TightenOptions,
  onProgress?: (p: Progress) => boolean,
): Result<Tight> {
  let rope = start;
  let state: State | undefined;
  let fire = createFire();
  let leastEver = Number.POSITIVE_INFINITY;
  let steps = 0;
  const plan = stages(options.h, rope.period === 0);
  for (const [index, stage] of plan.entries()) {
    rope = resample(rope, stage.h);
    state = createState(rope);
    const contacts = createContacts(state.count);
    fire = createFire();
    const medium = { stiffness: stage.stiffness, squash: options.squash, load: options.load };
    for (let i = 0; i < stage.steps; i++) {
      step(state, contacts, medium, fire);
      steps++;
      leastEver = Math.min(leastEver, fire.energies.closest);
      if (!Number.isFinite(fire.residual) || contacts.capacityHit) return unstable();
      if (i > 20 && fire.residual < stage.tolerance && Math.abs(fire.periodForce) < stage.tolerance) break;
      if (onProgress && i % 40 === 0) {
        const done = (index + i / stage.steps) / plan.length;
        const current = state;
        if (!onProgress({ done, rope: () => toRope(current, rope) })) {
          return fail({ code: 'tighten.cancelled', path: '', message: 'Stopped before the knot was tight.' });
        }
      }
    }
    rope = toRope(state, rope);
  }
  const convergence: Convergence = {
    residual: fire.residual,
    periodForce: fire.periodForce,
    overlap: 1 - fire.energies.closest,
    leastEver,
    steps,
  };
  return ok({ rope, lengths: [...strandLengths(state!)], convergence, invariant: knotInvariant(rope) });
}

/** Builds a weave from its notation, pulls it tight, and proves that it is still the same knot. */
export function tighten(
  spec: WeaveSpec,
  options: TightenOptions,
  onProgress?: (p: Progress) => boolean,
): Result<Tight> {
  const built = build(spec, seeded(options.seed));
  if (!built.ok) return built;
  const tight = run(built.value.rope, options, onProgress);
  if (tight.ok && tight.value.convergence.leastEver < PASS_LIMIT) {
    const share = Math.round(tight.value.convergence.leastEver * 100);
    return fail({
      code: 'tighten.passed',
      path: '',
      message: `Two strands came as near as ${share} % of touching: they may have passed through each other, so no number is given. Draw the start more loosely.`,
    });
  }
  if (tight.ok && tight.value.invariant !== knotInvariant(built.value.rope)) {
    return fail({
      code: 'tighten.changed',
      path: '',
      message:
        'The tight knot is not the one that was drawn: a strand passed through another, so no number is given. Draw the start more loosely.',
    });
  }
  return tight;
}

const unstable = () =>
  fail({
    code: 'tighten.unstable',
    path: '',
    message: 'The strands could not be kept apart; draw them further from each other.',
  });
