import { ok, type Result } from '../result.ts';
import type { WeaveSpec } from '../weave/types.ts';
import { type Tight, type TightenOptions, tighten } from './run.ts';

/**
 * Pulls the same weave tight from another start and tells by how much the results differ: the larger of the relative
 * differences of the period and of all cord together. A small residual alone proves nothing.
 */
export function agreement(spec: WeaveSpec, options: TightenOptions, first: Tight): Result<number> {
  const other = tighten(spec, { ...options, seed: options.seed + 1000 });
  if (!other.ok) return other;
  const total = (t: Tight) => t.lengths.reduce((sum, l) => sum + l, 0);
  const off = (a: number, b: number) => (a === 0 ? 0 : Math.abs(a - b) / a);
  return ok(Math.max(off(first.rope.period, other.value.rope.period), off(total(first), total(other.value))));
}
