import { below, SURELY } from './normal.ts';

/** An end of cord: its share of variance that all ends have in common (same maker, cord and piece), 0 to 1. */
interface JointEnds {
  /** One for each end. */
  readonly loadings: readonly number[];
  /** Degrees of freedom of the common scale of all variances: how well that scale is known. */
  readonly nu: number;
  /** By how many standard deviations an end is longer than the common margin anyhow; none where it is missing. */
  readonly surpluses?: readonly number[];
}

/** Half-width of the integral over what the ends share, in standard deviations: 2·10⁻⁹ lies beyond it. */
const REACH = 6;

interface AlikeEnds {
  readonly margin: number;
  readonly root: number;
  readonly own: number;
  readonly count: number;
}

/** Ends with one margin and one loading are counted together: their factors are powers of one. */
function alikeOf(margins: readonly number[], loadings: readonly number[]): AlikeEnds[] {
  const groups: AlikeEnds[] = [];
  margins.forEach((margin, i) => {
    const rho = Math.min(0.995, Math.max(0, loadings[i]!));
    const root = Math.sqrt(rho);
    const at = groups.findIndex((g) => g.margin === margin && g.root === root);
    if (at < 0) groups.push({ margin, root, own: Math.sqrt(1 - rho), count: 1 });
    else groups[at] = { ...groups[at]!, count: groups[at]!.count + 1 };
  });
  return groups;
}

/** Nodes of the trapezoid rule over what the ends share, and the normal weight at each. */
interface Grid {
  readonly weight: Float64Array;
  /** Sum of the weights of all nodes before this one. */
  readonly before: Float64Array;
}

/** A step follows from a loading in two-hundredths, so that there are few; other loadings are rare. */
const MOST_GRIDS = 400;
const grids = new Map<number, Grid>();

function gridOf(step: number): Grid {
  const known = grids.get(step);
  if (known) return known;
  const count = Math.floor((2 * REACH) / step) + 1;
  const weight = new Float64Array(count);
  const before = new Float64Array(count + 1);
  for (let i = 0; i < count; i++) {
    const t = i * step - REACH;
    weight[i] = (Math.exp((-t * t) / 2) * step) / Math.sqrt(2 * Math.PI);
    before[i + 1] = before[i]! + weight[i]!;
  }
  if (grids.size >= MOST_GRIDS) grids.clear();
  grids.set(step, { weight, before });
  return { weight, before };
}

/** The step that follows the steepest factor. */
function stepOf(loadings: readonly number[]): number {
  const steepest = Math.min(0.995, Math.max(0.01, ...loadings));
  return Math.min(0.25, (0.55 * Math.sqrt(1 - steepest)) / Math.sqrt(steepest));
}

/** The integral of `allBelow` with all margins times a factor. */
function integralOf(groups: readonly AlikeEnds[], step: number, factor: number): number {
  const { weight, before } = gridOf(step);
  // Up to here no end runs out: every factor is 1, and the weights are summed already.
  let upTo = Number.POSITIVE_INFINITY;
  for (const { margin, root, own } of groups) {
    const sure = margin * factor - SURELY * own;
    if (root > 0) upTo = Math.min(upTo, sure / root);
    else if (sure <= 0) upTo = Number.NEGATIVE_INFINITY;
  }
  const first = Math.max(0, Math.min(weight.length, Math.ceil((upTo + REACH) / step)));
  let sum = before[first]!;
  for (let i = first; i < weight.length; i++) {
    const t = i * step - REACH;
    let all = weight[i]!;
    for (const { margin, root, own, count } of groups) {
      const share = below((margin * factor - root * t) / own);
      for (let k = 0; k < count; k++) all *= share;
    }
    // From here on one of them runs out for certain.
    if (all === 0) break;
    sum += all;
  }
  return Math.min(1, sum);
}

/**
 * Chance that every end stays below its margin, for a known scale: the ends share one normal factor t and each has its
 * own, so that  G = ∫ φ(t) ∏ Φ((zᵢ − √ρᵢ·t)/√(1−ρᵢ)) dt.
 * Trapezoid on −6…6 with a step that follows the steepest factor; within 0.0004 of two million draws.
 */
