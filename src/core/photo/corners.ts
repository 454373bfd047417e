import { type Colour, sampleInto } from './sample.ts';
import type { Point, Raster, Reference } from './types.ts';

/** Profiles across each side. */
const PROFILES = 64;
/** How far an edge is looked for from where it was clicked, in pixels; then again, finer. */
const REACH_PX = 14;
const FINE_PX = 5;
/** An edge weaker than this may be something else. */
export const WEAK_EDGE = 15;
/** How much nearer edges are preferred, in pixels. */
const NEAR_PX = 5;
/** A contrast beyond this counts no more than it. */
const MOST_CONTRAST = 60;
/** Left out at both ends of a side beyond the rounding, in mm. */
const CLEAR_MM = 2;
/** Scale of the weight of far-off points in the line, in pixels. */
const CAUCHY_PX = 0.6;

export interface SnappedCorners {
  readonly corners: readonly Point[];
  /** How strong each side's edge is, 0 … 60; under `WEAK_EDGE` it may be something else. */
  readonly strengths: readonly number[];
  /** How well the corners are known, in pixels. */
  readonly sigmaPx: number;
}

/**
 * Corners in the order in which the reference's own are written: by their angle about the middle, side 0 of the longer pair.
 */
export function inOrder(corners: readonly Point[], { sidesMm }: Pick<Reference, 'sidesMm'>): Point[] {
  const cx = corners.reduce((s, p) => s + p[0], 0) / corners.length;
  const cy = corners.reduce((s, p) => s + p[1], 0) / corners.length;
  const round = corners.toSorted(
    (p, q) => Math.atan2(p[1] - cy, p[0] - cx) - Math.atan2(q[1] - cy, q[0] - cx),
  );
  const side = (i: number) =>
    Math.hypot(round[i]![0] - round[(i + 1) % 4]![0], round[i]![1] - round[(i + 1) % 4]![1]);
  const isTurned = sidesMm[0] !== sidesMm[1] && side(0) + side(2) < side(1) + side(3);
  return isTurned ? [...round.slice(1), round[0]!] : round;
}

/** The reference's corners on its own plane, in mm, in the same order. */
export const cornersMm = ({ sidesMm: [a, b] }: Pick<Reference, 'sidesMm'>): Point[] => [
  [0, 0],
  [a, 0],
  [a, b],
  [0, b],
];

/**
 * Draws clicked corners to the edges near them. Sides, not corners, are looked for, because a card's corners are round:
 * each side is the straight edge with the greatest sum of contrast as vectors, so that one edge wins over texture.
 */
export function snapCorners(raster: Raster, clicked: readonly Point[], reference: Reference): SnappedCorners {
  const found = clicked.map((p, i) => {
    const sideMm = reference.sidesMm[i % 2 === 0 ? 0 : 1];
    return snapSide(
      raster,
      p,
      clicked[(i + 1) % 4]!,
      (reference.cornerMm + CLEAR_MM) / sideMm,
      reference.isPrinted,
    );
  });
  const corners = clicked.map((p, i) => meet(found[(i + 3) % 4]!, found[i]!) ?? p);
  const noise = Math.sqrt(found.reduce((s, f) => s + f.sd ** 2, 0) / 4);
  return { corners, strengths: found.map((f) => f.strength), sigmaPx: Math.max(0.5, noise) };
}

interface Line {
  readonly at: Point;
  readonly along: Point;
  readonly strength: number;
  /** Of the line's place at a corner, in pixels. */
  readonly sd: number;
}

