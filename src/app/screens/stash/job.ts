import type { CutGroup } from '../../../core/cutting/demands.ts';
import type { Piece } from '../../../core/cutting/model.ts';
import type { Pins } from '../../../core/cutting/pins.ts';
import type { CuttingResult } from '../../../core/cutting/plan.ts';

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
