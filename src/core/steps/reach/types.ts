import type { Estimate } from '../../chance/normal.ts';
import type { Plan } from '../../plan/types.ts';
import type { Why } from '../../why/why.ts';
import type { WorkingEnd } from '../list/ends.ts';
import type { LeftMeasured, WovenMeasured } from './learn.ts';

export interface ReachAsk {
  readonly plan: Plan;
  readonly band: number;
  /** Strands of this pass, where the weave is tied in more than one. */
  readonly strands?: readonly string[];
  readonly rowsDone: number;
  /** Rows that the maker has settled on, where they are not as planned. */
  readonly rowsOf?: number | undefined;
  readonly left: readonly LeftMeasured[];
  readonly woven: readonly WovenMeasured[];
  /** The most that hands need of an end, in mm, where it is less than planned: with a fid or needle. */
  readonly mostHandMm?: number;
  readonly carriesLoad?: boolean;
}

export type Verdict = 'reaches' | 'doubtful' | 'short';

export interface EndReach {
  readonly end: WorkingEnd;
  /** What should be left now: as measured, or as it follows from the last measuring. */
  readonly leftMm: number;
  /** Rows that it still makes: expected, and with 95 % confidence. */
  readonly rows: number;
  readonly surelyRows: number;
  readonly chance: number;
  readonly why: Why;
}

export interface Reach {
  readonly ends: readonly EndReach[];
  /** The end that runs out first. */
  readonly worst: EndReach | undefined;
  readonly rowsNeeded: number;
  readonly rowsTotal: Estimate;
  readonly chance: number;
  readonly verdict: Verdict;
  /** Cord used for each planned mm: 1 as planned, more is looser or thicker. */
  readonly tension: Estimate;
  readonly rowMm: Estimate;
  readonly remedies: readonly ReachRemedy[];
}

export interface ReachRemedy {
  readonly id: 'fid' | 'shorter' | 'spread' | 'swap' | 'splice';
  readonly what: Why;
  readonly ok: boolean;
}

/** What hands need of an end at last, in mm: as planned, or less with a fid or needle. */
export const handsOf = (end: WorkingEnd, { mostHandMm = Number.POSITIVE_INFINITY }: ReachAsk): number =>
  Math.min(end.handMm, mostHandMm);
