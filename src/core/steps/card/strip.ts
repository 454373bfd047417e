import type { Band, BandMark } from '../../plan/types.ts';

/** A stretch of a band at full size, with its ruler and the marks that fall on it. Places from the first bar, in mm. */
interface StripLine {
  readonly fromMm: number;
  readonly toMm: number;
  readonly ticks: readonly { readonly mm: number; readonly isTen: boolean }[];
  readonly marks: readonly BandMark[];
}

const TICK_MM = 5;

/** The band as a 1:1 strip, broken into lines no longer than the paper; marks before the bar or beyond the end are on the first and last. */
export function stripLines(band: Pick<Band, 'startMm' | 'wovenMm' | 'marks'>, widthMm: number): StripLine[] {
  const from = Math.min(0, ...band.marks.map((m) => m.atMm));
  const to = Math.max(band.startMm + band.wovenMm, ...band.marks.map((m) => m.atMm));
  const start = Math.floor(from / TICK_MM) * TICK_MM;
  const step = Math.floor(widthMm / TICK_MM) * TICK_MM;
  const lines: StripLine[] = [];
  for (let at = start; at < to; at += step) {
    const end = Math.min(at + step, Math.ceil(to / TICK_MM) * TICK_MM);
    const isLast = end >= to;
    lines.push({
      fromMm: at,
      toMm: end,
      ticks: Array.from({ length: Math.round((end - at) / TICK_MM) + 1 }, (_, i) => at + i * TICK_MM).map(
        (mm) => ({
          mm,
          isTen: mm % 10 === 0,
        }),
      ),
      marks: band.marks
        .filter((m) => m.atMm >= at && (isLast ? m.atMm <= end : m.atMm < end))
        .toSorted((a, b) => a.atMm - b.atMm),
    });
  }
  return lines;
}
