import type { StallFigures } from '../formats/stall.gen.ts';
import type { Plan } from '../plan/types.ts';
import { packsFor } from '../stall/usual.ts';
import type { Holding } from '../stash/types.ts';
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
  /** How many standard deviations of a length are held back; 1.645 suffices in 19 of 20 hanks. */
  readonly z: number;
  readonly joins?: JoinRule;
  /** What a cord of a colour is sold in. */
  readonly packs: (
    cord: string,
    colour: string,
  ) => readonly { readonly lengthMm: number; readonly priceCents: number }[];
}

/** Cutting as a stall reckons with it. */
export const cuttingOf = (figures: StallFigures): CutOptions => ({
  kerfMm: figures.kerfMm,
  keepMm: figures.keepMm,
  z: 1.645,
  ...(figures.joins ? { joins: figures.joins } : {}),
  packs: (cord, colour) => packsFor(figures, cord, colour),
});

/** A full pack is as long as it says but for so much, as a share: nobody has measured it yet. */
const PACK_SPREAD = 0.01;

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
            reserveMm: Math.ceil(z * PACK_SPREAD * p.lengthMm),
            priceCents: p.priceCents,
          }),
        ),
        kerfMm,
        keepMm,
      },
    };
  });
}
