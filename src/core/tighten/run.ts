import { seeded } from '../random.ts';
import { fail, ok, type Result } from '../result.ts';
import { build } from '../weave/build.ts';
import { knotInvariant } from '../weave/topology.ts';
import type { Rope, WeaveSpec } from '../weave/types.ts';
import { createContacts } from './contacts.ts';
import { kick } from './kick.ts';
import { pressOf } from './press.ts';
import { resample } from './resample.ts';
import { createState, strandLengths, toRope } from './state.ts';
import { createFire, type Fire, step } from './step.ts';
import { swing } from './swing.ts';

export interface TightenOptions {
  /** Edge length of the finest stage in cord diameters. */
  readonly h: number;
  readonly seed: number;
  /** Row squash a ≤ 1. */
  readonly squash: number;
  /** End load along the piece in strand tensions; below 0 the piece is held taut. */
  readonly load: number;
  /** How many times the usual number of steps each stage may take. */
  readonly patience: number;
  /** How many times the usual forces may be left over: 1 for what is measured, more for what is only looked at. */
  readonly ease: number;
  /** Half the room between two plates that hold it flat, in cord diameters; missing where nothing does, and in weaves that wind. */
  readonly flatWithin?: number | undefined;
  /** Drawn as a mat: once tight, its leads are swung out of the plane and it is pulled tight again (see swing.ts). */
  readonly swings: boolean;
}

export const DEFAULTS: TightenOptions = {
  h: 0.2,
  seed: 1,
  squash: 1,
  load: 0,
  patience: 1,
  ease: 1,
  swings: false,
};

