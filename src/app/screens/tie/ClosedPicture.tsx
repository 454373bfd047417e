import { useMemo } from 'react';
import { closedScene } from '../../../core/drawing/closed.ts';
import { usePictures } from '../../state/knowledge.tsx';
import { SceneView } from '../../ui/SceneView.tsx';
import { useHere } from './TieContext.tsx';

/** The piece closed round the body, as it should come out. */
export function ClosedPicture() {
  const { tying, plan } = useHere();
  const { design } = tying;
  const pictures = usePictures(design.pattern.id, plan);
  const scene = useMemo(() => pictures && closedScene(design, plan, pictures), [design, plan, pictures]);
  if (!scene) return null;
  return (
    <SceneView
      scene={scene}
      label={`${design.name}, closed round ${design.wearer.name}`}
      className="max-h-96 w-full"
    />
  );
}
