import { useEffect, useMemo } from 'react';
import type { Kit } from '../../../../core/kits/kits.ts';
import { pupilSheets } from '../../../../core/kits/sheet.ts';
import { sizedDesign } from '../../../../core/orders/make.ts';
import { plan as planDesign } from '../../../../core/plan/plan.ts';
import { guideFor } from '../../../../core/steps/list/steps.ts';
import { USUAL_WAY } from '../../../../core/steps/types.ts';
import { usePictures, useWorkshop } from '../../../state/knowledge.tsx';
import { PaperSheets } from '../../../ui/PaperSheets.tsx';
import { useUnits } from '../../../ui/units.tsx';
import type { Book } from '../useBook.ts';

interface Props {
  readonly book: Book;
  readonly list: readonly Kit[];
  readonly onReady: () => void;
}

/** Of each design one sheet for each size and hand that the class has; pupils of one size and hand share what is printed. */
export function PupilSheets({ book, list, onReady }: Props) {
  const kinds = useMemo(() => {
    const seen = new Map<string, Kit>();
    for (const k of list) {
      const key = `${k.design}|${k.girthMm}|${k.isLeftHanded}`;
      if (!k.isSpare && k.made && !seen.has(key)) seen.set(key, k);
    }
    return [...seen.entries()];
  }, [list]);
  const waiting = useMemo(() => new Set(kinds.map(([key]) => key)), [kinds]);
  useEffect(() => {
    if (waiting.size === 0) onReady();
  }, [waiting, onReady]);
  return (
    <div className="hidden text-black print:block" data-testid="pupil-sheets">
      {kinds.map(([key, kit]) => (
        <OneSheet
          key={key}
          book={book}
          kit={kit}
          onDrawn={() => {
            waiting.delete(key);
            if (waiting.size === 0) onReady();
          }}
        />
      ))}
    </div>
  );
}

function OneSheet({
  book,
  kit,
  onDrawn,
}: {
  readonly book: Book;
  readonly kit: Kit;
  readonly onDrawn: () => void;
}) {
  const { know } = useWorkshop();
  const system = useUnits();
  const made = useMemo(() => {
    const pattern = book.catalogue.find(kit.design);
    if (pattern?.kind !== 'design') return undefined;
    const design = sizedDesign(
      pattern.design,
      { design: kit.design, name: kit.designName, wearer: kit.name },
      kit.girthMm,
    );
    const planned = planDesign(design, know);
    return planned.ok ? { design, plan: planned.value } : undefined;
  }, [book.catalogue, kit, know]);
  const pictures = usePictures(made?.design.pattern.id, made?.plan);
  const sheets = useMemo(() => {
    if (!made || !pictures) return undefined;
    const hand = kit.isLeftHanded ? 'left' : 'right';
    const way = { ...USUAL_WAY, withAdult: true, hand, start: kit.isLeftHanded ? 'right' : 'left' } as const;
    const guide = guideFor(made.design, made.plan, way, know);
    return guide.ok ? pupilSheets(made.design, made.plan, guide.value, pictures, system) : [];
  }, [made, pictures, kit, know, system]);
  useEffect(() => {
    if (sheets || !made) onDrawn();
  }, [sheets, made, onDrawn]);
  return sheets && <PaperSheets sheets={sheets} label={(n) => `Sheet for ${kit.name}, page ${n}`} />;
}
