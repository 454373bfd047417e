import type { Make } from '../formats/make.ts';
import type { Evidence } from './evidence.ts';

/** Where the cord of pieces went, in mm. */
export interface CordSpent {
  /** In the rows. */
  readonly wovenMm: number;
  /** Round cores, in the closure, held by hands and snipped with what was left. */
  readonly otherMm: number;
  readonly leftMm: number;
}

/** The same of a month. */
export interface MonthSpent extends CordSpent {
  /** `2026-11`. */
  readonly month: string;
  readonly pieces: number;
}

/** Where the cord of one piece went; nothing where not every one of its ends was measured. */
export function cordSpent(make: Make, evidence: Pick<Evidence, 'ends'>): CordSpent | undefined {
  if (evidence.ends.some((e) => e.usedMm === undefined || e.leftMm === undefined)) return undefined;
  const sum = (pick: (e: Evidence['ends'][number]) => number) =>
    evidence.ends.reduce((s, e) => s + pick(e), 0);
  const letters = new Set(evidence.ends.map((e) => e.letter));
  const cutMm = make.cuts.filter((c) => letters.has(c.letter)).reduce((s, c) => s + c.cutMm, 0);
  const [wovenMm, leftMm] = [sum((e) => e.usedMm!), sum((e) => e.leftMm!)];
  const otherMm = cutMm - wovenMm - leftMm;
  return otherMm < 0 ? undefined : { wovenMm, otherMm, leftMm };
}

/** Month by month, the earliest first; `monthOf` says in which one a moment is where the maker is. */
export function spentByMonth(
  makes: readonly Make[],
  evidence: readonly Evidence[],
  monthOf: (ms: number) => string,
): MonthSpent[] {
  const byId = new Map(evidence.map((e) => [e.id, e]));
  const months = new Map<string, MonthSpent>();
  for (const make of makes) {
    const mine = byId.get(make.id);
    const spent = mine && cordSpent(make, mine);
    if (!spent) continue;
    const month = monthOf(make.finishedAt);
    const before = months.get(month) ?? { month, pieces: 0, wovenMm: 0, otherMm: 0, leftMm: 0 };
    months.set(month, {
      month,
      pieces: before.pieces + 1,
      wovenMm: before.wovenMm + spent.wovenMm,
      otherMm: before.otherMm + spent.otherMm,
      leftMm: before.leftMm + spent.leftMm,
    });
  }
  return [...months.values()].sort((a, b) => (a.month < b.month ? -1 : 1));
}

/** Share of the cord that was left over, 0 … 1. */
export const leftShare = ({ wovenMm, otherMm, leftMm }: CordSpent): number =>
  leftMm / (wovenMm + otherMm + leftMm || 1);
