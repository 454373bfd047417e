import type { Design } from '../formats/design.gen.ts';

/** The chances of not running short that are offered, by the name that designs of older versions have for them. */
export const CHANCES = { 'never-short': 0.999, measured: 0.98, thrifty: 0.9 } as const;

export const LEAST_CHANCE = 0.5;
export const MOST_CHANCE = 0.9999;

/** The chance of not running short that a design asks for: typed, or one of the three; 98 % where it says nothing. */
export const chanceOf = (design: Pick<Design, 'chance' | 'margin'>): number =>
  design.chance ?? CHANCES[design.margin ?? 'measured'];
