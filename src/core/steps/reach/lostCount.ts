import type { Estimate } from '../../chance/normal.ts';
import type { Tells } from '../../patterns/types.ts';
import { counted, len, num, percent, type Why, why } from '../../why/why.ts';
import { SIDE_NAMES, type Side, type TyingOrder } from '../rows/moves.ts';

/** What the maker can still see of the rows that are tied. */
export interface CountEvidence {
  /** Side of the last bump, of the end, of the strand that moved: whatever tells in this weave. */
  readonly lastSide?: Side;
  /** Bumps counted along one edge. */
  readonly bumps?: { readonly side: Side; readonly count: number };
  readonly wovenMm?: number;
  /** Rows counted one by one, in a photo or with a needle. */
  readonly counted?: number;
}

interface FoundCount {
  /** Rows that are done, most likely. */
  readonly rows: number;
  /** Least and most that it may be, with 90 % between them. */
  readonly range: readonly [number, number];
  readonly chance: number;
  /** Side of the next row's first end, and how sure that is. */
  readonly next: Side;
  readonly nextChance: number;
  readonly why: Why;
}

interface CountAsk {
  readonly tying: TyingOrder;
  readonly tells: Tells | undefined;
  readonly rowsOf: number;
  readonly rowMm: Estimate;
  /** Where the counter stood, which may be a few rows off. */
  readonly counter: number;
}

/** One bump or row too many or too few is easily counted; two seldom. */
const MISCOUNT = [0.9, 0.049, 0.001];
/** How far the counter is off, where it is off, in rows; and how often a side is misread. */
const COUNTER_SD = 5;
const MISREAD = 0.02;
const TAPE_MM = 2;

/** Side on which the sign is seen after so many rows: where the next row starts, or where the last one did. */
export const signSide = ({ tying, tells }: Pick<CountAsk, 'tying' | 'tells'>, rows: number): Side =>
  tells?.next === 'other' ? tying.row(rows - 1).from : tying.row(rows).from;

/** Whether sides go by turns, so that the sign tells odd rows from even ones. */
export const alternates = ({ tying, tells }: Pick<CountAsk, 'tying' | 'tells'>): boolean =>
  tells !== undefined && tying.row(0).from !== tying.row(1).from;

/** Bumps on one edge after so many rows: one for each row whose sign stood there. */
export function bumpsOn(ask: Pick<CountAsk, 'tying' | 'tells'>, side: Side, rows: number): number {
  let count = 0;
  for (let n = 1; n <= rows; n++) if (signSide(ask, n) === side) count++;
  return count;
}

/** The row number from what can be seen, every possible number weighed by how well it agrees. */
export function findCount(ask: CountAsk, seen: CountEvidence): FoundCount | undefined {
  const hasSides = alternates(ask);
  const weights = Array.from({ length: ask.rowsOf + 1 }, (_, n) => {
    let w = Math.exp(-(((n - ask.counter) / COUNTER_SD) ** 2) / 2) + 0.02;
    if (hasSides && seen.lastSide && n > 0) w *= signSide(ask, n) === seen.lastSide ? 1 - MISREAD : MISREAD;
    if (hasSides && seen.bumps)
      w *= MISCOUNT[Math.abs(bumpsOn(ask, seen.bumps.side, n) - seen.bumps.count)] ?? 1e-6;
    if (seen.counted !== undefined) w *= MISCOUNT[Math.abs(n - seen.counted)] ?? 1e-6;
    if (seen.wovenMm !== undefined) {
      const sd = Math.hypot(TAPE_MM, n * ask.rowMm.sd);
      w *= Math.exp(-(((n * ask.rowMm.mean - seen.wovenMm) / sd) ** 2) / 2) / sd + 1e-12;
    }
    return w;
  });
  const total = weights.reduce((a, b) => a + b, 0);
  if (!(total > 0)) return undefined;
  const chances = weights.map((w) => w / total);
  const rows = chances.indexOf(Math.max(...chances));
  const sideOf = (n: number) => ask.tying.row(n).from;
  const next = sideOf(rows);
  return {
    rows,
    range: rangeOf(chances, rows),
    chance: chances[rows]!,
    next,
    nextChance: chances.reduce((sum, c, n) => sum + (sideOf(n) === next ? c : 0), 0),
    why: countWhy(ask, seen, rows, hasSides),
  };
}

/** The smallest stretch about the likeliest that holds nine tenths. */
function rangeOf(chances: readonly number[], best: number): [number, number] {
  let [lo, hi, sum] = [best, best, chances[best]!];
  while (sum < 0.9 && (lo > 0 || hi < chances.length - 1)) {
    const [below, above] = [chances[lo - 1] ?? -1, chances[hi + 1] ?? -1];
    if (below >= above) sum += chances[--lo]!;
    else sum += chances[++hi]!;
  }
  return [lo, hi];
}

function countWhy(ask: CountAsk, seen: CountEvidence, rows: number, hasSides: boolean): Why {
  const parts: Why[] = [];
  if (seen.wovenMm !== undefined)
    parts.push(
      why`woven ${len(seen.wovenMm)} ÷ ${len(ask.rowMm.mean)} a row = ${num(seen.wovenMm / ask.rowMm.mean, 1)} (a row may be ${percent(ask.rowMm.sd / ask.rowMm.mean)} off)`,
    );
  if (seen.counted !== undefined) parts.push(why`${counted(seen.counted, 'row')} counted one by one`);
  if (hasSides && seen.bumps)
    parts.push(
      why`${counted(seen.bumps.count, 'bump')} on the ${SIDE_NAMES[seen.bumps.side]} edge; ${counted(rows, 'row')} leave ${num(bumpsOn(ask, seen.bumps.side, rows), 0)} there`,
    );
  if (hasSides && seen.lastSide)
    parts.push(
      why`${ask.tells!.sign} on the ${SIDE_NAMES[seen.lastSide]}, so only every other row is possible`,
    );
  parts.push(why`the counter stood at ${num(ask.counter, 0)}`);
  return parts.flatMap((p, i) => (i > 0 ? ['; ', ...p] : p));
}
