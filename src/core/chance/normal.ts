/** Beyond so many standard deviations the share is 1 to the last but 10⁻¹⁰. */
export const SURELY = 6.4;

/** Share of a normal distribution below z (Abramowitz and Stegun 26.2.17; error under 7.5e-8). */
export function below(z: number): number {
  if (z > SURELY) return 1;
  if (z < 0) return 1 - below(-z);
  const t = 1 / (1 + 0.2316419 * z);
  const poly =
    t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return 1 - (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * poly;
}

export interface Estimate {
  readonly mean: number;
  readonly sd: number;
}

/** The z below which so large a share of a normal distribution lies, by halving: within 1e-6 for shares from 0.001 to 0.999. */
export function quantile(share: number): number {
  let low = -4;
  let high = 4;
  while (high - low > 1e-7) {
    const middle = (low + high) / 2;
    if (below(middle) < share) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
