import { memo } from 'react';
import type { UnitSystem } from '../../core/units/index.ts';

interface Props {
  readonly width: number;
  readonly height: number;
  readonly units: UnitSystem;
  /** Pixels per mm, and the pixel at which the ruler starts. */
  readonly scale: number;
  readonly zero: number;
  readonly rulerPx: number;
}

/** Ticks of the ruler per unit: every mm to the cm, or every eighth to the inch. */
const RULES = {
  metric: { labelMm: 10, ticks: 10, gridMm: 10, name: 'cm' },
  imperial: { labelMm: 25.4, ticks: 8, gridMm: 12.7, name: 'in' },
} as const;

/** The cutting mat: a measured grid and a ruler that starts where the closed length starts. */
export const Mat = memo(function Mat({ width, height, units, scale, zero, rulerPx }: Props) {
  const rule = RULES[units];
  const grid = rule.gridMm * scale;
  const offset = ((zero % grid) + grid) % grid;
  const columns = Array.from({ length: Math.ceil(width / grid) + 1 }, (_, i) => offset + i * grid);
  const lines = Array.from({ length: Math.ceil((height - rulerPx) / grid) }, (_, i) => rulerPx + i * grid);
  const step = (rule.labelMm / rule.ticks) * scale;
  const count = Math.floor((width - zero - 8) / step);
  let ticks = '';
  for (let i = 0; i <= count; i++) {
    if (step < 2.5 && (2 * i) % rule.ticks !== 0) continue;
    const size = i % rule.ticks === 0 ? 12 : (2 * i) % rule.ticks === 0 ? 9 : 5;
    ticks += `M${(zero + i * step).toFixed(1)} 0v${size}`;
  }
  const every = rule.labelMm * scale < 30 ? 5 : 1;
  const labels = Array.from({ length: Math.floor(count / rule.ticks / every) + 1 }, (_, i) => i * every);
  // The unit stands at the first label that has room for it.
  const isTight = every === 1 && rule.labelMm * scale < 46;
  return (
    <g data-testid={`ruler-${rule.name}`}>
      <path
        d={
          columns.map((x) => `M${x.toFixed(1)} ${rulerPx}V${height}`).join('') +
          lines.map((y) => `M0 ${y.toFixed(1)}H${width}`).join('')
        }
        stroke="#2b6257"
        strokeWidth="1"
      />
      <rect width={width} height={rulerPx} fill="#143730" />
      <path d={ticks} stroke="#c9ddd6" strokeWidth="1" />
      {labels.map((i) => (
        <text
          key={i}
          x={zero + i * rule.ticks * step + 3}
          y={22}
          fontSize="12"
          fill="#e4efeb"
          className="figure"
        >
          {i === (isTight ? every : 0) ? `${i} ${rule.name}` : i}
        </text>
      ))}
    </g>
  );
});
