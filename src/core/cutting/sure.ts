import { below } from '../chance/normal.ts';
import type { CuttingProblem, Piece } from './model.ts';
import type { CutBar } from './plan.ts';

/** Bars with their cuts in the order in which they are made; of a plan, or what is left of it. */
export type Cuts = readonly Pick<CutBar, 'id' | 'bought' | 'pieces'>[];

/** How sure it is that a bar which nobody measured is long enough for its cuts. */
export interface BarChance {
  readonly id: string;
  readonly bought: number;
  readonly chance: number;
  /** What is missing where it is too short: the piece that is cut last. */
  readonly last: Piece;
  /** It could be cut from something else. */
  readonly isMovable: boolean;
}

export interface Sure {
  readonly bars: readonly BarChance[];
  /** Chance that every bar is long enough. */
  readonly all: number;
  /** How many last pieces can be cut from something else, whichever bars turn out short, and the chance that this is enough. */
  readonly spares: number;
  readonly withSpares: number;
}

interface Place {
  readonly id: string;
  readonly bought: number;
  readonly lengthMm: number;
  readonly sdMm: number;
  /** Held back of it, as the plan does. */
  readonly reserveMm: number;
  readonly pieces: readonly Piece[];
  /** What is over beyond the cuts, in mm, if it is as long as it should be; negative where it is short. */
  readonly slackMm: number;
  /** The longest piece that can be cut from it besides. */
  readonly roomMm: number;
}

const keyOf = (p: Pick<CutBar, 'id' | 'bought'>): string => `${p.id}#${p.bought}`;

/** Every bar in hand or in the plan. n pieces need n cuts, the last of which may fall on the end. */
function placesOf({ bars, packs, kerfMm }: CuttingProblem, cuts: Cuts): Place[] {
  const inHand = bars.map((b) => ({ ...b, bought: 0 }));
  const bought = cuts.flatMap((c) => {
    const pack = c.bought > 0 ? packs.find((p) => p.id === c.id) : undefined;
    return pack ? [{ ...pack, bought: c.bought }] : [];
  });
  return [...inHand, ...bought].map(({ id, bought: number, lengthMm, reserveMm, sdMm = 0 }): Place => {
    const pieces = cuts.find((c) => c.id === id && c.bought === number)?.pieces ?? [];
    const used = pieces.reduce((sum, p) => sum + p.lengthMm + kerfMm, 0);
    return {
      id,
      bought: number,
      lengthMm,
      sdMm,
      reserveMm,
      pieces,
      slackMm: lengthMm - used + (pieces.length > 0 ? kerfMm : 0),
      roomMm: lengthMm - reserveMm - used,
    };
  });
}

const chanceOf = (slackMm: number, sdMm: number): number =>
  sdMm > 0 ? below(slackMm / sdMm) : slackMm >= 0 ? 1 : 0;

/**
 * The order of the cuts on each bar: the longest first. The last one is missing where a bar turns out short, and the shortest is cheapest to find another place for: it fits wherever a longer one does. The order
 * changes what a failure costs, not how often there is one.
 */
export const inCuttingOrder = <T extends Cuts[number]>(bars: readonly T[]): T[] =>
  bars.map((bar) => ({ ...bar, pieces: bar.pieces.toSorted((a, b) => b.lengthMm - a.lengthMm) }));

const fitsElsewhere = (places: readonly Place[], bar: Pick<CutBar, 'id' | 'bought'>, piece: Piece): boolean =>
  places.some((p) => keyOf(p) !== keyOf(bar) && p.roomMm >= piece.lengthMm);

/**
 * Chance that what nobody measured is long enough. A length is normal about what it is taken for, so a bar suffices with Φ(slack/σ), and all of them with the
 * product. What is left over elsewhere takes last pieces of bars that turn out short; the chance with these spares is a lower bound: as many of the longest last pieces as fit there, and the bars that
 * hold them in reserve must suffice for those as well.
 */
export function sureOf(problem: CuttingProblem, cuts: Cuts): Sure {
  const places = placesOf(problem, cuts);
  const unsure = places.filter((p) => p.sdMm > 0 && p.pieces.length > 0);
  const all = unsure.reduce((product, p) => product * chanceOf(p.slackMm, p.sdMm), 1);
  let best = { spares: 0, withSpares: all };
  const hosts = places.filter((p) => p.roomMm > 0).sort((a, b) => b.roomMm - a.roomMm);
  for (let n = 1; n <= hosts.length; n++) {
    const held = withHosts(hosts.slice(0, n), unsure, problem.kerfMm);
    if (held.withSpares > best.withSpares + 1e-12) best = held;
  }
  return {
    bars: unsure.map((p) => {
      const last = p.pieces.at(-1)!;
      return {
        id: p.id,
        bought: p.bought,
        chance: chanceOf(p.slackMm, p.sdMm),
        last,
        isMovable: fitsElsewhere(places, p, last),
      };
    }),
    all,
    ...best,
  };
}

/** The chance that all is cut if these places take last pieces of the others. */
function withHosts(
  hosts: readonly Place[],
  unsure: readonly Place[],
  kerfMm: number,
): { readonly spares: number; readonly withSpares: number } {
  const others = unsure.filter((p) => !hosts.includes(p));
  const lasts = others.map((p) => p.pieces.at(-1)!.lengthMm).sort((a, b) => b - a);
  const room = hosts.map((h) => h.roomMm);
  const taken = hosts.map(() => 0);
  let spares = 0;
  for (const mm of lasts) {
    const at = room.findIndex((r) => r >= mm);
    if (at < 0) break;
    room[at]! -= mm + kerfMm;
    taken[at]! += mm + kerfMm;
    spares++;
  }
  const hold = hosts.reduce((product, h, i) => {
    // The kerf of the last cut may fall on the end.
    const slack = h.slackMm - taken[i]! + (h.pieces.length === 0 && taken[i]! > 0 ? kerfMm : 0);
    return product * chanceOf(slack, h.sdMm);
  }, 1);
  return { spares, withSpares: hold * atMost(spares, others, kerfMm) };
}

/** Chance that at most so many bars are one piece short, and none of them more than that (a Poisson-binomial sum). */
function atMost(most: number, bars: readonly Place[], kerfMm: number): number {
  let chances = [1];
  for (const b of bars) {
    const enough = chanceOf(b.slackMm, b.sdMm);
    const oneShort = chanceOf(b.slackMm + b.pieces.at(-1)!.lengthMm + kerfMm, b.sdMm) - enough;
    chances = Array.from(
      { length: Math.min(most, chances.length) + 1 },
      (_, n) => (chances[n] ?? 0) * enough + (chances[n - 1] ?? 0) * oneShort,
    );
  }
  return chances.reduce((sum, p) => sum + p, 0);
}
