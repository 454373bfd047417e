import type { Item } from './model.ts';

/** Best worth for every exact weight, and how it is reached. */
export interface Table {
  /** Weights are counted in this many mm: what all of them have in common. */
  readonly unit: number;
  /** Most worth of pieces that weigh exactly w units; −∞ where none do. */
  readonly values: Float64Array;
  /** For each chunk, 1 where the best filling of w units so far uses it. */
  readonly layers: readonly Uint8Array[];
  readonly chunks: readonly { readonly item: number; readonly times: number; readonly units: number }[];
}

/** What all numbers have in common; at least 1. */
export function gcdOf(numbers: readonly number[]): number {
  let g = 0;
  for (const n of numbers) {
    let [a, b] = [g, n];
    while (b > 0) [a, b] = [b, a % b];
    g = a;
  }
  return Math.max(1, g);
}

/** Worths nearer to nothing than this are nothing. */
const NOTHING = 1e-12;

/**
 * A knapsack over exact sums with bounded counts. Counts are split into powers of two, each a pass of its own from the heavy
 * end, so that every chunk is used once at most.
 */
export function knapsack(items: readonly Item[], worths: readonly number[], mostMm: number): Table {
  const unit = gcdOf(items.map((i) => i.weight));
  const size = Math.max(0, Math.floor(mostMm / unit));
  const values = new Float64Array(size + 1).fill(Number.NEGATIVE_INFINITY);
  values[0] = 0;
  const chunks: { item: number; times: number; units: number }[] = [];
  const layers: Uint8Array[] = [];
  for (const [item, { weight, count }] of items.entries()) {
    if (worths[item]! <= NOTHING) continue;
    const most = Math.min(count, Math.floor(mostMm / weight));
    for (let times = 1, left = most; left > 0; times *= 2) {
      const take = Math.min(times, left);
      left -= take;
      const units = (weight / unit) * take;
      const worth = worths[item]! * take;
      const layer = new Uint8Array(size + 1);
      for (let w = size; w >= units; w--) {
        const next = values[w - units]! + worth;
        if (next > values[w]! + NOTHING) {
          values[w] = next;
          layer[w] = 1;
        }
      }
      chunks.push({ item, times: take, units });
      layers.push(layer);
    }
  }
  return { unit, values, layers, chunks };
}

/** How many of each item are in the best filling of exactly w units. */
export function fillingOf({ chunks, layers }: Table, items: number, units: number): number[] {
  const counts = Array<number>(items).fill(0);
  let w = units;
  for (let k = chunks.length - 1; k >= 0 && w > 0; k--) {
    if (layers[k]![w] !== 1) continue;
    counts[chunks[k]!.item]! += chunks[k]!.times;
    w -= chunks[k]!.units;
  }
  return counts;
}
