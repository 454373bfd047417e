import { lengthOf, normals, resampled, smoothedLine } from './curve.ts';
import { binOf, Likelihood } from './histogram.ts';
import { type Homography, seen } from './homography.ts';
import { type Colour, sampleInto } from './sample.ts';
import type { BandExpected, Point, Raster } from './types.ts';

/** Steps along the band and across it, in mm. */
const ALONG_MM = 0.5;
const ACROSS_MM = 0.25;
/** An edge moves no more steps across than these from one place to the next, and each costs its square so much. */
const MOST_JUMP = 3;
const JUMP_COST = 0.25;
/** A weak wish that the band be as wide as expected. */
const WIDTH_SPREAD = 0.15;
const WISH = 0.5;
const PASSES = 3;
/** So near to its ends, in widths, their marks count, not the edges: bars and slanting cords mislead them. */
const END_WIDTHS = 0.6;
/** How far the middle is smoothed, in widths. */
const SMOOTH_WIDTHS = 0.35;
/** Less contrast than this between band and ground, as a mean log likelihood, and the line stays as it was clicked. */
const LEAST_CONTRAST = 0.35;

export interface Band {
  /** The middle from end to end, in mm of the table. */
  readonly middle: readonly Point[];
  readonly lengthMm: number;
  /** Width at each point of the middle, in mm. */
  readonly widthsMm: readonly number[];
  /** Whether the edges were told from the ground; else the line is the one that was clicked. */
  readonly isFound: boolean;
}

/** The middle of a band between its two edges, from a line near it, in mm of the plane at half the band's thickness. */
export function findBand(
  raster: Raster,
  plane: Homography,
  clicked: readonly Point[],
  expected: BandExpected,
): Band {
  const w = expected.widthMm;
  const reach = Math.max(1.15 * w, w / 2 + 5);
  const half = Math.round(reach / ACROSS_MM);
  const first = resampled(clicked, ALONG_MM);
  let middle: Point[] = first;
  let edges: { left: Int32Array; right: Int32Array } | undefined;
  let isFound = true;
  for (let pass = 0; pass < PASSES; pass++) {
    const strip = stripOf(raster, plane, middle, half);
    const logs = likelihoods(strip, half, w, edges);
    if (contrast(strip, logs, half, w) < LEAST_CONTRAST) {
      isFound = false;
      break;
    }
    edges = {
      left: edgeOf(strip, logs, half, w, -1),
      right: edgeOf(strip, logs, half, w, 1),
    };
    const n = normals(middle);
    const length = lengthOf(middle);
    const found = edges;
    const shift = middle.map((_, i) => ((found.right[i]! - found.left[i]!) / 2) * ACROSS_MM);
    const eased = easedEnds(shift, length, END_WIDTHS * w);
    const moved = middle.map((p, i): Point => [p[0] + eased[i]! * n[i]![0], p[1] + eased[i]! * n[i]![1]]);
    const smooth = smoothedLine(moved, (SMOOTH_WIDTHS * w) / ALONG_MM);
    // The ends are where they were marked.
    middle = resampled([first[0]!, ...smooth.slice(1, -1), first.at(-1)!], ALONG_MM);
    if (pass < PASSES - 1 && middle.length !== found.left.length) edges = resizedEdges(found, middle.length);
  }
  const widthsMm =
    isFound && edges
      ? middle.map((_, i) => {
          const k = Math.min(edges!.left.length - 1, i);
          return (edges!.left[k]! + edges!.right[k]!) * ACROSS_MM;
        })
      : middle.map(() => w);
  return { middle, lengthMm: lengthOf(middle), widthsMm, isFound };
}

/** Colours across the band as bins, row by row along it: places × (2·half + 1). */
function stripOf(raster: Raster, plane: Homography, line: readonly Point[], half: number): Int32Array {
  const n = normals(line);
  const across = 2 * half + 1;
  const out = new Int32Array(line.length * across);
  const c: Colour = [0, 0, 0];
  for (const [i, p] of line.entries())
    for (let k = -half; k <= half; k++) {
      const [x, y] = seen(plane, [p[0] + k * ACROSS_MM * n[i]![0], p[1] + k * ACROSS_MM * n[i]![1]]);
      sampleInto(c, raster, x, y);
      out[i * across + k + half] = binOf(c[0], c[1], c[2]);
    }
  return out;
}

