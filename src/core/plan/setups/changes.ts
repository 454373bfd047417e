import { cordLetter } from '../../colour/palette.ts';
import type { ColourStretch } from '../../colour/sequence.ts';
import { counted, type Why, why } from '../../why/why.ts';
import type { BandMark, CordPart, Way } from '../types.ts';
import { type SetUp, type SetupContext, startOf, type Uncut } from './context.ts';
import { finish } from './finish.ts';

/** One way to change colours along the band, or why it cannot be. */
export type WayMade =
  | {
      readonly way: Way;
      readonly ok: true;
      readonly setUp: SetUp;
      readonly cordMm: number;
      readonly splices: number;
      readonly words: Why;
    }
  | { readonly way: Way; readonly ok: false; readonly reason: string };

export const totalCut = (setup: SetupContext, cords: readonly Uncut[]): number =>
  cords.reduce((sum, x) => sum + finish({ ...setup, isDraft: true }, x).cutLengthMm, 0);

export const rowMmOf = (setup: SetupContext): number => setup.wovenMm / setup.rows;

export const changeMark = (atMm: number, s: ColourStretch): BandMark => ({
  atMm,
  what: 'change',
  label: `${cordLetter(s.cord)} ${s.from + 1}`,
});

/** The first cord's middle lies behind the cores before row 1. */
export function behind(setup: SetupContext, cores: number): CordPart {
  const d = setup.metrics.diameterMm;
  return {
    what: 'attach',
    lengthMm: ((cores + 2) / 2) * d,
    why: why`half of the way behind the ${counted(cores, 'core')} before the first row`,
    fromMm: startOf(setup),
    toMm: startOf(setup),
  };
}
