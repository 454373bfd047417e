import { NAME_MM, stripOf, TAB_MM } from '../../../core/rings/drawing/strip.ts';
import { layWords } from '../../../core/rings/lays.ts';
import { bightName } from '../../../core/rings/types.ts';
import { Shapes } from '../../ui/Shapes.tsx';
import { useLength } from '../../ui/units.tsx';
import { useRing } from './RingContext.tsx';

/** Longest piece of a strip that fits across a sheet, in mm. */
const PIECE_MM = 170;

/**
 * The map at full size, to wrap round the mandrel: the strip is as long as the mandrel is round, in pieces with tabs to glue,
 * marks for pins at every bight, and a line to check the printer by.
 */
export function PrintStrip() {
  const { ring, plan } = useRing();
  const show = useLength();
  const { lengthMm: girth, heightMm: height, shapes, transform, pins } = stripOf(plan);
  const pieces = Math.ceil(girth / PIECE_MM);
  return (
    <div className="hidden p-2 text-black print:block">
      <h1 className="font-bold text-xl">{ring.name}</h1>
      <p>
        {plan.shape.leads} leads × {plan.shape.bights} bights, {show(girth)} round, {show(plan.widthMm)} wide.
        Print at 100 %: the line below is 100 mm long. Cut the strips out, glue each on the tab of the one
        before, wrap the strip round the mandrel with L1 … on the left edge, and put pins or tape marks at the
        dots.
      </p>
      <svg width="102mm" height="6mm" viewBox="-1 -3 102 6" aria-label="A line 100 mm long" role="img">
        <path d="M0 -2V2M100 -2V2M0 0H100" stroke="black" strokeWidth="0.4" />
      </svg>
      {Array.from({ length: pieces }, (_, i) => {
        const from = i * PIECE_MM;
        const length = Math.min(PIECE_MM, girth - from);
        const width = NAME_MM + length + TAB_MM;
        const tab = `M${from + length} ${-height / 2}h${TAB_MM}v${height}h${-TAB_MM}`;
        return (
          <svg
            // biome-ignore lint/suspicious/noArrayIndexKey: pieces of one strip
            key={i}
            className="mt-2 block"
            width={`${width}mm`}
            height={`${height}mm`}
            viewBox={`${from - NAME_MM} ${-height / 2} ${width} ${height}`}
            role="img"
            aria-label={`Piece ${i + 1} of ${pieces}`}
          >
            <g transform={transform} opacity="0.55">
              <Shapes shapes={shapes} />
            </g>
            <path
              d={`M${from - NAME_MM} ${-height / 2}h${NAME_MM}v${height}h${-NAME_MM}z${tab}z`}
              fill="white"
            />
            <rect
              x={from}
              y={-height / 2}
              width={length}
              height={height}
              fill="none"
              stroke="black"
              strokeWidth="0.3"
            />
            <path d={tab} fill="none" stroke="black" strokeDasharray="1.5 1" strokeWidth="0.3" />
            <text x={from + length + TAB_MM / 2} y="1" fontSize="3" textAnchor="middle">
              glue
            </text>
            {pins
              .filter((p) => p.x >= from && p.x < from + length)
              .map((p) => (
                <g key={p.name}>
                  <circle cx={p.x} cy={p.y} r="0.8" />
                  <text x={p.x} y={p.nameY} fontSize="3.6" textAnchor="middle">
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
