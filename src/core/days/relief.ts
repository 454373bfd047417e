import { chances, type OrderChance } from './chance.ts';
import type { Person, Task } from './types.ts';
import { laidOut, type Sequence } from './work.ts';

/** Below this chance a due day is not called safe. */
export const SAFE = 0.9;

/** What helps an order whose day is not safe. */
export interface Relief {
  readonly order: string;
  readonly chance: number;
  /** Due so late, it holds in nine of ten. */
  readonly moveTo: number;
  /** Left out, this one makes the day safe: the least work that does. */
  readonly drop: { readonly order: string; readonly minutes: number } | undefined;
}

/** For so many orders at most another one to leave out is looked for: the first ones by their days. */
const MOST_SEARCHED = 5;

/** For every due day that is not safe: to when it would have to move, or which single other order to leave out. */
export function reliefs(
  people: readonly Person[],
  sequence: Sequence,
  today: number,
  known: readonly OrderChance[],
): Relief[] {
  const minutes = new Map<string, number>();
  for (const t of [...sequence.values()].flat())
    minutes.set(t.order, (minutes.get(t.order) ?? 0) + t.pieces * t.minutesEach);
  const others = [...minutes].toSorted((a, b) => a[1] - b[1]);
  return known
    .filter((c) => c.chance < SAFE)
    .toSorted((a, b) => a.due - b.due)
    .map(({ order, chance, due, sureDay }, n) => {
      const drop =
        n >= MOST_SEARCHED
          ? undefined
          : others.find(([id]) => {
              if (id === order) return false;
              const without = new Map(
                [...sequence].map(
                  ([name, list]) => [name, list.filter((t: Task) => t.order !== id)] as const,
                ),
              );
              // Where it does not even help as reckoned, no hand makes it safe.
              const { ends } = laidOut(people, without, today);
              const mine = [...without.values()].flat().filter((t) => t.order === order);
              if (mine.some((t) => (ends.get(t.id) ?? Number.POSITIVE_INFINITY) > due)) return false;
              const then = chances(people, without, today).find((c) => c.order === order);
              return then !== undefined && then.chance >= SAFE;
            });
      return {
        order,
        chance,
        moveTo: sureDay,
        drop: drop && { order: drop[0], minutes: drop[1] },
      };
    });
}
