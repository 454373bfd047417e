import { useEffect, useMemo, useRef, useState } from 'react';
import { outline } from '../../../../core/weave/crossings.ts';
import type { WeaveEdit } from '../../../../core/weave/edit.ts';
import { type Top, topsOf } from '../../../../core/weave/tops.ts';
import type { Role, WeaveSpec } from '../../../../core/weave/types.ts';
import { movedBy } from '../../../ui/arrows.ts';
import { type Frame, frameOf, snapped } from './frame.ts';
import { colourOf, Strands, widthOf } from './Strands.tsx';
import { useNewStrand } from './useNewStrand.ts';

interface Props {
  readonly spec: WeaveSpec;
  /** Strands that something is wrong with, by number. */
  readonly wrong: ReadonlySet<number>;
  readonly onEdit: (edit: WeaveEdit, gesture?: string) => void;
  /** Set while a strand of this role is drawn; called once it is done or given up. */
  readonly drawing: Role | undefined;
  readonly onDrawn: () => void;
}

type Place = readonly [number, number];

/** A pointer must move this far, in pixels, before a press on a strand puts a bend there. */
const DRAG_PX = 4;
const STEP = { arrow: 0.5, fine: 0.1 };

/**
 * One period of a weave to draw in: bends are dragged, a press on a strand puts one in, a click on a crossing changes who
 * lies on top. Everything can be reached by keyboard, too. The frame stays while something is dragged.
 */
