import type { Estimate } from '../chance/normal.ts';
import { type Measuring, pieceState } from '../chance/piece.ts';
import { PRIOR } from '../chance/spread.ts';
import type { Make } from '../formats/make.ts';
import { workingEnds } from '../steps/list/ends.ts';
import { type PlannedAgain, startedWith } from './makes.ts';

/** One piece's tiring against the maker's other pieces (log scale). */
const PIECE_SCATTER = 0.01;
/** Wide enough that a piece speaks for itself. */
const OPEN_SD = 1;
/** A piece that is further off than so many standard deviations was measured wrongly. */
const MOST_OFF = 4;

/** What one piece says: cord per length at its end over that at its start (log scale), and the variance of that. */
interface TiringSeen {
  readonly mean: number;
  readonly variance: number;
}

/** Whether a maker's hand tires: what the next piece will do, and from how many pieces that is known. */
export interface LearnedTiring extends Estimate {
  readonly pieces: number;
}

/**
 * What a piece says of tiring, if some end was measured at two places along it; what was left over at the end is one.
 * The filter within the piece is run with tiring wide open, and what it was told beforehand is taken out again.
 */
export function tiringIn(make: Make, { plan }: PlannedAgain): TiringSeen | undefined {
  const [band] = plan.bands;
  const measured = make.measured ?? [];
  const rowsTied = make.rows[0];
  if (plan.bands.length !== 1 || !band || !rowsTied || measured.length === 0 || plan.mixed) return undefined;
  const ends = workingEnds(plan, 0);
  const startOf = (end: number): number => startedWith(make, plan, ends, ends[end]!);
  const all: Measuring[] = measured.flatMap((m): Measuring[] => {
    if (m.wovenMm !== undefined) return [{ rows: m.rows, wovenMm: m.wovenMm }];
    if (m.end === undefined || m.leftMm === undefined || !ends[m.end]) return [];
    return [{ rows: m.rows, end: m.end, usedMm: startOf(m.end) - m.leftMm }];
  });
  const last = make.leftovers.flatMap((l): Measuring[] => {
    const end = ends.findIndex((e) => e.letter === l.letter && e.strand === l.strand && e.lane === l.lane);
    return end < 0 ? [] : [{ rows: rowsTied, end, usedMm: startOf(end) - ends[end]!.closureMm - l.leftMm }];
  });
  const places = new Map<number, Set<number>>();
  for (const m of [...all, ...last])
    if ('end' in m) places.set(m.end, (places.get(m.end) ?? new Set()).add(m.rows));
  if (![...places.values()].some((rows) => rows.size > 1)) return undefined;
  const { tiring } = pieceState(
    {
      ends,
      rows: band.rows,
      rowMm: band.wovenMm / band.rows,
      shared: plan.metrics.shared,
      rowSd: Math.max(0.005, plan.metrics.spread / 2),
      settledRows: rowsTied,
      tiring: { mean: 0, sd: OPEN_SD },
    },
    [...all, ...last],
  );
  const precision = 1 / tiring.sd ** 2 - 1 / OPEN_SD ** 2;
  if (!(precision > 0)) return undefined;
  return { mean: tiring.mean / tiring.sd ** 2 / precision, variance: 1 / precision };
}

/** A maker's tiring from the pieces that tell of it, in their order: a scalar filter from 0 ± 2 %. */
export function learnTiring(seen: readonly TiringSeen[]): LearnedTiring {
  let [mean, variance, pieces] = [0, PRIOR.tiring ** 2, 0];
  for (const piece of seen) {
    const expected = variance + PIECE_SCATTER ** 2 + piece.variance;
    const off = piece.mean - mean;
    if (off ** 2 > MOST_OFF ** 2 * expected) continue;
    const gain = variance / expected;
    mean += gain * off;
    variance -= gain * variance;
    pieces++;
  }
  return { mean, sd: pieces > 0 ? Math.sqrt(variance + PIECE_SCATTER ** 2) : PRIOR.tiring, pieces };
}
