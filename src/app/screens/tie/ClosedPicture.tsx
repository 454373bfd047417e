import { useMemo } from 'react';
import { closedScene } from '../../../core/drawing/closed.ts';
import { PER_MM } from '../../../core/drawing/shape.ts';
import { usePictures } from '../../state/knowledge.tsx';
import { Shapes } from '../../ui/Shapes.tsx';
import { useHere } from './TieContext.tsx';

/** The piece closed round the body, as it should come out. */
export function ClosedPicture() {
  const { tying, plan } = useHere();
  const { design } = tying;
  const pictures = usePictures(design.pattern.id, plan);
  const scene = useMemo(() => pictures && closedScene(design, plan, pictures), [design, plan, pictures]);
  if (!scene) return null;
  return (
    <svg
      role="img"
      aria-label={`${design.name}, closed round ${design.wearer.name}`}
      viewBox={`${scene.minX} ${scene.minY} ${scene.widthMm} ${scene.heightMm}`}
      className="max-h-96 w-full"
    >
      <g transform={`scale(${1 / PER_MM})`}>
        <Shapes shapes={scene.shapes} />
      </g>
    </svg>
  );
}
