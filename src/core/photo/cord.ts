import { resampled, smoothedLine } from './curve.ts';
import { binOf, Likelihood } from './histogram.ts';
import { type Homography, seen } from './homography.ts';
import { type Colour, sampleInto } from './sample.ts';
import type { Point, Raster } from './types.ts';

/** The table as a grid of so many mm, grown by this share of the clicks' extent on every side, and no larger than so many cells a side. */
const CELL_MM = 0.5;
const GROWN = 0.35;
const MOST_CELLS = 900;
/** Boxes over which likelihoods are averaged, in diameters of the cord. */
const INNER = 0.35;
const OUTER = 1.1;
/** What a step costs: a little in any case, and more the less it looks like the middle of a cord. */
const STEP_COST = 0.04;
const STEEPNESS = 1.6;
const MOST_COST = 20;
/** Costs are counted in whole units of a two-hundredth. */
const UNIT = 200;
/** What the way is smoothed over, in mm. */
const SMOOTH_MM = 3.5;

interface Grid {
  readonly x0: number;
  readonly y0: number;
  readonly cell: number;
  readonly wide: number;
  readonly high: number;
}

/**
 * Follows a loose cord from click to click: the cheapest way over the table where cheap is what looks like cord inside and not
 * beside it (Dijkstra, eight neighbours). Twice: what the cord looks like is learnt again from the first way. In mm of the plane.
 */
export function followCord(
  raster: Raster,
  plane: Homography,
  clicks: readonly Point[],
  diameterMm: number,
): Point[] {
  const grid = gridOf(clicks);
  const bins = binsOf(raster, plane, grid);
  let way = resampled(clicks, grid.cell);
  let isClicks = true;
  for (let round = 0; round < 2; round++) {
    const near = isClicks ? clicks : way;
    const logs = learn(bins, grid, near, diameterMm, isClicks);
    const cost = costs(bins, logs, grid, diameterMm);
    way = clicks.slice(1).flatMap((to, i) => {
      const part = cheapest(cost, grid, clicks[i]!, to);
      return i === 0 ? part : part.slice(1);
    });
    isClicks = false;
  }
  const even = resampled([clicks[0]!, ...way.slice(1, -1), clicks.at(-1)!], grid.cell);
  const smooth = smoothedLine(even, SMOOTH_MM / grid.cell);
  return [clicks[0]!, ...smooth.slice(1, -1), clicks.at(-1)!];
}

function gridOf(clicks: readonly Point[]): Grid {
  const [xs, ys] = [clicks.map((p) => p[0]), clicks.map((p) => p[1])];
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const room = GROWN * Math.max(x1 - x0, y1 - y0) + 15;
  const [w, h] = [x1 - x0 + 2 * room, y1 - y0 + 2 * room];
  const cell = Math.max(CELL_MM, Math.max(w, h) / MOST_CELLS);
  return { x0: x0 - room, y0: y0 - room, cell, wide: Math.ceil(w / cell) + 1, high: Math.ceil(h / cell) + 1 };
}

function binsOf(raster: Raster, plane: Homography, { x0, y0, cell, wide, high }: Grid): Int16Array {
  const out = new Int16Array(wide * high);
  const c: Colour = [0, 0, 0];
  for (let j = 0; j < high; j++)
    for (let i = 0; i < wide; i++) {
      const [x, y] = seen(plane, [x0 + i * cell, y0 + j * cell]);
      const isIn = x > -1 && y > -1 && x < raster.width && y < raster.height;
      if (isIn) sampleInto(c, raster, x, y);
      out[j * wide + i] = isIn ? binOf(c[0], c[1], c[2]) : -1;
    }
  return out;
}

