import { useMemo } from 'react';
import { PER_MM } from '../../../core/drawing/shape.ts';
import { rowCords } from '../../../core/steps/rows/rowCords.ts';
import { rowPicture } from '../../../core/steps/rows/rowPicture.ts';
import { whyText } from '../../../core/why/why.ts';
import { Shapes } from '../../ui/Shapes.tsx';
import { useHere } from './TieContext.tsx';

/** This very row, move by move, in the cords' own colours. */
export function RowPanels() {
  const { step, guide, plan } = useHere();
  const at = step.at!;
  const tying = guide.tying[at.pass];
  const panels = useMemo(() => {
    if (!tying) return [];
    const cordOf = rowCords(plan, at.band, at.row, at.pass);
    const looks = plan.cords.map((c) => c.look);
    return tying.row(at.row - 1).moves.map((_, i) =>
      rowPicture({
        tying,
        row: at.row - 1,
        done: i + 1,
        cordOf,
        looks,
        diameterMm: plan.metrics.diameterMm,
      }),
    );
  }, [tying, plan, at.band, at.row, at.pass]);
  const columns =
    panels.length > 6
      ? 'grid-cols-2 sm:grid-cols-4'
      : panels.length > 4
        ? 'grid-cols-2 sm:grid-cols-3'
        : panels.length > 1
          ? 'grid-cols-2'
          : '';
  return (
    <div className={`grid grow gap-3 ${columns}`}>
      {panels.map(({ scene, labels }, i) => {
        const { minX, minY, widthMm, heightMm } = scene;
        return (
          <figure
            key={whyText(step.lines[i] ?? [])}
            className={`relative flex min-h-0 flex-col ${panels.length > 1 ? 'max-sm:pt-7' : ''}`}
          >
            <svg
              role="img"
              aria-label={whyText(step.lines[i] ?? [])}
              viewBox={`${minX} ${minY} ${widthMm} ${heightMm}`}
              className="max-h-96 w-full grow"
            >
              <g transform={`scale(${1 / PER_MM})`}>
                <Shapes shapes={scene.shapes} />
              </g>
              {labels.map((l) => (
                <text
                  key={l.text}
                  x={l.x}
                  y={l.y}
                  textAnchor="middle"
                  fontSize={plan.metrics.diameterMm * 1.15}
                  fontWeight="700"
                  fill="#ffffff"
                  stroke="#143730"
                  strokeWidth={plan.metrics.diameterMm * 0.25}
                  paintOrder="stroke"
                >
                  {l.text}
                </text>
              ))}
            </svg>
            {panels.length > 1 && (
              <figcaption className="absolute top-0 left-1 font-bold text-2xl" aria-hidden>
                {i + 1}
              </figcaption>
            )}
          </figure>
        );
      })}
    </div>
  );
}
