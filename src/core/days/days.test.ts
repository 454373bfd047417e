import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dayNumber, isoDay, weekday } from '../stall/dates.ts';
import { lateBound } from './bound.ts';
import { chances, TIME_SPREAD } from './chance.ts';
import { planDays } from './plan.ts';
import { reliefs } from './relief.ts';
import type { Person, Task } from './types.ts';
import { laidOut, work } from './work.ts';

/** A Monday. */
const TODAY = dayNumber('2026-11-30')!;
const person = (name: string, hours: number[], hardest = 5, off: string[] = []): Person => ({
  name,
  minutes: hours.map((h) => h * 60),
  daysOff: new Set(off.map((d) => dayNumber(d)!)),
  hardest,
});
const HOURLY = person('Ines', [1, 1, 1, 1, 1, 1, 0]);
const task = (id: string, minutes: number, due: string | undefined, more: Partial<Task> = {}): Task => ({
  id,
  order: id,
  line: 0,
  name: id,
  what: '1 band',
  pieces: 1,
  minutesEach: minutes,
  difficulty: 1,
  kind: 'a',
  due: due === undefined ? undefined : dayNumber(due)!,
  ...more,
});

describe('days', () => {
  it('are numbered from 1970, know their weekday, and refuse days that there are not', () => {
    expect(dayNumber('1970-01-01')).toBe(0);
    expect(dayNumber('2000-03-01')).toBe(11_017);
    expect(dayNumber('2026-02-29')).toBeUndefined();
    expect(dayNumber('2028-02-29')).toBeDefined();
    expect(dayNumber('26-1-1')).toBeUndefined();
    // 2026-11-30 is a Monday, 1969-12-31 was a Wednesday.
    expect(weekday(TODAY)).toBe(0);
    expect(weekday(-1)).toBe(2);
    expect(isoDay(TODAY + 31)).toBe('2026-12-31');
  });
});

describe('work on days', () => {
  it('goes on over the night and past days off', () => {
    const off = person('Lin', [1, 1, 1, 1, 1, 0, 0], 5, ['2026-12-01']);
    const done = work(off, { day: TODAY, usedMin: 30 }, 75, TODAY + 10)!;
    // Half an hour on Monday, none on Tuesday, three quarters on Wednesday.
    expect(done.blocks.map((b) => [b.day - TODAY, b.fromMin, b.minutes])).toEqual([
      [0, 30, 30],
      [2, 0, 45],
    ]);
    expect(done.clock).toEqual({ day: TODAY + 2, usedMin: 45 });
    expect(work(off, { day: TODAY, usedMin: 0 }, 1e6, TODAY + 10)).toBeUndefined();
  });
});

