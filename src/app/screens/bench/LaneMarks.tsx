import type { CordCut, CordMark } from '../../../core/plan/types.ts';
import { markName } from '../../ui/markNames.ts';
import { useLength } from '../../ui/units.tsx';

/** About how wide a lane of full length is, and a letter of a mark's name, in px. */
const LANE_PX = 590;
const LETTER_PX = 6.6;

interface Laid {
  readonly mark: CordMark;
  /** 0 and 2 below the cord, 1 and 3 above it. */
  readonly line: number;
}

/** Marks along one unrolled cord: its fold, its join, where knots start. Each says how far in it is when pointed at. */
export function LaneMarks({ cord, share }: { readonly cord: CordCut; readonly share: number }) {
  const show = useLength();
  const marks = laidOut(cord, share);
  return marks.map(({ mark, line }) => (
    <span
      key={`${mark.what} ${mark.atMm}`}
      title={`${markName(mark.what)}: ${show(mark.atMm)} from the first end`}
      className={`absolute flex whitespace-nowrap text-[13px] text-ink-soft leading-none ${PLACES[line]}`}
      style={{ left: `calc(${(mark.atMm / cord.cutLengthMm) * share * 100}% - 5px)` }}
    >
      {line % 2 === 0 ? '▲' : '▼'} {markName(mark.what)}
    </span>
  ));
}

const PLACES = ['bottom-0', 'top-0', '-bottom-3.5', '-top-3.5'];

function laidOut(cord: CordCut, share: number): Laid[] {
  const ends = [0, 0, 0, 0].map(() => Number.NEGATIVE_INFINITY);
  return cord.marks
    .toSorted((a, b) => a.atMm - b.atMm)
    .map((mark) => {
      const from = (mark.atMm / cord.cutLengthMm) * share * LANE_PX;
      const free = ends.findIndex((end) => end < from);
      const line = free < 0 ? 2 : free;
      ends[line] = from + (mark.what.length + 3) * LETTER_PX;
      return { mark, line };
    });
}
