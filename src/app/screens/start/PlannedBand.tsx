import { useMemo } from 'react';
import type { Design } from '../../../core/formats/design.ts';
import type { Knowledge } from '../../../core/plan/knowledge.ts';
import { plan } from '../../../core/plan/plan.ts';
import { BandPicture } from '../../ui/BandPicture.tsx';
import { CutNumbers } from '../../ui/CutNumbers.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber, WhyProvider } from '../../ui/WhyNumber.tsx';

interface Props {
  readonly design: Design;
  readonly know: Knowledge;
}

/** What a design comes to: its picture, what to cut, and how many rows to tie. */
export default function PlannedBand({ design, know }: Props) {
  const show = useLength();
  const made = useMemo(() => plan(design, know), [design, know]);
  if (!made.ok) return null;
  return (
    <WhyProvider>
      {/* Its place is kept until it is drawn: what is below it stays where it is. */}
      <div className="flex h-24 items-center">
        <BandPicture
          plan={made.value}
          patternId={design.pattern.id}
          label="The bracelet, laid open"
          className="max-h-full w-full"
        />
      </div>
      <p className="mt-2 text-center" data-testid="start-answer">
        For {show(design.wearer.girthMm)}: cut <CutNumbers plan={made.value} className="text-xl" />, tie{' '}
        <WhyNumber
          label="Rows"
          value={String(made.value.figures.rows.value)}
          why={made.value.figures.rows.why}
        />{' '}
        rows
      </p>
    </WhyProvider>
  );
}