export function WeaveGrid({ spec, wrong, onEdit, drawing, onDrawn }: Props) {
  const fresh = useMemo(() => frameOf(spec), [spec]);
  const [held, setHeld] = useState<Frame>();
  const frame = held ?? fresh;
  const tops = useMemo(() => {
    const found = topsOf(spec);
    return found.ok ? found.value : [];
  }, [spec]);
  const svg = useRef<SVGSVGElement>(null);
  const placeOf = (e: { clientX: number; clientY: number }): Place => {
    const box = svg.current!.getBoundingClientRect();
    return frame.place(e.clientX - box.left, e.clientY - box.top);
  };
  const fresher = useNewStrand(drawing, (path) => {
    if (path.length > 0 && drawing) onEdit({ kind: 'add-strand', role: drawing, path });
    onDrawn();
  });
  // Who draws by keyboard goes on with the arrows at once.
  useEffect(() => {
    if (drawing) svg.current?.focus();
  }, [drawing]);
  /** Follows the pointer until it is let go. Every place is told as one change of the weave as it was when it was pressed. */
  const drag = (e: React.PointerEvent, editAt: (at: Place) => WeaveEdit) => {
    const from = [e.clientX, e.clientY] as const;
    const gesture = `drag ${e.timeStamp}`;
    let isMoving = false;
    setHeld(frame);
    const move = (next: PointerEvent) => {
      if (!isMoving && Math.hypot(next.clientX - from[0], next.clientY - from[1]) < DRAG_PX) return;
      isMoving = true;
      onEdit(editAt(snapped(placeOf(next))), gesture);
    };
    const end = () => {
      window.removeEventListener('pointermove', move);
      setHeld(undefined);
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', end, { once: true });
    window.addEventListener('pointercancel', end, { once: true });
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a picture with things to press in it
    <svg
      ref={svg}
      width={frame.widthPx}
      height={frame.heightPx}
      role="group"
      aria-label="The weave, drawn"
      aria-describedby={drawing ? 'drawing-keys' : undefined}
      className="on-mat block touch-none select-none rounded-lg bg-mat-deep"
      tabIndex={drawing ? 0 : -1}
      onPointerDown={(e) => drawing && fresher.add(snapped(placeOf(e)))}
      onPointerMove={(e) => drawing && fresher.point(snapped(placeOf(e)))}
      onKeyDown={(e) => drawing && fresher.onKey(e)}
    >
      <Grid frame={frame} period={spec.kind === 'weave' ? spec.period : undefined} />
      <Strands spec={spec} tops={tops} frame={frame} wrong={wrong} />
      {!drawing && (
        <>
          {spec.strands.map((s, i) =>
            outline(s, spec)
              .slice(0, -1)
              .map(([x, y], k) => {
                const [x2, y2] = outline(s, spec)[k + 1]!;
                return (
                  <line
                    // biome-ignore lint/suspicious/noArrayIndexKey: stretches are told apart by their number
                    key={`${s.name} ${k}`}
                    x1={frame.x(x)}
                    y1={frame.y(y)}
                    x2={frame.x(x2)}
                    y2={frame.y(y2)}
                    stroke="transparent"
                    strokeWidth={Math.max(12, widthOf(s, frame))}
                    className="cursor-copy"
                    onPointerDown={(e) => drag(e, (at) => ({ kind: 'insert', strand: i, after: k, at }))}
                  />
                );
              }),
          )}
          {tops.map((top, i) => {
            const [over, under] = top.isAOver ? [top.a, top.b] : [top.b, top.a];
            const [a, b] = [spec.strands[over]!.name, spec.strands[under]!.name];
            return (
              // biome-ignore lint/a11y/useSemanticElements: there is no button in SVG
              <circle
                // biome-ignore lint/suspicious/noArrayIndexKey: crossings are told apart by their number
                key={i}
                cx={frame.x(top.x)}
                cy={frame.y(top.y)}
                r={reachOf(tops, i) * frame.scale}
                role="button"
                tabIndex={0}
                aria-label={`${a} over ${b}, at ${top.x.toFixed(1)}, ${top.y.toFixed(1)}: put ${b} on top`}
                className="cursor-pointer fill-transparent hover:stroke-white/80 hover:stroke-2"
                onClick={() => onEdit({ kind: 'turn-over', crossing: i })}
                onKeyDown={(e) => {
                  if (e.key !== 'Enter' && e.key !== ' ') return;
                  e.preventDefault();
                  onEdit({ kind: 'turn-over', crossing: i });
                }}
              />
            );
          })}
          {spec.strands.map((s, i) =>
            s.path.map(([x, y], k) => (
              // biome-ignore lint/a11y/useSemanticElements: there is no button in SVG
              <circle
                // biome-ignore lint/suspicious/noArrayIndexKey: bends are told apart by their number
                key={`${s.name} ${k}`}
                cx={frame.x(x)}
                cy={frame.y(y)}
                r={6}
                fill="#fff"
                stroke={colourOf(spec, i)}
                strokeWidth={3}
                role="button"
                tabIndex={0}
                aria-label={`${s.name}, bend ${k + 1} at ${x}, ${y}: arrows move it, + adds one, Delete removes it`}
                className="cursor-grab"
                onPointerDown={(e) => drag(e, (to) => ({ kind: 'move', strand: i, point: k, to }))}
                onKeyDown={(e) => onBendKey(e, { strand: i, point: k, at: [x, y] }, spec, onEdit)}
              />
            )),
          )}
        </>
      )}
      {drawing && <NewStrand frame={frame} spec={spec} path={fresher.path} next={fresher.next} />}
    </svg>
  );
}

/** How large a crossing is to the pointer, in diameters: never over the next one’s middle. */
function reachOf(tops: readonly Top[], index: number): number {
  const { x, y } = tops[index]!;
  const nearest = tops.reduce(
    (least, other, i) => (i === index ? least : Math.min(least, Math.hypot(other.x - x, other.y - y))),
    1,
  );
  return Math.max(0.16, Math.min(0.4, nearest / 2));
}

interface Bend {
  readonly strand: number;
  readonly point: number;
  readonly at: Place;
}

function onBendKey(
  e: React.KeyboardEvent,
  { strand, point, at: [x, y] }: Bend,
  spec: WeaveSpec,
  onEdit: Props['onEdit'],
): void {
  const to = movedBy(e.key, [x, y], e.shiftKey ? STEP.fine : STEP.arrow);
  const { path } = spec.strands[strand]!;
  if (to) {
    onEdit({ kind: 'move', strand, point, to }, `keys ${strand} ${point}`);
  } else if (e.key === 'Delete' || e.key === 'Backspace') {
    if (path.length > 1) onEdit({ kind: 'remove-point', strand, point });
  } else if (e.key === '+' || e.key === 'Insert') {
    const [nx, ny] = outline(spec.strands[strand]!, spec)[point + 1] ?? [x, y + 1];
    onEdit({ kind: 'insert', strand, after: point, at: [(x + nx) / 2, (y + ny) / 2] });
  } else return;
  e.preventDefault();
}

/** Half diameters fine, whole ones stronger; the period between two amber lines. */
function Grid({ frame, period }: { readonly frame: Frame; readonly period: number | undefined }) {
  const whole = (from: number, to: number) =>
    Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);
  return (
    <g stroke="#2b6257" strokeWidth={1} pointerEvents="none">
      {whole(frame.leastX, frame.mostX).map((x) => (
        <line key={`x${x}`} x1={frame.x(x)} x2={frame.x(x)} y1={0} y2={frame.heightPx} />
      ))}
      {whole(frame.leastY, frame.mostY).map((y) => (
        <line key={`y${y}`} y1={frame.y(y)} y2={frame.y(y)} x1={0} x2={frame.widthPx} />
      ))}
      {period !== undefined &&
        [0, period].map((y) => (
          <line
            key={`period ${y}`}
            y1={frame.y(y)}
            y2={frame.y(y)}
            x1={0}
            x2={frame.widthPx}
            stroke="#e3a31b"
            strokeDasharray="8 5"
          />
        ))}
    </g>
  );
}

/** The strand that is being drawn: what has been clicked, the way to the pointer, and how it goes on into the next period. */
function NewStrand({
  frame,
  spec,
  path,
  next,
}: {
  readonly frame: Frame;
  readonly spec: WeaveSpec;
  readonly path: readonly Place[];
  readonly next: Place;
}) {
  const all = [...path, next];
  const [first, last] = [all[0]!, all.at(-1)!];
  const end: Place =
    spec.kind === 'weave' ? [first[0], first[1] + spec.period] : spec.kind === 'knot' ? first : last;
  return (
    <g fill="none" stroke="#fff" strokeWidth={4} strokeLinejoin="round" pointerEvents="none">
      <path d={all.map(([x, y], i) => `${i ? 'L' : 'M'}${frame.x(x)} ${frame.y(y)}`).join('')} />
      <path
        d={`M${frame.x(last[0])} ${frame.y(last[1])}L${frame.x(end[0])} ${frame.y(end[1])}`}
        strokeDasharray="3 7"
        opacity={0.8}
      />
      <circle cx={frame.x(next[0])} cy={frame.y(next[1])} r={7} fill="#e3a31b" />
    </g>
  );
}
