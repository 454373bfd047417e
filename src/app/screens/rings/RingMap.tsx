import { useEffect, useMemo, useRef, useState } from 'react';
import { PER_MM } from '../../../core/drawing/shape.ts';
import { lookOf } from '../../../core/rings/drawing/look.ts';
import { bightPlaces, type MapAsk, mapScene } from '../../../core/rings/drawing/map.ts';
import type { Lay } from '../../../core/rings/lays.ts';
import { mapColumn } from '../../../core/rings/lead.ts';
import type { RingPlan } from '../../../core/rings/planned.ts';
import { meanGirth } from '../../../core/rings/sizes.ts';
import { bightName } from '../../../core/rings/types.ts';
import { meetingText } from '../../../core/rings/words.ts';
import { Mat } from '../../ui/Mat.tsx';
import { Shapes } from '../../ui/Shapes.tsx';
import { useLength, useUnits } from '../../ui/units.tsx';
import { useWidth } from '../../ui/useWidth.ts';
import { Crossings } from './Crossings.tsx';
import { AMBER, NextWay, Remaining } from './RingWays.tsx';

const RULER_PX = 26;
const LABEL_PX = 38;
const FOOT_PX = 38;
/** Room for the width at the right end, and for nothing at the left one. */
const LEFT_PX = 14;
const RIGHT_PX = 40;
const BEYOND_MM = 9;
const LEAST_SCALE = 4;
const MOST_SCALE = 9;

interface Props {
  readonly plan: RingPlan;
  /** Steps done. */
  readonly laid: number;
  readonly next: Lay | undefined;
  /** Bights and crossings that what is added to a ring in hand brings, in another tint: from this step on. */
  readonly addedFrom?: number | undefined;
}

