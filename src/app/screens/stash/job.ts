import type { CutGroup } from '../../../core/cutting/demands.ts';
import type { CuttingProblem, Piece } from '../../../core/cutting/model.ts';
import type { Pins } from '../../../core/cutting/pins.ts';
import type { CuttingResult } from '../../../core/cutting/plan.ts';
import { type Cuts, sureOf } from '../../../core/cutting/sure.ts';
import type { Stash } from '../../../core/stash/ledger.ts';
import type { Holding } from '../../../core/stash/types.ts';
import type { Served } from '../../../storage/cut.ts';

/** A plan at the table: what it is for, every group's cuts, and which are made. Jobs of before orders have none. */
export interface Job {
  readonly counts: Readonly<Record<string, number>>;
  readonly orders?: readonly string[];
  readonly classes?: readonly string[];
  readonly groups: readonly CutGroup[];
  readonly results: Readonly<Record<string, CuttingResult>>;
  readonly done: readonly string[];
  /** Lots that were added for what the plan buys, by group, pack and number. */
  readonly bought: Readonly<Record<string, string>>;
  readonly pins?: Pins;
}

/** A job once a cut is made; nothing where it was made already, or the job was put away. */
export const withCut = (job: Job | undefined, id: string): Job | undefined =>
  job && !job.done.includes(id) ? { ...job, done: [...job.done, id] } : undefined;

/** A job once what it buys is on the shelf; nothing where some of it came already, or the job was put away. */
export const withBought = (job: Job | undefined, bought: Job['bought']): Job | undefined =>
  job && !Object.keys(bought).some((key) => job.bought[key])
    ? { ...job, bought: { ...job.bought, ...bought } }
    : undefined;

/** Pieces that are still to be cut. Of a piece that is joined and half cut only the other part is. */
export function openPieces(pieces: readonly Piece[], former: Job | undefined): Piece[] {
  if (!former) return [...pieces];
  const parts = former.groups.flatMap((g) => g.problem.pieces).filter((p) => p.partOf);
  return pieces.flatMap((p) => {
    if (former.done.includes(p.id)) return [];
    const mine = parts.filter((part) => part.partOf!.piece === p.id);
    return mine.some((part) => former.done.includes(part.id))
      ? mine.filter((part) => !former.done.includes(part.id))
      : [p];
  });
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

/** What is left of a group's plan: cuts that are not made yet, and bars as the shelf knows them now; one that was measured is as long as it is. */
export function restOfPlan(
  job: Job,
  group: CutGroup,
  stash: Stash,
): { readonly problem: CuttingProblem; readonly cuts: Cuts } | undefined {
  const result = job.results[group.key];
  if (!result?.ok) return undefined;
  const cuts = result.plan.bars
    .map((b) => ({ ...b, pieces: b.pieces.filter((p) => !job.done.includes(p.id)) }))
    .filter((b) => b.pieces.length > 0);
  // Packs that are on the shelf by now are bars in hand.
  const lots = new Map(
    cuts.flatMap((b) => {
      const lot = b.bought > 0 ? job.bought[boughtKey(group.key, b.id, b.bought)] : b.id;
      const holding = lot === undefined ? undefined : stash.get(lot);
      return holding ? [[b, holding] as const] : [];
    }),
  );
  const asBar = (h: Holding, reserveMm: number) => ({
    id: h.lot.id,
    label: h.lot.form,
    lengthMm: h.amount,
    reserveMm: h.known === 'tape' ? 0 : reserveMm,
    ...(h.known === 'tape' ? {} : { sdMm: h.sd }),
    isOffcut: h.lot.form === 'offcut',
  });
  const bars = group.problem.bars.flatMap((b) => {
    const holding = stash.get(b.id);
    return holding ? [asBar(holding, b.reserveMm)] : [];
  });
  const bought = [...lots].flatMap(([b, h]) =>
    b.bought > 0 ? [asBar(h, group.problem.packs.find((p) => p.id === b.id)?.reserveMm ?? 0)] : [],
  );
  return {
    problem: { ...group.problem, bars: [...bars, ...bought] },
    cuts: cuts.map((b) => {
      const holding = lots.get(b);
      return holding ? { ...b, id: holding.lot.id, bought: 0 } : b;
    }),
  };
}

/** A hank that is so sure needs no mention. */
export const SURE = 0.995;

/** Before the last two cuts of a hank that nobody measured and that may be too short, it is measured: how many cuts are left on it, or nothing where that isn’t needed. */
export function cutsToMeasure(job: Job, next: NextCut, stash: Stash): number | undefined {
  const rest = restOfPlan(job, next.group, stash);
  const bar = rest && sureOf(rest.problem, rest.cuts).bars.find((b) => b.id === next.lotId);
  if (!bar || bar.chance >= SURE) return undefined;
  const count = rest.cuts.find((c) => c.id === bar.id && c.bought === 0)!.pieces.length;
  return count <= 2 ? count : undefined;
}

/** Cuts in the order in which they are made: bars that nobody measured before those that were, and last the one that leaves most, as the spare. */
export function cutsOf(job: Job): NextCut[] {
  return job.groups.flatMap((group) => {
    const result = job.results[group.key];
    if (!result?.ok) return [];
    const reserve = (id: string) => group.problem.bars.find((b) => b.id === id)?.reserveMm ?? 1;
    return result.plan.bars
      .toSorted((a, b) => reserve(b.id) - reserve(a.id) || a.restMm - b.restMm)
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

/** Orders and classes of a job of which every cut is made; nothing before that. */
export const servedBy = (job: Job): Served | undefined =>
  cutsOf(job).every((c) => job.done.includes(c.id))
    ? { orders: job.orders ?? [], classes: job.classes ?? [] }
    : undefined;
