import { memo } from 'react';
import { PALETTE } from '../../../../core/colour/palette.ts';
import { outline } from '../../../../core/weave/crossings.ts';
import type { Top } from '../../../../core/weave/tops.ts';
import type { StrandSpec, WeaveSpec } from '../../../../core/weave/types.ts';
import type { Frame } from './frame.ts';

const CORE_COLOUR = '#9aa5a1';
/** Colours that are told apart on the mat, in the order in which strands get them. */
const COLOURS = PALETTE.filter((c) => c.look === 'solid' && c.id !== 'graphite').map((c) => c.base);

export const colourOf = (spec: WeaveSpec, strand: number): string =>
  spec.strands[strand]!.role === 'core'
    ? CORE_COLOUR
    : COLOURS[spec.strands.slice(0, strand).filter((s) => s.role !== 'core').length % COLOURS.length]!;

/** Drawn strands are thinner than cord, so that there is room between them. */
const THIN = 0.5;
export const widthOf = (strand: StrandSpec, frame: Frame): number =>
  Math.max(3, 2 * strand.radius * frame.scale * THIN);

interface Props {
  readonly spec: WeaveSpec;
  readonly tops: readonly Top[];
  readonly frame: Frame;
  readonly wrong: ReadonlySet<number>;
}

/** The strands with their neighbours in the periods before and behind, and at every crossing the one on top. */
export const Strands = memo(function Strands({ spec, tops, frame, wrong }: Props) {
  const lines = spec.strands.map((s) => outline(s, spec));
  const path = (points: readonly (readonly [number, number])[], shift: number) =>
    points.map(([x, y], i) => `${i ? 'L' : 'M'}${frame.x(x)} ${frame.y(y + shift)}`).join('');
  const shifts = frame.images.map((m) => ({ m, shift: m * spec.period }));
  return (
    <g fill="none" strokeLinejoin="round" pointerEvents="none">
      {shifts.map(({ m, shift }) =>
        spec.strands.map((s, i) => (
          <path
            key={`${m} ${s.name}`}
            d={path(lines[i]!, shift)}
            stroke={colourOf(spec, i)}
            strokeWidth={widthOf(s, frame)}
            opacity={m === 0 ? 1 : 0.38}
            strokeLinecap="round"
          />
        )),
      )}
      {shifts.map(({ m, shift }) =>
        tops.map((top, i) => (
          <Crossing
            // biome-ignore lint/suspicious/noArrayIndexKey: crossings are told apart by their number
            key={`${m} ${i}`}
            spec={spec}
            top={top}
            lines={lines}
            frame={frame}
            shift={shift}
            isFaint={m !== 0}
          />
        )),
      )}
      {[...wrong].map((i) => (
        <path
          key={`wrong ${i}`}
          d={path(lines[i] ?? [], 0)}
          stroke="#ffb4a3"
          strokeWidth={3}
          strokeDasharray="7 5"
        />
      ))}
    </g>
  );
});

/** The strand on top once more over the other one, with the gap that the other one then seems to have. */
function Crossing({
  spec,
  top,
  lines,
  frame,
  shift,
  isFaint,
}: {
  readonly spec: WeaveSpec;
  readonly top: Top;
  readonly lines: readonly (readonly (readonly [number, number])[])[];
  readonly frame: Frame;
  readonly shift: number;
  readonly isFaint: boolean;
}) {
  const [strand, at] = top.isAOver ? [top.a, top.atA] : [top.b, top.atB];
  const other = spec.strands[top.isAOver ? top.b : top.a]!;
  const line = lines[strand]!;
  const [p, q] = [line[Math.floor(at)]!, line[Math.floor(at) + 1]!];
  const length = Math.hypot(q[0] - p[0], q[1] - p[1]) || 1;
  const under = top.isAOver ? [top.b, top.atB] : [top.a, top.atA];
  const below = lines[under[0]!]!;
  const [r, t] = [below[Math.floor(under[1]!)]!, below[Math.floor(under[1]!) + 1]!];
  const sine =
    Math.abs((q[0] - p[0]) * (t[1] - r[1]) - (q[1] - p[1]) * (t[0] - r[0])) /
    (length * (Math.hypot(t[0] - r[0], t[1] - r[1]) || 1));
  // The flatter they cross, the longer they lie on each other; never beyond the stretch itself.
  const along = at - Math.floor(at);
  const wanted = (widthOf(other, frame) + 6) / frame.scale / 2 / Math.max(0.2, sine);
  const reach = Math.min(wanted, Math.max(0.25, length * Math.min(along, 1 - along)));
  const [ux, uy] = [((q[0] - p[0]) / length) * reach, ((q[1] - p[1]) / length) * reach];
  const [x, y] = [top.x, top.y + shift];
  const d = `M${frame.x(x - ux)} ${frame.y(y - uy)}L${frame.x(x + ux)} ${frame.y(y + uy)}`;
  const width = widthOf(spec.strands[strand]!, frame);
  return (
    <>
      <path d={d} stroke="#143730" strokeWidth={width + 5} />
      <path
        d={d}
        stroke={colourOf(spec, strand)}
        strokeWidth={width}
        opacity={isFaint ? 0.45 : 1}
        strokeLinecap="round"
      />
    </>
  );
}
