import { useMemo } from 'react';
import { layOut, stretchScene } from '../../core/drawing/beam.ts';
import type { Plan } from '../../core/plan/types.ts';
import { usePictures } from '../state/knowledge.tsx';
import { SceneView } from './SceneView.tsx';
import { useSeen } from './useSeen.ts';

interface Props {
  readonly plan: Plan;
  readonly patternId: string;
  /** The end that is shown, where that is not both. */
  readonly only?: 'start' | undefined;
  readonly className?: string;
}

/** So much of the weave is shown beside each end, and so much of what hangs out beyond it at most, in mm. */
const WEAVE_MM = 12;
const BEYOND_MM = 48;
/** Nothing smaller than this is drawn. */
const DETAIL_MM = 0.5;

/** The two ends of a piece as its closure makes them, all at one scale; drawn once it comes into view. */
export function ClosurePicture({ plan, patternId, only, className = 'h-10' }: Props) {
  const [place, isSeen] = useSeen<HTMLSpanElement>();
  const pictures = usePictures(isSeen ? patternId : undefined, plan);
  const laid = useMemo(() => pictures && layOut(plan, pictures, 'front', DETAIL_MM), [pictures, plan]);
  const ends = useMemo(() => {
    if (!laid) return [];
    const { minX, widthMm } = laid.frame;
    const [first, last] = [plan.bands[0]!, plan.bands.at(-1)!];
    // Of a strap in two halves the closure is at the outer ends.
    const isSplit = plan.bands.length > 1;
    const right = minX + widthMm;
    const weaveFrom = isSplit ? minX + BEYOND_MM : first.startMm;
    const weaveTo = isSplit ? right - BEYOND_MM : last.startMm + last.wovenMm;
    const from = Math.max(minX, weaveFrom - BEYOND_MM);
    const to = Math.min(right, weaveTo + BEYOND_MM);
    const both = [
      { key: 'start', fromMm: from, toMm: weaveFrom + WEAVE_MM },
      { key: 'end', fromMm: weaveTo - WEAVE_MM, toMm: to },
    ];
    return both
      .filter(({ key }) => only === undefined || key === only)
      .map(({ key, ...stretch }) => ({ key, scene: stretchScene(laid, stretch) }));
  }, [laid, plan, only]);
  return (
    <span
      ref={place}
      aria-hidden="true"
      className={`flex items-center gap-1.5 rounded bg-mat p-1 ${className}`}
    >
      {ends.map(({ key, scene }) => (
        <SceneView key={key} scene={scene} className="h-full min-w-0" />
      ))}
    </span>
  );
}