describe('a day plan', () => {
  it('takes the earliest due day first, and says how late the latest is', () => {
    const { plan, isProven, boundDays } = planDays(
      [task('late', 60, '2026-12-04'), task('soon', 90, '2026-12-01'), task('any', 30, undefined)],
      [HOURLY],
      TODAY,
    );
    // 90 minutes end on Tuesday, on the day itself; 60 more on Wednesday, two days early.
    expect([...plan.ends]).toEqual([
      ['soon', TODAY + 1],
      ['late', TODAY + 2],
      ['any', TODAY + 2],
    ]);
    expect(plan.latestDays).toBe(0);
    expect([boundDays, isProven]).toEqual([0, true]);
  });

  it('is as good for the latest piece as the best of all orders, with one maker', () => {
    const tasks = fc.array(
      fc.record({ minutes: fc.integer({ min: 5, max: 200 }), due: fc.integer({ min: 0, max: 8 }) }),
      { minLength: 1, maxLength: 5 },
    );
    fc.assert(
      fc.property(tasks, (list) => {
        const all = list.map((t, i) => ({
          ...task(`t${i}`, t.minutes, undefined),
          due: TODAY + t.due,
          kind: `${i % 2}`,
        }));
        const made = planDays(all, [HOURLY], TODAY);
        const best = Math.min(
          ...orders(all).map((order) => laidOut([HOURLY], new Map([['Ines', order]]), TODAY).latestDays!),
        );
        expect(made.plan.latestDays).toBe(best);
        expect(made.boundDays).toBe(best);
        expect(made.isProven).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it('with helpers gives nobody what they do not tie, and is never below its bound', () => {
    const kinds = fc.array(
      fc.record({
        minutes: fc.integer({ min: 5, max: 300 }),
        due: fc.integer({ min: 0, max: 6 }),
        hard: fc.integer({ min: 1, max: 5 }),
      }),
      { minLength: 1, maxLength: 4 },
    );
    const people = [HOURLY, person('Pavel', [2, 0, 2, 0, 2, 0, 0], 2)];
    fc.assert(
      fc.property(kinds, (list) => {
        const all = list.map((t, i) => ({
          ...task(`t${i}`, t.minutes, undefined, { difficulty: t.hard }),
          due: TODAY + t.due,
        }));
        const { plan, boundDays } = planDays(all, people, TODAY);
        for (const b of plan.blocks)
          if (b.person === 'Pavel') expect(all.find((t) => t.id === b.task)!.difficulty).toBeLessThan(3);
        // All work has its days, and no day holds more than its hours.
        for (const t of all)
          expect(
            plan.blocks.filter((b) => b.task === t.id).reduce((sum, b) => sum + b.minutes, 0),
          ).toBeCloseTo(t.minutesEach);
        for (const b of plan.blocks)
          expect(b.fromMin + b.minutes).toBeLessThanOrEqual(
            people.find((p) => p.name === b.person)!.minutes[weekday(b.day)]! + 1e-6,
          );
        // Every way to share the tasks out, each in every order.
        const best = Math.min(...shares(all, people).map((s) => laidOut(people, s, TODAY).latestDays!));
        expect(boundDays!).toBeLessThanOrEqual(best);
        expect(plan.latestDays!).toBeGreaterThanOrEqual(best);
      }),
      { numRuns: 40 },
    );
  });

  it('shares one task between helpers where that makes it less late, in whole pieces', () => {
    const people = [HOURLY, person('Pavel', [1, 1, 1, 1, 1, 1, 0])];
    // 6 hours at an hour a day: alone until Saturday, shared until Wednesday; the bound says no sooner.
    const bands = task('bands', 30, '2026-12-01', { pieces: 12 });
    const { plan, sequence, boundDays, isProven } = planDays([bands], people, TODAY);
    expect(plan.ends.get('bands')).toBe(TODAY + 2);
    expect([plan.latestDays, boundDays, isProven]).toEqual([1, 1, true]);
    expect(people.map((p) => sequence.get(p.name)!.map((t) => t.pieces))).toEqual([[6], [6]]);
    expect(plan.blocks.every((b) => b.pieces === 6)).toBe(true);
    // Alone it ends a day early: then nothing is shared.
    const early = planDays([{ ...bands, due: TODAY + 6 }], people, TODAY);
    expect([...new Set(early.plan.blocks.map((b) => b.person))]).toHaveLength(1);
    expect(early.plan.latestDays).toBe(-1);
    // On its very day it is.
    const tight = planDays([{ ...bands, due: TODAY + 5 }], people, TODAY);
    expect([...new Set(tight.plan.blocks.map((b) => b.person))]).toHaveLength(2);
    // What was given to someone by hand is theirs.
    const given = planDays([{ ...bands, person: 'Pavel' }], people, TODAY);
    expect([...new Set(given.plan.blocks.map((b) => b.person))]).toEqual(['Pavel']);
    expect(given.plan.ends.get('bands')).toBe(TODAY + 5);
    // One piece is one person’s: three hours end on Wednesday, whoever helps.
    const long = planDays([task('collar', 180, '2026-11-30')], people, TODAY);
    expect([long.plan.latestDays, long.boundDays]).toEqual([2, 2]);
    // Two parts of one task: an end only when all of it has its days.
    const idle = person('Lin', [0, 0, 0, 0, 0, 0, 0]);
    const half = { ...bands, pieces: 6 };
    const stuck = laidOut(
      [HOURLY, idle],
      new Map([
        ['Ines', [half]],
        ['Lin', [half]],
      ]),
      TODAY,
    );
    expect([stuck.ends.has('bands'), stuck.left]).toEqual([false, ['bands']]);
  });

  it('shared in every way of whole pieces nothing beats its bound', () => {
    const people = [HOURLY, person('Pavel', [2, 0, 2, 0, 2, 0, 0])];
    const tasks = fc.array(
      fc.record({
        pieces: fc.integer({ min: 1, max: 4 }),
        minutes: fc.integer({ min: 10, max: 90 }),
        due: fc.integer({ min: 0, max: 4 }),
      }),
      { minLength: 1, maxLength: 3 },
    );
    fc.assert(
      fc.property(tasks, (list) => {
        const all = list.map((t, i) => ({
          ...task(`t${i}`, t.minutes, undefined, { pieces: t.pieces }),
          due: TODAY + t.due,
        }));
        const { plan, sequence, boundDays } = planDays(all, people, TODAY);
        for (const t of all)
          expect(
            [...sequence.values()]
              .flat()
              .filter((x) => x.id === t.id)
              .reduce((n, x) => n + x.pieces, 0),
          ).toBe(t.pieces);
        const best = Math.min(...halves(all).map((s) => laidOut(people, s, TODAY).latestDays!));
        expect(boundDays!).toBeLessThanOrEqual(best);
        expect(plan.latestDays!).toBeGreaterThanOrEqual(best);
      }),
      { numRuns: 40 },
    );
  });

  it('puts tasks of one kind together only where nothing becomes late for it', () => {
    const kind = (id: string, due: string, k: string) => task(id, 30, due, { kind: k });
    const roomy = planDays(
      [kind('1', '2026-12-10', 'a'), kind('2', '2026-12-11', 'b'), kind('3', '2026-12-12', 'a')],
      [HOURLY],
      TODAY,
    );
    expect(roomy.plan.changes).toBe(1);
    const tight = planDays(
      [kind('1', '2026-11-30', 'a'), kind('2', '2026-11-30', 'b'), kind('3', '2026-12-01', 'a')],
      [HOURLY],
      TODAY,
    );
    expect(tight.plan.changes).toBe(2);
    expect(tight.plan.latestDays).toBe(0);
  });

  it('keeps what was put on a day or given to someone by hand', () => {
    const people = [HOURLY, person('Pavel', [1, 1, 1, 1, 1, 1, 0])];
    const { plan } = planDays(
      [task('a', 30, '2026-12-20', { person: 'Pavel', notBefore: TODAY + 3 }), task('b', 30, '2026-12-20')],
      people,
      TODAY,
    );
    expect(plan.blocks.find((b) => b.task === 'a')).toMatchObject({ person: 'Pavel', day: TODAY + 3 });
  });

  it('names what nobody ties', () => {
    const { plan } = planDays(
      [task('a', 30, '2026-12-01', { difficulty: 4 })],
      [person('Pavel', [1, 1, 1, 1, 1, 1, 1], 2)],
      TODAY,
    );
    expect(plan.left).toEqual(['a']);
    expect(lateBound([], [HOURLY], TODAY)).toBeUndefined();
  });
});

describe('chances of due days', () => {
  it('follow the spread of the minutes, and are the same for one seed', () => {
    // One piece of 110 minutes; 120 minutes until its day. ln(12/11) = 0.087 is 0.59 standard deviations of 0.147: 72 %.
    const two = person('Ines', [2, 0, 0, 0, 0, 0, 0]);
    const sequence = new Map([['Ines', [task('a', 110, '2026-11-30')]]]);
    const [got] = chances([two], sequence, TODAY, 7);
    expect(Math.hypot(TIME_SPREAD.hand, TIME_SPREAD.piece)).toBeCloseTo(Math.log(4 / 3) / 1.96, 2);
    expect(Math.abs(got!.chance - 0.723)).toBeLessThan(0.04);
    expect(chances([two], sequence, TODAY, 7)).toEqual([got]);
    expect(got!.sureDay).toBe(TODAY + 7);
  });

  it('say to which day an order would have to move, or which other one to leave out', () => {
    const sequence = new Map([['Ines', [task('first', 45, '2026-11-30'), task('second', 45, '2026-11-30')]]]);
    const known = chances([HOURLY], sequence, TODAY);
    const [relief] = reliefs([HOURLY], sequence, TODAY, known);
    expect(relief).toMatchObject({
      order: 'second',
      moveTo: TODAY + 1,
      drop: { order: 'first', minutes: 45 },
    });
    expect(known.find((c) => c.order === 'first')!.chance).toBeGreaterThan(0.9);
  });
});

function orders<T>(list: readonly T[]): T[][] {
  if (list.length === 0) return [[]];
  return list.flatMap((x, i) => orders(list.filter((_, j) => j !== i)).map((rest) => [x, ...rest]));
}

function shares(tasks: readonly Task[], people: readonly Person[]): Map<string, Task[]>[] {
  let out: Map<string, Task[]>[] = [new Map(people.map((p) => [p.name, []]))];
  for (const t of tasks)
    out = out.flatMap((share) =>
      people
        .filter((p) => t.difficulty <= p.hardest)
        .flatMap((p) => {
          const mine = share.get(p.name)!;
          return Array.from({ length: mine.length + 1 }, (_, at) =>
            new Map(share).set(p.name, mine.toSpliced(at, 0, t)),
          );
        }),
    );
  return out;
}

/** Every way for Ines and Pavel to share out whole pieces, each earliest due first. */
function halves(tasks: readonly Task[]): Map<string, Task[]>[] {
  const sorted = tasks.toSorted((a, b) => a.due! - b.due!);
  const part = (t: Task, pieces: number) => (pieces > 0 ? [{ ...t, pieces }] : []);
  return sorted.reduce<Map<string, Task[]>[]>(
    (out, t) =>
      out.flatMap((share) =>
        Array.from(
          { length: t.pieces + 1 },
          (_, n) =>
            new Map([
              ['Ines', [...share.get('Ines')!, ...part(t, n)]],
              ['Pavel', [...share.get('Pavel')!, ...part(t, t.pieces - n)]],
            ]),
        ),
      ),
    [
      new Map<string, Task[]>([
        ['Ines', []],
        ['Pavel', []],
      ]),
    ],
  );
}