/** The unrolled ring on the mat, to scale with the ruler: what is done is solid, the next half cycle glows, the rest is dotted. */
export function RingMap({ plan, laid, next, addedFrom }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame);
  const units = useUnits();
  const show = useLength();
  const { ring, widthMm } = plan;
  const girth = meanGirth(ring);
  const scale = Math.max(
    LEAST_SCALE,
    Math.min(MOST_SCALE, (width - LEFT_PX - RIGHT_PX) / (girth + 2 * BEYOND_MM)),
  );
  const picturePx = Math.max(width, (girth + 2 * BEYOND_MM) * scale + LEFT_PX + RIGHT_PX);
  const zero = Math.max(LEFT_PX + BEYOND_MM * scale, (picturePx - girth * scale - RIGHT_PX + LEFT_PX) / 2);
  const middle = RULER_PX + LABEL_PX + (widthMm / 2) * scale;
  const height = middle + (widthMm / 2) * scale + FOOT_PX + 22;
  const isLeft = plan.design.hand === 'left';
  const x = (mm: number) => zero + (isLeft ? girth - mm : mm) * scale;
  const y = (mm: number) => middle + mm * scale;
  const ask: MapAsk = useMemo(() => ({ ...lookOf(plan), beyondMm: BEYOND_MM }), [plan]);
  const scene = useMemo(() => mapScene(ask, plan.lays.slice(0, laid)), [ask, plan, laid]);
  const places = useMemo(() => bightPlaces(ask), [ask]);
  const [asked, setAsked] = useState<{ row: number; column: number }>();
  useScrollTo(
    frame,
    next ? x((mapColumn(ring, next.column) * girth) / (2 * plan.shape.bights)) : undefined,
    width,
    picturePx,
  );
  const fromName = next && bightName(next.from);
  const toName = next && bightName(next.to);
  return (
    <section aria-label="The ring unrolled" className="on-mat own-layer relative bg-mat text-white">
      <div className="overflow-x-auto" ref={frame}>
        <svg
          width={picturePx}
          height={height}
          role="img"
          aria-label={labelOf(plan, laid, next)}
          data-testid="ring-map"
          data-laid={laid}
        >
          <Mat width={picturePx} height={height} units={units} scale={scale} zero={zero} rulerPx={RULER_PX} />
          <g transform={isLeft ? `translate(${2 * zero + girth * scale} 0) scale(-1 1)` : undefined}>
            <g transform={`translate(${zero} ${middle}) scale(${scale / PER_MM})`}>
              <Shapes shapes={scene.shapes} />
            </g>
            <g transform={`translate(${zero} ${middle}) scale(${scale})`}>
              <Remaining ask={ask} plan={plan} laid={laid} scale={scale} />
              {next && <NextWay ask={ask} lay={next} scale={scale} girth={girth} />}
            </g>
          </g>
          {[
            [0, zero],
            [zero + girth * scale, picturePx - zero - girth * scale],
          ].map(([from, wide]) => (
            <rect
              key={from}
              x={from}
              y={RULER_PX}
              width={wide}
              height={height - RULER_PX}
              className="fill-mat"
              opacity="0.6"
            />
          ))}
          {[0, girth].map((mm) => (
            <path
              key={mm}
              d={`M${x(mm)} ${RULER_PX + LABEL_PX - 6}V${height - 24}`}
              stroke="#dcebe5"
              strokeDasharray="4 4"
              opacity="0.8"
            />
          ))}
          <Crossings plan={plan} x={x} y={y} onAsk={setAsked} addedFrom={addedFrom} laid={laid} />
          {places.map(({ name, x: mm, y: edge, bight }) => {
            const isNow = name === fromName || name === toName;
            const px = x(mm);
            const py = y(edge) + (bight.edge === 'L' ? -14 : 24);
            return (
              <g key={name}>
                {isNow && <rect x={px - 19} y={py - 15} width="38" height="20" rx="10" fill={AMBER} />}
                <text
                  x={px}
                  y={py}
                  textAnchor="middle"
                  fontSize="13"
                  className="figure"
                  fontWeight={isNow ? 700 : 400}
                  fill={isNow ? '#1b211f' : '#e4efeb'}
                >
                  {name}
                </text>
              </g>
            );
          })}
          <Width x={zero + (girth + BEYOND_MM) * scale + 10} from={y(-widthMm / 2)} to={y(widthMm / 2)}>
            {show(widthMm)}
          </Width>
          <text x={zero} y={height - 10} fontSize="13" fill="#e4efeb">
            mandrel upright, its left end at the top; the cord winds to the {isLeft ? 'left' : 'right'}
          </text>
          <text
            x={zero + girth * scale}
            y={height - 10}
            fontSize="13"
            fill="#e4efeb"
            textAnchor="end"
            className="figure"
          >
            once round {show(girth)} · inside {show(ring.girth)}
          </text>
        </svg>
      </div>
      {asked && (
        <p
          role="status"
          className="absolute right-4 bottom-2 max-w-md rounded-lg bg-card px-3 py-1.5 text-[15px] text-ink shadow-lg"
        >
          {meetingText(plan, asked.row, asked.column)}
          <button type="button" className="ml-3 underline" onClick={() => setAsked(undefined)}>
            Close
          </button>
        </p>
      )}
    </section>
  );
}

function labelOf(plan: RingPlan, laid: number, next: Lay | undefined): string {
  const { leads, bights } = plan.shape;
  const done = `${laid} of ${plan.lays.length} half cycles done`;
  return `A ring of ${leads} leads and ${bights} bights, unrolled; ${done}${next ? `, the next one runs from ${bightName(next.from)} to ${bightName(next.to)}` : ''}`;
}

function Width({ x, from, to, children }: { x: number; from: number; to: number; children: string }) {
  return (
    <g stroke="#e4efeb">
      <path d={`M${x - 5} ${from}h10M${x} ${from}V${to}M${x - 5} ${to}h10`} fill="none" />
      <text
        transform={`translate(${x + 5} ${(from + to) / 2}) rotate(-90)`}
        textAnchor="middle"
        dy="12"
        fontSize="13"
        fill="#e4efeb"
        stroke="none"
        className="figure"
      >
        {children}
      </text>
    </g>
  );
}

/** Keeps the next half cycle in sight where the map is wider than the page. */
function useScrollTo(
  frame: React.RefObject<HTMLDivElement | null>,
  px: number | undefined,
  width: number,
  picturePx: number,
): void {
  useEffect(() => {
    const node = frame.current;
    if (!node || px === undefined || picturePx <= width + 1) return;
    node.scrollTo?.({ left: px - width / 3, behavior: 'auto' });
  }, [frame, px, width, picturePx]);
}