interface Convergence {
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
  /** Closed knots: lengths carried on to h = 0 (error falls as h², Richardson). */
  readonly limitLengths: readonly number[] | undefined;
  readonly convergence: Convergence;
  /** How hard and from where every point is squeezed flat: x, y, z per strand and point (see press.ts). */
  readonly press: readonly Float64Array[];
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
const PASS_LIMIT = 0.3;

/** A weave is drawn loosely: held taut it may grow a little at first, but never to so many times its drawn length. */
const MOST_STRETCH = 2;

/**
 * No edge is longer than this many radii of the thinnest strand: another could slip across between two points, and on
 * longer ones (2.4 was tried) the corners of thin strands hook into each other before their rows have slid together.
 */
const LONGEST_EDGE = 1.6;

/**
 * From coarse and soft to fine and hard. Closed knots are measured to a fraction of a per cent, so they get hard
 * contacts at two resolutions, from which the length at h = 0 follows.
 */
const stages = (h: number, closed: boolean, thinnest: number): Stage[] => [
  { h: Math.max(Math.min(0.6, LONGEST_EDGE * thinnest), h), stiffness: 30, steps: 6000, tolerance: 3e-3 },
  { h: Math.max(Math.min(0.4, LONGEST_EDGE * thinnest), h), stiffness: 100, steps: 2000, tolerance: 5e-3 },
  ...(closed ? [{ h: h * COARSER, stiffness: 1000, steps: 6000, tolerance: 1.5e-3 }] : []),
  { h, stiffness: closed ? 1000 : 300, steps: closed ? 6000 : 3500, tolerance: closed ? 1.5e-3 : 3e-3 },
];

/** The coarser of the two resolutions of a closed knot, over the finer. */
const COARSER = 1.5;

export interface SolveProgress {
  readonly done: number;
  readonly rope: () => Rope;
}

interface Pulled {
  readonly rope: Rope;
  readonly fire: Fire;
  readonly leastEver: number;
  readonly steps: number;
}

type Watch = (share: number, rope: () => Rope) => boolean;

/** One stage: resample, then step until the forces are small. Nothing comes back when it was stopped or flew apart. */
function pull(start: Rope, stage: Stage, options: TightenOptions, watch: Watch): Result<Pulled> {
  const rope = resample(start, stage.h);
  const state = createState(rope);
  const contacts = createContacts(state.count);
  const fire = createFire();
  const medium = {
    stiffness: stage.stiffness,
    squash: options.squash,
    load: options.load,
    flatWithin: options.flatWithin,
  };
  const tolerance = stage.tolerance * options.ease;
  let leastEver = Number.POSITIVE_INFINITY;
  let steps = 0;
  for (; steps < stage.steps * options.patience; steps++) {
    step(state, contacts, medium, fire);
    leastEver = Math.min(leastEver, fire.energies.closest);
    if (options.load < 0 && state.period > MOST_STRETCH * start.period) return tooTaut();
    if (!Number.isFinite(fire.residual) || contacts.capacityHit) return unstable();
    if (steps > 20 && fire.residual < tolerance && Math.abs(fire.periodForce) < tolerance) break;
    if (steps % 40 === 0 && !watch(steps / (stage.steps * options.patience), () => toRope(state, rope))) {
      return fail({ code: 'tighten.cancelled', path: '', message: 'Stopped before the knot was tight.' });
    }
  }
  return ok({ rope: toRope(state, rope), fire, leastEver, steps });
}

/** How often a closed knot is kicked in each of its coarse stages, and how hard in diameters. */
const KICKED_STAGES = 2;
const KICKS = 8;
const KICK_SIZE = 0.5;
/** A kicked state in which strands came nearer than this is not looked at. */
const KICK_LIMIT = 0.4;
/** A kick counts when it leaves the knot this much shorter. */
const WORTH = 0.0005;

/**
 * Pulls a rope tight in stages from coarse and soft to fine and hard. A closed knot, which has no cores to guide it, is
 * kicked off saddles while coarse and keeps its shortest state. `onProgress` is called every few dozen steps; when it
 * returns false the run stops with the issue `tighten.cancelled`.
 */
export function run(
  start: Rope,
  options: TightenOptions,
  onProgress?: (p: SolveProgress) => boolean,
): Result<Tight> {
  // On a mandrel a closed strand is guided, as a band's strands are by their cores.
  const isClosed = !start.mandrel && start.strands.every((s) => s.kind === 'closed');
  const thinnest = Math.min(...start.strands.map((s) => s.radius));
  const plan = stages(options.h, isClosed, thinnest);
  const random = seeded(options.seed + 7);
  const lengths: number[][] = [];
  let [leastEver, steps] = [Number.POSITIVE_INFINITY, 0];
  let last: Pulled | undefined;
  const runs = isClosed ? plan.length + KICKED_STAGES * KICKS : plan.length;
  let done = 0;
  const pulled = (rope: Rope, stage: Stage) => {
    const result = pull(
      rope,
      stage,
      options,
      (share, now) => onProgress?.({ done: (done + share) / runs, rope: now }) ?? true,
    );
    done++;
    if (result.ok) steps += result.value.steps;
    return result;
  };
  for (const [index, stage] of plan.entries()) {
    const result = pulled(last?.rope ?? start, stage);
    if (!result.ok) return result;
    last = result.value;
    leastEver = Math.min(leastEver, last.leastEver);
    for (let k = 0; isClosed && index < KICKED_STAGES && k < KICKS; k++) {
      const tried = pulled(kick(last.rope, KICK_SIZE, random), stage);
      if (!tried.ok) return tried;
      const { value } = tried;
      if (value.leastEver < KICK_LIMIT || totalLength(value.rope) > totalLength(last.rope) * (1 - WORTH))
        continue;
      last = value;
      leastEver = Math.min(leastEver, value.leastEver);
    }
    lengths.push([...strandLengths(createState(last.rope))]);
  }
  const { rope, fire } = last!;
  const [coarse, fine] = lengths.slice(-2) as [number[], number[]];
  return ok({
    rope,
    lengths: fine,
    limitLengths: isClosed ? fine.map((l, i) => l + (l - coarse[i]!) / (COARSER ** 2 - 1)) : undefined,
    convergence: {
      residual: fire.residual,
      periodForce: fire.periodForce,
      overlap: 1 - fire.energies.closest,
      leastEver,
      steps,
    },
    press: pressOf(rope, { stiffness: plan.at(-1)!.stiffness, squash: options.squash }),
    invariant: knotInvariant(rope),
  });
}

const totalLength = (rope: Rope): number => strandLengths(createState(rope)).reduce((sum, l) => sum + l, 0);

/** Builds a weave from its notation, pulls it tight, and proves that it is still the same knot. */
export function tighten(
  spec: WeaveSpec,
  options: TightenOptions,
  onProgress?: (p: SolveProgress) => boolean,
): Result<Tight> {
  const built = build(spec, seeded(options.seed));
  if (!built.ok) return built;
  const mat = prove(built.value.rope, options, onProgress);
  if (!mat.ok || !options.swings) return mat;
  const worn = prove(swing(mat.value.rope), options, onProgress);
  // The knot is told by the mat's invariant: the leads' new ways would change it, though not the knot.
  return worn.ok ? ok({ ...worn.value, invariant: mat.value.invariant }) : worn;
}

/** Pulls tight and refuses a result in which strands may have passed through each other. */
function prove(
  start: Rope,
  options: TightenOptions,
  onProgress?: (p: SolveProgress) => boolean,
): Result<Tight> {
  const tight = run(start, options, onProgress);
  if (tight.ok && tight.value.convergence.leastEver < PASS_LIMIT) {
    const share = Math.round(tight.value.convergence.leastEver * 100);
    return fail({
      code: 'tighten.passed',
      path: '',
      message: `Two strands came as near as ${share} % of touching: they may have passed through each other, so no number is given. Draw the start more loosely.`,
    });
  }
  if (tight.ok && tight.value.invariant !== knotInvariant(start)) {
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

const tooTaut = () =>
  fail({
    code: 'tighten.taut',
    path: '',
    message:
      'It is held more taut along the piece than its strands pull, so that its rows come apart: less load, or more weight on the strands.',
  });
