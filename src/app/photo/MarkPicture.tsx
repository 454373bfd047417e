import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { WEAK_EDGE } from '../../core/photo/corners.ts';
import { leastMarks, type MarkRole, type PhotoKind, roleOf } from '../../core/photo/marking.ts';
import type { Point } from '../../core/photo/types.ts';
import { Loupe } from './Loupe.tsx';
import type { Found, ShownPhoto } from './usePhoto.ts';

interface Props {
  readonly shown: ShownPhoto;
  readonly kind: PhotoKind;
  readonly points: readonly Point[];
  readonly found: Found | undefined;
  readonly onAdd: (p: Point) => void;
  readonly onMove: (index: number, p: Point) => void;
  readonly onRemove: (index: number) => void;
}

const AMBER = '#f0ad24';
/** Arrow keys move a mark by one pixel, with Shift by ten. */
const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const nameOf = (role: MarkRole): string => {
  if (role.is === 'corner') return `Corner ${role.number}`;
  if (role.is === 'end') return `End ${role.end}, ${role.tip === 1 ? 'one edge' : 'other edge'}`;
  return `Along the middle, ${role.number}`;
};

/** The picture with its marks: a press sets the next one, each can be dragged or moved by arrow keys, a loupe shows the picture's own pixels. */
export function MarkPicture({ shown, kind, points, found, onAdd, onMove, onRemove }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [dragged, setDragged] = useState<number>();
  const [hot, setHot] = useState<Point>();
  const { url, width, height } = shown;
  const at = (e: PointerEvent): Point => {
    const m = svg.current!.getScreenCTM()!.inverse();
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(m);
    return [Math.max(0, Math.min(width - 1, p.x)), Math.max(0, Math.min(height - 1, p.y))];
  };
  const onKey = (index: number) => (e: KeyboardEvent) => {
    const by = ARROWS[e.key];
    const p = points[index]!;
    if (by) {
      e.preventDefault();
      const step = e.shiftKey ? 10 : 1;
      const next: Point = [p[0] + step * by[0], p[1] + step * by[1]];
      setHot(next);
      onMove(index, next);
    }
    if (e.key === 'Delete' && index >= leastMarks(kind)) onRemove(index);
  };
  const measured = found && found.kind !== 'failed' ? found.measured : undefined;
  const size = width / 110;
  return (
    <div className="relative touch-none select-none overflow-hidden rounded-lg bg-mat">
      <svg
        ref={svg}
        viewBox={`0 0 ${width} ${height}`}
        className="mx-auto block max-h-[58vh] w-full cursor-crosshair"
        role="application"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: Enter sets a mark, which is then moved by arrow keys
        tabIndex={0}
        aria-label="The picture. Press, or press Enter, to set the next mark."
        data-testid="photo"
        onPointerMove={(e) => {
          const p = at(e);
          setHot(p);
          if (dragged !== undefined) onMove(dragged, p);
        }}
        onPointerUp={() => setDragged(undefined)}
        onPointerLeave={() => setHot(undefined)}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && e.target === e.currentTarget) onAdd([width / 2, height / 2]);
        }}
        onClick={(e) => {
          if (e.target instanceof SVGImageElement) onAdd(at(e as unknown as PointerEvent));
        }}
      >
        <image href={url} width={width} height={height} />
        {measured && (
          <>
            <Lines corners={measured.corners} strengths={measured.strengths} size={size} />
            <path
              d={pathOf(measured.line)}
              fill="none"
              stroke={AMBER}
              strokeWidth={size / 4}
              pointerEvents="none"
            />
          </>
        )}
        {kind === 'band' &&
          [4, 6].map((i) => {
            const [a, b] = [points[i], points[i + 1]];
            return a && b ? (
              <path key={i} d={pathOf([a, b])} stroke="#fff" strokeWidth={size / 3} pointerEvents="none" />
            ) : null;
          })}
        {points.map((p, i) => {
          const role = roleOf(i, kind);
          return (
            // biome-ignore lint/a11y/useSemanticElements: a mark in a drawing can be no button element
            <g
              // biome-ignore lint/suspicious/noArrayIndexKey: a mark is its number
              key={i}
              role="button"
              tabIndex={0}
              aria-label={nameOf(role)}
              aria-description={`${Math.round(p[0])} to the right, ${Math.round(p[1])} down. Arrow keys move it.`}
              transform={`translate(${p[0]} ${p[1]})`}
              className="cursor-move"
              onPointerDown={(e) => {
                (e.currentTarget as Element).setPointerCapture(e.pointerId);
                setDragged(i);
              }}
              onFocus={() => setHot(p)}
              onBlur={() => setHot(undefined)}
              onKeyDown={onKey(i)}
            >
              <circle r={2.4 * size} fill="transparent" />
              <circle r={size} fill="none" stroke="#1b211f" strokeWidth={size / 1.8} />
              <circle
                r={size}
                fill="none"
                stroke={role.is === 'corner' ? '#fff' : AMBER}
                strokeWidth={size / 3.5}
              />
            </g>
          );
        })}
      </svg>
      {hot && <Loupe shown={shown} at={hot} isLeft={hot[0] > width / 2} />}
    </div>
  );
}

const pathOf = (line: readonly Point[]): string =>
  line.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');

/** The sides of the reference as they were found: dashed where the edge is weak. */
function Lines({
  corners,
  strengths,
  size,
}: {
  readonly corners: readonly Point[];
  readonly strengths: readonly number[];
  readonly size: number;
}) {
  return corners.map((p, i) => (
    <path
      // biome-ignore lint/suspicious/noArrayIndexKey: a side is its number
      key={i}
      d={pathOf([p, corners[(i + 1) % corners.length]!])}
      stroke="#fff"
      strokeWidth={size / 5}
      strokeDasharray={(strengths[i] ?? Number.POSITIVE_INFINITY) < WEAK_EDGE ? `${size} ${size}` : undefined}
      pointerEvents="none"
    />
  ));
}
