import { useEffect, useMemo, useRef, useState } from 'react';
import { PER_MM } from '../../../core/drawing/shape.ts';
import {
  bightPlaces,
  crossingPlace,
  type MapAsk,
  mapScene,
  wayParts,
} from '../../../core/rings/drawing/map.ts';
import type { Lay } from '../../../core/rings/lays.ts';
import type { RingPlan } from '../../../core/rings/planned.ts';
import { meanGirth } from '../../../core/rings/sizes.ts';
import { bightName, gcd } from '../../../core/rings/types.ts';
import { Mat } from '../../ui/Mat.tsx';
import { Shapes } from '../../ui/Shapes.tsx';
import { useLength, useUnits } from '../../ui/units.tsx';
import { useWidth } from '../../ui/useWidth.ts';
import { cordOfLay, looksOf } from './RingContext.tsx';

const RULER_PX = 26;
const LABEL_PX = 38;
const FOOT_PX = 38;
/** Room for the width at the right end, and for nothing at the left one. */
const LEFT_PX = 14;
const RIGHT_PX = 40;
const BEYOND_MM = 9;
const LEAST_SCALE = 4;
const MOST_SCALE = 9;
const AMBER = '#f0ad24';

interface Props {
  readonly plan: RingPlan;
  /** Steps that are laid. */
  readonly laid: number;
  readonly next: Lay | undefined;
  /** Bights and crossings that what is added to a ring in hand brings, in another tint: from this step on. */
  readonly addedFrom?: number | undefined;
}

/** The unrolled ring on the mat, to scale with the ruler: what is laid is solid, the next half cycle glows, the rest is dotted. */
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
  const ask: MapAsk = useMemo(
    () => ({
      ring,
      widthMm,
      lays: plan.lays,
      colours: looksOf(plan),
      cordOf: cordOfLay(plan),
      beyondMm: BEYOND_MM,
    }),
    [plan, ring, widthMm],
  );
  const scene = useMemo(() => mapScene(ask, plan.lays.slice(0, laid)), [ask, plan, laid]);
  const places = useMemo(() => bightPlaces(ask), [ask]);
  const [asked, setAsked] = useState<{ row: number; column: number }>();
  useScrollTo(frame, next ? x((next.column * girth) / (2 * plan.shape.bights)) : undefined, width, picturePx);
  const fromName = next && bightName(next.from);
  const toName = next && bightName(next.to);
  return (
    <section aria-label="The ring unrolled" className="on-mat relative bg-mat text-white">
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
          {whoMeets(plan, asked.row, asked.column)}
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
  const done = `${laid} of ${plan.lays.length} half cycles are laid`;
  return `A ring of ${leads} leads and ${bights} bights, unrolled; ${done}${next ? `, the next one runs from ${bightName(next.from)} to ${bightName(next.to)}` : ''}`;
}

/** The way of the next half cycle: unbroken where it lies over, dashed where it goes under, an arrow at its bight. */
function NextWay({ ask, lay, scale, girth }: { ask: MapAsk; lay: Lay; scale: number; girth: number }) {
  const parts = useMemo(() => wayParts(ask, lay), [ask, lay]);
  const d = ask.ring.d;
  const last = parts.at(-1)!.points;
  const [tip, before] = [last.at(-1)!, last.at(-4) ?? last[0]!];
  const angle = Math.atan2(tip[1] - before[1], tip[0] - before[0]);
  const head = [
    [0, 0],
    [-2 * d, -1.2 * d],
    [-2 * d, 1.2 * d],
  ]
    .map(([u, v]) => [
      tip[0] + u! * Math.cos(angle) - v! * Math.sin(angle),
      tip[1] + u! * Math.sin(angle) + v! * Math.cos(angle),
    ])
    .map((p) => p.join(' '))
    .join('L');
  // A way that runs past the seam shows at the other end, too.
  const shifts = tip[0] > girth ? [0, -girth] : [0];
  return shifts.map((shift) => (
    <g key={shift} transform={`translate(${shift} 0)`} fill="none" stroke={AMBER}>
      <path
        d={lineOf(parts.flatMap((p) => p.points))}
        strokeWidth={d * 1.2}
        opacity="0.5"
        strokeLinecap="round"
      />
      {parts.map((part, i) => (
        <g
          // biome-ignore lint/suspicious/noArrayIndexKey: parts have no identity
          key={i}
          strokeWidth={2.6 / scale}
          strokeDasharray={part.isUnder ? `${4 / scale} ${4 / scale}` : undefined}
        >
          <path d={offsetLine(part.points, d / 2)} />
          <path d={offsetLine(part.points, -d / 2)} />
        </g>
      ))}
      <path d={`M${head}Z`} fill={AMBER} stroke="#1b211f" strokeWidth={1 / scale} />
    </g>
  ));
}

