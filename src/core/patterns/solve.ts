import { flatOf } from '../cord/section.ts';
import { ok, type Result } from '../result.ts';
import { agreement } from '../tighten/agreement.ts';
import { DEFAULTS, type SolveProgress, type Tight, type TightenOptions, tighten } from '../tighten/run.ts';
import { format } from '../weave/format.ts';
import { knotInvariant } from '../weave/topology.ts';
import type { Rope, WeaveSpec } from '../weave/types.ts';
import { backPlaces } from './backs.ts';
import { girthD } from './girth.ts';
import type { SolvedWeave } from './types.ts';

/** Changes when the engine's results change, so that kept results are solved again. */
const ENGINE_VERSION = 12;

/** Identifies a result that is kept by everything that it depends on (64-bit FNV-1a over the text). */
export function contentKey(notation: string, options: Omit<TightenOptions, 'ease'>): string {
  const text = `${ENGINE_VERSION}|${notation}|${options.h}|${options.seed}|${options.squash}|${options.load}${options.patience === 1 ? '' : `|${options.patience}`}${options.swings ? '|swings' : ''}`;
  let hash = 0xcbf29ce484222325n;
  for (const char of text) {
    hash ^= BigInt(char.codePointAt(0)!);
    hash = BigInt.asUintN(64, hash * 0x100000001b3n);
  }
  return hash.toString(16).padStart(16, '0');
}

/**
 * Pulls a weave tight and measures it: width and thickness over the cords' surfaces, lengths along centre lines.
 * `isProved` also solves it from another start and reports how well the two agree.
 */
export function solveWeave(
  id: string,
  spec: WeaveSpec,
  options: Partial<TightenOptions> = {},
  onProgress?: (p: SolveProgress) => boolean,
  isProved = false,
): Result<SolvedWeave> {
  const all = { ...DEFAULTS, ...options };
  const tight = tighten(spec, all, onProgress);
  if (!tight.ok) return tight;
  const restart = isProved ? agreement(spec, all, tight.value) : undefined;
  if (restart && !restart.ok) return restart;
  return ok(measure(id, spec, all, tight.value, restart?.value));
}

/** Straight strands as a solved weave: they are as long as the piece. */
export function straightWeave(spec: WeaveSpec, options: TightenOptions): SolvedWeave {
  const strands = spec.strands.map((s) => ({
    name: s.name,
    role: s.role,
    kind: 'periodic' as const,
    periods: s.periods,
    radius: s.radius,
    weight: s.weight,
    points: Float64Array.from([0, 0.25, 0.5, 0.75].flatMap((t) => [s.path[0]![0], t * spec.period, 0])),
  }));
  const exact = { residual: 0, periodForce: 0, overlap: 0, leastEver: 1, steps: 0 };
  const rope = { period: spec.period, strands };
  const lengths = strands.map(() => spec.period);
  return measure(
    spec.id,
    spec,
    options,
    {
      rope,
      lengths,
      limitLengths: undefined,
      convergence: exact,
      press: strands.map((s) => new Float64Array(s.points.length)),
      invariant: knotInvariant(rope),
    },
    0,
  );
}

function measure(
  id: string,
  spec: WeaveSpec,
  options: TightenOptions,
  tight: Tight,
  restart: number | undefined,
): SolvedWeave {
  const { rope, lengths, convergence } = tight;
  const body = spec.kind === 'open' ? knotBody(rope) : rope;
  const y = extent(body, 1);
  // A winding weave is as wide as it is thick: its envelope about the axis.
  const [x, z] =
    rope.turn === undefined ? [extent(body, 0), extent(body, 2)] : [envelope(rope), envelope(rope)];
  const notation = format(spec);
  return {
    id,
    kind: spec.kind,
    notation,
    key: contentKey(notation, options),
    squash: options.squash,
    load: options.load,
    h: options.h,
    periodD: round(rope.period),
    rowsPerPeriod: spec.rows,
    ...(rope.turn === undefined ? {} : { turn: round(rope.turn) }),
    widthD: round(x.most - x.least),
    thicknessD: round(z.most - z.least),
    bodyD: round(y.most - y.least),
    ...(spec.kind === 'open' ? { girthD: round(girthD(body)) } : {}),
    strands: rope.strands.map((s, i) => ({
      name: s.name,
      role: s.role,
      periods: s.periods,
      radiusD: s.radius,
      lengthD: round(lengths[i]!),
      ...(spec.kind === 'weave' && s.role !== 'core'
        ? { backs: backPlaces(Array.from(s.points), s.periods * rope.period, originOf(rope)) }
        : {}),
      ...(s.kind === 'open' ? { spanD: round(span(s.points)) } : {}),
    })),
    convergence: {
      residual: round(convergence.residual),
      periodForce: round(convergence.periodForce),
      overlap: round(convergence.overlap),
      leastEver: round(convergence.leastEver),
      ...(restart === undefined ? {} : { restart: round(restart) }),
    },
    ...(tight.limitLengths
      ? { ropelength: round(2 * tight.limitLengths.reduce((sum, l) => sum + l, 0)) }
      : {}),
    invariant: tight.invariant,
    flat: tight.press.map((p) => flatOf(p, options.squash).map((v) => round(v, 3) || 0)),
    points: rope.strands.map((s) => centre(s.points, (x.least + x.most) / 2, (z.least + z.most) / 2)),
  };
}

