import type { StallFigures } from '../formats/stall.gen.ts';

const EVENINGS = [2, 2, 2, 2, 2, 5, 0];

/**
 * What a stall reckons with until it says otherwise: example prices, and wrists by size and age as a tape measures them, a child's
 * about 4 mm more a year.
 */
export const USUAL_STALL: StallFigures = {
  format: 'warp-beam/stall',
  version: 1,
  packs: [
    { lengthMm: 15_000, priceCents: 620 },
    { lengthMm: 30_000, priceCents: 1050 },
  ],
  parts: [
    { part: 'side-release/15', perPack: 10, priceCents: 400 },
    { part: 'shackle/16', perPack: 1, priceCents: 350 },
    { part: 'bead/10', perPack: 20, priceCents: 300 },
  ],
  rateCents: 1200,
  marginPercent: 20,
  roundCents: 50,
  kerfMm: 10,
  keepMm: 400,
  joins: { overlapMm: 20, leastMm: 300, priceCents: 15 },
  sizes: [
    { name: 'S', girthMm: 150 },
    { name: 'M', girthMm: 165 },
    { name: 'L', girthMm: 180 },
    { name: 'XL', girthMm: 200 },
  ],
  ages: [
    { from: 5, to: 6, girthMm: 132 },
    { from: 7, to: 8, girthMm: 140 },
    { from: 9, to: 10, girthMm: 148 },
    { from: 11, to: 12, girthMm: 155 },
    { from: 13, to: 15, girthMm: 162 },
    { from: 16, to: 120, girthMm: 170 },
  ],
  people: [{ name: 'Me', hours: EVENINGS, daysOff: [], hardest: 5 }],
};

/** The girth that a size of the stall's table stands for, in mm; its name in capitals or not. */
export const girthOfSize = ({ sizes }: Pick<StallFigures, 'sizes'>, name: string): number | undefined =>
  sizes.find((s) => s.name.toLowerCase() === name.trim().toLowerCase())?.girthMm;

/** The wrist of someone so many years old, in mm, by the stall's table. */
export const girthOfAge = ({ ages }: Pick<StallFigures, 'ages'>, years: number): number | undefined =>
  ages.find((a) => years >= a.from && years <= a.to)?.girthMm;

type PackPrice = StallFigures['packs'][number];

/** What a cord of a colour is sold in: prices for exactly it, else for the cord, else for any. */
export function packsFor({ packs }: Pick<StallFigures, 'packs'>, cord: string, colour: string): PackPrice[] {
  const closeness = (p: PackPrice) =>
    (p.cord !== undefined && p.cord !== cord) || (p.colour !== undefined && p.colour !== colour)
      ? -1
      : (p.cord === undefined ? 0 : 1) + (p.colour === undefined ? 0 : 2);
  const best = Math.max(-1, ...packs.map(closeness));
  return best < 0 ? [] : packs.filter((p) => closeness(p) === best);
}
