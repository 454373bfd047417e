import { useMemo } from 'react';
import { beamScene } from '../../../core/drawing/beam.ts';
import { placeAlong, placesOf } from '../../../core/drawing/place.ts';
import { grownTo } from '../../../core/steps/list/events.ts';
import { usePictures } from '../../state/knowledge.tsx';
import { SceneView } from '../../ui/SceneView.tsx';
import { useHere } from './TieContext.tsx';

const MARGIN_MM = 3;
/** Nothing smaller than this is drawn. */
const DETAIL_MM = 0.25;

/** The whole piece, small: what is tied, the place where the work is, what is still to come. */
export function MiniBeam() {
  const { tying, plan, band: b, pass, rowsDone, rowsOf, guide, step } = useHere();
  const { design } = tying;
  const pictures = usePictures(design.pattern.id, plan);
  const scene = useMemo(() => pictures && beamScene(plan, pictures, 'front', DETAIL_MM), [plan, pictures]);
  if (!scene) return <div className="h-24 rounded-lg bg-mat" />;
  const band = plan.bands[b]!;
  // With more or fewer rows than planned the same length is filled.
  const done = (rowsDone * band.rows) / rowsOf;
  const place = placesOf(plan)[b]!;
  const x = (mm: number) => placeAlong(place, mm);
  const edges = [grownTo(band, done, pass), grownTo(band, band.rows, pass)].map(x).sort((p, q) => p - q) as [
    number,
    number,
  ];
  const at = x(grownTo(band, done, pass));
  const top = scene.minY - MARGIN_MM;
  const height = scene.heightMm + 2 * MARGIN_MM;
  const isMirrored = guide.tying[0]?.frame.isMirrored ?? false;
  const mark = step.picture?.kind === 'place' ? x(step.picture.atMm) : undefined;
  const part = {
    minX: scene.minX - MARGIN_MM,
    minY: top,
    widthMm: scene.widthMm + 2 * MARGIN_MM,
    heightMm: height,
  };
  // What moves with every row is painted apart from the piece, which does not.
  return (
    <div className="relative">
      <SceneView
        scene={scene}
        part={part}
        isMirrored={isMirrored}
        label={`Row ${rowsDone} of ${rowsOf} is done${pass > 0 ? ', second pass' : ''}`}
        className="block max-h-40 w-full rounded-lg bg-mat"
        data-testid="mini-beam"
      />
      <svg
        aria-hidden
        className="own-layer absolute inset-0 size-full"
        viewBox={`${part.minX} ${part.minY} ${part.widthMm} ${part.heightMm}`}
      >
        <rect
          x={edges[0]}
          y={top}
          width={Math.max(0, edges[1] - edges[0])}
          height={height}
          fill="#143730"
          opacity="0.72"
        />
        <path d={`M${at} ${top + 0.5}V${top + height - 0.5}`} stroke="#e3a31b" strokeWidth="1.2" />
        {mark !== undefined && (
          <path d={`M${mark} ${top + 2.6}l-2 -2.6h4Z`} fill="#e3a31b">
            <title>the place of this step</title>
          </path>
        )}
      </svg>
    </div>
  );
}
