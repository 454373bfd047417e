import type { RowStrip } from './rowStrip.ts';

/** Width of the window, as its standard deviation in repeats. */
const WINDOW = 0.6;
/** Windows cut off by an end see only one side of it: so far in, the rate found there is carried on outwards, in repeats. */
const END = 0.5;

/**
 * The phase of the repeat along the strip, in radians, rising: Gabor windows at some harmonics of the repeat; the steps of
 * their phases are summed over lanes and channels, strong ones counting more.
 */
export function phaseOf(strip: RowStrip, lag: number, harmonics: readonly number[]): Float64Array {
  const { count } = strip;
  const base = (2 * Math.PI) / lag;
  const sigma = WINDOW * lag;
  const reach = Math.ceil(3 * sigma);
  const window = Float64Array.from({ length: reach + 1 }, (_, k) => Math.exp(-0.5 * (k / sigma) ** 2));
  // Sums of c(i + 1)·conj c(i) over lanes, for each harmonic; slowly turning, as the expected turn is taken out.
  const steps = harmonics.map(() => ({ re: new Float64Array(count), im: new Float64Array(count) }));
  for (const [q, harmonic] of harmonics.entries()) {
    const w = base * harmonic;
    const [cos, sin] = [new Float64Array(count), new Float64Array(count)];
    for (let i = 0; i < count; i++) [cos[i], sin[i]] = [Math.cos(w * i), Math.sin(w * i)];
    for (const s of strip.series) {
      let [lastRe, lastIm] = [0, 0];
      for (let i = 0; i < count; i++) {
        let [re, im, total] = [0, 0, 0];
        for (let k = Math.max(-reach, -i); k <= reach && i + k < count; k++) {
          const weight = window[Math.abs(k)]!;
          re += weight * s[i + k]! * cos[i + k]!;
          im -= weight * s[i + k]! * sin[i + k]!;
          total += weight;
        }
        re /= total;
        im /= total;
        if (i > 0) {
          steps[q]!.re[i]! += re * lastRe + im * lastIm;
          steps[q]!.im[i]! += im * lastRe - re * lastIm;
        }
        [lastRe, lastIm] = [re, im];
      }
    }
  }
  const rate = new Float64Array(count);
  for (let i = 1; i < count; i++) {
    let [sum, weights] = [0, 0];
    for (const [q, harmonic] of harmonics.entries()) {
      const [re, im] = [steps[q]!.re[i]!, steps[q]!.im[i]!];
      const weight = Math.hypot(re, im) * harmonic ** 2;
      sum += weight * (Math.atan2(im, re) / harmonic);
      weights += weight;
    }
    rate[i] = base + (weights > 0 ? sum / weights : 0);
  }
  const inside = Math.min(Math.floor(count / 3), Math.round(END * lag));
  const mean = (from: number, to: number) => {
    let sum = 0;
    for (let i = from; i < to; i++) sum += rate[i]!;
    return sum / Math.max(1, to - from);
  };
  const width = Math.max(1, Math.min(inside, count - 1 - inside));
  const [first, last] = [mean(inside + 1, inside + width + 1), mean(count - inside - width, count - inside)];
  const phase = new Float64Array(count);
  for (let i = 1; i < count; i++) {
    const r = i <= inside ? first : i >= count - inside ? last : rate[i]!;
    phase[i] = phase[i - 1]! + Math.max(0.3 * base, r);
  }
  return phase;
}
