import { useMemo } from 'react';
import { type MapAsk, wayParts } from '../../../core/rings/drawing/map.ts';
import type { Lay } from '../../../core/rings/lays.ts';
import type { RingPlan } from '../../../core/rings/planned.ts';
import { meanGirth } from '../../../core/rings/sizes.ts';

/** Amber is what to do next. */
export const AMBER = '#f0ad24';

/** The way of the next half cycle: unbroken where it goes over, dashed where it goes under, an arrow at its bight. */
export function NextWay({ ask, lay, scale, girth }: { ask: MapAsk; lay: Lay; scale: number; girth: number }) {
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

/** What is not done yet of this pass, dotted. */
export function Remaining({
  ask,
  plan,
  laid,
  scale,
}: {
  ask: MapAsk;
  plan: RingPlan;
  laid: number;
  scale: number;
}) {
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
