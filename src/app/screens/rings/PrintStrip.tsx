import { PER_MM } from '../../../core/drawing/shape.ts';
import { lookOf } from '../../../core/rings/drawing/look.ts';
import { bightPlaces, mapScene } from '../../../core/rings/drawing/map.ts';
import { layWords } from '../../../core/rings/lays.ts';
import { meanGirth } from '../../../core/rings/sizes.ts';
import { bightName } from '../../../core/rings/types.ts';
import { Shapes } from '../../ui/Shapes.tsx';
import { useLength } from '../../ui/units.tsx';
import { useRing } from './RingContext.tsx';

/** Longest piece of a strip that fits across a sheet, in mm, and what pieces share so that they can be glued. */
const PIECE_MM = 170;
const SEAM_MM = 10;
const MARGIN_MM = 9;

/**
 * The map at full size, to wrap round the mandrel: the strip is as long as the mandrel is round, with a seam to glue, marks
 * for pins at every bight, and a line to check the printer by.
 */
export function PrintStrip() {
  const { ring, plan } = useRing();
  const show = useLength();
  const { girth } = plan.ring;
  const around = meanGirth(plan.ring);
  // The strip lies on the mandrel, the cords a diameter above it: it is shorter by as much.
  const shrink = girth / around;
  const scene = mapScene({ ...lookOf(plan), beyondMm: 0 }, plan.lays);
  const places = bightPlaces(plan);
  const height = plan.widthMm + 2 * MARGIN_MM;
  const pieces = Math.ceil((girth + SEAM_MM) / PIECE_MM);
  return (
    <div className="hidden p-2 text-black print:block">
      <h1 className="font-bold text-xl">{ring.name}</h1>
      <p>
        {plan.shape.leads} leads × {plan.shape.bights} bights, {show(girth)} round, {show(plan.widthMm)} wide.
        Print at 100 %: the line below is 100 mm long. Cut the strips out, glue them end to end, wrap the
        strip round the mandrel with L1 … on the left edge, and put pins or tape marks at the dots.
      </p>
      <svg width="102mm" height="6mm" viewBox="-1 -3 102 6" aria-label="A line 100 mm long" role="img">
        <path d="M0 -2V2M100 -2V2M0 0H100" stroke="black" strokeWidth="0.4" />
      </svg>
      {Array.from({ length: pieces }, (_, i) => {
        const from = i * PIECE_MM;
        const length = Math.min(PIECE_MM, girth + SEAM_MM - from);
        return (
          <svg
            // biome-ignore lint/suspicious/noArrayIndexKey: pieces of one strip
            key={i}
            className="mt-2 block"
            width={`${length}mm`}
            height={`${height}mm`}
            viewBox={`${from} ${-height / 2} ${length} ${height}`}
            role="img"
            aria-label={`Piece ${i + 1} of ${pieces}`}
          >
            <rect
              x={from}
              y={-height / 2}
              width={length}
              height={height}
              fill="none"
              stroke="black"
              strokeWidth="0.3"
            />
            <g transform={`scale(${shrink / PER_MM} ${1 / PER_MM})`} opacity="0.55">
              <Shapes shapes={scene.shapes} />
            </g>
            {i === pieces - 1 && (
              <rect
                x={girth}
                y={-height / 2}
                width={SEAM_MM}
                height={height}
                fill="white"
                stroke="black"
                strokeDasharray="1.5 1"
                strokeWidth="0.3"
              />
            )}
            {places.map((p) => (
              <g key={p.name}>
                <circle cx={p.x * shrink} cy={p.y + (p.bight.edge === 'L' ? -1.5 : 1.5)} r="0.8" />
                <text
                  x={p.x * shrink}
                  y={p.y + (p.bight.edge === 'L' ? -3.4 : 6.4)}
                  fontSize="3.6"
                  textAnchor={p.x === 0 ? 'start' : 'middle'}
                >
                  {p.name}
                </text>
              </g>
            ))}
          </svg>
        );
      })}
      <ol className="mt-3 columns-3 text-[12px]">
        {plan.lays.map((lay) => (
          <li key={lay.n} className="break-inside-avoid">
            {lay.pass > 1 || plan.ring.passes > 1 ? `${lay.pass}/` : ''}
            {lay.k} {bightName(lay.from)}→{bightName(lay.to)} {layWords(lay)}
          </li>
        ))}
      </ol>
    </div>
  );
}
