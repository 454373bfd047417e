import { useId } from 'react';
import type { CordColour } from '../../../core/colour/palette.ts';
import { inkOn, mix } from '../../../core/drawing/tone.ts';

/** A stretch of a bar: a cut with its piece, a rest that is kept, or waste. */
export interface Stretch {
  readonly fromMm: number;
  readonly toMm: number;
  readonly kind: 'cut' | 'done' | 'keep' | 'waste' | 'whole' | 'unsure';
  readonly label: string;
  /** Below it, in figures. */
  readonly figure?: string;
  readonly isNext?: boolean;
}

interface Props {
  readonly look: CordColour;
  readonly stretches: readonly Stretch[];
  readonly pxPerMm: number;
  readonly label: string;
}

const BAR = 24;
const HEIGHT = 44;
/** A figure below a stretch needs so much room, and for its unit so much for each of its signs. */
const FIGURE_PX = 46;
const SIGN_PX = 9;

/** A hank as a bar to scale: its cuts, what is kept (hatched), what is waste (hollow), what is not sure (fading). */
export function BarRow({ look, stretches, pxPerMm, label }: Props) {
  const id = useId();
  const most = Math.max(...stretches.map((s) => s.toMm));
  const ink = inkOn(look.base);
  const isDrawn = (kind: Stretch['kind']) => stretches.some((s) => s.kind === kind);
  return (
    <svg
      width={most * pxPerMm + 4}
      height={HEIGHT}
      role="img"
      aria-label={label}
      className="overflow-visible"
    >
      <defs>
        {isDrawn('keep') && (
          <pattern
            id={`${id}k`}
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width="7" height="7" fill={mix(look.base, '#12352f', 0.55)} />
            <path d="M0 0V7" stroke={mix(look.base, '#ffffff', 0.25)} strokeWidth="2.4" />
          </pattern>
        )}
        {isDrawn('unsure') && (
          <linearGradient id={`${id}u`}>
            <stop offset="0" stopColor={look.base} />
            <stop offset="1" stopColor={look.base} stopOpacity="0.1" />
          </linearGradient>
        )}
      </defs>
      {stretches.map((s) => {
        const x = s.fromMm * pxPerMm;
        const width = Math.max(2, (s.toMm - s.fromMm) * pxPerMm);
        const fill = {
          cut: look.base,
          whole: look.base,
          done: 'none',
          keep: `url(#${id}k)`,
          waste: 'none',
          unsure: `url(#${id}u)`,
        }[s.kind];
        const isRoomy = width > 8 * s.label.length;
        return (
          <g key={`${s.kind}${s.fromMm}`}>
            <rect
              x={x}
              y="2"
              width={width}
              height={BAR}
              rx="4"
              fill={fill}
              stroke={
                s.isNext
                  ? '#f0ad24'
                  : s.kind === 'waste' || s.kind === 'done'
                    ? '#e4efeb'
                    : mix(look.base, '#ffffff', 0.35)
              }
              strokeWidth={s.isNext ? 3 : 1}
              strokeDasharray={s.kind === 'done' ? '3 3' : undefined}
            />
            {(s.kind === 'cut' || s.kind === 'whole') && look.accents[0] && (
              <path
                d={
                  look.look === 'striped'
                    ? `M${x + 3} ${2 + BAR / 2}H${x + width - 3}`
                    : `M${x + 6} 8h7M${x + width / 2} 20h7M${x + width - 16} 9h7`
                }
                stroke={look.accents[0]}
                strokeWidth="2.5"
              />
            )}
            {isRoomy && (
              <text
                x={x + width / 2}
                y={2 + BAR / 2 + 5}
                fontSize="13"
                fontWeight="600"
                textAnchor="middle"
                fill={s.kind === 'cut' || s.kind === 'whole' ? ink : '#f2f7f4'}
                stroke={
                  s.kind === 'keep' || look.accents[0] ? (s.kind === 'keep' ? '#12352f' : look.base) : 'none'
                }
                strokeWidth="4"
                paintOrder="stroke"
              >
                {s.label}
              </text>
            )}
            {s.figure && width > FIGURE_PX && (
              <text
                x={x + width / 2}
                y={HEIGHT - 3}
                fontSize="12"
                textAnchor="middle"
                fill="#cfe0d9"
                className="figure"
              >
                {width < SIGN_PX * s.figure.length ? s.figure.replace(/^(\S+) \S+$/, '$1') : s.figure}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
