import type { SVGAttributes } from 'react';
import { PER_MM, type Scene } from '../../core/drawing/shape.ts';
import { Shapes } from './Shapes.tsx';

interface Props extends Omit<SVGAttributes<SVGSVGElement>, 'viewBox' | 'part'> {
  readonly scene: Scene;
  /** What it shows, for those who cannot see it; without one it is only an ornament. */
  readonly label?: string | undefined;
  /** The part that is shown, in mm, where that is not the whole scene. */
  readonly part?: Partial<Omit<Scene, 'shapes'>>;
  readonly isMirrored?: boolean;
  readonly 'data-testid'?: string;
}

/** A drawn scene, true to scale within its box. What is given inside it lies on top, in mm of the scene. */
export function SceneView({ scene, label, part, isMirrored = false, children, ...svg }: Props) {
  const { minX, minY, widthMm, heightMm } = { ...scene, ...part };
  return (
    <svg
      role={label === undefined ? undefined : 'img'}
      aria-label={label}
      aria-hidden={label === undefined || undefined}
      viewBox={`${minX} ${minY} ${widthMm} ${heightMm}`}
      {...svg}
    >
      <g transform={`${isMirrored ? 'scale(1 -1) ' : ''}scale(${1 / PER_MM})`}>
        <Shapes shapes={scene.shapes} />
      </g>
      {children}
    </svg>
  );
}
