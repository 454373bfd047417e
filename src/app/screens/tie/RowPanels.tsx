import { useMemo, useState } from 'react';
import { rowCords } from '../../../core/steps/rows/rowCords.ts';
import { rowPicture } from '../../../core/steps/rows/rowPicture.ts';
import { whyText } from '../../../core/why/why.ts';
import { RowFigure } from '../../ui/RowFigure.tsx';
import { PlayBar } from './PlayBar.tsx';
import { useHere } from './TieContext.tsx';
import { type Speed, usePlayed } from './usePlayed.ts';

type Picture = ReturnType<typeof rowPicture>;

/** A moving picture keeps the frame that all its stills fit into. */
function inFrame(picture: Picture, stills: readonly Picture[]): Picture {
  const scenes = [picture, ...stills].map((p) => p.scene);
  const [minX, minY] = [Math.min(...scenes.map((s) => s.minX)), Math.min(...scenes.map((s) => s.minY))];
  const widthMm = Math.max(...scenes.map((s) => s.minX + s.widthMm)) - minX;
  const heightMm = Math.max(...scenes.map((s) => s.minY + s.heightMm)) - minY;
  return { ...picture, scene: { ...picture.scene, minX, minY, widthMm, heightMm } };
}

/** This very row in the cords' own colours: move by move in stills, or drawing itself, over and over. */
export function RowPanels() {
  const { step, guide, plan } = useHere();
  const at = step.at!;
  const tying = guide.tying[at.pass];
  const draw = useMemo(() => {
    if (!tying) return undefined;
    const cordOf = rowCords(plan, at.band, at.row, at.pass);
    const looks = plan.cords.map((c) => c.look);
    const { diameterMm } = plan.metrics;
    return (done: number) => rowPicture({ tying, row: at.row - 1, done, cordOf, looks, diameterMm });
  }, [tying, plan, at.band, at.row, at.pass]);
  const moves = tying?.row(at.row - 1).moves.length ?? 0;
  const stills = useMemo(
    () => (draw ? Array.from({ length: moves }, (_, i) => draw(i + 1)) : []),
    [draw, moves],
  );
  const [speed, setSpeed] = useState<Speed>();
  const played = usePlayed(moves, speed);
  const names = (step.full ?? step.lines).map((line) => whyText(line));
  const columns =
    stills.length > 6
      ? 'grid-cols-2 sm:grid-cols-4'
      : stills.length > 4
        ? 'grid-cols-2 sm:grid-cols-3'
        : stills.length > 1
          ? 'grid-cols-2'
          : '';
  return (
    <div className="flex grow flex-col">
      {draw && speed ? (
        <RowFigure
          picture={inFrame(draw(played), stills)}
          diameterMm={plan.metrics.diameterMm}
          label={names[Math.max(0, Math.ceil(played) - 1)] ?? ''}
          number={Math.max(1, Math.ceil(played))}
        />
      ) : (
        <div className={`grid grow gap-3 ${columns}`}>
          {stills.map((picture, i) => (
            <RowFigure
              // biome-ignore lint/suspicious/noArrayIndexKey: a row's moves have no identity but their place
              key={i}
              picture={picture}
              diameterMm={plan.metrics.diameterMm}
              label={names[i] ?? ''}
              {...(stills.length > 1 ? { number: i + 1 } : {})}
            />
          ))}
        </div>
      )}
      {moves > 0 && <PlayBar speed={speed} onSpeed={setSpeed} what="this row" />}
    </div>
  );
}
