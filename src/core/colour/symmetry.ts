import type { SolvedWeave } from '../patterns/types.ts';
import { lanesOfWeave } from './lanes.ts';

/** Turns of a band that bring it back onto itself: not at all, end for end, over, or both. None of them mirrors. */
const TURNS = {
  none: [1, 1, 1],
  'about its length': [-1, 1, -1],
  'about the eye’s axis': [-1, -1, 1],
  'about its width': [1, -1, -1],
} as const;

export type Turn = keyof typeof TURNS;

/** A way of a weave to lie on itself: lane i comes to lie where lane `to[i]` was. */
interface Symmetry {
  readonly turn: Turn;
  /** Moved along by this much, in diameters. */
  readonly alongD: number;
  readonly to: readonly number[];
}

/** A strand that lies within this of another's line lies on it; different strands keep a diameter apart. */
const ON_LINE = 0.3;
const POINTS_PER_PERIOD = 14;
const SHIFTS = 48;

interface Curve {
  /** x, y, z of one period after another, over all its periods, evenly spaced. */
  readonly at: readonly (readonly [number, number, number])[];
  readonly spanD: number;
}

/**
 * All ways in which the tight weave lies on itself, found from its geometry: each turn is tried with every shift along a
 * period, and counts when every lane then lies on a lane. A shift by a whole period is among them: it moves the strands of a braid
 * on by one.
 */
export function symmetries(solved: SolvedWeave): Symmetry[] {
  const curves = curvesOf(solved);
  const P = solved.periodD;
  return (Object.keys(TURNS) as Turn[]).flatMap((turn) => {
    // Several shifts may do, by half a period, say: of those that move the lanes alike the closest is kept.
    const best = new Map<string, Symmetry & { readonly off: number }>();
    for (let k = 0; k < SHIFTS; k++) {
      const alongD = (k * P) / SHIFTS;
      const fit = permutation(curves, TURNS[turn], alongD);
      if (!fit) continue;
      const known = best.get(fit.to.join());
      if (!known || fit.off < known.off) best.set(fit.to.join(), { turn, alongD, ...fit });
    }
    return [...best.values()].map(({ off: _off, ...symmetry }) => symmetry);
  });
}

/** Every permutation of lanes that these bring about, one after another, the identity first. */
export function groupOf(list: readonly Symmetry[], solved: Pick<SolvedWeave, 'strands'>): number[][] {
  const n = lanesOfWeave(solved).length;
  const identity = Array.from({ length: n }, (_, i) => i);
  const generators = [...list.map((s) => s.to), shiftByPeriod(solved)];
  const group = new Map([[identity.join(), identity]]);
  const queue = [identity];
  for (let next = queue.pop(); next; next = queue.pop()) {
    for (const g of generators) {
      const product = next.map((i) => g[i]!);
      const key = product.join();
      if (group.has(key)) continue;
      group.set(key, product);
      queue.push(product);
    }
  }
  return [...group.values()];
}

/** One period on, each lane of a strand that passes several times takes the next one's place. */
function shiftByPeriod(solved: Pick<SolvedWeave, 'strands'>): number[] {
  const out: number[] = [];
  for (const s of solved.strands) {
    const first = out.length;
    for (let lane = 0; lane < s.periods; lane++) out.push(first + ((lane + 1) % s.periods));
  }
  return out;
}

/** Lane by lane, each as it starts in the first period. A lane is its strand's line, some periods on. */
function curvesOf(solved: SolvedWeave): Curve[] {
  const P = solved.periodD;
  return solved.strands.flatMap((s, index) => {
    const points = solved.points[index]!;
    const n = points.length / 3;
    const count = POINTS_PER_PERIOD * s.periods;
    const span = s.periods * P;
    const whole = Array.from({ length: count }, (_, i): readonly [number, number, number] => {
      const k = Math.floor((i * n) / count);
      return [points[3 * k]!, points[3 * k + 1]!, points[3 * k + 2]!];
    });
    return Array.from({ length: s.periods }, (_, lane) => ({
      spanD: span,
      at: whole.map(([x, y, z]) => [x, y - lane * P, z] as const),
    }));
  });
}

/** Where each lane comes to lie, if each lies on one; and by how much the worst point is off. */
function permutation(
  curves: readonly Curve[],
  [sx, sy, sz]: readonly [number, number, number],
  alongD: number,
): { to: number[]; off: number } | undefined {
  const to: number[] = [];
  let off = 0;
  for (const curve of curves) {
    let best = -1;
    let bestOff = ON_LINE;
    for (const [j, other] of curves.entries()) {
      if (to.includes(j)) continue;
      const worst = farthest(curve, other, sx, sy, sz, alongD, bestOff);
      if (worst < bestOff) {
        best = j;
        bestOff = worst;
      }
    }
    if (best < 0) return undefined;
    to.push(best);
    off = Math.max(off, bestOff);
  }
  return { to, off };
}

/** The largest distance of the moved curve's points from the other line; given up once it is beyond `limit`. */
function farthest(
  curve: Curve,
  other: Curve,
  sx: number,
  sy: number,
  sz: number,
  alongD: number,
  limit: number,
): number {
  let worst = 0;
  for (const [x, y, z] of curve.at) {
    const d = distance(other, sx * x, sy * y + alongD, sz * z);
    if (d > worst) worst = d;
    if (worst >= limit) return worst;
  }
  return worst;
}

/** From a point to the nearest edge of a curve that repeats itself along y, in diameters. */
export function distance({ at, spanD }: Curve, x: number, y: number, z: number): number {
  let least = Number.POSITIVE_INFINITY;
  for (let i = 0; i < at.length; i++) {
    const a = at[i]!;
    const b = at[(i + 1) % at.length]!;
    const wrap = i + 1 === at.length ? spanD : 0;
    const [ux, uy, uz] = [b[0] - a[0], b[1] + wrap - a[1], b[2] - a[2]];
    const turns = Math.round((y - a[1]) / spanD);
    for (let w = turns - 1; w <= turns + 1; w++) {
      const [px, py, pz] = [x - a[0], y - a[1] - w * spanD, z - a[2]];
      const t = Math.max(0, Math.min(1, (px * ux + py * uy + pz * uz) / (ux * ux + uy * uy + uz * uz || 1)));
      const d = Math.hypot(px - t * ux, py - t * uy, pz - t * uz);
      if (d < least) least = d;
    }
  }
  return least;
}
