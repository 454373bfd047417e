import { useMemo, useState } from 'react';
import { sampleLooks } from '../../../core/drawing/sample.ts';
import type { SolvedWeave } from '../../../core/patterns/types.ts';
import { stagePicture } from '../../../core/steps/knots/stagePicture.ts';
import { tyingOf } from '../../../core/steps/knots/tyingOf.ts';
import { whyText } from '../../../core/why/why.ts';
import { SamplePicture } from '../../ui/SamplePicture.tsx';
import { SceneView } from '../../ui/SceneView.tsx';
import { PlayBar } from './PlayBar.tsx';
import { useHere } from './TieContext.tsx';
import { type Speed, usePlayed } from './usePlayed.ts';

/** Cord in a loosely laid knot, in mm: only for the look of its sheath. */
const DIAMETER_MM = 4;

/** A knot as it is tied: stage by stage in stills, or drawing itself, and at last how it is when it is tight. */
export function KnotPanels({ id, tight }: { readonly id: string; readonly tight: SolvedWeave | undefined }) {
  const { step, tying: piece } = useHere();
  const { hand } = piece.progress.way;
  const tying = useMemo(() => tyingOf(id, hand), [id, hand]);
  const draw = useMemo(() => {
    if (!tying) return undefined;
    const looks = sampleLooks(tying.spec);
    return (done: number) => stagePicture({ tying, done, looks, diameterMm: DIAMETER_MM });
  }, [tying]);
  const count = tying?.stages.length ?? 0;
  const stills = useMemo(
    () => (draw ? Array.from({ length: count }, (_, i) => draw(i + 1)) : []),
    [draw, count],
  );
  const [speed, setSpeed] = useState<Speed>();
  const played = usePlayed(count, speed);
  const words = (step.stages ?? []).map((line) => whyText(line));
  const isTight = tight && (
    <SamplePicture
      solved={tight}
      view="front"
      label={`${step.title}, the knot tight`}
      scale={30}
      className="h-auto max-h-28 w-auto max-w-full"
    />
  );
  if (!draw || count === 0) return <div className="flex items-center justify-center">{isTight}</div>;
  const now = Math.max(1, Math.ceil(played));
  return (
    <div className="flex grow flex-col">
      {speed ? (
        <Still number={now} words={words[now - 1] ?? ''}>
          <SceneView scene={draw(played)} label={words[now - 1] ?? ''} className="max-h-96 w-full grow" />
        </Still>
      ) : (
        <div className="grid grow grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-4">
          {stills.map((scene, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: stages are told apart by their place
            <Still key={i} number={i + 1} words={words[i] ?? ''}>
              <SceneView scene={scene} label={words[i] ?? ''} className="h-28 w-full" />
            </Still>
          ))}
          {isTight && (
            <Still number={count + 1} words={words[count] ?? ''}>
              <div
                className={`flex h-28 items-center justify-center ${hand === 'left' ? '-scale-x-100' : ''}`}
              >
                {isTight}
              </div>
            </Still>
          )}
        </div>
      )}
      <PlayBar speed={speed} onSpeed={setSpeed} what="this knot" />
    </div>
  );
}

function Still({
  number,
  words,
  children,
}: {
  readonly number: number;
  readonly words: string;
  readonly children: React.ReactNode;
}) {
  return (
    <figure className="flex min-h-0 flex-col">
      {children}
      <figcaption className="flex gap-2 pt-1 text-[15px] leading-snug" data-testid="stage">
        <span className="font-bold">{number}</span>
        {words}
      </figcaption>
    </figure>
  );
}
