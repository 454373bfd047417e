import { useMemo } from 'react';
import { crossingPlace } from '../../../core/rings/drawing/map.ts';
import type { RingPlan } from '../../../core/rings/planned.ts';

interface CrossingsProps {
  readonly plan: RingPlan;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly onAsk: (at: { row: number; column: number }) => void;
  readonly addedFrom: number | undefined;
  readonly laid: number;
}

/** Every crossing can be pressed: it says who meets whom there, and when. */
export function Crossings({ plan, x, y, onAsk, addedFrom, laid }: CrossingsProps) {
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
