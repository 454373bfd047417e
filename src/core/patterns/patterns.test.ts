import { describe, expect, it } from 'vitest';
import { faceShares } from '../colour/faces.ts';
import { seeded } from '../random.ts';
import { DEFAULTS } from '../tighten/run.ts';
import { build } from '../weave/build.ts';
import { findCrossings } from '../weave/crossings.ts';
import { draw } from '../weave/draw.ts';
import { format } from '../weave/format.ts';
import { parse } from '../weave/parse.ts';
import { knotInvariant } from '../weave/topology.ts';
import type { WeaveSpec } from '../weave/types.ts';
import { chainLoop } from './chainSinnet.ts';
import { findPattern, loadWeave, PATTERNS, solvedFacts, WEAVES } from './index.ts';
import { coil, FOLDED_WRAPPED } from './knots.ts';
import { contentKey, solveWeave } from './solve.ts';

const crossings = (spec: WeaveSpec) => {
  const found = findCrossings(spec);
  if (!found.ok) throw new Error(found.issues[0]!.message);
  return found.value;
};
const invariant = (spec: WeaveSpec) => {
  const built = build(spec, seeded(1));
  if (!built.ok) throw new Error(built.issues[0]!.message);
  return knotInvariant(built.value.rope);
};
/** Sum of signs over crossings of two different strands, halved: how often one winds round the other in a period. */
const linking = (spec: WeaveSpec, a: string, b: string) => {
  const index = (name: string) => spec.strands.findIndex((s) => s.name === name);
  const pair = [index(a), index(b)].sort().join();
  return (
    crossings(spec)
      .filter((c) => [c.over.strand, c.under.strand].sort().join() === pair)
      .reduce((sum, c) => sum + c.sign, 0) / 2
  );
};

/** One strand with all others drawn out: it keeps its crossings with itself. */
function alone(spec: WeaveSpec, strand: number): WeaveSpec {
  const own = crossings(spec).filter((c) => c.over.strand === strand && c.under.strand === strand);
  const visits = own.flatMap((c): [number, string][] => [
    [c.over.at, 'O'],
    [c.under.at, 'U'],
  ]);
  const word = visits.sort((a, b) => a[0] - b[0]).map((v) => v[1]);
  return { ...spec, strands: [{ ...spec.strands[strand]!, word: word.join('') }] };
}

describe('every pattern of the library', () => {
  it.each(PATTERNS.map((p) => [p.id, p] as const))(
    '%s holds its hand counts and its place in the table',
    (id, pattern) => {
      const spec = pattern.draw();
      expect(crossings(spec)).toHaveLength(pattern.facts.crossings);
      for (const [name, periods] of Object.entries(pattern.facts.periods ?? {})) {
        expect(spec.strands.find((s) => s.name === name)!.periods).toBe(periods);
      }
      const read = parse(format(spec));
      expect(read.ok && format(read.value)).toBe(format(spec));
      const facts = solvedFacts(id)!;
      expect(facts.key).toBe(
        contentKey(format(spec), {
          ...DEFAULTS,
          squash: pattern.squash,
          load: pattern.load,
          patience: pattern.patience ?? 1,
          swings: pattern.swings ?? false,
        }),
      );
      if (!pattern.isStraight) expect(facts.invariant).toBe(invariant(spec));
      expect(facts.convergence.leastEver).toBeGreaterThan(0.3);
      expect(facts.convergence.restart, 'agrees with a solve from another start').toBeLessThan(0.02);
    },
  );

  it('has the clove-hitch bar lie flat, wherever it is pulled tight from', () => {
    const bar = solvedFacts('clove-hitch-bar')!;
    // Capsized it is 7.1 × 5.5.
    expect(bar.widthD / bar.thicknessD).toBeGreaterThan(1.7);
    expect(bar.convergence.restart).toBeLessThan(0.005);
  });

  it('comes out of the engine again as it stands in the table (samples)', () => {
    for (const id of ['solomon-bar', 'flat-braid-5', 'ladder-4', 'double-overhand']) {
      const pattern = findPattern(id)!;
      const again = solveWeave(id, pattern.draw(), { squash: pattern.squash, load: pattern.load });
      const facts = solvedFacts(id)!;
      if (!again.ok) throw new Error(id);
      expect(again.value.periodD).toBeCloseTo(facts.periodD, 3);
      for (const [i, s] of facts.strands.entries())
        expect(again.value.strands[i]!.lengthD).toBeCloseTo(s.lengthD, 3);
    }
  });

  it('has centre lines as long as the table says', async () => {
    for (const id of ['solomon-bar', 'wide-bar-2', 'flat-braid-7', 'barrel-3']) {
      const solved = (await loadWeave(id))!;
      for (const [i, s] of solved.strands.entries()) {
        const p = solved.points[i]!;
        let length = 0;
        for (let k = 3; k < p.length; k += 3)
          length += Math.hypot(p[k]! - p[k - 3]!, p[k + 1]! - p[k - 2]!, p[k + 2]! - p[k - 1]!);
        if (s.spanD === undefined) {
          const n = p.length;
          length += Math.hypot(
            p[0]! - p[n - 3]!,
            p[1]! + s.periods * solved.periodD - p[n - 2]!,
            p[2]! - p[n - 1]!,
          );
        }
        expect(length).toBeCloseTo(s.lengthD, 1);
      }
    }
  });
});

