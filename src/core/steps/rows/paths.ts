import type { Crossing, WeaveSpec } from '../../weave/types.ts';

/** A strand's way over its own periods, as drawn. */
export type Path = readonly (readonly [number, number])[];

export const mod = (a: number, n: number): number => ((a % n) + n) % n;

/** A point of a path at an arc parameter (segment + fraction). */
export function pointAt(path: Path, at: number): readonly [number, number] {
  const i = Math.max(0, Math.min(path.length - 2, Math.floor(at)));
  const t = at - i;
  const [a, b] = [path[i]!, path[i + 1]!];
  return [a[0] * (1 - t) + b[0] * t, a[1] * (1 - t) + b[1] * t];
}

/** Where, within a row of height H, the strands that are tied have their widest gap without a crossing. */
export function widestGap(
  spec: WeaveSpec,
  paths: readonly Path[],
  crossings: readonly Crossing[],
  mine: readonly number[],
  isTied: (s: number) => boolean,
  H: number,
): number {
  const ys = mine
    .flatMap((i) => [crossings[i]!.over, crossings[i]!.under])
    .filter((v) => isTied(v.strand))
    .map((v) => mod(pointAt(paths[v.strand]!, v.at)[1], H))
    .sort((a, b) => a - b);
  if (ys.length === 0 || spec.strands.length === 0) return -H / 2;
  let [best, width] = [0, -1];
  for (const [i, y] of ys.entries()) {
    const next = i + 1 < ys.length ? ys[i + 1]! : ys[0]! + H;
    if (next - y > width - 0.05) {
      if (next - y > width + 0.05 || next < H + ys[0]! + 1e-9) {
        best = (y + next) / 2;
        width = next - y;
      }
    }
  }
  return best - H * Math.ceil(best / H - 1e-9);
}

/** A path that goes on after its own periods as it began. */
export interface Endless {
  readonly path: Path;
  /** How far along the piece it comes before it repeats. */
  readonly lengthY: number;
}

/** A point of it at an unrolled arc parameter, which may lie before 0 or beyond its edges. */
export function unrolledAt({ path, lengthY }: Endless, at: number): readonly [number, number] {
  const edges = path.length - 1;
  const turn = Math.floor(at / edges);
  const [x, y] = pointAt(path, at - turn * edges);
  return [x, y + turn * lengthY];
}

/** Steps in which a stretch is looked through for where it passes a height, and halvings of the one that does. */
const STEPS = 24;
const HALVINGS = 40;

/** The first place between two arc parameters at which it rises past y; nothing where it does not. */
export function crossesY(path: Endless, from: number, to: number, y: number): number | undefined {
  const yAt = (at: number) => unrolledAt(path, at)[1];
  for (let k = 0; k < STEPS; k++) {
    let [low, high] = [from + ((to - from) * k) / STEPS, from + ((to - from) * (k + 1)) / STEPS];
    if (yAt(low) > y || yAt(high) <= y) continue;
    for (let n = 0; n < HALVINGS; n++) {
      const middle = (low + high) / 2;
      if (yAt(middle) <= y) low = middle;
      else high = middle;
    }
    return low;
  }
  return undefined;
}
