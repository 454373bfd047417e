import { Scale as ScaleIcon } from 'lucide-react';
import { useEffect, useState } from 'react';
import { type Reading, WINDOW_MS, weighed } from '../../../core/stash/scale.ts';
import { standInScale } from '../../devices/scale.ts';
import { Button } from '../../ui/Button.tsx';

interface Props {
  readonly onEmpty: (grams: number) => void;
  readonly onWeigh: (grams: number) => void;
}

/** Reads a scale live: the mean of the last moments, whether it is still, and buttons to take it as the empty spool or as the whole. */
export function ScaleReader({ onEmpty, onWeigh }: Props) {
  const [isOn, setOn] = useState(false);
  const [readings, setReadings] = useState<readonly Reading[]>([]);
  const [isSilent, setSilent] = useState(false);
  useEffect(() => {
    if (!isOn) return;
    setReadings([]);
    setSilent(false);
    return standInScale.listen(
      (reading) => {
        setSilent(false);
        setReadings((before) => [...before.filter((r) => reading.at - r.at <= WINDOW_MS), reading]);
      },
      () => setSilent(true),
    );
  }, [isOn]);
  if (!isOn)
    return (
      <Button look="quiet" className="self-start" onClick={() => setOn(true)}>
        <ScaleIcon size={16} aria-hidden /> Read the scale
      </Button>
    );
  const now = weighed(readings);
  return (
    <section aria-label="Scale" className="flex flex-col gap-2 rounded-lg bg-paper p-3">
      <p className="flex items-baseline gap-2">
        <span className="figure font-bold text-2xl" data-testid="scale-shows">
          {now ? `${now.grams.toFixed(1)} g` : '– g'}
        </span>
        <span role="status" className="text-[15px] text-ink-soft">
          {isSilent
            ? 'No scale answers: type the weight.'
            : !now
              ? 'Waiting for the scale…'
              : now.isStill
                ? 'still'
                : `restless, ± ${now.unrest.toFixed(1)} g`}
        </span>
      </p>
      <span className="flex flex-wrap gap-2">
        <Button disabled={!now?.isStill} onClick={() => now && onEmpty(now.grams)}>
          That is the empty spool
        </Button>
        <Button disabled={!now?.isStill} onClick={() => now && onWeigh(now.grams)}>
          That is the whole
        </Button>
        <Button look="quiet" onClick={() => setOn(false)}>
          Stop
        </Button>
      </span>
      <p className="text-[14px] text-ink-soft">
        This is {standInScale.name}:{' '}
        <a href={standInScale.page} target="_blank" rel="noreferrer" className="underline">
          put something on its pan
        </a>
        .
      </p>
    </section>
  );
}
