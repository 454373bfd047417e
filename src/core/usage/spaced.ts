import { len, num, why } from '../why/why.ts';
import type { WeaveMetrics } from './metrics.ts';

/**
 * Rows left apart by a share of a cord's diameter, so that cores show between them. A row is that much higher, and every
 * strand runs that much further along in it: (L + s·d) of cord for (h + s·d) of band, an upper bound for strands that go
 * across at a slant.
 */
export function spacedRows(m: WeaveMetrics, spacing: number): WeaveMetrics {
  if (spacing <= 0 || m.isPlain) return m;
  const apart = spacing * m.diameterMm;
  const height = m.rowHeightMm + apart;
  return {
    ...m,
    rowHeightMm: height,
    gapMm: apart,
    strands: m.strands.map((s) => ({ ...s, perLength: (s.perLength * m.rowHeightMm + apart) / height })),
    source: why`${m.source}; rows ${num(spacing)} of a cord apart, ${len(apart)} more for each`,
  };
}
