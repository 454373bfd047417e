import type { Rope } from '../weave/types.ts';

type Flat = readonly [number, number];

/**
 * A line drawn tight round a knot's body, seen along its length: the convex hull of all its centre lines (x, z), grown
 * by the cord's radius all round, which adds 2πr to a convex outline. In diameters.
 */
export function girthD(body: Rope): number {
  const points: Flat[] = [];
  let radius = 0;
  for (const { points: p, radius: r } of body.strands) {
    if (p.length > 0) radius = Math.max(radius, r);
    for (let k = 0; k < p.length; k += 3) points.push([p[k]!, p[k + 2]!]);
  }
  return hullPerimeter(points) + 2 * Math.PI * radius;
}

/** Perimeter of the convex hull of points in the plane (monotone chain). */
export function hullPerimeter(points: readonly Flat[]): number {
  const sorted = points.toSorted((p, q) => p[0] - q[0] || p[1] - q[1]);
  if (sorted.length < 2) return 0;
  return chainLength(sorted) + chainLength(sorted.toReversed());
}

function chainLength(sorted: readonly Flat[]): number {
  const chain: Flat[] = [];
  for (const p of sorted) {
    while (chain.length > 1 && turn(chain.at(-2)!, chain.at(-1)!, p) <= 0) chain.pop();
    chain.push(p);
  }
  return chain.slice(1).reduce((sum, p, i) => sum + Math.hypot(p[0] - chain[i]![0], p[1] - chain[i]![1]), 0);
}

const turn = (a: Flat, b: Flat, c: Flat): number =>
  (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
