import type { Closing, ClosureContext } from '../../closures/types.ts';
import type { WeaveMetrics } from '../../usage/metrics.ts';
import type { AddonPlace } from '../addons.ts';
import type { Bands } from '../bands.ts';
import { stiffLength } from '../close.ts';
import type { PassOver } from '../pass.ts';
import type { Resolved } from '../resolved.ts';
import { STYLES } from '../setups/index.ts';
import type { Instead, SuitedDesign } from '../suited.ts';
import type { Band, SequencePlan } from '../types.ts';

/** What a careful maker has in front of them before cutting. */
export interface CheckContext {
  readonly instead: Instead | undefined;
  readonly resolved: Resolved;
  readonly metrics: WeaveMetrics;
  readonly closing: Closing;
  /** What the closure was told, for asking what another size of it would give. */
  readonly asked: ClosureContext;
  readonly bands: readonly Band[];
  readonly finishedMm: number;
  readonly innerMm: number;
  /** Stiff hardware and case, in mm of the finished length. */
  readonly stiffMm: number;
  readonly pass: PassOver | undefined;
  /** Cords that lie side by side on a bar. */
  readonly cordsOnBar: number;
  /** The ring that the product brings along. */
  readonly ring: AddonPlace | undefined;
  readonly sequence: SequencePlan | undefined;
  /** What folding off the middle would save, in mm. */
  readonly unevenSavesMm: number;
}

/** What the checks look at, of a design that is set up. */
export function checkContextOf(
  closed: SuitedDesign,
  { bands, sequence, unevenSavesMm }: Bands,
): CheckContext {
  const { resolved, metrics, closing, context } = closed;
  return {
    instead: closed.instead,
    resolved,
    metrics,
    closing,
    asked: context,
    bands,
    finishedMm: closing.finishedMm,
    innerMm: closing.finishedMm - Math.PI * metrics.thicknessMm,
    stiffMm: stiffLength(closing) + closed.layout.caseMm,
    pass: context.pass,
    cordsOnBar: STYLES[resolved.design.setup.style].isSideBySide
      ? metrics.strands.reduce((n, s) => n + s.lanes, 0)
      : context.tied,
    ring: bands[0]!.addons.find((a) => a.index < 0 && a.kind === 'ring'),
    sequence,
    unevenSavesMm,
  };
}
