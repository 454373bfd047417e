import type { Point } from '../../core/photo/types.ts';
import type { ShownPhoto } from './usePhoto.ts';

const SIDE_PX = 168;
/** Pixels of the working picture across the loupe: about three screen pixels for each. */
const ACROSS = SIDE_PX / 3;

/** The picture's own pixels around a place, three times as large, with a cross. */
export function Loupe({
  shown,
  at,
  isLeft,
}: {
  readonly shown: ShownPhoto;
  readonly at: Point;
  readonly isLeft: boolean;
}) {
  const half = ACROSS / 2;
  return (
    <svg
      aria-hidden
      width={SIDE_PX}
      height={SIDE_PX}
      viewBox={`${at[0] - half} ${at[1] - half} ${ACROSS} ${ACROSS}`}
      className={`pointer-events-none absolute top-2 rounded-full border-2 border-white bg-mat ${isLeft ? 'left-2' : 'right-2'}`}
    >
      <image href={shown.url} width={shown.width} height={shown.height} />
      <g stroke="#fff" strokeWidth="0.5">
        <path d={`M${at[0] - half} ${at[1]}H${at[0] - 2}M${at[0] + 2} ${at[1]}H${at[0] + half}`} />
        <path d={`M${at[0]} ${at[1] - half}V${at[1] - 2}M${at[0]} ${at[1] + 2}V${at[1] + half}`} />
      </g>
    </svg>
  );
}
