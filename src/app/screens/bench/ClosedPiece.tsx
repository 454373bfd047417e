import { useMemo } from 'react';
import { closedScene } from '../../../core/drawing/closed.ts';
import type { Pictures } from '../../../core/drawing/pictures.ts';
import { PER_MM } from '../../../core/drawing/shape.ts';
import { FINGER_MM } from '../../../core/fit/fingers.ts';
import { findProduct } from '../../../core/fit/products.ts';
import { Mat } from '../../ui/Mat.tsx';
import { Shapes } from '../../ui/Shapes.tsx';
import { useLength, useUnits } from '../../ui/units.tsx';
import type { PlanView } from './BenchContext.tsx';

const HEIGHT_PX = 400;
const RULER_PX = 26;
const BAR_PX = 22;

interface Props {
  readonly pictures: Pictures;
  readonly shown: PlanView;
  readonly width: number;
}

/** The piece closed round the body, to scale, and beside it how far it closes and opens against what it goes round and over. */
export default function ClosedPiece({ pictures, shown, width }: Props) {
  const scene = useMemo(() => closedScene(shown.planned, shown.plan, pictures), [shown, pictures]);
  const show = useLength();
  const units = useUnits();
  const { plan, planned } = shown;
  const isNarrow = width < 760;
  const room = isNarrow ? width - 32 : Math.min(width * 0.46, 620);
  const height = isNarrow ? HEIGHT_PX + 150 : HEIGHT_PX;
  const scale = Math.min((HEIGHT_PX - RULER_PX - 24) / scene.heightMm, room / scene.widthMm);
  const left = isNarrow ? (width - scene.widthMm * scale) / 2 : 60 + (room - scene.widthMm * scale) / 2;
  const x0 = left - scene.minX * scale;
  const y0 = RULER_PX + 12 - scene.minY * scale;
  const girth = planned.wearer.girthMm;
  const name = findProduct(planned.product)?.girth.name ?? 'girth';
  const slack = plan.closed.closedMm - girth;
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`${planned.name}, closed round a ${name} of ${show(girth)}: ${show(slack)} slack`}
      data-scale={scale}
      data-testid="closed-view"
    >
      <Mat
        width={width}
        height={height}
        units={units}
        scale={scale}
        zero={x0 - scene.bodyRadiusMm * scale}
        rulerPx={RULER_PX}
      />
      <g transform={`translate(${x0} ${y0}) scale(${scale / PER_MM})`}>
        <Shapes shapes={scene.shapes} />
      </g>
      <g textAnchor="middle" fill="#3d2a16" fontSize="15">
        <text x={x0} y={y0 - 6}>
          {name} <tspan className="figure">{show(girth)}</tspan>
        </text>
        <text x={x0} y={y0 + 16}>
          slack <tspan className="figure">{show(slack)}</tspan>
        </text>
      </g>
      {isNarrow ? (
        <Facts shown={shown} room={scene.roomMm} x={20} y={HEIGHT_PX - 4} width={width - 40} />
      ) : (
        <Facts
          shown={shown}
          room={scene.roomMm}
          x={width * 0.5 + 40}
          y={RULER_PX + 40}
          width={width * 0.5 - 90}
        />
      )}
    </svg>
  );
}

interface FactsProps {
  readonly shown: PlanView;
  readonly room: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
}

/** Inner girths as bars to one scale: the body, closed, what it must pass over, open. */
function Facts({ shown, room, x, y, width }: FactsProps) {
  const show = useLength();
  const { plan, planned } = shown;
  const { closed } = plan;
  const product = findProduct(planned.product);
  const pass = product?.passes ? plan.measures[product.passes] : undefined;
  const opens = closed.openMm;
  const bars: { name: string; mm: number; fill: string; spread?: readonly [number, number] }[] = [
    { name: product?.girth.name ?? 'girth', mm: planned.wearer.girthMm, fill: '#e9c9a6' },
    { name: 'closed, inside', mm: closed.closedMm, fill: '#fdf0cf' },
    ...(opens !== undefined && pass
      ? [{ name: product!.passes!, mm: pass.mm, fill: '#e9c9a6', spread: pass.range }]
      : []),
    ...(opens === undefined ? [] : [{ name: 'open, inside', mm: opens, fill: '#fdf0cf' }]),
  ];
  const most = Math.max(...bars.map((b) => b.spread?.[1] ?? b.mm));
  const px = (mm: number) => (mm / most) * (width - 90);
  return (
    <g fontSize="15" fill="#fdf0cf">
      {bars.map((b, i) => (
        <g key={b.name} transform={`translate(${x} ${y + i * (BAR_PX + 26)})`}>
          <text y="-5">{b.name}</text>
          <rect width={px(b.mm)} height={BAR_PX - 6} y="2" fill={b.fill} rx="2" />
          {b.spread && b.spread[1] > b.spread[0] && (
            <path
              d={`M${px(b.spread[0])} ${BAR_PX / 2 - 1}H${px(b.spread[1])}M${px(b.spread[0])} 4v12M${px(b.spread[1])} 4v12`}
              stroke="#c5301c"
              strokeWidth="2"
            />
          )}
          <text x={px(Math.max(b.mm, b.spread?.[1] ?? 0)) + 8} y="15" className="figure">
            {show(b.mm)}
          </text>
        </g>
      ))}
      <text x={x} y={y + bars.length * (BAR_PX + 26) + 4}>
        {opens === undefined ? 'Opens flat.' : `It opens by ${show(opens - closed.closedMm)}.`}{' '}
        {closed.dangles
          ? `Closed, ${show(closed.danglesMm, { kind: 'small' })} dangles: ${closed.dangles}.`
          : ''}
      </text>
      <text x={x} y={y + bars.length * (BAR_PX + 26) + 28}>
        {room <= 0.05
          ? 'No room for a finger.'
          : `Room for ${show(room, { kind: 'small' })} under it; a finger takes ${show(FINGER_MM, { kind: 'small' })}.`}
      </text>
    </g>
  );
}
