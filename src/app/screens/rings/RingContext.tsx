import { createContext, useContext } from 'react';
import type { RingDesign } from '../../../core/formats/ring.ts';
import type { Issue } from '../../../core/result.ts';
import type { Lay } from '../../../core/rings/lays.ts';
import type { RingPlan } from '../../../core/rings/planned.ts';
import type { RingBench } from '../../state/ring.ts';

/** The ring on the screen: as it is written, as it is planned, and how far it is tied. */
export interface RingView {
  readonly id: string;
  readonly ring: RingDesign;
  readonly bench: RingBench;
  /** The last plan that could be made. */
  readonly plan: RingPlan;
  readonly issues: readonly Issue[];
  readonly laid: number;
  /** The half cycle that comes next; none once all are laid. */
  readonly next: Lay | undefined;
}

export const RingContext = createContext<RingView | undefined>(undefined);

export function useRing(): RingView {
  const view = useContext(RingContext);
  if (!view) throw new Error('useRing outside a ring');
  return view;
}
