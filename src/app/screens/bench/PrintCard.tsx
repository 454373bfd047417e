import { useMemo } from 'react';
import { cardPages } from '../../../core/steps/card/card.ts';
import { PAGE } from '../../../core/steps/card/paper.ts';
import { guideFor } from '../../../core/steps/list/steps.ts';
import { USUAL_WAY } from '../../../core/steps/types.ts';
import { usePictures, useWorkshop } from '../../state/knowledge.tsx';
import { useUnits } from '../../ui/units.tsx';
import { usePlan } from './BenchContext.tsx';

const SHEET = { width: PAGE.width - 2 * PAGE.margin, height: PAGE.height - 2 * PAGE.margin - 1 };

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
      {card.sheets.map((sheet, page) => (
        <svg
          // biome-ignore lint/suspicious/noArrayIndexKey: sheets have no identity but their number
          key={page}
          className="block break-inside-avoid"
          width={`${SHEET.width}mm`}
          height={`${SHEET.height}mm`}
          viewBox={`${PAGE.margin} ${page * PAGE.height + PAGE.margin} ${SHEET.width} ${SHEET.height}`}
          role="img"
          aria-label={`Card, sheet ${page + 1}`}
          // biome-ignore lint/security/noDangerouslySetInnerHtml: our own drawing, every text in it escaped by the core
          dangerouslySetInnerHTML={{ __html: sheet }}
        />
      ))}
    </article>
  );
}
