import { useRef } from 'react';
import { findColour, PALETTE } from '../../../core/colour/palette.ts';
import { isOdd } from '../../../core/log/filter.ts';
import { useWidth } from '../../ui/useWidth.ts';
import type { LogView } from './useLog.ts';

const TOP = 120;
const GAP = 30;
const BARS = 150;
const LEFT = 120;
/** Pieces that are shown at most: the newest. */
const MOST = 20;

/**
 * One picture, the newest piece to the right: above, the hand's factor as it settles, with its narrowing band; below, the cord of every end to one scale: used, left over, and what
 * was calculated.
 */
export function SettlingPicture({ view }: { readonly view: LogView }) {
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame);
  const evidence = (view.log?.evidence ?? []).toSorted((a, b) => a.at - b.at).slice(-MOST);
  const pieces = evidence.flatMap((e) => {
    const taught = view.taught.get(e.id);
    const make = view.makes.find((m) => m.id === e.id);
    return taught && make ? [{ e, taught, make }] : [];
  });
  if (pieces.length === 0) return null;
  const step = Math.max(34, (width - LEFT - 40) / pieces.length);
  const x = (i: number) => LEFT + step * (i + 0.5);
  const most = Math.max(0.08, ...pieces.map(({ taught }) => Math.abs(taught.maker.s) + 2 * taught.maker.sd));
  const y = (s: number) => 14 + (TOP - 28) * (0.5 - s / (2 * most));
  const longest = Math.max(
    ...pieces.flatMap(({ e }) => e.ends.map((end) => (end.usedMm ?? 0) + (end.leftMm ?? 0))),
    1000,
  );
  const tall = (mm: number) => (mm / longest) * BARS;
  const path = (sign: -1 | 0 | 1) =>
    pieces
      .map(({ taught: t }, i) => `${i === 0 ? 'M' : 'L'}${x(i)} ${y(t.maker.s + sign * 2 * t.maker.sd)}`)
      .join('');
  const back = pieces
    .map(({ taught: t }, i) => `L${x(i)} ${y(t.maker.s - 2 * t.maker.sd)}`)
    .toReversed()
    .join('');
  const beam = TOP + GAP;
  return (
    <section
      aria-label="How your hand settles"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a picture that scrolls must be reached by keyboard
      tabIndex={0}
      className="on-mat overflow-x-auto rounded-xl bg-mat text-white"
      ref={frame}
    >
      <svg
        width={Math.max(width, LEFT + step * pieces.length + 20)}
        height={beam + BARS + 24}
        role="img"
        aria-label={`Factor on cord after each of ${pieces.length} pieces: ${pieces.map((p) => `${(100 * (Math.exp(p.taught.maker.s) - 1)).toFixed(1)} %`).join(', ')}`}
      >
        {[-1, -0.5, 0, 0.5, 1].map((share) => (
          <g key={share}>
            <path
              d={`M${LEFT} ${y(share * most)}H${LEFT + step * pieces.length}`}
              stroke="#2b6257"
              strokeWidth={share === 0 ? 2 : 1}
            />
            <text
              x={LEFT - 8}
              y={y(share * most) + 4}
              fontSize="12"
              textAnchor="end"
              fill="#e4efeb"
              className="figure"
            >
              {share === 0
                ? 'as calculated'
                : `${share > 0 ? '+' : '−'}${Math.round(100 * Math.abs(share) * most)} %`}
            </text>
          </g>
        ))}
        <path d={`${path(1)}${back}Z`} fill="#ffffff" opacity="0.16" />
        <path d={path(0)} fill="none" stroke="#ffffff" strokeWidth="2.5" />
        {pieces.map(({ taught: t, make }, i) => (
          <circle
            key={make.id}
            cx={x(i)}
            cy={y(t.maker.s)}
            r="5"
            fill="#ffffff"
            stroke="#12352f"
            strokeWidth="1.5"
          >
            <title>{make.name}</title>
          </circle>
        ))}
        <path d={`M${LEFT} ${beam}H${LEFT + step * pieces.length}`} stroke="#e4efeb" strokeWidth="3" />
        {pieces.map(({ e, make, taught }, i) => {
          const odd = taught.scores.some(isOdd) && !view.leftOut.has(make.id);
          const wide = Math.min(16, (step - 10) / Math.max(2, e.ends.length));
          return (
            <g key={make.id}>
              {view.asked?.id === make.id && odd && (
                <rect
                  x={x(i) - step / 2 + 2}
                  y={4}
                  width={step - 4}
                  height={beam + BARS + 14}
                  fill="none"
                  stroke="#f0ad24"
                  strokeWidth="2.5"
                  rx="6"
                />
              )}
              {e.ends.map((end, k) => {
                if (end.usedMm === undefined) return null;
                const at = x(i) + (k - (e.ends.length - 1) / 2) * (wide + 3) - wide / 2;
                const used = tall(end.usedMm);
                const leftover = tall(end.leftMm ?? 0);
                const calculated = tall(end.perMm * (e.rows ?? 0) * e.rowMm);
                const colour = findColour(end.colour ?? '') ?? PALETTE[0]!;
                return (
                  // biome-ignore lint/suspicious/noArrayIndexKey: ends are told apart by their place
                  <g key={k}>
                    <rect
                      x={at}
                      y={beam}
                      width={wide}
                      height={used}
                      fill={colour.base}
                      stroke="#e4efeb"
                      strokeWidth="0.8"
                    />
                    <rect
                      x={at}
                      y={beam + used}
                      width={wide}
                      height={leftover}
                      fill="none"
                      stroke="#e4efeb"
                      strokeWidth="1"
                    />
                    <path
                      d={`M${at - 2} ${beam + calculated}h${wide + 4}`}
                      stroke="#fdf0cf"
                      strokeWidth="2"
                    />
                  </g>
                );
              })}
            </g>
          );
        })}
      </svg>
      <p className="px-4 pb-3 text-[14px] text-white/85">
        Above: your factor after each piece, with the range that holds it nineteen times in twenty. Below, to
        one scale: cord that each end used (solid), left over (hollow), and what was calculated (light tick).
      </p>
    </section>
  );
}