function snapSide(raster: Raster, p: Point, q: Point, clear: number, isPrinted: boolean): Line {
  const length = Math.hypot(q[0] - p[0], q[1] - p[1]) || 1;
  const along: Point = [(q[0] - p[0]) / length, (q[1] - p[1]) / length];
  // Corners run clockwise as seen on the screen: outside is to the left of the way.
  const out: Point = [along[1], -along[0]];
  const half = REACH_PX + FINE_PX + 2;
  const steps = 4 * half + 1;
  const edges = new Float64Array(PROFILES * steps * 3);
  const [a, b]: [Colour, Colour] = [
    [0, 0, 0],
    [0, 0, 0],
  ];
  for (let i = 0; i < PROFILES; i++) {
    const t = clear + ((1 - 2 * clear) * i) / (PROFILES - 1);
    const [x, y] = [p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1])];
    for (let k = 0; k < steps; k++) {
      const off = k / 2 - half;
      sampleInto(a, raster, x + (off + 1) * out[0], y + (off + 1) * out[1]);
      sampleInto(b, raster, x + (off - 1) * out[0], y + (off - 1) * out[1]);
      const g = [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
      const size = Math.hypot(g[0]!, g[1]!, g[2]!);
      const share = isPrinted && g[0]! <= 0 ? 0 : Math.min(1, MOST_CONTRAST / (size || 1));
      for (let c = 0; c < 3; c++) edges[3 * (i * steps + k) + c] = share * g[c]!;
    }
  }
  const at = (offset: number) => Math.max(0, Math.min(steps - 1, Math.round(2 * (offset + half))));
  const score = (d0: number, d1: number): { score: number; strength: number; sum: number[] } => {
    const sum = [0, 0, 0];
    let each = 0;
    for (let i = 0; i < PROFILES; i++) {
      const t = clear + ((1 - 2 * clear) * i) / (PROFILES - 1);
      const j = 3 * (i * steps + at(d0 * (1 - t) + d1 * t));
      for (let c = 0; c < 3; c++) sum[c]! += edges[j + c]!;
      each += Math.hypot(edges[j]!, edges[j + 1]!, edges[j + 2]!);
    }
    const size = Math.hypot(sum[0]!, sum[1]!, sum[2]!);
    const nearness = Math.exp(-(d0 ** 2 + d1 ** 2) / (4 * NEAR_PX ** 2));
    return { score: (size + 0.35 * each) * nearness, strength: size / PROFILES, sum };
  };
  let best = { d0: 0, d1: 0, ...score(0, 0) };
  const look = (c0: number, c1: number, reach: number, step: number) => {
    for (let d0 = c0 - reach; d0 <= c0 + reach; d0 += step)
      for (let d1 = c1 - reach; d1 <= c1 + reach; d1 += step) {
        const s = score(d0, d1);
        if (s.score > best.score) best = { d0, d1, ...s };
      }
  };
  look(0, 0, REACH_PX, 1);
  look(best.d0, best.d1, 2, 0.5);
  const points = peaks();
  const line = fitLine(points);
  return { ...line, strength: best.strength };

  /** Where the contrast is greatest near the edge in each profile, between the samples. */
  function peaks(): Point[] {
    const unit = best.sum.map((v) => v / (Math.hypot(...best.sum) || 1));
    const list: Point[] = [];
    for (let i = 0; i < PROFILES; i++) {
      const t = clear + ((1 - 2 * clear) * i) / (PROFILES - 1);
      const middle = at(best.d0 * (1 - t) + best.d1 * t);
      const value = (k: number) => {
        const j = 3 * (i * steps + Math.max(0, Math.min(steps - 1, k)));
        return edges[j]! * unit[0]! + edges[j + 1]! * unit[1]! + edges[j + 2]! * unit[2]!;
      };
      let top = middle;
      for (let k = middle - 3; k <= middle + 3; k++) if (value(k) > value(top)) top = k;
      if (value(top) < 0.3 * best.strength) continue;
      const [l, m, r] = [value(top - 1), value(top), value(top + 1)];
      const bend = l - 2 * m + r;
      const sub = bend < 0 ? Math.max(-1, Math.min(1, (0.5 * (l - r)) / bend)) : 0;
      const off = (top + sub) / 2 - half;
      list.push([p[0] + t * (q[0] - p[0]) + off * out[0], p[1] + t * (q[1] - p[1]) + off * out[1]]);
    }
    return list.length >= 8
      ? list
      : [
          [p[0] + best.d0 * out[0], p[1] + best.d0 * out[1]],
          [q[0] + best.d1 * out[0], q[1] + best.d1 * out[1]],
        ];
  }
}

/** A line through points, far ones weighed less (Cauchy), by total least squares. */
function fitLine(points: readonly Point[]): Omit<Line, 'strength'> {
  let weights = points.map(() => 1);
  let line: { at: Point; along: Point } = { at: points[0]!, along: [1, 0] };
  let off: number[] = [];
  for (let round = 0; round < 12; round++) {
    const total = weights.reduce((s, w) => s + w, 0);
    const mx = points.reduce((s, p, i) => s + weights[i]! * p[0], 0) / total;
    const my = points.reduce((s, p, i) => s + weights[i]! * p[1], 0) / total;
    let [xx, xy, yy] = [0, 0, 0];
    for (const [i, [x, y]] of points.entries()) {
      xx += weights[i]! * (x - mx) ** 2;
      xy += weights[i]! * (x - mx) * (y - my);
      yy += weights[i]! * (y - my) ** 2;
    }
    const angle = 0.5 * Math.atan2(2 * xy, xx - yy);
    line = { at: [mx, my], along: [Math.cos(angle), Math.sin(angle)] };
    off = points.map(([x, y]) => (y - my) * line.along[0] - (x - mx) * line.along[1]);
    weights = off.map((d) => 1 / (1 + (d / CAUCHY_PX) ** 2));
  }
  const total = weights.reduce((s, w) => s + w, 0);
  const rms = Math.sqrt(off.reduce((s, d, i) => s + weights[i]! * d * d, 0) / total);
  // At an end of the line its place is known twice as well as one point over √n: slope and height together.
  return { ...line, sd: (2 * rms) / Math.sqrt(total) };
}

function meet(a: Line, b: Line): Point | undefined {
  const det = a.along[0] * b.along[1] - a.along[1] * b.along[0];
  if (Math.abs(det) < 0.05) return undefined;
  const [dx, dy] = [b.at[0] - a.at[0], b.at[1] - a.at[1]];
  const t = (dx * b.along[1] - dy * b.along[0]) / det;
  return [a.at[0] + t * a.along[0], a.at[1] + t * a.along[1]];
}
