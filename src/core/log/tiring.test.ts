import { describe, expect, it } from 'vitest';
import { type Make, makeRecord } from '../formats/make.ts';
import { LIBRARY_ONLY } from '../plan/knowledge.ts';
import { plan } from '../plan/plan.ts';
import { BASE } from '../plan/testing/onTheEdge.ts';
import { normals, seeded } from '../random.ts';
import { workingEnds } from '../steps/list/ends.ts';
import { startProgress } from '../steps/progress.ts';
import { willItReach } from '../steps/reach/reach.ts';
import { USUAL_WAY } from '../steps/types.ts';
import { forecastOf, workLog } from './log.ts';
import { plannedAgain } from './makes.ts';
import { learnTiring, tiringIn } from './tiring.ts';

const made = plan(BASE, LIBRARY_ONLY);
if (!made.ok) throw new Error(made.issues[0]!.message);
const PLAN = made.value;
const ENDS = workingEnds(PLAN, 0);
const ROWS = PLAN.bands[0]!.rows;

/** Tied row by row: each row uses its planned cord times the hand, which grows by `tiring` (log scale) from first row to last. */
function tied(id: string, tiring: number, at: readonly number[], noise: () => number, hand = 0): Make {
  const left = ENDS.map((e) => e.startMm);
  const measured: NonNullable<Make['measured']>[number][] = [];
  for (let row = 1; row <= ROWS; row++) {
    const factor = Math.exp(hand + tiring * ((row - 0.5) / ROWS - 0.5));
    for (const [i, e] of ENDS.entries()) {
      const [used, woven] = [e.usedMm(row) - e.usedMm(row - 1), e.wovenMm(row) - e.wovenMm(row - 1)];
      left[i]! -= used + woven * (factor * (1 + 0.04 * noise()) - 1);
    }
    if (at.includes(row))
      for (const [end, mm] of left.entries())
        measured.push({ rows: row, end, leftMm: Math.max(0, mm + 8 * noise()) });
  }
  const record = makeRecord(
    id,
    BASE,
    PLAN,
    startProgress('gather', USUAL_WAY, 0),
    { startedAt: 1, finishedAt: 2 },
    {
      fit: 'right',
      checks: [],
      left: left.map((mm, end) => ({
        band: 0,
        end,
        leftMm: Math.max(0, mm - ENDS[end]!.closureMm + 8 * noise()),
      })),
    },
  );
  return { ...record, ...(measured.length > 0 ? { measured } : {}) };
}

const seenIn = (make: Make) => tiringIn(make, plannedAgain(make, LIBRARY_ONLY)!);
const exact = () => 0;
const HALF = Math.round(ROWS / 2);

describe('tiring within one piece', () => {
  it.each([-0.06, 0, 0.05, 0.1])('%f from first row to last is read off exact measures', (tiring) => {
    const seen = seenIn(tied('a', tiring, [Math.round(ROWS / 4), HALF, Math.round((3 * ROWS) / 4)], exact))!;
    expect(seen.mean).toBeCloseTo(tiring, 2);
    expect(seen.variance).toBeGreaterThan(0);
  });

  it('says nothing of a piece that was measured nowhere, or of an end at one place only', () => {
    expect(seenIn(tied('a', 0.05, [], exact))).toBeUndefined();
    const once = tied('a', 0.05, [HALF], exact);
    expect(seenIn({ ...once, leftovers: [] })).toBeUndefined();
    expect(seenIn(once)).toBeDefined();
  });

  it('is told from a hand that uses more all along', () => {
    const even = seenIn(tied('a', 0, [HALF], exact, 0.06))!;
    expect(Math.abs(even.mean)).toBeLessThan(0.01);
  });

  it('knows less from one measuring by the way than from three', () => {
    const one = seenIn(tied('a', 0.05, [HALF], exact))!;
    const three = seenIn(tied('a', 0.05, [6, HALF, ROWS - 6], exact))!;
    expect(three.variance).toBeLessThan(one.variance);
  });
});

describe('a maker who tires', () => {
  it('is found out by hand arithmetic: one piece moves 0 ± 2 % as two variances say', () => {
    // 0.0004 against 0.0004 + 0.0001 + 0.0004: four ninths of the way; 0.0004 × 5/9 stays, and each piece scatters.
    const one = learnTiring([{ mean: 0.045, variance: 0.0004 }]);
    expect(one.mean).toBeCloseTo(0.02, 9);
    expect(one.sd).toBeCloseTo(Math.sqrt((0.0004 * 5) / 9 + 0.0001), 9);
    expect(one.pieces).toBe(1);
    expect(learnTiring([])).toEqual({ mean: 0, sd: 0.02, pieces: 0 });
  });

  it('is not taken in by a slip of the tape', () => {
    expect(learnTiring([{ mean: 0.9, variance: 0.0004 }])).toEqual({ mean: 0, sd: 0.02, pieces: 0 });
  });

  it('is foretold as surely as it says, and better than by nothing, measured as makers measure', () => {
    const again = { design: BASE, plan: PLAN };
    const off = Array.from({ length: 40 }, (_, seed) => {
      const noise = normals(seeded(seed + 1));
      const hand = 0.02 * noise();
      const next = hand + 0.01 * noise();
      const makes = Array.from({ length: 8 }, (_u, i) =>
        tied(`p${i}`, hand + 0.01 * noise(), [10, ROWS - 8], noise),
      );
      const known = learnTiring(makes.flatMap((m) => tiringIn(m, again) ?? []));
      return { z: (next - known.mean) / known.sd, error: next - known.mean, plain: next };
    });
    const within = off.filter(({ z }) => Math.abs(z) < 1.96).length / off.length;
    expect(within).toBeGreaterThan(0.87);
    const squares = (of: (o: (typeof off)[number]) => number) => off.reduce((sum, o) => sum + of(o) ** 2, 0);
    expect(squares((o) => o.error)).toBeLessThan(squares((o) => o.plain));
    // Neither so unsure that everything would be within.
    expect(squares((o) => o.z) / off.length).toBeGreaterThan(0.5);
    expect(squares((o) => o.z) / off.length).toBeLessThan(1.6);
  });

  it('is reckoned with half way: what is still to come uses more, and a fresh cut keeps its promise', () => {
    const noise = normals(seeded(9));
    const makes = Array.from({ length: 10 }, (_, i) => ({
      ...tied(`p${i}`, 0.06, [10, ROWS - 8], noise),
      finishedAt: i + 2,
    }));
    const log = workLog(makes, [], { leftOut: [], confirmed: [] }, LIBRARY_ONLY);
    expect(log.tiring.pieces).toBe(10);
    const forecast = forecastOf(log, BASE.pattern.id, BASE.cord)!;
    expect(forecast.tiring!.mean).toBeGreaterThan(0.02);
    const { tiring: _gone, ...unaware } = forecast;
    const reach = (learned: typeof unaware, rowsDone: number) => {
      const again = plan(BASE, { ...LIBRARY_ONLY, learned: () => learned });
      if (!again.ok) throw new Error(again.issues[0]!.message);
      const ends = workingEnds(again.value, 0);
      const left =
        rowsDone === 0
          ? []
          : ends.map((e, end) => ({ rows: rowsDone, end, leftMm: e.startMm - e.usedMm(rowsDone) }));
      return willItReach({ plan: again.value, band: 0, rowsDone, left, woven: [] }).chance;
    };
    expect(reach(forecast, HALF)).toBeLessThan(reach(unaware, HALF));
    expect(reach(forecast, 0)).toBeCloseTo(reach(unaware, 0), 2);
  });
});
