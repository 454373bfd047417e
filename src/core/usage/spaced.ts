import { len, num, why } from '../why/why.ts';
import type { WeaveMetrics } from './metrics.ts';

/**
 * Rows left apart by a share of a cord's diameter, so that cores show between them. A row is that much higher, and every
 * strand runs that much further along in it: (L + s·d) of cord for (h + s·d) of band, an upper bound for strands that go
 * across at a slant.
 */
export function spacedRows(metrics: WeaveMetrics, spacing: number): WeaveMetrics {
  if (spacing <= 0 || metrics.isPlain) return metrics;
  const apart = spacing * metrics.diameterMm;
  const height = metrics.rowHeightMm + apart;
  return {
    ...metrics,
    rowHeightMm: height,
    gapMm: apart,
    strands: metrics.strands.map((s) => ({
      ...s,
      perLength: (s.perLength * metrics.rowHeightMm + apart) / height,
    })),
    source: why`${metrics.source}; rows ${num(spacing)} of a cord apart, ${len(apart)} more for each`,
  };
}
