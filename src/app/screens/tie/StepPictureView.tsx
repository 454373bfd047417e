import { isMirrored } from '../../../core/steps/rows/orders.ts';
import { useWeave } from '../../state/knowledge.tsx';
import BarOrder from '../../ui/BarOrder.tsx';
import { ClosedPicture } from './ClosedPicture.tsx';
import { CutPicture } from './CutPicture.tsx';
import { KnotPanels } from './KnotPanels.tsx';
import { RowPanels } from './RowPanels.tsx';
import { useHere } from './TieContext.tsx';

/** The step as a picture on the mat. */
export function StepPictureView() {
  const { step, plan, tying, guide } = useHere();
  const knot = useWeave(step.picture?.kind === 'knot' ? step.picture.id : undefined);
  const { picture } = step;
  const isCut = step.phase === 'cut' || step.id === 'gather';
  if (!picture && !isCut) return null;
  return (
    <div className="on-mat own-layer flex grow flex-col justify-center overflow-hidden rounded-lg bg-mat p-3 text-white">
      {picture?.kind === 'row' && <RowPanels />}
      {picture?.kind === 'bar' && (
        <BarOrder plan={plan} planned={tying.design} tall isMirrored={isMirrored(guide.tying)} />
      )}
      {picture?.kind === 'knot' && <KnotPanels key={step.id} id={picture.id} tight={knot} />}
      {picture?.kind === 'closed' && <ClosedPicture />}
      {picture?.kind === 'place' && (
        <p className="p-4 text-center text-xl text-white/85">Its place is marked below.</p>
      )}
      {isCut && <CutPicture only={step.id === 'gather' ? undefined : step.id.replace('cut-', '')} />}
    </div>
  );
}
