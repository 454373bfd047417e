import type { Estimate } from '../chance/normal.ts';
import { PRIOR_SHARED, type SharedSpread } from '../chance/spread.ts';
import { type CordType, effectiveDiameterMm } from '../cord/cords.ts';
import type { SolvedFacts } from '../patterns/types.ts';
import type { Role } from '../weave/types.ts';
import { len, num, percent, type Why, why } from '../why/why.ts';

/** What all of it comes to, as a share. */
const USE_SD = Math.round(Math.sqrt(PRIOR_SHARED.lasting + PRIOR_SHARED.piece) * 1000) / 1000;

export interface StrandUsage {
  readonly name: string;
  readonly role: Role;
  /** How many times it passes abreast. */
  readonly lanes: number;
  /** mm of cord for every mm of woven length, in one passage. */
  readonly perLength: number;
}

/** What a pattern measures in a given cord. */
export interface WeaveMetrics {
  readonly diameterMm: number;
  readonly rowHeightMm: number;
  /** Bare core between rows, where they are spaced; part of the row's height. */
  readonly gapMm?: number;
  readonly widthMm: number;
  readonly thicknessMm: number;
  readonly strands: readonly StrandUsage[];
  /** Strands only lie side by side: there are no rows. */
  readonly isPlain: boolean;
  /** Share by which sizes (row height, width, thickness) may be off until the maker ties a swatch. */
  readonly spread: number;
  /** Variance of the cord used per length, as far as all ends have it in common. */
  readonly shared: SharedSpread;
  /** Whether the maker's hand tires along a piece (log scale), where the log knows. */
  readonly tiring?: Estimate;
  readonly source: Why;
}

/** Prior spread of sizes between makers and cords before a swatch is tied; use per length is known better. */
const PRIOR_SPREAD = 0.1;

/**
 * Scales a tight weave to a cord. Cord per length is free of scale; sizes go with the effective diameter. A strand
 * that closes after k periods passes k times abreast, and its length covers all of them.
 */
export function weaveMetrics(solved: SolvedFacts, cord: CordType): WeaveMetrics {
  const d = effectiveDiameterMm(cord);
  return {
    diameterMm: d,
    rowHeightMm: (solved.periodD / solved.rowsPerPeriod) * d,
    widthMm: solved.widthD * d,
    thicknessMm: solved.thicknessD * d,
    strands: solved.strands.map((s) => ({
      name: s.name,
      role: s.role,
      lanes: s.periods,
      perLength: s.lengthD / (solved.periodD * s.periods),
    })),
    isPlain: solved.strands.every((s) => s.lengthD <= solved.periodD * s.periods),
    spread: PRIOR_SPREAD,
    shared: PRIOR_SHARED,
    source: why`rope engine: strands pulled tight in space, ${len(cord.nominalMm)} cord at ${percent(cord.girthFactor)} of its thickness, rows packed to ${num(solved.squash)}; sizes ±${percent(PRIOR_SPREAD)}, cord per length ±${percent(USE_SD)} until you tie a swatch`,
  };
}
