import highsLoader from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { highsSolver } from '../../workers/inside/highs.ts';
import { planJob } from './job.ts';
import type { CuttingProblem } from './model.ts';
import type { Solver } from './solver.ts';
import { verifyPlan } from './verify.ts';

let solver: Solver;
beforeAll(async () => {
  solver = highsSolver(await highsLoader());
});

const PROBLEM: CuttingProblem = {
  pieces: [3000, 2000, 2000].map((lengthMm, i) => ({ id: `p${i}`, label: `piece ${i + 1}`, lengthMm })),
  bars: [
    { id: 'a', label: 'hank', lengthMm: 4030, reserveMm: 0, isOffcut: false },
    { id: 'b', label: 'hank', lengthMm: 5010, reserveMm: 0, isOffcut: false },
  ],
  packs: [{ id: 'pack', label: '15 m', lengthMm: 15_000, reserveMm: 0, priceCents: 620 }],
  kerfMm: 10,
  keepMm: 400,
};
const JOIN = { overlapMm: 20, leastMm: 300, priceCents: 15 };
const LIMITS = { seconds: 2 };
const barOf = (outcome: ReturnType<typeof planJob>, piece: string) =>
  outcome.result.ok
    ? outcome.result.plan.bars.find((b) => b.pieces.some((p) => p.id === piece))?.id
    : undefined;

describe('pins', () => {
  it('keep a piece on its hank, and the rest is planned round it', () => {
    for (const id of ['a', 'b'])
      expect(barOf(planJob({ problem: PROBLEM, pins: { p0: id } }, solver, LIMITS), 'p0')).toBe(id);
    const pinned = planJob({ problem: PROBLEM, pins: { p0: 'a' } }, solver, LIMITS);
    expect(barOf(pinned, 'p0')).toBe('a');
    if (!pinned.result.ok) throw new Error('short');
    // 3000 on 4030 leaves 1020; both of 2000 then come out of 5010, which leaves 990. Nothing is bought.
    expect(pinned.result.plan.bars.map((b) => [b.id, b.restMm]).toSorted()).toEqual([
      ['a', 1020],
      ['b', 990],
    ]);
    expect(verifyPlan(PROBLEM, pinned.result.plan)).toEqual([]);
    expect(pinned.result.plan.stages.filter((s) => s.stage !== 'cost').every((s) => !s.isProven)).toBe(true);
    expect(pinned.result.plan.stages[0]).toMatchObject({ stage: 'cost', value: 0, isProven: true });
  });

  it('may fill a hank to its very end, but no further', () => {
    // Two of 2000 with one cut between them need 4010 of 4030.
    const full = planJob({ problem: PROBLEM, pins: { p1: 'a', p2: 'a' } }, solver, LIMITS);
    expect([barOf(full, 'p1'), barOf(full, 'p2')]).toEqual(['a', 'a']);
    const over = planJob({ problem: PROBLEM, pins: { p0: 'a', p1: 'a' } }, solver, LIMITS);
    // 3000 + 10 + 2000 = 5010: 980 too long.
    expect(over.pinProblem).toBe('piece 1 and piece 2 can’t all be cut from this hank: 980 mm are missing.');
    expect(over.result.ok).toBe(true);
  });

  it('on a hank that is gone are passed over', () => {
    expect(planJob({ problem: PROBLEM, pins: { p0: 'gone' } }, solver, LIMITS).result.ok).toBe(true);
  });
});

describe('joins', () => {
  const short: CuttingProblem = {
    ...PROBLEM,
    bars: [PROBLEM.bars[0]!, { ...PROBLEM.bars[1]!, lengthMm: 3100 }],
  };

  it('are made only where they save more than they are worth, and only where they are allowed', () => {
    // 7 m wanted and 7.13 m there, but no hank gives the last 2 m: 2000 on 4030 twice, 3000 on 3100 does.
    expect(planJob({ problem: short, joins: JOIN }, solver, LIMITS).joins).toBe(0);
    const tight = {
      ...short,
      bars: [
        PROBLEM.bars[0]!,
        { ...PROBLEM.bars[1]!, lengthMm: 1900 },
        { ...PROBLEM.bars[1]!, id: 'c', lengthMm: 1300 },
      ],
    };
    const without = planJob({ problem: tight, joins: JOIN }, solver, LIMITS);
    expect(without.result.ok && without.result.plan.costCents).toBe(620);
    const pieces = tight.pieces.map((p) => ({ ...p, canJoin: p.id === 'p0' }));
    // 3000 as 1900 and 1120 (20 mm overlap): nothing to buy.
    const joined = planJob({ problem: { ...tight, pieces }, joins: JOIN }, solver, LIMITS);
    expect(joined.joins).toBe(1);
    if (!joined.result.ok) throw new Error('short');
    expect(joined.result.plan.costCents).toBe(0);
    const parts = joined.problem.pieces.filter((p) => p.partOf?.piece === 'p0').map((p) => p.lengthMm);
    expect(parts.reduce((a, b) => a + b, 0)).toBe(3020);
    expect(parts.every((mm) => mm >= 300)).toBe(true);
    expect(verifyPlan(joined.problem, joined.result.plan)).toEqual([]);
    const dear = planJob(
      { problem: { ...tight, pieces }, joins: { ...JOIN, priceCents: 700 } },
      solver,
      LIMITS,
    );
    expect(dear.joins).toBe(0);
  });

  it('make a plan possible where a piece is longer than any hank', () => {
    const long: CuttingProblem = {
      ...PROBLEM,
      pieces: [{ id: 'long', label: 'leash', lengthMm: 17_000, canJoin: true }],
      bars: [],
    };
    const made = planJob({ problem: long, joins: JOIN }, solver, LIMITS);
    if (!made.result.ok) throw new Error('short');
    expect(made.joins).toBe(1);
    // 17.02 m of cord: two packs, and no plan does with less than 17/15 of a pack’s price.
    expect(made.result.plan.costCents).toBe(1240);
    expect(made.result.plan.stages[0]).toMatchObject({ bound: 703, isProven: false });
    expect(
      planJob(
        { problem: { ...long, pieces: [{ ...long.pieces[0]!, canJoin: false }] }, joins: JOIN },
        solver,
        LIMITS,
      ).result.ok,
    ).toBe(false);
  });
});
