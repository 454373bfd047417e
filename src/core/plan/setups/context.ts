import type { BandEnd } from '../../closures/types.ts';
import type { StrandUsage, WeaveMetrics } from '../../usage/metrics.ts';
import type { Why } from '../../why/why.ts';
import type { AddonPlace } from '../addons.ts';
import type { Resolved } from '../resolved.ts';
import type { BandMark, CordCut, CordPart, SplicePlace } from '../types.ts';

/** One woven piece to be set up. */
export interface SetupContext {
  readonly resolved: Resolved;
  readonly metrics: WeaveMetrics;
  /** Its number among the plan's bands. */
  readonly band: number;
  readonly start: BandEnd;
  readonly end: BandEnd;
  readonly wovenMm: number;
  readonly rows: number;
  /** Margin of every end in standard deviations, at which all reach with the promised chance. */
  readonly q: number;
  /** Only how long the ends are is wanted: nothing is put into words yet. */
  readonly isDraft?: boolean;
  /** Rings that working ends go over. */
  readonly rings?: readonly AddonPlace[];
  /** Beads, on which nothing is woven. */
  readonly beads?: readonly AddonPlace[];
  /** Knots that the strands of a plain band are tied in. */
  readonly knots?: readonly AddonPlace[];
}

/** A cord as its set-up leaves it: its parts without spare and rounding. */
export interface Uncut {
  /** Index into the design's cords: colour and letter. */
  readonly index: number;
  /** Number among several pieces of one cord, from 1; 0 for a single piece. */
  readonly piece?: number;
  readonly letter?: string;
  readonly cordType?: string;
  readonly place?: number;
  readonly isExtra?: boolean;
  readonly role: string;
  /** The whole cord from its first end, or the two ways from its fold outwards. */
  readonly parts: readonly CordPart[] | readonly [readonly CordPart[], readonly CordPart[]];
  readonly marks?: CordCut['marks'];
  /** Set for a folded cord: what its fold is for. */
  readonly fold?: Why;
  /** Its fold need not be its middle: each half is as long as it must be. */
  readonly isUneven?: boolean;
}

export interface SetUp {
  /** What every cord needs, before the spare is known. */
  readonly cords: readonly Uncut[];
  readonly marks: readonly BandMark[];
  readonly splices?: readonly SplicePlace[];
}

/** One passage of a strand along the band; a strand of k periods passes k times abreast. */
export interface Lane extends StrandUsage {
  readonly lane: number;
}

/** Where the weave starts and ends, from the first bar. */
export const startOf = (setup: SetupContext): number => setup.start.standoffMm;
export const endOf = (setup: SetupContext): number => startOf(setup) + setup.wovenMm;

/** Every passage of the strands of a role. */
export function lanesOf(metrics: WeaveMetrics, role: 'core' | 'work'): readonly Lane[] {
  const lanes: Lane[] = [];
  for (const s of metrics.strands)
    if ((s.role === 'core') === (role === 'core'))
      for (let lane = 0; lane < s.lanes; lane++) lanes.push({ ...s, lane });
  return lanes;
}

/** Things side by side in twos, the last alone when odd. */
export function inPairs<T>(list: readonly T[]): T[][] {
  const out: T[][] = [];
  for (let i = 0; i < list.length; i += 2) out.push(list.slice(i, i + 2));
  return out;
}