/** What looks like cord: near the way, against all that is farther than a cord and a half from it. */
function learn(
  bins: Int16Array,
  grid: Grid,
  near: readonly Point[],
  d: number,
  isClicks: boolean,
): Float64Array {
  const { x0, y0, cell, wide, high } = grid;
  const classes = new Likelihood();
  const mark = new Uint8Array(bins.length);
  const paint = (radius: number, value: number) => {
    const r = Math.ceil(radius / cell);
    for (const [x, y] of near) {
      const [ci, cj] = [Math.round((x - x0) / cell), Math.round((y - y0) / cell)];
      for (let j = Math.max(0, cj - r); j <= Math.min(high - 1, cj + r); j++)
        for (let i = Math.max(0, ci - r); i <= Math.min(wide - 1, ci + r); i++)
          if (Math.hypot(i - ci, j - cj) * cell <= radius) mark[j * wide + i] = value;
    }
  };
  paint((isClicks ? 1 : 1.5) * d, 1);
  paint(0.4 * d, 2);
  for (let k = 0; k < bins.length; k++) {
    if (bins[k]! < 0 || mark[k] === 1) continue;
    classes.add(bins[k]!, mark[k] === 2);
  }
  return classes.logs();
}

function costs(bins: Int16Array, logs: Float64Array, { cell, wide, high }: Grid, d: number): Float64Array {
  // Sums over everything above and to the left, so that any box is four look-ups.
  const sums = new Float64Array((wide + 1) * (high + 1));
  for (let j = 0; j < high; j++) {
    let row = 0;
    for (let i = 0; i < wide; i++) {
      const bin = bins[j * wide + i]!;
      row += bin < 0 ? -1 : logs[bin]!;
      sums[(j + 1) * (wide + 1) + i + 1] = sums[j * (wide + 1) + i + 1]! + row;
    }
  }
  const mean = (i: number, j: number, radius: number): number => {
    const r = Math.max(0, Math.round(radius / cell));
    const [a, b] = [Math.max(0, i - r), Math.min(wide, i + r + 1)];
    const [p, q] = [Math.max(0, j - r), Math.min(high, j + r + 1)];
    const W = wide + 1;
    return (sums[q * W + b]! - sums[p * W + b]! - sums[q * W + a]! + sums[p * W + a]!) / ((b - a) * (q - p));
  };
  const out = new Float64Array(wide * high);
  for (let j = 0; j < high; j++)
    for (let i = 0; i < wide; i++) {
      const like = mean(i, j, INNER * d) - 0.5 * mean(i, j, OUTER * d);
      out[j * wide + i] = STEP_COST + Math.min(MOST_COST, Math.exp(-STEEPNESS * like));
    }
  return out;
}

/** Dijkstra with buckets (Dial): costs are whole numbers and none is far above the last. */
function cheapest(cost: Float64Array, { x0, y0, cell, wide, high }: Grid, from: Point, to: Point): Point[] {
  const at = (p: Point) =>
    Math.max(0, Math.min(high - 1, Math.round((p[1] - y0) / cell))) * wide +
    Math.max(0, Math.min(wide - 1, Math.round((p[0] - x0) / cell)));
  const [start, goal] = [at(from), at(to)];
  const far = new Float64Array(wide * high).fill(Number.POSITIVE_INFINITY);
  const back = new Int32Array(wide * high).fill(-1);
  const span = Math.ceil(2 * (MOST_COST + STEP_COST) * UNIT) + 2;
  const buckets: number[][] = Array.from({ length: span }, () => []);
  far[start] = 0;
  buckets[0]!.push(start);
  let waiting = 1;
  for (let now = 0; waiting > 0; now++) {
    const bucket = buckets[now % span]!;
    while (bucket.length > 0) {
      const k = bucket.pop()!;
      waiting--;
      if (far[k] !== now) continue;
      if (k === goal) {
        waiting = 0;
        break;
      }
      const [i, j] = [k % wide, Math.floor(k / wide)];
      for (let dj = -1; dj <= 1; dj++)
        for (let di = -1; di <= 1; di++) {
          if ((di === 0 && dj === 0) || i + di < 0 || j + dj < 0 || i + di >= wide || j + dj >= high)
            continue;
          const n = k + dj * wide + di;
          const step = Math.hypot(di, dj) * 0.5 * (cost[k]! + cost[n]!);
          const next = now + Math.max(1, Math.round(UNIT * step));
          if (next >= far[n]!) continue;
          far[n] = next;
          back[n] = k;
          buckets[next % span]!.push(n);
          waiting++;
        }
    }
  }
  const way: Point[] = [];
  for (let k = goal; k >= 0; k = back[k]!)
    way.unshift([x0 + (k % wide) * cell, y0 + Math.floor(k / wide) * cell]);
  return [from, ...way.slice(1, -1), to];
}
