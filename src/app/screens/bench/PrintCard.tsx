import { useMemo } from 'react';
import { cardPages } from '../../../core/steps/card/card.ts';
import { guideFor } from '../../../core/steps/list/steps.ts';
import { USUAL_WAY } from '../../../core/steps/types.ts';
import { usePictures, useWorkshop } from '../../state/knowledge.tsx';
import { PaperSheets } from '../../ui/PaperSheets.tsx';
import { useUnits } from '../../ui/units.tsx';
import { usePlan } from './BenchContext.tsx';

/** The card for the bench, as it is exported: a sheet of paper for each of its pages. */
export function PrintCard() {
  const shown = usePlan();
  const { know } = useWorkshop();
  const system = useUnits();
  const pictures = usePictures(shown?.planned.pattern.id, shown?.plan);
  const card = useMemo(() => {
    if (!shown || !pictures) return undefined;
    const guide = guideFor(shown.planned, shown.plan, USUAL_WAY, know);
    return guide.ok ? cardPages(shown.planned, shown.plan, guide.value, pictures, system) : undefined;
  }, [shown, pictures, know, system]);
  if (!card) return null;
  return (
    <article className="hidden text-black print:block" data-testid="print-card">
      <PaperSheets sheets={card.sheets} label={(n) => `Card, sheet ${n}`} />
    </article>
  );
}
