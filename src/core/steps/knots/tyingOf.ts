import { findPattern } from '../../patterns/index.ts';
import type { WeaveSpec } from '../../weave/types.ts';
import type { Side } from '../rows/moves.ts';
import { type KnotTying, knotStages } from './stages.ts';

/** The same knot as a left hand ties it: its mirror image, over and under as they were. */
export const mirrored = (spec: WeaveSpec): WeaveSpec => ({
  ...spec,
  strands: spec.strands.map((s) => ({ ...s, path: s.path.map(([x, y]) => [x === 0 ? 0 : -x, y] as const) })),
});

/** How a knot of the library is tied, for a hand; nothing for what is no knot of open ends. */
export function tyingOf(id: string, hand: Side): KnotTying | undefined {
  const pattern = findPattern(id);
  const spec = pattern?.draw();
  if (spec?.kind !== 'open') return undefined;
  const tying = knotStages(hand === 'left' ? mirrored(spec) : spec, pattern?.isTiedAsOne);
  return tying.ok ? tying.value : undefined;
}
