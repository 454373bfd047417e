import type { Homography } from './homography.ts';
import { marksOf } from './rowMarks.ts';
import { phaseOf } from './rowPhase.ts';
import { PER_REPEAT, type RowStrip, rowStrip } from './rowStrip.ts';
import type { BandExpected, Point, Raster } from './types.ts';

/** A repeat is looked for between these shares of the expected one; far ones are a little less likely. */
const [LEAST, MOST] = [0.74, 1.36];
const FAR_COST = 0.35;
/** So much better must a repeat of the colours be than that of the weave. */
const COLOUR_GAIN = 0.12;
/** Refused below this correlation. */
const LEAST_PEAK = 0.25;
/** Sure above these, and where the two ways of counting differ by less. */
const SURE_DEPTH = 0.3;
const SURE_MARKS = 0.42;
const MOST_APART = 0.65;

export type RowCount =
  | { readonly kind: 'none'; readonly why: string }
  | {
      readonly kind: 'rows';
      readonly rows: number;
      readonly isSure: boolean;
      /** By the phase and by the marks, not rounded. */
      readonly ways: readonly [number, number];
      /** Where each row ends, as a share of the length, 0 … 1; the last one is the end itself. */
      readonly ticks: readonly number[];
    };

const NOT_ENOUGH = 'Not enough structure in the photo to count its rows.';

/** Counts rows along the middle of a band by their repeat: a steady phase and single marks, which have to agree. */
export function countRows(
  raster: Raster,
  plane: Homography,
  middle: readonly Point[],
  lengthMm: number,
  expected: BandExpected,
): RowCount {
  const repeatMm = expected.rowMm * expected.rowsPerRepeat;
  if (!(repeatMm > 0)) return { kind: 'none', why: 'It has no rows to count.' };
  if (lengthMm < 2.5 * repeatMm) return { kind: 'none', why: 'Too short to tell one repeat from the next.' };
  const strip = rowStrip(raster, plane, middle, expected.widthMm, repeatMm);
  const one = peakNear(strip, PER_REPEAT);
  const m = expected.colourRepeats;
  const many = m > 1 ? peakNear(strip, m * PER_REPEAT) : undefined;
  const usesMany = many !== undefined && many.height > (one?.height ?? 0) + COLOUR_GAIN;
  const peak = usesMany ? many : one;
  if (!peak || peak.height < LEAST_PEAK) return { kind: 'none', why: NOT_ENOUGH };
  const rowsEach = expected.rowsPerRepeat * (usesMany ? m : 1);
  const harmonics = usesMany ? [1, 2, m, 2 * m] : [1, 2, 3];
  const phase = phaseOf(strip, peak.lag, harmonics);
  const marks = marksOf(strip, peak.lag, phase);
  const byPhase = (rowsEach * (phase.at(-1)! - phase[0]!)) / (2 * Math.PI);
  const byMarks = rowsEach * marks.repeats;
  const rows = Math.max(1, Math.round((byPhase + byMarks) / 2));
  return {
    kind: 'rows',
    rows,
    isSure:
      peak.height - peak.trough > SURE_DEPTH &&
      marks.agreement > SURE_MARKS &&
      Math.abs(byPhase - byMarks) < MOST_APART,
    ways: [byPhase, byMarks],
    ticks: ticksOf(phase, rows),
  };
}

/** Rows spread along the phase so that as many as were counted fill it. */
function ticksOf(phase: Float64Array, rows: number): number[] {
  const [from, to] = [phase[0]!, phase.at(-1)!];
  const out: number[] = [];
  let i = 0;
  for (let row = 1; row < rows; row++) {
    const want = from + ((to - from) * row) / rows;
    while (i < phase.length - 2 && phase[i + 1]! < want) i++;
    const t = (want - phase[i]!) / (phase[i + 1]! - phase[i]! || 1);
    out.push((i + Math.max(0, Math.min(1, t))) / (phase.length - 1));
  }
  return [...out, 1];
}

interface Peak {
  /** In samples. */
  readonly lag: number;
  readonly height: number;
  /** The lowest correlation on the way there. */
  readonly trough: number;
}

/** The lag near an expected one at which the strip is most like itself; none where the best is at an edge of the search. */
function peakNear(strip: RowStrip, expected: number): Peak | undefined {
  const most = Math.min(Math.floor(MOST * expected), strip.count - PER_REPEAT);
  const least = Math.ceil(LEAST * expected);
  if (most <= least + 1) return undefined;
  const values = Float64Array.from({ length: most + 2 }, (_, lag) => (lag < 1 ? 1 : likeness(strip, lag)));
  let best = 0;
  let top = Number.NEGATIVE_INFINITY;
  for (let lag = least; lag <= most; lag++) {
    const isTop = values[lag]! >= values[lag - 1]! && values[lag]! >= values[lag + 1]!;
    const value = values[lag]! - FAR_COST * Math.log(lag / expected) ** 2;
    if (isTop && value > top) [best, top] = [lag, value];
  }
  if (best === 0) return undefined;
  const [l, c, r] = [values[best - 1]!, values[best]!, values[best + 1]!];
  const bend = l - 2 * c + r;
  const trough = values.slice(Math.floor(0.3 * best), best).reduce((a, b) => Math.min(a, b), 1);
  return { lag: best + (bend < 0 ? (0.5 * (l - r)) / bend : 0), height: c, trough };
}

/** Correlation of the strip with itself, all lanes and channels together. */
function likeness({ series, count }: RowStrip, lag: number): number {
  let [ab, aa, bb] = [0, 0, 0];
  for (const s of series)
    for (let i = 0; i + lag < count; i++) {
      ab += s[i]! * s[i + lag]!;
      aa += s[i]! ** 2;
      bb += s[i + lag]! ** 2;
    }
  return ab / Math.sqrt(aa * bb || 1);
}
