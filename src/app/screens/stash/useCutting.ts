import { useEffect, useMemo, useRef, useState } from 'react';
import useSWR, { useSWRConfig } from 'swr';
import { type CutGroup, cutGroups, cuttingOf, type Wanted } from '../../../core/cutting/demands.ts';
import type { Pins } from '../../../core/cutting/pins.ts';
import type { CuttingResult } from '../../../core/cutting/plan.ts';
import { kitsOf } from '../../../core/kits/kits.ts';
import { wantedOfKits } from '../../../core/kits/wanted.ts';
import { makeOf } from '../../../core/orders/make.ts';
import { isOpen, workedLines } from '../../../core/orders/needs.ts';
import { wantedOf } from '../../../core/orders/wanted.ts';
import type { Stash } from '../../../core/stash/ledger.ts';
import { newId } from '../../../storage/ids.ts';
import { planCutsInWorker } from '../../../workers/outside/cutting.ts';
import { useCatalogue } from '../../state/catalogue.ts';
import { useClasses } from '../../state/classes.ts';
import { useOrders } from '../../state/orders.ts';
import { CLASSES_KEY, ORDERS_KEY, useDatabase } from '../../state/services.tsx';
import { useStall } from '../../state/stall.ts';
import type { StashView } from '../../state/stash.ts';
import { type Job, type NextCut, openPieces, servedBy, toBuy, withBought, withCut } from './job.ts';

/** What is to be cut: designs so many times, orders and classes by id. */
export interface AskedFor {
  readonly counts: Readonly<Record<string, number>>;
  readonly orders: readonly string[];
  readonly classes: readonly string[];
}

const SECONDS = 2;
/** Where the job is kept. */
const KEPT = 'cuttingJob';

