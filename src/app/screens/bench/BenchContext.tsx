import { createContext, useContext } from 'react';
import type { Design } from '../../../core/formats/design.ts';
import type { Plan } from '../../../core/plan/types.ts';
import type { Issue } from '../../../core/result.ts';
import type { DesignAction } from '../../state/actions.ts';

/** A stretch of cord, or a strand on the Beam, that is pointed at. */
export interface Lit {
  readonly cord: number;
  readonly part?: number;
  readonly strand?: string | undefined;
}

export interface BenchView {
  readonly design: Design;
  /** The plan, or the last one that worked while the design has issues. */
  readonly plan: Plan | undefined;
  readonly planned: Design;
  readonly issues: readonly Issue[];
  readonly dispatch: (action: DesignAction, gesture?: string) => void;
  readonly lit: Lit | undefined;
  readonly setLit: (lit: Lit | undefined) => void;
}

export const BenchContext = createContext<BenchView | undefined>(undefined);

export function useBench(): BenchView {
  const view = useContext(BenchContext);
  if (!view) throw new Error('useBench outside the Bench');
  return view;
}
