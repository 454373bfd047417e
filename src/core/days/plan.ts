import { lateBound } from './bound.ts';
import type { DayPlan, Person, Task } from './types.ts';
import { type Clock, canTie, HORIZON_DAYS, laidOut, type Sequence, work } from './work.ts';

export interface Planned {
  readonly plan: DayPlan;
  readonly sequence: Sequence;
  /** No plan at all makes the latest piece less late than this, in days; nothing where nothing is due. */
  readonly boundDays: number | undefined;
  /** Whether that is reached: nothing can be done about the latest piece by another order. */
  readonly isProven: boolean;
}

const dueOf = (task: Task): number => task.due ?? Number.POSITIVE_INFINITY;

/**
 * Who ties what, on which days. One person takes the earliest due date first, which no order beats for the latest piece (Jackson 1955; days off
 * and work over the night change nothing, for they come alike to every order). With helpers each task, earliest due first, goes to whoever ends it
 * first; then tasks, whole or some of their pieces, are moved while that makes the latest less late. Last, tasks of one kind are put together where nothing gets later for
 * it than it may.
 */
export function planDays(tasks: readonly Task[], people: readonly Person[], today: number): Planned {
  const [able, unable] = [
    tasks.filter((t) => people.some((p) => canTie(p, t))),
    tasks.filter((t) => !people.some((p) => canTie(p, t))),
  ];
  let sequence = earliestDueFirst(able, people, today);
  if (people.length > 1) sequence = improved(sequence, people, today);
  sequence = grouped(sequence, people, today);
  const made = laidOut(people, sequence, today);
  const plan: DayPlan = { ...made, left: [...made.left, ...unable.map((t) => t.id)] };
  const boundDays = lateBound(able, people, today);
  return {
    plan,
    sequence,
    boundDays,
    isProven: plan.latestDays === undefined || (boundDays !== undefined && plan.latestDays <= boundDays),
  };
}

function earliestDueFirst(tasks: readonly Task[], people: readonly Person[], today: number): Sequence {
  const sequence = new Map<string, Task[]>(people.map((p) => [p.name, []]));
  const clocks = new Map<string, Clock>(people.map((p) => [p.name, { day: today, usedMin: 0 }]));
  const waiting = tasks.toSorted(
    (a, b) => dueOf(a) - dueOf(b) || (a.notBefore ?? 0) - (b.notBefore ?? 0) || (a.id < b.id ? -1 : 1),
  );
  for (const task of waiting) {
    let best: { person: Person; clock: Clock } | undefined;
    for (const person of people) {
      if (!canTie(person, task)) continue;
      const at = clocks.get(person.name)!;
      const from = (task.notBefore ?? today) > at.day ? { day: task.notBefore!, usedMin: 0 } : at;
      const done = work(person, from, task.pieces * task.minutesEach, today + HORIZON_DAYS);
      if (!done) continue;
      const { day, usedMin } = done.clock;
      if (!best || day < best.clock.day || (day === best.clock.day && usedMin < best.clock.usedMin))
        best = { person, clock: done.clock };
    }
    const person = best?.person ?? people.find((p) => canTie(p, task))!;
    sequence.get(person.name)!.push(task);
    if (best) clocks.set(person.name, best.clock);
  }
  return sequence;
}

/** What is made small: how late the latest is, then how many are late, then all days late together. */
function badness(plan: DayPlan, sequence: Sequence): readonly [number, number, number] {
  const tasks = new Map([...sequence.values()].flat().map((t) => [t.id, t]));
  let [late, sum] = [0, 0];
  for (const t of tasks.values()) {
    const end = plan.ends.get(t.id);
    const days = end === undefined ? HORIZON_DAYS : end - dueOf(t);
    if (days > 0) [late, sum] = [late + 1, sum + days];
  }
  return [plan.latestDays ?? Number.NEGATIVE_INFINITY, late, sum];
}

const isLess = (a: readonly number[], b: readonly number[]): boolean => {
  const i = a.findIndex((x, k) => x !== b[k]);
  return i >= 0 && a[i]! < b[i]!;
};

const MOST_ROUNDS = 20;
/** Tasks that are put on days, all told, while looking for better plans: with many tasks fewer moves are tried. */
const MOST_LAID_OUT = 160_000;

/**
 * How many of a task’s pieces are tried with somebody else: all of them, and where the latest is not a day early, half or one. What was given to someone by hand
 * stays whole, and nothing is shared without need.
 */
const partsOf = (task: Task, latestDays: number): number[] =>
  task.person === undefined && latestDays >= 0
    ? [...new Set([task.pieces, Math.ceil(task.pieces / 2), 1])]
    : [task.pieces];

/** A sequence in which some pieces of a task are tied by somebody else; a part that meets another of its task joins it. */
function handedOver(start: Sequence, task: Task, pieces: number, from: Person, to: Person): Sequence {
  const kept = start.get(from.name)!.flatMap((t) => {
    if (t.id !== task.id) return [t];
    return t.pieces === pieces ? [] : [{ ...t, pieces: t.pieces - pieces }];
  });
  const others = start.get(to.name)!;
  const taken = others.some((t) => t.id === task.id)
    ? others.map((t) => (t.id === task.id ? { ...t, pieces: t.pieces + pieces } : t))
    : [...others, { ...task, pieces }].toSorted((a, b) => dueOf(a) - dueOf(b));
  return new Map(start).set(from.name, kept).set(to.name, taken);
}

/** Hands tasks, or some of their pieces, over while that helps: a bounded search, so its end is not proven best. */
function improved(start: Sequence, people: readonly Person[], today: number): Sequence {
  let best = start;
  let worth = badness(laidOut(people, best, today), best);
  let moves = 0;
  const count = [...start.values()].reduce((sum, list) => sum + list.length, 0);
  const mostMoves = MOST_LAID_OUT / Math.max(1, count);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const before = best;
    for (const from of people)
      for (const { id } of best.get(from.name) ?? [])
        for (const to of people) {
          const task = best.get(from.name)!.find((t) => t.id === id);
          if (to === from || !task || !canTie(to, task)) continue;
          for (const pieces of partsOf(task, worth[0])) {
            if (++moves > mostMoves) return best;
            const next = handedOver(best, task, pieces, from, to);
            const is = badness(laidOut(people, next, today), next);
            if (!isLess(is, worth)) continue;
            [best, worth] = [next, is];
            break;
          }
        }
    if (best === before) break;
  }
  return best;
}

/** Puts a task beside the one before it of the same kind, where the plan is no worse for it and nothing becomes late. */
function grouped(start: Sequence, people: readonly Person[], today: number): Sequence {
  let best = start;
  let plan = laidOut(people, best, today);
  let worth = badness(plan, best);
  for (const { name } of people) {
    const count = best.get(name)?.length ?? 0;
    for (let i = 1; i < count; i++) {
      const list = best.get(name)!;
      const task = list[i]!;
      const at = list.slice(0, i - 1).findLastIndex((t) => t.kind === task.kind);
      if (at < 0 || list[i - 1]!.kind === task.kind) continue;
      const next = new Map(best).set(name, [
        ...list.slice(0, at + 1),
        task,
        ...list.slice(at + 1).filter((t) => t.id !== task.id),
      ]);
      const made = laidOut(people, next, today);
      if (made.changes < plan.changes && !isLess(worth, badness(made, next)))
        [best, plan, worth] = [next, made, badness(made, next)];
    }
  }
  return best;
}
