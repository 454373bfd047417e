import { useMemo } from 'react';
import { beamScene } from '../../core/drawing/beam.ts';
import type { Plan } from '../../core/plan/types.ts';
import { usePictures } from '../state/knowledge.tsx';
import { SceneView } from './SceneView.tsx';

interface Props {
  readonly plan: Plan;
  readonly patternId: string;
  readonly label: string;
  readonly className?: string;
  /** Several in one picture share it, so that their sizes compare; else it fills its place. */
  readonly pxPerMm?: number;
}

/** Nothing smaller than this is drawn, in mm. */
const DETAIL_MM = 0.4;
const ROUND_IT_MM = 4;

/** A whole piece, laid open, seen from its front. */
export function BandPicture({ plan, patternId, label, className = 'w-full', pxPerMm }: Props) {
  const pictures = usePictures(patternId, plan);
  const scene = useMemo(() => pictures && beamScene(plan, pictures, 'front', DETAIL_MM), [pictures, plan]);
  if (!scene) return <div className={className} />;
  return (
    <SceneView
      scene={scene}
      label={label}
      className={className}
      {...(pxPerMm
        ? {
            width: (scene.widthMm + 2 * ROUND_IT_MM) * pxPerMm,
            height: (scene.heightMm + 2 * ROUND_IT_MM) * pxPerMm,
          }
        : {})}
      part={{
        minX: scene.minX - ROUND_IT_MM,
        minY: scene.minY - ROUND_IT_MM,
        widthMm: scene.widthMm + 2 * ROUND_IT_MM,
        heightMm: scene.heightMm + 2 * ROUND_IT_MM,
      }}
    />
  );
}
