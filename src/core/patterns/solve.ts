import { ok, type Result } from '../result.ts';
import { DEFAULTS, type Progress, type TightenOptions, tighten } from '../tighten/run.ts';
import type { Rope, WeaveSpec } from '../weave/types.ts';
import type { SolvedWeave } from './types.ts';

/** Changes when the engine's results change, so that kept results are solved anew. */
export const ENGINE_VERSION = 1;

/** Identifies a result by everything that it depends on (64-bit FNV-1a over the text). */
export function contentKey(notation: string, options: TightenOptions): string {
  const text = `${ENGINE_VERSION}|${notation}|${options.h}|${options.seed}|${options.squash}|${options.load}`;
  let hash = 0xcbf29ce484222325n;
  for (const char of text) {
    hash ^= BigInt(char.codePointAt(0)!);
    hash = BigInt.asUintN(64, hash * 0x100000001b3n);
  }
  return hash.toString(16).padStart(16, '0');
}

/** Pulls a weave tight and measures it: width and thickness over the cords' surfaces, lengths along centre lines. */
export function solveWeave(
  id: string,
  spec: WeaveSpec,
  key: string,
  options: Partial<TightenOptions>,
  onProgress?: (p: Progress) => boolean,
): Result<SolvedWeave> {
  const all = { ...DEFAULTS, ...options };
  const tight = tighten(spec, all, onProgress);
  if (!tight.ok) return tight;
  const { rope, lengths, convergence } = tight.value;
  const [x, z] = [extent(rope, 0), extent(rope, 2)];
  const { residual, periodForce, overlap, leastEver } = convergence;
  return ok({
    id,
    key,
    squash: all.squash,
    load: all.load,
    h: all.h,
    periodD: round(rope.period),
    rowsPerPeriod: spec.rows,
    widthD: round(x.most - x.least),
    thicknessD: round(z.most - z.least),
    strands: rope.strands.map((s, i) => ({
      name: s.name,
      role: s.role,
      periods: s.periods,
      radiusD: s.radius,
      lengthD: round(lengths[i]!),
      points: centred(s.points, (x.least + x.most) / 2, (z.least + z.most) / 2),
    })),
    convergence: {
      residual: round(residual),
      periodForce: round(periodForce),
      overlap: round(overlap),
      leastEver: round(leastEver),
    },
  });
}

/** Outermost surfaces along an axis. */
function extent(rope: Rope, axis: 0 | 2): { least: number; most: number } {
  let [least, most] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const s of rope.strands) {
    for (let i = axis; i < s.points.length; i += 3) {
      least = Math.min(least, s.points[i]! - s.radius);
      most = Math.max(most, s.points[i]! + s.radius);
    }
  }
  return { least, most };
}

function centred(points: Float64Array, x0: number, z0: number): number[] {
  return Array.from(points, (v, i) => round(i % 3 === 0 ? v - x0 : i % 3 === 2 ? v - z0 : v));
}

const round = (value: number): number => Number(value.toFixed(4));
