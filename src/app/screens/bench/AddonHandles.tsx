import { useRef } from 'react';
import { nearestRow } from '../../../core/plan/addons.ts';
import type { Band } from '../../../core/plan/types.ts';
import { useBench } from './BenchContext.tsx';

interface Props {
  readonly band: Band;
  /** Pixel of a place on the band, and pixels per mm. */
  readonly x: (mm: number) => number;
  readonly scale: number;
  readonly top: number;
  readonly height: number;
}

let gestures = 0;

/** Handles over what is put on along the band: dragged, or moved by the arrow keys, they snap to rows. */
export function AddonHandles({ band, x, scale, top, height }: Props) {
  const { design, dispatch, inStep } = useBench();
  const drag = useRef<{ index: number; fromX: number; fromMm: number; gesture: string } | null>(null);
  const addons = design.addons ?? [];
  const dir = x(1) >= x(0) ? 1 : -1;
  const put = (index: number, row: number, gesture: string) =>
    inStep(() =>
      dispatch(
        { type: 'addons', addons: addons.map((a, i) => (i === index ? { ...a, at: { row } } : a)) },
        gesture,
      ),
    );
  // What the product brings along is moved by its measure.
  return band.addons
    .filter((a) => a.index >= 0)
    .map((a) => {
      const row = nearestRow(a.atMm, band);
      const width = Math.max(18, a.sizeMm * scale);
      return (
        <rect
          role="slider"
          tabIndex={0}
          key={a.index}
          data-testid={`addon-${a.index}`}
          aria-label={`${a.name}, drag along the band`}
          aria-valuemin={1}
          aria-valuemax={band.rows}
          aria-valuenow={row}
          aria-valuetext={`row ${row} of ${band.rows}`}
          x={x(a.atMm) - width / 2}
          y={top}
          width={width}
          height={height}
          rx="4"
          className="cursor-ew-resize touch-none fill-transparent stroke-white/0 hover:stroke-amber focus-visible:stroke-amber"
          strokeWidth="2"
          strokeDasharray="4 3"
          onPointerDown={(e) => {
            e.currentTarget.setPointerCapture(e.pointerId);
            drag.current = {
              index: a.index,
              fromX: e.clientX,
              fromMm: a.atMm,
              gesture: `addon-${++gestures}`,
            };
          }}
          onPointerMove={(e) => {
            const from = drag.current;
            if (from?.index !== a.index) return;
            const mm = from.fromMm + (dir * (e.clientX - from.fromX)) / scale;
            const next = nearestRow(mm, band);
            if (next !== row) put(a.index, next, from.gesture);
          }}
          onPointerUp={() => {
            drag.current = null;
          }}
          onKeyDown={(e) => {
            const step = { ArrowRight: dir, ArrowLeft: -dir }[e.key];
            if (!step) return;
            e.preventDefault();
            const next = row + (band.firstRow === 'start' ? step : -step);
            put(a.index, Math.max(1, Math.min(band.rows, next)), `addon-keys-${a.index}`);
          }}
        />
      );
    });
}
