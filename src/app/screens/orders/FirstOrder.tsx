import { useMemo } from 'react';
import { plan } from '../../../core/plan/plan.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { newDesign } from '../../state/newDesign.ts';
import { BandPicture } from '../../ui/BandPicture.tsx';
import { CutNumbers } from '../../ui/CutNumbers.tsx';
import { EmptyState } from '../../ui/EmptyState.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';
import { hours } from './words.ts';

/** So many of a new design, as an order for a stall would want them. */
const PIECES = 12;

/** A book without orders: what a line of it is, for the piece that a new design begins with. */
export function FirstOrder() {
  const { know } = useWorkshop();
  const design = useMemo(() => newDesign(''), []);
  const made = useMemo(() => plan(design, know), [design, know]);
  return (
    <EmptyState
      picture={
        made.ok && (
          <>
            <div className="flex w-full items-center gap-3">
              <span className="shrink-0 font-bold text-3xl">{PIECES} ×</span>
              <BandPicture
                plan={made.value}
                patternId={design.pattern.id}
                label="A bracelet of the kind that a new design begins with"
                className="w-full min-w-0"
              />
            </div>
            <p className="text-center text-lg">
              Each takes <CutNumbers plan={made.value} /> of cord and{' '}
              <WhyNumber
                label="Minutes for one"
                value={hours(made.value.figures.minutes.value)}
                why={made.value.figures.minutes.why}
              />
              .
            </p>
          </>
        )
      }
      steps={[
        'Plan what people want on the Bench; each design can be ordered in any size.',
        'Press “New order”: for whom, how many of which, by which day.',
        'What must be bought, who ties what on which day, what it costs, and the cuts follow from it.',
      ]}
    />
  );
}
