import { beforeAll, describe, expect, it } from 'vitest';
import { PALETTE } from '../../colour/palette.ts';
import { PER_MM, type Scene } from '../../drawing/shape.ts';
import { findPattern } from '../../patterns/index.ts';
import { solveWeave } from '../../patterns/solve.ts';
import type { SolvedWeave } from '../../patterns/types.ts';
import { cutRows } from '../rows/rows.ts';
import { type FaultyStretch, type Slip, stretch } from './faults.ts';
import { slipScene } from './slipPicture.ts';

const pattern = findPattern('solomon-bar')!;
const cut = cutRows(pattern.draw(), ['A', 'B'])!;
const LOOKS = PALETTE.slice(0, 3);

function tight(slip: Slip): { made: FaultyStretch; solved: SolvedWeave } {
  const made = stretch(cut, slip, 4)!;
  const solved = solveWeave('stretch', made.spec, { h: 0.5, squash: 0.8 });
  if (!solved.ok) throw new Error(solved.issues[0]!.message);
  return { made, solved: solved.value };
}

let good: ReturnType<typeof tight>;
beforeAll(() => {
  good = tight({ kind: 'none' });
});

const scene = (over: Partial<Parameters<typeof slipScene>[0]> = {}): Scene =>
  slipScene({
    stretch: good.made,
    solved: good.solved,
    frame: { isMirrored: false, offset: 0 },
    looks: LOOKS,
    coreCord: () => 2,
    slotCord: (slot) => slot,
    diameterMm: 4,
    ...over,
  });

/** Points at which a cord is painted. */
const places = (s: Scene, cord: number): [number, number][] =>
  s.shapes
    .filter((x) => x.cord === cord && x.part === 'outline')
    .flatMap((x) =>
      [...x.d.matchAll(/(-?\d+) (-?\d+)/g)].map((m): [number, number] => [
        Number(m[1]) / PER_MM,
        Number(m[2]) / PER_MM,
      ]),
    );

/** Which of the two ends was painted last near a place. */
function topAt(s: Scene, x: number, y: number): number | undefined {
  const near = (d: string) =>
    d.split('M').some((part) => {
      const p = [...part.matchAll(/(-?\d+) (-?\d+)/g)].map(
        (m) => [Number(m[1]) / PER_MM, Number(m[2]) / PER_MM] as const,
      );
      return p.slice(1).some(([x1, y1], i) => {
        const [x0, y0] = p[i]!;
        const [ux, uy] = [x1 - x0, y1 - y0];
        const t = Math.max(0, Math.min(1, ((x - x0) * ux + (y - y0) * uy) / (ux * ux + uy * uy || 1)));
        return Math.hypot(x0 + t * ux - x, y0 + t * uy - y) < 2;
      });
    });
  return s.shapes.findLast((q) => q.part === 'outline' && (q.cord === 0 || q.cord === 1) && near(q.d))?.cord;
}

const mean = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0) / list.length;

describe('a slip as it hangs before the maker', () => {
  it('is longer than wide and shows every cord', () => {
    const s = scene();
    expect(s.heightMm).toBeGreaterThan(s.widthMm);
    for (const cord of [0, 1, 2]) expect(places(s, cord).length).toBeGreaterThan(10);
  });

  it('turned over, left and right change places, rows do not, and what was behind is in front', () => {
    const [front, back] = [scene(), scene({ view: 'back' })];
    const box = (s: Scene) => [s.minX + s.widthMm / 2, s.minY + s.heightMm / 2] as const;
    expect(box(back)[0]).toBeCloseTo(-box(front)[0], 3);
    expect(box(back)[1]).toBeCloseTo(box(front)[1], 3);
    const first = (s: Scene) => mean(places(s, 0).map(([x]) => x)) - box(s)[0];
    expect(first(back)).toBeCloseTo(-first(front), 0);
    // Between the cores, in every row, one end passes before them and the other one behind.
    const rowMm = (good.solved.periodD / good.solved.rowsPerPeriod) * 4;
    for (let row = 1; row < 3; row++)
      expect(topAt(front, 0, (row + 0.5) * rowMm)).not.toBe(topAt(back, 0, (row + 0.5) * rowMm));
  });

  it('mirrored, left is right', () => {
    const [plain, mirrored] = [scene(), scene({ frame: { isMirrored: true, offset: 0 } })];
    const top = (s: Scene) => {
      const all = places(s, 0)
        .toSorted((a, b) => a[1] - b[1])
        .slice(0, 6);
      return mean(all.map((p) => p[0]));
    };
    expect(Math.abs(top(plain))).toBeGreaterThan(1);
    expect(top(mirrored)).toBeCloseTo(-top(plain), 1);
  });

  it('a loose row stands out beyond the others, the cores stay straight', () => {
    const [plain, loose] = [scene(), scene({ change: 'loose' })];
    expect(loose.widthMm).toBeGreaterThan(plain.widthMm * 1.12);
    // Outlines of the ends, less 2 mm of margin on each side and half a cord: the middle of the loose row stands out by 0.42 of its own.
    const reach = (s: Scene) => s.widthMm / 2 - 2 - 2;
    const out = reach(loose) / reach(plain) - 1;
    // Its widest place is not quite its middle.
    expect(out).toBeLessThan(0.42);
    expect(out).toBeGreaterThan(0.38);
    const width = (s: Scene) => {
      const xs = places(s, 2).map((p) => p[0]);
      return Math.max(...xs) - Math.min(...xs);
    };
    expect(width(loose)).toBeCloseTo(width(plain), 6);
  });

  it('colours that changed places do so from one row on: one lies in front above, the other below', () => {
    const s = scene({ change: 'colours' });
    // Across the middle of the bar runs the end that lies over the cores: it is seen there most.
    const front = (of: Scene, from: number, to: number) => {
      const seen = Array.from({ length: 13 }, (_, i) =>
        topAt(of, 0, of.minY + of.heightMm * (from + ((to - from) * i) / 12)),
      );
      return seen.filter((c) => c === 0).length > seen.filter((c) => c === 1).length ? 0 : 1;
    };
    expect(front(s, 0.1, 0.4)).not.toBe(front(s, 0.65, 0.95));
    const plain = scene();
    expect(front(plain, 0.1, 0.4)).toBe(front(plain, 0.65, 0.95));
  });

  it('the same side twice turns the two ends’ places from that row on', () => {
    const slip = tight({ kind: 'again' });
    const s = scene({ stretch: slip.made, solved: slip.solved });
    expect(slip.solved.rowsPerPeriod).toBe(5);
    expect(slip.made.row).toBe(2);
    for (const cord of [0, 1, 2]) expect(places(s, cord).length).toBeGreaterThan(10);
  });
});
