import { useMemo } from 'react';
import { findColour } from '../../core/colour/palette.ts';
import { findPattern } from '../../core/patterns/index.ts';
import { movesOf } from '../../core/steps/rows/moves.ts';
import { coresAndEnds } from '../../core/steps/rows/rowCords.ts';
import { rowPicture } from '../../core/steps/rows/rowPicture.ts';
import { shortRowText } from '../../core/steps/rows/words.ts';
import { newDesign } from '../state/newDesign.ts';
import { RowFigure } from './RowFigure.tsx';

const LOOKS = [findColour('pole-white')!, findColour('ember')!];
const DIAMETER_MM = 4;

/** The first row of a new design’s weave, move by move, as it is shown while it is tied. */
export function FirstRow() {
  const moves = useMemo(() => {
    const spec = findPattern(newDesign('').pattern.id)?.draw();
    const tying = spec && movesOf(spec);
    if (!tying) return [];
    return shortRowText(tying.row(0)).map((text, i) => ({
      text,
      picture: rowPicture({
        tying,
        row: 0,
        done: i + 1,
        cordOf: coresAndEnds(spec),
        looks: LOOKS,
        diameterMm: DIAMETER_MM,
      }),
    }));
  }, []);
  return (
    <div className="grid w-full grid-cols-2 gap-4">
      {moves.map(({ text, picture }) => (
        <RowFigure key={text} picture={picture} diameterMm={DIAMETER_MM} label={text} words={text} />
      ))}
    </div>
  );
}
