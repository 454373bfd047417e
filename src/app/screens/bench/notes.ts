import type { Band, BandMark } from '../../../core/plan/types.ts';

/** About as wide as a letter of the marks is. */
const PX_PER_LETTER = 7.2;
/** Marks are never laid on more lines than this. */
const MOST_LINES = 6;

export interface Note {
  readonly mark: BandMark;
  readonly line: number;
  readonly anchor: 'start' | 'end';
}

/**
 * What is written under a band: where row 1 starts, and its marks. Words stand beside their marks, each on the first line
 * where they do not run into others or off the mat. `x` gives the pixel of a place on the band.
 */
export function layNotes(
  band: Pick<Band, 'startMm' | 'wovenMm' | 'firstRow' | 'marks'>,
  isPlain: boolean,
  x: (mm: number) => number,
  width: number,
): Note[] {
  const rowOne = band.firstRow === 'start' ? band.startMm : band.startMm + band.wovenMm;
  const marks: BandMark[] = [...(isPlain ? [] : [{ atMm: rowOne, label: '↑ row 1' }]), ...band.marks];
  const taken: [number, number][][] = Array.from({ length: MOST_LINES }, () => []);
  return marks
    .toSorted((a, b) => x(a.atMm) - x(b.atMm))
    .map((mark) => {
      const words = mark.label.length * PX_PER_LETTER + 10;
      const at = x(mark.atMm);
      const anchor = at + words > width - 8 ? 'end' : 'start';
      const span: [number, number] = anchor === 'start' ? [at, at + words] : [at - words, at];
      const free = taken.findIndex((line) => line.every(([a, b]) => span[1] < a || span[0] > b));
      const line = free < 0 ? MOST_LINES - 1 : free;
      taken[line]!.push(span);
      return { mark, line, anchor };
    });
}

/** The first of several wordings, longest first, that finds room in so many pixels; the last where none does. */
export function fitting(texts: readonly string[], px: number, pxPerLetter: number): string {
  return texts.find((t) => t.length * pxPerLetter + 28 < px) ?? texts.at(-1)!;
}
