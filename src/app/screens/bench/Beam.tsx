import { useEffect, useMemo, useRef, useState } from 'react';
import { beamScene, closedSpan } from '../../../core/drawing/beam.ts';
import type { View } from '../../../core/drawing/paint.ts';
import { PER_MM, type Scene } from '../../../core/drawing/shape.ts';
import { useWeave } from '../../state/knowledge.tsx';
import { Shapes } from '../../ui/Shapes.tsx';
import { useLength, useUnits } from '../../ui/units.tsx';
import { type PlanView, useLit, usePlan } from './BenchContext.tsx';
import { Mat } from './Mat.tsx';

const VIEWS: readonly View[] = ['front', 'back', 'edge'];
const RULER_PX = 26;
const MAX_SCALE = 6.5;

interface Props {
  readonly view: View;
  readonly onView: (view: View) => void;
}

/** The piece on the cutting mat, to scale with the ruler: hardware, hitches and every row from the strands in space. */
export function Beam({ view, onView }: Props) {
  const shown = usePlan();
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame);
  const solved = useWeave(shown?.planned.pattern.id);
  const scene = useMemo(
    () => shown && solved && beamScene(shown.planned, shown.plan, solved, view),
    [shown, solved, view],
  );
  return (
    <section aria-label="The Beam" className="on-mat relative bg-mat text-white" ref={frame}>
      {!scene && <div className="h-72" />}
      {scene && shown && <Piece scene={scene} shown={shown} width={width} />}
      <fieldset className="flex gap-1 px-4 pb-2 text-[15px]">
        <legend className="sr-only">Which face is shown</legend>
        {VIEWS.map((v) => (
          <button
            key={v}
            type="button"
            aria-pressed={v === view}
            onClick={() => onView(v)}
            className="rounded px-2.5 py-1 text-white/85 hover:bg-white/10 aria-pressed:bg-white aria-pressed:font-semibold aria-pressed:text-mat-deep"
          >
            {v}
          </button>
        ))}
      </fieldset>
    </section>
  );
}

function Piece({ scene, shown, width }: { scene: Scene; shown: PlanView; width: number }) {
  const { plan, planned } = shown;
  const { lit, setLit } = useLit();
  const show = useLength();
  const units = useUnits();
  const span = closedSpan(planned, plan);
  const scale = Math.min(MAX_SCALE, (width - 48) / scene.widthMm);
  const pieceTop = RULER_PX + 52;
  const pieceHeight = scene.heightMm * scale;
  const isNarrow = width < 760;
  const height = pieceTop + pieceHeight + (isNarrow ? 72 : 50);
  const left = (width - scene.widthMm * scale) / 2;
  const x = (mm: number) => left + (mm - scene.minX) * scale;
  const middle = pieceTop + pieceHeight / 2;
  const end = plan.standoffMm + plan.wovenLengthMm;
  const part = lit?.part === undefined ? undefined : plan.cords[lit.cord]?.parts[lit.part];
  const title = `${planned.name}: ${plan.rows} rows, ${show(plan.finishedLengthMm)} closed`;
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={title}
      data-scale={scale}
      onPointerOver={(e) => {
        const { strand, cord } = (e.target as SVGElement).dataset;
        setLit(strand ? { strand, cord: Number(cord ?? 0) } : undefined);
      }}
      onPointerLeave={() => setLit(undefined)}
    >
      <Mat
        width={width}
        height={height}
        units={units}
        scale={scale}
        zero={x(span.fromMm)}
        rulerPx={RULER_PX}
      />
      <Dimension
        from={x(span.fromMm)}
        to={x(span.toMm)}
        y={RULER_PX + 26}
        text={`closed ${show(plan.finishedLengthMm)}`}
        testId="dim-closed"
      />
      <g transform={`translate(${x(0)} ${middle}) scale(${scale / PER_MM})`}>
        <Shapes shapes={scene.shapes} lit={lit?.strand} />
      </g>
      <Dimension
        from={x(plan.standoffMm)}
        to={x(end)}
        y={pieceTop + pieceHeight + 18}
        text={`woven ${show(plan.wovenLengthMm)} · ${plan.rows} rows`}
        testId="dim-woven"
      />
      <text x={x(end)} y={pieceTop + pieceHeight + 42} textAnchor="end" fill="#fdf0cf" fontSize="14">
        row 1 starts here ↑
      </text>
      {plan.marks.map((mark) => (
        <Mark
          key={mark.label}
          x={x(mark.atMm)}
          top={pieceTop}
          bottom={pieceTop + pieceHeight + (isNarrow ? 52 : 30)}
          label={mark.label}
        />
      ))}
      {part?.fromMm !== undefined && part.toMm !== undefined && (
        <rect
          x={x(part.fromMm) - 3}
          width={Math.max(8, (part.toMm - part.fromMm) * scale + 6)}
          y={pieceTop}
          height={pieceHeight}
          rx="5"
          fill="none"
          stroke="#e3a31b"
          strokeWidth="3"
          data-testid="lit-stretch"
        />
      )}
    </svg>
  );
}

/** A mark on the band: a dashed line across it with its words underneath. */
function Mark({ x, top, bottom, label }: { x: number; top: number; bottom: number; label: string }) {
  return (
    <g>
      <path d={`M${x} ${top}V${bottom}`} stroke="#fdf0cf" strokeDasharray="5 4" strokeOpacity="0.85" />
      <text x={x + 5} y={bottom + 12} fill="#fdf0cf" fontSize="14">
        {label}
      </text>
    </g>
  );
}

function Dimension({
  from,
  to,
  y,
  text,
  testId,
}: {
  from: number;
  to: number;
  y: number;
  text: string;
  testId: string;
}) {
  const half = text.length * 4.6 + 10;
  const middle = (from + to) / 2;
  return (
    <g>
      <path
        d={`M${from} ${y - 6}v12M${to} ${y - 6}v12M${from} ${y}H${middle - half}M${middle + half} ${y}H${to}`}
        stroke="#e3a31b"
        strokeWidth="1.5"
        fill="none"
      />
      <text
        x={middle}
        y={y + 5}
        textAnchor="middle"
        fill="#fdf0cf"
        fontSize="15"
        className="figure"
        data-testid={testId}
      >
        {text}
      </text>
    </g>
  );
}

function useWidth(ref: React.RefObject<HTMLElement | null>): number {
  const [width, setWidth] = useState(1280);
  useEffect(() => {
    const node = ref.current;
    if (!node) return;
    const observer = new ResizeObserver(() => setWidth(Math.max(320, node.clientWidth)));
    observer.observe(node);
    return () => observer.disconnect();
  }, [ref]);
  return width;
}
