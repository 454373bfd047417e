import { useEffect, useRef, useState } from 'react';
import type { BandMeasured } from '../../core/photo/measure.ts';
import { NumberField } from '../ui/NumberField.tsx';
import { useLength } from '../ui/units.tsx';

interface Props {
  readonly measured: BandMeasured;
  /** By how much a tape has made the photo larger; 1 without one. */
  readonly scale: number;
  readonly rows: number | undefined;
  readonly onRows: (rows: number | undefined) => void;
}

const PROFILE_PX = 46;

/** The band laid straight with its rows ticked, its width along it, and the count, which can be put right. */
export function FoundBand({ measured, scale, rows, onRows }: Props) {
  const show = useLength();
  const { strip, rows: counted, profileMm } = measured;
  const low = show(scale * measured.widthMm.low, { kind: 'small' });
  const high = show(scale * measured.widthMm.high, { kind: 'small' });
  const canvas = useRef<HTMLCanvasElement>(null);
  const [ticks, setTicks] = useState<readonly number[]>([]);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    context?.putImageData(new ImageData(new Uint8ClampedArray(strip.data), strip.width, strip.height), 0, 0);
    setTicks(counted.kind === 'rows' ? counted.ticks : []);
  }, [strip, counted]);
  const change = (next: readonly number[]) => {
    setTicks(next);
    onRows(next.length);
  };
  const most = Math.max(...profileMm, 1);
  return (
    <div className="flex flex-col gap-2">
      <div className="relative overflow-x-auto">
        <canvas
          ref={canvas}
          width={strip.width}
          height={strip.height}
          className="block w-full rounded"
          role="img"
          aria-label="The piece laid straight"
        />
        {counted.kind === 'rows' && (
          // biome-ignore lint/a11y/useKeyWithClickEvents: the number beside it does the same by keyboard
          <svg
            viewBox={`0 0 1000 ${Math.round((1000 * strip.height) / strip.width)}`}
            className="absolute inset-0 h-full w-full cursor-pointer"
            preserveAspectRatio="none"
            role="img"
            aria-label={`${ticks.length} ticks, one at the end of each row; press one to take it out, or between two to add one`}
            data-testid="ticks"
            onClick={(e) => {
              const box = e.currentTarget.getBoundingClientRect();
              const at = (e.clientX - box.left) / box.width;
              const near = ticks.findIndex((t) => Math.abs(t - at) * box.width < 6);
              if (near >= 0) change(ticks.filter((_, i) => i !== near));
              else change([...ticks, at].toSorted((a, b) => a - b));
            }}
          >
            {ticks.map((t) => (
              <path
                key={t}
                d={`M${1000 * t} 0v1000`}
                stroke="#fff"
                strokeWidth="1.6"
                vectorEffect="non-scaling-stroke"
              />
            ))}
          </svg>
        )}
      </div>
      <svg
        viewBox={`0 0 1000 ${PROFILE_PX}`}
        preserveAspectRatio="none"
        className="h-12 w-full"
        role="img"
        aria-label={`Width along the piece: ${low} to ${high}`}
      >
        <path
          d={`M0 ${PROFILE_PX}${profileMm.map((w, i) => `L${((1000 * i) / (profileMm.length - 1 || 1)).toFixed(1)} ${(PROFILE_PX * (1 - (0.9 * w) / most)).toFixed(1)}`).join('')}L1000 ${PROFILE_PX}Z`}
          className="fill-rule"
        />
      </svg>
      <p className="text-[15px] text-ink-soft">
        Width: mostly {low} to {high}.
      </p>
      {counted.kind === 'none' ? (
        <p className="rounded bg-amber-pale px-3 py-1.5 text-amber-ink">{counted.why}</p>
      ) : (
        <div className="flex flex-wrap items-center gap-3">
          <span className="flex items-center gap-2 font-medium">
            Rows
            <NumberField
              label="Rows in the picture"
              value={rows}
              least={1}
              most={5000}
              onChange={onRows}
              className="w-24"
            />
          </span>
          <span className={counted.isSure ? 'text-good' : 'text-amber-ink'} data-testid="rows-sure">
            {counted.isSure
              ? `counted ${counted.rows}, sure`
              : `not sure: ${counted.ways[0].toFixed(1)} by their rhythm, ${counted.ways[1].toFixed(1)} by single marks. Count them and type the number.`}
          </span>
          <span className="text-[15px] text-ink-soft">
            A wrong tick? Press it to remove it, or press between two to add one.
          </span>
        </div>
      )}
    </div>
  );
}
