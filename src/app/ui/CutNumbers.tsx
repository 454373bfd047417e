import { Fragment } from 'react';
import type { Plan } from '../../core/plan/types.ts';
import { useLength } from './units.tsx';
import { WhyNumber } from './WhyNumber.tsx';

/** What is cut of every cord, each with its working: “1.25 m and 1.13 m”. */
export function CutNumbers({ plan, className }: { readonly plan: Plan; readonly className?: string }) {
  const show = useLength();
  return plan.cords.map((cord, i) => (
    <Fragment key={cord.letter}>
      {i > 0 && ' and '}
      <WhyNumber
        {...(className === undefined ? {} : { className })}
        label={`Cut length of ${cord.name}`}
        value={show(cord.cutLengthMm, { kind: 'cut', rounding: 'up' })}
        why={cord.why}
      />
    </Fragment>
  ));
}
