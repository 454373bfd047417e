import { useMemo } from 'react';
import { findColour } from '../../core/colour/palette.ts';
import { findPattern } from '../../core/patterns/index.ts';
import { movesOf } from '../../core/steps/rows/moves.ts';
import { rowPicture } from '../../core/steps/rows/rowPicture.ts';
import { shortRowText } from '../../core/steps/rows/words.ts';
import { newDesign } from '../state/newDesign.ts';
import { SceneView } from './SceneView.tsx';

const LOOKS = [findColour('pole-white')!, findColour('ember')!];
const DIAMETER_MM = 4;
/** Letters on the mat, in mm. */
const LETTER_MM = 5.5;

/** The first row of a new design’s weave, move by move, as it is shown while it is tied. */
export function FirstRow() {
  const moves = useMemo(() => {
    const spec = findPattern(newDesign('').pattern.id)?.draw();
    const tying = spec && movesOf(spec);
    if (!tying) return [];
    const isCore = new Set(spec.strands.filter((s) => s.role === 'core').map((s) => s.name));
    return shortRowText(tying.row(0)).map((text, i) => ({
      text,
      picture: rowPicture({
        tying,
        row: 0,
        done: i + 1,
        cordOf: (strand) => (isCore.has(strand) ? 0 : 1),
        looks: LOOKS,
        diameterMm: DIAMETER_MM,
      }),
    }));
  }, []);
  return (
    <div className="flex w-full items-start justify-center gap-4">
      {moves.map(({ text, picture }) => (
        <figure key={text} className="flex min-w-0 flex-1 flex-col items-center gap-2">
          <SceneView scene={picture.scene} label={text} className="h-36 max-w-full">
            {picture.labels.map((l) => (
              <text
                key={l.text}
                x={l.x}
                y={l.y}
                fontSize={LETTER_MM}
                fontWeight="700"
                textAnchor="middle"
                fill="#ffffff"
                aria-hidden
              >
                {l.text}
              </text>
            ))}
          </SceneView>
          <figcaption className="text-center text-[14px] leading-snug">{text}</figcaption>
        </figure>
      ))}
    </div>
  );
}
