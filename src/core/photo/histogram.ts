/** Bins of each of three colour channels. */
const BINS = 16;
const SIZE = BINS ** 3;
/** Likelihoods are never surer than this. */
const MOST_LOG = 2.5;

const bin = (v: number, from: number, to: number): number =>
  Math.max(0, Math.min(BINS - 1, Math.floor(((v - from) / (to - from)) * BINS)));

/** Where a colour falls; luma 0 … 255, the two differences −160 … 160. */
export const binOf = (luma: number, rg: number, by: number): number =>
  (bin(luma, 0, 256) * BINS + bin(rg, -160, 160)) * BINS + bin(by, -160, 160);

/** Counts of two classes of colours, and how much likelier each colour is in one of them. */
export class Likelihood {
  private readonly inside = new Float64Array(SIZE);
  private readonly outside = new Float64Array(SIZE);

  add(at: number, isInside: boolean): void {
    (isInside ? this.inside : this.outside)[at]! += 1;
  }

  /** Log likelihood ratio by bin, inside over outside, −2.5 … 2.5. */
  logs(): Float64Array {
    const [a, b] = [blurred(this.inside), blurred(this.outside)];
    return a.map((v, i) => Math.max(-MOST_LOG, Math.min(MOST_LOG, Math.log(v / b[i]!))));
  }
}

/** Spread to the neighbouring bins, then to a sum of one, with a floor for what was never seen. */
function blurred(counts: Float64Array): Float64Array {
  let now = counts;
  for (const stride of [1, BINS, BINS * BINS]) {
    const next = new Float64Array(SIZE);
    for (let i = 0; i < SIZE; i++) {
      const k = Math.floor(i / stride) % BINS;
      next[i] =
        0.6 * now[i]! +
        0.2 * (k > 0 ? now[i - stride]! : now[i]!) +
        0.2 * (k < BINS - 1 ? now[i + stride]! : now[i]!);
    }
    now = next;
  }
  const total = now.reduce((s, v) => s + v, 0) || 1;
  const floor = 0.02 / SIZE;
  return now.map((v) => (1 - 0.02) * (v / total) + floor);
}
