import { useEffect, useMemo, useRef, useState } from 'react';
import useSWR from 'swr';
import { type CutGroup, cutGroups, USUAL_CUTTING, type Wanted } from '../../../core/cutting/demands.ts';
import type { CuttingResult } from '../../../core/cutting/plan.ts';
import { readDesign } from '../../../core/formats/design.ts';
import { plan as planDesign } from '../../../core/plan/plan.ts';
import type { Stash } from '../../../core/stash/ledger.ts';
import { newId } from '../../../storage/ids.ts';
import { planCutsInWorker } from '../../../workers/outside/cutting.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { useDatabase, useDesigns } from '../../state/services.tsx';
import type { StashView } from '../../state/stash.ts';

/** A plan at the table: what it is for, every group's cuts, and which are made. */
export interface Job {
  readonly counts: Readonly<Record<string, number>>;
  readonly groups: readonly CutGroup[];
  readonly results: Readonly<Record<string, CuttingResult>>;
  readonly done: readonly string[];
  /** Lots that were added for what the plan buys, by group, pack and number. */
  readonly bought: Readonly<Record<string, string>>;
}

const EMPTY: Readonly<Record<string, number>> = {};
const SECONDS = 2;

/** Choosing what to make, planning its cuts in a worker, and making them one by one; kept, so that it can be gone on with. */
export function useCutting(view: StashView, stash: Stash) {
  const db = useDatabase();
  const { know } = useWorkshop();
  const { data: records = [] } = useDesigns();
  const { data: job, mutate } = useSWR(
    'cutting-job',
    async () => ((await db.get('settings', 'cuttingJob')) as Job | undefined) ?? null,
  );
  const [counts, setCounts] = useState<Readonly<Record<string, number>>>(EMPTY);
  const [progress, setProgress] = useState<number>();
  const [problem, setProblem] = useState<string>();
  const stop = useRef<() => void>(() => undefined);
  useEffect(() => () => stop.current(), []);
  const designs = useMemo(
    () =>
      records.flatMap((r) => {
        const read = readDesign(r.design);
        const made = read.ok ? planDesign(read.value, know) : read;
        return made.ok ? [{ id: r.id, name: r.name, plan: made.value }] : [];
      }),
    [records, know],
  );

  async function keep(next: Job | null): Promise<void> {
    if (next) await db.put('settings', next, 'cuttingJob', 'relaxed');
    else await db.delete('settings', 'cuttingJob');
    await mutate(next, { revalidate: false });
  }

  /** Plans what is asked for, less what is cut already, from the stash as it is now. */
  function start(
    asked: Readonly<Record<string, number>>,
    done: readonly string[] = [],
    bought: Job['bought'] = {},
  ): void {
    const wanted: Wanted[] = designs.flatMap((d) => (asked[d.id] ? [{ ...d, count: asked[d.id]! }] : []));
    const groups = cutGroups(wanted, [...stash.values()], USUAL_CUTTING).map((g) => ({
      ...g,
      problem: { ...g.problem, pieces: g.problem.pieces.filter((p) => !done.includes(p.id)) },
    }));
    const open = groups.filter((g) => g.problem.pieces.length > 0);
    setProblem(undefined);
    if (open.length === 0) return;
    setProgress(0);
    const results: Record<string, CuttingResult> = {};
    stop.current = planCutsInWorker(
      { groups: open.map(({ key, problem: p }) => ({ key, problem: p })), seconds: SECONDS },
      {
        onProgress: setProgress,
        onCut: (key, result) => {
          results[key] = result;
        },
        onEnd: (trouble) => {
          setProgress(undefined);
          if (trouble) setProblem(trouble);
          else void keep({ counts: asked, groups: open, results, done, bought });
        },
      },
    );
  }

  return {
    designs,
    counts,
    setCounts,
    job: job ?? undefined,
    progress,
    problem,
    start,
    stop: () => {
      stop.current();
      setProgress(undefined);
    },
    /** What is left of the job is planned again from what is there now. */
    again: () => job && start(job.counts, job.done, job.bought),
    close: () => keep(null),
    /** A cut is made: the cord is taken, and the piece ticked. */
    cut: async (next: NextCut): Promise<void> => {
      if (!job) return;
      const left = stash.get(next.lotId)?.amount ?? 0;
      const amount = Math.min(left, next.lengthMm + next.kerfMm);
      const trouble = await view.write([{ what: 'take', lotId: next.lotId, amount, purpose: next.label }]);
      setProblem(trouble);
      if (!trouble) await keep({ ...job, done: [...job.done, next.id] });
    },
    /** What the plan buys is here: it comes onto the shelf as full packs. */
    buy: async (): Promise<void> => {
      if (!job) return;
      const bought: Record<string, string> = { ...job.bought };
      const entries = toBuy(job).flatMap((b) => {
        const id = newId();
        bought[b.key] = id;
        return [
          {
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
          },
        ];
      });
      const trouble = await view.write(entries);
      setProblem(trouble);
      if (!trouble) await keep({ ...job, bought });
    },
  };
}

export interface ToBuy {
  /** Group, pack and number. */
  readonly key: string;
  readonly cord: string;
  readonly colour: string;
  /** The pack as it is sold. */
  readonly label: string;
  readonly lengthMm: number;
  readonly priceCents: number;
}

export const boughtKey = (group: string, id: string, number: number): string => `${group}|${id}|${number}`;

/** Packs that a job buys and that are not on the shelf yet. */
export function toBuy(job: Job): ToBuy[] {
  return job.groups.flatMap((g) => {
    const result = job.results[g.key];
    if (!result?.ok) return [];
    return result.plan.bars.flatMap((bar) => {
      const key = boughtKey(g.key, bar.id, bar.bought);
      const pack = g.problem.packs.find((p) => p.id === bar.id);
      if (bar.bought === 0 || !pack || job.bought[key]) return [];
      const { label, lengthMm, priceCents } = pack;
      return [{ key, cord: g.cord, colour: g.colour, label, lengthMm, priceCents }];
    });
  });
}

export interface NextCut {
  readonly id: string;
  readonly label: string;
  readonly lengthMm: number;
  readonly kerfMm: number;
  readonly lotId: string;
  readonly group: CutGroup;
}

/** Cuts in the order in which they are made: bars that nobody measured before those that were, the longest cut first. */
export function cutsOf(job: Job): NextCut[] {
  return job.groups.flatMap((group) => {
    const result = job.results[group.key];
    if (!result?.ok) return [];
    const reserve = (id: string) => group.problem.bars.find((b) => b.id === id)?.reserveMm ?? 1;
    return result.plan.bars
      .toSorted((a, b) => reserve(b.id) - reserve(a.id))
      .flatMap((bar) =>
        bar.pieces.map((p) => ({
          id: p.id,
          label: p.label,
          lengthMm: p.lengthMm,
          kerfMm: group.problem.kerfMm,
          lotId: bar.bought > 0 ? (job.bought[boughtKey(group.key, bar.id, bar.bought)] ?? '') : bar.id,
          group,
        })),
      );
  });
}
