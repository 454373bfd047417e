import { format } from 'date-fns';
import { isOdd } from '../../../core/log/filter.ts';
import { Button } from '../../ui/Button.tsx';
import { useLength } from '../../ui/units.tsx';
import type { LogView } from './useLog.ts';

/** An entry that is far from what the other pieces and the piece itself say: asked about in place. */
export function Asked({
  view,
  onCorrect,
}: {
  readonly view: LogView;
  readonly onCorrect: (id: string) => void;
}) {
  const show = useLength();
  const { asked, taught } = view;
  if (!asked) return null;
  const odd = taught.get(asked.id)!.scores.filter(isOdd);
  const worst = odd.reduce((a, b) => (Math.abs(b.z) > Math.abs(a.z) ? b : a));
  const end = view.log?.evidence.find((e) => e.id === asked.id)?.ends[worst.end ?? -1];
  return (
    <section
      aria-label="Asked about"
      className="flex flex-wrap items-center gap-3 rounded-xl border-2 border-amber bg-amber-pale px-4 py-3 text-amber-ink"
    >
      <p className="grow text-lg">
        <strong>
          {asked.name}, {format(asked.finishedAt, 'd MMM')}:
        </strong>{' '}
        {end?.leftMm !== undefined
          ? `${show(end.leftMm, { kind: 'cut' })} left over of ${end.letter}, end ${worst.end! + 1}? By your other pieces it would be ${worst.z < 0 ? 'a good deal less' : 'a good deal more'}.`
          : 'its woven length and its rows do not go together.'}{' '}
        Until you confirm it, it counts for little.
      </p>
      <Button onClick={() => view.confirm(asked.id)}>It is right</Button>
      <Button onClick={() => onCorrect(asked.id)}>Correct it</Button>
      <Button onClick={() => view.setCounts(asked.id, false)}>Leave this piece out</Button>
    </section>
  );
}
