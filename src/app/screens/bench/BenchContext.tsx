import { createContext, useContext } from 'react';
import type { Design } from '../../../core/formats/design.ts';
import type { Plan } from '../../../core/plan/types.ts';
import type { Issue } from '../../../core/result.ts';
import type { DesignAction } from '../../state/actions.ts';

/** The design as it is being edited: what the sentence shows, at once. */
interface BenchView {
  readonly design: Design;
  /** The same, set up as it is planned: where its own set-up doesn’t suit, another takes its place. */
  readonly asPlanned: Design;
  readonly issues: readonly Issue[];
  readonly dispatch: (action: DesignAction, gesture?: string) => void;
  /** Runs an edit once the one before it is written: for keys that are held and values that are dragged. */
  readonly inStep: (edit: () => void) => void;
}

/** The plan that is drawn: the last one that worked. It may follow a frame behind while a value is dragged. */
export interface PlanView {
  readonly plan: Plan;
  readonly planned: Design;
}

/** A stretch of cord, or a strand on the Beam, that is pointed at. */
export interface Lit {
  readonly cord: number;
  readonly part?: number;
  readonly strand?: string | undefined;
}

interface LitView {
  readonly lit: Lit | undefined;
  readonly setLit: (lit: Lit | undefined) => void;
}

export const BenchContext = createContext<BenchView | undefined>(undefined);
export const PlanContext = createContext<PlanView | undefined>(undefined);
export const LitContext = createContext<LitView>({ lit: undefined, setLit: () => undefined });

export function useBench(): BenchView {
  const view = useContext(BenchContext);
  if (!view) throw new Error('useBench outside the Bench');
  return view;
}

export const usePlan = (): PlanView | undefined => useContext(PlanContext);

export const useLit = (): LitView => useContext(LitContext);
