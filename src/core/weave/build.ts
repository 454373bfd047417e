import { fail, ok, type Result } from '../result.ts';
import { findCrossings, outline } from './crossings.ts';
import type { Crossing, Rope, RopeStrand, WeaveSpec } from './types.ts';
import { wind } from './wind.ts';

/** Height of a strand over the drawing plane at a crossing, in cord diameters. */
const LIFT = 0.75;
/** How far the start is shaken, in diameters: 2 % of a grid unit each way. */
const JITTER = 0.08;

interface Built {
  readonly rope: Rope;
  readonly crossings: readonly Crossing[];
}

/**
 * Lifts a planar diagram into space: ±0.75 d at every crossing, straight between. `random` (0…1) shakes the start
 * by 2 % of a diameter per unit so that it does not rest on a symmetric saddle.
 */
export function build(spec: WeaveSpec, random: () => number): Result<Built> {
  const crossings = findCrossings(spec);
  if (!crossings.ok) return crossings;
  if (crossings.value.length === 0) {
    return fail({
      code: 'notation.loose',
      path: 'line 1, column 1',
      message: 'No strand crosses another: there is nothing to pull tight.',
    });
  }
  return ok({ rope: lift(spec, crossings.value, random), crossings: crossings.value });
}

/** The rope of a diagram whose crossings are known. */
export function lift(spec: WeaveSpec, crossings: readonly Crossing[], random: () => number): Rope {
  const strands = spec.strands.map((strand, s): RopeStrand => {
    const flat = liftStrand(
      outline(strand, spec),
      heights(crossings, s, strand.role === 'core'),
      spec.kind === 'open',
    );
    for (let i = 0; i < flat.length; i++) flat[i]! += (random() - 0.5) * JITTER;
    return {
      name: strand.name,
      role: strand.role,
      kind: spec.kind === 'weave' ? 'periodic' : spec.kind === 'knot' ? 'closed' : 'open',
      periods: strand.periods,
      radius: strand.radius,
      weight: strand.weight,
      points: flat,
    };
  });
  return spec.turn === undefined
    ? { strands, period: spec.period }
    : wind({ strands, period: spec.period, turn: 0 }, (spec.turn * Math.PI) / 180);
}

/** [arc parameter, height] of a strand's visits; a core stays in the plane and lets the others go round it. */
export function heights(crossings: readonly Crossing[], strand: number, isCore: boolean): [number, number][] {
  const out: [number, number][] = [];
  for (const c of crossings) {
    if (c.over.strand === strand) out.push([c.over.at, isCore ? 0 : LIFT]);
    if (c.under.strand === strand) out.push([c.under.at, isCore ? 0 : -LIFT]);
  }
  return out.sort((p, q) => p[0] - q[0]);
}

function liftStrand(
  path: [number, number][],
  visits: readonly [number, number][],
  isOpen: boolean,
): Float64Array {
  const edges = path.length - 1;
  const params = new Set<number>(visits.map((v) => v[0]));
  for (let i = 0; i < edges; i++) params.add(i);
  if (isOpen) params.add(edges);
  const sorted = [...params].sort((p, q) => p - q);
  const out = new Float64Array(3 * sorted.length);
  for (const [k, at] of sorted.entries()) {
    const i = Math.min(edges - 1, Math.floor(at));
    const t = at - i;
    out[3 * k] = path[i]![0] * (1 - t) + path[i + 1]![0] * t;
    out[3 * k + 1] = path[i]![1] * (1 - t) + path[i + 1]![1] * t;
    out[3 * k + 2] = heightAt(at, visits, edges, isOpen);
  }
  return out;
}

/** Linear between visits; closed strands wrap round, open ends lie in the plane. */
export function heightAt(
  at: number,
  visits: readonly [number, number][],
  edges: number,
  isOpen: boolean,
): number {
  if (visits.length === 0) return 0;
  const after = visits.findIndex((v) => v[0] >= at);
  let before = after === 0 ? undefined : visits[after < 0 ? visits.length - 1 : after - 1];
  let next = after < 0 ? undefined : visits[after];
  if (isOpen) {
    before ??= [0, 0];
    next ??= [edges, 0];
  } else {
    before ??= [visits.at(-1)![0] - edges, visits.at(-1)![1]];
    next ??= [visits[0]![0] + edges, visits[0]![1]];
  }
  const span = next[0] - before[0];
  return span > 0 ? before[1] + ((next[1] - before[1]) * (at - before[0])) / span : next[1];
}
