import { weekday } from '../stall/dates.ts';
import type { Block, DayPlan, Person, Task } from './types.ts';

/** No plan looks further ahead than this many days. */
export const HORIZON_DAYS = 400;

/** Minutes that someone has on a day. */
export const minutesOn = (person: Person, day: number): number =>
  person.daysOff.has(day) ? 0 : (person.minutes[weekday(day)] ?? 0);

export const canTie = (person: Person, task: Pick<Task, 'difficulty' | 'person'>): boolean =>
  task.difficulty <= person.hardest && (task.person === undefined || task.person === person.name);

/** Where someone's work has come to. */
export interface Clock {
  readonly day: number;
  readonly usedMin: number;
}

const EPS = 1e-9;

/** Puts so many minutes on someone's days, from a clock on; work goes on over the night. Nothing where the horizon ends first. */
export function work(
  person: Person,
  from: Clock,
  minutes: number,
  lastDay: number,
): { readonly blocks: Omit<Block, 'task' | 'pieces'>[]; readonly clock: Clock } | undefined {
  const blocks: Omit<Block, 'task' | 'pieces'>[] = [];
  let { day, usedMin } = from;
  let left = minutes;
  for (; day <= lastDay; day++, usedMin = 0) {
    const free = minutesOn(person, day) - usedMin;
    if (free <= EPS) continue;
    const taken = Math.min(free, left);
    blocks.push({ person: person.name, day, fromMin: usedMin, minutes: taken });
    usedMin += taken;
    left -= taken;
    if (left <= EPS) return { blocks, clock: { day, usedMin } };
  }
  return undefined;
}

/** Tasks of each person in the order in which they are tied. A task that is shared stands with each of its people, with their pieces of it. */
export type Sequence = ReadonlyMap<string, readonly Task[]>;

/** The days that follow from who ties what, in which order. */
export function laidOut(people: readonly Person[], sequence: Sequence, today: number): DayPlan {
  const blocks: Block[] = [];
  const ends = new Map<string, number>();
  const left: string[] = [];
  const lates: number[] = [];
  let changes = 0;
  for (const person of people) {
    let clock: Clock = { day: today, usedMin: 0 };
    let kind: string | undefined;
    for (const task of sequence.get(person.name) ?? []) {
      const wait = task.notBefore ?? today;
      const from = wait > clock.day ? { day: wait, usedMin: 0 } : clock;
      const done = work(person, from, task.pieces * task.minutesEach, today + HORIZON_DAYS);
      if (!done) {
        left.push(task.id);
        continue;
      }
      if (kind !== undefined && kind !== task.kind) changes++;
      kind = task.kind;
      clock = done.clock;
      for (const b of done.blocks) blocks.push({ ...b, task: task.id, pieces: task.pieces });
      ends.set(task.id, Math.max(ends.get(task.id) ?? 0, clock.day));
      if (task.due !== undefined) lates.push(clock.day - task.due);
    }
  }
  // Of a shared task one part may find no day: then it has no end.
  for (const id of left) ends.delete(id);
  return {
    blocks,
    ends,
    left: [...new Set(left)],
    changes,
    latestDays: lates.length > 0 ? Math.max(...lates) : undefined,
  };
}
