import { useMemo } from 'react';
import { plan } from '../../../core/plan/plan.ts';
import { workingEnds } from '../../../core/steps/list/ends.ts';
import { expectedLeft } from '../../../core/steps/reach/expectedLeft.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { newDesign } from '../../state/newDesign.ts';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';

/** One end of the piece that a new design begins with: what the rows take of it, and what should be left over to measure. */
export function FirstPiece() {
  const { know } = useWorkshop();
  const show = useLength();
  const end = useMemo(() => {
    const made = plan(newDesign(''), know);
    const first = made.ok ? workingEnds(made.value, 0)[0] : undefined;
    if (!made.ok || !first) return undefined;
    const { look, name } = made.value.cords[first.cord]!;
    return { look, name, ...first, left: expectedLeft(made.value, first, made.value.rows) };
  }, [know]);
  if (!end) return null;
  const { left, startMm } = end;
  const share = (mm: number) => `${(100 * mm) / startMm}%`;
  return (
    <div className="flex w-full flex-col gap-2">
      <p className="text-[15px]">One end of {end.name}, from the first row on</p>
      <div className="flex h-6 w-full">
        <span
          className="rounded-l-full outline outline-white/40"
          style={{ width: share(startMm - left.middleMm), background: end.look.base }}
        />
        <span
          className="rounded-r-full border-2 border-white border-dashed"
          style={{ width: share(left.middleMm) }}
        />
      </div>
      <div className="flex justify-between gap-3 text-[15px] leading-snug">
        <span>the rows take it</span>
        <span className="text-right">
          left over: measure it.
          <br />
          Expected:{' '}
          <WhyNumber
            label="What is left over of this end"
            value={`${show(left.fromMm, { kind: 'cut' })} to ${show(left.toMm, { kind: 'cut' })}`}
            why={left.why}
          />
        </span>
      </div>
    </div>
  );
}
