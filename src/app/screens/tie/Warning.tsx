import { CircleAlert } from 'lucide-react';
import { willItReach } from '../../../core/steps/reach/reach.ts';
import { measuredHere } from './measured.ts';
import type { PanelName } from './panels.ts';
import { useHere } from './TieContext.tsx';

/** Says by itself that the cord may not reach, once something was measured and as long as it is so. */
export function Warning({ onPanel }: { readonly onPanel: (panel: PanelName) => void }) {
  const here = useHere();
  const { plan, band, rowsDone } = here;
  const measured = measuredHere(here);
  if (!here.step.at || measured.left.length === 0) return null;
  const reach = willItReach({ plan, band, rowsDone, ...measured });
  if (!reach.worst || reach.verdict === 'reaches') return null;
  const { worst, rowsNeeded, verdict } = reach;
  return (
    <button
      type="button"
      onClick={() => onPanel('reach')}
      data-testid="reach-warning"
      className="flex items-center gap-3 rounded-lg border-2 border-bad bg-bad-pale px-4 py-2 text-left text-bad text-xl"
    >
      <CircleAlert className="shrink-0" size={26} aria-hidden />
      <span role="status">
        {worst.end.letter} {verdict === 'short' ? 'will not reach' : 'may not reach'}: at least{' '}
        {worst.surelyRows} of {rowsNeeded} rows. What can be done?
      </span>
    </button>
  );
}
