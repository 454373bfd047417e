import type { RowStrip } from './rowStrip.ts';

/** A mark follows the one before by between these shares of a repeat; others than one cost their square. */
const [LEAST, MOST] = [0.78, 1.24];
const GAP_COST = 8;
/** Samples of one repeat in the template. */
const FOLD = 48;

export interface RowMarks {
  /** Repeats from end to end. */
  readonly repeats: number;
  /** How well each mark is like the mean one, 0 … 1. */
  readonly agreement: number;
}

/**
 * Marks one by one: the strip folded by its phase gives what a repeat looks like; the strip is compared with that at every
 * place, and the best row of places with sensible gaps is found.
 */
export function marksOf(strip: RowStrip, lag: number, phase: Float64Array): RowMarks {
  const { count, series } = strip;
  const folded = series.map((s) => fold(s, phase));
  const match = new Float64Array(count);
  const half = lag / 2;
  for (let i = 0; i < count; i++) {
    let [ab, aa, bb] = [0, 0, 0];
    for (let k = Math.ceil(-half); k < half; k++) {
      const j = i + k;
      if (j < 0 || j >= count) continue;
      const t = Math.floor((((k / lag) % 1) + 1) * FOLD) % FOLD;
      for (const [n, s] of series.entries()) {
        const f = folded[n]![t]!;
        ab += s[j]! * f;
        aa += s[j]! ** 2;
        bb += f * f;
      }
    }
    match[i] = ab / Math.sqrt(aa * bb || 1);
  }
  return chain(match, lag);
}

/** What a repeat looks like, from phase zero on. */
function fold(s: Float64Array, phase: Float64Array): Float64Array {
  const [sum, n] = [new Float64Array(FOLD), new Float64Array(FOLD)];
  for (let i = 0; i < s.length; i++) {
    const turn = phase[i]! / (2 * Math.PI);
    const t = Math.floor((turn - Math.floor(turn)) * FOLD) % FOLD;
    sum[t]! += s[i]!;
    n[t]! += 1;
  }
  return sum.map((v, t) => (n[t]! > 0 ? v / n[t]! : 0));
}

/** The best row of marks; the first lies within the first repeat, the last within the last one. */
function chain(match: Float64Array, lag: number): RowMarks {
  const count = match.length;
  const [least, most] = [Math.max(1, Math.round(LEAST * lag)), Math.round(MOST * lag)];
  const score = new Float64Array(count).fill(Number.NEGATIVE_INFINITY);
  const from = new Int32Array(count).fill(-1);
  for (let i = 0; i < count; i++) {
    if (i < lag) score[i] = match[i]!;
    for (let gap = least; gap <= most && gap <= i; gap++) {
      const value = score[i - gap]! + match[i]! - GAP_COST * (gap / lag - 1) ** 2;
      if (value > score[i]!) {
        score[i] = value;
        from[i] = i - gap;
      }
    }
  }
  let last = count - 1;
  for (let i = Math.max(0, Math.floor(count - lag)); i < count; i++) if (score[i]! > score[last]!) last = i;
  const places: number[] = [];
  for (let i = last; i >= 0; i = from[i]!) places.unshift(i);
  if (places.length < 2) return { repeats: count / lag, agreement: 0 };
  const gap = (i: number) => places[i + 1]! - places[i]!;
  const repeats =
    places.length - 1 + places[0]! / gap(0) + (count - 1 - places.at(-1)!) / gap(places.length - 2);
  return { repeats, agreement: places.reduce((s, i) => s + match[i]!, 0) / places.length };
}
