import type { Closing, ClosureContext } from '../../closures/types.ts';
import type { WeaveMetrics } from '../../usage/metrics.ts';
import type { Pass } from '../pass.ts';
import type { Resolved } from '../resolved.ts';
import type { Band, RingPlace, SequencePlan } from '../types.ts';

/** What a careful maker has in front of them before cutting. */
export interface CheckContext {
  readonly r: Resolved;
  readonly m: WeaveMetrics;
  readonly closing: Closing;
  /** What the closure was told, for asking what another size of it would give. */
  readonly told: ClosureContext;
  readonly bands: readonly Band[];
  readonly finishedMm: number;
  readonly innerMm: number;
  /** Stiff hardware and case, in mm of the finished length. */
  readonly stiffMm: number;
  readonly pass: Pass | undefined;
  /** Cords that lie side by side on a bar. */
  readonly cordsOnBar: number;
  readonly ring: RingPlace | undefined;
  readonly sequence: SequencePlan | undefined;
}
