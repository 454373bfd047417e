import type { WeaveSpec } from '../../weave/types.ts';
import { type Frame, movesOf, type Side } from './moves.ts';

/** Where a maker starts, and the hand that leads. */
interface Variant {
  /** Side from which the first row's first end comes, as the maker sees it. */
  readonly start: Side;
  readonly hand: Side;
}

/**
 * How the diagram is turned for a maker: a left hand ties the mirror image; the wanted start is found by beginning with
 * another row where there is one from that side, and by mirroring where there is not.
 */
export function frameFor(spec: WeaveSpec, variant: Variant, tiedIn?: readonly (readonly string[])[]): Frame {
  const hand = variant.hand === 'left';
  for (const isMirrored of [hand, !hand]) {
    for (let offset = 0; offset < spec.rows; offset++) {
      const tying = movesOf(spec, { isMirrored, offset }, tiedIn);
      if (!tying || tying.row(0).from === variant.start) return { isMirrored, offset };
    }
  }
  return { isMirrored: hand, offset: 0 };
}
