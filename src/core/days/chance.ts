import { normals, seeded } from '../random.ts';
import type { Person, Task } from './types.ts';
import { HORIZON_DAYS, laidOut, type Sequence } from './work.ts';

/**
 * How far minutes are off until a log says better, as a share: “give or take a third” in nineteen of twenty pieces is ln(4/3)/1.96 = 0.147 in all. Most of it
 * is the hand’s own and the same for every piece (0.12), the rest changes from piece to piece (0.085).
 */
export const TIME_SPREAD = { hand: 0.12, piece: 0.085 } as const;

const RUNS = 1000;

export interface OrderChance {
  readonly order: string;
  readonly due: number;
  /** Share of the runs in which all of it is tied by its day. */
  readonly chance: number;
  /** Day by which it is tied in nine of ten runs. */
  readonly sureDay: number;
}

/**
 * The chance that each due day holds: the plan is worked through a thousand times with hands that are faster or slower than reckoned. The same seed gives the
 * same answer.
 */
export function chances(
  people: readonly Person[],
  sequence: Sequence,
  today: number,
  seed = 1,
): OrderChance[] {
  const normal = normals(seeded(seed));
  const tasks = [...new Map([...sequence.values()].flat().map((t) => [t.id, t])).values()];
  const orders = new Map<string, { due: number; tasks: Task[]; ends: number[] }>();
  for (const t of tasks) {
    if (t.due === undefined) continue;
    const o = orders.get(t.order) ?? { due: t.due, tasks: [], ends: [] };
    o.tasks.push(t);
    orders.set(t.order, o);
  }
  for (let run = 0; run < RUNS; run++) {
    const drawn = new Map<string, Task[]>();
    for (const person of people) {
      const hand = Math.exp(TIME_SPREAD.hand * normal());
      drawn.set(
        person.name,
        (sequence.get(person.name) ?? []).map((t) => {
          const own = 1 + (TIME_SPREAD.piece / Math.sqrt(t.pieces)) * normal();
          return { ...t, minutesEach: t.minutesEach * hand * Math.max(0.2, own) };
        }),
      );
    }
    const { ends } = laidOut(people, drawn, today);
    for (const o of orders.values())
      o.ends.push(Math.max(...o.tasks.map((t) => ends.get(t.id) ?? today + HORIZON_DAYS)));
  }
  return [...orders].map(([order, { due, ends }]) => {
    const sorted = ends.toSorted((a, b) => a - b);
    return {
      order,
      due,
      chance: ends.filter((e) => e <= due).length / RUNS,
      sureDay: sorted[Math.ceil(0.9 * RUNS) - 1]!,
    };
  });
}