/** Where a band's first row starts along y: where its first working strand does. */
const originOf = (rope: Rope): number => rope.strands.find((s) => s.role !== 'core')?.points[1] ?? 0;

/** Outermost surfaces along an axis. */
function extent(rope: Rope, axis: 0 | 1 | 2): { least: number; most: number } {
  let [least, most] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const s of rope.strands) {
    for (let i = axis; i < s.points.length; i += 3) {
      least = Math.min(least, s.points[i]! - s.radius);
      most = Math.max(most, s.points[i]! + s.radius);
    }
  }
  return { least, most };
}

function envelope(rope: Rope): { least: number; most: number } {
  let most = 0;
  for (const s of rope.strands) {
    for (let i = 0; i < s.points.length; i += 3)
      most = Math.max(most, Math.hypot(s.points[i]!, s.points[i + 2]!) + s.radius);
  }
  return { least: -most, most };
}

/** How far a point may be from another strand and still belong to the knot, over touching distance. */
const NEAR = 1.12;
/** Strands more alike in direction than this lie alongside, they do not cross. */
const ALONGSIDE = 0.92;

/** The part of an open knot where strands touch and cross: leads, and cords lying alongside, are left out. */
function knotBody(rope: Rope): Rope {
  return {
    ...rope,
    strands: rope.strands.map((s, a) => ({
      ...s,
      points: Float64Array.from(touching(rope, a)),
    })),
  };
}

function* touching(rope: Rope, a: number): Generator<number> {
  const own = rope.strands[a]!;
  const p = own.points;
  for (let i = 0; i < p.length; i += 3) {
    const near = rope.strands.some((other, b) => {
      const lim = (own.radius + other.radius) * NEAR;
      for (let j = 0; j < other.points.length; j += 3) {
        // On its own strand a neighbour counts only beyond a half turn.
        if (a === b && Math.abs(i - j) < 3 * 12) continue;
        const q = other.points;
        const gap = Math.hypot(p[i]! - q[j]!, p[i + 1]! - q[j + 1]!, p[i + 2]! - q[j + 2]!);
        if (gap < lim && parallel(p, i, q, j) < ALONGSIDE) return true;
      }
      return false;
    });
    if (near) yield* [p[i]!, p[i + 1]!, p[i + 2]!];
  }
}

/** Cosine between two strands' directions at two of their points. */
function parallel(p: Float64Array, i: number, q: Float64Array, j: number): number {
  const direction = (points: Float64Array, k: number) => {
    const [a, b] = [Math.max(0, k - 3), Math.min(points.length - 3, k + 3)];
    return [0, 1, 2].map((axis) => points[b + axis]! - points[a + axis]!);
  };
  const [u, v] = [direction(p, i), direction(q, j)];
  const dot = u[0]! * v[0]! + u[1]! * v[1]! + u[2]! * v[2]!;
  return Math.abs(dot) / (Math.hypot(...u) * Math.hypot(...v) || 1);
}

function span(p: Float64Array): number {
  const n = p.length;
  return Math.hypot(p[n - 3]! - p[0]!, p[n - 2]! - p[1]!, p[n - 1]! - p[2]!);
}

function centre(points: Float64Array, x0: number, z0: number): number[] {
  return Array.from(points, (v, i) => round(i % 3 === 0 ? v - x0 : i % 3 === 2 ? v - z0 : v, 3));
}

const round = (value: number, digits = 4): number => Number(value.toFixed(digits));
