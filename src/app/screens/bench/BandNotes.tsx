import type { Band } from '../../../core/plan/types.ts';
import { useLength } from '../../ui/units.tsx';
import { Dimension, PX_PER_LETTER } from './Dimension.tsx';
import { fitting, type Note } from './notes.ts';

interface Props {
  readonly band: Band;
  readonly isPlain: boolean;
  readonly notes: readonly Note[];
  /** Pixel of a place on the band. */
  readonly x: (mm: number) => number;
  readonly top: number;
  readonly bottom: number;
}

export const LINE_PX = 17;

/** What is written at a band: how much is woven, where row 1 starts, and the marks. */
export function BandNotes({ band, isPlain, notes, x, top, bottom }: Props) {
  const show = useLength();
  const [start, end] = [x(band.startMm), x(band.startMm + band.wovenMm)];
  const length = show(band.wovenMm);
  const texts = isPlain
    ? [`${length} · plain cord`, length]
    : [`woven ${length} · ${band.rows} rows`, `${length} · ${band.rows} rows`, `${band.rows} rows`];
  return (
    <g>
      <Dimension
        from={start}
        to={end}
        y={bottom + 18}
        text={fitting(texts, Math.abs(end - start), PX_PER_LETTER)}
        testId="dim-woven"
      />
      {notes.map(({ mark, line, anchor }) => (
        <Mark
          key={`${mark.label} ${mark.atMm}`}
          label={mark.label}
          x={x(mark.atMm)}
          toX={mark.toMm === undefined ? undefined : x(mark.toMm)}
          top={top}
          y={bottom + 42 + line * LINE_PX}
          anchor={anchor}
        />
      ))}
    </g>
  );
}

interface MarkProps {
  readonly label: string;
  readonly x: number;
  readonly toX: number | undefined;
  readonly top: number;
  readonly y: number;
  readonly anchor: 'start' | 'end';
}

/** A mark on the band: a dashed line across it, or two, with its words underneath. */
function Mark({ label, x, toX, top, y, anchor }: MarkProps) {
  return (
    <g data-testid="band-mark">
      <path
        d={`M${x} ${top}V${y - 10}${toX === undefined ? '' : `M${toX} ${top}V${y - 10}`}`}
        stroke="#fdf0cf"
        strokeDasharray="5 4"
        strokeOpacity="0.85"
      />
      <text x={anchor === 'start' ? x + 5 : x - 5} y={y + 2} textAnchor={anchor} fill="#fdf0cf" fontSize="14">
        {label}
      </text>
    </g>
  );
}
