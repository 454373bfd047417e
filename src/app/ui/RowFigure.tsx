import type { rowPicture } from '../../core/steps/rows/rowPicture.ts';
import { SceneView } from './SceneView.tsx';

interface Props {
  readonly picture: ReturnType<typeof rowPicture>;
  readonly diameterMm: number;
  readonly label: string;
  /** Which move it is, where there are several. */
  readonly number?: number;
  /** Below it, where words go with it. */
  readonly words?: string;
}

/** One picture of a row, with the names of its ends. */
export function RowFigure({ picture: { scene, labels }, diameterMm, label, number, words }: Props) {
  return (
    <figure className={`relative flex min-h-0 grow flex-col ${number ? 'max-sm:pt-7' : ''}`}>
      <SceneView scene={scene} label={label} className="max-h-96 w-full grow">
        {labels.map((l) => (
          <text
            key={l.text}
            x={l.x}
            y={l.y}
            textAnchor="middle"
            fontSize={diameterMm * 1.15}
            fontWeight="700"
            fill="#ffffff"
            stroke="#143730"
            strokeWidth={diameterMm * 0.25}
            paintOrder="stroke"
          >
            {l.text}
          </text>
        ))}
      </SceneView>
      {number && (
        <figcaption className="absolute top-0 left-1 font-bold text-2xl" aria-hidden>
          {number}
        </figcaption>
      )}
      {words && (
        <figcaption className="mt-2 min-h-[4.2em] text-center text-[14px] leading-snug">{words}</figcaption>
      )}
    </figure>
  );
}
