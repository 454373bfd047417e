import type { Estimate } from '../chance/normal.ts';
import type { Evidence, Group } from './evidence.ts';
import { keysOf } from './evidence.ts';
import type { Learned } from './filter.ts';
import { blockOf, DRIFT, TERMS } from './prior.ts';
import { AT, placeKey, scaleOf } from './state.ts';

/** What the log says of the next piece of a kind: factors on cord per length and row height (log scale), without the piece's own. */
export interface Forecast {
  readonly s: number;
  readonly h: number;
  /** Variances of both and their covariance, with the common scale in them. */
  readonly varS: number;
  readonly varH: number;
  readonly covSH: number;
  /** Half of what the first of two ends uses more than the second (log scale). */
  readonly ends: number;
  /** Its variance, with the common scale in it; missing in pieces that were begun when both ends were still cut alike. */
  readonly varEnds?: number | undefined;
  /** How much more cord per length is used at the end of a piece than at its start, where pieces were measured on the way. */
  readonly tiring?: Estimate;
  /** φ̂, and its degrees of freedom. */
  readonly scale: number;
  readonly nu: number;
  /** Pieces that it comes from: all, of the weave, of its family. */
  readonly pieces: { readonly all: number; readonly ofWeave: number; readonly ofFamily: number };
}

/** The forecast for a weave and cord. What the log has not seen adds what was thought of it before; cord of no known lot counts as a new lot. */
export function forecast(
  { state, of }: Learned,
  about: Pick<Evidence, Group>,
): Forecast & { readonly varEnds: number } {
  const { x, P, size, places } = state;
  const s: number[] = [AT.makerS];
  const h: number[] = [AT.makerH];
  let extra = blockOf(DRIFT);
  const add = (block: readonly [number, number, number]) => {
    extra = [extra[0] + block[0], extra[1] + block[1], extra[2] + block[2]];
  };
  for (const [group, key] of keysOf(about)) {
    const place = places.get(placeKey(group, key));
    if (place === undefined) add(blockOf(TERMS[group]));
    else {
      s.push(place);
      h.push(place + 1);
    }
  }
  if (about.batch === undefined) add(blockOf(TERMS.batch));
  const sumOf = (list: readonly number[]) => list.reduce((sum, i) => sum + x[i]!, 0);
  const spread = (a: readonly number[], b: readonly number[]) =>
    a.reduce((sum, i) => sum + b.reduce((inner, j) => inner + P[i * size + j]!, 0), 0);
  const scale = scaleOf(state);
  return {
    s: sumOf(s),
    h: sumOf(h),
    varS: scale * (spread(s, s) + extra[0]),
    covSH: scale * (spread(s, h) + extra[1]),
    varH: scale * (spread(h, h) + extra[2]),
    ends: x[AT.ends]!,
    varEnds: scale * P[AT.ends * size + AT.ends]!,
    scale,
    nu: state.nu,
    pieces: {
      all: of.length,
      ofWeave: of.filter((o) => o.weave === about.weave).length,
      ofFamily: of.filter((o) => o.family === about.family).length,
    },
  };
}
