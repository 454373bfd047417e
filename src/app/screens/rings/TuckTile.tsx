import type { CordColour } from '../../../core/colour/palette.ts';
import type { Letter } from '../../../core/rings/types.ts';

interface Props {
  readonly letter: Letter;
  readonly count: number;
  /** The look of the cord in hand, and of the cords that it meets, from left to right. */
  readonly own: CordColour;
  readonly met: readonly CordColour[];
  readonly isNarrow: boolean;
}

/** One tuck as a picture and in words: the cord in hand, over or under so many. */
export function TuckTile({ letter, count, own, met, isNarrow }: Props) {
  const shown = met.slice(0, 4);
  const w = 10;
  const gap = 3;
  const total = shown.length * w + (shown.length - 1) * gap;
  const left = (90 - total) / 2;
  const upright = (
    <g>
      {shown.map((look, i) => (
        <rect
          // biome-ignore lint/suspicious/noArrayIndexKey: cords abreast have no identity
          key={i}
          x={left + i * (w + gap)}
          y="2"
          width={w}
          height="36"
          rx="2"
          fill={look.base}
          stroke="#12201c"
          strokeWidth="1.4"
        />
      ))}
    </g>
  );
  const across = (
    <rect x="4" y="15" width="82" height="10" rx="2" fill={own.base} stroke="#12201c" strokeWidth="1.4" />
  );
  return (
    <span
      className={`flex min-w-0 flex-1 flex-col items-center gap-0.5 rounded-lg border px-1 py-2 ${letter === 'O' ? 'border-ink-soft/50 bg-card' : 'border-transparent bg-mat/12'}`}
    >
      <svg viewBox="0 0 90 40" className="h-9 w-full max-w-24" aria-hidden="true">
        {letter === 'O' ? (
          <>
            {upright}
            {across}
          </>
        ) : (
          <>
            {across}
            {upright}
          </>
        )}
      </svg>
      <span className={`whitespace-nowrap font-semibold ${isNarrow ? 'text-[15px]' : 'text-lg'}`}>
        {letter === 'O' ? 'over' : 'under'} {count}
      </span>
    </span>
  );
}