/** What is band and what is ground: at first by where it is, later by the edges that were found. */
function likelihoods(
  strip: Int32Array,
  half: number,
  w: number,
  edges: { left: Int32Array; right: Int32Array } | undefined,
): Float64Array {
  const across = 2 * half + 1;
  const classes = new Likelihood();
  const count = strip.length / across;
  for (let i = 0; i < count; i++)
    for (let k = -half; k <= half; k++) {
      const at = strip[i * across + k + half]!;
      if (!edges) {
        const v = Math.abs(k * ACROSS_MM);
        if (v < 0.3 * w) classes.add(at, true);
        else if (v > 0.72 * w) classes.add(at, false);
        continue;
      }
      const edge = k < 0 ? edges.left[i]! : edges.right[i]!;
      const over = Math.abs(k) - edge;
      if (over < -2) classes.add(at, true);
      else if (over > 3) classes.add(at, false);
    }
  return classes.logs();
}

/** How well the two are told apart: the mean log likelihood well inside less that well outside, halved. */
function contrast(strip: Int32Array, logs: Float64Array, half: number, w: number): number {
  const across = 2 * half + 1;
  let [inside, outside, ni, no] = [0, 0, 0, 0];
  for (let i = 0; i < strip.length; i++) {
    const v = Math.abs(((i % across) - half) * ACROSS_MM);
    if (v < 0.3 * w) {
      inside += logs[strip[i]!]!;
      ni++;
    } else if (v > 0.72 * w) {
      outside += logs[strip[i]!]!;
      no++;
    }
  }
  return (inside / (ni || 1) - outside / (no || 1)) / 2;
}

/** Where one edge is at each place, in steps from the middle: the best sum of likelihoods inside it, with jumps that cost. */
function edgeOf(strip: Int32Array, logs: Float64Array, half: number, w: number, side: -1 | 1): Int32Array {
  const across = 2 * half + 1;
  const count = strip.length / across;
  const wide = half + 1;
  const back = new Int8Array(count * wide);
  const wish = Float64Array.from({ length: wide }, (_, e) => {
    const off = (e * ACROSS_MM - w / 2) / (WIDTH_SPREAD * w);
    return -WISH * off * off;
  });
  let best = new Float64Array(wide);
  for (let i = 0; i < count; i++) {
    const next = new Float64Array(wide);
    let sum = 0;
    for (let e = 0; e < wide; e++) {
      sum += logs[strip[i * across + half + side * e]!]!;
      let [from, top] = [0, Number.NEGATIVE_INFINITY];
      for (let j = -MOST_JUMP; j <= MOST_JUMP; j++) {
        const k = e + j;
        if (k < 0 || k >= wide) continue;
        const value = best[k]! - JUMP_COST * j * j;
        if (value > top) [from, top] = [j, value];
      }
      back[i * wide + e] = from;
      next[e] = top + sum * ACROSS_MM + wish[e]!;
    }
    best = next;
  }
  const out = new Int32Array(count);
  let e = best.indexOf(Math.max(...best));
  for (let i = count - 1; i >= 0; i--) {
    out[i] = e;
    e += back[i * wide + e]!;
  }
  return out;
}

/** Offsets that grow from nothing at both ends to what was found a little way in. */
function easedEnds(shift: readonly number[], length: number, withinMm: number): number[] {
  const n = shift.length;
  const within = Math.max(1, Math.min(Math.floor(n / 2), Math.round((withinMm / length) * n)));
  const [a, b] = [shift[within]!, shift[n - 1 - within]!];
  return shift.map((v, i) => {
    if (i < within) return (a * i) / within;
    if (n - 1 - i < within) return (b * (n - 1 - i)) / within;
    return v;
  });
}

/** The edges again for a line of some more or fewer points. */
function resizedEdges(edges: { left: Int32Array; right: Int32Array }, count: number) {
  const stretched = (list: Int32Array) =>
    Int32Array.from(
      { length: count },
      (_, i) => list[Math.round((i * (list.length - 1)) / Math.max(1, count - 1))]!,
    );
  return { left: stretched(edges.left), right: stretched(edges.right) };
}
