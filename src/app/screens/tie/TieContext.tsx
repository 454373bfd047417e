import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import { rowsDone, stepIndex } from '../../../core/steps/progress.ts';
import type { Step } from '../../../core/steps/types.ts';
import type { TyingPiece, TyingState } from '../../state/tying.ts';

export const PieceContext = createContext<TyingPiece | undefined>(undefined);

export function usePiece(): TyingPiece {
  const piece = useContext(PieceContext);
  if (!piece) throw new Error('usePiece outside Tie');
  return piece;
}

export interface Here extends TyingState {
  readonly index: number;
  readonly step: Step;
  /** Where the work is: of the step itself, or of the last row before it. */
  readonly band: number;
  readonly pass: number;
  readonly rowsDone: number;
  readonly rowsOf: number;
}

/** The piece as it stands, with the step that is shown. */
export function useHere(): Here {
  const piece = usePiece();
  const state = useStore(piece.store);
  return hereOf(state);
}

export function hereOf(state: TyingState): Here {
  const { steps } = state.guide;
  const index = stepIndex(steps, state.tying.progress);
  const step = steps[index]!;
  const last = step.at ? step : steps.slice(0, index).findLast((s) => s.at);
  const next = step.at ? step : steps.slice(index).find((s) => s.at);
  const at = (last ?? next)?.at;
  const band = at?.band ?? 0;
  const rowsOf = state.tying.progress.rowsOf?.[band] ?? state.plan.bands[band]!.rows;
  return {
    ...state,
    index,
    step,
    band,
    pass: at?.pass ?? 0,
    rowsOf,
    rowsDone: step.at ? rowsDone(steps, index) : last ? rowsOf : 0,
  };
}