const lineOf = (points: readonly (readonly [number, number])[]): string =>
  `M${points.map(([a, b]) => `${a.toFixed(2)} ${b.toFixed(2)}`).join('L')}`;

/** The same line, moved to its side. */
function offsetLine(points: readonly (readonly [number, number])[], by: number): string {
  return lineOf(
    points.map((p, i) => {
      const [a, b] = [points[Math.max(0, i - 1)]!, points[Math.min(points.length - 1, i + 1)]!];
      const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
      return [p[0] - ((b[1] - a[1]) / length) * by, p[1] + ((b[0] - a[0]) / length) * by] as const;
    }),
  );
}

/** What is not laid yet of this pass, dotted. */
function Remaining({ ask, plan, laid, scale }: { ask: MapAsk; plan: RingPlan; laid: number; scale: number }) {
  const paths = useMemo(() => {
    const pass = plan.lays[laid]?.pass;
    const girth = meanGirth(ask.ring);
    return plan.lays
      .slice(laid + 1)
      .filter((lay) => lay.pass === pass)
      .flatMap((lay) => {
        const points = wayParts(ask, lay).flatMap((p) => p.points);
        const isPast = points.at(-1)![0] > girth;
        const line = lineOf(points);
        return isPast ? [line, lineOf(points.map(([a, b]) => [a - girth, b] as const))] : [line];
      })
      .join('');
  }, [ask, plan, laid]);
  return (
    <path
      d={paths}
      fill="none"
      stroke="#f4ecd2"
      strokeWidth={2 / scale}
      strokeDasharray={`0 ${5 / scale}`}
      strokeLinecap="round"
      opacity="0.75"
    />
  );
}

interface CrossingsProps {
  readonly plan: RingPlan;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly onAsk: (at: { row: number; column: number }) => void;
  readonly addedFrom: number | undefined;
  readonly laid: number;
}

/** Every crossing can be pressed: it says who meets whom there, and when. */
function Crossings({ plan, x, y, onAsk, addedFrom, laid }: CrossingsProps) {
  const { leads, bights } = plan.shape;
  const added = useMemo(
    () =>
      new Set(
        addedFrom === undefined
          ? []
          : plan.lays
              .filter((l) => l.n >= addedFrom && l.n <= laid)
              .flatMap((l) => l.tucks.map((t) => `${t.row},${t.column}`)),
      ),
    [plan, addedFrom, laid],
  );
  return Array.from({ length: leads - 1 }, (_, r) => r + 1).flatMap((row) =>
    Array.from({ length: bights }, (_, i) => 2 * i + (row % 2)).map((column) => {
      const [u, v] = crossingPlace(plan, row, column);
      const isAdded = added.has(`${row},${column}`);
      return (
        <circle
          key={`${row},${column}`}
          cx={x(u)}
          cy={y(v)}
          r={isAdded ? 5 : 9}
          fill={isAdded ? '#9fe0c3' : 'transparent'}
          stroke={isAdded ? '#0c2b25' : undefined}
          className="cursor-help"
          data-crossing={`${row},${column}`}
          onPointerDown={() => onAsk({ row, column })}
        />
      );
    }),
  );
}

/** Who meets whom in a crossing of the grid, in words. */
function whoMeets(plan: RingPlan, row: number, column: number): string {
  const lay = plan.lays.find(
    (l) => l.pass === 1 && l.tucks.some((t) => t.row === row && t.column === column),
  );
  if (!lay) return '';
  const tuck = lay.tucks.find((t) => t.row === row && t.column === column)!;
  const other = plan.lays.find(
    (l) =>
      l.pass === 1 &&
      l.n < lay.n &&
      l.way !== lay.way &&
      (l.way === 'right' ? column - l.column - row : column - l.column - (plan.shape.leads - row)) %
        (2 * plan.shape.bights) ===
        0,
  );
  const name = (l: Lay) => `half cycle ${l.k} (${bightName(l.from)} → ${bightName(l.to)})`;
  const passes =
    plan.ring.passes > 1 ? ` Every pass does the same: ${plan.ring.passes} × ${plan.ring.passes} cords.` : '';
  const same =
    gcd(plan.shape.leads, plan.shape.bights) > 1 && other?.strand === lay.strand
      ? ' Both are the same cord.'
      : '';
  return `Row ${row}: ${name(lay)} goes ${tuck.isOver ? 'over' : 'under'} ${other ? name(other) : 'what is laid'}.${same}${passes}`;
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
