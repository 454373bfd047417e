import type { LeftMeasured, WovenMeasured } from '../../../core/steps/reach/learn.ts';
import type { Here } from './TieContext.tsx';

/** What was measured on this band and pass, and which strands are tied in it. */
export function measuredHere({ tying, band, pass, guide }: Pick<Here, 'tying' | 'band' | 'pass' | 'guide'>): {
  left: LeftMeasured[];
  woven: WovenMeasured[];
  strands?: string[];
  rowsOf?: number | undefined;
} {
  const { left, woven, rowsOf } = tying.progress;
  const isHere = (m: { band: number; pass: number }) => m.band === band && m.pass === pass;
  const cut = guide.tying[pass]?.cut;
  const names = cut?.passes(0).map((p) => cut.spec.strands[p.strand]!.name);
  return {
    left: left.filter(isHere),
    woven: woven.filter(isHere),
    rowsOf: rowsOf?.[band],
    ...(names && guide.tying.length > 1 ? { strands: names } : {}),
  };
}