describe('what a maker knows', () => {
  it('a Solomon bar’s ends wind round the cores not at all, a spiral bar’s half a turn a row', () => {
    const bar = findPattern('solomon-bar')!.draw();
    for (const [end, core] of [
      ['A', 'C1'],
      ['A', 'C2'],
      ['B', 'C1'],
      ['B', 'C2'],
    ] as const)
      expect(linking(bar, end, core)).toBe(0);
    const spiral = findPattern('spiral-bar')!.draw();
    expect(Math.abs(linking(spiral, 'W', 'C1'))).toBe(1); // over the strand’s own two periods
  });

  it('a Solomon bar’s front shows A along the middle and B on both edges; its back the other way', async () => {
    const solved = (await loadWeave('solomon-bar'))!;
    const on = (face: 'front' | 'back') => faceShares(solved, face);
    expect(on('front').along).toContain('A');
    expect(on('front').along).not.toContain('B');
    expect(on('back').along).toContain('B');
    expect(on('back').along).not.toContain('A');
    for (const face of ['left', 'right'] as const) {
      const { shares } = faceShares(solved, face);
      expect(shares.A).toBeCloseTo(0.5, 1);
      expect(shares.B).toBeCloseTo(0.5, 1);
    }
  });

  it('shares of a face add up to one, and a ladder hides its cores', async () => {
    for (const id of ['solomon-bar', 'ladder-3', 'fishtail', 'wide-bar-3']) {
      const solved = (await loadWeave(id))!;
      for (const face of ['front', 'back', 'left', 'right'] as const) {
        const sum = Object.values(faceShares(solved, face).shares).reduce((a, b) => a + b, 0);
        expect(sum).toBeCloseTo(1, 9);
      }
    }
    const ladder = faceShares((await loadWeave('ladder-3'))!, 'front').shares;
    expect(ladder.W).toBeGreaterThan(0.85); // what is left are slits between round wraps
  });

  it('a chain sinnet pulls out: without its lock the strand is no knot; an overhand is one', () => {
    const loops = [0, 3, 6].flatMap((y) => chainLoop(y));
    const open = draw({
      kind: 'open',
      id: 'chain',
      strands: [{ name: 'S', path: [[0, -9, 0], ...loops, [0.3, 20, -1]] }],
    });
    expect(invariant(open)).toBe(1);
    expect(invariant(draw({ kind: 'open', id: 'o', strands: coil(1) }))).not.toBe(1);
  });

  it('coils of more wraps are different knots that take up more cord', () => {
    const ids = ['overhand', 'double-overhand', 'barrel-3', 'barrel-4'];
    expect(new Set(ids.map((id) => solvedFacts(id)!.invariant)).size).toBe(4);
    const taken = ids.map((id) => {
      const s = solvedFacts(id)!.strands[0]!;
      return s.lengthD - s.spanD!;
    });
    expect(taken).toEqual(taken.toSorted((a, b) => a - b));
    // One more wrap goes once more round two cords: about 2π + 2 half diameters further out, and a cord's width.
    expect(taken[2]! - taken[1]!).toBeGreaterThan(6);
    expect(taken[2]! - taken[1]!).toBeLessThan(11);
  });

  it('an overhand in two strands is one overhand in each', () => {
    const spec = findPattern('overhand-two')!.draw();
    for (const i of [0, 1]) expect(invariant(alone(spec, i))).toBe(solvedFacts('overhand')!.invariant);
  });

  it('a coil round another cord slides off when that cord is drawn: an overhand is left', () => {
    const kept = coil(2, [-1.2]).filter((s) => s.role !== 'core');
    const left = draw({ kind: 'open', id: 'a', strands: kept });
    expect(invariant(left)).toBe(solvedFacts('double-overhand')!.invariant);
  });

  it.each(['half-hitch', 'clove-hitch', 'larks-head', 'prusik-2', 'prusik-3'])(
    '%s falls apart when the cord it is tied round is drawn out',
    (id) => {
      const spec = findPattern(id)!.draw();
      const working = spec.strands.findIndex((s) => s.role !== 'core');
      expect(invariant(alone(spec, working))).toBe(1);
    },
  );

  it('a diamond is alike in both its strands, and each by itself is an overhand', () => {
    const [a, b] = solvedFacts('diamond')!.strands.map((s) => s.lengthD - s.spanD!) as [number, number];
    expect(Math.abs(a / b - 1)).toBeLessThan(0.005);
    const spec = findPattern('diamond')!.draw();
    for (const i of [0, 1]) expect(invariant(alone(spec, i))).toBe(solvedFacts('overhand')!.invariant);
  });

  it('a diamond as it is worn takes more than two turns of each strand, and less than its mat drawn flat', () => {
    const [a] = solvedFacts('diamond')!.strands.map((s) => s.lengthD - s.spanD!);
    // Each strand makes an overhand and goes round the other's standing part: two turns at a diameter's distance.
    expect(a!).toBeGreaterThan(4 * Math.PI);
    expect(a!).toBeLessThan(30);
  });

  it('a toggle is alike in both strands, and neither is knotted by itself: it is the other’s loop that holds', () => {
    const [a, b] = solvedFacts('toggle')!.strands.map((s) => s.lengthD - s.spanD!) as [number, number];
    expect(Math.abs(a / b - 1)).toBeLessThan(0.005);
    const spec = findPattern('toggle')!.draw();
    for (const i of [0, 1]) expect(invariant(alone(spec, i))).toBe(1);
    expect(spec.strands.map((s) => s.word)).toEqual(['OUOUOUO', 'UOUOUOU']);
  });

  it('a folded-and-wrapped slider is another knot than a scaffold of as many wraps, and stays tied when the other cord is drawn', () => {
    const [folded, scaffold] = ['folded-wrapped', 'sliding-2'].map((id) => solvedFacts(id)!);
    expect(folded!.invariant).not.toBe(scaffold!.invariant);
    const self = draw({ kind: 'open', id: 'a', strands: [FOLDED_WRAPPED[1]!] });
    expect(invariant(self)).not.toBe(1);
  });

  it('a slider’s rows are the lower the thinner its cord', () => {
    const rows = ['slider-bar-half', 'slider-bar', 'slider-bar-three-quarters'].map((id) => solvedFacts(id)!);
    const heights = rows.map((r) => r.periodD / r.rowsPerPeriod);
    expect(heights).toEqual(heights.toSorted((a, b) => a - b));
    // Two thin cords cross each other in a row: about 3.2 of their own diameters for two rows, as in any Solomon bar.
    for (const r of rows) {
      const thin = 2 * r.strands.find((s) => s.role !== 'core')!.radiusD;
      expect(r.periodD / thin / solvedFacts('solomon-bar')!.periodD).toBeCloseTo(1, 1);
    }
  });

  it('needs more cord for more cores, and rows of the same height', () => {
    const bars = ['solomon-bar', 'solomon-bar-3', 'solomon-bar-4'].map((id) => solvedFacts(id)!);
    const used = bars.map((b) => b.strands.find((s) => s.name === 'A')!.lengthD);
    expect(used[1]! - used[0]!).toBeCloseTo(2, 0); // once over and once back across one more diameter, each two rows
    expect(used[2]! - used[1]!).toBeCloseTo(2, 0);
    for (const b of bars) expect(b.periodD).toBeCloseTo(bars[0]!.periodD, 1);
  });

  it('a wide bar grows by one column’s width, and takes as much in every column', () => {
    const widths = ['wide-bar-2', 'wide-bar-3', 'wide-bar-4'].map((id) => solvedFacts(id)!.widthD);
    const [a, b] = [widths[1]! - widths[0]!, widths[2]! - widths[1]!];
    expect(Math.abs(a - b)).toBeLessThan(1.2);
    expect(a).toBeGreaterThan(4);
  });

  it('say what is drawn tight first wherever several strands make a row', () => {
    const several = WEAVES.filter((w) => !w.use && !w.isStraight && solvedFacts(w.id)!.strands.length > 1);
    expect(several.filter((w) => !w.tightens?.length).map((w) => w.id)).toEqual([]);
    // Two columns or more: outer ends, then the bars between them, then the long ends.
    expect(findPattern('wide-bar-3')!.tightens![0]).toContain('outer');
  });
});