export function allBelow(margins: readonly number[], loadings: readonly number[]): number {
  if (margins.length === 1) return below(margins[0]!);
  return integralOf(alikeOf(margins, loadings), stepOf(loadings), 1);
}

const NODES = Array.from({ length: 16 }, (_, i) => -3.6 + (9.2 * i) / 15);

/**
 * The same chance where the common scale φ of all variances is itself uncertain (φ ~ inverse gamma with ν degrees of
 * freedom): F = Σ ωᵢ·G(z/√φᵢ), 16 nodes uᵢ = (−3.6…5.6)·√(2/ν), φᵢ = e^uᵢ, ωᵢ ∝ exp(−(ν/2)(uᵢ + e^−uᵢ)).
 */
export function allReach(margins: readonly number[], { loadings, nu }: JointEnds, scale = 1): number {
  if (margins.length === 0) return 1;
  const [groups, step] = [alikeOf(margins, loadings), stepOf(loadings)];
  let [sum, weights] = [0, 0];
  for (const node of NODES) {
    const u = node * Math.sqrt(2 / nu);
    const weight = Math.exp((-nu / 2) * (u + Math.exp(-u) - 1));
    const factor = 1 / Math.sqrt(scale * Math.exp(u));
    sum += weight * (margins.length === 1 ? below(margins[0]! * factor) : integralOf(groups, step, factor));
    weights += weight;
  }
  return sum / weights;
}

const known = new Map<string, number>();
/** Loadings are told apart this finely; a hundredth moves a chance of 98 % by 0.05 points. */
const FINE = 200;
const MOST_KNOWN = 4000;

/** Surpluses are told apart this finely; a thirtieth moves a chance of 98 % by 0.1 points. */
const FINE_SURPLUS = 30;

/** How far a chance is from a promise, in log odds: nearly a straight line in the margin. */
const oddsOf = (chance: number, promise: number): number =>
  Math.log(
    (Math.max(1e-12, 1 - promise) * Math.max(1e-12, chance)) / (Math.max(1e-12, 1 - chance) * promise),
  );

const [LEAST_Q, MOST_Q] = [-3, 12];
/** Margins are told apart so finely. */
const Q_TOLERANCE = 1e-7;

/** Where a rising function is nought, by secants that are kept between two bounds. */
function rootOf(f: (q: number) => number): number {
  let [low, high] = [LEAST_Q, MOST_Q];
  let [before, now] = [1.8, 2.3];
  let [fBefore, fNow] = [f(before), f(now)];
  for (let i = 0; i < 40; i++) {
    for (const [q, y] of [
      [before, fBefore],
      [now, fNow],
    ] as const)
      if (y < 0) low = Math.max(low, q);
      else high = Math.min(high, q);
    const secant = now - (fNow * (now - before)) / (fNow - fBefore);
    const next = secant > low && secant < high ? secant : (low + high) / 2;
    if (Math.abs(next - now) <= Q_TOLERANCE) return next;
    [before, fBefore] = [now, fNow];
    [now, fNow] = [next, f(next)];
  }
  return now;
}

/**
 * The one margin, in standard deviations, at which all ends reach with the promised chance: F(q) = promise.
 * @param promise 0.5 … 0.9999
 */
export function marginFor(promise: number, ends: JointEnds): number {
  if (ends.loadings.length === 0) return 0;
  const coarse = ends.loadings.map((rho) => Math.round(rho * FINE) / FINE);
  const over = ends.loadings.map(
    (_, i) => Math.round((ends.surpluses?.[i] ?? 0) * FINE_SURPLUS) / FINE_SURPLUS,
  );
  const key = `${promise} ${ends.nu} ${coarse
    .map((rho, i) => `${rho}+${over[i]}`)
    .sort()
    .join(' ')}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const q = rootOf((margin) =>
    oddsOf(
      allReach(
        over.map((surplus) => margin + surplus),
        { loadings: coarse, nu: ends.nu },
      ),
      promise,
    ),
  );
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, q);
  return q;
}
