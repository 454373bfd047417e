import type { Band, BandMark } from '../../../core/plan/types.ts';
import { useLength } from '../../ui/units.tsx';
import { Dimension } from './Dimension.tsx';

interface Props {
  readonly band: Band;
  readonly isPlain: boolean;
  /** Pixel of a place on the band. */
  readonly x: (mm: number) => number;
  readonly top: number;
  readonly bottom: number;
  readonly width: number;
}

/** About as wide as a letter of the marks is. */
const PX_PER_LETTER = 7.2;
const LINE_PX = 17;

/** What is written at a band: how much is woven, where row 1 starts, and the marks, on lines of their own where crowded. */
export function BandNotes({ band, isPlain, x, top, bottom, width }: Props) {
  const show = useLength();
  const [start, end] = [band.startMm, band.startMm + band.wovenMm];
  const rows = isPlain ? 'plain cord' : `${band.rows} rows`;
  const notes: BandMark[] = [
    ...(isPlain ? [] : [{ atMm: band.firstRow === 'start' ? start : end, label: '↑ row 1' }]),
    ...band.marks,
  ];
  return (
    <g>
      <Dimension
        from={x(start)}
        to={x(end)}
        y={bottom + 18}
        text={`woven ${show(band.wovenMm)} · ${rows}`.replace(isPlain ? 'woven ' : ' ', isPlain ? '' : ' ')}
        testId="dim-woven"
      />
      {laidOut(notes, x, width).map(({ mark, line, anchor }) => (
        <Mark
          key={`${mark.label} ${mark.atMm}`}
          mark={mark}
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

interface Laid {
  readonly mark: BandMark;
  readonly line: number;
  readonly anchor: 'start' | 'end';
}

/** Words beside their marks, on the first of three lines where they do not run into each other or off the mat. */
function laidOut(marks: readonly BandMark[], x: (mm: number) => number, width: number): Laid[] {
  const taken: [number, number][][] = [[], [], []];
  return marks
    .toSorted((a, b) => x(a.atMm) - x(b.atMm))
    .map((mark) => {
      const words = mark.label.length * PX_PER_LETTER + 10;
      const at = x(mark.atMm);
      const anchor = at + words > width - 8 ? 'end' : 'start';
      const span: [number, number] = anchor === 'start' ? [at, at + words] : [at - words, at];
      const isFree = (line: number) => taken[line]!.every(([a, b]) => span[1] < a || span[0] > b);
      const line = [0, 1].find(isFree) ?? 2;
      taken[line]!.push(span);
      return { mark, line, anchor };
    });
}

interface MarkProps {
  readonly mark: BandMark;
  readonly x: number;
  readonly toX: number | undefined;
  readonly top: number;
  readonly y: number;
  readonly anchor: 'start' | 'end';
}

/** A mark on the band: a dashed line across it, or two, with its words underneath. */
function Mark({ mark, x, toX, top, y, anchor }: MarkProps) {
  return (
    <g data-testid="band-mark">
      <path
        d={`M${x} ${top}V${y - 10}${toX === undefined ? '' : `M${toX} ${top}V${y - 10}`}`}
        stroke="#fdf0cf"
        strokeDasharray="5 4"
        strokeOpacity="0.85"
      />
      <text x={anchor === 'start' ? x + 5 : x - 5} y={y + 2} textAnchor={anchor} fill="#fdf0cf" fontSize="14">
        {mark.label}
      </text>
    </g>
  );
}
