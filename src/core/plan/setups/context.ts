import type { StrandUsage, WeaveMetrics } from '../../usage/metrics.ts';
import type { Resolved } from '../resolved.ts';
import type { BandMark, CordCut } from '../types.ts';

export interface SetupContext {
  readonly r: Resolved;
  readonly m: WeaveMetrics;
  readonly wovenMm: number;
  /** From the first bar to the first row: the hitch lies there. */
  readonly standoffMm: number;
  readonly rows: number;
}

export interface SetUp {
  readonly cords: readonly CordCut[];
  readonly marks: readonly BandMark[];
}

/** One passage of a strand along the band; a strand of k periods passes k times abreast. */
export interface Lane extends StrandUsage {
  readonly lane: number;
}

/** Where the weave ends, from the first bar. */
export const endOf = (c: SetupContext): number => c.standoffMm + c.wovenMm;

export const lanesOf = (m: WeaveMetrics, role: 'core' | 'work'): Lane[] =>
  m.strands
    .filter((s) => (s.role === 'core') === (role === 'core'))
    .flatMap((s) => Array.from({ length: s.lanes }, (_, lane) => ({ ...s, lane })));

/** Things side by side in twos, the last alone when odd. */
export function inPairs<T>(list: readonly T[]): T[][] {
  const out: T[][] = [];
  for (let i = 0; i < list.length; i += 2) out.push(list.slice(i, i + 2));
  return out;
}
