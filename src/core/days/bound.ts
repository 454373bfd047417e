import type { Person, Task } from './types.ts';
import { canTie, HORIZON_DAYS, minutesOn } from './work.ts';

/**
 * No plan makes the latest task less late than this, in days. For each due day and each step of difficulty, all that is due by then and at least so hard
 * must fit into the minutes of those who tie it, from today to that day and so many days more; no task ends before all who tie it could have ended it together,
 * nor before one person alone could have tied one piece of it. Work may be split as one likes, so this holds for every plan. Nothing where nothing is due.
 */
export function lateBound(
  tasks: readonly Task[],
  people: readonly Person[],
  today: number,
): number | undefined {
  const due = tasks.filter((t) => t.due !== undefined);
  if (due.length === 0) return undefined;
  let bound = Number.NEGATIVE_INFINITY;
  for (const day of new Set(due.map((t) => t.due!)))
    for (const hard of new Set(due.map((t) => t.difficulty))) {
      const mine = due.filter((t) => t.due! <= day && t.difficulty >= hard);
      if (mine.length === 0) continue;
      const able = people.filter((p) => p.hardest >= hard);
      const need = mine.reduce((sum, t) => sum + t.pieces * t.minutesEach, 0);
      bound = Math.max(bound, dayBy(able, need, today) - day);
    }
  for (const task of due) {
    const from = Math.max(today, task.notBefore ?? today);
    const able = people.filter((p) => canTie(p, task));
    const onePiece = Math.min(...able.map((p) => dayBy([p], task.minutesEach, from)));
    bound = Math.max(
      bound,
      onePiece - task.due!,
      dayBy(able, task.pieces * task.minutesEach, from) - task.due!,
    );
  }
  return bound;
}

/** The first day by which people together have had so many minutes, from a day on. */
function dayBy(people: readonly Person[], minutes: number, from: number): number {
  let left = minutes;
  for (let day = from; day <= from + HORIZON_DAYS; day++) {
    for (const p of people) left -= minutesOn(p, day);
    if (left <= 1e-9) return day;
  }
  return from + HORIZON_DAYS;
}
