import type { SolvedFacts } from '../patterns/types.ts';
import type { WeaveMetrics } from '../usage/metrics.ts';

/** A place of one lane where a splice lies hidden on the back. */
export interface HiddenPlace {
  /** Row that it lies in, from 0, and its place along the weave from the first row's start. */
  readonly row: number;
  readonly alongMm: number;
  /** Cord of this lane used up to there from the first row's start. */
  readonly cordMm: number;
}

/**
 * The hidden place of a lane nearest to a row's middle, found on the strand's own line: lows of its tight centre line,
 * carried on period by period. Scaled as the maker's rows and usage are.
 */
export function hiddenPlace(
  facts: SolvedFacts,
  metrics: WeaveMetrics,
  strandName: string,
  lane: number,
  row: number,
  rowMm: number,
): HiddenPlace | undefined {
  const index = facts.strands.findIndex((s) => s.name === strandName);
  const strand = facts.strands[index];
  if (!strand?.backs || strand.backs.length === 0) return undefined;
  const P = facts.periodD;
  const rowD = P / facts.rowsPerPeriod;
  const span = strand.periods * P;
  // Lanes start where the first working strand does; see the drawing of bands.
  const usage = metrics.strands.find((s) => s.name === strandName)!;
  const perRowMm = usage.perLength * rowMm;
  const perRowD = strand.lengthD / (strand.periods * facts.rowsPerPeriod);
  const start = lane * P;
  const startArc = (lane * strand.lengthD) / strand.periods;
  const wanted = (row + 0.5) * rowD;
  let best: HiddenPlace | undefined;
  let off = Number.POSITIVE_INFINITY;
  for (const back of strand.backs) {
    const first = back.yD - start;
    for (let turn = Math.floor((wanted - first) / span); turn <= Math.ceil((wanted - first) / span); turn++) {
      const y = first + turn * span;
      const arc = back.arcD - startArc + turn * strand.lengthD;
      if (y < 0 || arc < 0 || Math.abs(y - wanted) >= off) continue;
      off = Math.abs(y - wanted);
      best = {
        row: Math.floor(y / rowD + 1e-6),
        alongMm: (y / rowD) * rowMm,
        cordMm: (arc / perRowD) * perRowMm,
      };
    }
  }
  return best;
}
