import { TAPE } from '../chance/spread.ts';
import { fail, ok, type Result } from '../result.ts';
import { len, percent, type Why, why } from '../why/why.ts';

/** What a photo told of a piece. Lengths in mm. */
export interface Told {
  readonly lengthMm: number;
  readonly sdMm: number;
  readonly widthMm?: number | undefined;
  readonly why: Why;
}

/** A photo that is off by more than this was marked wrongly, or shows another piece. */
const MOST_OFF = 0.25;
/** From so many of its own standard deviations on, the photo and the tape disagree. */
const ODD = 3;

export interface ByTape extends Told {
  /** Said where the tape lies further from the photo than its spread explains. */
  readonly note?: string;
}

/**
 * The maker has laid the tape along the piece: everything that this one photo tells is scaled by it, and is as sure as a tape is. Refused where the two are
 * more than a quarter apart.
 */
export function byTape(told: Told, tapeMm: number | undefined): Result<ByTape> {
  if (tapeMm === undefined) return ok(told);
  const scale = tapeMm / told.lengthMm;
  const off = Math.abs(scale - 1);
  if (!(off <= MOST_OFF))
    return fail({
      code: 'photo-tape',
      path: 'tape',
      message:
        'The tape and the photo are more than a quarter apart: the marks must be wrong, or it is another piece. Nothing is scaled.',
    });
  return ok({
    lengthMm: tapeMm,
    sdMm: TAPE.wovenMm,
    ...(told.widthMm === undefined ? {} : { widthMm: told.widthMm * scale }),
    why: why`by tape, ± ${len(TAPE.wovenMm)}; the photo said ${len(told.lengthMm)}, so all else in it is taken ${percent(scale)} as large`,
    ...(Math.abs(tapeMm - told.lengthMm) > ODD * Math.hypot(told.sdMm, TAPE.wovenMm)
      ? {
          note: 'The tape and the photo are further apart than they should be: look at the corners once more.',
        }
      : {}),
  });
}
