import { useMemo } from 'react';
import type { View } from '../../core/drawing/paint.ts';
import { sampleScene } from '../../core/drawing/sample.ts';
import type { SolvedWeave } from '../../core/patterns/types.ts';
import { SceneView } from './SceneView.tsx';

interface Props {
  readonly solved: SolvedWeave;
  readonly view: View;
  readonly label: string;
  readonly lengthD?: number;
  /** Pixels per diameter; pictures on one page share it, so that sizes compare. */
  readonly scale: number;
  /** Effective diameter in mm at which it is drawn. */
  readonly className?: string;
}

const DIAMETER_MM = 4;

/** A tight weave or knot as it lies, to a scale of cord diameters. */
export function SamplePicture({ solved, view, label, lengthD = 14, scale, className }: Props) {
  const scene = useMemo(() => sampleScene(solved, view, lengthD, DIAMETER_MM), [solved, view, lengthD]);
  const px = scale / DIAMETER_MM;
  return (
    <SceneView
      scene={scene}
      label={label}
      className={className}
      width={scene.widthMm * px}
      height={scene.heightMm * px}
    />
  );
}
