import type { Plan } from '../../plan/types.ts';
import { counted, len, type Why, why } from '../../why/why.ts';
import type { WorkingEnd } from '../list/ends.ts';

/** What an end should have left over, in mm: the middle, and between what it lies in nineteen of twenty pieces. */
export interface ExpectedLeft {
  readonly middleMm: number;
  readonly fromMm: number;
  readonly toMm: number;
  /** Beyond these it is more likely a slip of the pen than the hand: four standard deviations. */
  readonly leastMm: number;
  readonly mostMm: number;
  readonly why: Why;
}

const LIKELY = 2;
const ODD = 4;

/**
 * What a working end should have left over after so many rows, by the plan and what is unsure of it; never less than nothing. Rows beyond the planned ones take as much as those before.
 */
export function expectedLeft(
  plan: Pick<Plan, 'cords' | 'bands'>,
  end: WorkingEnd,
  rows: number,
): ExpectedLeft {
  const ends = plan.cords[end.cord]!.ends;
  const planned = plan.bands[plan.cords[end.cord]!.band]!.rows;
  const beyond = Math.max(1, rows / planned);
  const woven = end.wovenMm(Math.min(rows, planned)) * beyond;
  const used = end.usedMm(Math.min(rows, planned)) * beyond;
  const nearest = ends.reduce(
    (a, b) => (Math.abs(b.wovenMm - woven) < Math.abs(a.wovenMm - woven) ? b : a),
    ends[0]!,
  );
  const sd = Math.sqrt(nearest.variance) * woven;
  const middleMm = end.startMm - used - end.closureMm;
  const at = (n: number) => Math.max(0, middleMm + n * sd);
  return {
    middleMm: Math.max(0, middleMm),
    fromMm: at(-LIKELY),
    toMm: at(LIKELY),
    leastMm: at(-ODD),
    mostMm: at(ODD),
    why: why`${len(end.startMm)} from the first row on − ${len(used)} in ${counted(rows, 'row')}${end.closureMm > 0 ? why` − ${len(end.closureMm)} in the closure` : []} = ${len(Math.max(0, middleMm))}; hands differ by ${len(LIKELY * sd)} either way in nineteen of twenty pieces`,
  };
}
