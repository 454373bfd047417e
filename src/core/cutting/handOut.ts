import type { CuttingProblem, Merged, Pattern, Piece } from './model.ts';

/** One bar with its cuts, the longest first. */
export interface CutBar {
  /** Id of the bar, or of the pack that it is bought as. */
  readonly id: string;
  /** Told apart from other bars bought as the same pack; 0 for a bar in hand. */
  readonly bought: number;
  readonly pieces: readonly Piece[];
  readonly restMm: number;
  readonly isKept: boolean;
}

/** Real pieces and real bars in place of counts: the longest cut first on each. */
export function handedOut(problem: CuttingProblem, m: Merged, patterns: readonly Pattern[]): CutBar[] {
  const waiting = new Map(
    m.items.map((i) => [i.lengthMm, problem.pieces.filter((p) => p.lengthMm === i.lengthMm)]),
  );
  const used = m.bins.map(() => 0);
  return patterns.map((p): CutBar => {
    const bin = m.bins[p.bin]!;
    const number = used[p.bin]!++;
    const pieces = p.counts.flatMap((n, i) => waiting.get(m.items[i]!.lengthMm)!.splice(0, n));
    return {
      id: bin.isPack ? bin.ids[0]! : bin.ids[number]!,
      bought: bin.isPack ? number + 1 : 0,
      pieces,
      restMm: p.restMm,
      isKept: p.restMm >= m.keepMm,
    };
  });
}
