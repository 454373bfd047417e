import { useMemo } from 'react';
import type { CordColour } from '../../core/colour/palette.ts';
import { arrangedScene } from '../../core/drawing/arranged.ts';
import { useWeave } from '../state/knowledge.tsx';
import { SceneView } from './SceneView.tsx';
import { useSeen } from './useSeen.ts';

interface Props {
  readonly id: string;
  readonly colours: readonly CordColour[];
  /** Which of them each lane is made of. */
  readonly strands: Readonly<Record<string, number>>;
}

/** Diameters of band in one picture. */
const LENGTH_D = 12;
/** Nothing smaller than this is drawn, in mm: about a pixel. */
const DETAIL_MM = 0.35;

/** A weave from the front and from the back, in the colours in hand; fetched and drawn once it comes into view. */
export function WeaveFaces({ id, colours, strands }: Props) {
  const [place, isSeen] = useSeen<HTMLSpanElement>();
  const solved = useWeave(isSeen ? id : undefined);
  const faces = useMemo(() => {
    if (!solved) return [];
    const rows = Math.max(2, Math.round(LENGTH_D / (solved.periodD / solved.rowsPerPeriod)));
    return (['front', 'back'] as const).map((view) => ({
      view,
      scene: arrangedScene(solved, strands, colours, view, rows, DETAIL_MM),
    }));
  }, [solved, strands, colours]);
  return (
    <span
      ref={place}
      aria-hidden="true"
      className="flex h-14 items-center justify-center gap-2 rounded bg-mat p-1"
    >
      {faces.map(({ view, scene }) => (
        <SceneView key={view} scene={scene} className="h-full max-w-[48%]" />
      ))}
    </span>
  );
}
