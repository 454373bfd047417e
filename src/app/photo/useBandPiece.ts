import { useMemo } from 'react';
import { expectedOfPlan } from '../../core/photo/expected.ts';
import type { Plan } from '../../core/plan/types.ts';
import { useWorkshop } from '../state/knowledge.tsx';
import type { PhotoPiece } from './types.ts';

/** What a photo of a planned band should show. */
export function useBandPiece(plan: Plan, weave: string, band = 0): PhotoPiece {
  const { know } = useWorkshop();
  return useMemo(() => ({ band: expectedOfPlan(plan, know.facts(weave), band) }), [plan, know, weave, band]);
}