/** Choosing what to make, planning its cuts in a worker, and making them one by one; kept, so that it can be resumed. */
export function useCutting(view: StashView, stash: Stash) {
  const db = useDatabase();
  const { mutate: readAgain } = useSWRConfig();
  const { offers, catalogue } = useCatalogue();
  const orders = useOrders();
  const classes = useClasses();
  const { figures } = useStall();
  const { data: job, mutate } = useSWR(
    'cutting-job',
    async () => ((await db.get('settings', KEPT)) as Job | undefined) ?? null,
  );
  const [progress, setProgress] = useState<number>();
  const [problem, setProblem] = useState<string>();
  const stop = useRef<() => void>(() => undefined);
  useEffect(() => () => stop.current(), []);
  const designs = useMemo(
    () =>
      offers.flatMap(({ id, name }) => {
        const made = makeOf({ design: id, name }, catalogue, figures);
        return made.ok ? [{ id, name, cords: made.value.cords }] : [];
      }),
    [offers, catalogue, figures],
  );

  async function keep(next: Job | null): Promise<void> {
    if (next) await db.put('settings', next, KEPT, 'relaxed');
    else await db.delete('settings', KEPT);
    await mutate(next, { revalidate: false });
  }

  function wantedFor(asked: AskedFor): Wanted[] {
    const chosen = orders.orders.filter((o) => asked.orders.includes(o.id));
    return [
      ...designs.flatMap((d) => (asked.counts[d.id] ? [{ ...d, count: asked.counts[d.id]! }] : [])),
      ...wantedOf(workedLines(chosen, catalogue, figures)),
      ...classes.classes
        .filter((c) => asked.classes.includes(c.id))
        .flatMap((c) => wantedOfKits(c.id, kitsOf(c.kits, catalogue, figures))),
    ];
  }

  /** Plans what is asked for, less what is cut already, from the stash as it is now. */
  function start(asked: AskedFor, former?: Job, pins: Pins = former?.pins ?? {}): void {
    const options = cuttingOf(figures);
    const groups = cutGroups(wantedFor(asked), [...stash.values()], options);
    const open = groups
      .map(
        (g): CutGroup => ({
          ...g,
          problem: { ...g.problem, pieces: openPieces(g.problem.pieces, former) },
        }),
      )
      .filter((g) => g.problem.pieces.length > 0);
    setProblem(undefined);
    if (open.length === 0) {
      setProblem('There is nothing left to cut of this.');
      return;
    }
    setProgress(0);
    const results: Record<string, CuttingResult> = {};
    const solved = new Map<string, CutGroup>();
    const pinProblems: string[] = [];
    stop.current = planCutsInWorker(
      {
        groups: open.map(({ key, problem: p }) => ({
          key,
          problem: p,
          pins,
          ...(options.joins ? { joins: options.joins } : {}),
        })),
        seconds: SECONDS,
      },
      {
        onProgress: setProgress,
        onCut: (key, outcome) => {
          results[key] = outcome.result;
          solved.set(key, { ...open.find((g) => g.key === key)!, problem: outcome.problem });
          if (outcome.pinProblem) pinProblems.push(outcome.pinProblem);
        },
        onEnd: (trouble) => {
          setProgress(undefined);
          setProblem(trouble ?? pinProblems[0]);
          if (trouble) return;
          const { counts, orders: ids, classes: classIds } = asked;
          void keep({
            counts,
            orders: ids,
            classes: classIds,
            groups: open.map((g) => solved.get(g.key) ?? g),
            results,
            done: former?.done ?? [],
            bought: former?.bought ?? {},
            pins: pinProblems.length > 0 ? (former?.pins ?? {}) : pins,
          });
        },
      },
    );
  }

  const askedOf = (j: Job): AskedFor => ({
    counts: j.counts,
    orders: j.orders ?? [],
    classes: j.classes ?? [],
  });

  return {
    designs,
    orders: orders.orders.filter(isOpen),
    classes: classes.classes.filter((c) => !c.kits.isCut),
    figures,
    job: job ?? undefined,
    progress,
    problem,
    start: (asked: AskedFor) => start(asked),
    stop: () => {
      stop.current();
      setProgress(undefined);
    },
    /** What is left of the job is planned again from what is there now. */
    again: () => job && start(askedOf(job), job),
    /** The same with a piece kept on a hank, or let go again. */
    pin: (piece: string, lotId: string | undefined) => {
      if (!job) return;
      const { [piece]: _before, ...rest } = job.pins ?? {};
      start(askedOf(job), job, lotId === undefined ? rest : { ...rest, [piece]: lotId });
    },
    close: () => keep(null),
    /** A cut is made: the cord is taken, the piece ticked and what is all cut said to be, all or nothing, and once however often it is pressed. */
    cut: async (next: NextCut): Promise<void> => {
      const left = stash.get(next.lotId)?.amount ?? 0;
      const amount = Math.min(left, next.lengthMm + next.kerfMm);
      setProblem(
        await view.write([{ what: 'take', lotId: next.lotId, amount, purpose: next.label }], {
          key: KEPT,
          after: (kept) => withCut(kept as Job | undefined, next.id),
          served: (after) => servedBy(after as Job),
        }),
      );
      await Promise.all([mutate(), readAgain(ORDERS_KEY), readAgain(CLASSES_KEY)]);
    },
    /** What the plan buys is here: it comes onto the shelf as full packs. */
    buy: async (): Promise<void> => {
      if (!job) return;
      const bought: Record<string, string> = {};
      const entries = toBuy(job).map((b) => {
        const id = newId();
        bought[b.key] = id;
        return {
          what: 'add' as const,
          lot: {
            id,
            kind: 'cord' as const,
            cord: b.cord,
            colour: b.colour,
            form: 'hank' as const,
            priceCents: b.priceCents,
          },
          amount: b.lengthMm,
          known: 'pack' as const,
        };
      });
      setProblem(
        await view.write(entries, {
          key: KEPT,
          after: (kept) => withBought(kept as Job | undefined, bought),
        }),
      );
      await mutate();
    },
  };
}

export type Cutting = ReturnType<typeof useCutting>;
