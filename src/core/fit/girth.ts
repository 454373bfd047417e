import { len, type Why, why } from '../why/why.ts';

/** A girth found without a tape, and how far it may be off. Lengths in mm. */
export interface FoundGirth {
  readonly girthMm: number;
  /** Standard deviation: in one of three it is farther off. */
  readonly sdMm: number;
  readonly why: Why;
}

/** How far each way may be off, as standard deviations: rules of thumb, to be replaced by what is measured. */
export const GIRTH_SD_MM = { strip: 2, string: 3, band: 5 } as const;

/** Thread and thin cord as it is usually at hand, in mm. */
export const USUAL_STRING_MM = 1.5;

/** Read where the paper strip comes out of its slit: the paper itself is as good as flat. */
export const girthByStrip = (readMm: number): FoundGirth => ({
  girthMm: readMm,
  sdMm: GIRTH_SD_MM.strip,
  why: why`${len(readMm)}, as the strip reads at its slit`,
});

/** A string laid round once, marked where it meets, and measured along a ruler: its middle runs half its thickness above the skin. */
export function girthByString(lengthMm: number, stringMm: number): FoundGirth {
  const round = Math.PI * stringMm;
  return {
    girthMm: lengthMm - round,
    sdMm: GIRTH_SD_MM.string,
    why: why`string ${len(lengthMm)} − π × its thickness ${len(stringMm)} = ${len(round)}`,
  };
}

/** A band that fits, closed and measured round its inside, less the room that it leaves. */
export const girthByBand = (insideMm: number, roomMm: number): FoundGirth => ({
  girthMm: insideMm - roomMm,
  sdMm: GIRTH_SD_MM.band,
  why: why`inside of the band ${len(insideMm)} − room in it ${len(roomMm)}`,
});
