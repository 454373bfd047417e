import { quantile } from '../chance/normal.ts';
import type { StallFigures } from '../formats/stall.gen.ts';
import type { Plan } from '../plan/types.ts';
import { packsFor } from '../stall/usual.ts';
import { type Holding, SPREAD } from '../stash/types.ts';
import type { JoinRule } from './joins.ts';
import type { Bar, CuttingProblem, Pack, Piece } from './model.ts';

/** Pieces of one cord and colour, with the bars and packs that they can come from. */
export interface CutGroup {
  readonly key: string;
  readonly cord: string;
  readonly colour: string;
  readonly problem: CuttingProblem;
}

/** A cord of something that is made, by the ids of its type and colour. */
interface WantedCord {
  readonly letter: string;
  readonly cord: string;
  readonly colour: string;
  readonly lengthMm: number;
}

/** Something to be made so many times. */
export interface Wanted {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  /** Its cords may be joined where that is hidden. */
  readonly canJoin?: boolean;
  readonly cords: readonly WantedCord[];
}

/** The cords of a band’s plan, as they are wanted. */
export const cordsOf = (plan: Pick<Plan, 'cords'>): WantedCord[] =>
  plan.cords.map((c) => ({
    letter: c.letter,
    cord: c.cordType,
    colour: c.look.id,
    lengthMm: Math.ceil(c.cutLengthMm),
  }));

export interface CutOptions {
  readonly kerfMm: number;
  readonly keepMm: number;
  /** How many standard deviations of a length that nobody measured are held back. */
  readonly z: number;
  readonly joins?: JoinRule;
  /** What a cord of a colour is sold in. */
  readonly packs: (
    cord: string,
    colour: string,
  ) => readonly { readonly lengthMm: number; readonly priceCents: number }[];
}

/** How often a hank that nobody measured is to suffice for its cuts, where a stall says nothing else. */
export const USUAL_HANK_CHANCE = 0.95;

/** Cutting as a stall reckons with it. */
export const cuttingOf = (figures: StallFigures): CutOptions => ({
  kerfMm: figures.kerfMm,
  keepMm: figures.keepMm,
  z: quantile(figures.hankChance ?? USUAL_HANK_CHANCE),
  ...(figures.joins ? { joins: figures.joins } : {}),
  packs: (cord, colour) => packsFor(figures, cord, colour),
});

/** All cuts of what is wanted, sorted by cord and colour: each group is a problem of its own. */
export function cutGroups(
  wanted: readonly Wanted[],
  holdings: readonly Holding[],
  { kerfMm, keepMm, z, packs }: CutOptions,
): CutGroup[] {
  const groups = new Map<string, { cord: string; colour: string; pieces: Piece[] }>();
  for (const { id, name, count, canJoin, cords } of wanted)
    for (let n = 1; n <= count; n++)
      for (const { letter, cord, colour, lengthMm } of cords) {
        const key = `${cord}|${colour}`;
        const group = groups.get(key) ?? { cord, colour, pieces: [] };
        const which = count > 1 ? ` ${n}` : '';
        group.pieces.push({
          id: `${id}#${n}/${letter}`,
          label: `${name}${which} · ${letter}`,
          lengthMm,
          ...(canJoin ? { canJoin } : {}),
        });
        groups.set(key, group);
      }
  return [...groups].map(([key, { cord, colour, pieces }]): CutGroup => {
    const bars = holdings
      .filter((h) => h.lot.cord === cord && h.lot.colour === colour && h.amount > 0)
      .map(
        (h): Bar => ({
          id: h.lot.id,
          label: h.lot.form,
          lengthMm: Math.floor(h.amount),
          // What was measured by tape is counted as it is.
          reserveMm: h.known === 'tape' ? 0 : Math.ceil(z * h.sd),
          ...(h.known === 'tape' ? {} : { sdMm: h.sd }),
          isOffcut: h.lot.form === 'offcut',
        }),
      );
    return {
      key,
      cord,
      colour,
      problem: {
        pieces,
        bars,
        packs: packs(cord, colour).map(
          (p, i): Pack => ({
            id: `pack-${i}`,
            label: `${p.lengthMm / 1000} m`,
            lengthMm: p.lengthMm,
            reserveMm: Math.ceil(z * SPREAD.pack * p.lengthMm),
            sdMm: SPREAD.pack * p.lengthMm,
            priceCents: p.priceCents,
          }),
        ),
        kerfMm,
        keepMm,
      },
    };
  });
}
