import type { SolvedWeave } from '../patterns/types.ts';

export type Face = 'front' | 'back' | 'left' | 'right';

/** What one face shows of each strand. */
export interface FaceShare {
  readonly face: Face;
  /** Share of the covered area that is this strand's, by strand name; adds up to 1. */
  readonly shares: Readonly<Record<string, number>>;
  /** Strands met along the face's middle line over one period, in order. */
  readonly along: readonly string[];
}

/** Grid cells per cord diameter. */
const FINE = 12;

interface Raster {
  readonly columns: number;
  readonly rows: number;
  /** Index of the strand on top, −1 where nothing lies. */
  readonly top: Int16Array;
}

const AXES: Record<
  Face,
  { across: (p: readonly number[], i: number) => number; depth: (p: readonly number[], i: number) => number }
> = {
  front: { across: (p, i) => p[i]!, depth: (p, i) => p[i + 2]! },
  back: { across: (p, i) => -p[i]!, depth: (p, i) => -p[i + 2]! },
  left: { across: (p, i) => p[i + 2]!, depth: (p, i) => -p[i]! },
  right: { across: (p, i) => -p[i + 2]!, depth: (p, i) => p[i]! },
};

/** Which strand lies on top where, over one period: every cord is a round tube about its tight centre line. */
export function faceShares(solved: SolvedWeave, face: Face): FaceShare {
  const raster = rasterize(solved, face);
  const counts = new Array<number>(solved.strands.length).fill(0);
  let covered = 0;
  for (const s of raster.top) {
    if (s < 0) continue;
    counts[s]!++;
    covered++;
  }
  const shares = Object.fromEntries(
    solved.strands.map((s, i) => [s.name, counts[i]! / Math.max(1, covered)]),
  );
  return { face, shares, along: middleLine(solved, raster) };
}

function rasterize(solved: SolvedWeave, face: Face): Raster {
  const { across, depth } = AXES[face];
  const half = (face === 'front' || face === 'back' ? solved.widthD : solved.thicknessD) / 2;
  const columns = Math.max(1, Math.ceil(2 * half * FINE));
  const rows = Math.max(1, Math.round(solved.periodD * FINE));
  const top = new Int16Array(columns * rows).fill(-1);
  const height = new Float64Array(columns * rows).fill(Number.NEGATIVE_INFINITY);
  solved.strands.forEach((strand, s) => {
    const p = solved.points[s]!;
    const n = p.length / 3;
    const r = strand.radiusD;
    for (let i = 0; i < n; i++) {
      const j = (i + 1) % n;
      const dy = p[3 * j + 1]! - p[3 * i + 1]! + (j === 0 ? strand.periods * solved.periodD : 0);
      const steps = 3;
      for (let k = 0; k < steps; k++) {
        const t = k / steps;
        const c = across(p, 3 * i) * (1 - t) + across(p, 3 * j) * t;
        const z = depth(p, 3 * i) * (1 - t) + depth(p, 3 * j) * t;
        const y = p[3 * i + 1]! + dy * t;
        stamp(top, height, columns, rows, s, (c + half) * FINE, y * FINE, z, r);
      }
    }
  });
  return { columns, rows, top };
}

/** Presses a ball of radius r into the height map; y wraps round the period. */
function stamp(
  top: Int16Array,
  height: Float64Array,
  columns: number,
  rows: number,
  s: number,
  cx: number,
  cy: number,
  z: number,
  r: number,
) {
  const reach = Math.ceil(r * FINE);
  for (let y = Math.floor(cy) - reach; y <= Math.floor(cy) + reach; y++) {
    const row = ((y % rows) + rows) % rows;
    for (
      let x = Math.max(0, Math.floor(cx) - reach);
      x <= Math.min(columns - 1, Math.floor(cx) + reach);
      x++
    ) {
      const sq = ((x + 0.5 - cx) ** 2 + (y + 0.5 - cy) ** 2) / (FINE * FINE);
      if (sq > r * r) continue;
      const h = z + Math.sqrt(r * r - sq);
      const at = row * columns + x;
      if (h > height[at]!) {
        height[at] = h;
        top[at] = s;
      }
    }
  }
}

function middleLine(solved: SolvedWeave, { columns, rows, top }: Raster): string[] {
  const out: string[] = [];
  for (let y = 0; y < rows; y++) {
    const s = top[y * columns + (columns >> 1)]!;
    const name = s < 0 ? undefined : solved.strands[s]!.name;
    if (name !== undefined && out.at(-1) !== name) out.push(name);
  }
  if (out.length > 1 && out[0] === out.at(-1)) out.pop();
  return out;
}
