import { useMemo } from 'react';
import { beamScene } from '../../../core/drawing/beam.ts';
import { plan } from '../../../core/plan/plan.ts';
import { usePictures } from '../../state/knowledge.tsx';
import { useLibrary } from '../../state/library.ts';
import { newDesign } from '../../state/newDesign.ts';
import { Button } from '../../ui/Button.tsx';
import { SceneView } from '../../ui/SceneView.tsx';

const SHOWN = newDesign('');
const made = plan(SHOWN);
const planned = made.ok ? made.value : undefined;

/** Nothing saved yet: a picture of what comes out, and the two ways to begin. */
export default function EmptyBench() {
  const library = useLibrary();
  const pictures = usePictures(SHOWN.pattern.id, planned);
  const scene = useMemo(() => planned && pictures && beamScene(planned, pictures, 'front'), [pictures]);
  return (
    <main className="mx-auto flex max-w-3xl flex-col items-center gap-6 p-10 text-center">
      <h1 className="font-bold font-title text-3xl">From a measured wrist to cord that can be cut</h1>
      {scene && (
        <SceneView
          scene={scene}
          part={{
            minX: scene.minX - 4,
            minY: scene.minY - 6,
            widthMm: scene.widthMm + 8,
            heightMm: scene.heightMm + 12,
          }}
          className="w-full rounded-xl bg-mat"
        />
      )}
      <p className="max-w-xl text-lg">
        Say who it is for and what goes round the wrist; the rest follows: finished length, rows, and what to
        cut of every cord.
      </p>
      <div className="flex gap-3">
        <Button look="next" onClick={library.create}>
          Plan a band
        </Button>
        <Button onClick={library.loadDemo}>Load the observatory stall’s demo</Button>
      </div>
    </main>
  );
}
