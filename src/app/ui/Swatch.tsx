import { useId } from 'react';
import type { CordColour } from '../../core/colour/palette.ts';
import { inkOn } from '../../core/drawing/tone.ts';

/** A cord's look in a round badge with its letter: told apart without hue by letter and texture. */
export function Swatch({
  colour,
  letter,
  size = 22,
  isSpoken = false,
}: {
  readonly colour: CordColour;
  readonly letter: string;
  readonly size?: number;
  /** The letter is read aloud, too: where nothing beside it says it. */
  readonly isSpoken?: boolean;
}) {
  const clip = useId();
  const ink = inkOn(colour.base);
  const badge = (
    <svg width={size} height={size} viewBox="0 0 24 24" className="shrink-0 self-center" aria-hidden="true">
      <clipPath id={clip}>
        <circle cx="12" cy="12" r="11" />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <rect width="24" height="24" fill={colour.base} />
        {colour.look === 'striped' && (
          <path d="M-2 20 20-2M4 26 26 4" stroke={colour.accents[0]} strokeWidth="2.5" />
        )}
        {colour.look === 'flecked' &&
          colour.accents.map((accent, i) => (
            <path
              key={accent}
              d={i === 0 ? 'M4 6h3M16 4h3M6 19h3M18 17h3' : 'M10 3h2M3 13h2M19 10h2M12 21h2'}
              stroke={accent}
              strokeWidth="2.4"
              strokeLinecap="round"
            />
          ))}
        {colour.look === 'two-tone' && <path d="M12 0H24V24H12Z" fill={colour.accents[0]} />}
        {colour.look === 'camouflage' &&
          colour.accents.map((accent, i) => (
            <path
              key={accent}
              d={
                [
                  'M2 7h7l2 4H5ZM14 16h6l3 4h-7Z',
                  'M13 3h6l1 5h-5ZM3 16h5l1 4H4Z',
                  'M9 11h5l1 3h-5ZM19 11h4v3h-5Z',
                ][i % 3]
              }
              fill={accent}
            />
          ))}
      </g>
      <circle cx="12" cy="12" r="11" fill="none" stroke="#1b211f" strokeOpacity="0.45" />
      {letter && (
        <>
          {colour.look !== 'solid' && <circle cx="12" cy="12" r="6.5" fill={colour.base} />}
          <text x="12" y="16.2" textAnchor="middle" fontSize="12" fontWeight="700" fill={ink}>
            {letter}
          </text>
        </>
      )}
    </svg>
  );
  if (!isSpoken) return badge;
  return (
    <>
      {badge}
      <span className="sr-only">{letter} </span>
    </>
  );
}
