import { memo } from 'react';
import { PER_MM, type Shape } from '../../core/drawing/shape.ts';

/** Painted cords and hardware. While a strand is pointed at, the others step back. */
export const Shapes = memo(function Shapes({
  shapes,
  lit,
}: {
  readonly shapes: readonly Shape[];
  readonly lit?: string | undefined;
}) {
  return shapes.map((s, i) => (
    <path
      // biome-ignore lint/suspicious/noArrayIndexKey: shapes are painted in order and have no identity
      key={i}
      d={s.d}
      fill={s.fill ?? 'none'}
      stroke={s.stroke}
      strokeWidth={s.width && s.width * PER_MM}
      transform={s.shift && `translate(${s.shift[0] * PER_MM} ${s.shift[1] * PER_MM})`}
      strokeLinecap={s.cap}
      strokeLinejoin="round"
      fillRule={s.rule}
      {...seeThrough(s, lit && s.strand && s.strand !== lit ? 0.22 : s.opacity)}
      data-strand={s.strand}
      data-cord={s.cord}
    />
  ));
});

/** How much of what lies below is seen. Said of the stroke alone, where there is nothing else, it needs no layer of its own. */
function seeThrough({ fill, stroke }: Shape, opacity: number | undefined) {
  if (opacity === undefined) return {};
  if (fill && stroke) return { opacity };
  return fill ? { fillOpacity: opacity } : { strokeOpacity: opacity };
}
