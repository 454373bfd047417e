import { useMemo } from 'react';
import { plan } from '../../../core/plan/plan.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { newDesign } from '../../state/newDesign.ts';
import { BandPicture } from '../../ui/BandPicture.tsx';
import { EmptyState } from '../../ui/EmptyState.tsx';
import { useLength } from '../../ui/units.tsx';
import { hours } from './words.ts';

/** So many of a new design, as an order for a stall would want them. */
const PIECES = 12;
/** Times are told in steps of so many minutes. */
const STEP_MIN = 15;

/** A book without orders: what one line of it comes to, worked out for the piece that a new design begins with. */
export function FirstOrder() {
  const { know } = useWorkshop();
  const show = useLength();
  const design = useMemo(() => newDesign(''), []);
  const made = useMemo(() => plan(design, know), [design, know]);
  const cordMm = made.ok ? made.value.cords.reduce((sum, c) => sum + c.cutLengthMm, 0) : 0;
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
              {show(PIECES * cordMm, { kind: 'cut', rounding: 'up' })} of cord, about{' '}
              {hours(STEP_MIN * Math.round((PIECES * made.value.figures.minutes.value) / STEP_MIN))} of tying
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
