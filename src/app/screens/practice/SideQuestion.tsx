import { useMemo } from 'react';
import { PALETTE } from '../../../core/colour/palette.ts';
import { turningRows } from '../../../core/practice/weaves.ts';
import { coresAndEnds } from '../../../core/steps/rows/rowCords.ts';
import { rowPicture } from '../../../core/steps/rows/rowPicture.ts';
import { SceneView } from '../../ui/SceneView.tsx';

const DIAMETER_MM = 4;

/** The work after so many rows, loose, as it hangs: two colours, so that ends are told from cores. */
export function SideQuestion({ weave, rows }: { readonly weave: string; readonly rows: number }) {
  const scene = useMemo(() => {
    const tying = turningRows(weave);
    if (!tying) return undefined;
    return rowPicture({
      tying,
      // As the next row waits: no end has moved yet.
      row: rows,
      done: 0,
      cordOf: coresAndEnds(tying.cut.spec),
      looks: [PALETTE[3] ?? PALETTE[0]!, PALETTE[0]!],
      diameterMm: DIAMETER_MM,
    }).scene;
  }, [weave, rows]);
  if (!scene) return null;
  return (
    <SceneView
      scene={scene}
      label="The last rows of the work, loose, as it hangs before you"
      className="max-h-96 w-full"
    />
  );
}
